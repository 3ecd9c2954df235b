package sectorum.workup;

import sectorum.plan.OwnPiece;

/** Plain plaques for tests of other rooms. */
public final class Plaques {
    private Plaques() {}

    /** One of gum paste with both faces free, so thick. */
    public static OwnPiece gum(double thickness) {
        return DaysTest.plaque(thickness, OwnPiece.Faces.BOTH);
    }
}
