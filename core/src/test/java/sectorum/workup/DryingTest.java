package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.Paste;
import sectorum.bench.Shelf;
import sectorum.days.Drying;
import sectorum.days.Rest;
import sectorum.plan.OwnPiece;
import sectorum.plan.Span;

/** How long pieces dry (handbook 4.2). */
class DryingTest {
    @Test
    void aGumPastePlaqueFourThickOnAClosedFormerTakesAboutAHundredHours() {
        assertThat(Drying.hours(Paste.GUM, 4, OwnPiece.Faces.FORMER, false)).isCloseTo(100, within(1e-9));
        Rest rest = Drying.of(DaysTest.plaque(4, OwnPiece.Faces.FORMER), null);
        assertThat(rest.low()).isEqualTo(70 * 60);
        assertThat(rest.least()).isEqualTo(130 * 60);
        assertThat(rest.estimate()).isTrue();
        assertThat(rest.shelf()).isEqualTo(Shelf.FORMER);
    }

    @ParameterizedTest(name = "{0} {1} mm thick, {2}, dark {3}: {4} h")
    @CsvSource({
        "gum, 2, both, false, 10",
        "half, 2, both, false, 16",
        "modelling, 2, both, false, 20",
        "fondant, 2, both, false, 36",
        "royal, 2, both, false, 12",
        "sugar, 2, both, false, 24",
        "gum, 3, turned, false, 33.75",
        "gum, 2, both, true, 12.5",
        "half, 4, former, true, 200"
    })
    void hoursAreBaseTimesThicknessSquaredTimesSidesTimesColour(
            String paste, double t, String faces, boolean dark, double hours) {
        OwnPiece.Faces air = OwnPiece.Faces.valueOf(faces.toUpperCase(java.util.Locale.ROOT));
        assertThat(Drying.hours(Paste.of(paste), t, air, dark)).isCloseTo(hours, within(1e-9));
    }

    @Test
    void whatSomebodyStatedOrSawWinsOverTheFormulaAndTheCraftOverNothing() {
        OwnPiece piece = DaysTest.plaque(4, OwnPiece.Faces.FORMER);
        Rest seen = Drying.of(piece, new Span(20, 24.0));
        assertThat(seen.low()).isEqualTo(20 * 60);
        assertThat(seen.least()).isEqualTo(24 * 60);
        assertThat(seen.estimate()).isFalse();
        assertThat(Drying.of(piece.of(Paste.CHOCOLATE), null)).isNull();
        OwnPiece dark = new OwnPiece(
                "m",
                "Mask",
                OwnPiece.Form.PLAQUE,
                150,
                200,
                4,
                1,
                Paste.GUM,
                true,
                null,
                null,
                new OwnPiece.Resting(OwnPiece.Faces.FORMER, null, null),
                null,
                null);
        assertThat(Drying.of(dark, null).least()).isEqualTo(120 * 60);
    }
}
