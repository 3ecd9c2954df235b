package sectorum.question;

import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.tier.PlacedTier;
import sectorum.tier.Refit;

/**
 * A dressing, where it is and where it is wanted.
 *
 * @param into the plan it is wanted in; absent: the same
 */
public record RefitRequest(
        Plan plan,
        String from,
        String dressing,
        String to,
        @Absent Plan into,
        @Absent Bench bench) implements Question<Refit> {
    public RefitRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
        into = into == null ? plan : into;
    }

    @Override
    public Refit answer(Tiers tiers) {
        return Refit.of(PlacedTier.of(plan, from), dressing, PlacedTier.of(into, to), bench);
    }
}
