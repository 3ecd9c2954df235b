package sectorum.workup;

import java.util.List;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import sectorum.surface.Side;

/**
 * How far a plan has got, for a list of many.
 *
 * @param next the first stage at which something is still to be done
 * @param stack the tiers foot to top, as blocks
 */
public record Progress(Stage next, List<Block> stack) {
    /** The stages of the work that a plan itself can tell finished from unfinished. */
    public enum Stage {
        MEASURE,
        DIVIDE,
        DRESS,
        PRINT
    }

    /** A tier as a block of mm. */
    public record Block(double width, double height) {}

    /** From the document alone; nothing is worked up for it. */
    public static Progress of(Plan plan) {
        List<Block> stack = plan.tiers().stream()
                .map(tier -> {
                    Side side = tier.side();
                    return new Block(side.outline().box().width(), side.height().mm());
                })
                .toList();
        return new Progress(next(plan), stack);
    }

    private static Stage next(Plan whole) {
        Plan plan = whole.cut();
        if (!plan.tiers().stream().allMatch(Progress::isMeasured)) {
            return Stage.MEASURE;
        }
        if (!plan.tiers().stream().allMatch(Progress::isDivided)) {
            return Stage.DIVIDE;
        }
        return plan.tiers().stream().anyMatch(t -> t.dressings().isEmpty()) ? Stage.DRESS : Stage.PRINT;
    }

    /** A tape lay round it, and what that changed was looked at. */
    private static boolean isMeasured(Tier tier) {
        return !tier.isChanged() && tier.readings().stream().anyMatch(r -> r.what() != Reading.What.HEIGHT);
    }

    /** Somebody chose: its division is not the one every tier begins with, or something hangs on it. */
    private static boolean isDivided(Tier tier) {
        return !tier.dressings().isEmpty()
                || !tier.divisions().equals(Tier.fresh("x", "x").divisions());
    }
}
