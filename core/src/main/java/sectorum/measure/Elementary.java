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

    /**
     * The angle whose tangent is y/x, 0 ≤ y ≤ x: that of the nearest eighth, and of what is left by its series.
     *
     * @param turn 0: as it is; 1: taken from a right angle; and 2 more: that taken from a straight one
     */
    private static double angle(double y, double x, int turn) {
        int k = (int) Math.floor(8 * (y / x) + 0.5);
        double c = k / 8.0;
        double cx = c * x;
        double n = y - cx - Tails.lost(c, x, cx);
        double cy = c * y;
        double d = x + cy;
        double tail = Tails.lostSum(x, cy, d) + Tails.lost(c, y, cy);
        double t = n / d;
        double td = t * d;
        double more = (n - td - Tails.lost(t, d, td) - t * tail) / d;
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
        double tail = Tails.lostSum(1, -square, left) - Tails.lost(x, x, square);
        double cc = c * c;
        double off = (left - cc - Tails.lost(c, c, cc) + tail) / (2 * c);
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
        return root == 0 ? 0 : (sum - square - Tails.lost(root, root, square) + Tails.lostSum(1, x, sum)) / (2 * root);
    }

    public static double exp(double x) {
        return Exponentials.exp(x);
    }

    /** Natural logarithm; not a number under 0. */
    public static double log(double x) {
        return Exponentials.log(x);
    }

    /** ln(1 + x), true for small x, too. */
    public static double log1p(double x) {
        return Exponentials.log1p(x);
    }

    /** x to the y; of x under 0 only whole powers. */
    public static double pow(double x, double y) {
        return Exponentials.pow(x, y);
    }

    /** The cube root. */
    public static double cbrt(double x) {
        return Exponentials.cbrt(x);
    }

    public static double sinh(double x) {
        return Exponentials.sinh(x);
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
