package sectorum.measure;

/** The one place where numbers are rounded. Every floor, ceiling and inclusive limit has the tolerance {@link #EPS}. */
public final class Rounding {
    /** Plain doubles make ceil(50 · 1.1) = 56; a billionth is far below any reading and far above the error of a sum. */
    public static final double EPS = 1e-9;

    private Rounding() {}

    /** {@code floor(x/step + 0.5)·step}, half up, as craft 2.0 has it. */
    public static double halfUp(double x, double step) {
        if (!(step > 0)) {
            throw new Refused("step", Phrase.of("A rounding step is over 0; this is {}.", Quantity.plain(step)));
        }
        return floor(x / step + 0.5) * step;
    }

    /** The largest whole number not above x, where a billionth short still counts as reached. */
    public static double floor(double x) {
        return Math.floor(x + EPS);
    }

    /** The smallest whole number not below x, where a billionth over does not count. */
    public static double ceil(double x) {
        return Math.ceil(x - EPS);
    }

    /** a ≤ b, with the tolerance on the side of the decorator. */
    public static boolean atMost(double a, double b) {
        return a <= b + EPS;
    }
}
