package sectorum.outline;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Box;
import sectorum.measure.Elementary;

/** The closed line round a tier, seen from above. See the package for its conventions. */
public interface Outline {
    /** So far beside a place its neighbours are looked at, mm: less than any knife, more than doubles lose. */
    double BESIDE_MM = 1e-7;

    /** So nearly along the normal a place lies square on the line, and not beside a point of it. */
    double SQUARE_ON = 1 - 1e-9;

    /** Length of the whole line in mm. */
    double perimeter();

    /** Point, outward normal and curvature at s mm from the back seam; any s, wrapped. */
    Spot at(double s);

    /** Where the outline turns sharply, as ascending s: the middle of a rounded corner, a lobe's crossing, a point. */
    List<Double> corners();

    /** Whether every corner must carry a mark (rectangle and polygon, craft 2.2). */
    default boolean cornersRule() {
        return false;
    }

    /** The same form, every length multiplied by k. */
    Outline scaled(double k);

    /** The same form with the perimeter as read by the tape (craft 2.1). */
    default Outline withPerimeter(double mm) {
        return scaled(mm / perimeter());
    }

    /** Enclosed area in mm². */
    double area();

    /**
     * The line inside this one that is everywhere so far from it: P − 2πz while nothing is swallowed. It keeps front, seam
     * and corners; a corner's arc gets smaller, a notch's larger.
     *
     * @param z mm, 0 to {@link #deepest()}
     */
    Outline inset(double z);

    /** How far in a line can go that still has all of this one's parts, mm. */
    double deepest();

    /** The place of this line that is nearest to a point, mm from the back seam. */
    double nearest(double x, double y);

    /** How far a point lies inside this line, mm; below 0 outside. */
    default double within(double x, double y) {
        double s = nearest(x, y);
        Spot spot = at(s);
        double far = Elementary.hypot(x - spot.x(), y - spot.y());
        double square = (x - spot.x()) * spot.nx() + (y - spot.y()) * spot.ny();
        if (Math.abs(square) > far * SQUARE_ON) {
            return square > 0 ? -far : far;
        }
        // At a point of the line both its sides are asked: outside a corner one of them looks away from what lies
        // there.
        Spot before = at(s - BESIDE_MM);
        Spot after = at(s + BESIDE_MM);
        double a = (x - spot.x()) * before.nx() + (y - spot.y()) * before.ny();
        double b = (x - spot.x()) * after.nx() + (y - spot.y()) * after.ny();
        boolean notch = before.nx() * after.ny() - before.ny() * after.nx() < -BESIDE_MM;
        boolean out = notch ? Math.min(a, b) > 0 : Math.max(a, b) > 0;
        return out ? -far : far;
    }

    /** How far the outline reaches, as exact as the outline itself. */
    default Box box() {
        List<Double> stops = stops(0.05);
        return new Box(-farthest(stops, -1, 0), -farthest(stops, 0, -1), farthest(stops, 1, 0), farthest(stops, 0, 1));
    }

    /** How far it reaches in a direction: looked for between the stops beside the farthest of them. */
    private double farthest(List<Double> stops, double dx, double dy) {
        int best = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < stops.size(); i++) {
            double here = along(stops.get(i), dx, dy);
            if (here > most) {
                most = here;
                best = i;
            }
        }
        double low = best > 0 ? stops.get(best - 1) : stops.get(stops.size() - 1) - perimeter();
        double high = best + 1 < stops.size() ? stops.get(best + 1) : stops.get(0) + perimeter();
        for (int i = 0; i < 60; i++) {
            double third = (high - low) / 3;
            boolean left = along(low + third, dx, dy) > along(high - third, dx, dy);
            high = left ? high - third : high;
            low = left ? low : low + third;
        }
        return Math.max(most, along((low + high) / 2, dx, dy));
    }

    private double along(double s, double dx, double dy) {
        Spot spot = at(s);
        return spot.x() * dx + spot.y() * dy;
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
            double bend = Math.max(Math.abs(at(s + BESIDE_MM).curvature()), 0.5 / p);
            // Curvature is taken at the near end and may grow along the step: leave a tenth in hand.
            s += Math.min(Math.sqrt(7.2 * tolerance / bend), p / 24);
        }
        return stops;
    }
}
