package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.material.Material;
import sectorum.outline.Along;
import sectorum.surface.Side;
import sectorum.surface.Stretch;

/** Panels, wrapped sheets, collars and marbled coats. */
class StandingTest {
    private static final Side SIDE = Places.round(628.3, 110);

    private static DressingContext place(int colours) {
        return new DressingContext(
                SIDE, Division.of(SIDE.outline(), 8, Front.SECTION), SIDE.whole(), colours, Places.BENCH);
    }

    private static DressingContext part(double share) {
        double p = SIDE.period();
        return new DressingContext(
                SIDE,
                Division.of(SIDE.outline(), 8, Front.SECTION),
                SIDE.whole(),
                new Stretch(Along.of(0.2 * p, p), share * p),
                Turns.of(2),
                Places.BENCH);
    }

    private static Dressed worn(String technique, String settings) {
        return Catalogue.of(technique).dress(Places.set(settings), place(1));
    }

    @Test
    @DisplayName("panels of 55, least overlap 8, on 628.3: 14, overlap 10.121; on radius 100 each stands off 3.712")
    void panelsOfTheHandbook() {
        PanelForms forms = PanelForms.of(628.3, true, 55, 8, 0, 1);
        assertThat(forms.count()).isEqualTo(14);
        assertThat(forms.lap()).isCloseTo(10.121, within(5e-4));
        assertThat(PanelForms.standOff(100, 55)).isCloseTo(3.712, within(5e-4));
        Dressed dressed = worn("panels", "width=55 lap=8");
        assertThat(Places.figure(dressed, "panels")).isEqualTo(14);
        assertThat(Places.figure(dressed, "stand off")).isCloseTo(3.712, within(5e-3));
        assertThat(Places.rules(dressed)).containsExactly("panels.stand-off");
        assertThat(dressed.findings().get(0).mends()).hasSize(3);
    }

    /** Whatever the seed and the mix: they close, no two lap by less than the least, and one less would not do. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 17, 99, 512})
    void panelsCloseForAnySeed(int seed) {
        for (double width : List.of(18.0, 33.0, 55.0)) {
            for (double vary : List.of(0.0, 0.2, 0.5)) {
                for (double least : List.of(0.0, 4.0)) {
                    PanelForms forms = PanelForms.of(628.3, true, width, least, vary, seed);
                    double sum = 0;
                    for (int i = 0; i < forms.count(); i++) {
                        sum += forms.width(i) - forms.lap();
                    }
                    assertThat(sum).isCloseTo(628.3, within(1e-6));
                    assertThat(forms.lap()).isGreaterThanOrEqualTo(least - 1e-9);
                }
            }
        }
    }

    @ParameterizedTest(name = "over {0} of the way")
    @ValueSource(doubles = {0.1, 0.33, 0.6})
    void panelsOfAPartBeginAndEndWithAWholeOne(double share) {
        Dressed dressed = Catalogue.of("panels").dress(Places.set("width=30 lap=4"), part(share));
        List<Layout.Placement> all = dressed.layout().placements();
        double p = SIDE.period();
        double from = 0.2 * p;
        assertThat(all.get(0).s()).isCloseTo(from + 15, within(1e-6));
        assertThat(all.get(all.size() - 1).s()).isCloseTo(from + share * p - 15, within(1e-6));
    }

    /** Independent: the area between tangent and arc by adding up wedges. */
    @ParameterizedTest
    @CsvSource({"100, 55", "60, 30", "150, 80"})
    void icingBehindAPanelIsWhatLiesBetween(double radius, double width) {
        double sum = 0;
        int parts = 2000;
        double half = Math.atan(width / 2 / radius);
        for (int i = 0; i < parts; i++) {
            double angle = half * (2 * (i + 0.5) / parts - 1);
            double far = radius / Math.cos(angle);
            sum += (far * far - radius * radius) / 2 * 2 * half / parts;
        }
        assertThat(PanelForms.gap(radius, width)).isCloseTo(sum, within(1e-3 * sum));
        assertThat(PanelForms.standOff(radius, PanelForms.widest(radius, 3))).isCloseTo(3, within(1e-9));
    }

    @Test
    void beddedPanelsStandInIcingAndReverseOnesListTheirLayers() {
        Dressed bedded = worn("panels", "width=55 lap=8 bed=bedded laid=reverse edge=broken uneven=20 vary=0.3");
        assertThat(Places.rules(bedded)).isEmpty();
        assertThat(bedded.making().used()).anyMatch(u -> u.material() == Material.BUTTERCREAM && u.grams() > 1);
        assertThat(bedded.making().layers()).hasSize(3);
        assertThat(worn("panels", "").making().layers()).isEmpty();
    }

    @Test
    void panelsRiseOverTheEdgeByWhatIsTold() {
        Dressed dressed = worn("panels", "rise=40");
        double top = dressed.layout().placements().stream()
                .mapToDouble(p -> p.z()
                        + sectorum.drawing.Box.of(
                                        dressed.layout().shapes().get(p.shape()).xz())
                                .high())
                .max()
                .orElseThrow();
        assertThat(top).isCloseTo(150, within(1e-9));
    }

