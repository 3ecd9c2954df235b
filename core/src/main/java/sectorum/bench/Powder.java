package sectorum.bench;

/** CMC powder kneaded into a paste so that it stands, g per kg of paste, by purpose and weather (craft 4.3). */
public final class Powder {
    /** A soft drape in heat or damp; in dry weather none. */
    public static final double SOFT_G_PER_KG = 3.5;
    /** Modelling paste in a dry, cool room. */
    public static final double MODELLING_G_PER_KG = 12;
    /** Modelling paste in a close one. */
    public static final double MODELLING_CLOSE_G_PER_KG = 16;

    private Powder() {}
}
