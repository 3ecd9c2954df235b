package sectorum.build;

import sectorum.measure.Elementary;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/** How far it is from a place inside an outline to the outline, to a thousandth of a millimetre. */
final class Rays {
    /** A stretch of outline is halved so often: from a hand's breadth to less than a nanometre. */
    private static final int HALVINGS = 48;
    /** Nearest places are flat: a place known to a hundredth of a hair tells the way to far less than a nanometre. */
    private static final int THIRDS = 26;
    /** No stretch bows farther from its chord, mm. */
    private static final double BOW = 0.05;

    private static final double ALIKE = 1e-9;

    private final Outline outline;
    private final double[] stops;
    private final double[] xs;
    private final double[] ys;

    Rays(Outline outline) {
        this.outline = outline;
        stops = outline.stops(BOW).stream().mapToDouble(Double::doubleValue).toArray();
        xs = new double[stops.length];
        ys = new double[stops.length];
        for (int i = 0; i < stops.length; i++) {
            Spot spot = outline.at(stops[i]);
            xs[i] = spot.x();
            ys[i] = spot.y();
        }
    }

    private double end(int i) {
        return i + 1 < stops.length ? stops[i + 1] : outline.perimeter();
    }

    /** The way from x, y in a direction to where the outline is crossed last, mm; below 0 where it lies behind, not at all. */
    double reach(double x, double y, double dx, double dy) {
        double far = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            double before = (xs[i] - x) * dy - (ys[i] - y) * dx;
            double after = (xs[j] - x) * dy - (ys[j] - y) * dx;
            if (before <= 0 && after <= 0 && before + after < 0 || before > 0 && after > 0) {
                continue;
            }
            double low = stops[i];
            double high = end(i);
            for (int k = 0; k < HALVINGS; k++) {
                double middle = (low + high) / 2;
                Spot spot = outline.at(middle);
                boolean same = (spot.x() - x) * dy - (spot.y() - y) * dx > 0 == before > 0;
                low = same ? middle : low;
                high = same ? high : middle;
            }
            Spot spot = outline.at((low + high) / 2);
            far = Math.max(far, ((spot.x() - x) * dx + (spot.y() - y) * dy) / (dx * dx + dy * dy));
        }
        return far;
    }

    /** The largest circle about the middle that lies within, its radius. */
    double inscribed() {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < stops.length; i++) {
            double begin = Elementary.hypot(xs[i], ys[i]);
            double middle = away((stops[i] + end(i)) / 2);
            least = Math.min(least, Math.min(begin, middle));
            // An arc about the middle is everywhere as far; where the chord is farther still, so is what it stands for.
            boolean round = Math.abs(begin - middle) < ALIKE && Math.abs(begin - away(end(i))) < ALIKE;
            if (!round && chord(i) - BOW < least) {
                least = Math.min(least, nearest(stops[i], end(i)));
            }
        }
        return least;
    }

    /** How far the chord of a stretch is from the middle. */
    private double chord(int i) {
        int j = (i + 1) % xs.length;
        double dx = xs[j] - xs[i];
        double dy = ys[j] - ys[i];
        double long2 = dx * dx + dy * dy;
        double t = long2 == 0 ? 0 : Math.max(0, Math.min(1, -(xs[i] * dx + ys[i] * dy) / long2));
        return Elementary.hypot(xs[i] + t * dx, ys[i] + t * dy);
    }

    private double nearest(double from, double to) {
        double low = from;
        double high = to;
        for (int k = 0; k < THIRDS; k++) {
            double third = (high - low) / 3;
            boolean left = away(low + third) < away(high - third);
            high = left ? high - third : high;
            low = left ? low : low + third;
        }
        return away((low + high) / 2);
    }

    private double away(double s) {
        Spot spot = outline.at(s);
        return Elementary.hypot(spot.x(), spot.y());
    }
}
