package sectorum.make;

import java.util.Arrays;

/**
 * A polygon's upper and lower edge over columns of {@value #COLUMN} mm, each the farthest in its column: how near rows come
 * to one another is read off quickly, and errs only by keeping them a hair apart.
 */
final class Skyline {
    private static final double COLUMN = 0.5;

    private final double[] bottom;
    /** The upper edge grown by the gap on every side; its first column is the gap's, to the left. */
    private final double[] grown;

    private final int before;

    Skyline(Polygon polygon, double gap) {
        // Seen from the side, columns are heights.
        Polygon side = polygon.flipped();
        int n = (int) Math.ceil(polygon.width() / COLUMN - 1e-9);
        bottom = new double[n];
        double[] top = new double[n];
        for (int i = 0; i < n; i++) {
            double high = Math.min((i + 1) * COLUMN, polygon.width());
            bottom[i] = -side.edge(i * COLUMN, high, -1);
            top[i] = side.edge(i * COLUMN, high, 1);
        }
        before = (int) Math.ceil(gap / COLUMN - 1e-9);
        grown = new double[n + 2 * before];
        Arrays.fill(grown, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < n; i++) {
            for (int j = i; j <= i + 2 * before; j++) {
                grown[j] = Math.max(grown[j], top[i] + gap);
            }
        }
    }

    /** How far above this the other stands when it is so far to the right; nothing where they do not meet. */
    double rise(Skyline other, double offset) {
        double rise = Double.NEGATIVE_INFINITY;
        double first = offset / COLUMN + before;
        for (int j = 0; j < other.bottom.length; j++) {
            int from = Math.max(0, (int) Math.floor(first + j + 1e-9));
            int to = Math.min(grown.length - 1, (int) Math.ceil(first + j + 1 - 1e-9) - 1);
            for (int i = from; i <= to; i++) {
                rise = Math.max(rise, grown[i] - other.bottom[j]);
            }
        }
        return rise;
    }
}
