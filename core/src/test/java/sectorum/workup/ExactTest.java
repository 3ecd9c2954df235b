package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.build.Build;
import sectorum.divide.Compare;
import sectorum.divide.Front;
import sectorum.make.Covering;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import sectorum.tasks.TableWork;
import sectorum.technique.Layout;
import sectorum.technique.Making;
import sectorum.tier.TierWorkup;

/** Round things exactly, coats as thick as they are, marks where the tape has them. */
class ExactTest {
    private static Tier tier(String id, String kind, Map<String, Object> sizes, double high, Coat... coats) {
        return new Tier(
                id,
                id,
                new OutlineSpec(kind, new Values(sizes)),
                high,
                null,
                false,
                List.of(coats),
                List.of(),
                null,
                List.of(),
                List.of(division(4)),
                List.of());
    }

    private static Tier taped(Tier t, double foot) {
        return new Tier(
                t.id(),
                t.name(),
                t.outline(),
                t.height(),
                null,
                false,
                t.coats(),
                List.of(Reading.of(Reading.What.FOOT, foot)),
                null,
                List.of(),
                t.divisions(),
                List.of());
    }

    private static Plan plan(Tier... tiers) {
        return Tables.of().wearing(List.of(tiers)).plan();
    }

    @Test
    @DisplayName("230 under 5 + 3.5, taped at 731, 110 high: the covering's circle is 495.685, 574.272 g of it stay")
    void aReadingScalesTheOutlineNeverTheCoats() {
        Tier t = taped(
                tier("t", "round", Map.of("diameter", 230.0), 110, new Coat("ganache", 5), new Coat("fondant", 3.5)),
                731);
        Covering covering = TableWork.coats(plan(t), t).get(1);
        assertThat(covering.width()).isCloseTo(495.685, within(5e-4));
        assertThat(covering.stays()).isCloseTo(574.272, within(5e-4));
    }

