package sectorum.plan;

import java.util.List;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;

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

    /**
     * As a tier wears it: on the division of that name, or on the tier's first, with its part of what widens or grows over all
     * of them.
     *
     * @param all tiers of the plan, foot to top
     */
    Dressing on(Tier tier, List<Tier> all) {
        double sum = 0;
        double under = 0;
        for (Tier each : all) {
            if (tiers.contains(each.id())) {
                under = each.id().equals(tier.id()) ? sum : under;
                sum += each.height();
            }
        }
        Technique technique = Catalogue.of(dressing.technique());
        double above = 1 - (under + tier.height()) / sum;
        return marked(tier).with(technique.part(dressing.settings(), Math.max(0, above), 1 - under / sum));
    }

    private Dressing marked(Tier tier) {
        return tier.divisions().stream().anyMatch(d -> d.id().equals(dressing.division()))
                ? dressing
                : dressing.marked(tier.divisions().get(0).id());
    }

    String id() {
        return dressing.id();
    }
}
