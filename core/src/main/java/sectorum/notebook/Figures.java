package sectorum.notebook;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Figures of the notebook in their ranges. */
final class Figures {
    private Figures() {}

    static void check(String field, String label, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "{} of {} is outside {} to {}. Look at the note again.",
                            Quantity.text(label),
                            Quantity.plain(value),
                            Quantity.plain(least),
                            Quantity.plain(most)));
        }
    }
}
