package sectorum.art;

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

/** Pictures drawn by rule, traced, and compared with the rule. */
class TraceTest {
    /** How dark a picture is at a point: 0 light, 1 dark. */
    private interface Ink {
        double at(double x, double y);
    }

    /** 200 points each way for 100 mm, edges half covered where they are half covered. */
    private static Grey picture(int dark, int light, double noise, Ink ink) {
        int n = 200;
        Random random = new Random(4);
        int[] levels = new int[n * n];
        for (int y = 0; y < n; y++) {
            for (int x = 0; x < n; x++) {
                double sum = 0;
                for (int k = 0; k < 16; k++) {
                    sum += ink.at((x + (k % 4 + 0.5) / 4) / 2, (y + (k / 4 + 0.5) / 4) / 2) / 16;
                }
                double level = light + (dark - light) * sum + noise * random.nextGaussian();
                levels[y * n + x] = (int) Math.max(0, Math.min(255, Math.round(level)));
            }
        }
        return new Grey(n, n, levels);
    }

    private static double disc(double x, double y, double cx, double cy, double r) {
        return Math.hypot(x - cx, y - cy) < r ? 1 : 0;
    }

    private static Trace.Traced traced(Grey picture, double speck, double tolerance) {
        return Trace.of(picture, new Trace.Tracing(100, null, speck, tolerance));
    }

    /** No point of the line is further from the round than the tolerance and a tenth of a point. */
    @ParameterizedTest(name = "a disc of {0}, noise {1}, smoothed to {2}")
    @CsvSource({"30, 0, 0.3", "30, 12, 0.3", "8, 0, 0.1", "45, 0, 0.05", "30, 25, 0.6"})
    void aDiscIsTracedWithinTheTolerance(double radius, double noise, double tolerance) {
        Grey picture = picture(30, 230, noise, (x, y) -> disc(x, y, 50, 50, radius));
        Trace.Traced traced = traced(picture, 3, tolerance);
        assertThat(traced.parts()).hasSize(1);
        Rings rings = traced.parts().get(0).rings();
        assertThat(rings.outers()).hasSize(1);
        assertThat(rings.holes()).isEmpty();
        List<Double> line = rings.outers().get(0);
        double rough = 0.05 + noise / 200;
        for (int i = 0; i < line.size(); i += 2) {
            assertThat(Math.hypot(line.get(i) - 50, line.get(i + 1) - 50)).isCloseTo(radius, within(tolerance + rough));
        }
        assertThat(rings.area())
                .isCloseTo(Math.PI * radius * radius, within(2 * Math.PI * radius * (tolerance + rough)));
    }

    /** Rings have their holes, thin strokes stay whole, specks are dropped and counted. */
    @ParameterizedTest(name = "{0} rings, strokes {1} wide, {2} specks")
    @CsvSource({"1, 4, 0", "3, 2, 5", "4, 1.2, 0"})
    void ringsKeepTheirHoles(int rings, double stroke, int specks) {
        Grey picture = picture(0, 255, 0, (x, y) -> {
            double in = 0;
            for (int i = 0; i < rings; i++) {
                double cx = 15 + 22 * i;
                in += disc(x, y, cx, 40, 10) - disc(x, y, cx, 40, 10 - stroke);
            }
            for (int i = 0; i < specks; i++) {
                in += disc(x, y, 10 + 15 * i, 85, 0.8);
            }
            return Math.min(1, in);
        });
        Trace.Traced traced = traced(picture, 3, 0.1);
        Rings figure = traced.parts().get(0).rings();
        assertThat(figure.outers()).hasSize(rings);
        assertThat(figure.holes()).hasSize(rings);
        assertThat(traced.dropped()).isEqualTo(specks);
        double area = rings * Math.PI * (100 - (10 - stroke) * (10 - stroke));
        assertThat(figure.area()).isCloseTo(area, within(0.06 * area));
        for (List<Double> hole : figure.holes()) {
            assertThat(Contour.turning(hole)).isNegative();
        }
    }

