package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.days.OrderTasks;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.server.days.Orders;
import sectorum.server.days.Outlook;
import sectorum.server.documents.CalendarWriter;
import sectorum.server.documents.DaysTable;
import sectorum.tasks.Days;
import sectorum.workup.Workup;

/** When everything of a plan, saved or not, is done among the workshop's orders. */
@RestController
class DaysController {
    private final Orders orders;
    private final Clock clock;

    DaysController(Orders orders, Clock clock) {
        this.orders = orders;
        this.clock = clock;
    }

    /** A plan in its workshop. @param id as it is kept; absent: not kept yet */
    record InTime(@Absent Long id, Plan plan) {
        InTime {
            Given.in("plan", plan);
        }
    }

    @PostMapping("/api/days")
    Days days(@RequestBody InTime asked) {
        return days(asked, orders.now());
    }

    private Days days(InTime asked, Orders.Now now) {
        OrderTasks mine = orders.of(asked.id(), asked.plan(), now);
        Orders.Together others = orders.others(asked.id(), now);
        return Workup.days(asked.plan(), mine, others.orders(), now.workshop(), now.minute())
                .without(others.leftOut());
    }

    /** What would save it time, each way planned again. */
    @PostMapping("/api/days/savings")
    List<Days.Saving> savings(@RequestBody InTime asked) {
        Orders.Now now = orders.now();
        OrderTasks mine = orders.of(asked.id(), asked.plan(), now);
        return Workup.savings(
                mine,
                asked.plan(),
                now.bench(),
                now.stock(),
                now.workshop(),
                orders.others(asked.id(), now).orders());
    }

    @PostMapping(value = "/api/days/calendar", produces = "text/calendar")
    ResponseEntity<byte[]> calendar(@RequestBody InTime asked) {
        Orders.Now now = orders.now();
        String written =
                CalendarWriter.write(days(asked, now), now.workshop().zone(), clock.instant(), (int) now.minute());
        return text("text/calendar;charset=utf-8", written);
    }

    @PostMapping(value = "/api/days/table", produces = "text/csv")
    ResponseEntity<byte[]> table(@RequestBody InTime asked) {
        return text("text/csv;charset=utf-8", DaysTable.write(days(asked)));
    }

    /** What is next, late and drying in every order in work. */
    @GetMapping("/api/days/orders")
    List<Outlook> outlook() {
        Orders.Now now = orders.now();
        return Outlook.of(orders.others(null, now), now);
    }

    private static ResponseEntity<byte[]> text(String type, String written) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .body(written.getBytes(StandardCharsets.UTF_8));
    }
}
