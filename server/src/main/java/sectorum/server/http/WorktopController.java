package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.build.Build;
import sectorum.make.Worktop;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.question.BuildRequest;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.documents.WorktopTables;
import sectorum.server.tenancy.Tenancy;
import sectorum.tier.PlacedTier;
import sectorum.tier.Quicker;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** What a plan, saved or not, puts on the table: batches, cut list, shopping, costs; and quicker ways to the same look. */
@RestController
class WorktopController {
    private final Worked worked;
    private final Cupboard cupboard;
    private final Tenancy tenancy;

    WorktopController(Worked worked, Cupboard cupboard, Tenancy tenancy) {
        this.worked = worked;
        this.cupboard = cupboard;
        this.tenancy = tenancy;
    }

    /** A plan at this workshop's table. */
    record AtTable(Plan plan) {
        AtTable {
            Given.in("plan", plan);
        }
    }

    /** A dressing for which quicker ways are sought. */
    record Slow(Plan plan, String tier, String dressing, Bench bench) {
        Slow {
            Given.in("plan", plan);
            Given.in("bench", bench);
        }
    }

    @PostMapping("/api/worktop")
    Worktop worktop(@RequestBody AtTable laid) {
        StackWorkup workup = worked.stack(laid.plan(), cupboard.bench());
        return Workup.worktop(laid.plan(), workup, cupboard.stock());
    }

    @PostMapping("/api/build")
    Build build(@RequestBody BuildRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/quicker")
    List<Quicker> quicker(@RequestBody Slow slow) {
        return Quicker.of(PlacedTier.of(slow.plan(), slow.tier()), slow.dressing(), slow.bench());
    }

    @PostMapping(value = "/api/worktop/cuts", produces = "text/csv")
    ResponseEntity<byte[]> cuts(@RequestBody AtTable laid) {
        return csv(
                WorktopTables.cuts(worktop(laid), tenancy.person().preferences().unit()));
    }

    @PostMapping(value = "/api/worktop/shopping", produces = "text/csv")
    ResponseEntity<byte[]> shopping(@RequestBody AtTable laid) {
        return csv(WorktopTables.shopping(worktop(laid)));
    }

    private static ResponseEntity<byte[]> csv(String table) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=utf-8"))
                .body(table.getBytes(StandardCharsets.UTF_8));
    }
}
