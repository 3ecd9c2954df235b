package sectorum.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;

/** Hard crack is called so early that a hand that takes three seconds, and a pan that goes on by itself, still end inside. */
class SugarWatchTest {
    /** A pan written apart from the watch: on weak and strong heat, read with noise, with readings that go missing. */
    private record Pan(double rise, double carry, double noise, double missing) {
        static Pan of(Random random) {
            return new Pan(
                    Seeds.between(random, 0.06, 0.45),
                    Seeds.between(random, 5, 9),
                    Seeds.between(random, 0, 0.25),
                    Seeds.between(random, 0, 0.3));
        }
    }

    static List<Random> seeds() {
        return Seeds.randoms(300).toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theAlarmIsNeverLate(Random random) {
        Pan pan = Pan.of(random);
        SugarWatch watch = new SugarWatch();
        double celsius = 112;
        double called = Double.NaN;
        double peak = 0;
        double off = Double.MAX_VALUE;
        double at = 0;
        for (; at < 1200 && at < off; at += 0.5) {
            celsius += pan.rise() * 0.5;
            if (random.nextDouble() >= pan.missing()) {
                double read = Math.rint((celsius + pan.noise() * random.nextGaussian()) * 10) / 10;
                SugarWatch.SugarState seen = watch.take(at, read);
                if (Double.isNaN(called) && seen.phase() == SugarWatch.Phase.TAKE_OFF) {
                    called = celsius;
                    off = at + 3;
                }
                assertThat(watch.isCalled() || celsius < SugarWatch.LEAST + 1.5).isTrue();
            }
        }
        peak = celsius + pan.rise() * pan.carry();
        assertThat(called).isLessThan(150);
        assertThat(peak).isBetween(SugarWatch.LEAST, SugarWatch.MOST);
    }

    @Test
    void itIsAnnouncedAMinuteBeforeAndSaysWhenItIsIn() {
        SugarWatch watch = new SugarWatch();
        SugarWatch.SugarState seen = watch.take(0, 120);
        for (int s = 1; s <= 60; s++) {
            seen = watch.take(s, 120 + 0.1 * s);
        }
        assertThat(seen.phase()).isEqualTo(SugarWatch.Phase.HEATING);
        assertThat(seen.seconds()).isBetween(205.0, 225.0);
        for (int s = 61; s <= 220; s++) {
            seen = watch.take(s, 120 + 0.1 * s);
        }
        assertThat(seen.phase()).isEqualTo(SugarWatch.Phase.SOON);
        for (int s = 221; s <= 300; s++) {
            seen = watch.take(s, 149);
        }
        assertThat(seen.phase()).isEqualTo(SugarWatch.Phase.HARD_CRACK);
        assertThat(watch.take(301, 155).phase()).isEqualTo(SugarWatch.Phase.TOO_HOT);
    }
}