    /** A sheet t thick: P + πt alone, P + 2πt outside a coat of t (craft 3G). */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"over=bare thick=2, 634.6", "over=coat coat=2, 640.9"})
    void collarsAreCutByWhatTheyGoOver(String settings, double length) {
        assertThat(Places.figure(worn("collar", settings), "Without its tab")).isCloseTo(length, within(0.05));
    }

    /** Every line of the pattern ends where it began, and repeats fill the way round. */
    @ParameterizedTest
    @CsvSource({"repeat=60", "repeat=47 share=0.5", "kind=lace", "repeat=200 line=1 share=0.2"})
    void aCollarsPatternMeetsItselfAtTheSeam(String settings) {
        Dressed dressed = worn("collar", settings);
        double each = 0;
        for (Layout.Shape shape : dressed.layout().shapes()) {
            List<Double> xz = shape.xz();
            int n = xz.size();
            assertThat(xz.get(n - 1)).isCloseTo(xz.get(1), within(0.05));
            each = xz.get(n - 2) - xz.get(0);
        }
        double repeats = Places.figure(dressed, "repeats");
        assertThat(each * repeats).isCloseTo(Places.figure(dressed, "Without its tab"), within(1e-6));
        List<Layout.Placement> all = dressed.layout().placements();
        int lines = dressed.layout().shapes().size();
        double apart = Along.of(all.get(0).s(), SIDE.period())
                .to(Along.of(all.get(lines).s(), SIDE.period()));
        assertThat(apart * repeats).isCloseTo(SIDE.period(), within(1e-6));
    }

    @Test
    void aCageWeighsByTheShareItCovers() {
        Dressed once = worn("collar", "rise=50 share=0.35 thick=3 drawn=once");
        assertThat(once.making().grams()).isCloseTo(628.3 * 160 / 1000 * 0.35 * 3 * 1.3, within(0.01));
        assertThat(worn("collar", "rise=50 share=0.35 thick=3 drawn=twice")
                        .making()
                        .grams())
                .isCloseTo(2 * once.making().grams(), within(1e-9));
        assertThat(once.making().steps().get(0).pause())
                .isEqualTo(new Making.Pause(
                        1, 3, sectorum.bench.Storage.ROOM, "until it is dull at the rim but still bends"));
        assertThat(once.making().out()).isEmpty();
    }

    @Test
    void aMarbledCoatIsSharedByItsColoursVeinsFirst() {
        DressingContext three = new DressingContext(
                SIDE,
                Division.of(SIDE.outline(), 8, Front.SECTION),
                SIDE.whole(),
                null,
                Turns.named(List.of("white", "white", "white", "grey", "gold")),
                Places.BENCH);
        Dressed dressed = Catalogue.of("marbled").dress(Places.set("deep=5 veins=6"), three);
        double all = 628.3 * 110 * 5 / 1000 * 0.95;
        assertThat(dressed.making().grams()).isCloseTo(all, within(0.05));
        assertThat(dressed.making().used().get(0).grams()).isCloseTo(all * 0.6, within(0.05));
        assertThat(dressed.layout().placements()).hasSize(1 + 2 * 6);
        assertThat(dressed.making().layers().get(0).toString()).contains("veins");
        assertThat(dressed.making().unstacked()).isTrue();
        assertThat(dressed.making().isMirrored()).isTrue();
        assertThat(Catalogue.of("marbled").dress(Places.set("deep=5 veins=6"), three))
                .usingRecursiveComparison()
                .ignoringFields("drawings")
                .isEqualTo(dressed);
    }

    /** Of no sheet, however many parts it has, a seam lies within 20° of the front; ends of a part are told instead. */
    @ParameterizedTest
    @ValueSource(doubles = {400, 628.3, 731, 1100, 1250, 1800, 2400})
    void noSeamLiesAtTheFront(double around) {
        Side side = Places.round(around, 110);
        Division marks = Division.of(side.outline(), 8, Front.SECTION);
        double p = side.period();
        for (Stretch part : java.util.Arrays.asList(null, new Stretch(Along.of(0.1 * p, p), 0.8 * p))) {
            DressingContext place = new DressingContext(side, marks, side.whole(), part, Turns.of(1), Places.BENCH);
            Dressed dressed = Catalogue.of("wraps").dress(Places.set("layers=3 step=10 inset=5 edge=cut"), place);
            for (Layout.Placement at : dressed.layout().placements()) {
                Layout.Shape shape = dressed.layout().shapes().get(at.shape());
                if (shape.role() == Layout.Role.PIECE) {
                    double half = Places.width(shape) / 2;
                    for (double end : List.of(at.s() - half, at.s() + half)) {
                        double off = Along.of(end, p).distance(Along.of(p / 2, p)) / p * 360;
                        assertThat(off).isGreaterThan(19.9);
                    }
                }
            }
        }
    }

    @ParameterizedTest(name = "{0}: {1} sheets")
    @CsvSource({"layers=1, 2", "layers=3 step=20, 6", "layers=2 edge=folded fold=10, 4"})
    void wrappedSheetsGoRoundInParts(String settings, int sheets) {
        Dressed dressed = worn("wraps", settings);
        assertThat(Places.figure(dressed, "sheets")).isEqualTo(sheets);
        assertThat(dressed.making().pieces()).isEqualTo(sheets);
        double fold = settings.contains("folded") ? 10 : 0;
        assertThat(Places.figure(dressed, "highest")).isEqualTo(110 + fold);
        assertThat(Places.figure(dressed, "longest")).isCloseTo(628.3 / 2 + 15, within(1e-6));
        assertThat(worn("wraps", settings).layout()).isEqualTo(dressed.layout());
        assertThat(worn("wraps", settings + " seed=2").layout().equals(dressed.layout()))
                .isEqualTo(!settings.contains("torn") && settings.contains("folded"));
    }
}
