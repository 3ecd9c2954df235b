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
    @Column(columnDefinition = "varchar(12)")
    private Kind kind;

    private String name;

    @Column(name = "across_mm")
    private double acrossMm;

    private String notes;

    @Version
    private int version;

    protected ItemRow() {}

    ItemRow(long workshopId, Item item) {
        this.workshopId = workshopId;
        hold(item);
    }

    final void hold(Item item) {
        kind = item.kind();
        name = item.name();
        acrossMm = item.acrossMm();
        notes = item.notes();
    }

    Item item() {
        return new Item(id, kind, name, acrossMm, notes);
    }
}
