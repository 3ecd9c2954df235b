package sectorum.recipe;

import java.util.List;
import sectorum.material.Material;
import sectorum.measure.Absent;

/** Recipes to start with: usual proportions, which a workshop's own replace (craft 4.3). */
final class ShippedRecipes {
    private static final String HOT =
            " Hot sugar burns deep: gloves and sleeves, no children near, cold water by, never touch a drip to test it.";

    /** What is made where none is bought. */
    static final List<Recipe> USUAL = List.of(
            recipe(
                    "royal",
                    "Royal icing",
                    Material.ROYAL,
                    null,
                    3.0,
                    null,
                    "Use meringue powder or pasteurised white.",
                    Ingredient.of("icing sugar", 450, 0.56),
                    Ingredient.of("meringue powder", 20, 0.45, "egg"),
                    water(65)),
            recipe(
                    "sugar_sheet",
                    "Sugar sheet",
                    Material.SUGAR_SHEET,
                    null,
                    null,
                    null,
                    "Press it thin and let it dry for days.",
                    Ingredient.of("caster sugar", 400, 0.85),
                    Ingredient.of("glucose", 90, 1.4)),
            recipe(
                    "cooked_sugar",
                    "Cooked sugar",
                    Material.SUGAR,
                    500.0,
                    null,
                    null,
                    "Boil to hard crack, 146 to 154 °C." + HOT,
                    Ingredient.of("sugar", 400, 0.85),
                    Ingredient.of("glucose", 100, 1.4),
                    water(120)),
            recipe(
                    "modelling_paste",
                    "Modelling paste",
                    Material.MODELLING,
                    null,
                    30.0,
                    8.0,
                    "Knead the powder in and let the paste rest.",
                    Ingredient.of("fondant", 1000, 1.35),
                    Ingredient.of("CMC powder", 14, 0.6)),
            recipe(
                    "ganache",
                    "Dark ganache",
                    Material.GANACHE,
                    null,
                    7.0,
                    8.0,
                    "Two parts of chocolate to one of cream, left overnight to spread.",
                    Ingredient.of("dark chocolate", 600, 0.7, "milk", "soy"),
                    Ingredient.of("cream", 300, 1, "milk")),
            recipe(
                    "buttercream",
                    "Buttercream",
                    Material.BUTTERCREAM,
                    null,
                    7.0,
                    null,
                    "Beat the butter pale, then the sugar in; strong dark colours want half a day to deepen.",
                    Ingredient.of("butter", 500, 0.91, "milk"),
                    Ingredient.of("icing sugar", 500, 0.56),
                    Ingredient.of("milk", 30, 1.03, "milk")),
            recipe(
                    "syrup",
                    "Sugar syrup",
                    Material.SYRUP,
                    null,
                    14.0,
                    null,
                    "Boil once, and let it cool.",
                    Ingredient.of("sugar", 100, 0.85),
                    water(100)),
            recipe(
                    "curd",
                    "Lemon curd",
                    Material.CURD,
                    850.0,
                    14.0,
                    8.0,
                    "Thicken it over steam, sieve it, cover it close; it sets overnight in the fridge.",
                    new Ingredient("egg", 4, KitchenUnit.PIECE, 50.0, null, List.of("egg")),
                    Ingredient.of("sugar", 300, 0.85),
                    Ingredient.of("butter", 200, 0.91, "milk"),
                    Ingredient.of("lemon juice", 200, 1.03)),
            recipe(
                    "jam",
                    "Cooked fruit filling",
                    Material.JAM,
                    800.0,
                    10.0,
                    8.0,
                    "Cook the fruit down until it stands on a cold plate." + HOT,
                    Ingredient.of("fruit", 700, 0.6),
                    Ingredient.of("sugar", 350, 0.85),
                    Ingredient.of("lemon juice", 30, 1.03)),
            recipe(
                    "cream",
                    "Whipped cream",
                    Material.CREAM,
                    null,
                    2.0,
                    null,
                    "Keep it and the cake that holds it in the fridge.",
                    Ingredient.of("cream", 500, 1, "milk"),
                    Ingredient.of("icing sugar", 40, 0.56)));

