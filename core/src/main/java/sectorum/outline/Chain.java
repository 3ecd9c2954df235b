package sectorum.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import sectorum.drawing.Box;
import sectorum.measure.Elementary;

/** An outline of lines and arcs, given from its front on, anticlockwise. */
final class Chain implements Outline {
    private final List<Segment> segments;
    private final double[] starts;
    private final double perimeter;
    /** Far below what a knife can do and far above what doubles lose: a corner so near the seam is at it. */
    private static final double AT_SEAM_MM = 1e-6;

    private final List<Double> corners;
    private final boolean cornersRule;

    /** Corners are given as lengths from the front on. */
    Chain(List<Segment> fromFront, List<Double> cornersFromFront, boolean cornersRule) {
        segments = fromFront.stream().filter(g -> g.length() > 1e-12).toList();
        starts = new double[segments.size()];
        double run = 0;
        for (int i = 0; i < starts.length; i++) {
            starts[i] = run;
            run += segments.get(i).length();
        }
        perimeter = run;
        this.cornersRule = cornersRule;
        List<Double> found = new ArrayList<>();
        for (double c : cornersFromFront) {
            double s = Along.of(c + perimeter / 2, perimeter).s();
            found.add(Math.min(s, perimeter - s) < AT_SEAM_MM ? 0 : s);
        }
        Collections.sort(found);
        corners = List.copyOf(found);
    }

    /** The same chain with the middle of its box at the origin. */
    Chain centred() {
        Box box = box();
        double dx = -(box.left() + box.right()) / 2;
        double dy = -(box.low() + box.high()) / 2;
        return rebuilt(segments.stream().map(g -> g.moved(dx, dy)).toList(), 1);
    }

    private Chain rebuilt(List<Segment> changed, double k) {
        List<Double> fromFront =
                corners.stream().map(c -> (c - perimeter / 2) * k).toList();
        return new Chain(changed, fromFront, cornersRule);
    }

    @Override
    public double perimeter() {
        return perimeter;
    }

    @Override
    public Spot at(double s) {
        double u = Along.of(s - perimeter / 2, perimeter).s();
        int found = Arrays.binarySearch(starts, u);
        int i = found >= 0 ? found : -found - 2;
        return segments.get(i).at(u - starts[i]);
    }

    @Override
    public List<Double> corners() {
        return corners;
    }

    @Override
    public boolean cornersRule() {
        return cornersRule;
    }

    @Override
    public Outline scaled(double k) {
        return rebuilt(segments.stream().map(g -> g.scaled(k)).toList(), k);
    }

    @Override
    public Outline inset(double z) {
        return Inset.of(segments, corners, perimeter, cornersRule, z);
    }

    @Override
    public double deepest() {
        return Inset.deepest(segments);
    }

    @Override
    public double nearest(double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        double best = 0;
        for (int i = 0; i < starts.length; i++) {
            double u = segments.get(i).nearest(x, y);
            Spot spot = segments.get(i).at(u);
            double far = Elementary.hypot(spot.x() - x, spot.y() - y);
            if (far < least) {
                least = far;
                best = starts[i] + u;
            }
        }
        return Along.of(best + perimeter / 2, perimeter).s();
    }

    @Override
    public double area() {
        return segments.stream().mapToDouble(Segment::sweep).reduce(0, Double::sum) / 2;
    }

    /** Segment by segment, so that no stop cuts a corner. */
    @Override
    public List<Double> stops(double tolerance) {
        List<Double> stops = new ArrayList<>();
        for (int i = 0; i < starts.length; i++) {
            Segment segment = segments.get(i);
            double step = segment instanceof Segment.Bow bow
                    ? 2 * bow.r() * Elementary.acos(Math.max(1 - tolerance / bow.r(), 0.5))
                    : segment.length();
            int parts = (int) Math.ceil(segment.length() / step);
            for (int j = 0; j < parts; j++) {
                stops.add(Along.of(starts[i] + segment.length() * j / parts + perimeter / 2, perimeter)
                        .s());
            }
        }
        stops.add(0.0);
        return stops.stream().sorted().distinct().toList();
    }
}
