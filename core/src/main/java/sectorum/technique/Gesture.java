package sectorum.technique;

/** What a hand does in a step; steps are drawn by it, and those that happen on the cake itself are done place by place. */
public enum Gesture {
    MEASURE("measure", false),
    MARK("mark", true),
    WEIGH("weigh and mix", false),
    BAKE("bake", false),
    ROLL("roll", false),
    CUT("cut", false),
    SHAPE("shape", false),
    SORT("lay out", false),
    TRACE("draw on the sheet", false),
    PRESS("press in", true),
    PIPE("pipe", true),
    FLOOD("flood", true),
    POUR("pour", false),
    WRAP("wrap round", true),
    STREW("strew", true),
    BRUSH("brush", true),
    SPREAD("spread", false),
    SCRAPE("scrape", false),
    CHILL("leave it", false),
    PEEL("peel off", false),
    INSERT("stick in", true),
    LIFT("lift", false),
    STICK("set on", true),
    LOOK("look", false);

    private final String words;
    private final boolean onCake;

    Gesture(String words, boolean onCake) {
        this.words = words;
        this.onCake = onCake;
    }

    public String words() {
        return words;
    }

    /** Whether it puts something on the cake, or into it, one place after the other. */
    public boolean onCake() {
        return onCake;
    }
}
