package sectorum.measure;

/**
 * A measuring tape known by its finest division.
 *
 * @param divisionMm the finest division in mm, from 0.1 to 25.4
 */
public record Tape(double divisionMm) {
    public Tape {
        if (!(divisionMm >= 0.1 && divisionMm <= 25.4)) {
            throw new Refused(
                    "tape",
                    Phrase.of(
                            "A tape's finest division lies between {} and {}; this is {}.",
                            Quantity.length(0.1),
                            Quantity.length(25.4),
                            Quantity.length(divisionMm)));
        }
    }

    /** What is read for a true position of s mm: {@code round(s/q)·q}, half up (craft 2.4). */
    public double read(double sMm) {
        return Rounding.halfUp(sMm, divisionMm);
    }
}
