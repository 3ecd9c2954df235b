package sectorum.measure;

/** The units in which lengths are thought: each with its millimetres and the finest division of its usual tape. */
public enum LengthUnit {
    MM(1, 1),
    CM(10, 1),
    INCH(25.4, 25.4 / 16);

    private final double mm;
    private final double tapeMm;

    LengthUnit(double mm, double tapeMm) {
        this.mm = mm;
        this.tapeMm = tapeMm;
    }

    /** Millimetres in one of this unit. */
    public double mm() {
        return mm;
    }

    /** The tape usual in this unit: 1 mm, or a sixteenth of an inch (craft 2.4). */
    public Tape tape() {
        return new Tape(tapeMm);
    }
}
