package sectorum.technique;

import java.util.Locale;
import sectorum.measure.Quantity;

/**
 * A number for the ledger.
 *
 * @param name what programs know it by, whatever its words are: small letters, digits and hyphens, one of its kind in a
 *     dressing. Those of every technique are kept in docs/figures.md
 * @param label what it is, sentence case
 * @param lead whether it is one of the few that matter most here
 */
public record Figure(String name, String label, Quantity quantity, boolean lead) {
    /** Words that are always the same are its name, too. */
    static String named(String label) {
        return label.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    }

    public static Figure lead(String name, String label, Quantity quantity) {
        return new Figure(name, label, quantity, true);
    }

    public static Figure of(String label, Quantity quantity) {
        return new Figure(named(label), label, quantity, false);
    }
}
