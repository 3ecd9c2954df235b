package sectorum.outline;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.outline.Segment.Bow;
import sectorum.outline.Segment.Straight;

/**
 * The line inside a chain that is everywhere z away from it.
 *
 * <p>Each part moves inwards along its own normal: a line stays as long, an arc of radius r becomes r − z, a hollow one r + z.
 * Where an arc is used up, or two lines meet in a point, both lines end where they cross; at a notch an arc of radius z about
 * it joins what lies on both sides. Nothing else can happen up to {@link #deepest}.
 */
final class Inset {
    /** Nearer than this, mm or radians, parts run on into one another. */
    private static final double SAME = 1e-9;

    private final double z;
    private final List<Segment> made = new ArrayList<>();
    /** For each part made: where it lay before, and where it lies now, mm from the front. */
    private final List<Moved> moves = new ArrayList<>();

    private record Moved(double oldFrom, double oldTo, double newFrom, double newTo) {}

    private Inset(double z) {
        this.z = z;
    }

    /**
     * @param segments from the front on, anticlockwise, closed
     * @param corners mm from the back seam
     * @param z mm, 0 to {@link #deepest}
     */
    static Chain of(List<Segment> segments, List<Double> corners, double perimeter, boolean cornersRule, double z) {
        Inset inset = new Inset(z);
        inset.move(segments);
        double around = inset.made.stream().mapToDouble(Segment::length).reduce(0, Double::sum);
        List<Double> moved = corners.stream()
                .map(c -> inset.corner(Along.of(c - perimeter / 2, perimeter).s(), perimeter, around))
                .toList();
        return new Chain(inset.made, moved, cornersRule);
    }

    private void move(List<Segment> segments) {
        List<Segment> left = segments.stream().filter(g -> !isUsedUp(g)).toList();
        double old = 0;
        double run = 0;
        for (Segment segment : segments) {
            double length = segment.length();
            int i = left.indexOf(segment);
            if (i < 0) {
                moves.add(new Moved(old, old + length, run, run));
            } else {
                Segment before = left.get((i + left.size() - 1) % left.size());
                Segment after = left.get((i + 1) % left.size());
                // A notch in front is cut in two by the front itself.
                if (i == 0 && isNotch(before, segment)) {
                    run = add(hollow(before, segment, 0.5, 1), old, old, run);
                }
                run = add(shifted(segment, before, after), old, old + length, run);
                if (isNotch(segment, after)) {
                    boolean atFront = i == left.size() - 1;
                    run = add(hollow(segment, after, 0, atFront ? 0.5 : 1), old + length, old + length, run);
                }
            }
            old += length;
        }
    }

    private double add(Segment segment, double oldFrom, double oldTo, double run) {
        made.add(segment);
        double next = run + segment.length();
        moves.add(new Moved(oldFrom, oldTo, run, next));
        return next;
    }

    private boolean isUsedUp(Segment segment) {
        return segment instanceof Bow bow && bow.by() > 0 && bow.r() - z <= SAME;
    }

    private static double turn(Segment a, Segment b) {
        Spot end = a.at(a.length());
        Spot start = b.at(0);
        return Elementary.atan2(
                end.nx() * start.ny() - end.ny() * start.nx(), end.nx() * start.nx() + end.ny() * start.ny());
    }

    private static boolean isNotch(Segment a, Segment b) {
        return a != b && turn(a, b) < -SAME;
    }

    /** The arc round a notch, from one share of it to another. */
    private Bow hollow(Segment a, Segment b, double from, double to) {
        Spot end = a.at(a.length());
        double turn = turn(a, b);
        double begins = Elementary.atan2(end.ny(), end.nx()) + Math.PI + from * turn;
        return new Bow(end.x(), end.y(), z, begins, (to - from) * turn);
    }

    private Segment shifted(Segment segment, Segment before, Segment after) {
        if (segment instanceof Bow bow) {
            return new Bow(bow.cx(), bow.cy(), bow.by() < 0 ? bow.r() + z : bow.r() - z, bow.from(), bow.by());
        }
        Straight line = moved((Straight) segment);
        double[] start = crossing(before, segment);
        double[] end = crossing(segment, after);
        return new Straight(
                start == null ? line.x0() : start[0],
                start == null ? line.y0() : start[1],
                end == null ? line.x1() : end[0],
                end == null ? line.y1() : end[1]);
    }

    private Straight moved(Straight line) {
        Spot spot = line.at(0);
        return (Straight) line.moved(-z * spot.nx(), -z * spot.ny());
    }

