package sectorum.ahead;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/**
 * What something dries over, or in, so that it keeps its curve.
 *
 * @param across its diameter, mm
 * @param many of them that one piece needs at once
 */
public record Former(Form form, double across, int many) {
    /** The forms that the cupboard knows, by what they are called there. */
    public enum Form {
        FLAT("flat", "a flat board"),
        /** A cake's own curve: a tin, a dummy, a tube cut open. */
        ROUND("round", "a round former"),
        ROLL("roll", "a roll of paper"),
        CUP("cup", "a cup"),
        CONE("cone", "a paper cone"),
        BALL("ball", "a half ball");

        private final String key;
        private final String words;

        Form(String key, String words) {
            this.key = key;
            this.words = words;
        }

        /** As the cupboard's field has it. */
        public String key() {
            return key;
        }

        public String words() {
            return words;
        }

        /** Whether it is made on the spot and never asked of the cupboard: rolled or cut from paper. */
        public boolean isPaper() {
            return this == ROLL || this == CONE;
        }
    }

    /** A sentence's end: over what. */
    public Phrase over() {
        return form == Form.FLAT
                ? Phrase.of(form.words())
                : Phrase.of(form.words() + " of {}", Quantity.length(across));
    }
}
