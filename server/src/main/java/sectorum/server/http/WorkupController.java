package sectorum.server.http;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.plan.Tier;
import sectorum.question.NextTierRequest;
import sectorum.question.WorkupRequest;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.plans.PlanService;
import sectorum.server.plans.SavedPlan;
import sectorum.tier.StackWorkup;

/** Everything that follows from a plan, saved or not. */
@RestController
class WorkupController {
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
        return new Opened(saved, bench, worked.stack(saved.document(), bench));
    }

    @PostMapping("/api/next-tier")
    Tier next(@RequestBody NextTierRequest asked) {
        return asked.answer(worked);
    }

    /** Works a plan up. The bench comes with the question, so that no answer waits for the database. */
    @PostMapping("/api/workup")
    StackWorkup workup(@RequestBody WorkupRequest asked) {
        return asked.answer(worked);
    }
}
