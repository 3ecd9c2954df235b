package sectorum.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.material.Material;
import sectorum.measure.Refused;

/** A colour seen once and again hours later: this dose now, this shade then, and never past the shade wanted. */
class DeepeningTest {
    private static final String WHITE = "#fbf6ea";

    private static Swatch swatch(double dose, String now, double hours, String then) {
        return new Swatch(null, "red gel", Material.BUTTERCREAM, dose, WHITE, now, hours, then);
    }

    private static final Swatch RED = swatch(2, "#d9606a", 12, "#b3232f");

    private static int channel(String shade, int c) {
        return Integer.parseInt(shade.substring(1 + 2 * c, 3 + 2 * c), 16);
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(60);
    }

    @Test
    void whatWasSeenIsGivenBackAtOnceAndAfterItsHours() {
        Deepening red = Deepening.of(List.of(RED));
        assertThat(red.shade(2, 0)).isEqualTo("#d9606a");
        assertThat(red.shade(2, 12)).isEqualTo("#b3232f");
        // What comes after that nobody has seen.
        assertThat(red.shade(2, 48)).isEqualTo("#b3232f");
        assertThat(red.shade(0, 12)).isEqualTo(WHITE);
    }

    @Test
    void itOnlyDeepensWithTheHoursAndWithTheDose() {
        Deepening red = Deepening.of(List.of(RED));
        for (int c = 0; c < 3; c++) {
            for (int h = 0; h < 24; h++) {
                assertThat(channel(red.shade(2, h + 1), c)).isLessThanOrEqualTo(channel(red.shade(2, h), c));
                assertThat(channel(red.shade(0.2 * h + 0.2, 6), c))
                        .isLessThanOrEqualTo(channel(red.shade(0.2 * h, 6), c));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neverPastTheShadeWantedAndAsNearAsItCan(Random random) {
        Deepening colour = Deepening.of(List.of(RED));
        String wanted =
                String.format("#%02x%02x%02x", 90 + random.nextInt(160), random.nextInt(250), random.nextInt(250));
        double grams = Seeds.between(random, 50, 3000);
        Deepening.Reached reached = colour.reach(wanted, 12, grams, 0);
        // Darker in none of the three than asked for; where the icing itself is darker, nothing goes in.
        for (int c = 0; c < 3; c++) {
            assertThat(channel(reached.later(), c))
                    .isGreaterThanOrEqualTo(Math.min(channel(wanted, c), channel(WHITE, c)) - 1);
        }
        assertThat(reached.add()).isCloseTo(reached.dose() * grams / 100, within(1e-9));
        // A little more goes past in one of them, or is more than anybody stirs in.
        if (reached.dose() > 0 && reached.dose() < 49) {
            String more = colour.shade(reached.dose() * 1.2, 12);
            assertThat(Stream.of(0, 1, 2).anyMatch(c -> channel(more, c) < channel(wanted, c)))
                    .isTrue();
        }
        // What is in it already counts: half of it leaves half to be added, too much is thinned.
        double half = reached.add() / 2;
        assertThat(colour.reach(wanted, 12, grams, half).add()).isCloseTo(half, within(1e-9));
        if (reached.dose() > 0) {
            Deepening.Reached past = colour.reach(wanted, 12, grams, 2 * reached.add());
            assertThat(past.add()).isZero();
            assertThat(past.thin()).isCloseTo(grams, within(1e-6 * grams));
        }
    }

    /** Twice the dose seen and half the dose seen tell the same colour: joined, nothing changes. */
    @Test
    void swatchesThatAgreeAreOne() {
        Deepening one = Deepening.of(List.of(RED));
        Swatch twice = swatch(4, one.shade(4, 0), 12, one.shade(4, 12));
        Deepening both = Deepening.of(List.of(RED, twice));
        assertThat(Deepening.difference(both.shade(3, 5), one.shade(3, 5))).isLessThan(1.5);
    }

    @Test
    void aPaletteColourThatIsAnotherHueIsToldToBeAnother() {
        Deepening red = Deepening.of(List.of(RED));
        assertThat(red.reach("#2f4f9f", 12, 500, 0).said()).contains("another colour");
        assertThat(red.reach("#b3232f", 12, 500, 0).said()).contains("alike");
        assertThat(red.reach("#b3232f", 12, 500, 0).add()).isCloseTo(10, within(0.2));
        // Mixed for tonight it would need more than for tomorrow.
        assertThat(red.reach("#b3232f", 0, 500, 0).add())
                .isGreaterThan(red.reach("#b3232f", 12, 500, 0).add());
        assertThat(red.reach("#ffffff", 12, 500, 20).said()).contains("darker");
    }

    /** By hand: black to white is 100, grey 119 lies at L* 50. */
    @ParameterizedTest
    @CsvSource({"#000000, #ffffff, 100", "#777777, #000000, 50.03", "#b0c4de, #b0c4de, 0"})
    void differencesOfTwoShades(String one, String other, double off) {
        assertThat(Deepening.difference(one, other)).isCloseTo(off, within(0.05));
    }

    @Test
    void oddSwatchesAreRefused() {
        assertThatThrownBy(() -> swatch(0, "#d9606a", 12, "#b3232f")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> swatch(1, "red", 12, "#b3232f")).hasMessageContaining("\"red\"");
        assertThatThrownBy(() -> swatch(1, "#d9606a", -1, "#b3232f")).hasMessageContaining("-1");
        assertThatThrownBy(() -> Deepening.of(List.of())).hasMessageContaining("0 swatches");
        assertThatThrownBy(() -> Deepening.of(List.of(RED)).reach("#b3232f", 12, 0, 0))
                .isInstanceOf(Refused.class);
        assertThat(swatch(1, "#d9606a", 0, null).later()).isEqualTo("#d9606a");
    }
}