    /** What a coarse codec does to a picture: blocks of eight with their own lights, still one disc with one hole. */
    @Test
    void aPictureOfLowQualityIsStillTraced() {
        Grey clean = picture(20, 240, 0, (x, y) -> disc(x, y, 50, 50, 35) - disc(x, y, 50, 50, 12));
        Random random = new Random(9);
        int[] levels = clean.levels().clone();
        for (int by = 0; by < 25; by++) {
            for (int bx = 0; bx < 25; bx++) {
                int off = (int) (random.nextGaussian() * 12);
                for (int k = 0; k < 64; k++) {
                    int at = (by * 8 + k / 8) * 200 + bx * 8 + k % 8;
                    int ringing = ((k / 8 + k) % 2 == 0 ? 7 : -7);
                    levels[at] = Math.max(0, Math.min(255, levels[at] / 16 * 16 + off + ringing));
                }
            }
        }
        Rings rings = traced(new Grey(200, 200, levels), 3, 0.3).parts().get(0).rings();
        assertThat(rings.outers()).hasSize(1);
        assertThat(rings.holes()).hasSize(1);
        assertThat(rings.area()).isCloseTo(Math.PI * (35 * 35 - 144), within(80.0));
    }

    /** Several levels: the lightest at the back, each darker one within it. */
    @Test
    void severalLevelsGiveALayeredFigure() {
        Grey picture = picture(
                0,
                240,
                0,
                (x, y) -> 0.4 * disc(x, y, 50, 50, 40) + 0.3 * disc(x, y, 50, 50, 25) + 0.3 * disc(x, y, 50, 50, 10));
        List<Integer> levels = Levels.of(picture, 3);
        assertThat(levels).hasSize(3);
        Trace.Traced traced = Trace.of(picture, new Trace.Tracing(100, levels, 1, 0.1));
        assertThat(traced.parts()).hasSize(3);
        double[] radii = {40, 25, 10};
        for (int k = 0; k < 3; k++) {
            assertThat(traced.parts().get(k).rings().area())
                    .isCloseTo(Math.PI * radii[k] * radii[k], within(0.03 * Math.PI * radii[k] * radii[k]));
        }
        assertThat(traced.parts())
                .extracting(Motif.Region::shade)
                .doesNotHaveDuplicates()
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    /** Found by itself: no other threshold parts two greys better. */
    @ParameterizedTest
    @CsvSource({"30, 200", "0, 255", "100, 140"})
    void theLevelIsFoundBetweenTheGreys(int dark, int light) {
        Grey picture = picture(dark, light, 4, (x, y) -> disc(x, y, 50, 50, 30));
        assertThat(Levels.of(picture, 1))
                .singleElement()
                .satisfies(l -> assertThat(l).isBetween(dark + (light - dark) / 4, light - (light - dark) / 4));
    }

    /** A figure that reaches the edge is closed along it; white and black pictures have nothing, or all. */
    @Test
    void whatReachesTheEdgeIsClosedThere() {
        Grey half = picture(0, 255, 0, (x, y) -> x < 50 ? 1 : 0);
        assertThat(traced(half, 1, 0.1).parts().get(0).rings().area()).isCloseTo(5000, within(60.0));
        Grey white = new Grey(20, 20, filled(255));
        assertThat(traced(white, 1, 0.1).parts()).isEmpty();
        Grey black = new Grey(20, 20, filled(0));
        assertThat(Trace.of(black, new Trace.Tracing(100, List.of(128), 1, 0.1))
                        .parts()
                        .get(0)
                        .rings()
                        .area())
                .isCloseTo(10_000, within(600.0));
    }

    private static int[] filled(int level) {
        int[] levels = new int[400];
        java.util.Arrays.fill(levels, level);
        return levels;
    }

    @ParameterizedTest
    @ValueSource(strings = {"width", "speck", "tolerance", "levels", "level", "picture"})
    void whatCannotBeTracedIsRefused(String what) {
        assertThatThrownBy(() -> {
                    List<Integer> levels = new ArrayList<>(List.of(100));
                    for (int i = 0; what.equals("levels") && i < 9; i++) {
                        levels.add(10 * i + 1);
                    }
                    if (what.equals("level")) {
                        levels.add(300);
                    }
                    if (what.equals("picture")) {
                        new Grey(10, 10, new int[3]);
                    }
                    new Trace.Tracing(
                            what.equals("width") ? 0 : 100,
                            levels,
                            what.equals("speck") ? -1 : 1,
                            what.equals("tolerance") ? 9 : 0.3);
                })
                .isInstanceOf(Refused.class);
    }
}
