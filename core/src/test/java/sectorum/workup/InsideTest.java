package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import sectorum.bench.Stock;
import sectorum.make.Batch;
import sectorum.make.Filled;
import sectorum.make.Worktop;
import sectorum.material.Material;
import sectorum.measure.Refused;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Inside;
import sectorum.plan.Layers;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.recipe.Ingredient;
import sectorum.recipe.KitchenUnit;
import sectorum.recipe.Recipe;
import sectorum.recipe.RecipeBook;
import sectorum.surface.SurfaceKind;

/** What is inside a tier, under it and in its join; and how the upper edge of its coat is made (craft 4.3). */
class InsideTest {
    /** A layer of a round of 200 mm, cm². */
    private static final double AREA = Math.PI * 100;

    private static Tier round(Layers layers, Inside inside, Coat... coats) {
        return new Tier(
                "tier",
                "Tier",
                new OutlineSpec("round", new sectorum.measure.Values(Map.of("diameter", 200.0))),
                100,
                layers,
                false,
                List.of(coats),
                List.of(),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 8, null, sectorum.divide.Front.SECTION, null, List.of())),
                List.of(),
                inside);
    }

    private static Worktop top(Stock stock, Tier... tiers) {
        Plan plan = Plan.fresh("A cake");
        plan = new Plan(Plan.FORMAT, Plan.VERSION, "A cake", null, null, List.of(), List.of(tiers));
        return Workup.worktop(plan, Workup.of(plan, Tiers.BENCH), stock);
    }

    private static double grams(Worktop top, Filled.Use use) {
        return top.batches().stream()
                .flatMap(b -> b.filled().stream())
                .filter(f -> f.use() == use)
                .mapToDouble(Filled::grams)
                .sum();
    }

    /** Three layers of 30 and 6 between: two fillings of 6 mm, three layers soaked, 2 mm under them; all by hand. */
    @ParameterizedTest(name = "{0} filled with {1}, syrup {2}, grip {3}")
    @CsvSource({
        "BUTTERCREAM, , , , 358.142, 75.398, 59.690",
        "GANACHE, , , , 452.389, 75.398, 75.398",
        "JAM, , 0, , 471.239, 0, 59.690",
        "CURD, , 12, 3, 414.690, 113.097, 89.535",
        "CREAM, , 8, 0, 188.496, 75.398, 0"
    })
    void fillingSyrupAndGrip(
            Material filling, String recipe, Double syrup, Double grip, double filled, double soaked, double gripped) {
        Worktop top =
                top(Stock.NONE, round(new Layers(3, 30, 6), new Inside(filling, recipe, syrup, grip, null, null)));
        assertThat(grams(top, Filled.Use.FILLING)).isCloseTo(filled, within(1e-3));
        assertThat(grams(top, Filled.Use.SYRUP)).isCloseTo(soaked, within(1e-3));
        assertThat(grams(top, Filled.Use.GRIP)).isCloseTo(gripped, within(1e-3));
        assertThat(grams(top, Filled.Use.SEAM)).isZero();
        assertThat(grams(top, Filled.Use.CAKE)).isZero();
        // A millimetre of royal icing on half of the board: 31.416 cm³ · ½ · 1.35.
        assertThat(grams(top, Filled.Use.CEMENT)).isCloseTo(AREA / 10 / 2 * 1.35, within(1e-9));
    }

    @Test
    void whatNobodySaidIsThreeLayersAndTheUsual() {
        Worktop top = top(Stock.NONE, round(null, null));
        assertThat(grams(top, Filled.Use.FILLING)).isCloseTo(2 * AREA * 0.8 * 0.95, within(1e-6));
        assertThat(grams(top, Filled.Use.SYRUP)).isCloseTo(3 * 8 * AREA / 100, within(1e-6));
    }

    @ParameterizedTest(name = "{0} mm high: {1} layers of {2}")
    @CsvSource({
        "10, 1, 10",
        "37, 1, 37",
        "38, 2, 15",
        "60, 2, 26",
        "61, 3, 15",
        "100, 3, 28",
        "600, 3, 194.66666666666666"
    })
    void layersNobodyTold(double high, int count, double each) {
        Tier tier = new Tier(
                "t",
                "T",
                new OutlineSpec("round", sectorum.measure.Values.NONE),
                high,
                null,
                false,
                List.of(),
                List.of(),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 8, null, sectorum.divide.Front.SECTION, null, List.of())),
                List.of());
        assertThat(tier.built().count()).isEqualTo(count);
        assertThat(tier.built().each()).isCloseTo(each, within(1e-9));
        assertThat(tier.built().height()).isCloseTo(high, within(1e-9));
    }

    /** A fillet of 3 mm legs round a foot of 628.3 mm, in what the tier shows outside: 4.5 mm² of it. */
    @ParameterizedTest(name = "under {0} the join is of {1}")
    @CsvSource({"buttercream, BUTTERCREAM", "ganache, GANACHE", "fondant, ROYAL", "chocolate, ROYAL"})
    void theJoinIsSealedWithWhatShowsOrRoyalIcing(String coat, Material seam) {
        Tier lower = round(null, null);
        Tier upper = new Tier(
                "upper",
                "Upper",
                lower.outline(),
                100,
                null,
                false,
                List.of(new Coat(coat, 4)),
                List.of(),
                null,
                List.of(),
                lower.divisions(),
                List.of());
        Filled join = top(Stock.NONE, lower, upper).batches().stream()
                .flatMap(b -> b.filled().stream())
                .filter(f -> f.use() == Filled.Use.SEAM)
                .findFirst()
                .orElseThrow();
        assertThat(join.tier()).isEqualTo("upper");
        assertThat(join.material()).isEqualTo(seam);
        assertThat(join.grams()).isCloseTo(Math.PI * 208 * 4.5 / 1000 * seam.density(), within(1e-9));
    }

    @Test
    void aDummyHoldsNothingButIsCementedDown() {
        Tier cake = round(null, null);
        Tier dummy = Tiers.dummy(cake);
        Worktop top = top(Stock.NONE, dummy);
        assertThat(top.batches().stream().flatMap(b -> b.filled().stream()).map(Filled::use))
                .containsExactly(Filled.Use.CEMENT);
    }

    @ParameterizedTest
    @EnumSource(OutlineKind.class)
    void aRingIsFilledRoundItsHoleAndEveryOutlineByItsArea(OutlineKind kind) {
        Tier tier = round(null, null).formed(new OutlineSpec(kind.key(), sectorum.measure.Values.NONE), 100, List.of());
        Worktop top = top(Stock.NONE, tier);
        double hole = tier.kind().hole(tier.sizes(), 0).map(h -> h.area()).orElse(0.0);
        double area = tier.kind().build(tier.sizes(), 0).area() - hole;
        assertThat(grams(top, Filled.Use.GRIP)).isCloseTo(area * 2 / 1000 * 0.95, within(0.02 * area / 1000));
    }

    /** A lip of 12.5 mm, or of 20 under a topmost combed stripe; none where a top board is set, or paste covers. */
    @ParameterizedTest(name = "{0} of {1}, combed {2}: lip {3} mm")
    @CsvSource({
        "DRAWN, buttercream, false, 12.5",
        "CUT, buttercream, false, 12.5",
        "DRAWN, ganache, true, 20",
        "BOARD, buttercream, false, 0",
        "SCRAPED, buttercream, false, 0",
        "DRAWN, fondant, false, 0"
    })
    void lipsAreSpreadAndTrimmed(Coat.Edge edge, String coat, boolean combed, double lip) {
        Tier tier = round(null, null, new Coat(coat, 5, null, null, null, 0.0, edge));
        if (combed) {
            tier = tier.wearing(List.of(Dressing.fresh("combed", "combed", SurfaceKind.SIDE, "marks")));
        }
        Worktop top = top(Stock.NONE, tier);
        Batch batch = top.batches().stream()
                .filter(b -> !b.coverings().isEmpty())
                .findFirst()
                .orElseThrow();
        double density = batch.material().density();
        if (batch.material().isIcing()) {
            assertThat(batch.coverings().get(0).trimmed())
                    .isCloseTo(Math.PI * 200 * lip * 5 / 1000 * density, within(1e-6));
        }
        Planned planned = Planned.of(tier);
        boolean made = edge != Coat.Edge.SCRAPED && batch.material().isIcing();
        assertThat(planned.order().tasks().stream().anyMatch(t -> t.id().equals("edge-tier-1")))
                .isEqualTo(made);
        if (made) {
            // Chilled 15 to 20 minutes before it is touched.
            assertThat(planned.order().tasks().stream()
                            .filter(t -> t.id().equals("coat-tier-1"))
                            .findFirst()
                            .orElseThrow()
                            .rest())
                    .satisfies(r -> assertThat(List.of(r.low(), r.least())).isEqualTo(List.of(15, 20)));
            String said = planned.steps().stream()
                    .filter(s -> s.task().equals("edge-tier-1"))
                    .map(s -> s.what().toString() + s.caution())
                    .reduce("", String::concat);
            assertThat(said)
                    .contains(
                            edge == Coat.Edge.DRAWN
                                    ? "in over the top"
                                    : edge == Coat.Edge.CUT ? "off level" : "top board");
        }
    }

    private static final Recipe NUTTY = new Recipe(
            "nutty",
            "Hazelnut buttercream",
            Material.BUTTERCREAM,
            List.of(
                    new Ingredient("plain buttercream", 800, KitchenUnit.GRAM, null, "buttercream", List.of()),
                    new Ingredient("hazelnut paste", 200, KitchenUnit.GRAM, null, null, List.of("nuts"))),
            null,
            5.0,
            6.0,
            "");

    private static Stock book() {
        return new Stock(List.of(), null, new RecipeBook(List.of(NUTTY)));
    }

    @Test
    void aFillingByARecipeIsBoughtByItsPartsAndBringsItsAllergens() {
        Tier tier = round(new Layers(3, 30, 6), new Inside(null, "nutty", null, null, null, null));
        Worktop top = top(book(), tier);
        Batch filling = top.batches().stream()
                .filter(b -> "nutty".equals(b.recipe()))
                .findFirst()
                .orElseThrow();
        assertThat(filling.id()).isEqualTo("fill-buttercream-plain-0-nutty");
        double grams = filling.parts().kneaded();
        assertThat(top.allergens(filling)).containsExactly("milk", "nuts");
        assertThat(top.shopping().stream()
                        .filter(b -> b.name().equals("hazelnut paste"))
                        .findFirst()
                        .orElseThrow()
                        .need())
                .isCloseTo(grams * 0.2, within(1e-9));
        Planned planned = Planned.of(tier).stocked(book());
        assertThat(planned.handover().allergens()).anySatisfy(a -> {
            assertThat(a.name()).isEqualTo("nuts");
            assertThat(a.from()).containsExactly("Hazelnut buttercream");
        });
        // It rests six hours before the layers are filled.
        assertThat(planned.order().tasks()).anySatisfy(t -> {
            assertThat(t.id()).isEqualTo("mix-filling");
            assertThat(t.rest().least()).isEqualTo(360);
            // It keeps five days, and is made no earlier.
            assertThat(t.ahead()).isEqualTo(5);
        });
        assertThat(planned.steps().stream().map(s -> s.what().toString()))
                .anySatisfy(said -> assertThat(said).contains("Hazelnut buttercream", "hazelnut paste"));
    }

    /** Three layers of 35 in tins of 200, 5 mm trimmed off each: 120 mm of sponge. */
    @Test
    void cakeByARecipeIsBakedCooledAndBought() {
        Tier tier = round(new Layers(3, 35, 6), new Inside(null, null, null, null, null, "sponge"));
        Worktop top = top(Stock.NONE, tier);
        assertThat(grams(top, Filled.Use.CAKE)).isCloseTo(AREA * 12 * 0.7, within(1e-6));
        assertThat(top.total().baked()).isBetween(AREA * 12 * 0.7, AREA * 12 * 0.7 + 5);
        assertThat(top.shopping()).extracting(b -> b.name()).contains("flour", "egg", "butter");
        Planned planned = Planned.of(tier);
        assertThat(planned.order().tasks()).anySatisfy(t -> {
            assertThat(t.id()).isEqualTo("bake-tier");
            assertThat(t.rest().least()).isEqualTo(120);
        });
        assertThat(planned.handover().allergens())
                .anySatisfy(a -> assertThat(a.name()).isEqualTo("gluten"))
                .allSatisfy(a -> assertThat(a.from()).doesNotContain("rich cake"));
    }

    /** One that a workshop does not have is told, and the batch is bought as it usually is. */
    @Test
    void aRecipeThatIsNotHereIsTold() {
        Tier tier = round(null, new Inside(null, "nutty", null, null, null, null));
        assertThat(top(Stock.NONE, tier).findings()).anySatisfy(f -> {
            assertThat(f.finding().rule()).isEqualTo("fit.recipe");
            assertThat(f.finding().what().toString()).contains("nutty");
            Object usual = f.finding().mends().get(0).changes().get(0).value();
            assertThat(top(Stock.NONE, tier.filled((Inside) usual)).findings()).isEmpty();
        });
        assertThat(top(book(), tier).findings())
                .noneMatch(f -> f.finding().rule().equals("fit.recipe"));
        Table said = new Table(
                null,
                null,
                null,
                List.of(),
                List.of(),
                Map.of(),
                List.of(),
                Map.of(),
                Map.of("coat-ganache-plain-5", "sponge"));
        Plan plan = new Plan(
                        Plan.FORMAT,
                        Plan.VERSION,
                        "A",
                        null,
                        null,
                        List.of(),
                        List.of(round(null, null, new Coat("ganache", 5))))
                .on(said);
        assertThat(Workup.worktop(plan, Workup.of(plan, Tiers.BENCH), Stock.NONE)
                        .findings())
                .anySatisfy(f -> assertThat(f.finding().what().toString()).contains("makes sponge"));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Inside(Material.FONDANT, null, null, null, null, null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("fondant");
        assertThatThrownBy(() -> new Inside(null, null, 41.0, null, null, null)).hasMessageContaining("41");
        assertThatThrownBy(() -> new Inside(null, null, null, -1.0, null, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Inside(null, null, null, null, Double.NaN, null))
                .isInstanceOf(Refused.class);
    }
}
