package sectorum.material;

/** What a finish brings with it, which some materials do not stand (craft 3J). */
public enum Medium {
    DRY("dry dust"),
    SPIRIT("spirit"),
    OIL("oil"),
    WATER("water"),
    STEAM("steam");

    private final String words;

    Medium(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
