package sectorum.plan;

/** What holds a piece in the cake. */
public enum Stick {
    PICK(4, "food-safe pick"),
    SKEWER(3, "skewer"),
    /** A wire in a pick: wired stems never go bare into cake (craft 4.1). */
    WIRE(6, "wire in a pick");

    private final double across;
    private final String words;

    Stick(double across, String words) {
        this.across = across;
        this.words = words;
    }

    /** Its diameter, mm. */
    public double across() {
        return across;
    }

    public String words() {
        return words;
    }
}
