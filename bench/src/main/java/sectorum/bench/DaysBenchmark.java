package sectorum.bench;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import sectorum.days.Backward;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Schedule;
import sectorum.days.Workshop;
import sectorum.plan.Plan;
import sectorum.tasks.Days;
import sectorum.workup.Workup;
import sectorum.tier.StackWorkup;

/** What moving a day waits for: the schedule of a workshop with 30 orders of four tiers, and of one alone. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class DaysBenchmark {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final LocalDateTime READY = LocalDateTime.of(2026, 12, 12, 14, 0);

    private final Plan plan = CoreBenchmark.gala().readyBy(READY.toString());
    private final Workshop workshop =
            new Workshop(ZONE, Workshop.usual(ZONE).week(), 3, Map.of(Storage.FRIDGE, 6, Storage.FORMER, 12));
    private final OrderTasks one = order();
    private final List<OrderTasks> thirty = thirty();

    private OrderTasks order() {
        StackWorkup worked = Workup.of(plan, sectorum.bench.Bench.of(new sectorum.measure.Tape(1)));
        return Workup.order("plan-0", plan, worked, Workup.worktop(plan, worked, Stock.NONE), workshop);
    }

    private List<OrderTasks> thirty() {
        List<OrderTasks> orders = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            long ready = Moments.of(READY.plusDays(i), ZONE);
            orders.add(new OrderTasks("plan-" + i, "Order " + i, ready, one.tasks(), one.air()));
        }
        return orders;
    }

    @Benchmark
    public Schedule oneOrder() {
        return Backward.of(List.of(one), workshop);
    }

    @Benchmark
    public Schedule thirtyOrders() {
        return Backward.of(thirty, workshop);
    }

    /** With slack, what holds each, loads and findings, as the screen gets it. */
    @Benchmark
    public Days thirtyOrdersTold() {
        return Workup.days(plan, one, thirty.subList(1, 30), workshop, Moments.of(READY.minusDays(20), ZONE));
    }
}
