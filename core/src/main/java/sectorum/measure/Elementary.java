package sectorum.measure;

/**
 * Elementary functions that give the same bits on every machine and in every browser: of {@link Math} only sums, products,
 * quotients, square roots, {@code floor}, {@code ceil} and comparisons are used, which IEEE 754 fixes. Within 2 ulp of the
 * true value for arguments as they come up here: angles to 10⁵ rad, powers and logarithms of ordinary lengths.
 *
 * <p>{@code Math.sin} and its like may differ by a last digit from one machine to the next, and {@code Math.rint} and
 * {@code Math.round} are plainly other ones in some; core must not use them (an architecture rule says so).
 */
public final class Elementary {
    private static final double TURNS = 2 / Math.PI;
    /** π/2 in three parts of 33 bits, so that a count of quarter turns times a part is exact, and what is left. */
    private static final double QUARTER_1 = 1.5707963267341256;

    private static final double QUARTER_2 = 6.077100506303966e-11;
    private static final double QUARTER_3 = 2.0222662487111665e-21;
    private static final double QUARTER_4 = 8.4784276603689e-32;
    private static final double HALF_PI_LOW = 6.123233995736766e-17;
    private static final double PI_LOW = 1.2246467991473532e-16;
    /** ln 2 in a part of 33 bits and what is left. */
    private static final double LN2 = 0.6931471804855391;

    private static final double LN2_LOW = 7.440617110012397e-11;
    private static final double LOG2E = 1 / 0.6931471805599453;
    /** atan of k/8, and what its double leaves of it. */
    private static final double[] ATAN = {
        0,
        0.12435499454676144,
        0.24497866312686414,
        0.35877067027057225,
        0.4636476090008061,
        0.5585993153435624,
        0.6435011087932844,
        0.7188299996216245,
        0.7853981633974483
    };

    private static final double[] ATAN_LOW = {
        0,
        -3.1253241424539383e-18,
        1.0698755618734451e-17,
        -2.4623815582638635e-17,
        2.2698777452961687e-17,
        -5.4556305485916264e-18,
        1.5834785051444286e-17,
        -2.1478388444456983e-17,
        3.061616997868383e-17
    };

    private static final double SPLIT = 134_217_729;
    private static final double DEGREE = Math.PI / 180;
    private static final double HUGE = 1e150;
    private static final double TINY = 1e-140;

    private Elementary() {}

    /** To the nearest whole number, a half to the even one. */
    public static double rint(double x) {
        double floor = Math.floor(x);
        double over = x - floor;
        if (!(over > 0)) {
            // A whole number, and what is no number or without end, is itself.
            return x;
        }
        boolean up = over > 0.5 || (over == 0.5 && floor / 2 != Math.floor(floor / 2));
        // What rounds to nothing keeps its sign.
        return up ? floor == -1 ? -0.0 : floor + 1 : floor;
    }

    /** To the nearest whole number, a half up. */
    public static long round(double x) {
        double floor = Math.floor(x);
        return (long) (x - floor >= 0.5 ? floor + 1 : floor);
    }

    public static double toRadians(double degrees) {
        return degrees * DEGREE;
    }

    public static double toDegrees(double radians) {
        return radians / DEGREE;
    }

    /** √(x² + y²), whatever their size. */
    public static double hypot(double x, double y) {
        double a = Math.max(Math.abs(x), Math.abs(y));
        if (a > HUGE || (a < TINY && a > 0)) {
            double share = Math.min(Math.abs(x), Math.abs(y)) / a;
            return a > Double.MAX_VALUE ? a : a * Math.sqrt(1 + share * share);
        }
        return Math.sqrt(x * x + y * y);
    }

    /** sin(r + t) within an eighth of a turn, t the tail of r: Taylor's series, what is left out under a hundredth of an ulp. */
    private static double sine(double r, double t) {
        double z = r * r;
        double s = 1 / 355_687_428_096_000.0;
        s = -1 / 1_307_674_368_000.0 + z * s;
        s = 1 / 6_227_020_800.0 + z * s;
        s = -1 / 39_916_800.0 + z * s;
        s = 1 / 362_880.0 + z * s;
        s = -1 / 5_040.0 + z * s;
        s = 1 / 120.0 + z * s;
        s = -1 / 6.0 + z * s;
        return r + (r * z * s + t * (1 - z / 2));
    }

