package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.PieceRecipe;
import sectorum.plan.PieceRecipe.Form;
import sectorum.plan.Stick;

/** A flower of parts by a recipe, on a wire or without (craft 4.1). */
final class Flower implements AheadKind {
    static final String OWN = "own";

    @Override
    public PieceKind kind() {
        return PieceKind.FLOWER;
    }

    @Override
    public String name() {
        return "Flower of parts";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Main cutter", null, null);
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Petals", "Middle", "Green");
    }

    /** The recipes to choose from, those of one's own among them. */
    static Field recipes(Map<String, PieceRecipe> shipped, OwnPiece piece, String usual) {
        List<Field.Choice> choices = new ArrayList<>();
        shipped.forEach((key, recipe) -> choices.add(new Field.Choice(key, recipe.name())));
        if (piece.recipe() != null) {
            choices.add(new Field.Choice(OWN, piece.recipe().name() + ", my own"));
        }
        return Field.choice("recipe", "Recipe", choices, piece.recipe() == null ? usual : OWN);
    }

    /** The recipe that is chosen; one's own that is gone is the usual one again. */
    static PieceRecipe recipe(Map<String, PieceRecipe> shipped, OwnPiece piece, Field field, Values settings) {
        boolean gone = OWN.equals(settings.get("recipe")) && piece.recipe() == null;
        String key = gone ? (String) field.fallback() : field.choice(settings);
        return key.equals(OWN) ? piece.recipe() : shipped.get(key);
    }

    /** How far it nods to whoever stands before it, by its place: on a side it looks straight out. */
    static Field nod(OwnPiece piece) {
        double usual = switch (piece.seat().on()) {
            case SIDE -> Math.PI / 2;
            case LEDGE, BOARD -> Math.PI / 4;
            default -> Math.PI / 6;
        };
        return Field.angle("nod", "Nods forward", 0, Math.PI / 2, usual, "0 looks up, a right angle to the front.");
    }

    /** In its place: nodding, and with its back to the side that holds it. */
    static Sculpt placed(Sculpt stood, double nod, OwnPiece piece) {
        Sculpt there = stood.nodding(nod).raised();
        return piece.seat().on() == OwnPiece.On.SIDE ? there.backed() : there;
    }

    @Override
    public PieceRecipe recipe(Values settings, OwnPiece piece) {
        return recipe(Recipes.flowers(), piece, recipes(Recipes.flowers(), piece, "blossom"), settings);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(recipes(Recipes.flowers(), piece, "blossom"), nod(piece));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        PieceRecipe recipe = recipe(Recipes.flowers(), piece, fields.get(0), settings);
        PieceBuilder b = new PieceBuilder(piece, Material.GUM);
        RecipeWork work = new RecipeWork(recipe, piece, b.material(), piece.width());
        work.stages(b);
        b.looking(placed(work.look(), fields.get(1).number(settings), piece));
        b.drawn(() -> work.patterns("flower"));
        int wires = recipe.parts().stream()
                .filter(p -> p.form() == Form.WIRE)
                .mapToInt(PieceRecipe.PiecePart::each)
                .sum();
        b.picked(wires);
        b.placing(
                wires > 0
                        ? Phrase.of(
                                "Set {} × {}, each wire in a pick.",
                                Quantity.count(piece.count()),
                                Quantity.text(piece.name()))
                        : Phrase.of(
                                "Set {} × {} in a dab of royal icing.",
                                Quantity.count(piece.count()),
                                Quantity.text(piece.name())),
                wires > 0 ? Stick.WIRE.words() : "royal icing");
        return b.made();
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double cutter = Math.max(16, Math.min(60, bed.across() * 0.18));
        List<OwnPiece> offers = new ArrayList<>();
        Recipes.flowers().forEach((key, recipe) -> {
            boolean wired = recipe.parts().stream().anyMatch(p -> p.form() == Form.WIRE);
            double by = key.equals("blossom") ? 0.9 : key.equals("lily") ? 1.2 : key.equals("rose") ? 0.8 : 0.7;
            offers.add(new Offer(PieceKind.FLOWER, "flower-" + key, recipe.name())
                    .sized(cutter * by, cutter * by, 1)
                    .with("recipe", key)
                    .held(wired ? Stick.WIRE : Stick.PICK)
                    .made());
        });
        return offers;
    }
}
