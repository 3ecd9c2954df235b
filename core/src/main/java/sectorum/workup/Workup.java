package sectorum.workup;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Division;
import sectorum.divide.Rescue;
import sectorum.drawing.Drawing;
import sectorum.measure.Tape;
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

    /**
     * The ways out when some sections of a division are placed and the last of them ends elsewhere than planned.
     *
     * @param placed sections done, from the first mark on
     * @param reads where the last of them ends, mm from the back seam
     */
    public static Rescue rescue(Tier tier, String division, int placed, double reads, Tape tape) {
        Division planned = DivisionWork.closing(
                WaysToMark.spec(tier, division), tier, tier.side().outline());
        double p = planned.around();
        double first = planned.mark(0).s();
        double covered = reads > first ? reads - first : reads - first + p;
        return Rescue.of(p, first, planned.count(), placed, covered, p / planned.count(), tape);
    }

    /** The templates of one tier, in the order in which they are used. */
    public static List<Drawing> drawings(Tier tier, TierWorkup worked, Bench bench) {
        List<Drawing> drawings = new ArrayList<>(TierWork.drawings(tier, bench));
        worked.dressings().forEach(worn -> drawings.addAll(worn.drawings()));
        return drawings;
    }
}
