package sectorum.server.art;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A drawing in the workshop's drawer. */
@Entity
@Table(name = "drawer_motif")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class MotifRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    private String name;

    @Column(columnDefinition = "longtext")
    private String document;

    @Column(name = "kept_at")
    private Instant keptAt;

    protected MotifRow() {}

    MotifRow(long workshopId, String name, String document, Instant keptAt) {
        this.workshopId = workshopId;
        this.name = name;
        this.document = document;
        this.keptAt = keptAt;
    }

    long id() {
        return id;
    }

    String document() {
        return document;
    }
}
