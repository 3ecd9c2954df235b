package sectorum.bench;

import java.util.Locale;

/** Where something is left alone. */
public enum Storage {
    ROOM("on the bench"),
    /** On or in what it dries over. */
    FORMER("on its former"),
    FRIDGE("in the fridge"),
    FREEZER("in the freezer");

    private final String words;

    Storage(String words) {
        this.words = words;
    }

    /** Where it is, in words. */
    public String words() {
        return words;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
