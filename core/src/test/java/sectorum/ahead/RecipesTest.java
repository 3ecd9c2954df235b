package sectorum.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.material.Material;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceRecipe;
import sectorum.plan.PieceRecipe.Form;
import sectorum.plan.PieceRecipe.PiecePart;

/** Flowers and small models by recipes: parts, masses, stages, cones, formers. */
class RecipesTest {
    private static OwnPiece offered(AheadKind kind, String id) {
        return kind.offers(Bed.USUAL).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static MadeAhead made(OwnPiece piece) {
        return AheadCatalogue.make(piece, Bed.USUAL);
    }

    static Stream<OwnPiece> all() {
        return Stream.of(new Flower(), new SmallModel()).flatMap(k -> k.offers(Bed.USUAL).stream());
    }

    /** Twice the size: cut parts weigh four times as much at their own thickness, rolled ones eight times; parts and masses sum. */
    @ParameterizedTest
    @MethodSource("all")
    void partsAndMassesSumAndGrowAsTheyShould(OwnPiece piece) {
        MadeAhead one = made(piece.sized(20, 20));
        MadeAhead two = made(piece.sized(40, 40));
        assertThat(one.components()).isNotEmpty();
        double sum = 0;
        for (int i = 0; i < one.components().size(); i++) {
            Component small = one.components().get(i);
            Component large = two.components().get(i);
            assertThat(large.each()).isEqualTo(small.each());
            boolean cut = small.weighs() == null;
            boolean thread = small.what().toString().matches("Thread|Feeler");
            assertThat(large.grams() / small.grams()).isCloseTo(cut ? 4 : thread ? 2 : 8, within(1e-6));
            sum += small.each() * small.grams();
        }
        assertThat(one.grams()).isCloseTo(sum, within(1e-9));
        assertThat(one.look()).isNotEmpty();
        assertThat(one.front().height()).isPositive();
    }

    /** A stamen is three quarters of the flower's height and dries before it is set in; the calyx goes on last. */
    @Test
    void aLilysStamenDriesFirst() {
        MadeAhead lily = made(offered(new Flower(), "flower-lily").sized(60, 60));
        assertThat(lily.stages()).hasSize(3);
        assertThat(lily.stages().get(0).name()).contains("Stamen");
        assertThat(lily.stages().get(0).rest()).isNotNull();
        Component stamen = lily.components().stream()
                .filter(c -> c.what().toString().equals("Stamen"))
                .findFirst()
                .orElseThrow();
        assertThat(stamen.rings().height()).isCloseTo(45, within(1e-9));
        assertThat(lily.components().get(lily.components().size() - 1).what().toString())
                .isEqualTo("Calyx");
        assertThat(lily.planted().picks()).isEqualTo(1);
        assertThat(lily.out())
                .singleElement()
                .satisfies(o -> assertThat(o.what()).isEqualTo("wire, 120 mm"));
        assertThat(lily.drawings().all()).extracting(d -> d.name()).contains("flower-cone-3");
    }

    /** Rounds of petals are each shifted by half a petal, and cups are needed for all that dry at once. */
    @Test
    void roundsOfPetalsAndTheirCups() {
        MadeAhead rose = made(offered(new Flower(), "flower-rose").many(4));
        assertThat(rose.components()).extracting(Component::each).contains(3, 5, 7, 9);
        Stage outer = rose.stages().get(4);
        assertThat(outer.formers()).isEqualTo(9 * 4);
        assertThat(rose.stages().get(0).rest().least()).isEqualTo((int) Math.round(12 * 1.3 * 60));
        assertThat(rose.stages()).hasSize(6);
    }

    @Test
    void aRecipeOfOnesOwnIsMadeWithoutCode() {
        PieceRecipe daisy = new PieceRecipe(
                "Daisy",
                List.of(
                        PiecePart.of("Ray", Form.OVAL, 0.2, 0.5, 0.6, 13, 1).at(0.1, 0, 5, 0),
                        PiecePart.of("Eye", Form.BALL, 0.3, 0.3, 1, 1, 2)
                                .at(0, 0, 90, 0)
                                .coloured(1)));
        OwnPiece piece = offered(new Flower(), "flower-blossom").sized(50, 50).by(daisy);
        MadeAhead made = made(piece.set("recipe", "own"));
        assertThat(made.components()).extracting(c -> c.what().toString()).containsExactly("Ray", "Eye");
        double ray = Math.PI / 4 * 10 * 25;
        assertThat(made.components().get(0).grams())
                .isCloseTo(Material.GUM.sheet(ray, 0.6), within(0.01 * Material.GUM.sheet(ray, 0.6)));
        assertThat(made.components().get(1).grams()).isCloseTo(Material.GUM.ball(15), within(1e-9));
        assertThat(made(piece.by(null).set("recipe", "own")).components())
                .extracting(c -> c.what().toString())
                .contains("Blossom");
    }

    /** Every form has an outline, a mass and a look. */
    @ParameterizedTest
    @EnumSource(Form.class)
    void everyFormIsKnown(Form form) {
        PieceRecipe one = new PieceRecipe(
                "One", List.of(PiecePart.of("It", form, 0.8, 0.6, 1, 3, 1).at(0.2, 0, 30, 0)));
        MadeAhead made = made(
                offered(new SmallModel(), "model-bird").sized(50, 50).by(one).set("recipe", "own"));
        if (form == Form.WIRE) {
            assertThat(made.out()).hasSize(1);
        } else {
            assertThat(made.grams()).isPositive();
            assertThat(made.look()).isNotEmpty();
        }
    }

    /** Balls, eggs and cones by slices. */
    @ParameterizedTest
    @CsvSource({"BALL, 0.6, 0.6", "EGG, 0.5, 0.8", "CONE, 0.5, 0.9", "CYLINDER, 0.4, 0.7"})
    void rolledPartsWeighTheirSlices(Form form, double across, double high) {
        PieceRecipe one = new PieceRecipe("One", List.of(PiecePart.of("It", form, across, high, 1, 1, 1)));
        MadeAhead made = made(
                offered(new SmallModel(), "model-bird").sized(50, 50).by(one).set("recipe", "own"));
        double w = across * 50;
        double h = (form == Form.BALL ? across : high) * 50;
        int slices = 20_000;
        double mm3 = 0;
        for (int i = 0; i < slices; i++) {
            double t = (i + 0.5) / slices;
            double r = switch (form) {
                case CONE -> w / 2 * (1 - t);
                case CYLINDER -> w / 2;
                default -> w / 2 * Math.sqrt(1 - (2 * t - 1) * (2 * t - 1));
            };
            mm3 += Math.PI * r * r * h / slices;
        }
        double grams = mm3 / 1000 * Material.MODELLING.density();
        assertThat(made.grams()).isCloseTo(grams, within(grams * 1e-5));
    }

    /** A spray's wires are bound in stems, each in a pick; leaves in reserve are cut but not placed. */
    @ParameterizedTest(name = "{0} flowers, {1} leaves, {2} reserve, {3} to a stem: {4} picks, {5} leaves cut")
    @CsvSource({"3, 4, 2, 5, 3, 6", "1, 0, 0, 5, 1, 0", "5, 9, 0, 3, 6, 9"})
    void aSpraysWiresAreBound(int flowers, int leaves, int reserve, int bound, int picks, int cut) {
        OwnPiece spray = new Spray()
                .offers(Bed.USUAL)
                .get(0)
                .set("flowers", (double) flowers)
                .set("leaves", (double) leaves)
                .set("reserve", (double) reserve)
                .set("bound", (double) bound);
        MadeAhead made = made(spray);
        assertThat(made.planted().picks()).isEqualTo(picks);
        int cutLeaves = made.components().stream()
                .filter(c -> c.what().toString().equals("Leaf"))
                .mapToInt(Component::each)
                .sum();
        assertThat(cutLeaves).isEqualTo(cut);
        int wires = made.out().stream().mapToInt(o -> o.count()).sum();
        assertThat(wires).isEqualTo(flowers + 2 + 2 + leaves + reserve);
    }

    /** However many parts a spray comes to, what is drawn of it stays bounded; what is cut is all of it. */
    @Test
    void whatIsDrawnIsBounded() {
        PieceRecipe most = new PieceRecipe(
                "Most",
                List.of(200, 200).stream()
                        .map(n -> PiecePart.of("Ray", Form.PETAL, 0.5, 1, 0.6, n, 1)
                                .at(0.2, 0, 30, 0))
                        .toList());
        OwnPiece spray = new Spray()
                .offers(Bed.USUAL)
                .get(0)
                .by(most)
                .set("recipe", "own")
                .set("flowers", 24.0);
        MadeAhead made = made(spray);
        assertThat(made.look()).hasSizeLessThanOrEqualTo(800);
        assertThat(made.components().get(0).each()).isEqualTo(200 * 24);
        assertThatThrownBy(() -> new PieceRecipe(
                        "Over",
                        List.of(
                                most.parts().get(0),
                                most.parts().get(1),
                                PiecePart.of("One", Form.BALL, 1, 1, 1, 1, 2))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("401 parts is more than 400");
    }

    @Test
    void oddPartsAreRefused() {
        assertThatThrownBy(() -> PiecePart.of("It", Form.BALL, 0, 1, 1, 1, 1))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("0.005");
        assertThatThrownBy(() -> PiecePart.of("It", Form.BALL, 1, 1, 1, 0, 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> PiecePart.of("It", Form.BALL, 1, 1, 1, 1, 13)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> PiecePart.of("", Form.BALL, 1, 1, 1, 1, 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PieceRecipe("It", List.of())).isInstanceOf(Refused.class);
        Map<String, PieceRecipe> shipped = Recipes.flowers();
        assertThat(shipped.keySet()).containsExactly("lily", "blossom", "rose", "bud", "leaves", "filler", "nest");
    }
}
