package sectorum.technique;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.drawing.Point;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.outline.Along;
import sectorum.surface.Frame;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Curves hung from mark to mark at one height (craft 3A), for every technique that follows them: their width along the
 * side is P/n at that height, never the chord. Sections of the same width share one curve.
 */
final class Hung {
    /** Deeper than this share of its width a curve hangs like a loop. */
    static final double LOOP_SHARE = 0.45;
    /** Shallower than this share it looks flat. */
    static final double FLAT_SHARE = 0.1;
    /** A board that draws another drop by more than this share is no help. */
    private static final double BOARD_SHARE = 0.15;
    /** How far in from a rim swags usually hang, mm. */
    private static final double NEAR_RIM_MM = 45;

    static final Rule OUT = new Rule(
            "hang.out-of-zone",
            Level.STOP,
            "The deepest point lies below the zone: drop plus what hangs from it over its height.");
    static final Rule OVERHANG =
            new Rule("hang.overhang", Level.LOOK, "An arc deeper than half its width bulges past its own marks.");
    static final Rule LOOP = new Rule("hang.loop", Level.LOOK, "A drop over 0.45 of the width hangs like a loop.");
    static final Rule FLAT = new Rule("hang.flat", Level.LOOK, "A drop under 0.1 of the width looks flat.");
    static final Rule BOARD = new Rule(
            "hang.board",
            Level.NOTE,
            "A round in the cupboard draws nearly this arc: within 0.15 of the drop, but not to the tape's division.");
    static final Rule NARROW =
            new Rule("hang.no-section", Level.STOP, "No whole section lies in the part of the way round that is told.");
    static final List<Rule> RULES = List.of(OUT, OVERHANG, LOOP, FLAT, BOARD, NARROW);

    static final Field CURVE = Field.choice(
            "curve",
            "Curve",
            Arrays.stream(School.values())
                    .map(s -> new Field.Choice(s.key(), s.words()))
                    .toList(),
            School.ARC.key());

    private static final double SAME = 0.001;

    private final DressingContext place;
    private final double z;
    private final double drop;
    private final School school;
    private final List<Integer> sections;
    private final List<Hanging> curves = new ArrayList<>();
    private final List<Integer> kinds = new ArrayList<>();
    private final List<Frame> frames = new ArrayList<>();

    /**
     * @param z height of the marks that the curves hang from, mm above the foot
     */
    Hung(DressingContext place, double z, double drop, School school) {
        this.place = place;
        this.z = z;
        this.drop = drop;
        this.school = school;
        this.sections = sections(place);
        for (int k : sections) {
            Frame frame = place.surface()
                    .frame(place.division().mark(k), place.division().section(k), z);
            double width = frame.width();
            frames.add(frame);
            int kind = 0;
            while (kind < curves.size() && Math.abs(curves.get(kind).width() - width) >= SAME) {
                kind++;
            }
            if (kind == curves.size()) {
                curves.add(Hanging.of(school, width, drop));
            }
            kinds.add(kind);
        }
    }

    /**
     * Up a side to a finger's breadth under the edge, where a covering still holds a prick; on a level surface near its rim,
     * where a swag still looks like one.
     */
    static Zone usualZone(Surface surface) {
        double h = surface.depth();
        return new Zone(0, surface.kind().isLevel() ? Math.min(NEAR_RIM_MM, 0.9 * h) : h - Math.min(10, h / 10));
    }

    static Field dropField(DressingContext place) {
        double good = Math.min(
                0.3 * place.widest(place.zone().top()), 0.7 * place.zone().height());
        return Field.length("drop", "Drop", 0, 600, place.onTape(good), "Measure from the marks down.");
    }

    /** The same marks with another drop. */
    Hung at(double otherDrop) {
        return new Hung(place, z, otherDrop, school);
    }

    List<Hanging> curves() {
        return curves;
    }

    int kind(int k) {
        return kinds.get(k);
    }

    Hanging curve(int k) {
        return curves.get(kinds.get(k));
    }

    /** The front's, or where that is not hung the one in the middle. */
    Hanging front() {
        return curve(frontmost());
    }

    private int frontmost() {
        int front = sections.indexOf(place.division().frontSection());
        return front >= 0 ? front : count() / 2;
    }

    /** Those that lie wholly in what is dressed; where there is none, the one about its middle, which is told. */
    private static List<Integer> sections(DressingContext place) {
        List<Integer> whole = place.sections();
        if (!whole.isEmpty()) {
            return whole;
        }
        Along middle = place.stretch().middle();
        int about = 0;
        for (int k = 0; k < place.division().count(); k++) {
            if (place.division().mark(k).to(middle) < place.division().section(k)) {
                about = k;
            }
        }
        return List.of(about);
    }

    int count() {
        return kinds.size();
    }

    /** How many sections have this curve. */
    int many(int kind) {
        return (int) kinds.stream().filter(k -> k == kind).count();
    }

    double z() {
        return z;
    }

    double total() {
        return kinds.stream().mapToDouble(k -> curves.get(k).length()).reduce(0, Double::sum);
    }

    double widest() {
        return curves.stream().mapToDouble(Hanging::width).max().orElseThrow();
    }

