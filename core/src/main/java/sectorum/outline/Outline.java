package sectorum.outline;

import java.util.ArrayList;
import java.util.List;

/** The closed line round a tier, seen from above. See the package for its conventions. */
public interface Outline {
    /** Length of the whole line in mm. */
    double perimeter();

    /** Point, outward normal and curvature at s mm from the back seam; any s, wrapped. */
    Spot at(double s);

    /** Where the outline turns sharply, as ascending s: the middle of a rounded corner, a lobe's crossing, a point. */
    List<Double> corners();

    /** Whether every corner must carry a mark (rectangle and polygon, handbook 2.2). */
    default boolean cornersRule() {
        return false;
    }

    /** The same form, every length multiplied by k. */
    Outline scaled(double k);

    /** The same form with the perimeter as read by the tape (handbook 2.1). */
    default Outline withPerimeter(double mm) {
        return scaled(mm / perimeter());
    }

    /** Enclosed area in mm². */
    double area();

    /** Box of the outline: width in x and depth in y, mm. */
    default double[] box() {
        double x0 = Double.MAX_VALUE;
        double x1 = -x0;
        double y0 = x0;
        double y1 = -x0;
        for (double s : stops(0.05)) {
            Spot spot = at(s);
            x0 = Math.min(x0, spot.x());
            x1 = Math.max(x1, spot.x());
            y0 = Math.min(y0, spot.y());
            y1 = Math.max(y1, spot.y());
        }
        return new double[] {x1 - x0, y1 - y0};
    }

    /** Straight distance of two places: what a ruler or a stiff card spans. */
    default double chord(double s0, double s1) {
        return at(s0).distance(at(s1));
    }

    /** Ascending s from 0 whose joining straight lines stay within the tolerance (mm) of the outline. */
    default List<Double> stops(double tolerance) {
        List<Double> stops = new ArrayList<>();
        double p = perimeter();
        double s = 0;
        while (s < p) {
            stops.add(s);
            double bend = Math.max(Math.abs(at(s + 1e-7).curvature()), 0.5 / p);
            // Curvature is taken at the near end and may grow along the step: leave a tenth in hand.
            s += Math.min(Math.sqrt(7.2 * tolerance / bend), p / 24);
        }
        return stops;
    }
}
