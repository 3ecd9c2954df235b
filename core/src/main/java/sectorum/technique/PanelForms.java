package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Rounding;

/**
 * The forms that panels are cut to and the order in which they stand: equal, or of some widths mixed by seed; n = ceil(P/(b −
 * o)), more where a mix is narrower, so that they close for any seed and never lap by less than the least (craft 3G).
 *
 * @param widths of the forms, mm
 * @param order which form each panel has, from the first on
 * @param lap of one over the next, mm
 */
record PanelForms(List<Double> widths, List<Integer> order, double lap) {
    /** A mix has no more forms than a hand keeps apart. */
    private static final int FORMS = 5;

    /**
     * @param length that they stand along, mm
     * @param closed whether the last laps over the first
     * @param vary how far widths differ from the mean, share of it; 0: they are equal
     */
    static PanelForms of(double length, boolean closed, double width, double least, double vary, int seed) {
        List<Double> widths = new ArrayList<>();
        int forms = vary > 0 ? FORMS : 1;
        for (int i = 0; i < forms; i++) {
            widths.add(forms == 1 ? width : width * (1 + vary * (2.0 * i / (forms - 1) - 1)));
        }
        double open = closed ? length : length - least;
        int n = (int) Math.max(1, Rounding.ceil(open / (width - least)));
        while (true) {
            List<Integer> order = order(n, forms, seed);
            double sum = order.stream().mapToDouble(widths::get).reduce(0, Double::sum);
            int laps = closed ? n : n - 1;
            double lap = laps == 0 ? least : (sum - length) / laps;
            if (lap >= least - 1e-9 || (laps == 0 && sum >= length - 1e-9)) {
                return new PanelForms(List.copyOf(widths), order, Math.max(lap, 0));
            }
            n++;
        }
    }

    private static List<Integer> order(int n, int forms, int seed) {
        List<Integer> order = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            order.add(Math.min(forms - 1, (int) (forms * Seeded.share(seed, i))));
        }
        return List.copyOf(order);
    }

    int count() {
        return order.size();
    }

    double width(int panel) {
        return widths.get(order.get(panel));
    }

    /** How far a flat panel stands off a round of radius R at its edges: √(R²+b²/4) − R (craft 3G); mm. */
    static double standOff(double radius, double width) {
        return Double.isInfinite(radius) ? 0 : Math.sqrt(radius * radius + width * width / 4) - radius;
    }

    /** The widest that stands off by no more, mm. */
    static double widest(double radius, double off) {
        return 2 * Math.sqrt((radius + off) * (radius + off) - radius * radius);
    }

    /** What lies between a flat panel and the round that it touches in its middle, mm² seen from above. */
    static double gap(double radius, double width) {
        return Double.isInfinite(radius)
                ? 0
                : radius * width / 2 - radius * radius * Elementary.atan(width / (2 * radius));
    }
}
