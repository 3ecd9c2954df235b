package sectorum.notebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;
import sectorum.plan.Weighing;

/** What is measured for its own sake, reckoned by hand beside the tables. */
class MeasuredTest {
    private static WorkRecord record(
            Material paste,
            @Absent Measured.PiecesWeighed ten,
            @Absent Measured.PatchLaid patch,
            @Absent WorkRecord.CoolingSeen cooling,
            @Absent Measured.DryingWeighed drying) {
        return new Measured("2026-05-01T10:00", "Ottilie", paste, ten, patch, cooling, drying).record();
    }

    private static OwnRates flowing(WorkRecord record) {
        return Rates.flowing(Rates.of(List.of(record)), "", Set.of());
    }

    /** Ten discs of 40, 3 thick, of gum paste at 1.4: 10 · π · 20² · 3 · 1.4 / 1000 = 52.78 g. */
    @ParameterizedTest
    @CsvSource({
        "true, 40, 0, 3, 52.78, 1",
        "true, 40, 0, 3, 55.42, 1.05",
        "false, 50, 20, 2, 28, 1",
        "false, 50, 20, 2, 29.4, 1.05"
    })
    void tenWeighedGiveTheDensity(
            boolean round, double width, double height, double thick, double grams, double factor) {
        WorkRecord record = record(
                Material.GUM, new Measured.PiecesWeighed(width, height, thick, round, 10, grams), null, null, null);
        assertThat(flowing(record).weight(Material.GUM)).isCloseTo(factor, within(1e-3));
        assertThat(flowing(record).weight(Material.FONDANT)).isEqualTo(1);
    }

    /** Discs of 20 on a palm of 60, k 2: 2 · 3600 / 314.16 = 22.92; 27 lie there, steadied by one patch as the look has it. */
    @Test
    void aPatchGivesThePiecesToAnArea() {
        WorkRecord record = record(Material.WAFER, null, new Measured.PatchLaid(60, 20, 27), null, null);
        assertThat(record.patch().plain()).isCloseTo(22.918, within(1e-3));
        assertThat(flowing(record).coverage("dressing/cover")).isCloseTo((27 / 22.918 + 1) / 2, within(1e-3));
    }

    @Test
    void coolingIsMinutes() {
        WorkRecord record = record(Material.BUTTERCREAM, null, null, new WorkRecord.CoolingSeen(30.0, null), null);
        assertThat(flowing(record).cooling(RateKind.CHILLING, Material.BUTTERCREAM, 20))
                .isEqualTo(25);
        assertThat(flowing(record).cooling(RateKind.SOFTENING, Material.BUTTERCREAM, 5))
                .isEqualTo(5);
    }

    /** Gum paste, 4 thick, both faces free, at half humidity: 20 h by the formula; this one was hard after 8 · ln 20 = 23.97. */
    @Test
    void weighingsWhileItDriesMoveTheBaseOfItsPaste() {
        List<Weighing> weighings = IntStream.range(0, 6)
                .mapToObj(i -> new Weighing(4.0 * i, 50 + 12 * Math.exp(-4.0 * i / 8)))
                .toList();
        WorkRecord record = record(
                Material.GUM,
                null,
                null,
                null,
                new Measured.DryingWeighed(4, OwnPiece.Faces.BOTH, false, 0.5, weighings));
        assertThat(record.drying().plain()).isCloseTo(20, within(1e-9));
        assertThat(record.drying().hard()).isCloseTo(8 * Math.log(20), within(0.05));
        assertThat(flowing(record).drying(Material.GUM).value())
                .isCloseTo((8 * Math.log(20) / 20 + 1) / 2, within(0.005));
    }

    @Test
    void oneThingIsMeasuredAtATimeAndWhatSaysNothingIsRefused() {
        assertThatThrownBy(() -> record(Material.GUM, null, null, null, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> record(
                        Material.GUM,
                        null,
                        new Measured.PatchLaid(60, 20, 27),
                        new WorkRecord.CoolingSeen(30.0, null),
                        null))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> record(
                        Material.GUM,
                        null,
                        null,
                        null,
                        new Measured.DryingWeighed(4, OwnPiece.Faces.BOTH, false, 0.5, List.of(new Weighing(0, 50)))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("3 times");
        assertThatThrownBy(() -> new Measured.PiecesWeighed(40, 0, 99, true, 10, 50))
                .isInstanceOf(Refused.class);
    }
}
