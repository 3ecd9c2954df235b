package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A marbled coat made flat on acetate and wrapped: veins are laid first, for the face on the acetate is what shows; colours by
 * their shares (craft 3G).
 */
final class Marbled implements Technique {
    private static final Rule ONE =
            new Rule("marbled.one-colour", Level.LOOK, "Of one colour alone there are no veins: give it a second.");
    private static final Rule TAB = FlatCoat.tab("marbled.tab");

    private static final Field MATERIAL = Material.field("Of", Material.BUTTERCREAM, Material.GANACHE);

    private record Settings(Material material, double deep, double tab, int veins, double vein, int seed) {}

    @Override
    public String id() {
        return "marbled";
    }

    @Override
    public String name() {
        return "Marbled coat";
    }

    @Override
    public List<Rule> rules() {
        return List.of(ONE, TAB);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "deep", "tab", "veins", "vein", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return List.of(
                MATERIAL,
                Field.length("deep", "Coat deep", 1, 20, 5, "From the acetate to the coat beneath."),
                FlatCoat.TAB,
                Field.count("veins", "Veins of each colour", 1, 40, place.colours() < 2 ? 1 : 8, "All round."),
                Field.length("vein", "A vein, wide", 0.5, 40, 5, "At its middle."),
                Field.count("seed", "Another marble", 1, 999, 1, "The same number always looks the same."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                chosen.number("deep"),
                chosen.number("tab"),
                chosen.count("veins"),
                chosen.number("vein"),
                chosen.count("seed"));
        double around = place.aroundMiddle();
        double high = place.zone().height();
        double sheet = around + set.tab();
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, place);
        double grams = set.material().sheet(place.area(), set.deep());
        Map<Integer, Integer> parts = place.turns().shared(place.colours());
        parts.forEach((colour, of) -> {
            double each = grams * of / place.colours();
            if (colour == 0) {
                work.made(Phrase.of("Ground"), set.material(), 0, high, 1, Spare.NONE, each);
            } else {
                work.used(set.material(), colour, 0, each, 0);
            }
        });
        work.lead("sheet", Quantity.length(sheet))
                .lead("high", Quantity.length(high))
                .lead("in all", Quantity.mass(grams))
                .figure("Coat", Quantity.length(set.deep()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), place.middleZ()));
        }
        work.handle(new Handle("vein", "Width of a vein", Handle.Way.UP, 1, 0.5, 40, grips));
        judge(work, set, parts.size());
        steps(work, set, sheet, parts.size());
        work.draw(() -> Cover.card(
                "marble-sheet",
                Flat.rectangle(0, 0, sheet, high),
                Phrase.of("Acetate sheet, {} long", Quantity.length(sheet))));
        return work.done();
    }

    /** The ground all round, then veins that wander; each closes on itself only by chance, as marble does. */
    private static void draw(DressingBuilder work, Settings set, DressingContext place) {
        double foot = place.zone().foot();
        double high = place.zone().height();
        double around = place.along(foot);
        int ground = work.piece(place.surface().patch(0, place.surface().period(), place.zone()));
        work.put(ground, place.surface().period() / 2, foot, 0, 0);
        int number = 0;
        for (int colour :
                place.turns().firsts().stream().distinct().filter(c -> c != 0).toList()) {
            for (int v = 0; v < set.veins(); v++, number++) {
                double whole = high * (0.6 + 0.9 * Seeded.share(set.seed(), 3L * number));
                List<Double> line = vein(set, number, whole, high);
                Along at = Along.of(
                        place.surface()
                                .further(0, around * (v + Seeded.share(set.seed() + 5L, number)) / set.veins(), foot),
                        place.surface().period());
                work.put(
                        work.strand(set.vein() * (0.5 + Seeded.share(set.seed() + 9L, number)), line),
                        at,
                        foot,
                        colour);
            }
        }
        if (number == 0) {
            work.put(work.detail(vein(set, 0, high, high)), place.surface().period() / 2, foot, 0, 0);
        }
    }

    /** From a height down or up, aslant, in a few bends; inside the zone. */
    private static List<Double> vein(Settings set, int number, double length, double high) {
        List<Double> line = new ArrayList<>();
        // To either side, as the sheet was tilted.
        double slant = (0.3 + Seeded.share(set.seed() + 11L, number))
                * (Seeded.share(set.seed() + 19L, number) < 0.3 ? -1 : 1);
        double first = 2 * Math.PI * Seeded.share(set.seed() + 21L, number);
        double second = 2 * Math.PI * Seeded.share(set.seed() + 23L, number);
        double keep = Math.min(high / 4, set.vein());
        double from = keep + (high - 2 * keep) * 0.15 * Seeded.share(set.seed() + 13L, number);
        double to = high - keep - (high - 2 * keep) * 0.15 * Seeded.share(set.seed() + 15L, number);
        int parts = 28;
        for (int i = 0; i <= parts; i++) {
            double t = (double) i / parts;
            double off = length * (0.05 * Elementary.sin(9 * t + first) + 0.02 * Elementary.sin(23 * t + second));
            line.add(length * slant * (t - 0.5) + off);
            line.add(from + (to - from) * t);
        }
        return line;
    }

    private static void judge(DressingBuilder work, Settings set, int colours) {
        FlatCoat.judgeTab(work, TAB, set.tab());
        if (colours < 2 && set.veins() > 1) {
            work.find(
                    ONE,
                    Phrase.of("{} colour, and {} veins.", Quantity.count(colours), Quantity.count(set.veins())),
                    Mend.setting(Phrase.of("One vein scribed in it"), "veins", 1));
        }
    }

    private static void steps(DressingBuilder work, Settings set, double sheet, int colours) {
        Quantity made = Quantity.length(sheet);
        work.adhesive(Adhesive.ITSELF)
                .layer(Phrase.of(
                        "veins of {} colours on the acetate: what shows", Quantity.count(Math.max(1, colours - 1))))
                .layer(Phrase.of("the ground over them, to {} in all", Quantity.length(set.deep())))
                .layer(Phrase.of("wrapped, its open face to the cake; peeled, {} show", Quantity.text("the veins")))
                .turn(Phrase.of("{} of icing lie on the acetate; wrapped, the icing touches the tier.", made))
                .step(
                        Gesture.TRACE,
                        Phrase.of(
                                "On acetate {} long and a little higher than the tier, paint the veins of {} colours first.",
                                made,
                                Quantity.count(Math.max(1, colours - 1))),
                        "acetate, brush, small bags",
                        Rate.COLLAR_STRIPE.minutes((double) set.veins() * Math.max(1, colours - 1)))
                .step(
                        Gesture.SPREAD,
                        Phrase.of("Spread the ground over them to {} in all, level.", Quantity.length(set.deep())),
                        "palette knife, two strips as a gauge",
                        Rate.COLLAR_STRIPE.minutes(6))
                .check("Seen through the acetate the veins are whole and lie flat.");
        FlatCoat.wrapped(work, made, set.deep(), set.tab());
    }
}
