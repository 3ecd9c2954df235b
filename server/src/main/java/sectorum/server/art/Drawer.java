package sectorum.server.art;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.art.Motif;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.tenancy.Tenancy;
import tools.jackson.databind.json.JsonMapper;

/** The workshop's drawer: drawings kept for other plans. */
@Service
public class Drawer {
    private static final int MOST = 120;

    private final MotifRepository motifs;
    private final Tenancy tenancy;
    private final Clock clock;
    private final JsonMapper json;

    Drawer(MotifRepository motifs, Tenancy tenancy, Clock clock, JsonMapper json) {
        this.motifs = motifs;
        this.tenancy = tenancy;
        this.clock = clock;
        this.json = json;
    }

    /** A drawing in the drawer. */
    public record Filed(long id, Motif motif) {}

    @Transactional(readOnly = true)
    public List<Filed> all() {
        return motifs.findByWorkshopIdOrderByNameAscIdAsc(tenancy.workshop()).stream()
                .map(row -> new Filed(row.id(), json.readValue(row.document(), Motif.class)))
                .toList();
    }

    @Transactional
    public Filed keep(Motif motif) {
        if (motifs.countByWorkshopId(tenancy.workshop()) >= MOST) {
            throw new Refused(
                    "drawer", Phrase.of("The drawer holds {} drawings. Take one out first.", Quantity.count(MOST)));
        }
        MotifRow row = motifs.saveAndFlush(
                new MotifRow(tenancy.workshop(), motif.name(), json.writeValueAsString(motif), Instant.now(clock)));
        return new Filed(row.id(), motif);
    }

    @Transactional
    public void takeOut(long id) {
        motifs.takeOut(id, tenancy.workshop());
    }
}
