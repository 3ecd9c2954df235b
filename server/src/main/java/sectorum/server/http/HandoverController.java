package sectorum.server.http;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.days.OrderTasks;
import sectorum.handover.Handover;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Tape;
import sectorum.plan.Plan;
import sectorum.server.days.Orders;
import sectorum.server.documents.PdfWriter;
import sectorum.server.http.DaysController.InTime;
import sectorum.server.tenancy.Tenancy;
import sectorum.tasks.Days;
import sectorum.tasks.Instruction;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** The whole work step by step, and what goes with the cake when it leaves. */
@RestController
class HandoverController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    /** A plan without a day is put on one, so that its tasks can be told; nothing of that day is shown. */
    private static final String ANY_DAY = "2100-01-01T12:00";

    private final Orders orders;
    private final Tenancy tenancy;
    private final Clock clock;

    HandoverController(Orders orders, Tenancy tenancy, Clock clock) {
        this.orders = orders;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    /** All that is asked of a plan here. */
    private record Told(
            Plan plan,
            StackWorkup worked,
            List<Instruction> steps,
            @Absent Days days) {}

    private Told told(InTime asked) {
        Orders.Now now = orders.now();
        Plan plan = asked.plan();
        boolean dated = plan.readyBy() != null;
        OrderTasks mine = orders.of(asked.id(), dated ? plan : plan.readyBy(ANY_DAY), now);
        Days days = dated
                ? Workup.days(plan, mine, orders.others(asked.id(), now).orders(), now.workshop(), now.minute())
                : null;
        StackWorkup worked = Workup.of(plan, now.bench());
        Tape tape = now.bench().tape();
        Worktop top = Workup.worktop(plan, worked, now.stock());
        return new Told(plan, worked, Workup.instructions(plan, worked, top, tape, mine, days), days);
    }

    @PostMapping("/api/steps")
    List<Instruction> steps(@RequestBody InTime asked) {
        return told(asked).steps();
    }

    @PostMapping("/api/handover")
    Handover handover(@RequestBody InTime asked) {
        Told told = told(asked);
        return Workup.handover(told.plan(), told.worked(), told.steps(), told.days());
    }

    @PostMapping(value = "/api/handover/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@RequestBody InTime asked) {
        Told told = told(asked);
        Handover handover = Workup.handover(told.plan(), told.worked(), told.steps(), told.days());
        LengthUnit unit = tenancy.person().preferences().unit();
        String printed = LocalDate.now(clock).format(DAY);
        byte[] written = PdfWriter.write(
                "Handover, " + told.plan().name(),
                Workup.pages(told.plan(), told.worked(), handover, unit, printed),
                unit);
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(written);
    }
}
