package sectorum.server.http;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.handover.ClientSheet;
import sectorum.handover.Handover;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.server.documents.PdfWriter;
import sectorum.server.http.DaysController.InTime;
import sectorum.tasks.Instruction;
import sectorum.template.Booklet;
import sectorum.template.Paper;
import sectorum.template.Sheet;
import sectorum.workup.Workup;

/** The whole work step by step, what goes with the cake when it leaves, and what its client is shown. */
@RestController
class HandoverController {
    private final WholeWork work;

    HandoverController(WholeWork work) {
        this.work = work;
    }

    /** A plan and whether its price is shown. */
    record ForClient(@Absent Long id, Plan plan, boolean priced) {
        ForClient {
            Given.in("plan", plan);
        }
    }

    @PostMapping("/api/steps")
    List<Instruction> steps(@RequestBody InTime asked) {
        return work.of(asked).steps();
    }

    @PostMapping("/api/handover")
    Handover handover(@RequestBody InTime asked) {
        return work.of(asked).handover();
    }

    @PostMapping(value = "/api/handover/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@RequestBody InTime asked) {
        WholeWork.Worked worked = work.of(asked);
        return pdf(
                "Handover, " + worked.plan().name(),
                Workup.pages(worked.plan(), worked.stack(), worked.handover(), Paper.A4, work.unit(), work.printed()));
    }

    @PostMapping("/api/client")
    ClientSheet client(@RequestBody ForClient asked) {
        return client(asked, work.of(new InTime(asked.id(), asked.plan())));
    }

    private ClientSheet client(ForClient asked, WholeWork.Worked worked) {
        return Workup.client(
                worked.plan(),
                worked.stack(),
                worked.handover(),
                worked.slice(),
                asked.priced() ? worked.price() : null,
                worked.settings().coin());
    }

    @PostMapping(value = "/api/client/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> clientPdf(@RequestBody ForClient asked) {
        WholeWork.Worked worked = work.of(new InTime(asked.id(), asked.plan()));
        return pdf(
                worked.plan().name(),
                Workup.clientPages(
                        worked.plan(), worked.stack(), client(asked, worked), Paper.A4, work.unit(), work.printed()));
    }

    private ResponseEntity<byte[]> pdf(String title, List<Sheet> sheets) {
        byte[] written = PdfWriter.write(title, Booklet.of(sheets), work.unit(), done -> {});
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(written);
    }
}
