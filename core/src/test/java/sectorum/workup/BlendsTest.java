package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import sectorum.bench.Stock;
import sectorum.plan.Colour;
import sectorum.plan.Table;

/** Colours that are kneaded from others. */
class BlendsTest {
    @Test
    void aBlendOfABlendIsRefused() {
        Colour.Blend blend =
                new Colour.Blend(false, List.of(new Colour.Portion("vein", 1), new Colour.Portion("plum", 1)));
        List<Colour> palette = new ArrayList<>(Tables.PALETTE);
        palette.add(new Colour("mud", "Mud", "#553311", "", blend));
        Tables tables = new Tables(Tables.of(Tiers.round()).tiers(), palette, Stock.NONE, Table.USUAL);
        assertThatThrownBy(tables::plan).hasMessageContaining("vein");
    }
}
