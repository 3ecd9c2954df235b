package sectorum.days;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;
import sectorum.plan.Resting;
import sectorum.plan.Weighing;

/** Weigh-in drying (craft 4.2): the curve is found again from points on it, and says less the less it knows. */
class WeighInTest {
    private static List<Weighing> on(double end, double water, double tau, double... hours) {
        List<Weighing> weighed = new ArrayList<>();
        for (double h : hours) {
            weighed.add(new Weighing(h, end + water * Math.exp(-h / tau)));
        }
        return weighed;
    }

    @ParameterizedTest(name = "end {0}, water {1}, tau {2}")
    @CsvSource({"80, 12, 8", "40, 5, 20", "200, 60, 3", "15, 3, 30"})
    void threePointsOfACurveGiveItBack(double end, double water, double tau) {
        WeighIn in = WeighIn.of(on(end, water, tau, 0, tau * 0.7, tau * 1.6));
        assertThat(in).isNotNull();
        assertThat(in.tau()).isCloseTo(tau, within(tau * 1e-4));
        assertThat(in.end()).isCloseTo(end, within(1e-3));
        // 65 of a hundred of the water gone, and 95.
        assertThat(Math.exp(-in.stands() / in.tau())).isCloseTo(0.35, within(1e-9));
        assertThat(Math.exp(-in.hard() / in.tau())).isCloseTo(0.05, within(1e-9));
    }

    @Test
    void moreAndLaterWeighingsAreSurer() {
        double early = WeighIn.of(on(80, 12, 8, 0, 3, 6)).sure();
        double late = WeighIn.of(on(80, 12, 8, 0, 6, 14)).sure();
        double many = WeighIn.of(on(80, 12, 8, 0, 4, 8, 12, 16, 20)).sure();
        assertThat(late).isLessThan(early);
        assertThat(many).isLessThan(late);
    }

    /** With a scale that shows tenths, what is said holds the truth nearly always. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whatIsSaidHoldsTheTruth(long seed) {
        Random random = new Random(seed);
        int held = 0;
        int said = 0;
        for (int i = 0; i < 100; i++) {
            double tau = 4 + 20 * random.nextDouble();
            List<Weighing> shown = on(60, 10, tau, 0, tau * 0.5, tau, tau * 1.5, tau * 2).stream()
                    .map(w -> new Weighing(w.hours(), Math.round(w.grams() * 10) / 10.0))
                    .toList();
            WeighIn in = WeighIn.of(shown);
            if (in != null) {
                said++;
                held += Math.abs(in.tau() - tau) <= in.sure() * in.tau() ? 1 : 0;
            }
        }
        assertThat(said).isGreaterThan(90);
        assertThat(held).isGreaterThan((int) (0.85 * said));
    }

    @Test
    void whatSaysNothingIsNotSaid() {
        assertThat(WeighIn.of(null)).isNull();
        assertThat(WeighIn.of(on(80, 12, 8, 0, 6))).isNull();
        assertThat(WeighIn.of(on(80, 0, 8, 0, 6, 12))).isNull();
        assertThat(WeighIn.of(on(80, -5, 8, 0, 6, 12))).isNull();
        assertThat(WeighIn.of(on(80, 12, 8, 0, 0.1, 0.2))).isNull();
    }

    @Test
    void theDaysTakeWhatWasWeighed() {
        OwnPiece plaque = sectorum.workup.Plaques.gum(4);
        Rest reckoned = Drying.of(plaque, null);
        OwnPiece weighed = plaque.resting(new Resting(null, null, null, null, null, on(80, 12, 5, 0, 4, 9)));
        Rest seen = Drying.of(weighed, null);
        WeighIn in = WeighIn.of(weighed.resting().weighed());
        assertThat(seen.estimate()).isFalse();
        assertThat(seen.airy()).isFalse();
        assertThat(seen.least()).isEqualTo((int) Math.round(60 * in.hard() * (1 + in.sure())));
        assertThat(seen.least()).isNotEqualTo(reckoned.least());
        assertThat(Drying.of(weighed, OwnPiece.Until.HANDLED, null, null).low())
                .isEqualTo((int) Math.round(60 * in.stands() * (1 - in.sure())));
    }

    @ParameterizedTest
    @CsvSource({"-1, 50, after", "2001, 50, after", "3, 0, Weighs", "3, 20001, Weighs"})
    void oddWeighingsAreRefused(double hours, double grams, String said) {
        assertThatThrownBy(() -> new Weighing(hours, grams))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(said);
    }

    @Test
    void anHourIsWeighedOnce() {
        List<Weighing> twice = List.of(new Weighing(3, 50), new Weighing(3, 51));
        assertThatThrownBy(() -> new Resting(null, null, null, null, null, twice))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Two weighings stand at 3 hours");
    }
}
