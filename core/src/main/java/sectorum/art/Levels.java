package sectorum.art;

import java.util.ArrayList;
import java.util.List;

/**
 * Where greys part into classes: the thresholds that make classes differ most among themselves and least within (the sum of n·m² of
 * the classes is largest; by dynamic programming over the 256 levels, so it is the best there is).
 */
public final class Levels {
    private static final int GREYS = 256;

    private Levels() {}

    /**
     * So many thresholds, ascending, each from 1 to 255: a point belongs to what is darker when its level is under it. Fewer where the
     * picture has not so many greys.
     */
    public static List<Integer> of(Grey picture, int many) {
        int[] histogram = picture.histogram();
        double[] count = new double[GREYS + 1];
        double[] sum = new double[GREYS + 1];
        int greys = 0;
        for (int g = 0; g < GREYS; g++) {
            count[g + 1] = count[g] + histogram[g];
            sum[g + 1] = sum[g] + (double) histogram[g] * g;
            greys += histogram[g] > 0 ? 1 : 0;
        }
        int classes = Math.min(many + 1, Math.max(1, greys));
        double[][] best = new double[classes + 1][GREYS + 1];
        int[][] from = new int[classes + 1][GREYS + 1];
        for (double[] row : best) {
            java.util.Arrays.fill(row, Double.NEGATIVE_INFINITY);
        }
        best[0][0] = 0;
        for (int c = 1; c <= classes; c++) {
            for (int to = c; to <= GREYS; to++) {
                for (int start = c - 1; start < to; start++) {
                    double n = count[to] - count[start];
                    double s = sum[to] - sum[start];
                    double value = best[c - 1][start] + (n > 0 ? s * s / n : 0);
                    // Of equal ones the middle of an empty stretch would be as good; the later start keeps edges soft.
                    if (value > best[c][to]) {
                        best[c][to] = value;
                        from[c][to] = start;
                    }
                }
            }
        }
        List<Integer> ends = new ArrayList<>(List.of(GREYS));
        for (int c = classes; c > 0; c--) {
            ends.add(0, from[c][ends.get(0)]);
        }
        List<Integer> thresholds = new ArrayList<>();
        for (int c = 1; c < classes; c++) {
            int under = median(histogram, ends.get(c - 1), ends.get(c));
            int over = median(histogram, ends.get(c), ends.get(c + 1));
            thresholds.add(Math.max(1, (under + over + 1) / 2));
        }
        return thresholds;
    }

    /**
     * The grey that most of a class have: half way between two of them is half covered, so that what is traced is neither fatter nor
     * thinner than what was drawn, however much of a picture is light.
     */
    private static int median(int[] histogram, int from, int to) {
        long all = 0;
        for (int g = from; g < to; g++) {
            all += histogram[g];
        }
        long sum = 0;
        for (int g = from; g < to; g++) {
            sum += histogram[g];
            if (2 * sum >= all) {
                return g;
            }
        }
        return from;
    }
}
