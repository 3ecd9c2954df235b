package sectorum.server.http;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.history.Changes;
import sectorum.history.PlanChange;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.plan.Plan;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.tenancy.Tenancy;
import sectorum.workup.Workup;
import tools.jackson.databind.json.JsonMapper;

/** What changed between two plans. */
@RestController
class ChangesController {
    private final Cupboard cupboard;
    private final JsonMapper json;
    private final Tenancy tenancy;

    ChangesController(Cupboard cupboard, JsonMapper json, Tenancy tenancy) {
        this.cupboard = cupboard;
        this.json = json;
        this.tenancy = tenancy;
    }

    /** Two states of a plan, or two plans. */
    record ChangesRequest(Plan before, Plan after) {
        ChangesRequest {
            Given.in("before", before);
            Given.in("after", after);
        }
    }

    @PostMapping("/api/changes")
    List<PlanChange> changes(@RequestBody ChangesRequest asked) {
        Bench bench = cupboard.bench();
        return Changes.of(
                tree(asked.before()),
                tree(asked.after()),
                Workup.of(asked.before(), bench),
                Workup.of(asked.after(), bench));
    }

    /** A plan that is asked about. */
    record DifferingRequest(Plan plan) {
        DifferingRequest {
            Given.in("plan", plan);
        }
    }

    /** Where a plan differs from what every plan of the workshop begins with. */
    @PostMapping("/api/differing")
    List<Phrase> differing(@RequestBody DifferingRequest asked) {
        return tenancy.settings().plans().differing(asked.plan());
    }

    private Map<?, ?> tree(Plan plan) {
        return json.readValue(json.writeValueAsString(plan), Map.class);
    }
}
