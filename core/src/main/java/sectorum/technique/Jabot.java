package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** The pleated tail over each join, formed over rods (craft 3A). */
final class Jabot implements Technique {
    /** The point's height as a share of the width. */
    private static final double POINT = 0.6;

    private static final Rule LONG =
            new Rule("jabot.on-board", Level.LOOK, "It is longer than its zone is high, and lies on the board.");
    private static final Rule NARROW =
            new Rule("jabot.narrow", Level.LOOK, "Gathered, it is no wider than the ends it has to cover.");
    private static final Rule CROWDS = new Rule(
            "jabot.crowds", Level.LOOK, "Gathered, it takes more than half of a section from the swag beside it.");

    private static final Field PASTE = Material.field("Cut from", Material.HALF, Material.GUM, Material.FONDANT);

    private static final Field REACH = Choices.field("reach", "It hangs", Reach.values(), r -> r.words);

    /** How far down it goes. */
    private enum Reach {
        SAID("as long as said"),
        BOARD("down to the board");

        final String words;

        Reach(String words) {
            this.words = words;
        }
    }

    /** What a decorator decides: k pleats over rods of diameter ρ, paste t thick, hems, its length and what it covers. */
    private record Settings(
            int pleats, double rod, double thickness, double hem, double length, double join, Material material) {
        double pattern() {
            return Jabot.pattern(pleats, rod, thickness, hem);
        }

        /** What it gathers to: k(ρ + 2t). */
        double gathered() {
            return pleats * (rod + 2 * thickness);
        }

        /** A rectangle above a point. */
        List<Double> outline(double width) {
            double point = Math.min(POINT * width, length);
            return List.of(
                    -width / 2,
                    0.0,
                    -width / 2,
                    point - length,
                    0.0,
                    -length,
                    width / 2,
                    point - length,
                    width / 2,
                    0.0);
        }
    }

    @Override
    public String id() {
        return "jabot";
    }

