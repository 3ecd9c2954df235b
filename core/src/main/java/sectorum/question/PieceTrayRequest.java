package sectorum.question;

import java.util.List;
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
public record PieceTrayRequest(Plan plan, @Absent String tier) implements Question<List<AheadTray>> {
    public PieceTrayRequest {
        Given.in("plan", plan);
    }

    @Override
    public List<AheadTray> answer(Tiers tiers) {
        return Workup.tray(plan, tier == null ? "" : tier);
    }
}
