package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.workup.TierWorkup;
import sectorum.workup.Workup;

/** Everything that follows from a plan, saved or not. */
@RestController
class WorkupController {
    /**
     * A plan, saved or not, and at whose bench.
     *
     * @param bench absent: a right hand with a tape of millimetres and nothing on the shelf
     * @param only tiers that are answered with, by name; absent: all. Whoever asks knows the others already: a tier's
     *     workup depends on nothing but the tier and the bench
     */
    record Asked(Plan plan, @Absent Bench bench, @Absent List<String> only) {
        Asked {
            Given.in("plan", plan);
            bench = bench == null ? Bench.of(LengthUnit.MM.tape()) : bench;
        }
    }

    private final Worked worked;

    WorkupController(Worked worked) {
        this.worked = worked;
    }

    /** The tier that would go on top of this plan next. */
    @PostMapping("/api/next-tier")
    Tier next(@RequestBody Plan plan) {
        return plan.nextTier();
    }

    /** Works a plan up. The bench comes with the question, so that no answer waits for the database. */
    @PostMapping("/api/workup")
    Workup workup(@RequestBody Asked asked) {
        List<TierWorkup> tiers = worked.tiers(asked.plan(), asked.bench());
        Workup all = Workup.stacked(tiers);
        return asked.only() == null
                ? all
                : new Workup(
                        tiers.stream()
                                .filter(t -> asked.only().contains(t.id()))
                                .toList(),
                        all.ledges());
    }
}
