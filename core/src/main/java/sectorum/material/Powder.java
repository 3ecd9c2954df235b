package sectorum.material;

/**
 * CMC powder kneaded into a paste so that it stands, g per kg of paste, by purpose and weather (craft 4.3).
 *
 * @param dry in a dry, cool room
 * @param close in heat or damp
 * @param rolledOnly whether only what is rolled soft needs it; otherwise it is what makes the paste
 */
public record Powder(double dry, double close, boolean rolledOnly) {
    public static final Powder NONE = new Powder(0, 0, true);
    /** A soft drape in heat or damp; in dry weather none. */
    public static final Powder SOFT = new Powder(0, 3.5, true);
    /** Modelling paste is fondant with powder in it. */
    public static final Powder MODELLING = new Powder(12, 16, false);
}
