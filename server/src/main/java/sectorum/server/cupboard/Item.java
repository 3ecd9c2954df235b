package sectorum.server.cupboard;

import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A thing owned.
 *
 * @param id absent until it is kept
 * @param acrossMm how wide it is, a round one its diameter, mm
 */
public record Item(@Absent Long id, Kind kind, String name, double acrossMm, String notes) {
    private static final Field ACROSS =
            Field.length("acrossMm", "Across", 3, 1000, 100, "Measure from edge to edge, outside.");

    public Item {
        if (kind == null) {
            throw new Refused("kind", Phrase.of("A thing is a {}. Choose one.", Quantity.text("board, tin or cutter")));
        }
        name = name == null ? "" : name.strip();
        notes = notes == null ? "" : notes.strip();
        if (name.isEmpty() || name.length() > 80) {
            throw new Refused(
                    "name",
                    Phrase.of(
                            "A thing's name has {} letters; allowed are 1 to 80. Say a few words.",
                            Quantity.count(name.length())));
        }
        if (notes.length() > 200) {
            throw new Refused(
                    "notes",
                    Phrase.of("The note has {} letters; allowed are up to 200.", Quantity.count(notes.length())));
        }
        ACROSS.check(acrossMm);
    }
}
