package sectorum.divide;

/** A way to mark a division (craft 2.4). Once chosen it belongs to the division: steps, templates and days follow it. */
public enum Way {
    TAPE("read off the tape", "soft tape, pricker"),
    SOFT("a soft card stepped round", "soft gauge card, pricker"),
    STIFF("a stiff card stepped round", "stiff gauge card, pricker"),
    FOLD("a folded paper band", "paper band, pricker"),
    PRESS("a cutter pressed round", "round cutter, depth gauge"),
    STRIP("the printed strip, wrapped", "marking strip, pricker"),
    WHEEL("the sector wheel under the tier", "sector wheel, set square, pricker");

    private final String words;
    private final String tools;

    Way(String words, String tools) {
        this.words = words;
        this.tools = tools;
    }

    public String words() {
        return words;
    }

    public String tools() {
        return tools;
    }

    /** Whether it wants a soft covering, within the hour after it is laid (craft 1). */
    public boolean soft() {
        return this == PRESS;
    }
}
