package sectorum.workup;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.plan.Plan;
import sectorum.plan.Tier;

/** Everything that follows from a plan. */
public record Workup(List<TierWorkup> tiers) {
    public Workup {
        tiers = List.copyOf(tiers);
    }

    /** Pure: the same plan and bench give the same workup. */
    public static Workup of(Plan plan, Bench bench) {
        return new Workup(plan.tiers().stream().map(tier -> tier(tier, bench)).toList());
    }

    /** One tier alone; nothing of it depends on another tier, so whoever keeps results can keep them by tier. */
    public static TierWorkup tier(Tier tier, Bench bench) {
        return TierWork.of(tier, bench);
    }

    /** The templates of one tier, in the order in which they are used. */
    public static List<Drawing> drawings(Tier tier, TierWorkup worked, Bench bench) {
        List<Drawing> drawings = new ArrayList<>(TierWork.strips(tier, worked, bench));
        worked.dressings().forEach(worn -> drawings.addAll(worn.drawings()));
        return drawings;
    }
}
