package sectorum.question;

import sectorum.bench.Bench;
import sectorum.build.Build;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.workup.Workup;

/** How the stack carries itself. */
public record BuildRequest(Plan plan, @Absent Bench bench) implements Question<Build> {
    public BuildRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public Build answer(Tiers tiers) {
        return Workup.build(plan, tiers.stack(plan, bench));
    }
}