    /** Others that a batch may say. */
    private static final List<Recipe> MORE = List.of(
            recipe(
                    "white_ganache",
                    "White ganache",
                    Material.GANACHE,
                    null,
                    7.0,
                    8.0,
                    "Three parts of white chocolate to one of cream.",
                    Ingredient.of("white chocolate", 900, 0.7, "milk", "soy"),
                    Ingredient.of("cream", 300, 1, "milk")),
            recipe(
                    "meringue_buttercream",
                    "Meringue buttercream",
                    Material.BUTTERCREAM,
                    null,
                    5.0,
                    null,
                    "Warm pasteurised whites and sugar over steam to 71 °C, beat them cold, then the butter in.",
                    Ingredient.of("pasteurised egg white", 150, 1.03, "egg"),
                    Ingredient.of("sugar", 300, 0.85),
                    Ingredient.of("butter", 450, 0.91, "milk")),
            recipe(
                    "fondant",
                    "Fondant",
                    Material.FONDANT,
                    null,
                    60.0,
                    12.0,
                    "Soak the gelatine, melt it with glucose and glycerine, knead the sugar in; it rests overnight, wrapped.",
                    Ingredient.of("icing sugar", 900, 0.56),
                    Ingredient.of("glucose", 130, 1.4),
                    Ingredient.of("glycerine", 15, 1.26),
                    Ingredient.of("gelatine", 10, 0.7),
                    water(60)),
            recipe(
                    "gel",
                    "Piping gel",
                    Material.PIPING_GEL,
                    null,
                    60.0,
                    null,
                    "Soak the gelatine, melt it with the glucose, let it cool.",
                    Ingredient.of("glucose", 250, 1.4),
                    Ingredient.of("gelatine", 6, 0.7),
                    water(60)),
            recipe(
                    "sponge",
                    "Sponge",
                    Material.SPONGE,
                    920.0,
                    3.0,
                    2.0,
                    "Cream butter and sugar, eggs one by one, flour last; bake at 170 °C until a stick comes out dry, and let it"
                            + " cool before it is cut.",
                    Ingredient.of("butter", 250, 0.91, "milk"),
                    Ingredient.of("sugar", 250, 0.85),
                    new Ingredient("egg", 5, KitchenUnit.PIECE, 50.0, null, List.of("egg")),
                    Ingredient.of("flour", 250, 0.53, "gluten"),
                    Ingredient.of("baking powder", 8, 0.9)),
            recipe(
                    "chocolate_cake",
                    "Rich chocolate cake",
                    Material.RICH_CAKE,
                    1250.0,
                    5.0,
                    8.0,
                    "Bake at 150 °C, slowly; it cuts clean the day after.",
                    Ingredient.of("dark chocolate", 250, 0.7, "milk", "soy"),
                    Ingredient.of("butter", 250, 0.91, "milk"),
                    Ingredient.of("sugar", 350, 0.85),
                    new Ingredient("egg", 4, KitchenUnit.PIECE, 50.0, null, List.of("egg")),
                    Ingredient.of("flour", 250, 0.53, "gluten"),
                    Ingredient.of("milk", 60, 1.03, "milk")));

    static final List<Recipe> ALL =
            java.util.stream.Stream.concat(USUAL.stream(), MORE.stream()).toList();

    private ShippedRecipes() {}

    private static Ingredient water(double grams) {
        return Ingredient.of("water", grams, 1);
    }

    private static Recipe recipe(
            String id,
            String name,
            Material makes,
            @Absent Double yield,
            @Absent Double keeps,
            @Absent Double rests,
            String note,
            Ingredient... parts) {
        return new Recipe(id, name, makes, List.of(parts), yield, keeps, rests, note);
    }
}
