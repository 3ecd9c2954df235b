package sectorum.server.pictures;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.plans.PlanService;
import sectorum.server.tenancy.Tenancy;

/** The reference pictures of an order. */
@Service
public class Pictures {
    private static final int MOST = 24;
    private static final int LETTERS = 120;

    private final PictureRepository pictures;
    private final PlanService plans;
    private final Tenancy tenancy;
    private final Clock clock;
    private final TransactionTemplate together;

    Pictures(
            PictureRepository pictures, PlanService plans, Tenancy tenancy, Clock clock, TransactionTemplate together) {
        this.together = together;
        this.pictures = pictures;
        this.plans = plans;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    @Transactional
    public List<Picture> of(long plan) {
        return pictures.of(tenancy.workshop(), plan);
    }

    public Picture add(long plan, String caption, byte[] bytes) {
        plans.get(plan);
        room(plan);
        // Developed before anything is held: that takes seconds, and others add to the order meanwhile.
        Developed developed = Developed.of(bytes);
        return together.execute(status -> {
            plans.hold(plan);
            room(plan);
            PictureRow row =
                    new PictureRow(tenancy.workshop(), plan, shortened(caption), developed, Instant.now(clock));
            return pictures.saveAndFlush(row).picture();
        });
    }

    private void room(long plan) {
        if (pictures.of(tenancy.workshop(), plan).size() >= MOST) {
            throw new Refused(
                    "picture", Phrase.of("An order holds {} pictures. Take one away first.", Quantity.count(MOST)));
        }
    }

    /** Whole signs only, up to so many letters. */
    private static String shortened(String caption) {
        String said = caption.strip()
                .codePoints()
                .filter(c -> c < Character.MIN_SURROGATE || c > Character.MAX_SURROGATE)
                .filter(c -> !Character.isISOControl(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        if (said.length() <= LETTERS) {
            return said;
        }
        boolean split = Character.isHighSurrogate(said.charAt(LETTERS - 1));
        return said.substring(0, split ? LETTERS - 1 : LETTERS);
    }

    /** The picture as JPEG, where it is there. */
    @Transactional
    public Optional<byte[]> jpeg(long id) {
        return pictures.findByIdAndWorkshopId(id, tenancy.workshop()).map(PictureRow::bytes);
    }

    @Transactional
    public void takeAway(long id) {
        pictures.findByIdAndWorkshopId(id, tenancy.workshop()).ifPresent(pictures::delete);
    }
}
