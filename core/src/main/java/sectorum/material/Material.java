package sectorum.material;

import static sectorum.material.Adhesive.EXTRACT;
import static sectorum.material.Adhesive.GEL;
import static sectorum.material.Adhesive.GLUE;
import static sectorum.material.Adhesive.HOLLOW;
import static sectorum.material.Adhesive.ITSELF;
import static sectorum.material.Adhesive.WATER;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;

/**
 * What things are made of, one row each: nothing else in the house asks which material it has before it. Densities are
 * starting values that weighing corrects (craft 4.3); hours of drying those of 2 mm with both faces free (craft 4.2).
 */
public enum Material {
    FONDANT(row("fondant", Shaping.KNEADED, 1.35)
            .coats()
            .stuck(WATER, GLUE, EXTRACT, Adhesive.CHOCOLATE, Adhesive.ROYAL)
            .dries(36)
            .staysFirm()
            .powder(Powder.SOFT)),
    HALF(row("half-and-half", Shaping.KNEADED, 1.38)
            .stuck(WATER, GLUE, EXTRACT, Adhesive.CHOCOLATE, Adhesive.ROYAL)
            .dries(16)
            .brings("egg")
            .hard()
            .powder(Powder.SOFT)
            .mixed("fondant", 0.5)
            .mixed("gum", 0.5)),
    GUM(row("gum paste", Shaping.KNEADED, 1.4)
            .stuck(GLUE, Adhesive.ROYAL, Adhesive.CHOCOLATE)
            .dries(10)
            .brings("egg")
            .hard()),
    MODELLING(row("modelling paste", Shaping.KNEADED, 1.38)
            .coats()
            .stuck(WATER, GLUE, EXTRACT, Adhesive.CHOCOLATE, Adhesive.ROYAL)
            .dries(20)
            .powder(Powder.MODELLING)
            .mixed("fondant", 1)),
    CHOCOLATE(row("chocolate", Shaping.MELTED, 1.3)
            .coats()
            .stuck(Adhesive.CHOCOLATE, Adhesive.ROYAL)
            .shuns(Medium.WATER, Medium.STEAM)
            .brings("milk", "soy")
            .fragile()
            .sets(15, 60)),
    GANACHE(row("ganache", Shaping.PIPED, 1.2)
            .fills()
            .coats()
            .on(Adhesive.CHOCOLATE)
            .stuck(ITSELF)
            .shuns(Medium.WATER, Medium.STEAM)
            .brings("milk", "soy")
            .coatRests(8)),
    BUTTERCREAM(row("buttercream", Shaping.PIPED, 0.95)
            .fills()
            .stuck(ITSELF)
            .shuns(Medium.WATER, Medium.STEAM)
            .brings("milk")
            .deepens()),
    ROYAL(row("royal icing", Shaping.PIPED, 1.35)
            .coats()
            .stuck(ITSELF)
            .shuns(Medium.OIL)
            .dries(12)
            .brings("egg")
            .hard()),
    SUGAR(row("cooked sugar", Shaping.MELTED, 1.5)
            .stuck(Adhesive.ROYAL)
            .shuns(Medium.WATER, Medium.STEAM)
            .hard()
            .fragile()
            .sets(45, 60)
            .hot()),
    SUGAR_SHEET(row("sugar sheet", Shaping.MELTED, 1.5)
            .stuck(Adhesive.ROYAL)
            .shuns(Medium.WATER, Medium.STEAM)
            .dries(24)
            .hard()
            .fragile()),
    /** Spread into a mat and dried overnight; its density is a usual one. */
    LACE(row("edible lace", Shaping.MELTED, 1.1).stuck(WATER, GLUE).shuns(Medium.STEAM)),
    PEARL(row("sugar pearls", Shaping.COUNTED, 1.5)
            .sized()
            .stuck(HOLLOW, Adhesive.ROYAL)
            .hard()),
    /** Fruit and sweets are counted by the piece; their densities are usual ones. */
    FRUIT(row("fresh fruit", Shaping.COUNTED, 0.95).stuck(ITSELF, Adhesive.CHOCOLATE)),
    SWEETS(row("sweets", Shaping.COUNTED, 1.3)
            .stuck(Adhesive.ROYAL, Adhesive.CHOCOLATE)
            .hard()),
    /** Its density is an estimate: it is counted in sheets, its mass only carries. */
    WAFER(row("wafer paper", Shaping.SHEET, 0.7)
            .stuck(GEL, GLUE)
            .shuns(Medium.SPIRIT, Medium.OIL, Medium.WATER, Medium.STEAM)
            .fragile()
            .sheet("A4", 210, 297)
            .sheet("A5", 148, 210)),
    /** What is strewn is weighed as it is; its density is that of a heap, an estimate. */
    CRUMBS(row("cake crumbs", Shaping.STREWN, 0.35)
            .covers(9, 3)
            .stuck(ITSELF, GEL)
            .brings("gluten", "egg", "milk")),
    FLAKES(row("chocolate flakes", Shaping.STREWN, 0.4)
            .covers(7, 3)
            .stuck(ITSELF, GEL)
            .brings("milk", "soy")),
    SPRINKLES(row("sugar sprinkles", Shaping.STREWN, 0.8).covers(14, 2).stuck(GEL, ITSELF)),
    MOSS(row("sponge moss", Shaping.STREWN, 0.2).covers(5, 3).stuck(ITSELF, GEL).brings("gluten", "egg")),
    GLITTER(row("edible glitter", Shaping.STREWN, 0.5).covers(0.4, 1).dusty().stuck(GEL, GLUE)),
    /** What finishes are made of; densities are usual ones. */
    DUST(row("edible dust", Shaping.STREWN, 0.6).dusty().stuck(Adhesive.NONE)),
    LEAF(row("edible leaf", Shaping.STREWN, 1).dusty().stuck(Adhesive.NONE)),
    SPIRIT(row("clear spirit", Shaping.LIQUID, 0.8).stuck(Adhesive.NONE).brings("alcohol")),
    OIL(row("clear oil for colours", Shaping.LIQUID, 0.92).stuck(Adhesive.NONE)),
    /** What is inside a cake; densities of fillings are usual ones, those of cake the build's (craft 5.1). */
    SYRUP(row("syrup", Shaping.LIQUID, 1.25).stuck(Adhesive.NONE)),
    JAM(row("fruit filling", Shaping.PIPED, 1.25).fills().soft().stuck(ITSELF)),
    CURD(row("fruit curd", Shaping.PIPED, 1.1).fills().soft().stuck(ITSELF).brings("egg", "milk")),
    CREAM(row("whipped cream", Shaping.PIPED, 0.5).fills().soft().stuck(ITSELF).brings("milk")),
    PIPING_GEL(row("piping gel", Shaping.PIPED, 1.25).soft().stuck(ITSELF)),
    SPONGE(row("sponge", Shaping.BAKED, 0.7).stuck(ITSELF).brings("egg", "gluten", "milk")),
    RICH_CAKE(row("rich cake", Shaping.BAKED, 0.95).stuck(ITSELF).brings("egg", "gluten", "milk")),
    FRUIT_CAKE(row("fruit cake", Shaping.BAKED, 1.15).stuck(ITSELF).brings("egg", "gluten", "milk", "nuts")),
    AIRBRUSH(row("airbrush colour", Shaping.LIQUID, 1).stuck(Adhesive.NONE)),
    GLAZE(row("edible glaze", Shaping.LIQUID, 0.9).stuck(Adhesive.NONE).brings("alcohol"));

