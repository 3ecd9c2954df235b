package sectorum.divide;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What a technique asks of a count so that it closes at the back: a multiple of something. */
public record Demand(int multipleOf, String why) {
    public static final Demand NONE = new Demand(1, "");

    /** Why this count does not close, or null when it does. */
    Phrase refusal(int n) {
        if (n % multipleOf == 0) {
            return null;
        }
        int below = Math.max(multipleOf, n - n % multipleOf);
        return Phrase.of(
                "{} does not close: " + why + ". Nearest that do: {} and {}.",
                Quantity.count(n),
                Quantity.count(below),
                Quantity.count(below + (long) multipleOf));
    }
}
