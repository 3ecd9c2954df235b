package sectorum.days;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import sectorum.measure.Absent;
import sectorum.measure.Dice;

/**
 * Puts tasks as late as their followers, the hours, the hands and the shelves allow (craft 5.2): one after the other,
 * each after all that need it, the one whose followers leave it most time, or the one with the longest way before it,
 * whichever rule lets work begin later; where tasks are few, other orders of them, from a fixed seed, are tried as well.
 *
 * <p>A wait with a longest time glues two tasks: what comes first is placed right after its follower, and where no hours
 * near enough are left the follower is taken out again, with all placed since, and moved before that time. So nothing is
 * placed that a later placing would break, and nothing can be moved later alone.
 */
public final class Backward {
    /** A follower is moved so far to keep its wait, minutes; then the wait is let go and told. */
    private static final long FAR = 21L * 24 * 60;
    /** So often followers are moved for each task there is; then waits are let go at once. */
    private static final int MOVES = 30;
    /** Up to so many tasks, other orders of placing are tried, too. */
    private static final int FEW = 80;

    private static final int TRIES = 24;
    /** Minutes by which a way seems longer then. */
    private static final int NUDGE = 6 * 60;
    /** Hours are looked through so far before the first order, minutes. */
    private static final long BACK = 400L * 24 * 60;

    private final TaskGraph net;
    private final Workshop workshop;
    private final OpenHours open;
    private final long[] heads;
    private final long[] nudges;
    private SlotFinder placing;
    private Slot[] slots;
    private long[] caps;
    private long[] before;
    private long[] limits;
    private int[] waiting;
    /** How many were placed when something hurried a task; 0: nothing does. */
    private int[] urgent;

    private List<Integer> eligible;
    private List<Integer> placed;
    private Set<TaskGraph.Edge> loosened;
    private Set<Integer> outside;
    private int moves;

    private Backward(TaskGraph net, Workshop workshop, OpenHours open) {
        this.net = net;
        this.workshop = workshop;
        this.open = open;
        this.heads = heads();
        this.nudges = new long[net.size()];
    }

    /**
     * @param orders that share the workshop
     * @throws sectorum.measure.Refused where tasks wait for one another
     */
    public static Schedule of(List<OrderTasks> orders, Workshop workshop) {
        TaskGraph net = new TaskGraph(orders, workshop);
        if (net.size() == 0) {
            return new Schedule(List.of(), Set.of(), Set.of());
        }
        long first = orders.stream().mapToLong(OrderTasks::ready).min().orElseThrow();
        long last = orders.stream().mapToLong(OrderTasks::ready).max().orElseThrow();
        Backward backward = new Backward(net, workshop, new OpenHours(workshop, first - BACK, last));
        Schedule best = later(backward.run(false), backward.run(true), orders);
        Dice dice = new Dice(net.size());
        for (int i = 0; i < TRIES && net.size() <= FEW; i++) {
            backward.nudge(dice);
            best = later(best, backward.run(true), orders);
        }
        return best;
    }

    /** Another order of the same tasks: each seems to have a longer or shorter way before it. */
    private void nudge(Dice dice) {
        for (int i = 0; i < nudges.length; i++) {
            nudges[i] = dice.nextInt(NUDGE);
        }
    }

    /**
     * Refuses an order whose tasks wait for one another; for whoever plans it together with others.
     *
     * @throws sectorum.measure.Refused by the name of one of them
     */
    public static void check(OrderTasks order, Workshop workshop) {
        new TaskGraph(List.of(order), workshop).inOrder();
    }

    /** The one that keeps more, and then the one in which orders begin later. */
    private static Schedule later(Schedule a, Schedule b, List<OrderTasks> orders) {
        int kept = Integer.compare(
                b.loosened().size() + b.outside().size(),
                a.loosened().size() + a.outside().size());
        if (kept != 0) {
            return kept > 0 ? a : b;
        }
        long sumA = orders.stream().mapToLong(a::first).sum();
        long sumB = orders.stream().mapToLong(b::first).sum();
        return sumB > sumA ? b : a;
    }

    /** The longest way to the end of each task from where its order begins, minutes. */
    private long[] heads() {
        long[] longest = new long[net.size()];
        for (int i : net.inOrder()) {
            for (TaskGraph.Edge edge : net.before.get(i)) {
                Rest rest = net.tasks.get(edge.before()).rest();
                long wait = edge.need().least() + (rest == null || !edge.need().rested() ? 0 : rest.least());
                longest[i] = Math.max(longest[i], longest[edge.before()] + wait);
            }
            longest[i] += net.tasks.get(i).minutes();
        }
        return longest;
    }

    private Schedule run(boolean byWay) {
        int n = net.size();
        placing = new SlotFinder(open, workshop);
        slots = new Slot[n];
        caps = filled(n);
        before = filled(n);
        limits = new long[n];
        waiting = new int[n];
        urgent = new int[n];
        eligible = new ArrayList<>();
        placed = new ArrayList<>();
        loosened = Collections.newSetFromMap(new IdentityHashMap<>());
        outside = new HashSet<>();
        moves = 0;
        pin();
        for (int i = 0; i < n; i++) {
            for (TaskGraph.Edge edge : net.after.get(i)) {
                waiting[i] += slots[edge.after()] == null ? 1 : 0;
            }
            offer(i);
        }
        while (!eligible.isEmpty()) {
            place(next(byWay));
        }
        return new Schedule(
                Arrays.asList(slots),
                loosened.stream().map(net::name).collect(Collectors.toSet()),
                outside.stream().map(net::name).collect(Collectors.toSet()));
    }

