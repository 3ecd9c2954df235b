package sectorum.device;

/** What stands on a bench and can be asked. */
public enum DeviceKind {
    /** Lengths, mm. */
    TAPE("tape reader", 0, 10_000),
    /** Masses, g. */
    SCALE("scale", -5_000, 20_000),
    /** A probe in a pan, °C. */
    THERMOMETER("probe thermometer", -30, 300),
    /** Humidity of the room, a share of one, and its warmth, °C. */
    ROOM("room sensor", 0.02, 1),
    CUTTER("cutting machine", 0, 0),
    PRINTER("label printer", 0, 0);

    private final String words;
    private final double least;
    private final double most;

    DeviceKind(String words, double least, double most) {
        this.words = words;
        this.least = least;
        this.most = most;
    }

    public String words() {
        return words;
    }

    /** Whether a value is one that such a device can have measured. */
    public boolean isPossible(double value) {
        return value >= least && value <= most;
    }
}
