package sectorum.technique;

import sectorum.measure.Quantity;

/**
 * A number for the ledger.
 *
 * @param label what it is, sentence case
 * @param lead whether it is one of the few that matter most here
 */
public record Figure(String label, Quantity quantity, boolean lead) {
    public static Figure lead(String label, Quantity quantity) {
        return new Figure(label, quantity, true);
    }

    public static Figure of(String label, Quantity quantity) {
        return new Figure(label, quantity, false);
    }
}
