package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.art.Motif;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A shape pressed into the soft covering in the middle of each section, then piped round: rounds one inside the other from two
 * nozzles, its inside left open or flooded (craft 3I).
 */
final class Frames implements Technique {
    private static final Rule WIDE =
            new Rule("frames.wide", Level.LOOK, "A frame is wider than its section: it crosses into the next.");
    private static final Rule HIGH = new Rule("frames.out-of-zone", Level.STOP, "A frame is higher than its zone.");
    private static final Rule ROUNDS =
            new Rule("frames.rounds", Level.LOOK, "So many rounds so far apart do not fit into the frame.");
    private static final Rule NO_ART = new Rule(
            "frames.none",
            Level.STOP,
            "A frame is to have the outline of art, and there is none: it is drawn as a ring.");

    private static final Field MATERIAL =
            Material.field("Icing", Material.ROYAL, Material.BUTTERCREAM, Material.GANACHE);
    private static final Field SHAPE = Choices.field("shape", "Shape", FrameShape.values(), s -> s.words);
    private static final Field EDGE = Choices.field("edge", "Outermost round", Edge.values(), e -> e.words);
    private static final Field INSIDE = Choices.field("inside", "Inside", Inside.values(), i -> i.words);
    private static final Field WHICH = Choices.field("which", "Sections", Which.values(), w -> w.words);

    private enum Edge {
        LINE("a line", null),
        BEADS("beads", PipeForm.BEAD),
        SHELLS("shells", PipeForm.SHELL);

        private final String words;
        private final PipeForm form;

        Edge(String words, PipeForm form) {
            this.words = words;
            this.form = form;
        }
    }

    private enum Inside {
        OPEN("left open"),
        FLOODED("flooded");

        private final String words;

        Inside(String words) {
            this.words = words;
        }
    }

    private enum Which {
        EVERY("every one", 1),
        OTHER("every other", 2);

        private final String words;
        private final int step;

        Which(String words, int step) {
            this.words = words;
            this.step = step;
        }
    }

    /**
     * @param nozzle of the outermost round, and the size of its beads, mm
     * @param second nozzle of the rounds inside, mm
     */
    private record Settings(
            FrameShape shape,
            @Absent Motif motif,
            double across,
            int rounds,
            double apart,
            Edge edge,
            double nozzle,
            double second,
            Inside inside,
            double depth,
            Which which,
            Material material) {
        /** Rounds that fit: the innermost is still a shape. */
        int fits() {
            int fits = (int) Math.max(1, Rounding.ceil(across / 2 / apart - Rounding.EPS));
            for (int k = 1; k < Math.min(fits, rounds); k++) {
                if (outline(k).isEmpty()) {
                    return k;
                }
            }
            return fits;
        }

        /** One of its rounds, from the outermost in; empty: nothing is left so far in. */
        List<Double> outline(int round) {
            return shape == FrameShape.ART && motif != null
                    ? FrameShape.of(motif, across, round * apart)
                    : shape.outline(across - 2 * round * apart);
        }
    }

    @Override
    public String id() {
        return "frames";
    }

    @Override
    public String name() {
        return "Piped frames";
    }

    @Override
    public Set<sectorum.surface.SurfaceKind> surfaces() {
        return ON_ALL;
    }

