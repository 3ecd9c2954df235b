package sectorum.measure;

/**
 * Chance from a seed, the same wherever it runs: the linear congruential generator that the description of
 * {@code java.util.Random} lays down, so that its sequence is that one's; a browser has another of its own.
 */
public final class Dice {
    private static final long MULTIPLIER = 0x5DEECE66DL;
    private static final long ADDED = 0xBL;
    private static final long MASK = (1L << 48) - 1;
    private static final double UNIT = 0x1p-53;

    private long seed;
    private double kept = Double.NaN;

    public Dice(long seed) {
        this.seed = (seed ^ MULTIPLIER) & MASK;
    }

    private int next(int bits) {
        seed = (seed * MULTIPLIER + ADDED) & MASK;
        return (int) (seed >>> (48 - bits));
    }

    /** A whole number from 0 to one below the bound, each as likely. */
    public int nextInt(int bound) {
        if (bound <= 0) {
            throw new IllegalArgumentException("A throw of " + bound + " has no faces; it needs one or more");
        }
        int bits = next(31);
        if ((bound & (bound - 1)) == 0) {
            return (int) ((bound * (long) bits) >> 31);
        }
        int value = bits % bound;
        // The last numbers that do not fill a round of the bound would favour the small ones.
        while (bits - value + (bound - 1) < 0) {
            bits = next(31);
            value = bits % bound;
        }
        return value;
    }

    /** From 0 to under 1. */
    public double nextDouble() {
        return (((long) next(26) << 27) + next(27)) * UNIT;
    }

    /** Of mean 0 and standard deviation 1, by Marsaglia's polar way: two at a time, the second kept. */
    public double nextGaussian() {
        if (!Double.isNaN(kept)) {
            double last = kept;
            kept = Double.NaN;
            return last;
        }
        double x;
        double y;
        double square;
        do {
            x = 2 * nextDouble() - 1;
            y = 2 * nextDouble() - 1;
            square = x * x + y * y;
        } while (square >= 1 || square == 0);
        double k = Math.sqrt(-2 * Elementary.log(square) / square);
        kept = y * k;
        return x * k;
    }
}
