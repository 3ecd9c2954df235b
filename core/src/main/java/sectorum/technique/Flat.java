package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.curve.Hanging;

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
            round.add(diameter / 2 * Math.cos(angle));
            round.add(diameter / 2 * Math.sin(angle));
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
        double twice = 0;
        for (int i = 0; i < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            twice += xz.get(i) * xz.get(j + 1) - xz.get(j) * xz.get(i + 1);
        }
        return Math.abs(twice) / 2;
    }
}
