package sectorum.measure;

/** What a double leaves out of a product or a sum: carried beside it, two doubles hold twice the digits. */
final class Tails {
    /** Cuts a double into two halves of its digits: 2²⁷ + 1. */
    private static final double SPLIT = 134_217_729;

    private Tails() {}

    /** The product's last bits, which its double does not hold (Dekker). */
    static double lost(double a, double b, double product) {
        double c = SPLIT * a;
        double high = c - (c - a);
        double low = a - high;
        double d = SPLIT * b;
        double top = d - (d - b);
        double rest = b - top;
        return high * top - product + high * rest + low * top + low * rest;
    }

    /** The sum's last bits (Knuth). */
    static double lostSum(double a, double b, double sum) {
        double back = sum - a;
        return a - (sum - back) + (b - back);
    }
}
