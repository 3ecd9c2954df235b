package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.PieceRecipe;
import sectorum.plan.Stick;
import sectorum.technique.Gesture;

/** Flowers, buds, fillers and leaves with their stems bound, each bound stem in a pick (craft 4.1). */
final class Spray implements AheadKind {
    private static final Rule THICK = new Rule(
            "spray.thick",
            Level.LOOK,
            "More wires are bound to one stem than a pick of 6 mm takes, which is about seven.");

    /** So many taped wires go into one pick of 6 mm. */
    private static final int IN_A_PICK = 7;
    /** Each next one is turned by so much: no two stand behind one another. */
    private static final double GOLDEN = Math.PI * (3 - Math.sqrt(5));

    private static final double BINDING = 1.5;

    @Override
    public PieceKind kind() {
        return PieceKind.SPRAY;
    }

    @Override
    public String name() {
        return "Spray";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Main cutter", null, null);
    }

    @Override
    public List<Rule> rules() {
        return List.of(THICK);
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Petals", "Middle", "Green");
    }

    @Override
    public PieceRecipe recipe(Values settings, OwnPiece piece) {
        return Flower.recipe(Recipes.flowers(), piece, Flower.recipes(Recipes.flowers(), piece, "rose"), settings);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(
                Flower.recipes(Recipes.flowers(), piece, "rose"),
                Flower.nod(piece),
                Field.count("flowers", "Flowers", 1, 24, 3, "The largest, in the middle."),
                Field.count("buds", "Buds", 0, 24, 2, "Half as large, beside them."),
                Field.count("fillers", "Fillers", 0, 24, 2, "Between them."),
                Field.count("leaves", "Leaves", 0, 40, 4, "Around, the last to go in."),
                Field.count("reserve", "Leaves in reserve", 0, 40, 2, "For gaps that nobody has planned."),
                Field.count("bound", "Wires to a stem", 1, 20, 5, "Taped together, each stem in a pick."));
    }

    /** What is bound: of which recipe, how large beside the main cutter, how many, and how many colours further on. */
    private record Bound(PieceRecipe recipe, double size, int many, double out, double low, int colours) {}

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        int[] many = new int[6];
        for (int i = 0; i < many.length; i++) {
            many[i] = (int) fields.get(2 + i).number(settings);
        }
        PieceBuilder b = new PieceBuilder(piece, Material.GUM);
        List<Bound> bound = List.of(
                new Bound(Flower.recipe(Recipes.flowers(), piece, fields.get(0), settings), 1, many[0], 0.62, 0, 0),
                new Bound(Recipes.flowers().get("bud"), 0.55, many[1], 1.15, 0.1, 0),
                new Bound(Recipes.flowers().get("filler"), 0.5, many[2], 1.05, 0.1, 0),
                new Bound(leaf(), 0.9, many[3] + many[4], 1.0, 0.35, 2));
        Sculpt look = new Sculpt();
        int placed = 0;
        for (Bound part : bound) {
            if (part.many() > 0) {
                RecipeWork work = new RecipeWork(part.recipe(), piece, b.material(), piece.width() * part.size());
                work.parts(b, part.many(), part.colours());
                int seen = part.recipe().name().equals(leaf().name()) ? many[3] : part.many();
                Sculpt one = work.look();
                for (int i = 0; i < seen; i++) {
                    place(look, one, part, i, seen, placed++, piece.width());
                }
            }
        }
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Make for each spray {} flowers, {} buds, {} fillers and {} leaves, {} of them a reserve, each by its recipe"
                                + " and on its wire; dry them.",
                        Quantity.count(many[0]),
                        Quantity.count(many[1]),
                        Quantity.count(many[2]),
                        Quantity.count((long) many[3] + many[4]),
                        Quantity.count(many[4])),
                "roller, cutters, ball tool, foam, wires, cups",
                many[0] * 12.0 + many[1] * 6.0 + many[2] * 5.0 + (many[3] + many[4]) * 2.0,
                null,
                RecipeWork.WIRED);
        b.stage("Flowers of " + piece.name(), piece.thick(1).aired(OwnPiece.Faces.FORMER));
        int wires = many[0] + many[1] + many[2] + many[3];
        int stems = (int) Rounding.ceil((double) wires / many[5]);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Bind {} sprays: {} wires into {} stems, the longest first, leaves last.",
                        Quantity.count(piece.count()),
                        Quantity.count(wires),
                        Quantity.count(stems)),
                "florist's tape, pliers",
                BINDING * wires);
        b.stage(piece.name(), null);
        b.picked(stems);
        b.placing(
                Phrase.of(
                        "Press {} picks in for each of {} sprays, fill them with paste, and set the stems; turn flowers to hide"
                                + " gaps, leaves last.",
                        Quantity.count(stems),
                        Quantity.count(piece.count())),
                Stick.WIRE.words());
        b.looking(Flower.placed(look, fields.get(1).number(settings), piece));
        b.drawn(() -> new RecipeWork(bound.get(0).recipe(), piece, b.material(), piece.width()).patterns("spray"));
        if (many[5] > IN_A_PICK) {
            thick(b, piece, many[5]);
        }
        return b.made();
    }

    private static void thick(PieceBuilder b, OwnPiece piece, int bound) {
        b.found(THICK.found(
                Phrase.of("{} wires are bound to a stem.", Quantity.count(bound)),
                new Mend(
                        Phrase.of("Bind {} to a stem", Quantity.count(IN_A_PICK)),
                        List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/bound", (double) IN_A_PICK)))));
    }

    /** One leaf on its wire. */
    private static PieceRecipe leaf() {
        List<PieceRecipe.PiecePart> parts = new ArrayList<>();
        for (PieceRecipe.PiecePart p : Recipes.flowers().get("leaves").parts()) {
            parts.add(
                    p.form() == PieceRecipe.Form.WIRE
                            ? p
                            : PieceRecipe.PiecePart.of(p.name(), p.form(), p.across(), p.high(), p.thick(), 1, 1)
                                    .at(0, 0, 10, 0)
                                    .thin());
        }
        return new PieceRecipe("Leaf", parts);
    }

    /** Round the middle, each its own way out, the further the lower. */
    private static void place(Sculpt look, Sculpt made, Bound part, int i, int many, int placed, double main) {
        boolean inner = part.low() == 0;
        double about = inner ? 2 * Math.PI * i / many : placed * GOLDEN;
        double out = inner && many == 1 ? 0 : part.out() * main * (inner ? Math.max(0.8, Math.sqrt(many / 3.0)) : 1);
        double tilt = inner ? 0.35 : 0.8;
        Sculpt one = made.nodding(out == 0 ? 0 : tilt).about(about);
        look.with(one, out * Elementary.sin(about), -out * Elementary.cos(about), -part.low() * main);
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double cutter = Math.max(14, Math.min(40, bed.across() * 0.12));
        return List.of(new Offer(PieceKind.SPRAY, "spray", "Spray of flowers")
                .sized(cutter, cutter, 1)
                .held(Stick.WIRE)
                .made());
    }
}