    private final MaterialRow row;
    private final String key;

    Material(MaterialRow row) {
        this.row = row;
        this.key = name().toLowerCase(Locale.ROOT);
    }

    private static MaterialRow row(String words, Shaping shaping, double density) {
        return new MaterialRow(words, shaping, density);
    }

    /** How it comes to be a piece. */
    public enum Shaping {
        /** Kneaded, rolled and cut, or formed by hand. */
        KNEADED,
        /** Bought in sheets and cut. */
        SHEET,
        /** Melted or boiled, and poured. */
        MELTED,
        /** Spread or piped: an icing. */
        PIPED,
        /** Bought piece by piece. */
        COUNTED,
        /** Weighed and strewn. */
        STREWN,
        /** Brushed or sprayed on. */
        LIQUID,
        /** Cake: mixed, baked and cut into layers. */
        BAKED
    }

    /** A part of a mix, by mass. */
    public record Portion(Material material, double share) {}

    /** A sheet that it is sold in, mm. */
    public record SheetSize(String name, double width, double length) {}

    /**
     * How it sets where it does not dry, minutes.
     *
     * @param likely about so long
     * @param least for certain
     */
    public record Setting(int likely, int least) {}

    public String words() {
        return row.words;
    }

    public String key() {
        return key;
    }

    public Shaping shaping() {
        return row.shaping;
    }

    /** g/cm³. */
    public double density() {
        return row.density;
    }

    public boolean isKneaded() {
        return row.shaping == Shaping.KNEADED;
    }

    public boolean isIcing() {
        return row.shaping == Shaping.PIPED;
    }

    /** Whether it is only weighed, and strewn, brushed or sprayed on. */
    public boolean isWeighed() {
        return row.shaping == Shaping.STREWN || row.shaping == Shaping.LIQUID;
    }