    @Override
    public String name() {
        return "Jabots";
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(LONG, NARROW, CROWDS);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("reach", "length", "pleats", "rod", "thickness", "hem", "join", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return new Zone(0, surface.depth());
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double high = place.zone().height();
        double wide = 0.13 * place.widest(place.zone().top());
        return List.of(
                REACH,
                Field.length(
                        "length", "Length", 5, 600, place.onTape(0.55 * high), "From the marks down to its point."),
                Field.count("pleats", "Pleats", 1, 9, 3, "One over each rod."),
                Field.length(
                        "rod",
                        "Rods",
                        1,
                        20,
                        Math.min(8, Math.max(2, Rounding.halfUp(wide / 3 - 3, 0.5))),
                        "Their diameter."),
                Field.length("thickness", "Paste rolled to", 0.5, 4, 1.5, "Thin, or the pleats close up."),
                Field.length("hem", "Hem each side", 0, 20, 6, "Turned in at both edges."),
                Field.length("join", "Join to cover", 0, 100, 8, "How far apart the trimmed ends beside it are."),
                PASTE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        boolean down = Choices.of(Reach.values(), chosen.choice("reach")) == Reach.BOARD;
        return new Settings(
                chosen.count("pleats"),
                chosen.number("rod"),
                chosen.number("thickness"),
                chosen.number("hem"),
                down ? Math.max(5, place.zone().top()) : chosen.number("length"),
                chosen.number("join"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        double z = place.zone().top();
        int n = place.division().count();
        double wide = set.gathered();
        List<Double> outline = set.outline(wide);
        int shape = work.piece(outline);
        List<Integer> pleats = new ArrayList<>();
        for (int j = 1; j < 2 * set.pleats(); j++) {
            double x = wide * (j / (2.0 * set.pleats()) - 0.5);
            double point = Math.min(POINT * wide, set.length());
            double foot = -set.length() + point * Math.abs(x) / (wide / 2);
            pleats.add(work.detail(List.of(x, -0.4, x, foot + 0.4)));
        }
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            int colour = k % place.colours();
            work.put(shape, place.division().mark(k), z, colour);
            for (int pleat : pleats) {
                work.put(pleat, place.division().mark(k), z, colour);
            }
            grips.add(new Handle.Grip(place.division().mark(k).s(), z - set.length()));
        }
        work.lead("long", Quantity.length(set.length()))
                .lead("gathered", Quantity.length(wide))
                .lead("wide to cut", Quantity.length(set.pattern()))
                .figure("Jabots", Quantity.count(n))
                .figure("Pleats each", Quantity.count(set.pleats()))
                .figure("Point starts above its tip", Quantity.length(Math.min(POINT * wide, set.length())));
        work.handle(new Handle(
                "length",
                "Point",
                Handle.Way.UP,
                -1,
                5,
                Math.max(5, place.zone().height()),
                grips));
        judge(work, set, place);
        make(work, set, n, place);
        work.draw(() -> pattern(set));
        return work.done();
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place) {
        double room = place.zone().height();
        if (!Rounding.atMost(set.length(), room)) {
            double fits = Rounding.floor(room);
            work.find(
                    LONG,
                    Phrase.of(
                            "{} long on {}, it lies on the board by {}.",
                            Quantity.length(set.length()),
                            Quantity.length(room),
                            Quantity.length(set.length() - room)),
                    Mend.setting(Phrase.of("Make it {} long", Quantity.length(fits)), "length", fits));
        }
        if (set.gathered() <= set.join() + Rounding.EPS) {
            int pleats = (int) Rounding.floor(set.join() / (set.rod() + 2 * set.thickness())) + 1;
            double rod = set.join() / set.pleats() - 2 * set.thickness() + 0.5;
            work.find(
                    NARROW,
                    Phrase.of(
                            "Gathered to {} it does not cover a join of {}.",
                            Quantity.length(set.gathered()),
                            Quantity.length(set.join())),
                    pleats <= 9
                            ? Mend.setting(Phrase.of("Take {} pleats", Quantity.count(pleats)), "pleats", pleats)
                            : Mend.setting(
                                    Phrase.of("Take rods of {}", Quantity.length(rod)), "rod", Math.min(20, rod)));
        }
        double section = place.widest(place.zone().top());
        if (set.gathered() > section / 2) {
            double rod = Math.max(1, Rounding.floor(2 * (section * 0.25 / set.pleats() - 2 * set.thickness())) / 2);
            work.find(
                    CROWDS,
                    Phrase.of(
                            "Gathered to {} it takes more than half of a section of {}.",
                            Quantity.length(set.gathered()),
                            Quantity.length(section)),
                    Mend.setting(Phrase.of("Take rods of {}", Quantity.length(rod)), "rod", rod),
                    Mend.setting(Phrase.of("Take {} pleat", Quantity.count(1)), "pleats", 1));
        }
    }

    private static void make(DressingBuilder work, Settings set, int n, DressingContext place) {
        work.cycled(n)
                .forEach((colour, many) -> work.cut(
                        Phrase.of("Jabot of {} pleats", Quantity.count(set.pleats())),
                        set.material(),
                        set.thickness(),
                        colour,
                        set.outline(set.pattern()),
                        many,
                        Spare.USUAL));
        work.adhesive(set.material().adhesive())
                .tool(ThingKind.ROD, "rod", set.rod(), 0.5)
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                "Cut {} patterns, {} wide and {} long, and turn in a hem of {} at both sides.",
                                Quantity.count(n),
                                Quantity.length(set.pattern()),
                                Quantity.length(set.length()),
                                Quantity.length(set.hem())),
                        "pattern, knife",
                        n * 1.5,
                        null,
                        Cautions.BLADE)
                .step(
                        Gesture.SHAPE,
                        Phrase.of(
                                set.pleats() % 2 == 1
                                        ? "Lay the paste over {} rods of {}, all beneath it, the middle one under the point; press"
                                                + " it down between them, push them together, pinch the top and draw them out."
                                        : "Lay the paste over {} rods of {}, all beneath it, half of them on either side of the"
                                                + " point; press it down between them, push them together, pinch the top and draw"
                                                + " them out.",
                                Quantity.count(set.pleats()),
                                Quantity.length(set.rod())),
                        "rods",
                        n,
                        new Making.Pause(2, 10, Storage.ROOM, "on the table, until the pleats hold"),
                        Cautions.RODS)
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Set one on each of {} joins at {} above the foot, {}.",
                                Quantity.count(n),
                                Quantity.length(place.zone().top()),
                                Quantity.text(work.order())),
                        "soft brush",
                        Rate.JABOT.minutes(n))
                .check("Each of {} covers the ends that meet under it.", Quantity.count(n));
    }

    private static Drawing pattern(Settings set) {
        double wide = set.pattern();
        List<Double> outline = set.outline(wide);
        double deep = set.length();
        return Card.of(outline, true)
                .line(Ink.Pen.GUIDE, 0, 0, 0, -deep)
                .line(Ink.Pen.GUIDE, set.hem() - wide / 2, 0, set.hem() - wide / 2, -deep * 0.3)
                .line(Ink.Pen.GUIDE, wide / 2 - set.hem(), 0, wide / 2 - set.hem(), -deep * 0.3)
                .made(
                        "jabot-pattern",
                        Phrase.of(
                                "Jabot, {} wide, {} long, {} pleats over rods of {}",
                                Quantity.length(wide),
                                Quantity.length(deep),
                                Quantity.count(set.pleats()),
                                Quantity.length(set.rod())));
    }

    /** The least width of a pattern that wraps its rods tightly: k(π(ρ+t)/2 + ρ) + 2·hem, all in mm. */
    static double pattern(int pleats, double rod, double thickness, double hem) {
        return pleats * (Math.PI * (rod + thickness) / 2 + rod) + 2 * hem;
    }
}