    private static long[] filled(int n) {
        long[] all = new long[n];
        Arrays.fill(all, Long.MAX_VALUE);
        return all;
    }

    /** What is done, or settled, is where it is. */
    private void pin() {
        for (int i = 0; i < net.size(); i++) {
            Task task = net.tasks.get(i);
            if (task.isPinned()) {
                slots[i] =
                        Slot.of(net.orders.get(i), task, List.of(new Slot.Busy(task.at(), task.at() + task.minutes())));
                placing.take(slots[i]);
            }
        }
    }

    private void offer(int i) {
        if (slots[i] == null && waiting[i] == 0) {
            eligible.add(i);
            limits[i] = limit(i);
        }
    }

    /** When hands have left a task at the latest, for its followers. */
    private long limit(int i) {
        OrderTasks order = net.orders.get(i);
        Task task = net.tasks.get(i);
        if (net.after.get(i).isEmpty()) {
            return Slot.leave(order, task, order.ready());
        }
        long limit = Long.MAX_VALUE;
        for (TaskGraph.Edge edge : net.after.get(i)) {
            long by = slots[edge.after()].start() - edge.need().least();
            limit = Math.min(limit, edge.need().rested() ? Slot.leave(order, task, by) : by);
        }
        return limit;
    }

    /** The follower that wants a task's end nearest, where one does and the wish is not let go. */
    @Absent
    private TaskGraph.Edge nearest(int i) {
        TaskGraph.Edge nearest = null;
        for (TaskGraph.Edge edge : net.after.get(i)) {
            boolean bound = edge.need().most() != null && slots[edge.after()] != null && !loosened.contains(edge);
            if (bound && (nearest == null || soonest(edge) > soonest(nearest))) {
                nearest = edge;
            }
        }
        return nearest;
    }

    private long soonest(TaskGraph.Edge edge) {
        return slots[edge.after()].start() - edge.need().most();
    }

    /**
     * What is glued to something placed comes first, then what has to be placed before that can be, then by the rule: so
     * that little is placed in between that would have to be taken out again.
     */
    private int next(boolean byWay) {
        int best = eligible.get(0);
        long bestKey = Long.MIN_VALUE;
        int bestRank = -1;
        for (int i : eligible) {
            int rank = urgent[i] == 0 ? 0 : nearest(i) == null ? 1 : 2;
            if (rank < bestRank) {
                continue;
            }
            long key = byWay ? heads[i] + nudges[i] - limits[i] : limits[i] * 64 + Math.min(63, heads[i] / 60);
            if (rank > bestRank || key > bestKey) {
                best = i;
                bestKey = key;
                bestRank = rank;
            }
        }
        return best;
    }

    /** Marks, or unmarks, what has to be placed until everything that is glued to a task can be. */
    private void hurry(int f, int from, int to) {
        for (TaskGraph.Edge edge : net.before.get(f)) {
            if (edge.need().most() != null) {
                hurryAll(edge.before(), from, to);
            }
        }
    }

    private void hurryAll(int i, int from, int to) {
        if (slots[i] != null || urgent[i] != from) {
            return;
        }
        urgent[i] = to;
        for (TaskGraph.Edge edge : net.after.get(i)) {
            hurryAll(edge.after(), from, to);
        }
    }

    private void place(int i) {
        Slot slot = placing.latest(net.orders.get(i), net.tasks.get(i), limits[i], caps[i]);
        if (slot == null) {
            outside.add(i);
            long end = Math.min(limits[i], caps[i]);
            slot = Slot.of(
                    net.orders.get(i),
                    net.tasks.get(i),
                    List.of(new Slot.Busy(end - net.tasks.get(i).minutes(), end)));
        }
        TaskGraph.Edge nearest = nearest(i);
        if (nearest != null && slot.end() < soonest(nearest)) {
            move(nearest, slot.end() + nearest.need().most());
            return;
        }
        slots[i] = slot;
        placing.take(slot);
        placed.add(i);
        hurry(i, 0, placed.size());
        eligible.remove(Integer.valueOf(i));
        for (TaskGraph.Edge edge : net.before.get(i)) {
            waiting[edge.before()]--;
            offer(edge.before());
        }
    }

    /** Takes a follower out, and what was placed since, and has it start by then; or lets the wait go. */
    private void move(TaskGraph.Edge edge, long by) {
        int f = edge.after();
        if (net.tasks.get(f).isPinned()) {
            loosened.add(edge);
            return;
        }
        before[f] = before[f] == Long.MAX_VALUE ? slots[f].start() : before[f];
        long far = before[f] - FAR;
        takeOut(f);
        if (by < far || ++moves > MOVES * net.size()) {
            loosened.add(edge);
            caps[f] = Long.MAX_VALUE;
        } else {
            caps[f] = by;
        }
        limits[f] = limit(f);
    }

    private void takeOut(int f) {
        while (true) {
            int depth = placed.size();
            int last = placed.remove(depth - 1);
            hurry(last, depth, 0);
            placing.give(slots[last]);
            slots[last] = null;
            outside.remove(last);
            for (TaskGraph.Edge edge : net.before.get(last)) {
                if (waiting[edge.before()]++ == 0) {
                    eligible.remove(Integer.valueOf(edge.before()));
                }
            }
            eligible.add(last);
            if (last == f) {
                return;
            }
            caps[last] = Long.MAX_VALUE;
            before[last] = Long.MAX_VALUE;
        }
    }
}
