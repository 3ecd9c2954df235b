package sectorum.curve;

import java.util.Arrays;
import java.util.Locale;

/** How a swag's curve is drawn (craft 1, the schools). */
public enum School {
    ARC("circular arc"),
    CATENARY("catenary, as cloth hangs"),
    PARABOLA("parabola");

    private final String words;
    private final String key;

    School(String words) {
        this.words = words;
        this.key = name().toLowerCase(Locale.ROOT);
    }

    public String words() {
        return words;
    }

    public String key() {
        return key;
    }

    /** The school of that name in documents; refused with the names there are. */
    public static School of(String key) {
        return Arrays.stream(values())
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
