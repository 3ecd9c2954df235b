package sectorum.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.material.Material;
import sectorum.measure.Values;
import sectorum.plan.Table;
import sectorum.technique.Dressed;
import sectorum.technique.Trials;

/** A material that is bought in sheets goes from the cut list to the shop by its row alone. */
class SheetMaterialTest {
    private static Worktop top(Stock stock) {
        Dressed dressed = Trials.waferRow();
        Job job = new Job("top", "Top", "strips", "marks", "Wafer row", 110, List.of(Tint.PLAIN), dressed.making());
        return Worktop.of(List.of(), List.of(), List.of(job), List.of(), stock, Table.USUAL, List.of());
    }

    private static Thing sheets(String of, double width, double length, double stock) {
        return Thing.of(ThingKind.SHEET, of + " sheets", new Values(Map.of("of", of, "width", width, "length", length)))
                .stocked(stock);
    }

    /** Round 731 three strips of 252 go; with one more they lie four on an A4. */
    @Test
    void itIsNestedOnItsOwnSheetsAndNeverKneaded() {
        Worktop top = top(Stock.NONE);
        assertThat(top.batches()).hasSize(1);
        Batch batch = top.batches().get(0);
        assertThat(batch.form()).isEqualTo(Batch.Form.SHEET);
        assertThat(batch.nested().roll().name()).isEqualTo("wafer paper A4");
        assertThat(batch.lines().get(0).count()).isEqualTo(3);
        assertThat(batch.rolls()).isEqualTo(1);
        assertThat(batch.parts().credit()).isZero();
        assertThat(batch.dial()).isNull();
        assertThat(batch.mixed()).hasSize(1);
        assertThat(top.recipes()).isEmpty();
    }

    @Test
    void itIsBoughtBySheets() {
        Shopping.Buy buy = top(Stock.NONE).shopping().get(0);
        assertThat(buy.kind()).isEqualTo(ThingKind.SHEET);
        assertThat(buy.name()).isEqualTo("wafer paper");
        assertThat(buy.missing()).isEqualTo(1);
        Stock owned = new Stock(
                List.of(sheets("mat", 400, 600, 2), sheets("wafer", 210, 297, 5).known(7L)), null);
        Shopping.Buy there = top(owned).shopping().get(0);
        assertThat(there.missing()).isZero();
        assertThat(there.have()).isEqualTo(1);
    }

    /** A large cupboard has the same sheet many times; what lies on it lies as on the first, and is reckoned once. */
    @Test
    void ofSheetsAlikeTheFirstIsTaken() {
        Thing one = sheets("wafer", 210, 297, 5).known(7L);
        List<Thing> many = java.util.Collections.nCopies(3000, one);
        Worktop alone = top(new Stock(List.of(one), null));
        assertThat(top(new Stock(many, null)).batches()).isEqualTo(alone.batches());
        assertThat(alone.batches().get(0).nested().roll().name()).isEqualTo(one.name());
    }

    @Test
    void itLeansAsItWasPut() {
        assertThat(Trials.waferRow().layout().placements()).allSatisfy(p -> {
            assertThat(p.lean()).isEqualTo(0.2);
            assertThat(p.off(0, 40)).isCloseTo(40 * Math.sin(0.2), within(1e-9));
            assertThat(p.above(0, 40)).isCloseTo(40 * Math.cos(0.2), within(1e-9));
        });
        assertThat(Material.WAFER.isBoughtReady()).isTrue();
    }
}
