package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.question.PieceTrayRequest;
import sectorum.question.PiecesRequest;
import sectorum.tier.AheadTray;
import sectorum.tier.PieceWorkup;

/** What is made ahead. */
@RestController
class PieceController {
    private final Worked worked;

    PieceController(Worked worked) {
        this.worked = worked;
    }

    @PostMapping("/api/pieces")
    List<PieceWorkup> pieces(@RequestBody PiecesRequest asked) {
        return asked.answer(worked);
    }

    @PostMapping("/api/pieces/tray")
    List<AheadTray> tray(@RequestBody PieceTrayRequest asked) {
        return asked.answer(worked);
    }
}
