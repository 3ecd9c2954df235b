package sectorum.recipe;

/** What an amount is written down in: by mass, by volume or by the piece. */
public enum KitchenUnit {
    GRAM("g", 1, false),
    OUNCE("oz", 28.349523125, false),
    MILLILITRE("ml", 1, true),
    TEASPOON("tsp", 5, true),
    TABLESPOON("tbsp", 15, true),
    /** The cup of 240 ml; whoever has another writes millilitres. */
    CUP("cup of 240 ml", 240, true),
    /** Its density is what one weighs, g. */
    PIECE("piece", 1, true);

    private final String words;
    private final double size;
    private final boolean weighed;

    KitchenUnit(String words, double size, boolean weighed) {
        this.words = words;
        this.size = size;
        this.weighed = weighed;
    }

    public String words() {
        return words;
    }

    /** Whether grams follow only from a density. */
    public boolean needsDensity() {
        return weighed;
    }

    /** Grams of one of a density, g/ml or g each. */
    double grams(double density) {
        return weighed ? size * density : size;
    }
}
