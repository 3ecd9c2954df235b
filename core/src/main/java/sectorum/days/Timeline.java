package sectorum.days;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.bench.Storage;
import sectorum.measure.Absent;

/**
 * What a schedule means for whoever works by it: how long each task may still wait, what holds it there, and how full the
 * shelves are.
 *
 * @param lines slot by slot, as in the schedule
 */
public record Timeline(Schedule schedule, List<Line> lines) {
    public Timeline {
        lines = List.copyOf(lines);
    }

    /** What holds a task at its last safe start. */
    public enum Held {
        /** Its order's moment. */
        MOMENT,
        /** What comes after it. */
        FOLLOWER,
        /** Hands are busy with another. */
        HANDS,
        /** Its shelf is full. */
        STORAGE,
        /** It was settled by hand, or is done. */
        SETTLED
    }

    /**
     * One task.
     *
     * @param slack minutes from its earliest possible start, seen from now, to its last safe one; below 0 it is too late
     * @param held by what
     * @param by the slot that holds it; −1: none
     * @param critical whether it is on the chain that begins with its order's first open task
     */
    public record Line(Slot slot, long slack, Held held, int by, boolean critical) {}

    /** @param now minutes since the epoch */
    public static Timeline of(List<OrderTasks> orders, Workshop workshop, Schedule schedule, long now) {
        return new Reading(orders, workshop, schedule, now).read();
    }

    /** How full a shelf gets, and when. */
    public record Fill(Storage storage, long most, @Absent Integer places, long when) {}

    /** The fullest moments of every shelf from now on until then. */
    public List<Fill> fills(Workshop workshop, long now, long until) {
        List<Fill> fills = new ArrayList<>();
        for (Storage storage : Storage.values()) {
            Usage profile = new Usage();
            for (Slot s : schedule.slots()) {
                if (s.task().rest() != null && s.task().rest().storage() == storage) {
                    profile.add(s.end(), s.rested(), s.task().rest().places());
                }
            }
            long[] most = profile.most(now, Math.max(now, until) + 1);
            if (most[0] > 0) {
                fills.add(new Fill(storage, most[0], workshop.places().get(storage), most[1]));
            }
        }
        return fills;
    }

    /** Works out the lines. */
    private static final class Reading {
        private final TaskGraph net;
        private final Schedule schedule;
        private final long now;
        private final OpenHours open;
        private final SlotFinder placing;
        private final Workshop workshop;

        Reading(List<OrderTasks> orders, Workshop workshop, Schedule schedule, long now) {
            this.net = new TaskGraph(orders, workshop);
            this.workshop = workshop;
            this.schedule = schedule;
            this.now = now;
            // What was done long ago needs no open hours any more.
            long first = schedule.slots().stream()
                    .filter(s -> !s.task().done())
                    .mapToLong(Slot::start)
                    .min()
                    .orElse(now);
            long last = schedule.slots().stream()
                    .mapToLong(s -> Math.max(s.rested(), s.order().ready()))
                    .max()
                    .orElse(now);
            this.open = new OpenHours(workshop, Math.min(first, now) - 24 * 60, Math.max(last, now) + 60L * 24 * 60);
            this.placing = new SlotFinder(open, workshop);
            schedule.slots().forEach(placing::take);
        }

        Timeline read() {
            long[] earliest = earliest();
            Held[] held = new Held[net.size()];
            int[] by = new int[net.size()];
            for (int i = 0; i < net.size(); i++) {
                hold(i, held, by);
            }
            Set<Integer> critical = critical(held, by);
            List<Line> lines = new ArrayList<>();
            for (int i = 0; i < net.size(); i++) {
                Slot slot = schedule.slots().get(i);
                long slack = slot.task().done() ? 0 : slot.start() - earliest[i];
                lines.add(new Line(slot, slack, held[i], by[i], critical.contains(i)));
            }
            return new Timeline(schedule, lines);
        }