    @Override
    public boolean drawsArt() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(WIDE, HIGH, ROUNDS, NO_ART);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of(
                "shape",
                "motif",
                "across",
                "rounds",
                "apart",
                "edge",
                "nozzle",
                "second",
                "inside",
                "depth",
                "which",
                "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double room = Math.min(place.widest(place.middleZ()), place.zone().height());
        Field across = Field.length(
                "across", "Across", 4, 400, Math.max(4, place.tape().read(0.8 * room)), "The cutter's size.");
        double size = across.number(values);
        return List.of(
                SHAPE,
                ArtSet.motifField(values, place),
                across,
                EDGE,
                Field.length(
                        "nozzle",
                        "Its nozzle, open",
                        0.5,
                        20,
                        Math.max(0.5, Math.min(3, size / 12)),
                        "Or a bead's size."),
                Field.count("rounds", "Rounds", 1, 40, 2, "One inside the other."),
                Field.length("apart", "Rounds apart", 0.5, 100, Math.max(0.5, size / 10), "From line to line."),
                Field.length(
                        "second",
                        "Inner nozzle, open",
                        0.5,
                        20,
                        Math.max(0.5, Math.min(1.5, size / 20)),
                        "Of the rounds inside."),
                INSIDE,
                Field.length("depth", "Flooded deep", 0.5, 10, 2, "Of what is run in."),
                WHICH,
                MATERIAL);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(FrameShape.values(), chosen.choice("shape")),
                ArtSet.motif(chosen.choice("motif"), place),
                chosen.number("across"),
                chosen.count("rounds"),
                chosen.number("apart"),
                Choices.of(Edge.values(), chosen.choice("edge")),
                chosen.number("nozzle"),
                chosen.number("second"),
                Choices.of(Inside.values(), chosen.choice("inside")),
                chosen.number("depth"),
                Choices.of(Which.values(), chosen.choice("which")),
                Material.of(chosen.choice("material")));
        int rounds = Math.min(set.rounds(), set.fits());
        int inner = set.inside() == Inside.FLOODED && place.colours() > 1 ? 1 : 0;
        double z = place.middleZ();
        List<Along> middles = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k += set.which().step) {
            middles.add(place.division().middle(k));
        }
        DressingBuilder work = new DressingBuilder(place);
        double area = 0;
        if (set.inside() == Inside.FLOODED) {
            List<Double> flood = set.outline(rounds - 1);
            area = Flat.area(flood);
            put(work, work.piece(flood), middles, z, inner);
        }
        double line = 0;
        for (int j = set.edge() == Edge.LINE ? 0 : 1; j < rounds; j++) {
            List<Double> round = Contour.closed(set.outline(j));
            put(work, work.strand(j == 0 ? set.nozzle() : set.second(), round), middles, z, 0);
            line += j == 0 ? 0 : Flat.length(round, false);
        }
        int beads = set.edge() == Edge.LINE ? 0 : beads(work, set, place, middles, z);
        double outer = set.edge() == Edge.LINE ? Flat.length(set.outline(0), true) : 0;
        double grams = weigh(work, set, middles.size(), outer, line, beads, area, inner);
        double w = place.division().sizes().get(place.division().sizes().size() - 1)
                * place.narrowing(z)
                * set.which().step;
        work.lead("frames", Quantity.count(middles.size()))
                .lead("across", Quantity.length(set.across()))
                .lead("grams", "of icing", Quantity.mass(grams))
                .figure("Between them", Quantity.length(w - set.across()))
                .figure("Rounds", Quantity.count(rounds))
                .figure("Snip a bag where it is flat", Quantity.length(Piping.snip(set.second())));
        if (beads > 0) {
            work.figure("On each frame", Quantity.count(beads));
        }
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), z + set.across() / 2));
        }
        work.handle(new Handle(
                "across",
                "Upper rim",
                Handle.Way.UP,
                2,
                4,
                Math.max(5, Math.min(400, place.zone().height())),
                grips));
        judge(work, set, place, w);
        steps(work, set, middles.size(), rounds, beads, outer + line);
        List<Double> cut = set.outline(0);
        work.draw(() -> Cover.card("frame", cut, Phrase.of("Frame, {} across", Quantity.length(set.across()))));
        return work.done();
    }

    private static void put(DressingBuilder work, int shape, List<Along> middles, double z, int colour) {
        middles.forEach(at -> work.put(shape, at, z, colour));
    }

    /** Beads evenly along the outermost line, so that they close; how many to a frame. */
    private static int beads(DressingBuilder work, Settings set, DressingContext place, List<Along> middles, double z) {
        List<Double> outline = set.outline(0);
        PipeForm form = set.edge().form;
        int shape = work.piece(form.outline(set.nozzle()));
        List<FrameShape.Pose> poses = FrameShape.along(outline, form.pitch(set.nozzle()));
        for (Along middle : middles) {
            for (FrameShape.Pose pose : poses) {
                double up = z + pose.z();
                work.put(shape, place.surface().further(middle.s(), pose.x(), z), up, pose.turn(), 0);
            }
        }
        return poses.size();
    }

    private static double weigh(
            DressingBuilder work,
            Settings set,
            int frames,
            double outer,
            double line,
            int beads,
            double area,
            int inner) {
        Material of = set.material();
        work.used(of, 0, 0, frames * of.line(outer, set.nozzle()), frames * outer);
        work.used(of, 0, 0, frames * of.line(line, set.second()), frames * line);
        double grams = frames * (of.line(outer, set.nozzle()) + of.line(line, set.second()));
        if (beads > 0) {
            double each = set.edge().form.grams(set.nozzle(), of.density());
            work.made(
                    Phrase.of("{} of {}", Quantity.text(set.edge().words), Quantity.length(set.nozzle())),
                    of,
                    0,
                    set.nozzle(),
                    frames * beads,
                    Spare.NONE,
                    each);
            grams += frames * beads * each;
        }
        if (area > 0) {
            double each = of.sheet(area, set.depth());
            work.made(Phrase.of("Flooded"), of, inner, set.across(), frames, Spare.NONE, each);
            grams += frames * each;
        }
        return grams;
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, double w) {
        if (set.shape() == FrameShape.ART && set.motif() == null) {
            work.find(
                    NO_ART,
                    Phrase.of(
                            "{} drawings are there to take an outline from.",
                            Quantity.count(place.art().size())),
                    Mend.setting(Phrase.of("Take a ring"), "shape", "ring"));
        }
        double room = place.zone().height();
        double fits = Math.max(4, Rounding.floor(0.9 * Math.min(w, room)));
        Mend smaller = Mend.setting(Phrase.of("Take {} across", Quantity.length(fits)), "across", fits);
        if (!Rounding.atMost(set.across(), room)) {
            work.find(
                    HIGH,
                    Phrase.of("{} across in a zone of {}.", Quantity.length(set.across()), Quantity.length(room)),
                    smaller);
        }
        if (!Rounding.atMost(set.across(), w)) {
            work.find(WIDE, Phrase.of("{} across in {}.", Quantity.length(set.across()), Quantity.length(w)), smaller);
        }
        if (set.rounds() > set.fits()) {
            work.find(
                    ROUNDS,
                    Phrase.of(
                            "{} rounds {} apart do not fit into {}; {} do.",
                            Quantity.count(set.rounds()),
                            Quantity.length(set.apart()),
                            Quantity.length(set.across()),
                            Quantity.count(set.fits())),
                    Mend.setting(Phrase.of("Take {} rounds", Quantity.count(set.fits())), "rounds", set.fits()));
        }
    }

    private static void steps(DressingBuilder work, Settings set, int frames, int rounds, int beads, double line) {
        work.tool(ThingKind.CUTTER, "across", set.across(), 1)
                .tool(ThingKind.NOZZLE, "nozzle", set.nozzle(), Math.max(0.5, set.nozzle() / 4))
                .adhesive(Adhesive.ITSELF)
                .soft()
                .step(
                        Gesture.PRESS,
                        Phrase.of(
                                "While the covering is soft, press {} shapes, {}.",
                                Quantity.count(frames),
                                Quantity.text(work.order())),
                        "cutter, marking strip",
                        Rate.PRESSED.minutes(frames))
                .lasting()
                .firm();
        if (set.inside() == Inside.FLOODED) {
            work.step(
                            Gesture.FLOOD,
                            Phrase.of(
                                    "Pipe the innermost line of {} shapes and flood them, {} deep.",
                                    Quantity.count(frames),
                                    Quantity.length(set.depth())),
                            "thinned icing, bag, scriber",
                            Rate.FLAG.minutes(frames),
                            new Making.Pause(60, 720, Storage.ROOM, "in the room, until it is dry to the touch"),
                            "")
                    .check("{} shapes are level and have no bubbles.", Quantity.count(frames));
        }
        double minutes = Rate.PIPED_METRE.minutes(frames * line / 1000)
                + (beads > 0 ? Rate.PIPED_PIECE.minutes((double) frames * beads) : 0);
        work.step(
                        Gesture.PIPE,
                        Phrase.of(
                                "Pipe {} rounds on each, the outermost last with {} of nozzle, the others with {}.",
                                Quantity.count(rounds),
                                Quantity.length(set.nozzle()),
                                Quantity.length(set.second())),
                        "bags, nozzles, damp cloth",
                        minutes)
                .check("Each of {} rounds closes.", Quantity.count(rounds));
    }
}