    private static double cosine(double r, double t) {
        double z = r * r;
        double s = 1 / 20_922_789_888_000.0;
        s = -1 / 87_178_291_200.0 + z * s;
        s = 1 / 479_001_600.0 + z * s;
        s = -1 / 3_628_800.0 + z * s;
        s = 1 / 40_320.0 + z * s;
        s = -1 / 720.0 + z * s;
        s = 1 / 24.0 + z * s;
        double half = z / 2;
        double whole = 1 - half;
        return whole + (1 - whole - half + (z * z * s - r * t));
    }

    /** The sine of an angle turned on by so many quarters. */
    private static double turned(double x, int quarters) {
        double k = Math.floor(x * TURNS + 0.5);
        double a = x - k * QUARTER_1;
        double w = k * QUARTER_2;
        double b = a - w;
        double v = k * QUARTER_3;
        double c = b - v;
        // What each difference lost, then the last of π/2.
        double lost = a - b - w + (b - c - v) - k * QUARTER_4;
        double r = c + lost;
        double t = c - r + lost;
        int quarter = (int) (k - 4 * Math.floor(k / 4)) + quarters & 3;
        double y = (quarter & 1) == 0 ? sine(r, t) : cosine(r, t);
        return quarter < 2 ? y : -y;
    }

    public static double sin(double x) {
        return turned(x, 0);
    }

    public static double cos(double x) {
        return turned(x, 1);
    }

    public static double tan(double x) {
        return turned(x, 0) / turned(x, 1);
    }

    /** The product's last bits, which its double does not hold (Dekker). */
    private static double lost(double a, double b, double product) {
        double c = SPLIT * a;
        double high = c - (c - a);
        double low = a - high;
        double d = SPLIT * b;
        double top = d - (d - b);
        double rest = b - top;
        return high * top - product + high * rest + low * top + low * rest;
    }

    /** The sum's last bits (Knuth). */
    private static double lostSum(double a, double b, double sum) {
        double back = sum - a;
        return a - (sum - back) + (b - back);
    }

    /**
     * The angle whose tangent is y/x, 0 ≤ y ≤ x: that of the nearest eighth, and of what is left by its series.
     *
     * @param turn 0: as it is; 1: taken from a right angle; and 2 more: that taken from a straight one
     */
    private static double angle(double y, double x, int turn) {
        int k = (int) Math.floor(8 * (y / x) + 0.5);
        double c = k / 8.0;
        double cx = c * x;
        double n = y - cx - lost(c, x, cx);
        double cy = c * y;
        double d = x + cy;
        double tail = lostSum(x, cy, d) + lost(c, y, cy);
        double t = n / d;
        double td = t * d;
        double more = (n - td - lost(t, d, td) - t * tail) / d;
        double z = t * t;
        double s = -1 / 15.0;
        s = 1 / 13.0 + z * s;
        s = -1 / 11.0 + z * s;
        s = 1 / 9.0 + z * s;
        s = -1 / 7.0 + z * s;
        s = 1 / 5.0 + z * s;
        s = -1 / 3.0 + z * s;
        double high = ATAN[k] + t;
        double low = ATAN[k] - high + t + (s * z * t + (more + ATAN_LOW[k]));
        if ((turn & 1) != 0) {
            double rest = Math.PI / 2 - high;
            low = Math.PI / 2 - rest - high + (HALF_PI_LOW - low);
            high = rest;
        }
        if ((turn & 2) != 0) {
            double rest = Math.PI - high;
            low = Math.PI - rest - high + (PI_LOW - low);
            high = rest;
        }
        return high + low;
    }

    private static boolean isNegative(double x) {
        return x < 0 || (x == 0 && 1 / x < 0);
    }

    /** The angle to a point, from −π to π. */
    public static double atan2(double y, double x) {
        double ay = Math.abs(y);
        double ax = Math.abs(x);
        if (!(ay <= Double.MAX_VALUE && ax <= Double.MAX_VALUE)) {
            if (Double.isNaN(ay) || Double.isNaN(ax)) {
                return Double.NaN;
            }
            // What is without end beside what is not.
            ay = ay > Double.MAX_VALUE ? 1 : 0;
            ax = ax > Double.MAX_VALUE ? 1 : 0;
        }
        if (ay > HUGE || ax > HUGE) {
            ay /= HUGE;
            ax /= HUGE;
        }
        int turn = isNegative(x) ? 2 : 0;
        double angle;
        if (ay == 0) {
            angle = turn == 0 ? 0 : Math.PI;
        } else if (ax == 0) {
            angle = Math.PI / 2;
        } else {
            angle = ay <= ax ? angle(ay, ax, turn) : angle(ax, ay, turn + 1);
        }
        return isNegative(y) ? -angle : angle;
    }

