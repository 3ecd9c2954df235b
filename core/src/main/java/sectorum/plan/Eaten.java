package sectorum.plan;

/** Every part of a cake is one of these (craft 7). */
public enum Eaten {
    EAT("eat"),
    HARD("edible but hard"),
    OUT("take out");

    private final String words;

    Eaten(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
