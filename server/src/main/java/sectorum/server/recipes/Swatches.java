package sectorum.server.recipes;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.material.Material;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.recipe.Deepening;
import sectorum.recipe.Swatch;
import sectorum.server.tenancy.Tenancy;
import tools.jackson.databind.json.JsonMapper;

/** Colours as the workshop has seen them, when they were mixed and hours later. */
@Service
public class Swatches {
    private static final int MOST = 1000;

    private final SwatchRepository rows;
    private final Tenancy tenancy;
    private final JsonMapper json;

    Swatches(SwatchRepository rows, Tenancy tenancy, JsonMapper json) {
        this.rows = rows;
        this.tenancy = tenancy;
        this.json = json;
    }

    @Transactional
    public List<Swatch> all() {
        return rows.findByWorkshopIdOrderByColourAscIdAsc(tenancy.workshop()).stream()
                .map(row -> json.readValue(row.document(), Swatch.class).known(row.id()))
                .toList();
    }

    @Transactional
    public Swatch keep(Swatch seen) {
        long workshop = tenancy.held();
        if (rows.countByWorkshopId(workshop) >= MOST) {
            throw new Refused("colour", Phrase.of("{} swatches are kept. Take one out first.", Quantity.count(MOST)));
        }
        Swatch fresh = seen.known(null);
        SwatchRow row = rows.save(new SwatchRow(workshop, fresh.colour(), json.writeValueAsString(fresh)));
        return fresh.known(row.id());
    }

    @Transactional
    public void takeOut(long id) {
        rows.takeOut(id, tenancy.workshop());
    }

    /** How a colour deepens in a material, from all that was seen of it. */
    @Transactional
    public Deepening deepening(String colour, Material material) {
        return Deepening.of(all().stream()
                .filter(s -> s.material() == material && s.colour().equalsIgnoreCase(colour))
                .toList());
    }
}
