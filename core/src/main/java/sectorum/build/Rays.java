package sectorum.build;

import java.util.List;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/** How far it is from a place inside an outline to the outline. */
final class Rays {
    private final double[] xs;
    private final double[] ys;

    Rays(Outline outline) {
        List<Spot> spots = outline.stops(0.05).stream().map(outline::at).toList();
        xs = spots.stream().mapToDouble(Spot::x).toArray();
        ys = spots.stream().mapToDouble(Spot::y).toArray();
    }

    /** The way from x, y in a direction to where the outline is crossed last, mm; below 0 where it lies behind, not at all. */
    double reach(double x, double y, double dx, double dy) {
        double far = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            double ex = xs[j] - xs[i];
            double ey = ys[j] - ys[i];
            double cross = dx * ey - dy * ex;
            if (Math.abs(cross) < 1e-12) {
                continue;
            }
            double along = ((xs[i] - x) * ey - (ys[i] - y) * ex) / cross;
            double share = ((xs[i] - x) * dy - (ys[i] - y) * dx) / cross;
            if (share >= -1e-9 && share <= 1 + 1e-9) {
                far = Math.max(far, along);
            }
        }
        return far;
    }

    /** The largest circle about the middle that lies within, its radius. */
    double inscribed() {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            double ex = xs[j] - xs[i];
            double ey = ys[j] - ys[i];
            double length = ex * ex + ey * ey;
            double t = length == 0 ? 0 : Math.max(0, Math.min(1, -(xs[i] * ex + ys[i] * ey) / length));
            least = Math.min(least, Math.hypot(xs[i] + t * ex, ys[i] + t * ey));
        }
        return least;
    }
}
