package sectorum.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Numbers;
import sectorum.measure.Quantity;

/** What the fields of a plan are called where a change is told, and what their numbers measure. */
final class PlanWords {
    /** Fields that say nothing to a decorator. */
    private static final Set<String> UNSAID = Set.of("id", "format", "version", "accepted");

    private static final Set<String> PLAIN = Set.of(
            "count",
            "into",
            "every",
            "rows",
            "each",
            "strings",
            "strips",
            "pleats",
            "stakes",
            "weavers",
            "halfRows",
            "rings",
            "stripes",
            "round",
            "up",
            "inPatch",
            "placing",
            "ahead",
            "mark",
            "celsius",
            "hours",
            "syrup",
            "least",
            "most",
            "sides",
            "lobes",
            "spot",
            "parts");

    private static final Set<String> SHARES = Set.of("humidity", "share", "breaks", "reserve");
    private static final Set<String> ANGLES = Set.of("angle", "turn", "from", "to");

    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("readyBy", "needed"),
            Map.entry("tiers", "tier"),
            Map.entry("dressings", "course"),
            Map.entry("divisions", "division"),
            Map.entry("borders", "strip"),
            Map.entry("pieces", "piece"),
            Map.entry("palette", "colour"),
            Map.entry("art", "drawing"),
            Map.entry("outline", ""),
            Map.entry("sizes", ""),
            Map.entry("settings", ""),
            Map.entry("brief", ""),
            Map.entry("dressing", ""),
            Map.entry("seat", "place"),
            Map.entry("stand", "support"),
            Map.entry("agenda", "days"),
            Map.entry("done", "done"),
            Map.entry("table", "worktop"),
            Map.entry("stretch", "part of the way round"),
            Map.entry("aside", "put aside"),
            Map.entry("covers", "lies over what is there"));

    private PlanWords() {}

    static boolean isUnsaid(String key) {
        return UNSAID.contains(key);
    }

    /** A field or a kind of part, in small letters; empty: it is not named on the way to what it holds. */
    static String of(String key) {
        return WORDS.getOrDefault(key, key.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT));
    }

    /** What a part is called in its list. @param worn names of dressings, by their own name */
    static String name(Map<?, ?> part, Map<String, String> worn) {
        Object dressing = part.get("dressing");
        if (dressing instanceof Map<?, ?> over) {
            return name(over, worn);
        }
        String id = String.valueOf(part.get("id"));
        Object told = part.get("name");
        if (told instanceof String name && !name.isEmpty()) {
            return name;
        }
        return worn.getOrDefault(id, part.get("technique") instanceof String t ? t : id);
    }

    /** A value as it is told. @param field absent: the key alone says what it measures */
    static Quantity said(String key, @Absent Object value, @Absent Field field) {
        if (value instanceof Number number) {
            return new Quantity(field == null ? kind(key) : field.kind(), number.doubleValue(), null);
        }
        return Quantity.text(words(key, value, field));
    }

    private static String words(String key, @Absent Object value, @Absent Field field) {
        if (value == null || "".equals(value)) {
            return "not said";
        }
        if (value instanceof Boolean is) {
            return is ? "yes" : "no";
        }
        if (value instanceof List<?> list) {
            List<String> all = new ArrayList<>();
            list.forEach(v -> all.add(words(key, v, field)));
            return all.isEmpty() ? "none" : String.join(", ", all);
        }
        if (value instanceof Map<?, ?> fields) {
            List<String> all = new ArrayList<>();
            fields.forEach((k, v) -> {
                if (!isUnsaid("" + k)) {
                    all.add((of("" + k) + " " + words("" + k, v, null)).strip());
                }
            });
            return String.join(", ", all);
        }
        if (value instanceof Number number) {
            return new Quantity(kind(key), number.doubleValue(), null).toString();
        }
        if (field != null) {
            return field.choices().stream()
                    .filter(c -> c.name().equals(value))
                    .map(Field.Choice::label)
                    .findFirst()
                    .orElse("" + value);
        }
        return "" + value;
    }

    private static Quantity.Kind kind(String key) {
        if (PLAIN.contains(key)) {
            return Quantity.Kind.PLAIN;
        }
        if (SHARES.contains(key)) {
            return Quantity.Kind.SHARE;
        }
        if (key.equals("minutes")) {
            return Quantity.Kind.MINUTES;
        }
        return ANGLES.contains(key) ? Quantity.Kind.ANGLE : Quantity.Kind.LENGTH;
    }

    /** A difference of moments in words: an hour, two days and three hours. */
    static String span(long minutes) {
        long days = minutes / 1440;
        long hours = minutes % 1440 / 60;
        List<String> parts = new ArrayList<>();
        part(parts, days, "a day", " days");
        part(parts, hours, "an hour", " hours");
        part(parts, minutes % 60, "a minute", " minutes");
        return String.join(" and ", parts);
    }

    private static void part(List<String> parts, long many, String one, String more) {
        if (many > 0) {
            parts.add(many == 1 ? one : Numbers.plain(many, 0) + more);
        }
    }
}
