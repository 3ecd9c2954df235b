package sectorum.technique;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;
import sectorum.measure.Field;

/** Schools as fields, and names in rows. */
final class Choices {
    private Choices() {}

    /** A field to choose one of an enum's values by, the first when nobody has said. */
    static <E extends Enum<E>> Field field(String name, String label, E[] values, Function<E, String> words) {
        return Field.choice(
                name,
                label,
                Arrays.stream(values)
                        .map(v -> new Field.Choice(key(v), words.apply(v)))
                        .toList(),
                key(values[0]));
    }

    static <E extends Enum<E>> E of(E[] values, String key) {
        return Arrays.stream(values)
                .filter(v -> v.name().equalsIgnoreCase(key))
                .findFirst()
                .orElseThrow();
    }

    private static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** The first of several is called by its name alone. */
    static String numbered(String name, int index) {
        return index == 0 ? name : name + "-" + (index + 1);
    }
}
