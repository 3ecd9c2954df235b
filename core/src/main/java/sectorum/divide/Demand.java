package sectorum.divide;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What a technique asks of a count so that it closes at the back: a multiple of something. */
public record Demand(int multipleOf, String why) {
    public static final Demand NONE = new Demand(1, "");

    /** Both demands at once. */
    public Demand and(Demand other) {
        if (other.multipleOf == 1 || multipleOf % other.multipleOf == 0) {
            return this;
        }
        if (multipleOf == 1) {
            return other;
        }
        int a = multipleOf;
        int b = other.multipleOf;
        while (b != 0) {
            int rest = a % b;
            a = b;
            b = rest;
        }
        return new Demand(multipleOf / a * other.multipleOf, why + ", and " + other.why);
    }

    /** The count that closes nearest to this one, the smaller of two as near, at most 500. */
    public int nearest(int n) {
        int below = Math.max(multipleOf, n - n % multipleOf);
        int above = below + multipleOf;
        return above > 500 || n - below <= above - n ? below : above;
    }

    /** Why this count does not close, or null when it does. */
    public Phrase refusal(int n) {
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