    /** Where two lines that turned into one another cross now; null where they still run on, or there is an arc between. */
    private double[] crossing(Segment a, Segment b) {
        if (!(a instanceof Straight one) || !(b instanceof Straight two) || turn(a, b) < SAME) {
            return null;
        }
        Straight p = moved(one);
        Straight q = moved(two);
        double dx = p.x1() - p.x0();
        double dy = p.y1() - p.y0();
        double ex = q.x1() - q.x0();
        double ey = q.y1() - q.y0();
        double t = ((q.x0() - p.x0()) * ey - (q.y0() - p.y0()) * ex) / (dx * ey - dy * ex);
        return new double[] {p.x0() + t * dx, p.y0() + t * dy};
    }

    /** Where a corner lies now, mm from the front: in the middle of all that it has become. */
    private double corner(double old, double perimeter, double around) {
        if (old < SAME || perimeter - old < SAME) {
            return 0;
        }
        double least = around;
        double most = 0;
        for (Moved m : moves) {
            if (old > m.oldFrom() - SAME && old < m.oldTo() + SAME) {
                double span = m.oldTo() - m.oldFrom();
                double share = span > SAME ? Math.max(0, Math.min(1, (old - m.oldFrom()) / span)) : 0;
                double from = m.newFrom() + share * (m.newTo() - m.newFrom());
                least = Math.min(least, from);
                most = Math.max(most, span > SAME ? from : m.newTo());
            }
        }
        return (least + most) / 2;
    }

    /**
     * How far in the line can go, mm: until a side is used up between its corners, a lobe comes down to its middle, or the
     * arc about a notch meets what lies opposite.
     */
    static double deepest(List<Segment> segments) {
        double deepest = Double.POSITIVE_INFINITY;
        int n = segments.size();
        for (int i = 0; i < n; i++) {
            Segment before = segments.get((i + n - 1) % n);
            Segment here = segments.get(i);
            Segment after = segments.get((i + 1) % n);
            if (here instanceof Straight) {
                deepest = Math.min(deepest, usedUp(here.length(), end(segments, i, -1), end(segments, i, 1)));
            } else if (here instanceof Bow bow && bow.by() > 0 && !(isCorner(before, after))) {
                deepest = Math.min(deepest, bow.r());
            }
            if (isNotch(here, after)) {
                deepest = Math.min(deepest, opposite(segments, here, after) / 2);
            }
        }
        return deepest;
    }

    /** Whether an arc between these is the rounding of a corner, or half of it on one side of the front. */
    private static boolean isCorner(Segment before, Segment after) {
        return before instanceof Straight || after instanceof Straight;
    }

    /** How a line gets shorter at one end: {radius that is used up first, mm, and mm for each mm after that}. */
    private static double[] end(List<Segment> segments, int i, int way) {
        int n = segments.size();
        double r = 0;
        double turn = 0;
        Segment from = segments.get(i);
        for (int j = 1; j < n; j++) {
            Segment next = segments.get(Math.floorMod(i + way * j, n));
            turn += way > 0 ? turn(from, next) : turn(next, from);
            if (next instanceof Straight) {
                break;
            }
            r = Math.max(r, ((Bow) next).r());
            turn += ((Bow) next).by();
            from = next;
        }
        boolean shrinks = turn > SAME && turn < Math.PI - SAME;
        return new double[] {r, shrinks ? Elementary.tan(turn / 2) : 0};
    }

    /** The z at which a line of this length is gone. */
    private static double usedUp(double length, double[] a, double[] b) {
        double[] first = a[0] <= b[0] ? a : b;
        double[] second = a[0] <= b[0] ? b : a;
        double alone = first[1] > 0 ? first[0] + length / first[1] : Double.POSITIVE_INFINITY;
        if (alone <= second[0] || second[1] == 0) {
            return alone;
        }
        return (length + first[0] * first[1] + second[0] * second[1]) / (first[1] + second[1]);
    }

    /** How far from a notch the nearest part is that does not run into it, mm. */
    private static double opposite(List<Segment> segments, Segment a, Segment b) {
        Spot notch = a.at(a.length());
        double least = Double.POSITIVE_INFINITY;
        for (Segment other : segments) {
            if (other != a && other != b) {
                Spot near = other.at(other.nearest(notch.x(), notch.y()));
                double far = Elementary.hypot(near.x() - notch.x(), near.y() - notch.y());
                if (far > SAME) {
                    least = Math.min(least, far);
                }
            }
        }
        return least;
    }
}
