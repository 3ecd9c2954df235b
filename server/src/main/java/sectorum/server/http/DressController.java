package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.question.RefitRequest;
import sectorum.question.TrayRequest;
import sectorum.tier.Refit;
import sectorum.tier.TierWorkup;

/** What could be put on a tier: the tray of techniques, and a dressing taken over from another tier. */
@RestController
class DressController {
    private final Worked worked;

    DressController(Worked worked) {
        this.worked = worked;
    }

    @PostMapping("/api/tray")
    List<TierWorkup.Worn> tray(@RequestBody TrayRequest asked) {
        return asked.answer(worked);
    }

    /** The dressing fitted to the other tier, and what became of its figures. */
    @PostMapping("/api/refit")
    Refit refit(@RequestBody RefitRequest asked) {
        return asked.answer(worked);
    }
}
