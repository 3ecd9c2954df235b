package sectorum.server.pictures;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.plans.PlanService;
import sectorum.server.turn.Turn;

/** The reference pictures of an order. */
@Service
public class Pictures {
    private static final int MOST = 24;

    private final PictureRepository pictures;
    private final PlanService plans;
    private final Turn turn;
    private final Clock clock;

    Pictures(PictureRepository pictures, PlanService plans, Turn turn, Clock clock) {
        this.pictures = pictures;
        this.plans = plans;
        this.turn = turn;
        this.clock = clock;
    }

    @Transactional
    public List<Picture> of(long plan) {
        return pictures.of(turn.workshop(), plan);
    }

    @Transactional
    public Picture add(long plan, String caption, byte[] bytes) {
        plans.get(plan);
        if (of(plan).size() >= MOST) {
            throw new Refused(
                    "picture", Phrase.of("An order holds {} pictures. Take one away first.", Quantity.count(MOST)));
        }
        String said = caption.strip();
        String kept = said.length() > 120 ? said.substring(0, 120) : said;
        PictureRow row = new PictureRow(turn.workshop(), plan, kept, Developed.of(bytes), Instant.now(clock));
        return pictures.saveAndFlush(row).picture();
    }

    /** The picture as JPEG, where it is there. */
    @Transactional
    public Optional<byte[]> jpeg(long id) {
        return pictures.findByIdAndWorkshopId(id, turn.workshop()).map(PictureRow::bytes);
    }

    @Transactional
    public void takeAway(long id) {
        pictures.findByIdAndWorkshopId(id, turn.workshop()).ifPresent(pictures::delete);
    }
}
