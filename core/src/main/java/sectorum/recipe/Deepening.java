package sectorum.recipe;

import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * How a colour deepens (craft 4.3), from what was seen of it: this dose now, this shade then; how much reaches a shade.
 *
 * <p>In each of red, green and blue the ratio K/S = (1 − R)²/2R of absorbing and scattering (Kubelka and Munk) grows with the
 * dose: K/S = that of the plain icing + dose · k. k grows from what was seen at once to what was seen after the hours, by
 * (1 − e^(−3t/h))/(1 − e^(−3)); what comes after that nobody has seen, and it stays. Several swatches are joined by least
 * squares of K/S over dose.
 */
public final class Deepening {
    public static final Field HOURS =
            new Field("hours", "Hours from now", Quantity.Kind.PLAIN, 0, 240, 12.0, List.of(), "When it is looked at.");
    public static final Field GRAMS = Field.mass("grams", "Icing or paste", 1, 100_000, 500, "What is in the bowl.");
    public static final Field HAVE = Field.mass("have", "Colour in it already", 0, 5000, 0, "0 where none is.");
    /** Nothing on a cake is blacker or whiter than this. */
    private static final double DARKEST = 0.003;

    private static final double LIGHTEST = 0.995;
    /** A colour that hardly takes from red, green or blue says nothing about it. */
    private static final double FAINT = 1e-3;
    /** A difference that an eye sees only side by side, and one that it sees at once (CIE 1976). */
    private static final double ALIKE = 3;

    private static final double NEAR = 10;
    private static final double FULL = 1 - Elementary.exp(-3);

    private final double[] plain;
    private final double[] early = new double[3];
    private final double[] late = new double[3];
    private final double hours;

    private Deepening(List<Swatch> swatches) {
        plain = ratios(swatches.get(0).plain());
        double squares = 0;
        double longest = 0;
        for (Swatch s : swatches) {
            double[] base = ratios(s.plain());
            double[] now = ratios(s.now());
            double[] then = ratios(s.later());
            squares += s.dose() * s.dose();
            longest = Math.max(longest, s.hours());
            for (int c = 0; c < 3; c++) {
                early[c] += s.dose() * Math.max(0, now[c] - base[c]);
                late[c] += s.dose() * Math.max(0, then[c] - base[c]);
            }
        }
        hours = longest;
        for (int c = 0; c < 3; c++) {
            early[c] /= squares;
            late[c] /= squares;
        }
    }

    /** @param swatches of one colour in one material, one or more */
    public static Deepening of(List<Swatch> swatches) {
        if (swatches.isEmpty()) {
            throw new Refused(
                    "colour",
                    Phrase.of(
                            "{} swatches of this colour are kept. Mix a weighed dose into 100 g, and keep what you see.",
                            Quantity.count(0)));
        }
        return new Deepening(swatches);
    }

    /**
     * How a shade is reached.
     *
     * @param dose g of the colour in 100 g
     * @param add g more of it into what is in the bowl; 0: it has enough
     * @param thin g of plain icing to be mixed in, where it has too much
     * @param now the shade as it is mixed
     * @param later the shade when it is looked at
     * @param off how far that is from the shade wanted, CIE 1976
     * @param said the same in words
     */
    public record Reached(double dose, double add, double thin, String now, String later, double off, String said) {}

    /** The shade of a dose after some hours. */
    public String shade(double dose, double after) {
        double[] ratios = new double[3];
        for (int c = 0; c < 3; c++) {
            ratios[c] = plain[c] + dose * strength(c, after);
        }
        return hex(ratios);
    }

    private double strength(int c, double after) {
        double share = hours <= 0 ? 1 : Math.min(1, (1 - Elementary.exp(-3 * after / hours)) / FULL);
        return early[c] + (late[c] - early[c]) * share;
    }

    /**
     * The dose that comes as near to a shade as it can without going past it in red, green or blue: what is too dark cannot
     * be taken back.
     *
     * @param after hours until it is looked at
     * @param grams in the bowl, with the colour that is in it
     * @param have g of the colour in it already
     */
    public Reached reach(String wanted, double after, double grams, double have) {
        HOURS.check(after);
        GRAMS.check(grams);
        HAVE.check(have);
        double[] target = ratios(Swatch.shade("shade", wanted));
        double dose = Double.POSITIVE_INFINITY;
        for (int c = 0; c < 3; c++) {
            double k = strength(c, after);
            if (k > FAINT) {
                dose = Math.min(dose, Math.max(0, (target[c] - plain[c]) / k));
            }
        }
        dose = Double.isInfinite(dose) ? 0 : Math.min(dose, Swatch.DOSE.max());
        double holds = have / grams * 100;
        boolean past = holds > dose;
        double add = past ? 0 : (dose - holds) * grams / 100;
        double thin = !past ? 0 : dose > 0 ? have / dose * 100 - grams : Double.NaN;
        double reached = past && !(dose > 0) ? holds : dose;
        String then = shade(reached, after);
        double off = difference(then, wanted);
        return new Reached(
                reached, add, Double.isNaN(thin) ? 0 : thin, shade(reached, 0), then, off, words(past, dose, off));
    }

    private static String words(boolean past, double dose, double off) {
        if (past && !(dose > 0)) {
            return "It is darker than that already, and more of this colour leads away from it.";
        }
        String how = off < ALIKE
                ? "alike to the eye"
                : off < NEAR ? "near, seen side by side" : "not it: another colour must join";
        return (past ? "It holds too much: thin it. Then " : "") + how;
    }

    private static double[] ratios(String shade) {
        double[] ratios = new double[3];
        for (int c = 0; c < 3; c++) {
            double r = Math.max(DARKEST, Math.min(LIGHTEST, linear(channel(shade, c) / 255.0)));
            ratios[c] = (1 - r) * (1 - r) / (2 * r);
        }
        return ratios;
    }

    private static int channel(String shade, int c) {
        return Integer.parseInt(shade.substring(1 + 2 * c, 3 + 2 * c), 16);
    }

    private static String hex(double[] ratios) {
        StringBuilder hex = new StringBuilder("#");
        for (double k : ratios) {
            double r = 1 + k - Math.sqrt(k * k + 2 * k);
            long level = Elementary.round(255 * curved(Math.max(0, Math.min(1, r))));
            String digits = Long.toHexString(Math.max(0, Math.min(255, level)));
            hex.append(digits.length() < 2 ? "0" : "").append(digits);
        }
        return hex.toString();
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Elementary.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double curved(double v) {
        return v <= 0.0031308 ? 12.92 * v : 1.055 * Elementary.pow(v, 1 / 2.4) - 0.055;
    }

    /** Distance of two shades in CIE 1976 L*a*b*, under daylight D65. */
    public static double difference(String one, String other) {
        double[] a = lab(one);
        double[] b = lab(other);
        return Math.sqrt(
                Elementary.pow(a[0] - b[0], 2) + Elementary.pow(a[1] - b[1], 2) + Elementary.pow(a[2] - b[2], 2));
    }

    private static double[] lab(String shade) {
        double r = linear(channel(shade, 0) / 255.0);
        double g = linear(channel(shade, 1) / 255.0);
        double b = linear(channel(shade, 2) / 255.0);
        double x = root((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
        double y = root(0.2126 * r + 0.7152 * g + 0.0722 * b);
        double z = root((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double root(double t) {
        return t > 216.0 / 24389 ? Elementary.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }
}
