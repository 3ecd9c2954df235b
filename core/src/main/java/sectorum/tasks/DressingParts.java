package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import sectorum.days.TaskName;
import sectorum.technique.Making;
import sectorum.tier.TierWorkup;

/** A dressing's steps as the tasks they fall into: one ends where something must be waited for. */
final class DressingParts {
    private DressingParts() {}

    /** Steps up to each that must be waited for. */
    static List<List<Making.Step>> of(List<Making.Step> steps) {
        List<List<Making.Step>> parts = new ArrayList<>();
        List<Making.Step> part = new ArrayList<>();
        for (Making.Step step : steps) {
            part.add(step);
            if (step.pause() != null) {
                parts.add(part);
                part = new ArrayList<>();
            }
        }
        if (!part.isEmpty()) {
            parts.add(part);
        }
        return parts;
    }

    /** The steps of one of a dressing's tasks. */
    static List<Making.Step> part(TierWorkup.Worn w, TaskName task) {
        return task.number() == 0 ? w.making().steps() : of(w.making().steps()).get(task.number() - 1);
    }
}
