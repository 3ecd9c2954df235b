package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.plans.PlanService;
import sectorum.server.plans.SavedPlan;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
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
    record WorkupRequest(
            Plan plan, @Absent Bench bench, @Absent List<String> only) {
        WorkupRequest {
            Given.in("plan", plan);
            bench = bench == null ? Bench.of(LengthUnit.MM.tape()) : bench;
        }
    }

    /** A plan as it is kept with all that a screen shows first, in one answer: on a slow line each answer is a wait. */
    record Opened(SavedPlan saved, Bench bench, StackWorkup workup) {}

    private final Worked worked;
    private final PlanService plans;
    private final Cupboard cupboard;

    WorkupController(Worked worked, PlanService plans, Cupboard cupboard) {
        this.worked = worked;
        this.plans = plans;
        this.cupboard = cupboard;
    }

    @GetMapping(Packed.OPENED)
    Opened opened(@PathVariable long id) {
        SavedPlan saved = plans.get(id);
        Bench bench = cupboard.bench();
        return new Opened(saved, bench, StackWorkup.of(worked.tiers(saved.document(), bench)));
    }

    /** The tier that would go on top of this plan next. */
    @PostMapping("/api/next-tier")
    Tier next(@RequestBody Plan plan) {
        return plan.nextTier();
    }

    /** Works a plan up. The bench comes with the question, so that no answer waits for the database. */
    @PostMapping("/api/workup")
    StackWorkup workup(@RequestBody WorkupRequest asked) {
        Workup.check(asked.plan());
        List<TierWorkup> tiers = worked.tiers(asked.plan(), asked.bench());
        StackWorkup all = StackWorkup.of(tiers);
        if (asked.only() == null) {
            return all;
        }
        known(asked.only(), tiers);
        return new StackWorkup(
                tiers.stream().filter(t -> asked.only().contains(t.id())).toList(), all.ledges());
    }

    /** A tier that is not there is no empty answer: whoever asks has the wrong plan, or the wrong name. */
    private static void known(List<String> only, List<TierWorkup> tiers) {
        List<String> ids = tiers.stream().map(TierWorkup::id).toList();
        for (String id : only) {
            if (!ids.contains(id)) {
                throw new Refused(
                        "only",
                        Phrase.of(
                                "There is no tier \"{}\" in this plan; it has {}. Ask for one of these.",
                                Quantity.text(id.length() > 40 ? id.substring(0, 40) + "…" : id),
                                Quantity.text(String.join(", ", ids))));
            }
        }
    }
}
