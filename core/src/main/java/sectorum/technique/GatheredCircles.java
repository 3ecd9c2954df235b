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
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Circles gathered in their middles and set close in coarse icing, row by row from the surface's edge: on a side, its rim and
 * its top. A circle of d pulls in to 0.6 d and takes d²·π/4/2.8 of the area (craft 3F), so rows and places are
 * d·√(π/4/2.8) apart.
 */
final class GatheredCircles implements Everywhere {
    private static final Rule BIG =
            new Rule("gathered.out-of-zone", Level.STOP, "A gathered circle is wider than its zone is deep.");
    private static final Rule THIN = new Rule(
            "gathered.thin",
            Level.LOOK,
            "In less than 2 mm of icing gathered circles do not stand; in more than 8 they sink.");

    private static final double LEAST_ICING = 2;
    private static final double MOST_ICING = 8;
    private static final double USUAL_ICING = 4;
    /** Gathered circles by their flat area, times the area they take (craft 3F). */
    private static final double K = 2.8;

    private static final Field MATERIAL =
            Material.field("Cut from", Material.WAFER, Material.GUM, Material.HALF, Material.FONDANT);
    private static final Field SPREAD = Choices.field("spread", "Colours", Shades.Pattern.values(), p -> p.words);

    private record Settings(
            Material material, double size, double close, double icing, Shades.Pattern spread, int seed) {
        double seen() {
            return Cover.GATHERED.seen(size);
        }

        /** From one to the next, mm. */
        double apart() {
            return size * Math.sqrt(Math.PI / 4 / K) / close;
        }

        double thick() {
            return material.sheets().isEmpty() ? 1 : 0.4;
        }
    }

    @Override
    public String id() {
        return "gathered";
    }

    @Override
    public String name() {
        return "Gathered circles";
    }

