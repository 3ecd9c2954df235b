package sectorum.server.turn;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A workshop. */
@Entity
@Table(name = "workshop")
class WorkshopRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;

    protected WorkshopRow() {}

    String name() {
        return name;
    }

    long id() {
        return id;
    }
}
