package sectorum.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;

/** The line inside an outline, everywhere as far from it. */
class InsetTest {
    static Stream<Seeds.Named> outlines() {
        return Seeds.outlines();
    }

    private static double[] depths(Outline outline) {
        double deepest = outline.deepest();
        return DoubleStream.of(0, 0.03, 0.2, 0.5, 0.8, 0.97)
                .map(share -> share * deepest)
                .toArray();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void everyPlaceOfItIsThatFarIn(Seeds.Named named) {
        Outline outline = named.outline();
        for (double z : depths(outline)) {
            Outline inset = outline.inset(z);
            double p = inset.perimeter();
            for (int i = 0; i < 60; i++) {
                Spot spot = inset.at(p * (i + 0.37) / 60);
                assertThat(outline.within(spot.x(), spot.y()))
                        .as("z %s at %s", z, i)
                        .isCloseTo(z, within(1e-6));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void itCarriesFrontSeamAndCorners(Seeds.Named named) {
        Outline outline = named.outline();
        for (double z : depths(outline)) {
            Outline inset = outline.inset(z);
            assertThat(inset.corners()).hasSameSizeAs(outline.corners());
            assertThat(inset.at(0).x()).isCloseTo(0, within(1e-6));
            assertThat(inset.at(0).y()).isPositive();
            assertThat(inset.at(inset.perimeter() / 2).x()).isCloseTo(0, within(1e-6));
            for (int i = 0; i < outline.corners().size(); i++) {
                Spot before = outline.at(outline.corners().get(i));
                Spot after = inset.at(inset.corners().get(i));
                // A corner moves straight in: seen from where it was, along the line that halves it.
                double turned = before.x() * after.y() - before.y() * after.x();
                if (!(outline.corners().size() == 4)) {
                    assertThat(turned / Math.hypot(before.x(), before.y())).isCloseTo(0, within(1e-6));
                }
            }
        }
    }

    /** What the lines at all depths have together is the area between the outermost and the innermost. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void lengthIsHowFastTheAreaShrinks(Seeds.Named named) {
        Outline outline = named.outline();
        double h = 1e-4;
        for (double z : depths(outline)) {
            if (z > h) {
                double shrinks =
                        outline.inset(z - h).area() - outline.inset(z + h).area();
                assertThat(shrinks / (2 * h))
                        .as("at %s of %s", z, outline.deepest())
                        .isCloseTo(outline.inset(z).perimeter(), within(outline.perimeter() * 2e-4));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void insetTwiceIsInsetOnce(Seeds.Named named) {
        Outline outline = named.outline();
        double z = outline.deepest() * 0.3;
        Outline twice = outline.inset(z).inset(z);
        Outline once = outline.inset(2 * z);
        assertThat(twice.perimeter()).isCloseTo(once.perimeter(), within(1e-6));
        assertThat(twice.at(twice.perimeter() * 0.3).distance(once.at(once.perimeter() * 0.3)))
                .isLessThan(1e-6);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void theNearestPlaceToAPlaceOfTheLineIsItself(Seeds.Named named) {
        Outline outline = named.outline();
        double p = outline.perimeter();
        for (int i = 0; i < 50; i++) {
            double s = p * (i + 0.21) / 50;
            Spot spot = outline.at(s);
            assertThat(Along.of(outline.nearest(spot.x(), spot.y()), p).distance(Along.of(s, p)))
                    .isLessThan(1e-4);
            double out = 1e-3;
            assertThat(outline.within(spot.x() + out * spot.nx(), spot.y() + out * spot.ny()))
                    .isLessThan(0);
        }
    }

    @Test
    void aRoundLosesTwoPiForEachMillimetre() {
        Outline round = Outlines.round(250, 0);
        assertThat(round.inset(20).perimeter()).isCloseTo(Math.PI * 210, within(1e-9));
        assertThat(round.deepest()).isEqualTo(125);
    }

    @Test
    void aSquareWithASharpCornerLosesEight() {
        Outline square = Outlines.rectangle(200, 200, 0, 0);
        assertThat(square.inset(30).perimeter()).isCloseTo(4 * 140, within(1e-9));
        assertThat(square.deepest()).isCloseTo(100, within(1e-9));
        assertThat(square.inset(30).corners())
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : 1)
                .isEqualTo(List.of(70.0, 210.0, 350.0, 490.0));
        assertThat(Outlines.rectangle(300, 120, 10, 0).deepest()).isCloseTo(60, within(1e-9));
    }

    /** Where an oval bends most, 66.7 mm is as far as a line inside it goes. */
    @Test
    void anOvalEndsAtItsTightestBend() {
        assertThat(Outlines.oval(300, 200, 0).deepest()).isCloseTo(100 * 100 / 150.0, within(1e-9));
    }
}
