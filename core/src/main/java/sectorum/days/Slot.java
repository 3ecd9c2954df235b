package sectorum.days;

import java.util.List;

/**
 * A task in its time.
 *
 * @param work when hands are busy, ascending; one stretch unless it pauses
 * @param low when its rest may be over
 * @param rested when its rest is over for certain; the end of work where it has none
 */
public record Slot(OrderTasks order, Task task, List<Busy> work, long low, long rested) {
    /** Minutes since the epoch. */
    public record Busy(long from, long to) {}

    public Slot {
        work = List.copyOf(work);
    }

    public long start() {
        return work.get(0).from();
    }

    public long end() {
        return work.get(work.size() - 1).to();
    }

    /** Where it lies in an order's own words. */
    static Slot of(OrderTasks order, Task task, List<Busy> work) {
        long end = work.get(work.size() - 1).to();
        Rest rest = task.rest();
        long low = rest == null ? end : rest.airy() ? order.air().ready(end, rest.low()) : end + rest.low();
        return new Slot(order, task, work, low, rested(order, task, end));
    }

    /** When its rest is over, for hands that leave it then. */
    static long rested(OrderTasks order, Task task, long end) {
        Rest rest = task.rest();
        return rest == null ? end : rest.airy() ? order.air().ready(end, rest.least()) : end + rest.least();
    }

    /** The latest end of hands from which its rest is over by then. */
    static long leave(OrderTasks order, Task task, long by) {
        Rest rest = task.rest();
        return rest == null ? by : rest.airy() ? order.air().begin(by, rest.least()) : by - rest.least();
    }
}
