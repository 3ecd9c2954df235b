package sectorum.measure;

import java.util.List;

/** What a question cannot do without. */
public final class Given {
    private Given() {}

    /** Gives the list back, empty where none is given, or refuses it by its name where one of it is missing. */
    public static <T> List<T> all(String field, @Absent List<T> list) {
        if (list != null && list.stream().anyMatch(each -> each == null)) {
            throw new Refused(field, Phrase.of("One of {} is empty. Take it out.", Quantity.text("\"" + field + "\"")));
        }
        return list == null ? List.of() : list;
    }

    /** Gives the value back, or refuses the request by the name of what is missing. */
    public static <T> T in(String field, @Absent T value) {
        if (value == null) {
            throw new Refused(
                    field, Phrase.of("The request names no {}. Send it, too.", Quantity.text("\"" + field + "\"")));
        }
        return value;
    }
}
