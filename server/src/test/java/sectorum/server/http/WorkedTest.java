package sectorum.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import sectorum.bench.Bench;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.LengthUnit;
import sectorum.measure.Values;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.tier.TierWorkup;

class WorkedTest {
    private static final Bench BENCH = Bench.of(LengthUnit.MM.tape());
    private final Worked worked = new Worked();

    /** 20,000 weavers, a little higher with every step of a hand. */
    private static Plan woven(int step) {
        Tier tier = new Tier(
                "tier-1",
                "Fine",
                new OutlineSpec("round", new Values(Map.of("diameter", 480.0))),
                200,
                null,
                false,
                List.of(),
                List.of(),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 500, null, Front.SECTION, Preference.ANY, List.of())),
                List.of(Dressing.fresh("weave", "weave", SurfaceKind.SIDE, "marks")
                        .with(new Values(Map.of("each", 1.0, "stake", 1.0, "weaver", 2.5 + step * 0.001)))));
        return Plan.fresh("Woven").with(tier);
    }

    private static int pieces(TierWorkup tier) {
        return tier.dressings().get(0).layout().placements().size();
    }

    @Test
    void theSameTierIsWorkedUpOnce() {
        TierWorkup first = worked.stack(woven(0), BENCH).tiers().get(0);
        assertThat(worked.stack(woven(0), BENCH).tiers().get(0)).isSameAs(first);
        assertThat(worked.weight()).isGreaterThan(pieces(first));
    }

    @Test
    void aLongDragOfManyPiecesKeepsNoMoreThanItMay() {
        long all = 0;
        for (int step = 0; step < 40; step++) {
            all += pieces(worked.stack(woven(step), BENCH).tiers().get(0));
            assertThat(worked.weight()).isLessThanOrEqualTo(Worked.MOST);
        }
        assertThat(all).isGreaterThan(Worked.MOST);
    }
}
