package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.surface.SurfaceKind;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/**
 * Every technique meant for a surface of this tier, as it would be there.
 *
 * @param surface absent: the side
 * @param division an unknown one is the first
 */
public record TrayRequest(
        Plan plan,
        String tier,
        @Absent SurfaceKind surface,
        String division,
        @Absent Bench bench) implements Question<List<TierWorkup.Worn>> {
    public TrayRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
        surface = surface == null ? SurfaceKind.SIDE : surface;
    }

    @Override
    public List<TierWorkup.Worn> answer(Tiers tiers) {
        return Workup.tray(PlacedTier.of(plan, tier).drawn(plan.art()), surface, division, bench);
    }
}
