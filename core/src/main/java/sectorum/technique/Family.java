package sectorum.technique;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Techniques that stand for one another: what one of a family does to a side, another does nearly, in other hours. */
public enum Family {
    /** Curves hung from mark to mark. */
    HUNG("swag", "drape", "garland", "crescent", "pennant"),
    /** A net of lines or pieces over the whole side. */
    NET("quilting", "honeycomb", "squares", "dots", "folded", "rings", "mat", "tiles"),
    /** Stripes, ribs and strands. */
    STRIPES("levels", "uprights", "channel", "combed", "weave", "ropes"),
    /** A line of small things round an edge. */
    ROWS("pearls", "border", "piping"),
    /** A side hidden under many pieces or what is strewn. */
    COVERED("cover", "gathered", "strew", "ruffles", "fall", "cluster"),
    /** A side wrapped, panelled or patterned in its coat. */
    WRAPPED("wraps", "panels", "collar", "marbled", "stencilled");

    private final List<String> techniques;

    Family(String... techniques) {
        this.techniques = List.of(techniques);
    }

    /** The one of a technique; none: nothing stands for it. */
    public static Optional<Family> of(String technique) {
        return Arrays.stream(values())
                .filter(f -> f.techniques.contains(technique))
                .findFirst();
    }

    /** What else is in the family of a technique. */
    public static List<Technique> others(String technique) {
        return of(technique).stream()
                .flatMap(f -> f.techniques.stream())
                .filter(t -> !t.equals(technique))
                .map(Catalogue::of)
                .toList();
    }
}
