package sectorum.notebook;

import java.util.List;
import sectorum.bench.RateKind;
import sectorum.measure.Phrase;

/**
 * What a job taught, to be taken in or left.
 *
 * @param of what the rate is about
 * @param records that say so and wait
 * @param said what was seen, with its numbers
 * @param effect what it changes the next time, with both numbers
 * @param before the rate as it is without them
 * @param after the rate with them
 */
public record Lesson(
        RateKind kind, String of, List<Long> records, Phrase said, Phrase effect, double before, double after) {
    public Lesson {
        records = List.copyOf(records);
    }
}
