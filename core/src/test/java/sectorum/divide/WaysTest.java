package sectorum.divide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.outline.Outline;
import sectorum.outline.Outlines;

/** Pressing, folding, rescue, marks used again, pieces with gaps. */
class WaysTest {
    private static final Outline TAPED = Outlines.round(731 / Math.PI, 0);

    static Stream<Random> seeds() {
        return Seeds.randoms(60);
    }

    @Test
    @DisplayName("a cutter of 60 at 20: chord 56.569")
    void pressedChord() {
        assertThat(new Press(60, 20, 0).chord()).isCloseTo(56.569, within(5e-4));
        assertThat(new Press(60, 20, 0).count(731)).isEqualTo(12);
        assertThat(new Press(60, 20, 0).gap(731)).isCloseTo(731 - 12 * 56.5685, within(1e-3));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void closingDepthsCloseAndTheNearestComesFirst(Random random) {
        double p = Seeds.between(random, 300, 1500);
        double cutter = Seeds.between(random, 20, 150);
        Press press = new Press(cutter, Seeds.between(random, 2, cutter / 2), random.nextInt(3) * 4);
        double before = 0;
        for (Press.Closing closing : press.closing(p)) {
            Press closed = new Press(cutter, closing.depth(), press.space());
            assertThat(closing.count() * closed.lays()).isCloseTo(p, within(1e-6));
            assertThat(closed.chord()).isCloseTo(closing.chord(), within(1e-6));
            assertThat(Math.abs(closing.depth() - press.depth())).isGreaterThanOrEqualTo(before - 1e-9);
            before = Math.abs(closing.depth() - press.depth());
        }
        assertThat(press.gap(p)).isBetween(-1e-6, press.lays());
    }

    @ParameterizedTest
    @CsvSource({"60, 0", "60, 31", "60, -2", "4, 1", "500, 10"})
    void pressesThatNoCutterCanDoAreRefused(double cutter, double depth) {
        assertThatThrownBy(() -> new Press(cutter, depth, 0)).isInstanceOf(Refused.class);
    }

    @Test
    void aCutterTooWideForTheTierPressesNothing() {
        assertThat(new Press(400, 200, 0).count(300)).isZero();
        assertThat(new Press(400, 200, 0).closing(300)).isNotEmpty();
    }

    @Test
    void foldsComeNearTheWantedCell() {
        Fold best = Fold.grids(731, 118, 1, 60).get(0);
        assertThat(best.columns() * best.width()).isCloseTo(731, within(1e-9));
        assertThat(best.rows() * best.height()).isCloseTo(118, within(1e-9));
        assertThat(best.width() / best.height()).isBetween(0.7, 1.4);
        assertThat(Fold.grids(731, 118, 0.5, 60).get(0).width())
                .isLessThan(Fold.grids(731, 118, 0.5, 60).get(0).height());
        assertThatThrownBy(() -> Fold.grids(731, 118, 0, 60)).isInstanceOf(Refused.class);
    }

    @Test
    void whatFoldingCannotDo() {
        assertThat(Fold.cannot(16)).isNull();
        assertThat(Fold.cannot(12)).isNull();
        assertThat(Fold.cannot(11)).hasToString("Paper folds to 8 or 12, never to 11.");
        assertThat(Fold.closes(16, 3)).isFalse();
        assertThat(Fold.closes(24, 3)).isTrue();
    }

    @Test
    @DisplayName("6 of 11 placed, covering 402 of 731, size 66.45: spread 65.8 each, gap −3.25")
    void rescueOfTheWorkedExamples() {
        Rescue rescue = Rescue.of(731, 0, 11, 6, 402, 66.45, new Tape(1));
        assertThat(rescue.gap()).isCloseTo(-3.25, within(1e-9));
        Rescue.Offer spread = rescue.offers().get(0);
        assertThat(spread.size()).isCloseTo(65.8, within(1e-9));
        assertThat(spread.looks()).isEqualTo(Compare.UNNOTICED);
        Division marks = Division.of(TAPED, 11, Front.SECTION, spread.locks(), true);
        assertThat(marks.mark(6).s()).isCloseTo(402, within(1e-9));
        assertThat(marks.section(10)).isCloseTo(65.8, within(1e-9));
        assertThat(spread.ends()).containsExactly(402., 468., 534., 599., 665., 731.);
    }

    @Test
    @DisplayName("a gap of 9 on sections of 66.45 hides in the last 5")
    void hidingOfTheWorkedExamples() {
        // 5 of 11 placed and 9 short of what they should cover
        Rescue rescue = Rescue.of(731, 0, 11, 5, 731 - 6 * 66.45 - 9, 66.45, new Tape(1));
        assertThat(rescue.gap()).isCloseTo(9, within(1e-9));
        Rescue.Offer hide = rescue.offers().get(rescue.offers().size() - 1);
        assertThat(hide.kind()).isEqualTo(Rescue.Kind.HIDE);
        assertThat(hide.hidden()).isEqualTo(5);
        Division marks = Division.of(TAPED, 11, Front.SECTION, hide.locks(), true);
        assertThat(marks.section(5)).isCloseTo(66.45, within(1e-9));
        assertThat(marks.section(10)).isCloseTo(66.45 + 9 / 5.0, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyOfferClosesOnTheTierAndKeepsWhatIsPlaced(Random random) {
        double p = Seeds.between(random, 400, 1500);
        Outline outline = Outlines.round(p / Math.PI, 0);
        int n = 3 + random.nextInt(28);
        int k = 1 + random.nextInt(n - 1);
        Division planned = Division.of(outline, n, Front.SECTION);
        double first = planned.mark(0).s();
        double covered = k * p / n * Seeds.between(random, 0.93, 1.07);
        if (p - covered < 5 * (n - k)) {
            return;
        }
        for (Rescue.Offer offer :
                Rescue.of(p, first, n, k, covered, p / n, new Tape(1)).offers()) {
            if (offer.locks().values().stream().anyMatch(s -> s < first)) {
                continue; // past the seam: tested by name below
            }
            Division marks = Division.of(outline, offer.count(), Front.SECTION, offer.locks(), true);
            double start = marks.mark(0).s();
            assertThat(marks.mark(k).s() - first).isCloseTo(covered, within(1e-6));
            double all = 0;
            for (int i = 0; i < marks.count(); i++) {
                all += marks.section(i);
            }
            assertThat(all).isCloseTo(p, within(1e-6));
            assertThat(start).isBetween(0.0, p);
        }
    }

    @ParameterizedTest
    @CsvSource({"11, 11, 402", "11, 0, 402", "11, 6, 730", "11, 6, -5", "11, 6, 800"})
    void rescueThatCannotBeIsToldWhy(int n, int k, double covered) {
        assertThatThrownBy(() -> Rescue.of(731, 0, n, k, covered, 66.45, new Tape(1)))
                .isInstanceOf(Refused.class);
    }

    @Test
    void nothingIsHiddenWhereTheRestIsTooLittle() {
        assertThat(Rescue.of(731, 0, 11, 10, 600, 66.45, new Tape(1)).offers())
                .extracting(Rescue.Offer::kind)
                .containsExactly(Rescue.Kind.SPREAD, Rescue.Kind.ONE_MORE);
        assertThat(Rescue.of(731, 0, 10, 5, 365.5, 73.1, new Tape(1)).offers())
                .extracting(Rescue.Offer::kind)
                .doesNotContain(Rescue.Kind.HIDE);
    }

    @ParameterizedTest(name = "{0} in {1} each, every {2}: {3}")
    @CsvSource({"5, 2, 1, 10", "5, 3, 1, 15", "6, 1, 2, 3", "6, 1, 3, 2", "4, 3, 2, 6", "1, 4, 1, 4"})
    void marksUsedAgain(int n, int into, int every, int count) {
        Division base = Division.of(TAPED, n, Front.SECTION);
        Division follows = base.split(into).every(every);
        assertThat(follows.count()).isEqualTo(count);
        long shared = base.marks().stream()
                .filter(s -> follows.marks().stream().anyMatch(f -> Math.abs(f - s) < 1e-9))
                .count();
        assertThat(shared).isGreaterThanOrEqualTo(every == 1 ? n : 1);
        assertThat(follows.isEven()).isTrue();
    }

    @Test
    void everySoManythComesOutEvenOrIsRefused() {
        assertThatThrownBy(() -> Division.of(TAPED, 5, Front.SECTION).every(2))
                .hasMessageContaining("even at the back");
    }

    @Test
    void piecesWithGaps() {
        Ladder.Items items = new Ladder.Items(34, 4, 2);
        Ladder ladder = Ladder.of(TAPED, items.wanted(), items, Preference.ANY, Demand.NONE, true, new Tape(1));
        Ladder.Rung best = ladder.rungs().get(0);
        assertThat(best.n()).isEqualTo(19);
        assertThat(best.gap()).isCloseTo(731 / 19.0 - 34, within(1e-9));
        assertThat(ladder.rungs())
                .filteredOn(r -> r.gap() < 2 - 1e-9)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.refused().toString()).contains("least gap of 2 mm"));
        assertThatThrownBy(() -> new Ladder.Items(-1, 0, 0)).isInstanceOf(Refused.class);
    }

    @Test
    void demandsAddUpToTheirCommonMultiple() {
        Demand even = new Demand(2, "a weave goes over and under");
        Demand three = new Demand(3, "three colours");
        assertThat(even.and(three).multipleOf()).isEqualTo(6);
        assertThat(even.and(Demand.NONE)).isEqualTo(even);
        assertThat(Demand.NONE.and(even)).isEqualTo(even);
        assertThat(even.and(three).refusal(8).toString()).contains("Nearest that do: 6 and 12");
        assertThat(even.and(three).nearest(8)).isEqualTo(6);
        assertThat(Demand.NONE.nearest(7)).isEqualTo(7);
        assertThat(Map.of(1, three.nearest(1), 500, three.nearest(500)))
                .containsEntry(1, 3)
                .containsEntry(500, 501 - 3);
    }
}
