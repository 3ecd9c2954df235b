package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A surface covered with small pieces (craft 3F): N = ceil(k·area/piece area), k by the look, the workshop's own, or from a
 * swatch; scales in rows that close, without k. Colours are shared exactly: banded from foot to top, sharp or softly, or
 * mixed so that neighbours differ.
 */
final class Coverage implements Everywhere {
    private static final Rule CROWDED = new Rule(
            "cover.crowded",
            Level.LOOK,
            "Pieces cover the area more than four times over: they pile up on one another.");
    private static final Rule THIN =
            new Rule("cover.thin", Level.LOOK, "Pieces cover less than a tenth of the area: that is no covering.");
    private static final Rule BIG =
            new Rule("cover.out-of-zone", Level.STOP, "A piece is larger than its zone is high.");
    private static final Rule MANY = new Rule(
            "cover.many",
            Level.STOP,
            "So many pieces are more than can be planned one by one: only as many as that are drawn and counted.");

    /** More than this many is a sprinkle, and is weighed. */
    private static final int MOST = 30_000;

    private static final double PILES = 4;
    private static final double BARE = 0.1;
    /** Small pieces hang on a dab in their middle, larger ones want gel all over, mm (craft 1). */
    private static final double DAB_MM = 30;

    private static final Field SHAPE = Choices.field("shape", "Pieces", Cover.values(), c -> c.words);
    private static final Field MATERIAL = Material.field(
            "Cut from", Material.WAFER, Material.GUM, Material.HALF, Material.FONDANT, Material.CHOCOLATE);
    private static final Field BY = Choices.field("by", "How many", By.values(), b -> b.words);
    private static final Field LOOK = Choices.field("look", "Look", Look.values(), l -> l.words);
    private static final Field SPREAD = Choices.field("spread", "Colours", Shades.Pattern.values(), s -> s.words);
    private static final Field BENT = Choices.field("bent", "They lie", Bent.values(), b -> b.words);

    private enum By {
        LOOK("by the look"),
        OWN("by your own factor"),
        SWATCH("by a swatch");

        private final String words;

        By(String words) {
            this.words = words;
        }
    }

    /** Three densities, k for discs (craft 3F). */
    private enum Look {
        LUSH(2, "lush"),
        LIGHT(1.5, "light"),
        SPARSE(1.25, "sparse");

        private final double k;
        private final String words;

        Look(double k, String words) {
            this.k = k;
            this.words = words;
        }
    }

    /** How far their free edge stands off, radians. */
    private enum Bent {
        BENT(0.3, "bent, standing off"),
        FLAT(0, "flat");

        private final double lean;
        private final String words;

        Bent(double lean, String words) {
            this.lean = lean;
            this.words = words;
        }
    }

    private record Settings(
            Cover shape,
            Material material,
            double size,
            By by,
            Look look,
            double own,
            double patch,
            int inPatch,
            Shades.Pattern spread,
            int seed,
            Bent bent,
            double visible) {
        /** N = ceil(k·area/piece area); by a swatch as many as lie in one of its size. */
        double many(double area) {
            double k = by == By.OWN ? own : shape.k(look.k);
            return by == By.SWATCH
                    ? Math.max(1, Rounding.ceil(area * inPatch / (patch * patch)))
                    : count(k, area, shape.area(size));
        }

        double thick() {
            return !material.sheets().isEmpty() ? 0.4 : material == Material.CHOCOLATE ? 2 : 1;
        }
    }

    /** ceil(k·area/piece area), at least 1; mm². */
    static double count(double k, double area, double each) {
        return Math.max(1, Rounding.ceil(k * area / each));
    }

    @Override
    public String id() {
        return "cover";
    }

    @Override
    public String name() {
        return "Covering of pieces";
    }

