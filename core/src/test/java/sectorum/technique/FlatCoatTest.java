package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Ink;
import sectorum.material.Material;
import sectorum.surface.Side;

/** Coats made flat and wrapped: combed, stencilled, marbled, striped; how often each is turned over. */
class FlatCoatTest {
    private static Dressed on(double around, String technique, String settings, int colours) {
        Side side = Places.round(around, 118);
        Division marks = Division.of(side.outline(), 8, Front.SECTION);
        return Catalogue.of(technique)
                .dress(Places.set(settings), new DressingContext(side, marks, side.whole(), colours, Places.BENCH));
    }

    private static Dressed on(String technique, String settings, int colours) {
        return on(731, technique, settings, colours);
    }

    /**
     * By counted contacts (craft 7): every face-to-face contact turns a design over once, so an odd number of them is drawn
     * mirrored. Table to paper and paper to tier are two.
     */
    @ParameterizedTest(name = "{0} {1}: {2} contacts, mirrored {3}")
    @CsvSource({
        "uprights, '', 1, true",
        "combed, '', 1, true",
        "stencilled, way=sheet, 1, true",
        "stencilled, way=coat, 0, false",
        "marbled, '', 1, true",
        "ropes, '', 2, false",
        "levels, '', 0, false",
        "panels, laid=reverse, 0, false"
    })
    void mirroredByItsContacts(String technique, String settings, int contacts, boolean mirrored) {
        Making making = on(technique, settings, 2).making();
        assertThat(making.turns()).hasSize(contacts);
        assertThat(making.isMirrored()).isEqualTo(mirrored);
    }

    /** What is wrapped goes on before stacking, is firmed a quarter of an hour, never longer, and is peeled after. */
    @ParameterizedTest
    @ValueSource(strings = {"uprights", "combed", "stencilled", "marbled"})
    void everyFlatCoatIsFirmedWrappedAndPeeledBeforeStacking(String technique) {
        Making making = on(technique, "", 3).making();
        assertThat(making.unstacked()).isTrue();
        assertThat(making.steps())
                .filteredOn(s -> s.pause() != null && s.tool().equals("freezer"))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.pause().least()).isEqualTo(15);
                    assertThat(s.pause().most()).isEqualTo(15);
                });
        assertThat(making.steps()).anyMatch(s -> s.what().toString().contains("Mist"));
    }

    /** The comb fixes the width: whole stripes and one that differs, which together go round. */
    @ParameterizedTest(name = "a comb of {0} on {1}: {2} stripes, the last {3}")
    @CsvSource({"10, 731, 73, 11", "12, 731, 61, 11", "40, 731, 18, 51", "50, 731, 15, 31", "100, 731, 7, 131"})
    void theLastStripeIsToldAndPlaced(double comb, double around, int stripes, double last) {
        Dressed dressed = on(around, "combed", "comb=" + comb, 2);
        assertThat(Places.figure(dressed, "stripes")).isEqualTo(stripes);
        assertThat(Places.figure(dressed, "the last, at the back")).isCloseTo(last, within(0.05));
        assertThat((stripes - 1) * comb + last).isCloseTo(around, within(0.05));
    }

    /** For any tier and comb: the last differs by half a pitch at most, and nothing is lost. */
    @Test
    void noOtherCountDiffersLess() {
        for (double around = 150; around < 1500; around += 77) {
            for (double comb = 3; comb < 60; comb += 7.3) {
                int n = Combed.count(around, comb);
                double off = Math.abs(around - n * comb);
                assertThat(off).isLessThanOrEqualTo(Math.max(comb / 2, Math.abs(around - comb)) + 1e-9);
                assertThat(off).isLessThanOrEqualTo(Math.abs(around - (n + 1) * comb) + 1e-9);
            }
        }
    }

    /** Ground and grooves together are the whole coat less nothing. */
    @ParameterizedTest
    @CsvSource({"combed, run=upright, 2", "combed, run=level, 3", "stencilled, way=sheet, 3", "marbled, '', 3"})
    void coloursTogetherAreTheCoat(String technique, String settings, int colours) {
        Dressed dressed = on(technique, settings, colours);
        assertThat(dressed.making().grams()).isCloseTo(Material.BUTTERCREAM.sheet(731 * 118, 5), within(0.5));
        assertThat(dressed.making().used())
                .extracting(Making.Used::colour)
                .doesNotHaveDuplicates()
                .hasSize(colours);
    }

    /** On the coat itself only what goes through the stencil counts. */
    @Test
    void aStencilOnTheCoatTakesItsOpenings() {
        Dressed dressed = on("stencilled", "way=coat motif=dot repeat=40 high=40 filled=0.5 thick=1", 1);
        int many = (int) (Places.figure(dressed, "repeats") * Places.figure(dressed, "rows"));
        assertThat(many).isEqualTo(18 * 2);
        double dot = Math.PI / 4 * 20 * 20;
        assertThat(dressed.making().grams())
                .isCloseTo(many * Material.BUTTERCREAM.sheet(dot, 1), within(0.01 * many * 0.3));
        assertThat(dressed.layout().pieces()).isEqualTo(many);
    }

    private static List<Double> marked(Dressed dressed) {
        return dressed.drawings().all().get(0).inks().stream()
                .filter(i -> i instanceof Ink.Line p && p.pen() == Ink.Pen.MARK)
                .map(i -> ((Ink.Line) i).xy())
                .findFirst()
                .orElseThrow();
    }

    /** What lies under the acetate is the mirror image of what is seen. */
    @Test
    void theSheetOfAStencilledCoatIsDrawnMirrored() {
        List<Double> seen = marked(on("stencilled", "motif=wave", 2));
        List<Double> straight = marked(on("stencilled", "motif=wave way=coat", 2));
        double middle = 0;
        for (int i = 0; i < seen.size(); i += 2) {
            middle = Math.max(middle, Math.abs(seen.get(i + 1) - straight.get(i + 1)));
        }
        assertThat(middle).as("as high").isLessThan(1e-9);
        double sum = seen.get(0) + straight.get(0);
        for (int i = 0; i < seen.size(); i += 2) {
            assertThat(seen.get(i) + straight.get(i)).isCloseTo(sum, within(1e-9));
        }
    }

    /** A cutter pressed to a depth lays scallops of its chord; what would close is offered, and closes. */
    @ParameterizedTest
    @CsvSource({"60, 10", "40, 6", "90, 20"})
    void aPressedCutterIsClosedByItsDepth(double cutter, double deep) {
        String settings = "tool=cutter put=back cutter=" + cutter + " deep=";
        Dressed dressed = on("mat", settings + deep, 1);
        double chord = 2 * Math.sqrt(deep * (cutter - deep));
        assertThat(Places.figure(dressed, "each")).isCloseTo(chord, within(1e-9));
        dressed.findings().forEach(f -> {
            Object to = f.mends().get(1).changes().get(0).value();
            Dressed mended = on("mat", settings + to, 1);
            assertThat(Math.abs(Places.figure(mended, "left over"))).isLessThan(1e-6);
        });
        assertThat(Catalogue.of("mat").repeat(Places.set(settings + deep), Places.taped(Catalogue.of("mat"), 8)))
                .isCloseTo(chord, within(1e-9));
    }
}
