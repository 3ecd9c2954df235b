package sectorum.bench;

import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;

/**
 * A board, tin or cutter to trace around.
 *
 * @param across its diameter, mm
 */
public record Round(String name, double across) {
    private static final Field ACROSS =
            Field.length("across", "A round", 3, 1000, 100, "Measure from edge to edge, outside.");

    public Round {
        ACROSS.check(across);
        name = name == null ? "" : name;
    }

    /**
     * How deep its arc hangs below a chord: B/2 − √(B²/4 − c²/4) (craft 3A).
     *
     * @param chord c in mm; refused where it is wider than the round
     */
    public double drop(double chord) {
        if (!Rounding.atMost(chord, across) || !(chord > 0)) {
            throw new Refused(
                    "board",
                    Phrase.of(
                            "A round of {} cannot be traced over {}. Take one at least as wide as the section.",
                            Quantity.length(across),
                            Quantity.length(chord)));
        }
        // c²/4 over a sum instead of a difference of near numbers, so that flat arcs keep their digits.
        double half = across / 2;
        return chord * chord / 4 / (half + Math.sqrt(Math.max(0, half * half - chord * chord / 4)));
    }
}