    @Override
    public List<Rule> rules() {
        return List.of(BIG, THIN);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "size", "close", "icing", "spread", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double size = Math.max(6, Math.min(60, place.onTape(place.zone().height() / 2)));
        return List.of(
                MATERIAL,
                Field.length("size", "Cut across", 4, 200, size, "Flat, before it is gathered."),
                Field.share("close", "How close", 0.5, 1.5, 1, "1 as usual; more is closer."),
                Field.length("icing", "Icing beneath", 0.5, 20, USUAL_ICING, "Coarse, not smoothed."),
                SPREAD,
                Seeded.SEED);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                chosen.number("size"),
                chosen.number("close"),
                chosen.number("icing"),
                Choices.of(Shades.Pattern.values(), chosen.choice("spread")),
                chosen.count("seed"));
        List<Spread.Spot> spots = spots(set, place);
        int[] colours = Shades.of(spots, place.turns(), set.spread(), set.seed(), place.zone(), 1.5 * set.apart());
        DressingBuilder work = new DressingBuilder(place);
        int shape = work.piece(Cover.GATHERED.outline(set.seen()));
        for (int i = 0; i < spots.size(); i++) {
            Spread.Spot at = spots.get(i);
            work.put(shape, at.s(), at.z(), 2 * Math.PI * at.chance(), 1, colours[i])
                    .off(set.icing(), 0);
        }
        double icing = place.area() * set.icing() / 1000 * Material.BUTTERCREAM.density();
        work.lead("circles", Quantity.count(spots.size()))
                .lead("each", Quantity.length(set.size()))
                .lead("of icing", Quantity.mass(icing))
                .figure("Gathered to", Quantity.length(set.seen()))
                .figure("Rows", Quantity.count(rows(set, place)));
        handle(work, set, place);
        judge(work, set, place);
        make(work, set, place, colours, icing);
        return work.done();
    }

    private static int rows(Settings set, DressingContext place) {
        double room = place.zone().height() - set.seen();
        return room <= 0 ? 1 : 1 + (int) Math.max(0, Rounding.halfUp(room / set.apart(), 1));
    }

    /** Row by row from the edge, every other one between those before. */
    private static List<Spread.Spot> spots(Settings set, DressingContext place) {
        int rows = rows(set, place);
        double room = Math.max(0, place.zone().height() - set.seen());
        double first = place.zone().foot() + Math.min(set.seen(), place.zone().height()) / 2;
        List<Spread.Spot> spots = new ArrayList<>();
        for (int j = 0; j < rows; j++) {
            double z = rows == 1 ? first : first + j * room / (rows - 1);
            for (Along at : LevelRow.of(place, z, set.apart(), set.seen(), 0, j % 2 == 1)
                    .places()) {
                spots.add(new Spread.Spot(at.s(), z, Seeded.share(set.seed(), spots.size())));
            }
        }
        return spots;
    }

    private static void handle(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.seen() / 2).s(), place.middleZ()));
        }
        // Of what is cut six tenths are seen.
        work.handle(new Handle("size", "Rim of a circle", Handle.Way.ALONG, 2 / Cover.GATHERED.seen(1), 4, 200, grips));
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place) {
        if (!Rounding.atMost(set.seen(), place.zone().height())) {
            double fits = Math.max(4, Rounding.floor(place.zone().height() / Cover.GATHERED.seen(1)));
            work.find(
                    BIG,
                    Phrase.of(
                            "Circles gathered to {} do not stand in {}.",
                            Quantity.length(set.seen()),
                            Quantity.length(place.zone().height())),
                    Mend.setting(Phrase.of("Cut {}", Quantity.length(fits)), "size", fits));
        }
        if (set.icing() < LEAST_ICING || set.icing() > MOST_ICING) {
            work.find(
                    THIN,
                    Phrase.of("{} of icing beneath them.", Quantity.length(set.icing())),
                    Mend.setting(Phrase.of("Spread {}", Quantity.length(USUAL_ICING)), "icing", USUAL_ICING));
        }
    }

    private static void make(DressingBuilder work, Settings set, DressingContext place, int[] colours, double icing) {
        TreeMap<Integer, Integer> piles = new TreeMap<>();
        for (int colour : colours) {
            piles.merge(colour, 1, Integer::sum);
        }
        boolean sheet = !set.material().sheets().isEmpty();
        Spare spare = sheet ? Spare.USUAL : set.material().spare();
        Phrase what = Phrase.of("Circle of {} to gather", Quantity.length(set.size()));
        piles.forEach(
                (colour, many) -> work.cutRound(what, set.material(), set.thick(), colour, set.size(), many, spare));
        work.used(Material.BUTTERCREAM, Making.UNCOLOURED, 0, icing, 0);
        work.tool(sheet ? ThingKind.PUNCH : ThingKind.CUTTER, "size", set.size(), 1);
        work.draw(() -> Cover.card("gathered-circle", Flat.circle(set.size(), 60), what));
        int n = colours.length;
        work.adhesive(Adhesive.ITSELF)
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                "Cut {} circles and lay them in {} piles by colour; pinch each in its middle so that its rim"
                                        + " stands.",
                                Quantity.count(n),
                                Quantity.count(piles.size())),
                        sheet ? "punch, dry hands" : "cutter",
                        Rate.GATHERED.minutes(n) / 2)
                .check("{} piles, spares with them.", Quantity.count(piles.size()))
                .step(
                        Gesture.SPREAD,
                        Phrase.of(
                                "Spread {} of icing {} thick and leave it coarse.",
                                Quantity.mass(icing),
                                Quantity.length(set.icing())),
                        "palette knife",
                        Rate.COATED_DM2.minutes(place.area() / 10_000))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "While it is soft press {} circles in by their pinched middles, the outermost row first, close"
                                        + " together, {}.",
                                Quantity.count(n),
                                Quantity.text(work.order())),
                        "fingers, tweezers",
                        Rate.GATHERED.minutes(n) / 2,
                        null,
                        sheet ? Cautions.WAFER : "")
                .check("No icing is seen between them from the front.");
    }
}
