package sectorum.days;

import java.util.List;
import java.util.Set;

/**
 * Every task in its time.
 *
 * @param slots order by order, task by task as they were given
 * @param loosened needs whose longest wait no hours allow, as {@code order/task>follower}; they are not kept
 * @param outside tasks for which no hours were left, as {@code order/task}; they lie outside them
 */
public record Schedule(List<Slot> slots, Set<String> loosened, Set<String> outside) {
    public Schedule {
        slots = List.copyOf(slots);
        loosened = Set.copyOf(loosened);
        outside = Set.copyOf(outside);
    }

    /** What is open of one order. */
    public List<Slot> of(OrderTasks order) {
        return slots.stream().filter(s -> s.order().id().equals(order.id())).toList();
    }

    /** When the first of what is still to be done begins at the latest; nothing to do: when it must be ready. */
    public long first(OrderTasks order) {
        return of(order).stream()
                .filter(s -> !s.task().done())
                .mapToLong(Slot::start)
                .min()
                .orElse(order.ready());
    }
}
