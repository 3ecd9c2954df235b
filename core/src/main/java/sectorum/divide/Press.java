package sectorum.divide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;

/**
 * A round cutter pressed into the side, rocked on to a depth: scallops whose chord lies along the side (craft 2.4).
 *
 * @param cutter diameter D_c, mm
 * @param depth p ≤ D_c/2, mm
 * @param space between two scallops, mm
 */
public record Press(double cutter, double depth, double space) {
    public static final Field CUTTER =
            Field.length("press.cutter", "Cutter across", 5, 400, 60, "Measure its cutting edge, outside to outside.");
    public static final Field SPACE =
            Field.length("press.space", "Space between scallops", 0, 200, 0, "0 lets them touch.");
    /** A shallower press leaves no line a hand could follow. */
    private static final double SHALLOWEST = 2;

    /**
     * A depth at which whole scallops go round.
     *
     * @param chord width of one scallop
     */
    public record Closing(int count, double depth, double chord) {}

    public Press {
        CUTTER.check(cutter);
        SPACE.check(space);
        if (!(depth > 0) || !Rounding.atMost(depth, cutter / 2)) {
            throw new Refused(
                    "press.depth",
                    Phrase.of(
                            "A cutter of {} can be pressed over {} and up to half its width, {}; this is {}.",
                            Quantity.length(cutter),
                            Quantity.length(0),
                            Quantity.length(cutter / 2),
                            Quantity.length(depth)));
        }
    }

    /** 2√(p(D_c − p)). */
    public double chord() {
        return chord(depth);
    }

    private double chord(double p) {
        return 2 * Math.sqrt(p * (cutter - p));
    }

    /** What one press and the space behind it take of the side. */
    public double lays() {
        return chord() + space;
    }

    /** Whole scallops round the side: floor(P/(chord + space)); 0 when not even one fits. */
    public int count(double p) {
        return (int) Rounding.floor(p / lays());
    }

    /** What is left at the back. */
    public double gap(double p) {
        return p - count(p) * lays();
    }

    /** This cutter's depths whose scallops close exactly, the nearest to this depth first. */
    public List<Closing> closing(double p) {
        List<Closing> closing = new ArrayList<>();
        int least = (int) Math.max(1, Rounding.ceil(p / (cutter + space)));
        for (int n = least; n <= 500; n++) {
            double chord = p / n - space;
            // p of a chord c: the drop of an arc of D_c over c
            double deep = chord > 0 ? cutter / 2 - Math.sqrt(Math.max(0, cutter * cutter - chord * chord) / 4) : 0;
            if (deep < SHALLOWEST) {
                break;
            }
            closing.add(new Closing(n, deep, chord));
        }
        closing.sort(Comparator.comparingDouble(c -> Math.abs(c.depth() - depth)));
        return closing;
    }
}
