package sectorum.divide;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.outline.Along;
import sectorum.outline.Outline;

/** Division where corners rule: every corner carries a mark and each side is divided on its own (craft 2.2). */
final class Corners {
    private Corners() {}

    static List<Double> marks(Outline outline, int n) {
        Phrase refusal = refusal(outline, n);
        if (refusal != null) {
            throw new Refused("count", refusal);
        }
        double p = outline.perimeter();
        List<Double> corners = outline.corners();
        List<Double> sides = sides(outline);
        int[] counts = counts(sides, n);
        List<Double> marks = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            for (int j = 0; j < counts[i]; j++) {
                marks.add(Division.onSeam(corners.get(i) + sides.get(i) * j / counts[i], p));
            }
        }
        marks.sort(null);
        return marks;
    }

    /** Why this count cannot put a mark on every corner, or null when it can. */
    static Phrase refusal(Outline outline, int n) {
        int sides = outline.corners().size();
        boolean alike = alike(sides(outline));
        int step = alike ? sides : 2;
        if (n >= sides && n % step == 0) {
            return null;
        }
        int below = Math.max(sides, n - Math.floorMod(n, step));
        String why = alike
                ? "{} does not put a mark on each of {} corners with sides alike. Nearest that do: {} and {}."
                : "{} does not put a mark on each of {} corners with facing sides alike. Nearest that do: {} and {}.";
        return Phrase.of(
                why, Quantity.count(n), Quantity.count(sides), Quantity.count(below), Quantity.count(below + step));
    }

    /** Lengths from each corner to the next: L = a − 2r + πr/2 on a rectangle. */
    static List<Double> sides(Outline outline) {
        double p = outline.perimeter();
        List<Double> corners = outline.corners();
        List<Double> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            sides.add(Along.of(corners.get(i), p).to(Along.of(corners.get((i + 1) % corners.size()), p)));
        }
        return sides;
    }

    private static boolean alike(List<Double> sides) {
        return sides.stream().allMatch(s -> Math.abs(s - sides.get(0)) < 1e-6);
    }

    /** n_a + n_b = n/2 with the least |L_a/n_a − L_b/n_b|; sides alike share evenly. */
    private static int[] counts(List<Double> sides, int n) {
        int[] counts = new int[sides.size()];
        if (alike(sides)) {
            java.util.Arrays.fill(counts, n / sides.size());
            return counts;
        }
        double a = sides.get(0);
        double b = sides.get(1);
        int best = 1;
        for (int na = 1; na < n / 2; na++) {
            if (uneven(a, na, b, n / 2 - na) < uneven(a, best, b, n / 2 - best) - Rounding.EPS) {
                best = na;
            }
        }
        for (int i = 0; i < counts.length; i++) {
            counts[i] = i % 2 == 0 ? best : n / 2 - best;
        }
        return counts;
    }

    private static double uneven(double a, int na, double b, int nb) {
        return Math.abs(a / na - b / nb);
    }
}
