package sectorum.question;

import sectorum.bench.Bench;
import sectorum.divide.Rescue;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.workup.Workup;

/**
 * Where the work stands when the last placed section ends elsewhere than planned.
 *
 * @param placed sections that are done
 * @param reads where the last of them ends on the tape, mm from the back seam
 */
public record RescueRequest(
        Plan plan,
        String tier,
        String division,
        int placed,
        double reads,
        @Absent Bench bench) implements Question<Rescue> {
    public RescueRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public Rescue answer(Tiers tiers) {
        return Workup.rescue(plan.cut().tier(tier), division, placed, reads, bench.tape());
    }
}
