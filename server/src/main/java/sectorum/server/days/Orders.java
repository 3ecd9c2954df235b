package sectorum.server.days;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.stereotype.Service;
import sectorum.bench.Bench;
import sectorum.bench.OwnRates;
import sectorum.bench.Stock;
import sectorum.bench.ThingKind;
import sectorum.days.Backward;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Workshop;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.plans.PlanLine;
import sectorum.server.plans.PlanService;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopSettings;
import sectorum.tasks.Days;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;
import tools.jackson.core.JacksonException;

/** The orders in work, as the schedule knows them; worked out once for each state of a plan. */
@Service
public class Orders {
    /** What all plans' tasks depend on alike. */
    private record Setting(Bench bench, Stock stock, Workshop workshop) {}

    /** A plan's tasks depend on nothing else. The setting is one of {@link #settings}, so it is compared by being the same. */
    private record Key(long id, int revision, Setting setting) {}

    /** An order's tasks, or why there are none. */
    private record Kept(@Absent OrderTasks tasks, @Absent Days.LeftOut leftOut) {}

    /** A plan without a day is put on one, so that its tasks can be told; nothing of that day is shown. */
    private static final String ANY_DAY = "2100-01-01T12:00";

    private static final Log log = LogFactory.getLog(Orders.class);
    private static final Phrase UNREADABLE = Phrase.of(
            "It holds something that this Sectorum cannot reckon. Open it and go back to an earlier version, or put it away.");

    private final PlanService plans;
    private final Cupboard cupboard;
    private final Tenancy tenancy;
    private final Clock clock;
    private final Cache<Setting, Setting> settings =
            Caffeine.newBuilder().maximumSize(60).build();
    private final Cache<Key, Kept> known =
            Caffeine.newBuilder().maximumSize(400).build();

    Orders(PlanService plans, Cupboard cupboard, Tenancy tenancy, Clock clock) {
        this.plans = plans;
        this.cupboard = cupboard;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    /** What the workshop is like now: who asks once works with it to the end. */
    public record Now(Workshop workshop, Bench bench, Stock stock, long minute) {
        /** The same by these rates. */
        public Now by(OwnRates rates) {
            return new Now(workshop, bench.by(rates), stock, minute);
        }
    }

    public Now now() {
        WorkshopSettings settings = tenancy.settings();
        Stock stock = cupboard.stock();
        Integer formers = stock.of(ThingKind.FORMER).findAny().isEmpty()
                ? null
                : (int) stock.of(ThingKind.FORMER)
                        .mapToDouble(t -> Math.max(1, t.stock()))
                        .sum();
        Workshop workshop = settings.workshop(formers);
        return new Now(
                workshop, cupboard.bench(), stock, Math.floorDiv(clock.instant().getEpochSecond(), 60));
    }

    /** A plan, saved or not, as an order. */
    public OrderTasks of(@Absent Long id, Plan plan, Now now) {
        StackWorkup worked = Workup.of(plan, now.bench());
        return Workup.order(name(id), plan, worked, Workup.worktop(plan, worked, now.stock()), now.workshop());
    }

    /** A plan that its tasks can be told of. */
    public static Plan dated(Plan plan) {
        return plan.readyBy() == null ? plan.readyBy(ANY_DAY) : plan;
    }

    /** How the schedule calls a plan; one that is not kept yet has a name of its own. */
    public static String name(@Absent Long id) {
        return id == null ? "new" : "plan-" + id;
    }

    /**
     * Orders that are planned together.
     *
     * @param leftOut those that cannot be, each with its reason: one plan never takes the others down with it
     */
    public record Together(List<OrderTasks> orders, List<Days.LeftOut> leftOut) {}

    /** All other plans in work that have a day that is not over. */
    public Together others(@Absent Long id, Now now) {
        List<OrderTasks> orders = new ArrayList<>();
        List<Days.LeftOut> leftOut = new ArrayList<>();
        Setting given = new Setting(now.bench(), now.stock(), now.workshop());
        Setting setting = settings.get(given, g -> g);
        for (PlanLine line : inWork(now)) {
            if (id == null || line.id() != id) {
                Kept kept = known.get(new Key(line.id(), line.revision(), setting), k -> kept(line, now));
                if (kept.tasks() != null) {
                    orders.add(kept.tasks());
                } else {
                    leftOut.add(kept.leftOut());
                }
            }
        }
        return new Together(orders, leftOut);
    }

    /** Plans that are neither put away nor over. */
    public List<PlanLine> inWork(Now now) {
        String today =
                Moments.local(now.minute(), now.workshop().zone()).toLocalDate().toString();
        return plans.list().stream()
                .filter(line -> !line.archived() && line.readyBy() != null)
                .filter(line -> LocalDateTime.parse(line.readyBy())
                                .toLocalDate()
                                .toString()
                                .compareTo(today)
                        >= 0)
                .toList();
    }

    /** One order whose tasks wait for one another must not stop the others: it is planned without its added tasks. */
    private OrderTasks planned(long id, Plan plan, Now now) {
        OrderTasks order = of(id, plan, now);
        try {
            Backward.check(order, now.workshop());
            return order;
        } catch (Refused circle) {
            return of(id, plan.on(plan.settled().alone()), now);
        }
    }

    private Kept kept(PlanLine line, Now now) {
        try {
            return new Kept(planned(line.id(), plans.get(line.id()).document(), now), null);
        } catch (Refused refused) {
            return new Kept(null, new Days.LeftOut(name(line.id()), line.name(), refused.phrase()));
        } catch (JacksonException | IllegalArgumentException | IllegalStateException odd) {
            log.warn("Plan " + line.id() + " cannot be planned", odd);
            return new Kept(null, new Days.LeftOut(name(line.id()), line.name(), UNREADABLE));
        }
    }
}
