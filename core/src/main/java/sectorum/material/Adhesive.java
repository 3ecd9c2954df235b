package sectorum.material;

/** What holds one thing on another (craft 4.3), with the reason. */
public enum Adhesive {
    WATER("water, sparingly", "soft fondant takes hold of soft fondant, and a wet trace would dry to a shine"),
    GLUE("edible glue", "dry gum paste does not stick to itself"),
    EXTRACT("clear extract", "it dries faster than water"),
    HOLLOW("edible glue in a hollow", "a pearl on a flat skin rolls off"),
    ROYAL("royal icing", "it carries what is heavy"),
    CHOCOLATE("melted chocolate, not on a hot day", "chocolate holds chocolate"),
    GEL("gel, thinly", "water would melt it and raise bubbles"),
    ITSELF("none: it sticks while it is soft", "icing is its own glue"),
    NONE("none: it is pressed in", "nothing is added");

    private final String words;
    private final String why;

    Adhesive(String words, String why) {
        this.words = words;
        this.why = why;
    }

    public String words() {
        return words;
    }

    public String why() {
        return why;
    }
}
