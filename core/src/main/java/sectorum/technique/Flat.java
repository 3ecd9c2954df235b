package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Contour;
import sectorum.curve.Hanging;
import sectorum.measure.Elementary;

/** Flat outlines as x0, z0, x1, z1, … in mm, z up. */
final class Flat {
    private Flat() {}

    /** From a lower left corner. */
    static List<Double> rectangle(double x, double z, double width, double height) {
        return List.of(x, z, x + width, z, x + width, z + height, x, z + height);
    }

    static List<Double> circle(double diameter, int corners) {
        List<Double> round = new ArrayList<>(2 * corners);
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            round.add(diameter / 2 * Elementary.cos(angle));
            round.add(diameter / 2 * Elementary.sin(angle));
        }
        return round;
    }

    /** What lies between two curves over the same width, the upper one moved up by so much. */
    static List<Double> between(Hanging lower, Hanging upper, double raised, int parts) {
        List<Double> around = new ArrayList<>(lower.points(parts));
        List<Double> back = upper.points(parts);
        for (int i = parts; i >= 0; i--) {
            around.add(back.get(2 * i));
            around.add(back.get(2 * i + 1) + raised);
        }
        return around;
    }

    /** Area in mm², whichever way round it runs. */
    static double area(List<Double> xz) {
        return Contour.area(xz);
    }

    /** Length in mm, back to its beginning where it is closed. */
    static double length(List<Double> xz, boolean closed) {
        double sum = 0;
        for (int i = 0; i + (closed ? 0 : 2) < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            sum += Elementary.hypot(xz.get(j) - xz.get(i), xz.get(j + 1) - xz.get(i + 1));
        }
        return sum;
    }

    static List<Double> moved(List<Double> xz, double dx, double dz) {
        List<Double> there = new ArrayList<>(xz.size());
        for (int i = 0; i < xz.size(); i += 2) {
            there.add(xz.get(i) + dx);
            there.add(xz.get(i + 1) + dz);
        }
        return there;
    }

    /** As a mirror at x = 0 shows it. */
    static List<Double> flipped(List<Double> xz) {
        List<Double> there = new ArrayList<>(xz.size());
        for (int i = 0; i < xz.size(); i += 2) {
            there.add(-xz.get(i));
            there.add(xz.get(i + 1));
        }
        return there;
    }

    /** About the origin, radians anticlockwise. */
    static List<Double> turned(List<Double> xz, double turn) {
        double cos = Elementary.cos(turn);
        double sin = Elementary.sin(turn);
        List<Double> there = new ArrayList<>(xz.size());
        for (int i = 0; i < xz.size(); i += 2) {
            there.add(xz.get(i) * cos - xz.get(i + 1) * sin);
            there.add(xz.get(i) * sin + xz.get(i + 1) * cos);
        }
        return there;
    }

    /** What of an outline lies in a convex one that runs anticlockwise, by cutting it at each of its edges; empty: nothing. */
    static List<Double> clipped(List<Double> outline, List<Double> convex) {
        List<Double> left = outline;
        for (int i = 0; i < convex.size() && !left.isEmpty(); i += 2) {
            int j = (i + 2) % convex.size();
            double ax = convex.get(i);
            double az = convex.get(i + 1);
            double ux = convex.get(j) - ax;
            double uz = convex.get(j + 1) - az;
            List<Double> kept = new ArrayList<>();
            for (int k = 0; k < left.size(); k += 2) {
                int n = (k + 2) % left.size();
                double here = ux * (left.get(k + 1) - az) - uz * (left.get(k) - ax);
                double there = ux * (left.get(n + 1) - az) - uz * (left.get(n) - ax);
                if (here >= 0) {
                    kept.add(left.get(k));
                    kept.add(left.get(k + 1));
                }
                if (here * there < 0) {
                    double share = here / (here - there);
                    kept.add(left.get(k) + share * (left.get(n) - left.get(k)));
                    kept.add(left.get(k + 1) + share * (left.get(n + 1) - left.get(k + 1)));
                }
            }
            left = kept;
        }
        return left;
    }

    /** Whether every corner of an outline lies in another. */
    static boolean within(List<Double> outline, List<Double> other) {
        if (other.isEmpty()) {
            return false;
        }
        for (int k = 0; k < outline.size(); k += 2) {
            if (!Contour.holds(other, outline.get(k), outline.get(k + 1))) {
                return false;
            }
        }
        return true;
    }
}
