package sectorum.measure;

import java.util.List;
import java.util.function.Function;

/**
 * A sentence with numbers in it that are not text yet: {@code {}} stands where each quantity goes. The reader's unit is
 * the reader's business, so core never writes "mm" into a sentence.
 */
public record Phrase(String template, List<Quantity> quantities) {
    public Phrase {
        quantities = List.copyOf(quantities);
        int holes = 0;
        for (int at = template.indexOf("{}"); at >= 0; at = template.indexOf("{}", at + 2)) {
            holes++;
        }
        if (holes != quantities.size()) {
            throw new IllegalArgumentException("The phrase \"" + template + "\" has " + holes + " places for "
                    + quantities.size() + " quantities");
        }
    }

    public static Phrase of(String template, Quantity... quantities) {
        return new Phrase(template, List.of(quantities));
    }

    /** The sentence in millimetres to the last digit, for logs and tests. */
    @Override
    public String toString() {
        return filled(Quantity::toString);
    }

    /** The sentence as its reader thinks of lengths. */
    public String say(LengthUnit unit) {
        return filled(quantity -> quantity.say(unit));
    }

    private String filled(Function<Quantity, String> words) {
        StringBuilder said = new StringBuilder();
        int from = 0;
        for (Quantity quantity : quantities) {
            int hole = template.indexOf("{}", from);
            said.append(template, from, hole).append(words.apply(quantity));
            from = hole + 2;
        }
        return said.append(template.substring(from)).toString();
    }
}
