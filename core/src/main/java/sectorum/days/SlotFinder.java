package sectorum.days;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import sectorum.bench.Storage;
import sectorum.measure.Absent;

/** What is taken of hours, hands and shelves so far, and where another task fits latest. */
final class SlotFinder {
    /** Work that is laid down is not taken up for less than this, minutes. */
    static final int STRETCH = 15;

    private final OpenHours open;
    private final Workshop workshop;
    private final Usage hands = new Usage();
    private final Map<Storage, Usage> shelves = new EnumMap<>(Storage.class);

    SlotFinder(OpenHours open, Workshop workshop) {
        this.open = open;
        this.workshop = workshop;
        for (Storage storage : Storage.values()) {
            shelves.put(storage, new Usage());
        }
    }

    void take(Slot slot) {
        use(slot, 1);
    }

    void give(Slot slot) {
        use(slot, -1);
    }

    private void use(Slot slot, int sign) {
        Task task = slot.task();
        if (!task.done()) {
            slot.work().forEach(b -> hands.add(b.from(), b.to(), sign * pairs(task)));
        }
        if (task.rest() != null) {
            shelves.get(task.rest().storage())
                    .add(slot.end(), slot.rested(), sign * task.rest().places());
        }
    }

    /** Hands it takes; never more than there are. */
    int pairs(Task task) {
        return Math.min(task.pairs(), workshop.hands());
    }

    /**
     * The latest time for a task.
     *
     * @param limit when its hands have left it at the latest
     * @param cap when it starts at the latest
     * @return nothing where no open hours are left
     */
    @Absent
    Slot latest(OrderTasks order, Task task, long limit, long cap) {
        return task.pauses() ? laidDown(order, task, limit, cap) : atOnce(order, task, limit, cap);
    }

    @Absent
    private Slot atOnce(OrderTasks order, Task task, long limit, long cap) {
        int m = task.minutes();
        long e = cap == Long.MAX_VALUE ? limit : Math.min(limit, cap + m);
        while (true) {
            e = shelved(order, task, e);
            long[] stretch = open.before(e);
            if (stretch == null) {
                return null;
            }
            if (stretch[1] < e) {
                e = stretch[1];
            } else if (e - m < stretch[0]) {
                e = stretch[0];
            } else {
                long[] over = hands.lastOver(e - m, e, workshop.hands() - pairs(task));
                if (over == null) {
                    return Slot.of(order, task, List.of(new Slot.Busy(e - m, e)));
                }
                e = over[0];
            }
        }
    }

    @Absent
    private Slot laidDown(OrderTasks order, Task task, long limit, long cap) {
        long e = limit;
        while (true) {
            e = shelved(order, task, e);
            List<Slot.Busy> work = filled(task, e);
            if (work.isEmpty()) {
                return null;
            }
            long end = work.get(work.size() - 1).to();
            long fits = shelved(order, task, end);
            long late = cap == Long.MAX_VALUE ? 0 : work.get(0).from() - cap;
            if (fits < end) {
                e = fits;
            } else if (late > 0) {
                e = end - late;
            } else {
                return Slot.of(order, task, work);
            }
        }
    }

    /** Free stretches, from the last before e on back, until the work is done; none where there are not enough. */
    private List<Slot.Busy> filled(Task task, long e) {
        List<Slot.Busy> work = new ArrayList<>();
        int left = task.minutes();
        long at = e;
        while (left > 0) {
            long[] stretch = open.before(at);
            if (stretch == null) {
                return List.of();
            }
            long[] over = hands.lastOver(stretch[0], stretch[1], workshop.hands() - pairs(task));
            if (over != null && over[1] == stretch[1]) {
                at = over[0];
                continue;
            }
            long from = over == null ? stretch[0] : over[1];
            long room = stretch[1] - from;
            if (room < Math.min(left, STRETCH)) {
                at = from;
                continue;
            }
            int taken = (int) Math.min(left, room);
            work.add(new Slot.Busy(stretch[1] - taken, stretch[1]));
            left -= taken;
            at = stretch[1] - taken;
        }
        Collections.reverse(work);
        return work;
    }

    /** The latest end of hands, not after e, from which there is room on its shelf until its rest is over. */
    private long shelved(OrderTasks order, Task task, long e) {
        Rest rest = task.rest();
        Integer places = rest == null ? null : workshop.places().get(rest.storage());
        if (places == null || rest.places() == 0 || rest.places() > places) {
            return e;
        }
        Usage storage = shelves.get(rest.storage());
        long end = e;
        while (true) {
            long[] over = storage.lastOver(end, Slot.rested(order, task, end), places - rest.places());
            if (over == null) {
                return end;
            }
            end = Slot.leave(order, task, over[0]);
        }
    }

    Usage hands() {
        return hands;
    }

    Usage storage(Storage storage) {
        return shelves.get(storage);
    }
}
