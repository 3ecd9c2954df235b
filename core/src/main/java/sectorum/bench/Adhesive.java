package sectorum.bench;

import java.util.List;

/** What holds one thing on another (craft 4.3), with the reason. */
public enum Adhesive {
    WATER("water, sparingly", "soft fondant takes hold of soft fondant, and a wet trace would dry to a shine"),
    GLUE("edible glue", "dry gum paste does not stick to itself"),
    EXTRACT("clear extract", "it dries faster than water"),
    HOLLOW("edible glue in a hollow", "a pearl on a flat skin rolls off"),
    ROYAL("royal icing", "it carries what is heavy"),
    CHOCOLATE("melted chocolate, not on a hot day", "chocolate holds chocolate"),
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

    /** What else holds it, by school, the usual one first (craft 1, 4.3). */
    public static List<Adhesive> schools(Paste piece) {
        return switch (piece) {
            case FONDANT, HALF, MODELLING -> List.of(WATER, GLUE, EXTRACT, CHOCOLATE, ROYAL);
            case GUM -> List.of(GLUE, ROYAL, CHOCOLATE);
            case PEARL -> List.of(HOLLOW, ROYAL);
            case CHOCOLATE -> List.of(CHOCOLATE, ROYAL);
            case SUGAR, SUGAR_SHEET -> List.of(ROYAL);
            case GANACHE, ROYAL, BUTTERCREAM -> List.of(ITSELF);
        };
    }

    /** What holds a piece of this paste on a covering of fondant. */
    public static Adhesive on(Paste piece) {
        return switch (piece) {
            case FONDANT, HALF, MODELLING -> WATER;
            case GUM -> GLUE;
            case PEARL -> HOLLOW;
            case CHOCOLATE, GANACHE -> CHOCOLATE;
            case ROYAL, BUTTERCREAM -> ITSELF;
            case SUGAR, SUGAR_SHEET -> ROYAL;
        };
    }
}
