package sectorum.question;

import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Length;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Refused;

/**
 * A length as a person typed it.
 *
 * @param field what it is for, as it is told where it cannot be read
 * @param unit what is meant where none is typed
 */
public record LengthRequest(String field, String typed, LengthUnit unit) implements Question<LengthRequest.Understood> {
    /** A typed length as it was understood, or why it was not: to type is to try, and no request goes wrong by it. */
    public record Understood(
            @Absent Double mm, @Absent String shown, @Absent Phrase refused) {}

    public LengthRequest {
        Given.in("field", field);
        Given.in("typed", typed);
        Given.in("unit", unit);
    }

    @Override
    public Understood answer(Tiers tiers) {
        try {
            Length length = Length.parse(field, typed, unit);
            return new Understood(length.mm(), length.show(unit), null);
        } catch (Refused refused) {
            return new Understood(null, null, refused.phrase());
        }
    }
}
