package sectorum.question;

import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.plan.Tier;

/** The tier that would go on top of this plan next. */
public record NextTierRequest(Plan plan) implements Question<Tier> {
    public NextTierRequest {
        Given.in("plan", plan);
    }

    @Override
    public Tier answer(Tiers tiers) {
        return plan.nextTier();
    }
}