    public static double atan(double x) {
        return atan2(x, 1);
    }

    /** Not a number beyond −1 and 1. */
    public static double asin(double x) {
        double square = x * x;
        double c = Math.sqrt((1 - x) * (1 + x));
        if (!(c > 0)) {
            return Math.abs(x) == 1 ? Math.copySign(Math.PI / 2, x) : Double.NaN;
        }
        // By how much the root is off, and what that turns the angle.
        double left = 1 - square;
        double tail = lostSum(1, -square, left) - lost(x, x, square);
        double cc = c * c;
        double off = (left - cc - lost(c, c, cc) + tail) / (2 * c);
        return atan2(x, c) - x * off;
    }

    /** Not a number beyond −1 and 1. */
    public static double acos(double x) {
        double a = Math.sqrt(1 - x);
        double b = Math.sqrt(1 + x);
        return Double.isNaN(a) || Double.isNaN(b)
                ? Double.NaN
                : 2 * (atan2(a, b) + (b * off(a, -x) - a * off(b, x)) / 2);
    }

    /** By how much the root of 1 + x is off. */
    private static double off(double root, double x) {
        double sum = 1 + x;
        double square = root * root;
        return root == 0 ? 0 : (sum - square - lost(root, root, square) + lostSum(1, x, sum)) / (2 * root);
    }

    // ── exponentials and logarithms, in two doubles ──

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
            double rest = lostSum(1, z, one) + lostSum(one, square / 2, sum) + lost(z, z, square) / 2 + z * z * z * s;
            double y = sum + rest;
            return new Power((int) k, y, y * tail + (sum - y + rest));
        }

        double value() {
            return scaled(high + low, twos);
        }
    }

    public static double exp(double x) {
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
        double d = product - 1 + (lost(m, high, product) + m * low);
        d -= d * d / 2;
        double a = e * LN2 + y;
        double b = a + e * LN2_LOW;
        double tail = lostSum(a, e * LN2_LOW, b) + lostSum(e * LN2, y, a) + d;
        double whole = b + tail;
        return new double[] {whole, b - whole + tail};
    }

    /** Natural logarithm; not a number under 0. */
    public static double log(double x) {
        if (x > 0 && x <= Double.MAX_VALUE) {
            return logarithm(x)[0];
        }
        return x == 0 ? Double.NEGATIVE_INFINITY : x > 0 ? x : Double.NaN;
    }

    /** ln(1 + x), true for small x, too. */
    public static double log1p(double x) {
        double sum = 1 + x;
        return sum > 0 && sum <= Double.MAX_VALUE ? log(sum) + lostSum(1, x, sum) / sum : log(sum);
    }

    /** x to the y; of x under 0 only whole powers. */
    public static double pow(double x, double y) {
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
        double rest = lost(log[0], y, product) + log[1] * y;
        double high = product + rest;
        return Power.of(high, product - high + rest).value();
    }

    /** The cube root. */
    public static double cbrt(double x) {
        double a = Math.abs(x);
        if (!(a > 0 && a <= Double.MAX_VALUE)) {
            return x;
        }
        double y = pow(a, 1 / 3.0);
        // A third has no double: one step of Newton's takes off what that left.
        return Math.copySign(y - (y - a / y / y) / 3, x);
    }

    public static double sinh(double x) {
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
        double tail = lostSum(b, -c, y) + scaled(up.low(), up.twos() - 1) - scaled(down.low(), down.twos() - 1);
        return Math.copySign(y + tail, x);
    }

    /** What the last bit of a number is worth. */
    public static double ulp(double x) {
        double a = Math.abs(x);
        if (!(a <= Double.MAX_VALUE)) {
            return a;
        }
        return Double.longBitsToDouble(Double.doubleToLongBits(a) + 1) - a;
    }

    /** What is left of x when the nearest multiple of y is taken off. */
    public static double remainder(double x, double y) {
        return x - y * rint(x / y);
    }
}
