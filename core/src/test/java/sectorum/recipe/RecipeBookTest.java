package sectorum.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.material.Material;
import sectorum.measure.Refused;

class RecipeBookTest {
    private static final double[] MASSES = {1, 37, 500, 2345.6, 100_000};

    static Stream<Recipe> shipped() {
        return RecipeBook.SHIPPED.all().stream();
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(40);
    }

    private static Recipe recipe(String id, Double yield, Ingredient... parts) {
        return new Recipe(id, "Made " + id, Material.BUTTERCREAM, List.of(parts), yield, null, null, "");
    }

    private static Ingredient made(String by, double grams) {
        return new Ingredient("some " + by, grams, KitchenUnit.GRAM, null, by, List.of());
    }

    private static RecipeBook book(Recipe... own) {
        return new RecipeBook(List.of(own));
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void whatGoesInIsWhatComesOutAndWhatIsLost(Recipe recipe) {
        for (double grams : MASSES) {
            ScaledRecipe scaled = RecipeBook.SHIPPED.scaled(recipe, grams);
            double sum = scaled.amounts().stream()
                    .mapToDouble(ScaledRecipe.Amount::grams)
                    .sum();
            assertThat(sum - scaled.lost()).isCloseTo(grams, within(1e-9 * Math.max(1, grams)));
            assertThat(scaled.amounts()).allSatisfy(a -> {
                assertThat(a.ounces() * 28.349523125).isCloseTo(a.grams(), within(1e-6));
                if (a.tablespoons() != null) {
                    double spooned = (a.tablespoons() * 15 + a.teaspoons() * 5) * a.density();
                    assertThat(spooned).isCloseTo(a.grams(), within(0.125 * 5 * a.density() + 1e-9));
                    assertThat(a.teaspoons()).isBetween(0.0, 2.75);
                }
            });
        }
    }

    /** Random recipes of recipes: all that is bought is what comes out and what is lost on all the ways, to 1e-9 g. */
    @ParameterizedTest
    @MethodSource("seeds")
    void massIsKeptThroughRecipesOfRecipes(Random random) {
        List<Recipe> own = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(12); i++) {
            List<Ingredient> parts = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(6); k++) {
                double grams = Seeds.between(random, 0.5, 900);
                parts.add(
                        i > 0 && random.nextBoolean()
                                ? made("r" + random.nextInt(i), grams)
                                : new Ingredient(
                                        "thing " + random.nextInt(9),
                                        grams,
                                        KitchenUnit.values()[random.nextInt(KitchenUnit.values().length)],
                                        Seeds.between(random, 0.3, 2),
                                        null,
                                        List.of()));
            }
            double all = parts.stream().mapToDouble(Ingredient::grams).sum();
            own.add(recipe(
                    "r" + i,
                    random.nextBoolean() ? null : all * Seeds.between(random, 0.2, 1),
                    parts.toArray(Ingredient[]::new)));
        }
        RecipeBook book = new RecipeBook(own);
        for (Recipe each : own) {
            ScaledRecipe scaled = book.scaled(each, 1000);
            double bought = book.bought(each, 1000).values().stream()
                    .mapToDouble(b -> b)
                    .sum();
            assertThat(bought - scaled.lost()).isCloseTo(1000, within(1e-9 * Math.max(1, bought)));
            // Taken apart by hand, one recipe after the other, it is the same.
            double kept = scaled.first().stream()
                    .mapToDouble(f -> f.grams() + f.lost())
                    .sum();
            double parted = Stream.concat(Stream.of(scaled), scaled.first().stream())
                    .flatMap(s -> s.amounts().stream())
                    .mapToDouble(ScaledRecipe.Amount::grams)
                    .sum();
            assertThat(parted - kept).isCloseTo(1000 + own(scaled), within(1e-9 * Math.max(1, parted)));
        }
    }

    private static double own(ScaledRecipe scaled) {
        return scaled.lost()
                - scaled.first().stream().mapToDouble(ScaledRecipe::lost).sum();
    }

    @Test
    void aDeepNestOfRecipesIsReckonedInOneGo() {
        // Forty parts of the recipe before, sixty deep: taken apart naively that is 40^60 ways.
        List<Recipe> own = new ArrayList<>(List.of(recipe("r0", null, Ingredient.of("salt", 1, 1))));
        for (int i = 1; i < 60; i++) {
            Ingredient[] parts = new Ingredient[40];
            java.util.Arrays.fill(parts, made("r" + (i - 1), 10));
            own.add(recipe("r" + i, null, parts));
        }
        RecipeBook book = new RecipeBook(own);
        assertThat(book.bought(book.of("r59"), 500)).containsOnlyKeys("salt");
        assertThat(book.bought(book.of("r59"), 500).get("salt")).isCloseTo(500, within(1e-9));
    }

    /** 700 g of cocoa left, 100 g in 1000 g: 7000 g can be made of it. */
    @Test
    void scaledByTheScarcePart() {
        RecipeBook book = book(recipe("dark", null, Ingredient.of("cream", 900, 1), Ingredient.of("cocoa", 100, 0.5)));
        ScaledRecipe scaled = book.limited(book.of("dark"), 1, 700);
        assertThat(scaled.grams()).isCloseTo(7000, within(1e-9));
        assertThat(scaled.amounts().get(1).grams()).isCloseTo(700, within(1e-9));
        assertThatThrownBy(() -> book.limited(book.of("dark"), 2, 5)).hasMessageContaining("no part 2");
        assertThatThrownBy(() -> book.limited(book.of("dark"), 0, 0)).hasMessageContaining("0.1 g to 100000 g");
        assertThatThrownBy(() -> book.limited(book.of("dark"), 1, 100_000)).hasMessageContaining("1 g to 100000 g");
    }

    @Test
    void allergensFollowEveryPartOfEveryRecipe() {
        RecipeBook book = book(
                recipe("praline", null, Ingredient.of("hazelnut", 50, 0.6, "nuts"), Ingredient.of("sugar", 50, 0.8)),
                recipe("filling", null, made("praline", 100), made("buttercream", 300)));
        assertThat(book.scaled(book.of("filling"), 500).allergens()).containsExactly("milk", "nuts");
        assertThat(book.scaled(book.of("filling"), 500).first())
                .extracting(ScaledRecipe::recipe)
                .containsExactlyInAnyOrder("praline", "buttercream");
        assertThat(book.bought(book.of("filling"), 400).keySet())
                .containsExactlyInAnyOrder("hazelnut", "sugar", "butter", "icing sugar", "milk");
    }

    /** 2 eggs of 50 g, a cup of flour at 0.53, 2 tbsp of oil at 0.92, 1 oz of sugar. */
    @ParameterizedTest
    @CsvSource({
        "2, PIECE, 50, 100",
        "1, CUP, 0.53, 127.2",
        "2, TABLESPOON, 0.92, 27.6",
        "3, TEASPOON, 1, 15",
        "250, MILLILITRE, 1.03, 257.5",
        "1, OUNCE, , 28.349523125",
        "7, GRAM, , 7"
    })
    void kitchenMeasuresAreGramsByTheirDensity(double amount, KitchenUnit unit, Double density, double grams) {
        assertThat(new Ingredient("it", amount, unit, density, null, null).grams())
                .isCloseTo(grams, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(KitchenUnit.class)
    void whatIsNotWeighedNeedsADensity(KitchenUnit unit) {
        if (unit.needsDensity()) {
            assertThatThrownBy(() -> new Ingredient("oil", 1, unit, null, null, null))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining("oil")
                    .hasMessageContaining("none is given");
        }
        assertThatThrownBy(() -> new Ingredient("oil", 1, unit, -1.0, null, null))
                .isInstanceOf(Refused.class);
    }

    @Test
    void whatCannotBeIsRefusedByFieldAndValue() {
        assertThatThrownBy(() -> book(recipe("a", null, made("a", 5)))).hasMessageContaining("a needs a");
        assertThatThrownBy(() -> book(recipe("a", null, made("b", 5)), recipe("b", null, made("a", 5))))
                .hasMessageContaining("a needs b needs a");
        assertThatThrownBy(() -> book(recipe("a", null, made("soup", 5)))).hasMessageContaining("\"soup\"");
        assertThatThrownBy(() -> book(recipe("royal", null, Ingredient.of("x", 1, 1))))
                .hasMessageContaining("royal");
        assertThatThrownBy(() -> recipe("a", 0.0, Ingredient.of("x", 10, 1))).hasMessageContaining("yield of 0 g");
        assertThatThrownBy(() -> recipe("a", 10.1, Ingredient.of("x", 10, 1))).hasMessageContaining("10.1 g");
        assertThatThrownBy(() -> recipe("a", null)).hasMessageContaining("0 parts");
        List<Ingredient> gone = java.util.Collections.singletonList(null);
        assertThatThrownBy(() -> new Recipe("a", "A", Material.ROYAL, gone, null, null, null, ""))
                .hasMessageContaining("parts");
        Ingredient[] many = new Ingredient[1_000_000];
        java.util.Arrays.fill(many, Ingredient.of("x", 1, 1));
        assertThatThrownBy(() -> recipe("a", null, many))
                .hasMessageContaining("1000000 parts")
                .hasMessageContaining("1 to 40");
        assertThatThrownBy(() -> Ingredient.of("x", 0, 1)).hasMessageContaining("0 of x");
        assertThatThrownBy(() -> Ingredient.of("x", Double.NaN, 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Ingredient.of("", 1, 1)).hasMessageContaining("parts.name");
        assertThatThrownBy(() -> recipe("Big One", null, Ingredient.of("x", 1, 1)))
                .hasMessageContaining("Big One");
        assertThatThrownBy(() -> RecipeBook.SHIPPED.of("soup"))
                .hasMessageContaining("soup")
                .hasMessageContaining("royal");
        assertThatThrownBy(() -> RecipeBook.SHIPPED.scaled(RecipeBook.SHIPPED.of("royal"), 0))
                .hasMessageContaining("1 g to 100000 g");
    }

    /** What ships, row by row: g of the parts as written, g that come out, days it keeps, hours it rests, allergens. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "royal, ROYAL, 535, 535, 3, , egg",
        "sugar_sheet, SUGAR_SHEET, 490, 490, , , ''",
        "cooked_sugar, SUGAR, 620, 500, , , ''",
        "modelling_paste, MODELLING, 1014, 1014, 30, 8, ''",
        "ganache, GANACHE, 900, 900, 7, 8, milk soy",
        "buttercream, BUTTERCREAM, 1030, 1030, 7, , milk",
        "syrup, SYRUP, 200, 200, 14, , ''",
        "curd, CURD, 900, 850, 14, 8, egg milk",
        "jam, JAM, 1080, 800, 10, 8, ''",
        "cream, CREAM, 540, 540, 2, , milk",
        "white_ganache, GANACHE, 1200, 1200, 7, 8, milk soy",
        "meringue_buttercream, BUTTERCREAM, 900, 900, 5, , egg milk",
        "fondant, FONDANT, 1115, 1115, 60, 12, ''",
        "gel, PIPING_GEL, 316, 316, 60, , ''",
        "sponge, SPONGE, 1008, 920, 3, 2, egg gluten milk",
        "chocolate_cake, RICH_CAKE, 1360, 1250, 5, 8, egg gluten milk soy"
    })
    void shippedRecipes(
            String id, Material makes, double in, double out, Double keeps, Double rests, String allergens) {
        assertThat(RecipeBook.SHIPPED.all()).hasSize(16);
        Recipe recipe = RecipeBook.SHIPPED.of(id);
        assertThat(recipe.makes()).isEqualTo(makes);
        assertThat(recipe.goesIn()).isCloseTo(in, within(1e-9));
        assertThat(recipe.comesOut()).isCloseTo(out, within(1e-9));
        assertThat(recipe.keeps()).isEqualTo(keeps);
        assertThat(recipe.rests()).isEqualTo(rests);
        assertThat(String.join(" ", RecipeBook.SHIPPED.scaled(recipe, 500).allergens()))
                .isEqualTo(allergens);
    }

    @Test
    void modellingPasteHasFourteenGramsOfPowderInAKilogramOfFondant() {
        ScaledRecipe scaled = RecipeBook.SHIPPED.scaled(RecipeBook.SHIPPED.of("modelling_paste"), 1014);
        assertThat(scaled.amounts().get(1).grams()).isCloseTo(14, within(1e-9));
    }

    @Test
    void cookedSugarSaysItsHeatAndASugarSheetIsPressedFromCasterSugar() {
        assertThat(RecipeBook.SHIPPED.of("sugar_sheet").parts())
                .extracting(Ingredient::name)
                .contains("caster sugar");
        assertThat(RecipeBook.SHIPPED.of("cooked_sugar").note()).contains("146 to 154", "children");
        assertThat(Map.of("jam", 1))
                .allSatisfy(
                        (id, n) -> assertThat(RecipeBook.SHIPPED.of(id).note()).contains("burns"));
    }
}
