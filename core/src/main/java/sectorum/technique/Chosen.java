package sectorum.technique;

import java.util.List;
import sectorum.measure.Field;
import sectorum.measure.Values;

/**
 * What is in force of a technique's settings, by name: what was given, else the default of its place.
 *
 * @param fields the technique's
 * @param values given, each within its field's range or refused when it is asked for
 */
record Chosen(List<Field> fields, Values values) {
    private Field field(String name) {
        return fields.stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No setting " + name));
    }

    /** Whether there is such a setting in this place. */
    boolean has(String name) {
        return fields.stream().anyMatch(f -> f.name().equals(name));
    }

    double number(String name) {
        return field(name).number(values);
    }

    int count(String name) {
        return (int) number(name);
    }

    String choice(String name) {
        return field(name).choice(values);
    }
}
