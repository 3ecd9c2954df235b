package sectorum.handover;

import java.util.List;
import sectorum.build.Build;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.plan.Plan;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.tasks.LayOut;
import sectorum.template.Pack;
import sectorum.tier.StackWorkup;

/**
 * All that is told of an order on paper; its parts are of one another.
 *
 * @param plan cut: what goes over several tiers is on each of them
 * @param days absent: the plan has no day
 */
public record WholeOrder(
        Plan plan,
        StackWorkup worked,
        Worktop top,
        Build build,
        @Absent Days days,
        List<Instruction> steps,
        LayOut layOut,
        Handover handover,
        List<Pack.Entry> templates) {
    public WholeOrder {
        steps = List.copyOf(steps);
        templates = List.copyOf(templates);
    }
}
