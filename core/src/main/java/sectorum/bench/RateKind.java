package sectorum.bench;

import sectorum.measure.Field;

/** What a workshop learns of itself. All but breakage and cooling are factors on what the plain tables say (craft 4). */
public enum RateKind {
    /** Hands' minutes, on the plain rates (craft 4.5). */
    TIME("minutes", 0.1, 10, "Write down a job's minutes."),
    /** The share of pieces that break; it takes the place of the usual spares (craft 4.4). */
    BREAKAGE("breakage", 0, 0.9, "Count what broke of what was made."),
    /** Weight of a material, on the table's density (craft 4.3). */
    DENSITY("density", 0.3, 3, "Weigh ten pieces of a known size."),
    /** Grams to a metre of what is piped or extruded, on what its section says. */
    METRE("grams a metre", 0.2, 5, "Weigh the bag before and after."),
    /** Hours of drying, on the formula (craft 4.2). */
    DRYING("drying", 0.1, 10, "Note when a piece was hard, or weigh it thrice."),
    /** Pieces to a covered area, on what the technique reckons (craft 3F). */
    COVERAGE("pieces to an area", 0.3, 3, "Cover a palm-sized patch and count."),
    /** How far a mark of a hand is off (σ), mm (craft 2.4). */
    HAND("mark of the hand", 0.05, 5, "Mark ten lines, or rehearse it on the screen."),
    /** Minutes in the cold until a piped piece can be lifted (craft 4.2). */
    CHILLING("minutes to chill", 1, 240, "Note when it came off its paper whole."),
    /** Minutes until a chilled piece is too soft to place (craft 7). */
    SOFTENING("minutes to soften", 0.5, 240, "Note when it gave under the finger.");

    private final String words;
    private final Field field;

    RateKind(String words, double least, double most, String learn) {
        this.words = words;
        this.field = Field.share("value", words, least, most, Math.max(least, Math.min(most, 1)), learn);
    }

    /** What it is called in a sentence. */
    public String words() {
        return words;
    }

    /** Whether it is a factor on a plain figure; else it is the figure itself. */
    public boolean isFactor() {
        return this != BREAKAGE && this != HAND && this != CHILLING && this != SOFTENING;
    }

    /** Gives it back, or refuses what lies outside its range. */
    public double check(double value) {
        return field.check(value);
    }

    /** The nearest value that it may have. */
    public double within(double value) {
        return Math.max(field.min(), Math.min(field.max(), value));
    }
}
