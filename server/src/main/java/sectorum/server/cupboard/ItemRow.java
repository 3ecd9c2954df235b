package sectorum.server.cupboard;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.HashMap;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Absent;
import sectorum.measure.Values;

/** A thing owned. */
@Entity
@Table(name = "cupboard_item")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class ItemRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private ThingKind kind;

    private String name;
    private String colour;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "longtext")
    private Map<String, Object> sizes;

    private String dial;
    private double stock;
    private double pack;

    @Absent
    private Double price;

    private String notes;

    @Version
    private int version;

    protected ItemRow() {}

    ItemRow(long workshopId, Thing thing) {
        this.workshopId = workshopId;
        hold(thing);
    }

    final void hold(Thing thing) {
        kind = thing.kind();
        name = thing.name();
        colour = thing.colour();
        sizes = new HashMap<>(thing.sizes().byName());
        dial = thing.dial();
        stock = thing.stock();
        pack = thing.pack();
        price = thing.price();
        notes = thing.notes();
    }

    Thing thing() {
        return new Thing(id, kind, name, colour, new Values(sizes), dial, stock, pack, price, notes);
    }
}
