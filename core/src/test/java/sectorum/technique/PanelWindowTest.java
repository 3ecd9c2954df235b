package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.surface.Side;

/** Panels that lie, that bend, and that leave a window for a motif. */
class PanelWindowTest {
    private static final Side SIDE = Places.round(628.3, 110);

    private static Dressed worn(String settings) {
        Division marks = Division.of(SIDE.outline(), 8, Front.SECTION);
        return Catalogue.of("panels")
                .dress(Places.set(settings), new DressingContext(SIDE, marks, SIDE.whole(), 2, Places.BENCH));
    }

    private static double area(List<List<Double>> parts) {
        return parts.stream().mapToDouble(Flat::area).sum();
    }

    /** Wherever it meets a panel: whole, a bight, a hole, or cut through; what is left and the window are the panel. */
    @ParameterizedTest(name = "a window {1} wide, {2} aside: {3} parts")
    @CsvSource({
        "SQUARE, 30, 0, 2",
        "SQUARE, 30, 12, 1",
        "SQUARE, 30, -12, 1",
        "SQUARE, 10, 0, 1",
        "SQUARE, 10, 40, 1",
        "OVAL, 10, 0, 1",
        "OVAL, 60, 3, 2",
        "OVAL, 30, 18, 1"
    })
    void whatIsLeftOfAPanelAndTheWindowAreThePanel(PanelWindow.Form form, double wide, double aside, int parts) {
        List<Double> panel = Flat.rectangle(-10, 0, 20, 100);
        PanelWindow window = new PanelWindow(form, wide, 40, 50);
        List<List<Double>> left = window.cut(panel, aside, 50);
        assertThat(left).hasSize(parts);
        // Independent: what of the window lies over the panel, in a thousand strips.
        double taken = 0;
        int strips = 4000;
        for (int i = 0; i < strips; i++) {
            double x = -10 + 20 * (i + 0.5) / strips - aside;
            double at = Math.abs(x) / (wide / 2);
            double high = at >= 1 ? 0 : form == PanelWindow.Form.OVAL ? 40 * Math.sqrt(1 - at * at) : 40;
            taken += high * 20 / strips;
        }
        assertThat(area(left)).isCloseTo(2000 - taken, within(form == PanelWindow.Form.OVAL ? 12.0 : 0.5));
    }

    @Test
    void panelsAtTheFrontAreCutForTheWindowAndTheOthersAreNot() {
        Dressed whole = worn("width=30 lap=5");
        Dressed open = worn("width=30 lap=5 window=square windowWide=70 windowHigh=50");
        assertThat(open.making().cutPieces()).isGreaterThan(whole.making().cutPieces());
        assertThat(Places.figure(open, "panels")).isEqualTo(Places.figure(whole, "panels"));
        double p = SIDE.period();
        for (Layout.Placement at : open.layout().placements()) {
            List<Double> xz = open.layout().shapes().get(at.shape()).xz();
            for (int i = 0; i < xz.size(); i += 2) {
                double x = at.s() + xz.get(i) - p / 2;
                double z = at.z() + xz.get(i + 1) - 55;
                assertThat(Math.abs(x) < 35 - 0.01 && Math.abs(z) < 25 - 0.01)
                        .as("%s, %s lies in the window", x, z)
                        .isFalse();
            }
        }
        assertThat(open.making().steps()).anyMatch(s -> s.what().toString().contains("window"));
    }

    /** Rows lap evenly and reach exactly from the foot to the top; joints of a row lie over middles of the one below. */
    @ParameterizedTest
    @CsvSource({"30, 5, 160, 0", "22, 2, 100, 0", "40, 8, 300, 20"})
    void panelsThatLieAreLaidRowByRow(double width, double lap, double plank, double rise) {
        Dressed dressed = worn("run=level width=" + width + " lap=" + lap + " plank=" + plank + " rise=" + rise);
        int rows = (int) Places.figure(dressed, "Rows");
        List<Layout.Placement> all = dressed.layout().placements();
        int each = all.size() / rows;
        assertThat(each).isEqualTo((int) Math.round(628.3 / plank));
        assertThat(Places.figure(dressed, "lap")).isGreaterThanOrEqualTo(lap - 1e-9);
        assertThat(all.get(all.size() - 1).z() + width / 2).isCloseTo(110 + rise, within(1e-6));
        assertThat(all.get(0).z()).isCloseTo(width / 2, within(1e-9));
        double joint = all.get(each).s() - all.get(0).s();
        assertThat(joint).isCloseTo(628.3 / each / 2, within(1e-6));
    }

    @Test
    void longPlanksStandOffUnlessTheyBend() {
        assertThat(Places.rules(worn("run=level plank=200"))).contains("panels.stand-off");
        assertThat(Places.rules(worn("run=level plank=200 bed=bent"))).isEmpty();
        assertThat(Places.rules(worn("width=80 bed=bent"))).isEmpty();
        assertThat(Places.figure(worn("width=80 bed=bent"), "stand off")).isZero();
    }
}
