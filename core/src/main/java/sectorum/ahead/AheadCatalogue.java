package sectorum.ahead;

import java.util.List;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;

/** The kinds of pieces that can be made ahead, the plain one first. A new kind is one row here. */
public final class AheadCatalogue {
    private static final List<AheadKind> ALL =
            List.of(new PlainPiece(), new CutShape(), new NailFlower(), new CutFigure());

    private AheadCatalogue() {}

    public static List<AheadKind> all() {
        return ALL;
    }

    /** Every kind that a document can name is here. */
    public static AheadKind of(PieceKind kind) {
        return ALL.stream().filter(k -> k.kind() == kind).findFirst().orElseThrow();
    }

    /** What follows for a piece of a plan. */
    public static MadeAhead make(OwnPiece piece) {
        return of(piece.made()).make(piece.values(), piece);
    }
}
