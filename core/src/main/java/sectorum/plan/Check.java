package sectorum.plan;

import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;

/** What every record of the plan asks of its words, names and lists. */
public final class Check {
    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,39}");

    private Check() {}

    static String id(String field, @Absent String id) {
        if (id == null || !ID.matcher(id).matches()) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "The name \"{}\" is not small letters, digits and hyphens, 1 to 40 of them.",
                            Quantity.text("" + id)));
        }
        return id;
    }

    /** Words of a line, stripped; blank allowed only where the least is 0. */
    public static String words(String field, String label, @Absent String words, int least, int most) {
        return Wording.checked(field, label, words, least, most);
    }

    /** A local moment, as it is written; absent: none is given. */
    @Absent
    public static String moment(String field, @Absent String moment) {
        if (moment == null || moment.isBlank()) {
            return null;
        }
        try {
            LocalDateTime at = LocalDateTime.parse(moment);
            if (at.getYear() >= 1970 && at.getYear() < 2200) {
                return moment;
            }
        } catch (DateTimeParseException e) {
            // falls through to the one refusal below
        }
        throw new Refused(
                field,
                Phrase.of(
                        "\"{}\" is not a day and hour from 1970 to 2199. Write it like 2026-12-12T14:00.",
                        Quantity.text(moment)));
    }

    /** So many of them, none empty. */
    public static <T> List<T> list(String field, String label, @Absent List<T> list, int least, int most) {
        List<T> held = list == null ? List.of() : list;
        if (held.size() < least || held.size() > most) {
            throw new Refused(
                    field,
                    Phrase.of(
                            label + ": {} given, allowed are {} to {}.",
                            Quantity.count(held.size()),
                            Quantity.count(least),
                            Quantity.count(most)));
        }
        if (held.stream().anyMatch(each -> each == null)) {
            throw new Refused(field, Phrase.of(label + ": {} of them is empty. Take it out.", Quantity.text("one")));
        }
        return List.copyOf(held);
    }

    /** Sorted by name, none of them empty. */
    static <T> Map<String, T> map(String field, String label, @Absent Map<String, T> map) {
        Map<String, T> held = new TreeMap<>(map == null ? Map.of() : map);
        held.forEach((name, value) -> {
            if (value == null) {
                throw new Refused(field, Phrase.of(label + ": \"{}\" has no value. Take it out.", Quantity.text(name)));
            }
        });
        return Collections.unmodifiableMap(held);
    }

    static <T> void unique(String field, String label, List<T> list, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        for (T each : list) {
            if (!seen.add(id.apply(each))) {
                throw new Refused(
                        field,
                        Phrase.of(label + " \"{}\" stands twice. Rename one of them.", Quantity.text(id.apply(each))));
            }
        }
    }
}