    @Override
    public List<Rule> rules() {
        return List.of(CROWDED, THIN, BIG, MANY);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of(
                "shape",
                "material",
                "size",
                "by",
                "look",
                "own",
                "patch",
                "inPatch",
                "spread",
                "seed",
                "bent",
                "visible");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double size = Math.max(4, Math.min(22, place.onTape(place.zone().height() / 5)));
        return List.of(
                SHAPE,
                MATERIAL,
                Field.length("size", "Each", 2, 150, size, "Across, or its length."),
                BY,
                LOOK,
                Field.share("own", "Your own factor", 0.05, 8, 2, "Area of all pieces to the area they cover."),
                Field.length("patch", "Swatch, each way", 20, 200, 60, "A square about as wide as a palm."),
                Field.count("inPatch", "Pieces counted in it", 1, 500, 20, "As many as look right to you."),
                SPREAD,
                Field.count("seed", "Another mix", 1, 999, 1, "The same number always looks the same."),
                BENT,
                Field.share("visible", "A scale shows", 0.2, 1, 0.6, "Of its height; the row above hides the rest."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Cover.values(), chosen.choice("shape")),
                Material.of(chosen.choice("material")),
                chosen.number("size"),
                Choices.of(By.values(), chosen.choice("by")),
                Choices.of(Look.values(), chosen.choice("look")),
                chosen.number("own"),
                chosen.number("patch"),
                chosen.count("inPatch"),
                Choices.of(Shades.Pattern.values(), chosen.choice("spread")),
                chosen.count("seed"),
                Choices.of(Bent.values(), chosen.choice("bent")),
                chosen.number("visible"));
        double area = place.area();
        double wanted = set.shape() == Cover.SCALE ? 0 : set.many(area);
        List<Spread.Spot> spots = set.shape() == Cover.SCALE
                ? Spread.scales(place, set.size(), set.visible(), MOST)
                : Spread.over(place, (int) Math.min(MOST, wanted), set.shape().seen(set.size()), set.seed());
        int[] colours = Shades.of(spots, place.turns(), set.spread(), set.seed(), place.zone(), set.size());
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, place, spots, colours);
        double covers = spots.size() * set.shape().area(set.size()) / area;
        work.lead("pieces", set.shape().words, Quantity.count(spots.size()))
                .lead("each", Quantity.length(set.size()))
                .lead("in-a-palm", "in a palm", Quantity.plain(Rounding.halfUp(spots.size() * 3600 / area, 1)))
                .figure("Area", Quantity.text(Math.round(area / 100) + " cm²"))
                .figure("Pieces to area", Quantity.plain(Rounding.halfUp(covers, 0.01)));
        handles(work, set, place);
        judge(work, set, place, wanted, covers);
        make(work, set, place, colours);
        return work.done();
    }

    private static void draw(
            DressingBuilder work, Settings set, DressingContext place, List<Spread.Spot> spots, int[] colours) {
        int shape = work.piece(set.shape().outline(set.shape().seen(set.size())));
        for (int i = 0; i < spots.size(); i++) {
            Spread.Spot at = spots.get(i);
            work.put(shape, at.s(), at.z(), set.shape().turn(at.chance()), 1, colours[i]);
            if (set.bent() == Bent.BENT) {
                work.lean(set.bent().lean);
            }
        }
    }

    private static void handles(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        double z = place.middleZ();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.size() / 2).s(), z));
        }
        work.handle(new Handle("size", "Rim of a piece", Handle.Way.ALONG, 2, 2, 150, grips));
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, double wanted, double covers) {
        double room = place.zone().height();
        double seen = set.shape().seen(set.size());
        if (!Rounding.atMost(seen, room)) {
            double fits = Math.max(2, Rounding.floor(room * set.size() / seen));
            work.find(
                    BIG,
                    Phrase.of(
                            "Pieces of {} do not lie in a zone {} high.", Quantity.length(seen), Quantity.length(room)),
                    Mend.setting(Phrase.of("Take {}", Quantity.length(fits)), "size", fits));
        }
        if (wanted > MOST) {
            double larger = Rounding.ceil(set.size() * Math.sqrt(wanted / MOST) * 1.2);
            work.find(
                    MANY,
                    Phrase.of("It asks for more than {} pieces.", Quantity.count(MOST)),
                    set.by() == By.SWATCH
                            ? usual()
                            : Mend.setting(
                                    Phrase.of("Take {}", Quantity.length(Math.min(150, larger))),
                                    "size",
                                    Math.min(150, larger)));
        } else if (set.shape() != Cover.SCALE && covers > PILES) {
            work.find(
                    CROWDED,
                    Phrase.of("They cover the area {} times over.", Quantity.plain(Rounding.halfUp(covers, 0.1))),
                    usual());
        } else if (covers < BARE) {
            work.find(THIN, Phrase.of("They cover {} of the area.", Quantity.share(covers)), usual());
        }
    }

    private static Mend usual() {
        return Mend.setting(Phrase.of("As many as look lush"), "by", "look");
    }

    private static void make(DressingBuilder work, Settings set, DressingContext place, int[] colours) {
        TreeMap<Integer, Integer> piles = new TreeMap<>();
        for (int colour : colours) {
            piles.merge(colour, 1, Integer::sum);
        }
        boolean sheet = !set.material().sheets().isEmpty();
        Spare spare = sheet ? Spare.USUAL : set.material().spare();
        Phrase what = Phrase.of("{} of {}", Quantity.text(set.shape().one), Quantity.length(set.size()));
        piles.forEach((colour, many) -> {
            if (set.shape().isRound()) {
                work.cutRound(what, set.material(), set.thick(), colour, set.size(), many, spare);
            } else {
                work.cut(what, set.material(), set.thick(), colour, set.shape().outline(set.size()), many, spare);
            }
        });
        work.tool(sheet ? ThingKind.PUNCH : ThingKind.CUTTER, "size", set.size(), 0.5);
        boolean dab = sheet && set.size() <= DAB_MM;
        int n = colours.length;
        work.adhesive(dab ? Adhesive.GLUE : set.material().adhesive())
                .step(
                        Phrase.of(
                                sheet
                                        ? "Colour the sheets dry, punch {} pieces and lay them in {} piles by colour."
                                        : "Roll and cut {} pieces and lay them in {} piles by colour.",
                                Quantity.count(n),
                                Quantity.count(piles.size())),
                        sheet ? "punch, dry brush" : "roller, cutter",
                        Rate.COVER_PIECE.minutes(n) / 2)
                .check("{} piles, spares with them.", Quantity.count(piles.size()))
                .step(
                        Phrase.of(
                                set.bent() == Bent.BENT
                                        ? "Bend {} pieces a little and stick each by its middle, from the foot up, {}."
                                        : "Stick {} pieces from the foot up, {}.",
                                Quantity.count(n),
                                Quantity.text(work.order())),
                        dab ? "fine brush, a thin dab of glue" : "soft brush",
                        Rate.COVER_PIECE.minutes(n) / 2,
                        null,
                        sheet ? Cautions.WAFER : "")
                .check("At half the height {} pieces are used.", Quantity.count(n / 2));
    }
}
