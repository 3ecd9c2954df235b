package sectorum.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.drawing.Box;
import sectorum.material.Material;
import sectorum.outline.Outlines;
import sectorum.plan.Coat;

/** Coats and coverings on any outline: what stays is the side and the top, the rest is trimmed and given back. */
class CoveringTest {
    private static final Covering.Named NAMED = new Covering.Named("t", 0, "coat");

    static Stream<Seeds.Named> outlines() {
        return Seeds.outlines();
    }

    private static Coat laid(Coat.Laid how, Double margin) {
        return new Coat("coat", 4, Material.FONDANT, null, how, margin);
    }

    @ParameterizedTest
    @MethodSource("outlines")
    void whatStaysIsTopAndSideWhateverTheSchool(Seeds.Named named) {
        double h = 110;
        double area = named.outline().area() + named.outline().perimeter() * h;
        for (Coat.Laid how : Coat.Laid.values()) {
            Covering c = Covering.of(t -> named.outline(), h, laid(how, null), true, NAMED, Tint.PLAIN);
            assertThat(c.trimmed()).isNotNegative();
            assertThat(c.stays()).isLessThanOrEqualTo(Material.FONDANT.sheet(area, 4) + 1e-9);
            if (how != Coat.Laid.BARE) {
                assertThat(c.stays()).isCloseTo(Material.FONDANT.sheet(area, 4), within(1e-9));
            }
            if (how == Coat.Laid.SPREAD) {
                assertThat(c.trimmed()).isZero();
                assertThat(c.width()).isZero();
            } else {
                assertThat(c.longest()).isPositive();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("outlines")
    void theSheetReachesDownEverySideWithItsMargin(Seeds.Named named) {
        double h = 90;
        double m = 15;
        Covering c = Covering.of(t -> named.outline(), h, laid(Coat.Laid.SHEET, m), true, NAMED, Tint.PLAIN);
        Box box = named.outline().box();
        assertThat(c.width()).isGreaterThanOrEqualTo(box.width() + 2 * h + 2 * m - 0.2);
        assertThat(c.height()).isGreaterThanOrEqualTo(box.height() + 2 * h + 2 * m - 0.2);
        Covering more = Covering.of(t -> named.outline(), h, laid(Coat.Laid.SHEET, m + 5), true, NAMED, Tint.PLAIN);
        assertThat(more.trimmed()).isGreaterThan(c.trimmed());
        assertThat(more.stays()).isCloseTo(c.stays(), within(1e-9));
    }

    @Test
    void aStripIsAsLongAsTheTapeAndItsOwnThicknessAsks() {
        Covering c =
                Covering.of(t -> Outlines.round(200, t), 100, laid(Coat.Laid.STRIP, 20.0), true, NAMED, Tint.PLAIN);
        // A sheet t thick, wrapped alone: P + πt (craft 3G: 628.3 at 2 mm gives 634.6).
        assertThat(c.width()).isCloseTo(Math.PI * 204, within(1e-6));
        assertThat(c.height()).isEqualTo(120);
        assertThat(c.lid().round()).isTrue();
        assertThat(c.lid().width()).isCloseTo(240, within(1e-6));
    }

    @ParameterizedTest(name = "\"{0}\", outermost {1}: {2}, {3}")
    @CsvSource({
        "ganache,        true,  GANACHE,     SPREAD",
        "Fondant,        false, FONDANT,     SHEET",
        "coat,           false, BUTTERCREAM, SPREAD",
        "coat,           true,  FONDANT,     SHEET",
        "Sugarpaste,     false, FONDANT,     SHEET",
        "sugar paste,    false, FONDANT,     SHEET",
        "the covering,   false, FONDANT,     SHEET",
        "white chocolate, true, CHOCOLATE,   SPREAD",
        "modelling paste, true, MODELLING,   SHEET",
    })
    void coatsAreWhatTheirNamesSayOtherwiseByTheirPlace(
            String name, boolean outermost, Material material, Coat.Laid laid) {
        Coat coat = new Coat(name, 3);
        assertThat(coat.made(outermost)).isEqualTo(material);
        assertThat(coat.lies(outermost)).isEqualTo(laid);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aChosenPasteWinsOverTheName(Material material) {
        Coat coat = new Coat("ganache", 3, material, null, null, null);
        assertThat(coat.made(true)).isEqualTo(material);
        assertThat(coat.lies(true)).isEqualTo(material.isKneaded() ? Coat.Laid.SHEET : Coat.Laid.SPREAD);
        assertThat(coat.trimmed()).isEqualTo(20);
    }

    @ParameterizedTest(name = "{0} + {1} + {2}, {3} to use up")
    @CsvSource({
        "0, 0, 0, 0, 0",
        "1, 0, 0, 0, 60",
        "60, 0, 0, 0, 60",
        "61, 0, 0, 0, 65",
        "100, 10, 2.5, 0, 115",
        "100, 10, 2.5, 40, 75",
        "100, 10, 2.5, 400, 0",
    })
    void kneadedIsUpToTheNextFiveAtLeastSixtyLessWhatIsUsedUp(
            double net, double spare, double off, double pool, double kneaded) {
        assertThat(Batch.Parts.of(net, spare, off, pool, true).kneaded()).isCloseTo(kneaded, within(1e-9));
    }

    @ParameterizedTest(name = "M {0} in {1} rolls at {2}: {3} over")
    @CsvSource({"1210, 5, 0.7, 103.714", "300, 1, 0.5, 300", "300, 0, 0.5, 0", "300, 3, 1, 0"})
    void onlyOneRollsOffCutsAreOver(double grams, int rolls, double share, double over) {
        assertThat(Batch.Parts.offCuts(grams, rolls, share)).isCloseTo(over, within(1e-3));
    }
}
