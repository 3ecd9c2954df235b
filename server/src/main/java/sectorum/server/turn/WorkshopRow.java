package sectorum.server.turn;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A workshop. */
@Entity
@Table(name = "workshop")
class WorkshopRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;

    @Column(name = "created_at")
    private Instant createdAt;

    protected WorkshopRow() {}

    WorkshopRow(String name, Instant createdAt) {
        this.name = name;
        this.createdAt = createdAt;
    }

    String name() {
        return name;
    }

    long id() {
        return id;
    }
}
