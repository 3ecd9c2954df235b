package sectorum.bench;

/**
 * What an estimate rests on (craft 4.5: every estimate tells).
 *
 * @param jobs of this workshop behind it; 0: none
 * @param off by what share of itself it may be off; 0: it is what somebody said, and taken as it is
 */
public record Basis(Source source, int jobs, double off) {
    /** Where it comes from. */
    public enum Source {
        /** The plain table, or the plain formula: nobody here has seen it yet. */
        PLAIN,
        /** What the craft states for such a thing. */
        CRAFT,
        /** Said by whoever plans. */
        STATED,
        /** Written down by this workshop. */
        OWN,
        /** This very piece on the scale. */
        WEIGHED
    }

    /** A hand that nobody has timed: nine in ten take less than this much longer than the table. */
    public static final Basis PLAIN_TIME = new Basis(Source.PLAIN, 0, 0.45);
    /** Hours by the formula (craft 4.2). */
    public static final Basis PLAIN_DRYING = new Basis(Source.PLAIN, 0, 0.3);
    /** Weights by the table's densities: paste is rolled a tenth thicker or thinner than meant. */
    public static final Basis PLAIN_WEIGHT = new Basis(Source.PLAIN, 0, 0.1);
    /** Spares by the usual share: of a few pieces none or twice as many break. */
    public static final Basis PLAIN_SPARES = new Basis(Source.PLAIN, 0, 1);
    /** Waits that the craft gives from the least to the most. */
    public static final Basis CRAFT = new Basis(Source.CRAFT, 0, 0);

    public static final Basis STATED = new Basis(Source.STATED, 0, 0);

    /** Whether nobody has stated or seen it (craft 7: nothing invented). */
    public boolean isEstimate() {
        return source == Source.PLAIN;
    }

    /** So much where all goes as slowly, or as badly, as it does in one of ten. */
    public double careful(double likely) {
        return likely * (1 + off);
    }
}
