package sectorum.turntable;

import java.util.List;
import sectorum.measure.Given;

/**
 * What a journal needs to know of a step.
 *
 * @param id kept in journals: never changes for the same step of the same task
 * @param task it belongs to, by its name
 * @param count places in it; 0: it is done as a whole
 * @param before tasks that must be done before, where it cannot be undone; none where it can
 * @param done whether its task is done by the plan itself
 * @param minutes that hands are planned for
 */
public record StepKey(String id, String task, int count, List<String> before, boolean done, double minutes) {
    public StepKey {
        Given.in("id", id);
        Given.in("task", task);
        before = Given.all("before", before);
    }
}
