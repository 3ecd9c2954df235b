package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Motif;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.measure.Absent;
import sectorum.measure.Tape;
import sectorum.outline.Along;
import sectorum.surface.Stretch;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Where a dressing goes.
 *
 * @param surface of the tier; all of them share its marks
 * @param division along the foot's circumference; marks keep their angle up a tapered side
 * @param stretch the part of the way round; absent: all round
 * @param turns of its colours: repeats cycle through them
 * @param bench whose tape, hand and boards
 * @param ground what it lies on
 * @param art the plan's drawings
 */
public record DressingContext(
        Surface surface,
        Division division,
        Zone zone,
        @Absent Stretch stretch,
        Turns turns,
        Bench bench,
        Ground ground,
        List<Motif> art) {
    /** Marks nearer than this, mm, are one: perimeters found numerically are no better. */
    private static final double SAME_MARK = 1e-6;

    /** More in one section is a texture, not a division. */
    static final int MOST_PARTS = 40;

    /** All round, nothing limits it in s. */
    public DressingContext(Surface surface, Division division, Zone zone, int colours, Bench bench) {
        this(surface, division, zone, null, Turns.of(colours), bench);
    }

    /** On a surface of which nothing else is known. */
    public DressingContext(
            Surface surface, Division division, Zone zone, @Absent Stretch stretch, Turns turns, Bench bench) {
        this(surface, division, zone, stretch, turns, bench, Ground.BARE);
    }

    /** Where there are no drawings. */
    public DressingContext(
            Surface surface,
            Division division,
            Zone zone,
            @Absent Stretch stretch,
            Turns turns,
            Bench bench,
            Ground ground) {
        this(surface, division, zone, stretch, turns, bench, ground, List.of());
    }

    /** How many turns its colours have, 1 or more. */
    public int colours() {
        return turns.count();
    }

    /** Whether it goes all round, so that its end meets its beginning. */
    boolean isClosed() {
        return stretch == null;
    }

    /** Whether a place is in the part that is dressed. */
    boolean holds(Along s) {
        return stretch == null || stretch.holds(s);
    }

    /** True length along the line at z of what is dressed, mm. */
    double along(double z) {
        return stretch == null
                ? surface.around(z)
                : surface.length(stretch.from().s(), stretch.length(), z);
    }

    /** What is dressed, as a share of the way round. */
    double share() {
        return stretch == null ? 1 : stretch.length() / division.around();
    }

    /** Area of what is dressed, mm²: exact all round, else by its lines at even distances, which are straight or nearly so. */
    double area() {
        if (stretch == null) {
            return surface.area(zone);
        }
        int parts = 64;
        double sum = 0;
        for (int i = 0; i < parts; i++) {
            sum += along(zone.foot() + zone.height() * (i + 0.5) / parts);
        }
        return sum * zone.height() / parts;
    }

    /** The sections that lie wholly in the part that is dressed. */
    List<Integer> sections() {
        List<Integer> in = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            if (stretch == null || stretch.holds(division.mark(k), division.section(k))) {
                in.add(k);
            }
        }
        return in;
    }

    /** Width of section k along the line at z, mm. */
    public double width(int k, double z) {
        return surface.length(division.mark(k).s(), division.section(k), z);
    }

    /** How long the line at z is, as a share of the side's foot. */
    public double narrowing(double z) {
        return surface.around(z) / surface.period();
    }

    /** Mid-zone, mm from the surface's edge: pieces that are neither rows nor hung from marks have their size here (craft 2.1). */
    public double middleZ() {
        return (zone.foot() + zone.top()) / 2;
    }

    /** Circumference at mid-zone, mm. */
    double aroundMiddle() {
        return surface.around(middleZ());
    }

    public Tape tape() {
        return bench.tape();
    }

    /** A size rounded to the tape in hand, at least one of its divisions. */
    double onTape(double mm) {
        return Math.max(tape().divisionMm(), tape().read(mm));
    }

    /** The widest section at height z, mm: sizes are taken from it. */
    double widest(double z) {
        double widest = 0;
        for (int k = 0; k < division.count(); k++) {
            widest = Math.max(widest, width(k, z));
        }
        return widest;
    }

    /** The same place with every section in so many alike, as far as a hand can still mark them. */
    DressingContext parted(int each) {
        int most = Math.max(1, (int) Division.COUNT.max() / division.count());
        return new DressingContext(
                surface, division.split(Math.min(each, most)), zone, stretch, turns, bench, ground, art);
    }

    /** The same place with these drawings to choose from. */
    public DressingContext drawn(List<Motif> motifs) {
        return new DressingContext(surface, division, zone, stretch, turns, bench, ground, motifs);
    }

    /** The same place over a zone. */
    DressingContext within(Zone part) {
        return new DressingContext(surface, division, part, stretch, turns, bench, ground, art);
    }

    /** Into how many a section is best parted to come near a width, so that all together are a multiple of something. */
    int parts(double wanted, int multiple) {
        int n = division.count();
        int best = 1;
        double least = Double.MAX_VALUE;
        for (int each = 1; each <= MOST_PARTS && n * each <= Division.COUNT.max(); each++) {
            double off = Math.abs(division.around() / n / each - wanted);
            if (n * each % multiple == 0 && off < least) {
                least = off;
                best = each;
            }
        }
        return best;
    }

    /** The same place in a mirror: marks on the other side of the front. */
    DressingContext mirrored() {
        List<Double> marks = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            Along mark = division.mark(k);
            // The seam is its own mirror image: a mark a hair to one side of it stays the first, or the last.
            boolean seam = mark.distance(Along.of(0, division.around())) < SAME_MARK;
            marks.add(seam ? mark.s() : mark.mirrored().s());
        }
        marks.sort(null);
        return new DressingContext(
                surface,
                new Division(division.outline(), division.front(), marks),
                zone,
                stretch == null ? null : stretch.mirrored(),
                turns,
                bench,
                ground,
                art);
    }
}
