package sectorum.days;

import java.util.List;

/**
 * The tasks of one plan.
 *
 * @param id what tells it from the workshop's others
 * @param ready the moment it must be ready, minutes since the epoch
 * @param air the room its pieces dry in
 */
public record OrderTasks(String id, String name, long ready, List<Task> tasks, Air air) {
    public OrderTasks {
        tasks = List.copyOf(tasks);
    }

    public OrderTasks by(long moment) {
        return new OrderTasks(id, name, moment, tasks, air);
    }
}
