package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.PieceRecipe;

/** A small model of balls, cones and cylinders: a list of parts with grams, in order (craft 4.1). */
final class SmallModel implements AheadKind {
    @Override
    public PieceKind kind() {
        return PieceKind.MODEL;
    }

    @Override
    public String name() {
        return "Small model of parts";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Height", null, null);
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Body", "Second", "Third");
    }

    @Override
    public PieceRecipe recipe(Values settings, OwnPiece piece) {
        return Flower.recipe(Recipes.models(), piece, Flower.recipes(Recipes.models(), piece, "bird"), settings);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(Flower.recipes(Recipes.models(), piece, "bird"));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        PieceRecipe recipe = Flower.recipe(
                Recipes.models(), piece, fields(settings, piece, bed).get(0), settings);
        PieceBuilder b = new PieceBuilder(piece, Material.MODELLING);
        RecipeWork work = new RecipeWork(recipe, piece, b.material(), piece.width());
        work.stages(b);
        Sculpt stood = work.look().raised();
        b.looking(piece.seat().on() == OwnPiece.On.SIDE ? stood.backed() : stood);
        b.drawn(() -> work.patterns("model"));
        b.picked(piece.width() > 50 ? 1 : 0);
        b.placing(
                Phrase.of("Stand {} × {}.", Quantity.count(piece.count()), Quantity.text(piece.name())), "royal icing");
        return b.made();
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double high = Math.max(25, Math.min(90, bed.across() * 0.28));
        List<OwnPiece> offers = new ArrayList<>();
        Recipes.models()
                .forEach((key, recipe) -> offers.add(new Offer(PieceKind.MODEL, "model-" + key, recipe.name())
                        .sized(high, high, 3)
                        .of(Material.MODELLING)
                        .with("recipe", key)
                        .made()));
        return offers;
    }
}
