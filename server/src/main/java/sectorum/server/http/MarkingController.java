package sectorum.server.http;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.divide.Rescue;
import sectorum.question.RescueRequest;
import sectorum.question.WaysRequest;
import sectorum.tier.WaysToMark;

/** Ways to mark a division and how they come out, and what to do when it went wrong half way. */
@RestController
class MarkingController {
    private final Worked worked;

    MarkingController(Worked worked) {
        this.worked = worked;
    }

    @PostMapping("/api/ways")
    WaysToMark ways(@RequestBody WaysRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/rescue")
    Rescue rescue(@RequestBody RescueRequest asked) {
        return asked.answer(worked);
    }
}
