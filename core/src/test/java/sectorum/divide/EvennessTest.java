package sectorum.divide;

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
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Outlines;
import sectorum.outline.Spot;

/** Photographs drawn by a program, with known marks, lens and tilt. */
class EvennessTest {
    /** A camera so far from the axis, tilted down, with a lens of so many px. */
    private record Camera(double distance, double tilt, double lens) {
        double px(Spot spot) {
            return 2000 + lens * spot.x() / (distance + spot.y() * Math.cos(tilt));
        }

        double edge(Outline outline, int side) {
            double best = Double.NEGATIVE_INFINITY;
            for (double s = 0; s < outline.perimeter(); s += 0.1) {
                best = Math.max(best, side * px(outline.at(s)));
            }
            return side * best;
        }
    }

    private static Evenness.Pointed pressed(
            Outline outline, Camera camera, List<Double> marks, boolean told, Random random, double sigma) {
        return new Evenness.Pointed(
                camera.edge(outline, -1) + sigma * random.nextGaussian(),
                camera.edge(outline, 1) + sigma * random.nextGaussian(),
                marks.stream()
                        .map(s -> camera.px(outline.at(s)) + sigma * random.nextGaussian())
                        .toList(),
                told ? camera.lens() : null);
    }

    /** Marks of uneven sections on the part that a camera sees well: a share of the side about its front. */
    private static List<Double> marks(Outline outline, Random random, double share) {
        double p = outline.perimeter();
        List<Double> marks = new ArrayList<>();
        for (double s = p / 2 - share * p / 2; s < p / 2 + share * p / 2; s += Seeds.between(random, 20, 60)) {
            marks.add(s);
        }
        return marks;
    }

    /** Craft 7: far away, a round is read by the arcsine. */
    @ParameterizedTest
    @CsvSource({"0.5, 30", "0.25, 14.4775", "0.9, 64.1581"})
    void farAwayARoundIsReadByTheArcsine(double share, double degrees) {
        double radius = 120;
        Outline round = Outlines.round(2 * radius, 0);
        Evenness.Pointed pressed = new Evenness.Pointed(0, 1000, List.of(500.0, 500 + 500 * share), 99_000.0);
        Evenness.Seen seen = Evenness.of(round, pressed).sections().get(0);
        assertThat(seen.width()).isCloseTo(radius * Math.toRadians(degrees), within(0.6));
        assertThat(seen.from()).isCloseTo(Math.PI * radius, within(1e-3));
    }

    static Stream<Outline> sides() {
        return Stream.of(
                Outlines.round(250, 0),
                OutlineKind.OVAL.build(new Values(Map.of("length", 320.0, "width", 220.0)), 0),
                OutlineKind.SQUARE.build(new Values(Map.of("side", 240.0, "corner", 12.0)), 0),
                OutlineKind.RECTANGLE.build(new Values(Map.of("width", 300.0, "depth", 200.0, "corner", 8.0)), 0),
                OutlineKind.POLYGON.build(new Values(Map.of("sides", 8, "side", 100.0, "corner", 5.0)), 0));
    }

    @ParameterizedTest
    @MethodSource("sides")
    void widthsComeBackWithinTheStatedDoubt(Outline outline) {
        for (boolean told : new boolean[] {true, false}) {
            int right = 0;
            int all = 0;
            int telling = 0;
            for (Random random : Seeds.randoms(30).toList()) {
                Camera camera = new Camera(
                        Seeds.between(random, 600, 1400),
                        Math.toRadians(Seeds.between(random, 0, 15)),
                        Seeds.between(random, 2200, 4200));
                List<Double> marks = marks(outline, random, outline.cornersRule() ? 0.2 : 0.3);
                List<Evenness.Seen> seen = Evenness.of(
                                outline, pressed(outline, camera, marks, told, random, Evenness.PRESS_SIGMA))
                        .sections();
                for (int i = 0; i < seen.size(); i++) {
                    double truth = marks.get(i + 1) - marks.get(i);
                    all++;
                    telling += seen.get(i).tells() ? 1 : 0;
                    right +=
                            Math.abs(seen.get(i).width() - truth) <= seen.get(i).doubt() ? 1 : 0;
                }
            }
            assertThat(right / (double) all)
                    .as("within the doubt, lens told: " + told)
                    .isGreaterThan(0.95);
            assertThat(telling / (double) all).as("worth telling").isGreaterThan(told ? 0.9 : 0.6);
        }
    }

    @Test
    void nearALimbNothingIsSure() {
        Outline round = Outlines.round(250, 0);
        Camera camera = new Camera(900, 0.1, 3000);
        double p = round.perimeter();
        List<Double> marks = List.of(p * 0.28, p * 0.32, p * 0.48, p * 0.52);
        List<Evenness.Seen> seen = Evenness.of(round, pressed(round, camera, marks, true, new Random(1), 0))
                .sections();
        assertThat(seen.get(0).doubt()).isGreaterThan(3 * seen.get(2).doubt());
        assertThat(seen.get(2).tells()).isTrue();
        assertThat(seen.get(2).width()).isCloseTo(p * 0.04, within(0.5));
    }

    @Test
    void theDistanceFollowsFromTheLens() {
        Outline round = Outlines.round(300, 0);
        Camera camera = new Camera(1100, 0, 2800);
        Evenness seen = Evenness.of(round, pressed(round, camera, List.of(400.0, 500.0), true, new Random(1), 0));
        assertThat(seen.distance()).isCloseTo(1100, within(5.0));
    }

    @ParameterizedTest
    @EnumSource(
            value = OutlineKind.class,
            names = {"PETAL"})
    void aSideThatHidesPartOfItselfIsNotRead(OutlineKind kind) {
        Outline outline = kind.build(Values.NONE, 0);
        assertThatThrownBy(() -> Evenness.of(outline, new Evenness.Pointed(0, 1000, List.of(400.0, 600.0), null)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("hides another");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 30, 10;20, , edges",
        "0, 1000, 500, , from 2 to 80",
        "0, 1000, 500;400, , from left to right",
        "0, 1000, 500;1200, , between",
        "0, 1000, 400;500, 300, lens",
    })
    void whatCannotBeIsRefused(double left, double right, String marks, Double lens, String said) {
        List<Double> pressed = Stream.of(marks.split(";")).map(Double::valueOf).toList();
        assertThatThrownBy(() -> new Evenness.Pointed(left, right, pressed, lens))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(said);
    }
}
