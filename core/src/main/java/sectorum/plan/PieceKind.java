package sectorum.plan;

import java.util.Locale;
import java.util.Set;

/** The kinds of pieces made ahead, with the names of their settings; what each is, see {@code ahead}. */
public enum PieceKind {
    OWN(Set.of()),
    CUT_SHAPE(Set.of("shape")),
    NAIL_FLOWER(Set.of("petals", "rounds", "stamens", "weighed")),
    CUT_FIGURE(Set.of("shape", "layers", "stands", "cured", "joined", "support", "former", "lean")),
    BOW(Set.of(
            "loops",
            "rings",
            "shorter",
            "roll",
            "dried",
            "cut",
            "thin",
            "centre",
            "pleats",
            "band",
            "wrap",
            "tails",
            "tail",
            "second",
            "end",
            "narrower")),
    ARCH(Set.of("wire", "ends")),
    FLOWER(Set.of("recipe", "nod")),
    SPRAY(Set.of("recipe", "nod", "flowers", "buds", "fillers", "leaves", "reserve", "bound")),
    MOULDED(Set.of("form", "sides", "weighed", "share", "pearl", "release")),
    ROLLED(Set.of("form", "turns", "fringe", "strands", "lay")),
    MODEL(Set.of("recipe")),
    POURED(Set.of("form", "textured", "real")),
    SPHERE(Set.of("coats", "whole")),
    LACE(Set.of("mesh", "over"));

    private final Set<String> settingNames;

    PieceKind(Set<String> settingNames) {
        this.settingNames = settingNames;
    }

    /** The kind that a technique asks for. */
    public static PieceKind of(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    public Set<String> settingNames() {
        return settingNames;
    }
}
