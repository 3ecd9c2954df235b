package sectorum.divide;

import java.util.List;
import sectorum.measure.Rounding;

/** How a difference between neighbours looks (craft 2.0). */
public enum Compare {
    UNNOTICED("nobody notices"),
    SHOWS("shows if one looks"),
    PLAIN("is plain to see");

    /** The share up to which nobody notices. */
    public static final double UNNOTICED_UP_TO = 0.03;

    /** Sections nearer than this are of one size. */
    private static final double ALIKE_MM = 0.001;

    private final String words;

    Compare(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** |a − b|/b, b the ordinary section beside it: to 3 % unnoticed, to 8 % shows if one looks, more is plain. */
    public static Compare of(double a, double ordinary) {
        double share = share(a, ordinary);
        if (Rounding.atMost(share, UNNOTICED_UP_TO)) {
            return UNNOTICED;
        }
        return Rounding.atMost(share, 0.08) ? SHOWS : PLAIN;
    }

    /** The section that the most sections have; of several as common, the one nearest to the compared. */
    public static double ordinary(List<Double> sections, double compared) {
        double[] sorted =
                sections.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double best = compared;
        int most = 0;
        int from = 0;
        int to = 0;
        for (double each : sorted) {
            while (sorted[from] <= each - ALIKE_MM) {
                from++;
            }
            while (to < sorted.length && sorted[to] < each + ALIKE_MM) {
                to++;
            }
            int many = to - from;
            boolean nearer = many == most && Math.abs(each - compared) < Math.abs(best - compared);
            if (many > most || nearer) {
                best = each;
                most = many;
            }
        }
        return best;
    }

    /** How much a differs from what is ordinary, as a share of that; not signed. */
    public static double share(double a, double ordinary) {
        return Math.abs(a - ordinary) / ordinary;
    }
}
