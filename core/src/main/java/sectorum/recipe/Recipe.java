package sectorum.recipe;

import java.util.List;
import java.util.regex.Pattern;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;

/**
 * What is made of which parts.
 *
 * @param id that plans and other recipes call it by
 * @param makes the material that comes out
 * @param yield grams that come out of the parts as written; absent: all that goes in
 * @param keeps days that it keeps; absent: nobody has said
 * @param rests hours before it is worked with; absent: none
 * @param note how it is made, and what to mind
 */
public record Recipe(
        String id,
        String name,
        Material makes,
        List<Ingredient> parts,
        @Absent Double yield,
        @Absent Double keeps,
        @Absent Double rests,
        String note) {
    static final int MOST_PARTS = 40;
    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9_-]{0,59}");
    private static final double MOST_KEEPS = 3650;
    private static final double MOST_RESTS = 240;

    public static final Field GRAMS = new Field(
            "grams", "Make", Quantity.Kind.MASS, 1, 100_000, 500.0, List.of(), "Give the mass that is needed.");

    public Recipe {
        name = Wording.checked("name", "A recipe's name", name, 1, 60);
        if (id == null || !ID.matcher(id).matches()) {
            throw new Refused(
                    "id",
                    Phrase.of(
                            "A recipe cannot be called \"{}\" in documents. Take 1 to 60 small letters, digits and hyphens.",
                            Quantity.text("" + id)));
        }
        if (makes == null) {
            throw new Refused(
                    "makes", Phrase.of("{} makes nothing. Say which material comes out.", Quantity.text(name)));
        }
        if (parts == null || parts.isEmpty() || parts.size() > MOST_PARTS) {
            throw new Refused(
                    "parts",
                    Phrase.of(
                            "{} has {} parts; allowed are {} to {}. Make a recipe of some of them and name that.",
                            Quantity.text(name),
                            Quantity.count(parts == null ? 0 : parts.size()),
                            Quantity.count(1),
                            Quantity.count(MOST_PARTS)));
        }
        if (parts.stream().anyMatch(p -> p == null)) {
            throw new Refused("parts", Phrase.of("{} of the parts is empty. Take it out.", Quantity.text("One")));
        }
        parts = List.copyOf(parts);
        double sum = sum(parts);
        // What is written as all of it may differ by its last bits.
        if (yield != null && !(yield > 0 && yield <= sum * (1 + 1e-9))) {
            throw new Refused(
                    "yield",
                    Phrase.of(
                            "A yield of {} g is outside 0 to the {} g that go in. Weigh what comes out, or leave it empty.",
                            Quantity.plain(yield),
                            Quantity.plain(sum)));
        }
        range("keeps", "It keeps {} days; allowed are 0 to {}. Leave it empty where nobody knows.", keeps, MOST_KEEPS);
        range(
                "rests",
                "A rest of {} hours is outside 0 to {}. Leave it empty where it does not rest.",
                rests,
                MOST_RESTS);
        note = Wording.checked("note", "The note", note, 0, 2000);
    }

    private static void range(String field, String said, @Absent Double given, double most) {
        if (given != null && !(given >= 0 && given <= most)) {
            throw new Refused(field, Phrase.of(said, Quantity.plain(given), Quantity.plain(most)));
        }
    }

    private static double sum(List<Ingredient> parts) {
        return parts.stream().mapToDouble(Ingredient::grams).reduce(0, Double::sum);
    }

    /** Grams that go in as written. */
    public double goesIn() {
        return sum(parts);
    }

    /** Grams that come out of them. */
    public double comesOut() {
        return yield == null ? goesIn() : Math.min(yield, goesIn());
    }
}
