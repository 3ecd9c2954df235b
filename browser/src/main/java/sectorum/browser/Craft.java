package sectorum.browser;

import org.teavm.interop.Export;

/** The craft, as the page asks it. */
public final class Craft {
    private static final Desk DESK = new Desk(new Page());

    private Craft() {}

    /** Nothing is done before somebody asks. */
    public static void main(String[] args) {}

    /** Before the page makes any word: the written codec knows its own by their numbers. */
    @Export(name = "begin")
    public static void begin() {
        DESK.begin();
    }

    /**
     * Answers one question, which the reader stands at.
     *
     * @param question the number of its record's name among the words
     * @return 0 where the answer is written, 1 where a refusal is, 2 where it failed
     */
    @Export(name = "ask")
    public static int ask(int question) {
        return DESK.ask(question);
    }
}
