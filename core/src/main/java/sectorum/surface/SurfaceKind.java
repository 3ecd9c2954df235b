package sectorum.surface;

import java.util.Arrays;
import java.util.Locale;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Which surface of a tier, and the words for its z. */
public enum SurfaceKind {
    SIDE("side", "above the foot", "up the side", "foot", "top edge"),
    TOP("top", "in from the rim", "inwards", "rim", "inner edge"),
    /** What is seen of a tier's top around the tier on it. */
    LEDGE("ledge", "in from the rim", "inwards", "rim", "tier above"),
    /** What is seen of the board around the lowest tier. */
    BOARD("board", "in from the board's edge", "inwards", "board's edge", "cake"),
    /** The wall round a ring's hole. */
    INNER("inner side", "above the foot", "up the side", "foot", "top edge");

    private final String words;
    private final String from;
    private final String onwards;
    private final String edge;
    private final String end;

    SurfaceKind(String words, String from, String onwards, String edge, String end) {
        this.words = words;
        this.from = from;
        this.onwards = onwards;
        this.edge = edge;
        this.end = end;
    }

    public String words() {
        return words;
    }

    /** What z is measured from, as "12 mm above the foot". */
    public String from() {
        return from;
    }

    /** Which way z grows. */
    public String onwards() {
        return onwards;
    }

    /** What lies at z 0. */
    public String edge() {
        return edge;
    }

    /** What lies at the most z. */
    public String end() {
        return end;
    }

    /** Whether it lies level; sides stand. */
    public boolean isLevel() {
        return this != SIDE && this != INNER;
    }

    /** The name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The surface of that name in documents; refused with the names there are. */
    public static SurfaceKind of(String key) {
        return Arrays.stream(values())
                .filter(k -> k.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "surface",
                        Phrase.of(
                                "A surface \"{}\" is not known. Choose one of: {}.",
                                Quantity.text(key),
                                Quantity.text(String.join(
                                        ", ",
                                        Arrays.stream(values())
                                                .map(SurfaceKind::key)
                                                .toList())))));
    }
}
