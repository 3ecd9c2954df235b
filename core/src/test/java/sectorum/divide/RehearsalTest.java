package sectorum.divide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.measure.Dice;
import sectorum.measure.Refused;
import sectorum.measure.Tape;

/** The simulation against the closed form it is never drawn from. */
class RehearsalTest {
    private static final Tape MM = new Tape(1);
    private static final double HAND = 0.7;
    private static final double P = 731;

    private static double[] played(Rehearsal.Play play, int runs) {
        Dice random = new Dice(11);
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < runs; i++) {
            double off = play.closing().applyAsDouble(random) - play.ordinary();
            sum += off;
            squares += off * off;
        }
        double mean = sum / runs;
        return new double[] {play.ordinary() + mean, Math.sqrt(squares / runs - mean * mean)};
    }

    /** Mean and spread to four standard errors of so many runs. */
    private static void agrees(Rehearsal.Play play, double mean, double spread) {
        int runs = 40_000;
        double[] found = played(play, runs);
        assertThat(found[0]).as("mean").isCloseTo(mean, within(4 * spread / Math.sqrt(runs)));
        assertThat(found[1]).as("spread").isCloseTo(spread, within(4 * spread / Math.sqrt(2.0 * runs)));
    }

    private static double withLength(double spread) {
        return Math.hypot(spread, Rehearsal.LENGTH_SIGMA);
    }

    @ParameterizedTest
    @CsvSource({"2, 0", "5, 0", "11, 0", "12, 30.458333", "40, 9.1375", "500, 0.731"})
    void tapeAndStripErrOnceAtEachEnd(int n, double first) {
        double mean = P - (MM.read(first + (n - 1) * P / n) - MM.read(first));
        agrees(Rehearsal.tape(P, n, first, MM, HAND), mean, withLength(HAND * Math.sqrt(2)));
        agrees(Rehearsal.strip(P, n, HAND), P / n, withLength(HAND * Math.sqrt(2)));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 5, 11, 40, 200})
    void stepsAddUp(int n) {
        double soft = Gauge.soft(P, n, MM).lays();
        agrees(Rehearsal.stepped(Way.SOFT, P, n, soft, HAND), P - (n - 1) * soft, withLength(HAND * Math.sqrt(n - 1)));
        double stiff = Gauge.stiff(P, n, MM).lays();
        agrees(
                Rehearsal.stepped(Way.STIFF, P, n, stiff, HAND),
                P - (n - 1) * stiff,
                withLength(HAND * Math.sqrt(n - 1)));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 6, 8, 12, 16, 24, 32, 48})
    void creasesAreMeansOfTheirNeighbours(int n) {
        double variance = n % 3 == 0 ? 1 : 0;
        for (int parts = n % 3 == 0 ? n / 3 : n; parts > 1; parts /= 2) {
            variance = variance / 4 + 1;
        }
        agrees(Rehearsal.folded(P, n, HAND), P / n, HAND * Math.sqrt(variance));
    }

    @Test
    @DisplayName("without the error of length: tape 0.99, gauge of 11 2.21, fold of 8 0.80")
    void spreadsWithoutTheErrorOfLength() {
        double length = Rehearsal.LENGTH_SIGMA;
        double tape = played(Rehearsal.tape(P, 11, 0, new Tape(0.1), HAND), 40_000)[1];
        double gauge = played(Rehearsal.stepped(Way.SOFT, P, 11, 66, HAND), 40_000)[1];
        double fold = played(Rehearsal.folded(P, 8, HAND), 40_000)[1];
        assertThat(Math.sqrt(tape * tape - length * length)).isCloseTo(0.99, within(0.03));
        assertThat(Math.sqrt(gauge * gauge - length * length)).isCloseTo(2.21, within(0.05));
        assertThat(fold).isCloseTo(0.80, within(0.02));
    }

    @Test
    void pressMagnifiesItsDepth() {
        Press press = new Press(60, 20, 0);
        int n = press.count(P);
        // dc/dp of 2√(p(D − p)), first order
        double slope = (60 - 2 * 20) / Math.sqrt(20 * 40);
        double spread = withLength(Math.sqrt((n - 1) * (slope * slope + HAND * HAND)));
        double[] found = played(Rehearsal.pressed(P, press, HAND), 40_000);
        assertThat(found[0]).isCloseTo(P - (n - 1) * press.lays(), within(0.5));
        assertThat(found[1]).isCloseTo(spread, within(0.05 * spread));
    }

    @Test
    void everyWayIsPlayedOnceAndTheSameEachTime() {
        Rehearsal once =
                Rehearsal.of(P, 12, 30.458, true, new Press(60, 20, 0), MM, HAND, new Rehearsal.Tries(2000, 5));
        assertThat(once)
                .isEqualTo(Rehearsal.of(
                        P, 12, 30.458, true, new Press(60, 20, 0), MM, HAND, new Rehearsal.Tries(2000, 5)));
        assertThat(once.ways())
                .extracting(Rehearsal.Played::way)
                .doesNotHaveDuplicates()
                .hasSize(6);
        assertThat(once.ways()).allSatisfy(w -> {
            assertThat(w.bars().stream().mapToInt(b -> b).sum()).isEqualTo(2000);
            assertThat(w.shows()).isBetween(0.0, 1.0);
        });
        assertThat(once.best().way()).isIn(Way.TAPE, Way.STRIP, Way.FOLD);
        assertThat(Rehearsal.of(P, 11, 0, false, null, MM, HAND, new Rehearsal.Tries(200, 5))
                        .ways())
                .extracting(Rehearsal.Played::way)
                .containsExactly(Way.TAPE, Way.SOFT, Way.STRIP);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 6, Double.NaN})
    void aHandErrsByLittle(double hand) {
        assertThatThrownBy(() -> Rehearsal.of(P, 5, 0, true, null, MM, hand, new Rehearsal.Tries(10, 1)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("0.05");
    }

    @Test
    void aShakierHandShowsMoreOften() {
        double before = 0;
        for (double hand : List.of(0.3, 0.7, 1.5, 3.0)) {
            double shows = Rehearsal.of(P, 11, 0, true, null, MM, hand, new Rehearsal.Tries(2000, 3)).ways().stream()
                    .filter(w -> w.way() == Way.STRIP)
                    .findFirst()
                    .orElseThrow()
                    .shows();
            assertThat(shows).isGreaterThanOrEqualTo(before);
            before = shows;
        }
    }
}
