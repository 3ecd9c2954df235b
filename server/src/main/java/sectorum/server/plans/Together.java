package sectorum.server.plans;

import java.util.List;
import java.util.Map;
import sectorum.history.Merge;
import sectorum.measure.Absent;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Puts plans together as the documents that they are. */
final class Together {
    private final JsonMapper json;

    Together(JsonMapper json) {
        this.json = json;
    }

    /** @param plan absent: something has to be asked first, or both together make no plan */
    record Put(@Absent Plan plan, List<Merge.Clash> clashes) {}

    Put put(Plan base, Plan mine, Plan theirs, Map<String, Merge.Side> choices) {
        Merge.Merged merged = Merge.of(tree(base), tree(mine), tree(theirs), choices);
        if (!merged.clashes().isEmpty()) {
            return new Put(null, merged.clashes());
        }
        try {
            return new Put(json.readValue(json.writeValueAsString(merged.document()), Plan.class), List.of());
        } catch (JacksonException | Refused noPlan) {
            // Each by itself could be; a piece on a tier that the other took out cannot.
            return new Put(null, List.of());
        }
    }

    private Object tree(Plan plan) {
        return json.readValue(json.writeValueAsString(plan), Object.class);
    }
}
