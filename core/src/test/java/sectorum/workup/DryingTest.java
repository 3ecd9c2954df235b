package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.OwnRates;
import sectorum.bench.Storage;
import sectorum.days.Air;
import sectorum.days.Drying;
import sectorum.days.Rest;
import sectorum.material.Material;
import sectorum.plan.Layer;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Resting;
import sectorum.plan.Span;
import sectorum.tier.PieceWorkup;

/** How long pieces dry (craft 4.2). */
class DryingTest {
    /** Craft 4.2 row by row: base hours at 2 mm, both faces free; what cools has none. */
    @ParameterizedTest(name = "{0} {1} mm thick, {2}, dark {3}: {4} h")
    @CsvSource({
        "gum, 2, both, false, 10",
        "half, 2, both, false, 16",
        "modelling, 2, both, false, 20",
        "fondant, 2, both, false, 36",
        "royal, 2, both, false, 12",
        "sugar_sheet, 2, both, false, 24",
        "gum, 2, turned, false, 12.5",
        "gum, 2, former, false, 15",
        "gum, 2, both, true, 12.5",
        "gum, 4, former, false, 30",
        "gum, 3.2, former, false, 24",
        "half, 1.5, former, false, 18",
        "modelling, 4, former, true, 75",
        "sugar_sheet, 2, both, true, 30"
    })
    void hoursAreBaseTimesThicknessTimesFacesTimesColour(
            String material, double t, String faces, boolean dark, double hours) {
        OwnPiece.Faces air = OwnPiece.Faces.valueOf(faces.toUpperCase(java.util.Locale.ROOT));
        assertThat(Drying.hours(Material.of(material), t, air, dark)).isCloseTo(hours, within(1e-9));
    }

    @ParameterizedTest(name = "at {0} the room counts {1}")
    @CsvSource({"0.3, 0.85", "0.45, 0.85", "0.46, 1", "0.6, 1", "0.61, 1.5", "0.7, 1.5", "0.71, 2.5", "0.95, 2.5"})
    void theRoomsStepsAreInclusive(double humidity, double factor) {
        assertThat(Air.factor(humidity)).isEqualTo(factor);
    }

    @Test
    void aPlaqueOfGumPasteOnAClosedFormerIsScheduledAt39HoursAndStandsAfterTenAndAHalf() {
        OwnPiece plaque = DaysTest.plaque(4, OwnPiece.Faces.FORMER);
        Rest rest = Drying.of(plaque, null);
        assertThat(rest.low()).isEqualTo(21 * 60);
        assertThat(rest.least()).isEqualTo(39 * 60);
        assertThat(rest.estimate()).isTrue();
        assertThat(rest.storage()).isEqualTo(Storage.FORMER);
        PieceWorkup.Dries dries = worked(plaque, 0.5).dries();
        assertThat(dries.hard()).isCloseTo(30, within(1e-9));
        assertThat(dries.handled()).isCloseTo(10.5, within(1e-9));
        Rest handled = Drying.of(plaque, OwnPiece.Until.HANDLED, null, null);
        assertThat(handled.least()).isEqualTo((int) Math.round(10.5 * 1.3 * 60));
    }

    private static PieceWorkup worked(OwnPiece piece, double humidity) {
        Plan plan = Plan.fresh("Dries").with(List.of(piece));
        return PieceWorkup.of(plan.on(Pressed.humid(plan.made(), humidity)), piece, OwnRates.NONE);
    }

    private static OwnPiece piece(OwnPiece.Form form, Material material, boolean dark, Resting resting) {
        return new OwnPiece("m", "Mask", form, 150, 200, 4, 1, material, dark, null, null, resting, null, null);
    }

    @Test
    void aDarkPlaqueUnderASugarSheetTakes105Hours() {
        Layer sheet = new Layer(Material.SUGAR_SHEET, 2);
        OwnPiece plaque = piece(
                OwnPiece.Form.PLAQUE,
                Material.MODELLING,
                true,
                new Resting(OwnPiece.Faces.FORMER, null, null, null, sheet));
        assertThat(Drying.hours(plaque)).isCloseTo(105, within(1e-9));
        assertThat(worked(plaque, 0.5).dries().hard()).isCloseTo(105, within(1e-9));
        assertThat(worked(plaque, 0.65).dries().hard()).isCloseTo(105 * 1.5, within(1e-9));
    }

    @ParameterizedTest(name = "{0} of {1}: {2} to {3} minutes, an estimate {4}")
    @CsvSource({
        "PAIR, GUM, 1080, 1800, false",
        "PAIR, CHOCOLATE, 15, 60, false",
        "PLAQUE, SUGAR, 45, 60, false",
        "PLAQUE, CHOCOLATE, 15, 60, false",
        "PLAQUE, GUM, 840, 1560, true",
    })
    void pairsAreStatedAndCookedSugarAndChocolateCool(
            OwnPiece.Form form, Material material, int low, int least, boolean estimate) {
        Rest rest = Drying.of(piece(form, material, false, null), null);
        assertThat(rest.low()).isEqualTo(low);
        assertThat(rest.least()).isEqualTo(least);
        assertThat(rest.estimate()).isEqualTo(estimate);
        assertThat(rest.airy()).isEqualTo(estimate);
    }

    @ParameterizedTest(name = "on the {0} it waits until it is {1}")
    @CsvSource({"LEDGE, HANDLED", "TOP, HARD", "SIDE, HARD"})
    void aUseSaysWhatItWaitsFor(OwnPiece.On on, OwnPiece.Until until) {
        OwnPiece piece = piece(OwnPiece.Form.BOW, Material.HALF, false, null);
        OwnPiece there = piece.at(new OwnPiece.Seat("", on, 0, 60, 10));
        assertThat(there.until()).isEqualTo(until);
        double share = until == OwnPiece.Until.HANDLED ? 0.35 : 1;
        assertThat(Drying.of(there, null).least()).isEqualTo((int) Math.round(32 * share * 1.3 * 60));
    }

    @Test
    void plainFondantIsNeverToldAsHard() {
        PieceWorkup.Dries dries = worked(piece(OwnPiece.Form.PLAQUE, Material.FONDANT, false, null), 0.5)
                .dries();
        assertThat(dries.hard()).isNull();
        assertThat(dries.handled()).isCloseTo(72 * 0.35, within(1e-9));
    }

    @Test
    void whatSomebodyStatedOrSawWinsOverTheFormulaAndTheCraft() {
        OwnPiece pair = piece(OwnPiece.Form.PAIR, Material.GUM, false, null);
        Rest seen = Drying.of(pair, new Span(20, 24.0));
        assertThat(seen.low()).isEqualTo(20 * 60);
        assertThat(seen.least()).isEqualTo(24 * 60);
        assertThat(seen.estimate()).isFalse();
    }
}
