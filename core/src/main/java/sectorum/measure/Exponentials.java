package sectorum.measure;

/** Exponentials and logarithms for {@link Elementary}, reckoned in two doubles. */
final class Exponentials {
    /** ln 2 in a part of 33 bits and what is left. */
    private static final double LN2 = 0.6931471804855391;

    private static final double LN2_LOW = 7.440617110012397e-11;
    private static final double LOG2E = 1 / 0.6931471805599453;

    private Exponentials() {}

    private static double scaled(double x, int k) {
        double y = x;
        int left = k;
        while (left > 1000) {
            y *= 0x1p1000;
            left -= 1000;
        }
        while (left < -1000) {
            y *= 0x1p-1000;
            left += 1000;
        }
        return y * Double.longBitsToDouble((long) (left + 1023) << 52);
    }

    /** e^(high + low) as so many powers of two, and a number near one in two doubles. */
    private record Power(int twos, double high, double low) {
        static Power of(double high, double low) {
            double k = Math.floor(high * LOG2E + 0.5);
            double a = high - k * LN2;
            double b = k * LN2_LOW;
            double z = a - b;
            double tail = a - z - b + low;
            double s = 1 / 355_687_428_096_000.0;
            s = 1 / 20_922_789_888_000.0 + z * s;
            s = 1 / 1_307_674_368_000.0 + z * s;
            s = 1 / 87_178_291_200.0 + z * s;
            s = 1 / 6_227_020_800.0 + z * s;
            s = 1 / 479_001_600.0 + z * s;
            s = 1 / 39_916_800.0 + z * s;
            s = 1 / 3_628_800.0 + z * s;
            s = 1 / 362_880.0 + z * s;
            s = 1 / 40_320.0 + z * s;
            s = 1 / 5_040.0 + z * s;
            s = 1 / 720.0 + z * s;
            s = 1 / 120.0 + z * s;
            s = 1 / 24.0 + z * s;
            s = 1 / 6.0 + z * s;
            double one = 1 + z;
            double square = z * z;
            double sum = one + square / 2;
            double rest = Tails.lostSum(1, z, one)
                    + Tails.lostSum(one, square / 2, sum)
                    + Tails.lost(z, z, square) / 2
                    + z * z * z * s;
            double y = sum + rest;
            return new Power((int) k, y, y * tail + (sum - y + rest));
        }

        double value() {
            return scaled(high + low, twos);
        }
    }

    static double exp(double x) {
        if (!(x > -745.2)) {
            return Double.isNaN(x) ? x : 0;
        }
        return x > 709.8 ? Double.POSITIVE_INFINITY : Power.of(x, 0).value();
    }

    /** ln x for x over 0, as a double and what it leaves: by the series of artanh, then one step of Newton's. */
    private static double[] logarithm(double x) {
        double m = x;
        int e = 0;
        if (m < 0x1p-1022) {
            m *= 0x1p54;
            e = -54;
        }
        long bits = Double.doubleToLongBits(m);
        e += (int) (bits >>> 52) - 1023;
        m = Double.longBitsToDouble(bits & 0xfffffffffffffL | 0x3ff0000000000000L);
        if (m > 1.4142135623730951) {
            m /= 2;
            e++;
        }
        double f = m - 1;
        double q = f / (2 + f);
        double z = q * q;
        double s = 1 / 23.0;
        for (int i = 21; i > 0; i -= 2) {
            s = 1.0 / i + z * s;
        }
        double y = 2 * q * s;
        Power back = Power.of(-y, 0);
        double high = scaled(back.high(), back.twos());
        double low = scaled(back.low(), back.twos());
        double product = m * high;
        double d = product - 1 + (Tails.lost(m, high, product) + m * low);
        d -= d * d / 2;
        double a = e * LN2 + y;
        double b = a + e * LN2_LOW;
        double tail = Tails.lostSum(a, e * LN2_LOW, b) + Tails.lostSum(e * LN2, y, a) + d;
        double whole = b + tail;
        return new double[] {whole, b - whole + tail};
    }

    /** Natural logarithm; not a number under 0. */
    static double log(double x) {
        if (x > 0 && x <= Double.MAX_VALUE) {
            return logarithm(x)[0];
        }
        return x == 0 ? Double.NEGATIVE_INFINITY : x > 0 ? x : Double.NaN;
    }

    /** ln(1 + x), true for small x, too. */
    static double log1p(double x) {
        double sum = 1 + x;
        return sum > 0 && sum <= Double.MAX_VALUE ? log(sum) + Tails.lostSum(1, x, sum) / sum : log(sum);
    }

    /** x to the y; of x under 0 only whole powers. */
    static double pow(double x, double y) {
        if (y == 0 || x == 1) {
            return 1;
        }
        if (y == 1 || Double.isNaN(x) || Double.isNaN(y)) {
            return y == 1 ? x : Double.NaN;
        }
        if (y == 2) {
            return x * x;
        }
        boolean whole = y == Math.floor(y);
        boolean odd = whole && y / 2 != Math.floor(y / 2);
        if (x < 0) {
            return !whole ? Double.NaN : odd ? -pow(-x, y) : pow(-x, y);
        }
        if (x == 0 || x > Double.MAX_VALUE) {
            boolean vanishes = x == 0 == y > 0;
            return vanishes ? 0 : Double.POSITIVE_INFINITY;
        }
        double[] log = logarithm(x);
        double product = log[0] * y;
        if (!(Math.abs(product) < 746)) {
            return product > 0 ? Double.POSITIVE_INFINITY : 0;
        }
        double rest = Tails.lost(log[0], y, product) + log[1] * y;
        double high = product + rest;
        return Power.of(high, product - high + rest).value();
    }

    /** The cube root. */
    static double cbrt(double x) {
        double a = Math.abs(x);
        if (!(a > 0 && a <= Double.MAX_VALUE)) {
            return x;
        }
        double y = pow(a, 1 / 3.0);
        // A third has no double: one step of Newton's takes off what that left.
        return Math.copySign(y - (y - a / y / y) / 3, x);
    }

    static double sinh(double x) {
        double a = Math.abs(x);
        if (a < 0.3) {
            double z = x * x;
            double s = 1 / 121_645_100_408_832_000.0;
            s = 1 / 355_687_428_096_000.0 + z * s;
            s = 1 / 1_307_674_368_000.0 + z * s;
            s = 1 / 6_227_020_800.0 + z * s;
            s = 1 / 39_916_800.0 + z * s;
            s = 1 / 362_880.0 + z * s;
            s = 1 / 5_040.0 + z * s;
            s = 1 / 120.0 + z * s;
            s = 1 / 6.0 + z * s;
            return x + x * z * s;
        }
        if (!(a < 709)) {
            return a > 0 ? x * Double.POSITIVE_INFINITY : x;
        }
        Power up = Power.of(a, 0);
        Power down = Power.of(-a, 0);
        double b = scaled(up.high(), up.twos() - 1);
        double c = scaled(down.high(), down.twos() - 1);
        double y = b - c;
        double tail = Tails.lostSum(b, -c, y) + scaled(up.low(), up.twos() - 1) - scaled(down.low(), down.twos() - 1);
        return Math.copySign(y + tail, x);
    }
}
