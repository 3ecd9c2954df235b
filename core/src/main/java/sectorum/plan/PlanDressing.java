package sectorum.plan;

import java.util.List;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A dressing of the plan: one for several tiers, told once. Before anything is worked out it is cut per tier, so that a tier
 * still depends on itself alone; see {@link Plan#cut()}.
 *
 * @param dressing as every one of its tiers wears it, over what is the tier's own
 * @param tiers the names of its tiers
 */
public record PlanDressing(Dressing dressing, List<String> tiers) {
    public PlanDressing {
        if (dressing == null) {
            throw new Refused(
                    "dressings.dressing",
                    Phrase.of("A dressing over {} tiers says which it is.", Quantity.text("several")));
        }
        tiers = Check.list("dressings.tiers", "Tiers", tiers, 1, 8);
        Check.unique("dressings.tiers", "Tier", tiers, t -> t);
    }

    /** As a tier wears it: on the division of that name, or on the tier's first. */
    Dressing on(Tier tier) {
        return tier.divisions().stream().anyMatch(d -> d.id().equals(dressing.division()))
                ? dressing
                : dressing.marked(tier.divisions().get(0).id());
    }

    String id() {
        return dressing.id();
    }
}
