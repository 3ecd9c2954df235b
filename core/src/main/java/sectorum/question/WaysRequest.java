package sectorum.question;

import sectorum.bench.Bench;
import sectorum.divide.Press;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.tier.WaysToMark;

/**
 * How a division could be marked, and what else is wondered about.
 *
 * @param press a cutter that could be pressed round
 * @param shape wanted width to height of a folded cell; absent: a square
 */
public record WaysRequest(
        Plan plan,
        String tier,
        String division,
        @Absent Press press,
        @Absent Double shape,
        @Absent Bench bench) implements Question<WaysToMark> {
    /** The same tries every time, so that a picture does not change under the eye. */
    private static final long SEED = 20_000;

    public WaysRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public WaysToMark answer(Tiers tiers) {
        return WaysToMark.of(plan.cut().tier(tier), division, press, shape == null ? 1 : shape, bench, SEED);
    }
}
