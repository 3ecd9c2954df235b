package sectorum.ahead;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import sectorum.plan.PieceRecipe;
import sectorum.plan.PieceRecipe.Form;
import sectorum.plan.PieceRecipe.PartFormer;
import sectorum.plan.PieceRecipe.PiecePart;

/** The recipes that ship: flowers by their main cutter, small models by their height (craft 4.1). */
final class Recipes {
    /** A cone that petals go on dries overnight, hours. */
    private static final double OVERNIGHT = 12;

    private static final Map<String, PieceRecipe> FLOWERS = new LinkedHashMap<>();
    private static final Map<String, PieceRecipe> MODELS = new LinkedHashMap<>();

    static {
        FLOWERS.put(
                "lily",
                new PieceRecipe(
                        "Cupped lily",
                        List.of(
                                wire(),
                                // A stamen is three quarters of the flower's height, and dries before it is set in.
                                PiecePart.of("Stamen", Form.CYLINDER, 0.1, 0.75, 2, 1, 1)
                                        .at(0, 0.08, 90, 0)
                                        .coloured(1),
                                PiecePart.of("Heart petal", Form.HEART, 1, 1, 0.8, 1, 2)
                                        .at(0, 0, 90, 0)
                                        .over(PartFormer.CONE)
                                        .thin(),
                                calyx(0.32, 3))));
        FLOWERS.put(
                "blossom",
                new PieceRecipe(
                        "Five-petal blossom",
                        List.of(
                                PiecePart.of("Blossom", Form.BLOSSOM, 1, 1, 0.7, 1, 1)
                                        .at(0, 0, 28, 0)
                                        .over(PartFormer.CUP)
                                        .thin(),
                                PiecePart.of("Middle", Form.BALL, 0.16, 0.16, 1, 1, 2)
                                        .at(0, 0.01, 90, 0)
                                        .coloured(1))));
        FLOWERS.put(
                "rose",
                new PieceRecipe(
                        "Rounds of petals",
                        List.of(
                                wire(),
                                PiecePart.of("Cone", Form.CONE, 0.45, 0.8, 2, 1, 1)
                                        .at(0, 0.05, 90, 0)
                                        .resting(OVERNIGHT),
                                petals("First round", 0.85, 3, 2, 0.05, 0.12, 84),
                                petals("Second round", 0.9, 5, 3, 0.16, 0.08, 72),
                                petals("Third round", 0.95, 7, 4, 0.26, 0.04, 52)
                                        .over(PartFormer.CUP),
                                petals("Outer round", 1, 9, 5, 0.34, 0.02, 30).over(PartFormer.CUP),
                                calyx(0.7, 6))));
        FLOWERS.put(
                "bud",
                new PieceRecipe(
                        "Bud",
                        List.of(
                                wire(),
                                PiecePart.of("Cone", Form.CONE, 0.5, 1, 2, 1, 1)
                                        .at(0, 0.08, 90, 0)
                                        .resting(OVERNIGHT),
                                petals("Petals", 0.9, 3, 2, 0.08, 0.1, 84),
                                calyx(0.55, 3))));
        FLOWERS.put(
                "leaves",
                new PieceRecipe(
                        "Leaves",
                        List.of(
                                wire(),
                                PiecePart.of("Leaf", Form.LEAF, 0.5, 1, 1, 3, 1)
                                        .at(0.03, 0.02, 20, 0)
                                        .over(PartFormer.FLAT)
                                        .thin())));
        FLOWERS.put(
                "filler",
                new PieceRecipe(
                        "Filler",
                        List.of(
                                wire(),
                                PiecePart.of("Thread", Form.STAMEN, 0.02, 0.9, 0.6, 7, 1)
                                        .at(0.02, 0, 62, 0)
                                        .coloured(1)
                                        .resting(0),
                                PiecePart.of("Small blossom", Form.BLOSSOM, 0.34, 0.34, 0.6, 7, 2)
                                        .at(0.45, 0.8, 30, 0))));
        FLOWERS.put(
                "nest",
                new PieceRecipe(
                        "Nest of petals",
                        List.of(
                                petals("Outer petals", 0.9, 11, 1, 0.5, 0, 24).over(PartFormer.CUP),
                                petals("Inner petals", 0.8, 9, 2, 0.36, 0.06, 44)
                                        .over(PartFormer.CUP))));
        MODELS.put(
                "bee",
                new PieceRecipe(
                        "Bee",
                        List.of(
                                PiecePart.of("Body", Form.EGG, 0.58, 0.72, 2, 1, 1)
                                        .at(0, 0, 90, 0),
                                PiecePart.of("Head", Form.BALL, 0.4, 0.4, 2, 1, 2)
                                        .at(0, 0.56, 90, 0),
                                PiecePart.of("Wing", Form.PETAL, 0.26, 0.5, 1, 2, 3)
                                        .at(0.12, 0.44, 35, 110)
                                        .coloured(1),
                                PiecePart.of("Feeler", Form.STAMEN, 0.02, 0.12, 1.2, 2, 4)
                                        .at(0.06, 0.9, 62, 90)
                                        .coloured(2))));
        MODELS.put(
                "bird",
                new PieceRecipe(
                        "Bird",
                        List.of(
                                PiecePart.of("Body", Form.EGG, 0.72, 0.66, 2, 1, 1)
                                        .at(0, 0, 90, 0),
                                PiecePart.of("Head", Form.BALL, 0.42, 0.42, 2, 1, 2)
                                        .at(0.12, 0.54, 90, 0),
                                PiecePart.of("Beak", Form.CONE, 0.12, 0.18, 2, 1, 3)
                                        .at(0.3, 0.74, 0, 0)
                                        .coloured(1),
                                PiecePart.of("Wing", Form.PETAL, 0.3, 0.55, 2, 2, 3)
                                        .at(0.3, 0.38, -24, 90)
                                        .coloured(2),
                                PiecePart.of("Tail", Form.LEAF, 0.24, 0.4, 2, 1, 3)
                                        .at(0.28, 0.28, 14, 180)
                                        .coloured(2))));
        MODELS.put(
                "pawn",
                new PieceRecipe(
                        "Pawn",
                        List.of(
                                PiecePart.of("Foot", Form.CYLINDER, 0.6, 0.12, 2, 1, 1)
                                        .at(0, 0, 90, 0),
                                PiecePart.of("Stem", Form.CONE, 0.5, 0.62, 2, 1, 1)
                                        .at(0, 0.12, 90, 0),
                                PiecePart.of("Collar", Form.CYLINDER, 0.34, 0.05, 2, 1, 2)
                                        .at(0, 0.56, 90, 0),
                                PiecePart.of("Head", Form.BALL, 0.39, 0.39, 2, 1, 2)
                                        .at(0, 0.61, 90, 0))));
    }

    private Recipes() {}

    private static PiecePart wire() {
        return PiecePart.of("Wire", Form.WIRE, 0.02, 2, 0.9, 1, 1);
    }

    private static PiecePart calyx(double across, int order) {
        return PiecePart.of("Calyx", Form.CALYX, across, across, 0.6, 1, order)
                .at(0, 0.02, -20, 0)
                .coloured(2);
    }

    private static PiecePart petals(String name, double size, int each, int order, double out, double up, double tilt) {
        return PiecePart.of(name, Form.PETAL, size, size, 0.7, each, order)
                .at(out, up, tilt, 0)
                .thin();
    }

    static Map<String, PieceRecipe> flowers() {
        return FLOWERS;
    }

    static Map<String, PieceRecipe> models() {
        return MODELS;
    }
}