    /** A place at u of the way along section k's curve, and how a thing lies there that follows it. */
    Frame.Pose at(int k, double u) {
        Hanging curve = curve(k);
        Point p = curve.at(u);
        double h = 1e-4;
        Point a = curve.at(Math.max(0, u - h));
        Point b = curve.at(Math.min(1, u + h));
        double slope = Elementary.atan2(b.y() - a.y(), b.x() - a.x());
        return frames.get(k).at(p.x(), p.y(), slope);
    }

    /** The lowest point taken hold of. */
    Handle handle(double hangsBelow) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < count(); k++) {
            grips.add(grip(frames.get(k).at(curve(k).width() / 2, -drop, 0)));
        }
        double most =
                Math.max(place.tape().divisionMm(), middleZ() - place.zone().foot() - hangsBelow);
        return new Handle("drop", "Lowest point", Handle.Way.UP, -1, 0, most, grips);
    }

    Handle.Grip grip(Frame.Pose at) {
        return new Handle.Grip(Along.of(at.s(), place.division().around()).s(), at.z());
    }

    /** The z half way between the front section's marks: on a level surface the straight line there lies further in. */
    private double middleZ() {
        return frames.get(frontmost()).at(front().width() / 2, 0, 0).z();
    }

    /**
     * Judges how it hangs.
     *
     * @param hangsBelow how far what hangs from the curve reaches below it, mm
     */
    void judge(DressingBuilder work, double hangsBelow) {
        if (place.sections().isEmpty()) {
            work.find(
                    NARROW,
                    Phrase.of(
                            "It goes {} along the foot, and no whole section of {} lies in that.",
                            Quantity.length(place.stretch().length()),
                            Quantity.length(front().width())),
                    new Mend(
                            Phrase.of("Hang it all round"),
                            List.of(new Change(Change.Target.DRESSING, "stretch", null))));
        }
        double widest = widest();
        double q = place.tape().divisionMm();
        double room = middleZ() - place.zone().foot() - hangsBelow;
        if (!Rounding.atMost(drop, room)) {
            double fits = Rounding.floor(Math.min(room, LOOP_SHARE * widest) / q) * q;
            Phrase what = Phrase.of(
                    "A drop of {} with {} hanging from it runs out of its zone, which has {} under the marks.",
                    Quantity.length(drop),
                    Quantity.length(hangsBelow),
                    Quantity.length(middleZ() - place.zone().foot()));
            work.find(OUT, what, fits > 0 ? List.of(drop("Drop {} ends in the zone", fits)) : List.of());
        }
        double loop = Rounding.floor(LOOP_SHARE * widest / q) * q;
        if (school == School.ARC && !Rounding.atMost(drop, widest / 2)) {
            work.find(
                    OVERHANG,
                    Phrase.of(
                            "Deeper than half its width of {}, the arc bulges past its own marks.",
                            Quantity.length(widest)),
                    loopMends(loop));
        } else if (!Rounding.atMost(drop, LOOP_SHARE * widest)) {
            work.find(
                    LOOP,
                    Phrase.of(
                            "A drop of {} on a width of {} hangs like a loop; up to {} it hangs like a swag.",
                            Quantity.length(drop),
                            Quantity.length(widest),
                            Quantity.length(LOOP_SHARE * widest)),
                    loopMends(loop));
        }
        if (drop < FLAT_SHARE * widest - Rounding.EPS) {
            work.find(
                    FLAT,
                    Phrase.of(
                            "A drop of {} on a width of {} looks flat; from {} on it reads as a swag.",
                            Quantity.length(drop),
                            Quantity.length(widest),
                            Quantity.length(FLAT_SHARE * widest)),
                    drop("Drop {}", Rounding.ceil(FLAT_SHARE * widest / q) * q));
        }
        board(work);
    }

    /** The board on the shelf: traced on flat paper that is wrapped, so over the width and not the chord. */
    private void board(DressingBuilder work) {
        if (school != School.ARC || drop <= 0) {
            return;
        }
        double width = front().width();
        Bench.Traced traced = place.bench().nearest(width, drop);
        if (!traced.found()) {
            return;
        }
        double off = Math.abs(traced.drop() - drop);
        if (Rounding.atMost(off, place.tape().divisionMm() / 2)) {
            work.figure("Trace it round", Quantity.text(traced.round().name()));
        } else if (Rounding.atMost(off, BOARD_SHARE * drop)) {
            work.find(
                    BOARD,
                    Phrase.of(
                            "On the shelf: {}, {} across, draws this curve over {} with a drop of {}.",
                            Quantity.text(traced.round().name()),
                            Quantity.length(traced.round().across()),
                            Quantity.length(width),
                            Quantity.length(traced.drop())),
                    drop("Take its drop of {}", traced.drop()));
        }
    }

    private List<Mend> loopMends(double loop) {
        List<Mend> mends = new ArrayList<>(List.of(drop("Drop {}", loop)));
        int fewer = (int) Rounding.floor(LOOP_SHARE * place.surface().around(z) / drop);
        if (fewer >= 1 && !place.division().outline().cornersRule()) {
            mends.add(Mend.count(Phrase.of("Only {} sections", Quantity.count(fewer)), fewer));
        }
        return mends;
    }

    private static Mend drop(String label, double mm) {
        return Mend.setting(Phrase.of(label, Quantity.length(mm)), "drop", mm);
    }
}
