package sectorum.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Within 2 ulp of values reckoned to fifty digits, and what is exact is exact. */
class ElementaryTest {
    private static final MathContext FIFTY = new MathContext(60);
    private static final BigDecimal SMALL = new BigDecimal("1e-55");
    private static final BigDecimal PI = new BigDecimal(
            "3.14159265358979323846264338327950288419716939937510582097494459230781640628620899862803482534");
    private static final BigDecimal LN2 = new BigDecimal(
            "0.693147180559945309417232121458176568075500134360255254120680009493393621969694715605863326996");
    private static final int SAMPLES = 1500 * Integer.getInteger("sectorum.samples", 1);

    private static BigDecimal sin(BigDecimal x) {
        BigDecimal turns = x.divide(PI.add(PI), FIFTY).setScale(0, java.math.RoundingMode.HALF_EVEN);
        BigDecimal r = x.subtract(turns.multiply(PI.add(PI)), FIFTY);
        return series(r, r, r.multiply(r).negate(), 1, 2);
    }

    /** Sum of terms, each the last times a factor over the next numbers of a factorial. */
    private static BigDecimal series(BigDecimal first, BigDecimal sum, BigDecimal factor, int at, int step) {
        BigDecimal term = first;
        BigDecimal all = sum;
        int n = at;
        while (term.abs().compareTo(SMALL) > 0) {
            for (int i = 0; i < step; i++) {
                n++;
                term = term.divide(BigDecimal.valueOf(n), FIFTY);
            }
            term = term.multiply(factor, FIFTY);
            all = all.add(term, FIFTY);
        }
        return all;
    }

    private static BigDecimal exp(BigDecimal x) {
        BigDecimal twos = x.divide(LN2, FIFTY).setScale(0, java.math.RoundingMode.HALF_EVEN);
        BigDecimal r = x.subtract(twos.multiply(LN2), FIFTY);
        BigDecimal y = series(BigDecimal.ONE, BigDecimal.ONE, r, 0, 1);
        int k = twos.intValueExact();
        return k >= 0
                ? y.multiply(BigDecimal.valueOf(2).pow(k), FIFTY)
                : y.divide(BigDecimal.valueOf(2).pow(-k), FIFTY);
    }

    private static BigDecimal log(BigDecimal x) {
        BigDecimal y = new BigDecimal(Math.log(x.doubleValue()));
        for (int i = 0; i < 3; i++) {
            BigDecimal e = exp(y);
            y = y.add(x.subtract(e).divide(x.add(e), FIFTY).multiply(BigDecimal.valueOf(2)), FIFTY);
        }
        return y;
    }

    private static BigDecimal atan(BigDecimal x) {
        BigDecimal y = new BigDecimal(Math.atan(x.doubleValue()));
        BigDecimal s = sin(y);
        BigDecimal c = sin(y.add(PI.divide(BigDecimal.valueOf(2))));
        // tan of what is missing, small enough for two terms of its series.
        BigDecimal t = x.multiply(c).subtract(s).divide(c.add(x.multiply(s)), FIFTY);
        return y.add(t.subtract(t.pow(3).divide(BigDecimal.valueOf(3), FIFTY)), FIFTY);
    }

    private static void within(
            double ulps, DoubleUnaryOperator ours, UnaryOperator<BigDecimal> true60, double low, double high) {
        Random random = new Random(Double.hashCode(low + high));
        for (int i = 0; i < SAMPLES; i++) {
            double x = low + (high - low) * random.nextDouble();
            // Small arguments come as often as large ones.
            x = i % 3 == 0 ? x * Math.pow(10, -8 * random.nextDouble()) : x;
            double y = ours.applyAsDouble(x);
            BigDecimal off =
                    new BigDecimal(y).subtract(true60.apply(new BigDecimal(x))).abs();
            assertThat(off.doubleValue()).as("at " + x).isLessThanOrEqualTo(ulps * Math.ulp(y) + 1e-50);
        }
    }

