package sectorum.server.http;

import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** What a request cannot do without. */
final class Given {
    private Given() {}

    /** Gives the value back, or refuses the request by the name of what is missing. */
    static <T> T in(String field, @Absent T value) {
        if (value == null) {
            throw new Refused(
                    field, Phrase.of("The request names no {}. Send it, too.", Quantity.text("\"" + field + "\"")));
        }
        return value;
    }
}
