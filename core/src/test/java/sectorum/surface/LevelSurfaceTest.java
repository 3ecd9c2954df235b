package sectorum.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Outlines;
import sectorum.outline.Spot;

/** A top, a ledge and a board as bands. */
class LevelSurfaceTest {
    static Stream<Seeds.Named> outlines() {
        return Seeds.outlines();
    }

    private static LevelSurface top(Outline outline) {
        return LevelSurface.of(SurfaceKind.TOP, outline, outline, List.of(), 100);
    }

    private static List<Spot> line(Outline outline) {
        return outline.stops(0.05).stream().map(outline::at).toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void anEvenRowClosesAndIsEvenAtItsDepth(Seeds.Named named) {
        LevelSurface top = top(named.outline());
        for (double z : new double[] {0, top.depth() * 0.2, top.depth() * 0.7}) {
            int n = 37;
            List<Along> row = top.row(n, z, 0.5);
            double sum = 0;
            for (int j = 0; j < n; j++) {
                double on = top.length(row.get(j).s(), row.get(j).to(row.get((j + 1) % n)), z);
                assertThat(on).isCloseTo(top.around(z) / n, within(1e-6));
                sum += on;
            }
            assertThat(sum).isCloseTo(top.around(z), within(1e-6));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void whatIsFurtherAlongIsThatFar(Seeds.Named named) {
        LevelSurface top = top(named.outline());
        double p = top.period();
        for (int i = 0; i < 40; i++) {
            // From before the seam to behind it, too.
            double s = p * (i - 3) / 34.0;
            double z = top.depth() * (i % 10) / 11;
            double on = top.further(s, 23, z);
            assertThat(top.length(s, on - s, z)).isCloseTo(23, within(1e-6));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void aFrameMeetsItsMarksAndKeepsTrueSize(Seeds.Named named) {
        LevelSurface top = top(named.outline());
        double p = top.period();
        double z = top.depth() * 0.4;
        for (int k = 0; k < 9; k++) {
            Along from = Along.of(p * k / 9 + p / 18, p);
            Frame frame = top.frame(from, p / 9, z);
            Frame.Pose start = frame.at(0, 0, 0);
            assertThat(Along.of(start.s(), p).distance(from)).isLessThan(1e-4);
            assertThat(start.z()).isCloseTo(z, within(1e-6));
            if (named.name().startsWith("petal") || named.name().startsWith("heart")) {
                // Across a notch the line itself is followed.
                continue;
            }
            LevelSurface.InPlane a = inPlane(top, frame.at(3, -2, 0.3));
            LevelSurface.InPlane b = inPlane(top, frame.at(3 + 4, -2 + 3, 0.3));
            assertThat(Math.hypot(a.x() - b.x(), a.y() - b.y())).isCloseTo(5, within(1e-4));
            assertThat(Math.cos(a.angle() - b.angle())).isCloseTo(1, within(1e-6));
        }
    }

    private static LevelSurface.InPlane inPlane(LevelSurface level, Frame.Pose pose) {
        return level.inPlane(pose.s(), pose.z(), pose.turn());
    }

    @Test
    void oneSectionAllRoundRunsAlongItsLine() {
        LevelSurface top = top(Outlines.round(200, 0));
        Frame frame = top.frame(Along.of(10, top.period()), top.period(), 30);
        assertThat(frame.width()).isCloseTo(Math.PI * 140, within(1e-9));
        assertThat(frame.at(frame.width(), 5, 0.2).s()).isCloseTo(10 + top.period(), within(1e-6));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("outlines")
    void halfTheAreaLiesOutsideTheZThatHalvesIt(Seeds.Named named) {
        LevelSurface top = top(named.outline());
        Zone zone = new Zone(0, top.depth() * 0.9);
        double half = top.at(zone, 0.5);
        assertThat(top.area(new Zone(0, half))).isCloseTo(top.area(zone) / 2, within(top.area(zone) * 1e-6));
    }

    @ParameterizedTest(name = "{0} on {1}: {2} seen")
    @CsvSource({"160, 250, 45", "250, 250, 1", "248, 250, 1"})
    void aLedgeIsWhatTheTierAboveLeaves(double above, double below, double seen) {
        Outline foot = Outlines.round(below, 0);
        LevelSurface ledge = LevelSurface.of(SurfaceKind.LEDGE, foot, foot, line(Outlines.round(above, 0)), 100);
        assertThat(ledge.depth()).isCloseTo(seen, within(0.06));
        assertThat(ledge.isSeen()).isEqualTo(seen > 5);
    }

    /** A square of 150 on a round of 250: its corners come within 125 − 106.07 of the rim. */
    @Test
    void aSquareOnARoundLeavesLeastAtItsCorners() {
        Outline foot = Outlines.round(250, 0);
        LevelSurface ledge =
                LevelSurface.of(SurfaceKind.LEDGE, foot, foot, line(Outlines.rectangle(150, 150, 0, 0)), 100);
        assertThat(ledge.depth()).isCloseTo(125 - 75 * Math.sqrt(2), within(1e-6));
    }

    /** Corner marks of a square stand at the corners of its board, whatever the margins. */
    @Test
    void cornersStandAtCorners() {
        Outline foot = Outlines.rectangle(300, 200, 0, 0);
        LevelSurface board =
                LevelSurface.of(SurfaceKind.BOARD, foot, Outlines.rectangle(380, 280, 0, 0), line(foot), 0);
        double corner = foot.corners().get(0);
        for (double z : new double[] {0, 10, 39}) {
            SpacePoint at = board.at(corner, z);
            assertThat(Math.abs(at.x())).isCloseTo(190 - z, within(1e-9));
            assertThat(Math.abs(at.y())).isCloseTo(140 - z, within(1e-9));
        }
        assertThat(board.depth()).isCloseTo(40, within(1e-9));
    }

    @Test
    void theSideSaysWhereItsSkinLooks() {
        Side straight = Side.of(OutlineKind.ROUND, new Values(java.util.Map.of("diameter", 200.0)), 100, 0, List.of());
        SpacePoint front = straight.at(straight.period() / 2, 40);
        assertThat(List.of(front.y(), front.up(), front.ny(), front.nUp()))
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : 1)
                .isEqualTo(List.of(-100.0, 40.0, -1.0, 0.0));
        Side leaning = Side.of(
                OutlineKind.ROUND,
                Values.NONE,
                100,
                0,
                List.of(Reading.of(Reading.What.FOOT, 700), Reading.of(Reading.What.TOP, 600)));
        SpacePoint at = leaning.at(123, 60);
        assertThat(Math.hypot(Math.hypot(at.nx(), at.ny()), at.nUp())).isCloseTo(1, within(1e-9));
        assertThat(at.nUp()).isCloseTo(100 / (2 * Math.PI) / 100, within(1e-9));
        Zone zone = new Zone(10, 90);
        double half = leaning.at(zone, 0.5);
        assertThat(half).isLessThan(50);
        assertThat(leaning.area(new Zone(10, half))).isCloseTo(leaning.area(zone) / 2, within(0.01));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "side, above the foot",
        "top, in from the rim",
        "ledge, in from the rim",
        "board, in from the board's edge"
    })
    void everySurfaceSaysFromWhere(String key, String from) {
        assertThat(SurfaceKind.of(key).from()).isEqualTo(from);
        assertThat(SurfaceKind.of(key).isLevel()).isEqualTo(!key.equals("side"));
    }

    @Test
    void anUnknownSurfaceIsToldWithTheKnownOnes() {
        assertThatThrownBy(() -> SurfaceKind.of("lid"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("side, top, ledge, board");
    }
}
