package sectorum.measure;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Named settings as they stand in a plan document: numbers, words, yes or no. Sorted by name so that the same settings
 * give the same bytes. What a name means, and whether its value is allowed, a {@link Field} decides.
 */
public record Values(Map<String, Object> byName) {
    public static final Values NONE = new Values(Map.of());

    public Values {
        byName.forEach((name, value) -> {
            boolean plain = value instanceof String || value instanceof Boolean || value instanceof Number;
            if (!plain || (value instanceof Number n && !Double.isFinite(n.doubleValue()))) {
                throw new Refused(
                        name,
                        Phrase.of(
                                "A setting is a number, a word, or yes or no; this is {}.", Quantity.text("" + value)));
            }
        });
        byName = Collections.unmodifiableMap(new TreeMap<>(byName));
    }

    @Absent
    public Object get(String name) {
        return byName.get(name);
    }

    public Values with(String name, Object value) {
        Map<String, Object> changed = new TreeMap<>(byName);
        changed.put(name, value);
        return new Values(changed);
    }
}