    static Stream<OutlineKind> kinds() {
        return Stream.of(OutlineKind.values());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void underItsCoatsEveryOutlineHasTheTapesReading(OutlineKind kind) {
        Tier nominal = tier("t", kind.key(), Map.of(), 100, new Coat("ganache", 6), new Coat("fondant", 4));
        for (double ratio : new double[] {0.97, 1, 1.04}) {
            double foot = nominal.side().foot().mm() * ratio;
            Tier t = taped(nominal, foot);
            double larger =
                    TableWork.bare(t).perimeter() / kind.build(Values.NONE, 0).perimeter();
            assertThat(kind.build(Values.NONE, 10 / larger).scaled(larger).perimeter())
                    .isCloseTo(foot, within(1e-6));
            assertThat(TableWork.coats(plan(t), t))
                    .extracting(Covering::thickness)
                    .containsExactly(6.0, 4.0);
        }
    }

    @Test
    @DisplayName("24 dots of 50, rolled to 1.5: 95.43 g, as rounds and not as polygons")
    void dotsWeighAsRounds() {
        Making dots = round().divisions(division(12))
                .dressings(worn("dots", "set=all each=1 rows=2 diameter=50 made=cut"))
                .worked()
                .dressings()
                .get(0)
                .making();
        assertThat(dots.cuts()).hasSize(1).allSatisfy(c -> {
            assertThat(c.count()).isEqualTo(24);
            assertThat(c.count() * c.each()).isCloseTo(95.43, within(5e-3));
            assertThat(c.width()).isEqualTo(50);
        });
        assertThat(dots.grams()).isCloseTo(95.43, within(5e-3));
    }

    @Test
    @DisplayName("the seat for a board of 215 is 107.5; a ledge of 230 under 180 is 25 all round")
    void seatsAndLedgesAreExact() {
        Plan p = plan(
                tier("low", "round", Map.of("diameter", 260.0), 100),
                tier("high", "round", Map.of("diameter", 215.0), 100));
        Build.Standing low = Workup.build(p, Workup.of(p, Tiers.BENCH)).tiers().get(0);
        assertThat(low.seat()).isCloseTo(107.5, within(1e-9));
        assertThat(low.ledge().left()).isCloseTo(22.5, within(1e-6));
        assertThat(low.ledge().front()).isCloseTo(22.5, within(1e-6));
    }

    @ParameterizedTest(name = "inscribed in a {0}: {2}")
    @CsvSource({"square, side, 120", "round, diameter, 120", "polygon, side, 207.846097"})
    void boardsThatAreNotRoundHoldTheirInscribedCircle(String kind, String size, double radius) {
        Plan p = plan(
                tier("low", "round", Map.of("diameter", 800.0), 100), tier("high", kind, Map.of(size, 240.0), 100));
        Build.Standing low = Workup.build(p, Workup.of(p, Tiers.BENCH)).tiers().get(0);
        assertThat(low.seat()).isCloseTo(radius, within(1e-5));
    }

    @ParameterizedTest(name = "{0} on a board of {1}: {2}")
    @CsvSource({"straw, 100, 5", "straw, 205, 5", "straw, 255, 6", "plastic, 100, 3", "wood, 255.5, 8"})
    void strawsAreAtLeastFive(String rod, double board, int dowels) {
        Plan p = plan(
                tier("low", "round", Map.of("diameter", 400.0), 60),
                tier("high", "round", Map.of("diameter", board), 20));
        Plan on = p.on(new sectorum.plan.Stand(
                sectorum.plan.Stand.Rod.valueOf(rod.toUpperCase(java.util.Locale.ROOT)),
                null,
                null,
                false,
                Map.of(),
                Map.of()));
        assertThat(Workup.build(on, Workup.of(on, Tiers.BENCH)).tiers().get(0).dowels())
                .hasSize(dowels);
    }

    @Test
    @DisplayName("a tier is tall by its coated width: 1.2 × 110 under 10 of coats is 1.2 × 130")
    void tallIsOfTheCoatedTier() {
        Coat thick = new Coat("ganache", 10);
        Plan between = plan(tier("t", "round", Map.of("diameter", 110.0), 140, thick));
        assertThat(Workup.build(between, Workup.of(between, Tiers.BENCH))
                        .tiers()
                        .get(0)
                        .inner())
                .isEmpty();
        Plan tall = plan(tier("t", "round", Map.of("diameter", 110.0), 147, thick));
        assertThat(Workup.build(tall, Workup.of(tall, Tiers.BENCH))
                        .tiers()
                        .get(0)
                        .inner())
                .hasSize(4);
    }

    @Test
    @DisplayName("20 flags in 3 colours are cut from 4 + 4 + 3 squares")
    void squaresByColour() {
        Dressing d = worn("pennant", "drop=48 square=24 gap=4");
        Dressing three = new Dressing(
                d.id(),
                d.technique(),
                d.surface(),
                d.division(),
                null,
                false,
                false,
                List.of("a", "b", "c"),
                d.settings());
        TierWorkup.Worn worn = round().taped(Reading.of(Reading.What.FOOT, 731))
                .divisions(division(5))
                .dressings(three)
                .worked()
                .dressings()
                .get(0);
        assertThat(worn.figures()).anySatisfy(f -> {
            assertThat(f.label()).isEqualTo("Squares to cut");
            assertThat(f.quantity().toString()).contains("4 + 4 + 3");
        });
    }

    @Test
    @DisplayName("square 197, corner 28.5, coat 2, in 16: the first mark is the seam, none is read past the side")
    void aMarkOnTheSeamIsTheFirst() {
        Tier t = new Tier(
                "t",
                "T",
                new OutlineSpec("square", new Values(Map.of("side", 197.0, "corner", 28.5))),
                100,
                null,
                false,
                List.of(new Coat("ganache", 2)),
                List.of(),
                null,
                List.of(),
                List.of(division(16)),
                List.of());
        List<TierWorkup.Mark> marks =
                Workup.tier(t, Tiers.BENCH).divisions().get(0).marks();
        assertThat(marks.get(0).s()).isZero();
        assertThat(marks.get(15).tape()).isLessThan(751);
    }

    static Stream<Random> randoms() {
        return Seeds.randoms(300);
    }

    @ParameterizedTest
    @MethodSource("randoms")
    void noMarkOfACorneredSideStandsAtItsEnd(Random random) {
        boolean square = random.nextBoolean();
        double a = 100 + random.nextInt(300);
        double r = random.nextInt(60) / 2.0;
        Map<String, Object> sizes = square
                ? Map.of("side", a, "corner", r)
                : Map.of("width", a, "depth", 90.0 + random.nextInt(80), "corner", r);
        double t = random.nextInt(10) / 2.0;
        var outline = OutlineKind.of(square ? "square" : "rectangle").build(new Values(sizes), t);
        int n = 4 * (1 + random.nextInt(8));
        List<Double> marks =
                sectorum.divide.Division.of(outline, n, Front.SECTION).marks();
        assertThat(marks).hasSize(n).isSorted();
        assertThat(marks.get(n - 1)).isLessThan(outline.perimeter() - 0.5);
        assertThat(marks.get(0)).isNotNegative();
    }

    @Test
    void quiltingHasAPearlAtEveryCrossingStrictlyInside() {
        for (String settings : new String[] {"each=1 fit=angle", "each=1 halfRows=5", "each=1 fit=angle diameter=20"}) {
            TierWorkup.Worn worn = round().taped(Reading.of(Reading.What.FOOT, 731))
                    .divisions(division(13))
                    .dressings(worn("quilting", settings))
                    .worked()
                    .dressings()
                    .get(0);
            double crossings = worn.figures().stream()
                    .filter(f -> f.label().equals("Crossings"))
                    .findFirst()
                    .orElseThrow()
                    .quantity()
                    .value();
            Layout layout = worn.layout();
            assertThat(layout.pieces()).isEqualTo((int) crossings);
        }
    }

    @Test
    void theOrdinarySectionIsTheOneThatMostSectionsHave() {
        assertThat(Compare.ordinary(List.of(66.0, 66.0, 66.0, 71.0), 71)).isEqualTo(66);
        assertThat(Compare.ordinary(List.of(60.0, 60.0, 50.0, 50.0, 70.0), 70)).isEqualTo(60);
        assertThat(Compare.ordinary(List.of(60.0, 60.0, 50.0, 50.0, 40.0), 40)).isEqualTo(50);
        assertThat(Compare.of(71, 66)).isEqualTo(Compare.SHOWS);
    }

    @Test
    void aStringBelowTheFirstThatOverhangsIsFound() {
        TierWorkup.Worn worn = round().taped(Reading.of(Reading.What.FOOT, 731))
                .divisions(division(12))
                .dressings(worn("swag", "drop=25 strings=3 growth=6 made=piped"))
                .worked()
                .dressings()
                .get(0);
        assertThat(worn.findings()).extracting(f -> f.rule()).contains("hang.overhang");
    }
}
