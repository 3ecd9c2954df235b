package sectorum.build;

/**
 * Something stuck into the cake that comes out again: a straight line of some thickness. Its ends in mm: x to the right and
 * y away from the front, from the lowest tier's middle; z up from the lowest foot.
 *
 * @param tier it goes into; empty: through all
 * @param name what it is, in words
 * @param piece the piece of one's own that it holds; empty: none
 * @param number among its like, from 1
 * @param across its diameter
 */
public record Inserted(
        Kind kind,
        String tier,
        String name,
        String piece,
        int number,
        double x0,
        double y0,
        double z0,
        double x1,
        double y1,
        double z1,
        double across) {

    /** What it is. */
    public enum Kind {
        DOWEL,
        CENTRE,
        /** A rod in a tall tier. */
        ROD,
        PICK
    }

    double left() {
        return Math.min(x0, x1) - across / 2;
    }

    double right() {
        return Math.max(x0, x1) + across / 2;
    }

    /** Free cake between it and another, mm; below 0 where they run into each other. */
    double clear(Inserted other) {
        return apart(other) - (across + other.across) / 2;
    }

    /** The least distance of two straight lines in space (closest points of segments). */
    private double apart(Inserted o) {
        double[] u = {x1 - x0, y1 - y0, z1 - z0};
        double[] v = {o.x1 - o.x0, o.y1 - o.y0, o.z1 - o.z0};
        double[] w = {x0 - o.x0, y0 - o.y0, z0 - o.z0};
        double a = dot(u, u);
        double b = dot(u, v);
        double c = dot(v, v);
        double d = dot(u, w);
        double e = dot(v, w);
        double det = a * c - b * b;
        // Parallel ones are measured from an end: s is any, and t follows from it.
        double s = det < 1e-9 ? 0 : clamp((b * e - c * d) / det);
        double t = c < 1e-12 ? 0 : clamp((b * s + e) / c);
        s = a < 1e-12 ? 0 : clamp((b * t - d) / a);
        t = c < 1e-12 ? 0 : clamp((b * s + e) / c);
        double sum = 0;
        for (int i = 0; i < u.length; i++) {
            double gap = w[i] + s * u[i] - t * v[i];
            sum += gap * gap;
        }
        return Math.sqrt(sum);
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double clamp(double x) {
        return Math.max(0, Math.min(1, x));
    }
}
