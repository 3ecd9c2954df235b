package sectorum.divide;

import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;

/**
 * A card cut to one section and stepped round (craft 2.4).
 *
 * @param stiff a stiff card spans the chord, a soft one lies on the side and spans the arc
 * @param size what the card is cut to, on the tape's divisions, mm
 * @param lays what one step covers along the side, mm
 * @param closingGap P − n·lays, signed
 * @param last the last section, lays + closingGap
 * @param closes how the last section looks beside the others
 */
public record Gauge(boolean stiff, double size, double lays, double closingGap, double last, Compare closes) {
    /** Soft: g = round(P/n to q), stepped along the side. */
    public static Gauge soft(double p, int n, Tape tape) {
        double g = tape.read(p / n);
        return made(false, g, g, p, n);
    }

    /** Stiff, on a round of perimeter p: g = round(chord to q); each step lays D·asin(g/D). Two sections or more. */
    public static Gauge stiff(double p, int n, Tape tape) {
        if (n < 2) {
            throw new Refused("count", Phrase.of("{} section has no chord: it runs all round.", Quantity.count(n)));
        }
        double d = p / Math.PI;
        double g = Math.min(tape.read(d * Elementary.sin(Math.PI / n)), d);
        return made(true, g, d * Elementary.asin(g / d), p, n);
    }

    private static Gauge made(boolean stiff, double g, double lays, double p, int n) {
        double gap = p - n * lays;
        double last = lays + gap;
        return new Gauge(stiff, g, lays, gap, last, lays > 0 ? Compare.of(last, lays) : Compare.PLAIN);
    }
}
