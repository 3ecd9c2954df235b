package sectorum.tasks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.days.Backward;
import sectorum.days.Dependency;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Rest;
import sectorum.days.Schedule;
import sectorum.days.ScheduleFindings;
import sectorum.days.Slot;
import sectorum.days.Task;
import sectorum.days.Timeline;
import sectorum.days.Workshop;
import sectorum.measure.Absent;
import sectorum.plan.Plan;

/** Brings orders to the schedule and tells what came out in local moments. */
public final class DaysWork {
    private static final int DAY = 24 * 60;
    /** Days are told for so long before the moment, minutes. */
    private static final long LOADED = 120L * DAY;

    private final Workshop workshop;
    private final OrderTasks mine;
    private final Schedule schedule;
    private final Timeline timeline;
    private final long now;

    private DaysWork(OrderTasks mine, List<OrderTasks> all, Workshop workshop, long now) {
        this.mine = mine;
        this.workshop = workshop;
        this.now = now;
        this.schedule = Backward.of(all, workshop);
        this.timeline = Timeline.of(all, workshop, schedule, now);
    }

    /**
     * The plan's days among all orders of the workshop, planned backward (craft 5.2).
     *
     * @param now minutes since the epoch
     */
    public static Days of(Plan plan, OrderTasks mine, List<OrderTasks> others, Workshop workshop, long now) {
        List<OrderTasks> all = new ArrayList<>(others);
        all.add(0, mine);
        return new DaysWork(mine, all, workshop, now).days(plan);
    }

    private Days days(Plan plan) {
        List<Timeline.Line> lines = timeline.lines().stream()
                .sorted(Comparator.comparingLong((Timeline.Line l) -> l.slot().start())
                        .thenComparing(l -> l.slot().order().id())
                        .thenComparing(l -> l.slot().task().id()))
                .toList();
        List<Days.Item> items = lines.stream().map(this::item).toList();
        Integer next = null;
        for (int i = 0; i < items.size() && next == null; i++) {
            next = items.get(i).own() && items.get(i).state() != Days.State.DONE ? i : null;
        }
        long first = schedule.first(mine);
        int left = schedule.of(mine).stream()
                .filter(s -> !s.task().done())
                .mapToInt(s -> s.task().minutes() * Math.min(s.task().pairs(), workshop.hands()))
                .sum();
        Slot cold = lastCold(schedule, mine);
        return new Days(
                local(now),
                local(mine.ready()),
                items,
                loads(),
                timeline.fills(workshop, now, mine.ready()).stream()
                        .map(f -> new Days.Fullest(f.storage(), (int) f.most(), f.places(), local(f.when())))
                        .toList(),
                next,
                next == null ? null : local(first),
                next == null ? 0 : Math.max(0, now - first),
                left,
                Careful.minutes(schedule.of(mine).stream().map(Slot::task).toList(), workshop.hands()),
                cold == null ? null : Math.max(0, mine.ready() - cold.rested()),
                ScheduleFindings.of(plan, mine, workshop, timeline, now),
                List.of());
    }

    private String local(long moment) {
        return Moments.local(moment, workshop.zone()).toString();
    }

    /** The shortest of the longest waits that what follows may keep it for. */
    @Absent
    private String latest(Slot rested) {
        return rested.order().tasks().stream()
                .flatMap(t -> t.needs().stream())
                .filter(n -> n.task().equals(rested.task().id()) && n.most() != null)
                .map(Dependency::most)
                .min(Comparator.naturalOrder())
                .map(most -> local(rested.end() + most))
                .orElse(null);
    }

    private Days.Item item(Timeline.Line line) {
        Slot s = line.slot();
        Task t = s.task();
        Rest rest = t.rest();
        Days.State state = t.done() ? Days.State.DONE : t.at() != null ? Days.State.FIXED : Days.State.OPEN;
        return new Days.Item(
                s.order().id(),
                s.order().name(),
                s.order().id().equals(mine.id()),
                t.id(),
                t.name(),
                t.kind(),
                t.tier(),
                t.about(),
                t.pairs(),
                t.minutes(),
                t.pauses(),
                s.work().stream()
                        .map(b -> new Days.Sitting(local(b.from()), local(b.to())))
                        .toList(),
                rest == null
                        ? null
                        : new Days.Shelved(
                                rest.storage(),
                                rest.places(),
                                local(s.end()),
                                local(s.low()),
                                local(s.rested()),
                                latest(s),
                                rest.basis()),
                line.slack(),
                line.held(),
                by(line),
                line.critical(),
                !t.done() && s.start() < now,
                state,
                t.needs().stream().map(Dependency::task).toList(),
                t.kind().isFinal() && !t.done() ? guard(s) : List.of(),
                t.basis());
    }

    private String by(Timeline.Line line) {
        if (line.by() < 0) {
            return "";
        }
        Slot other = schedule.slots().get(line.by());
        String whose = other.order().id().equals(line.slot().order().id())
                ? ""
                : " for " + other.order().name();
        return other.task().name() + whose;
    }

    /** What is still open of all that comes before. */
    private List<String> guard(Slot last) {
        Map<String, Task> byId = new HashMap<>();
        last.order().tasks().forEach(t -> byId.put(t.id(), t));
        return Instructions.before(last.task(), byId).stream()
                .filter(id -> !byId.get(id).done())
                .toList();
    }

    /** Day by day from the first open task, or today, to the moment. */
    private List<Days.Load> loads() {
        long first = Math.min(
                now, schedule.slots().stream().mapToLong(Slot::start).min().orElse(now));
        long shown = Math.max(Math.max(first, now - 7L * DAY), mine.ready() - LOADED);
        LocalDate day = Moments.local(shown, workshop.zone()).toLocalDate();
        LocalDate last = Moments.local(mine.ready(), workshop.zone()).toLocalDate();
        List<Days.Load> loads = new ArrayList<>();
        for (; !day.isAfter(last); day = day.plusDays(1)) {
            long from = Moments.of(day.atStartOfDay(), workshop.zone());
            long to = Moments.of(day.plusDays(1).atStartOfDay(), workshop.zone());
            int open = workshop.on(day.getDayOfWeek()).stream()
                            .mapToInt(h -> h.to() - h.from())
                            .sum()
                    * workshop.hands();
            loads.add(new Days.Load(day.toString(), open, busy(from, to)));
        }
        return loads;
    }

    private int busy(long from, long to) {
        long sum = 0;
        for (Slot s : schedule.slots()) {
            for (Slot.Busy b : s.task().done() ? List.<Slot.Busy>of() : s.work()) {
                sum += Math.max(0, Math.min(to, b.to()) - Math.max(from, b.from()))
                        * Math.min(s.task().pairs(), workshop.hands());
            }
        }
        return (int) sum;
    }

    /** The first safe start of an order among others; for whoever compares. */
    static long first(OrderTasks mine, List<OrderTasks> others, Workshop workshop) {
        List<OrderTasks> all = new ArrayList<>(others);
        all.add(0, mine);
        return Backward.of(all, workshop).first(mine);
    }

    /** The last task of a plan's day that is done cold, or none: since then the cake is out of the fridge. */
    @Absent
    static Slot lastCold(Schedule schedule, OrderTasks order) {
        return schedule.of(order).stream()
                .filter(s -> s.task().rest() != null && s.task().rest().storage() == sectorum.bench.Storage.FRIDGE)
                .max(Comparator.comparingLong(Slot::rested))
                .orElse(null);
    }
}
