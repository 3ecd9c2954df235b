package sectorum.surface;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * The flat form of a tapered side: an annular sector (craft 2.1).
 *
 * @param outer outer radius, mm; infinite for a straight side, which is a rectangle
 * @param inner inner radius, mm
 * @param angle radians
 */
public record Wrap(double outer, double inner, double angle) {
    /**
     * Outer radius C_big·h/(C_big − C_small), inner h less, angle (C_big − C_small)/h.
     *
     * @param slant h, the height taped along the side, mm; |C_big − C_small| ≤ 2πh
     */
    public static Wrap of(double foot, double top, double slant) {
        double big = Math.max(foot, top);
        double less = big - Math.min(foot, top);
        if (!(slant > 0) || less > 2 * Math.PI * slant) {
            throw new Refused(
                    "readings",
                    Phrase.of(
                            "Foot {} and top {} differ by more than a side of {} can lean. Read them again.",
                            Quantity.length(foot),
                            Quantity.length(top),
                            Quantity.length(slant)));
        }
        if (less == 0) {
            return new Wrap(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0);
        }
        double outer = big * slant / less;
        return new Wrap(outer, outer - slant, less / slant);
    }
}
