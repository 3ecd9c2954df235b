package sectorum.server.days;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.bench.Storage;
import sectorum.days.Backward;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Schedule;
import sectorum.days.Slot;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.tasks.Days;

/**
 * What is next, late and drying in an order.
 *
 * @param id the plan's
 * @param next what to begin next; empty: all is done
 * @param by its last safe start, local; absent: all is done
 * @param late minutes that it is late; 0: it is not
 * @param drying what lies on a shelf now
 * @param trouble why it cannot be planned, and what mends it; absent: it can
 */
public record Outlook(
        long id,
        String next,
        @Absent String by,
        long late,
        List<InStorage> drying,
        @Absent Phrase trouble) {
    /** Something that lies somewhere until a local moment. */
    public record InStorage(String name, Storage storage, String until) {}

    /** All orders planned together. */
    public static List<Outlook> of(Orders.Together together, Orders.Now now) {
        List<OrderTasks> orders = together.orders();
        Schedule schedule = Backward.of(orders, now.workshop());
        List<Outlook> all = new ArrayList<>();
        for (OrderTasks order : orders) {
            Slot next = schedule.of(order).stream()
                    .filter(s -> !s.task().done())
                    .min(Comparator.comparingLong(Slot::start))
                    .orElse(null);
            // Only what hands have really left can lie there: a plan's task that is not ticked off has not been done.
            List<InStorage> drying = schedule.of(order).stream()
                    .filter(s -> s.task().done() && s.task().rest() != null)
                    .filter(s -> s.end() <= now.minute() && s.rested() > now.minute())
                    .map(s -> new InStorage(s.task().name(), s.task().rest().storage(), local(s.rested(), now)))
                    .toList();
            all.add(new Outlook(
                    id(order.id()),
                    next == null ? "" : next.task().name(),
                    next == null ? null : local(next.start(), now),
                    next == null ? 0 : Math.max(0, now.minute() - next.start()),
                    drying,
                    null));
        }
        for (Days.LeftOut left : together.leftOut()) {
            all.add(new Outlook(id(left.order()), "", null, 0, List.of(), left.why()));
        }
        return all;
    }

    private static long id(String order) {
        return Long.parseLong(order.substring(order.indexOf('-') + 1));
    }

    private static String local(long minute, Orders.Now now) {
        return Moments.local(minute, now.workshop().zone()).toString();
    }
}
