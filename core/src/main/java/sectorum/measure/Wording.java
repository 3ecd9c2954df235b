package sectorum.measure;

/** Words that people type: neither too many nor such as could not be written down. */
public final class Wording {
    private Wording() {}

    /**
     * The words without blanks around them; refused where they are too many or too few, or hold what no file keeps.
     *
     * @param label what they are, for whoever typed them
     * @param least 0: they may be missing
     */
    public static String checked(String field, String label, @Absent String words, int least, int most) {
        String said = words == null ? "" : words.strip();
        if (said.length() < least || said.length() > most) {
            throw new Refused(
                    field,
                    Phrase.of(
                            label + " has {} letters; allowed are {} to {}. Shorten it, or say a few words.",
                            Quantity.count(said.length()),
                            Quantity.count(least),
                            Quantity.count(most)));
        }
        // A lone half of a sign above the basic plane cannot be written down anywhere.
        boolean half = said.codePoints().anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE);
        if (half || said.chars().anyMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\t')) {
            throw new Refused(
                    field,
                    Phrase.of(
                            label + " \"{}\" holds signs that cannot be printed. Type it again.",
                            Quantity.text(said.replaceAll("[\\p{Cntrl}\\p{Cs}]", "·"))));
        }
        return said;
    }
}
