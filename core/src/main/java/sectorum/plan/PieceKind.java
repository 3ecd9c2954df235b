package sectorum.plan;

import java.util.Locale;
import java.util.Set;

/** The kinds of pieces made ahead, with the names of their settings; what each is, see {@code ahead}. */
public enum PieceKind {
    OWN(Set.of()),
    CUT_SHAPE(Set.of("shape")),
    NAIL_FLOWER(Set.of("petals", "rounds", "stamens", "weighed")),
    CUT_FIGURE(Set.of("layers"));

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