    /** Whether it is bought by the size of a piece. */
    public boolean isSized() {
        return row.sized;
    }

    /** Whether a piece can be made of it. */
    public boolean isShaped() {
        return row.shaping != Shaping.COUNTED && row.shaping != Shaping.BAKED && !isWeighed() && !row.soft;
    }

    /** Whether it spoils where that touches it (craft 3J). */
    public boolean shuns(Medium medium) {
        return row.shuns.contains(medium);
    }

    /** What of it covers well, g to 100 cm²: a starting value until a swatch is weighed; 0 for what is not strewn. */
    public double strewn() {
        return row.strewn;
    }

    /** About how large a speck of it is, mm; 0 for what is not strewn. */
    public double speck() {
        return row.speck;
    }

    /** Whether it flies: nobody should breathe it (craft 5.5). */
    public boolean isDusty() {
        return row.dusty;
    }

    /** Whether it is bought ready and only cut, or only put on: nothing of it is kneaded, mixed or melted. */
    public boolean isBoughtReady() {
        return row.shaping == Shaping.SHEET || row.shaping == Shaping.COUNTED || isWeighed();
    }

    /** Allergens it usually brings with it; the packet rules (craft 5.5). */
    public List<String> allergens() {
        return row.allergens;
    }

    /** Whether it is hard under the teeth on the cake. */
    public boolean isHard() {
        return row.hard;
    }

    /** Whether it never gets hard, only firm, however long it dries. */
    public boolean isOnlyFirm() {
        return row.firm;
    }

    /** Hours until 2 mm of it with both faces free are hard in the usual room; not a number for what does not dry. */
    public double dryingHours() {
        return row.dryingHours;
    }

    /** How it sets where it cools instead of drying; absent: it does not. */
    @Absent
    public Setting setting() {
        return row.setting;
    }

    /** Whether it is worked so hot that it burns. */
    public boolean isHot() {
        return row.hot;
    }

    /** Hours that a coat of it rests in the room before the next; 0: it is chilled instead. */
    public double coatRests() {
        return row.coatRests;
    }

    /** Whether a strong dark colour of it gets deeper for half a day (craft 4.2). */
    public boolean deepens() {
        return row.deepens;
    }

    /** Whether tiers are coated or covered with it. */
    public boolean coats() {
        return row.coats;
    }

    /** Whether layers are filled with it. */
    public boolean fills() {
        return row.fills;
    }

    /** Whether it holds no form: it is spread between layers, or sticks. */
    public boolean isSoft() {
        return row.soft;
    }

    /** Whether it is cake. */
    public boolean isBaked() {
        return row.shaping == Shaping.BAKED;
    }

    /** CMC kneaded into it. */
    public Powder powder() {
        return row.powder;
    }

    /** What it is mixed from; itself where it is bought as it is. */
    public List<Portion> mixed() {
        return row.mixed.isEmpty()
                ? List.of(new Portion(this, 1))
                : row.mixed.stream()
                        .map(m -> new Portion(of(m.key()), m.share()))
                        .toList();
    }

    /** Whether one mixes it oneself from others. */
    public boolean isMixed() {
        return !row.mixed.isEmpty();
    }

    /** Sheets that it is usually sold in, the usual one first; empty for what comes in none. */
    public List<SheetSize> sheets() {
        return row.sheets;
    }

    /** Pieces made beside those needed, where nobody knows better. */
    public Spare spare() {
        return row.spare;
    }

    /** What holds a piece of it on a covering of fondant. */
    public Adhesive adhesive() {
        return row.on == null ? row.schools.get(0) : row.on;
    }

    /** What else holds it, by school, the usual one first (craft 1, 4.3). */
    public List<Adhesive> adhesives() {
        return row.schools;
    }

    /** A field to choose one of these by. */
    public static Field field(String label, Material... offered) {
        List<Field.Choice> choices = Arrays.stream(offered)
                .map(p -> new Field.Choice(p.key(), p.words()))
                .toList();
        return Field.choice("material", label, choices, offered[0].key());
    }

    /** The material of that name in documents; whoever calls has checked the name against a field's choices. */
    public static Material of(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    /** Grams of a sheet: area in mm² times thickness in mm. */
    public double sheet(double areaMm2, double thicknessMm) {
        return areaMm2 * thicknessMm / 1000 * density();
    }

    /** Grams of a ball of a diameter in mm. */
    public double ball(double diameterMm) {
        return Math.PI * Elementary.pow(diameterMm, 3) / 6 / 1000 * density();
    }

    /** Grams of an extruded or piped line: length times the section of a round opening, both mm. */
    public double line(double lengthMm, double diameterMm) {
        return sheet(lengthMm, Math.PI * diameterMm * diameterMm / 4);
    }
}
