package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.tier.AheadTray;
import sectorum.workup.Workup;

/**
 * Ready pieces to make ahead, each as large as would go on a tier of this cake.
 *
 * @param tier its name; absent: the topmost one
 */
public record PieceTrayRequest(
        Plan plan, @Absent Bench bench, @Absent String tier) implements Question<List<AheadTray>> {
    public PieceTrayRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public List<AheadTray> answer(Tiers tiers) {
        return Workup.tray(plan, tier == null ? "" : tier, bench);
    }
}