        /** When each could begin if hands were free: after what it needs, within hours, from now on. */
        private long[] earliest() {
            long[] earliest = new long[net.size()];
            long[] rested = new long[net.size()];
            long[] ended = new long[net.size()];
            for (int i : net.inOrder()) {
                Task task = net.tasks.get(i);
                Slot slot = schedule.slots().get(i);
                if (task.done()) {
                    earliest[i] = slot.start();
                    ended[i] = slot.end();
                    rested[i] = slot.rested();
                    continue;
                }
                long from = now;
                for (TaskGraph.Edge edge : net.before.get(i)) {
                    long free = edge.need().rested() ? rested[edge.before()] : ended[edge.before()];
                    from = Math.max(from, free + edge.need().least());
                }
                earliest[i] = open.next(from);
                ended[i] = open.worked(earliest[i], task.minutes(), task.pauses());
                if (!task.pauses()) {
                    earliest[i] = ended[i] - task.minutes();
                }
                rested[i] = Slot.rested(net.orders.get(i), task, ended[i]);
            }
            return earliest;
        }

        private void hold(int i, Held[] held, int[] by) {
            Slot slot = schedule.slots().get(i);
            by[i] = -1;
            if (slot.task().isPinned()) {
                held[i] = Held.SETTLED;
                return;
            }
            long limit = Long.MAX_VALUE;
            for (TaskGraph.Edge edge : net.after.get(i)) {
                long until =
                        schedule.slots().get(edge.after()).start() - edge.need().least();
                long leave = edge.need().rested() ? Slot.leave(slot.order(), slot.task(), until) : until;
                if (leave < limit) {
                    limit = leave;
                    by[i] = edge.after();
                }
            }
            held[i] = by[i] < 0 ? Held.MOMENT : Held.FOLLOWER;
            limit = by[i] < 0
                    ? Slot.leave(slot.order(), slot.task(), slot.order().ready())
                    : limit;
            // Between its end and its limit somebody else may have the hands, or the place on the shelf.
            int busy = busy(i, slot, limit);
            if (busy >= 0) {
                held[i] = schedule.slots().get(busy).end() > slot.end() && overlapsHands(busy, slot, limit)
                        ? Held.HANDS
                        : Held.STORAGE;
                by[i] = busy;
            }
        }

        /** Whether all its open time up to the limit is the hands' of others; then the first of them, or of its shelf. */
        private int busy(int i, Slot slot, long limit) {
            SlotFinder others = placing;
            others.give(slot);
            Slot alone = new SlotFinder(open, workshop).latest(slot.order(), slot.task(), limit, Long.MAX_VALUE);
            others.take(slot);
            if (alone == null || alone.start() <= slot.start()) {
                return -1;
            }
            int first = -1;
            for (int j = 0; j < net.size(); j++) {
                Slot other = schedule.slots().get(j);
                boolean near = other.start() < limit && other.rested() > slot.start() && j != i;
                boolean before =
                        first < 0 || other.start() < schedule.slots().get(first).start();
                if (near && before && (overlapsHands(j, slot, limit) || sharesStorage(other, slot))) {
                    first = j;
                }
            }
            return first;
        }

        private boolean overlapsHands(int j, Slot slot, long limit) {
            Slot other = schedule.slots().get(j);
            return !other.task().done()
                    && other.work().stream().anyMatch(b -> b.from() < limit && b.to() > slot.start())
                    && other.end() > slot.start()
                    && other.start() >= slot.start();
        }

        private boolean sharesStorage(Slot other, Slot slot) {
            Rest a = other.task().rest();
            Rest b = slot.task().rest();
            return a != null
                    && b != null
                    && a.storage() == b.storage()
                    && workshop.places().containsKey(a.storage())
                    && a.places() > 0
                    && b.places() > 0
                    && other.end() >= slot.end()
                    && other.end() <= slot.rested();
        }

        /** From each order's first open task along what holds it. */
        private Set<Integer> critical(Held[] held, int[] by) {
            Map<String, Integer> firsts = new HashMap<>();
            for (int i = 0; i < net.size(); i++) {
                Slot s = schedule.slots().get(i);
                if (!s.task().done()) {
                    firsts.merge(
                            s.order().id(),
                            i,
                            (a, b) -> schedule.slots().get(b).start()
                                            < schedule.slots().get(a).start()
                                    ? b
                                    : a);
                }
            }
            Set<Integer> critical = new HashSet<>();
            firsts.values().stream().sorted(Comparator.naturalOrder()).forEach(first -> {
                for (int i = first; i >= 0 && critical.add(i); i = by[i]) {
                    if (held[i] == Held.MOMENT) {
                        break;
                    }
                }
            });
            return critical;
        }
    }
}
