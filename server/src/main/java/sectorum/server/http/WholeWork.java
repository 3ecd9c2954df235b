package sectorum.server.http;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import sectorum.days.OrderTasks;
import sectorum.handover.Handover;
import sectorum.handover.Slice;
import sectorum.handover.WholeOrder;
import sectorum.make.Price;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Tape;
import sectorum.plan.Plan;
import sectorum.server.days.Orders;
import sectorum.server.http.DaysController.InTime;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopSettings;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.tasks.LayOut;
import sectorum.tier.StackWorkup;
import sectorum.turntable.BenchStep;
import sectorum.turntable.CoverUp;
import sectorum.turntable.Fault;
import sectorum.workup.Workup;

/** All that follows from a plan, saved or not, in its workshop at this moment. */
@Component
class WholeWork {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final Orders orders;
    private final Tenancy tenancy;
    private final Clock clock;

    WholeWork(Orders orders, Tenancy tenancy, Clock clock) {
        this.orders = orders;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    /** A plan worked out to its last step; the rest is made of it when it is asked for. */
    record Worked(
            Plan plan,
            Orders.Now now,
            WorkshopSettings settings,
            StackWorkup stack,
            Worktop top,
            OrderTasks order,
            List<Instruction> steps,
            @Absent Days days) {
        Slice slice() {
            return settings.slice();
        }

        Handover handover() {
            return Workup.handover(plan, stack, top, slice(), steps, days);
        }

        LayOut layOut() {
            return Workup.layOut(plan, stack, top, now.stock(), steps, days);
        }

        Price price() {
            return Workup.price(order, top, now.stock(), settings.margin());
        }

        List<BenchStep> turntable() {
            return Workup.turntable(plan, stack, top, now.bench(), order, days);
        }

        WholeOrder whole() {
            return Workup.whole(plan, stack, top, days, steps, layOut(), handover(), now.bench());
        }
    }

    Worked of(InTime asked) {
        Orders.Now now = orders.now();
        Plan plan = asked.plan();
        boolean dated = plan.readyBy() != null;
        OrderTasks mine = orders.of(asked.id(), Orders.dated(plan), now);
        Days days = dated
                ? Workup.days(plan, mine, orders.others(asked.id(), now).orders(), now.workshop(), now.minute())
                : null;
        StackWorkup stack = Workup.of(plan, now.bench());
        Tape tape = now.bench().tape();
        Worktop top = Workup.worktop(plan, stack, now.stock());
        return new Worked(
                plan,
                now,
                tenancy.settings(),
                stack,
                top,
                mine,
                Workup.instructions(plan, stack, top, tape, mine, days),
                days);
    }

    /** What hides a fault, out of what the workshop has. */
    CoverUp.Offers coverUps(Plan plan, Fault fault, @Absent Boolean mirrored) {
        Orders.Now now = orders.now();
        return Workup.coverUps(plan, fault, now.bench(), now.stock(), mirrored);
    }

    /** The unit that this person reads lengths in. */
    LengthUnit unit() {
        return tenancy.person().preferences().unit();
    }

    /** Today, as it is printed. */
    String printed() {
        return LocalDate.now(clock).format(DAY);
    }
}
