package sectorum.server.recipes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A colour as it was seen. */
@Entity
@Table(name = "colour_swatch")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class SwatchRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    private String colour;

    @Column(columnDefinition = "longtext")
    private String document;

    protected SwatchRow() {}

    SwatchRow(long workshopId, String colour, String document) {
        this.workshopId = workshopId;
        this.colour = colour;
        this.document = document;
    }

    long id() {
        return id;
    }

    String document() {
        return document;
    }
}