    @Test
    void everyFunctionIsWithinTwoUlps() {
        BigDecimal right = PI.divide(BigDecimal.valueOf(2));
        within(1, Elementary::sin, ElementaryTest::sin, -20, 20);
        within(1, Elementary::sin, ElementaryTest::sin, -1e5, 1e5);
        within(1, Elementary::cos, x -> sin(x.add(right)), -20, 20);
        within(2, Elementary::tan, x -> sin(x).divide(sin(x.add(right)), FIFTY), -7, 7);
        within(1, Elementary::atan, ElementaryTest::atan, -6, 6);
        within(
                1.5,
                Elementary::asin,
                x -> atan(x.divide(BigDecimal.ONE.subtract(x.pow(2)).sqrt(FIFTY), FIFTY)),
                -1,
                1);
        within(
                1.5,
                Elementary::acos,
                x -> atan(BigDecimal.ONE
                                .subtract(x)
                                .divide(BigDecimal.ONE.add(x), FIFTY)
                                .sqrt(FIFTY))
                        .multiply(BigDecimal.valueOf(2)),
                -0.999,
                0.999);
        within(1, Elementary::exp, ElementaryTest::exp, -40, 40);
        within(1, Elementary::log, ElementaryTest::log, 0, 2000);
        within(2, Elementary::log1p, x -> log(BigDecimal.ONE.add(x)), -0.6, 1);
        within(1, x -> Elementary.pow(x, 2.4), x -> exp(log(x).multiply(new BigDecimal(2.4))), 0, 500);
        within(1, Elementary::cbrt, x -> exp(log(x).divide(BigDecimal.valueOf(3), FIFTY)), 0, 1e6);
        within(2, Elementary::sinh, x -> exp(x).subtract(exp(x.negate())).divide(BigDecimal.valueOf(2)), -9, 9);
        within(
                2,
                x -> Elementary.hypot(x, 3.3),
                x -> x.pow(2).add(new BigDecimal(3.3).pow(2)).sqrt(FIFTY),
                -90,
                90);
    }

    @Test
    void atan2GoesAllTheWayRound() {
        for (int degrees = -180; degrees <= 180; degrees++) {
            double angle = Elementary.toRadians(degrees);
            double found = Elementary.atan2(Elementary.sin(angle), Elementary.cos(angle));
            assertThat(Math.abs(found - angle)).isLessThan(4e-16);
        }
    }

    /** The same but for an ulp; no number, no end and the sign of nothing included. */
    private static void same(double ours, double theirs) {
        if (!(Math.abs(ours - theirs) <= Math.ulp(theirs)) || theirs == 0) {
            assertThat(Double.valueOf(ours)).isEqualTo(Double.valueOf(theirs));
        }
    }

    /** Halves, ends, nothing and what is no number, as Math says them; the next double is one ulp on. */
    @ParameterizedTest
    @ValueSource(
            doubles = {
                0,
                -0.0,
                0.5,
                -0.5,
                1.5,
                2.5,
                -2.5,
                3.5,
                0.49999999999999994,
                -0.49999999999999994,
                4503599627370497.5,
                1e18,
                -1e18,
                Double.NaN,
                Double.POSITIVE_INFINITY,
                Double.NEGATIVE_INFINITY,
                Double.MIN_VALUE,
                1e-300,
                1e300,
                1,
                -1
            })
    void odd(double x) {
        assertThat(Double.valueOf(Elementary.rint(x))).isEqualTo(Double.valueOf(Math.rint(x)));
        assertThat(Elementary.round(x)).isEqualTo(Math.round(x));
        same(Elementary.ulp(x), Math.ulp(x));
        same(Elementary.exp(x), Math.exp(x));
        same(Elementary.atan(x), Math.atan(x));
        if (!(x > 0)) {
            same(Elementary.log(x), Math.log(x));
        }
        if (Math.abs(x) > 1) {
            assertThat(Elementary.asin(x)).isNaN();
            assertThat(Elementary.acos(x)).isNaN();
        }
        for (double y : new double[] {0, -0.0, 1, -1, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NaN}) {
            same(Elementary.atan2(x, y), Math.atan2(x, y));
        }
        same(Elementary.hypot(x, 0), Math.hypot(x, 0));
    }

    @ParameterizedTest
    @CsvSource({
        "2, 10, 1024",
        "-2, 3, -8",
        "-2, 2, 4",
        "0, 3, 0",
        "5, 0, 1",
        "9, 0.5, 3",
        "10, -2, 0.01",
        "1e10, 40, Infinity",
        "0, -1, Infinity"
    })
    void powers(double x, double y, double expected) {
        assertThat(Elementary.pow(x, y)).isEqualTo(expected);
        assertThat(Elementary.pow(-2, 0.5)).isNaN();
    }

    @ParameterizedTest
    @CsvSource({"7, 3, 1", "8, 3, -1", "-7, 3, -1", "9, 6, -3"})
    void remainders(double x, double y, double left) {
        assertThat(Elementary.remainder(x, y)).isEqualTo(left).isEqualTo(Math.IEEEremainder(x, y));
    }

    /** The sequence that the description of Java's own generator lays down. */
    @ParameterizedTest
    @ValueSource(longs = {0, 1, 42, -7, 7919, Long.MAX_VALUE})
    void diceFallAsTheDescriptionSays(long seed) {
        Dice dice = new Dice(seed);
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            assertThat(dice.nextInt(i % 97 + 1)).isEqualTo(random.nextInt(i % 97 + 1));
            assertThat(dice.nextDouble()).isEqualTo(random.nextDouble());
            double drawn = random.nextGaussian();
            assertThat(Math.abs(dice.nextGaussian() - drawn)).isLessThanOrEqualTo(4 * Math.ulp(drawn));
        }
    }
}
