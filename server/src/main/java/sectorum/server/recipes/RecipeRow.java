package sectorum.server.recipes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A recipe as it is written down. */
@Entity
@Table(name = "recipe")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class RecipeRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    /** The recipe's id, which plans call it by. */
    private String name;

    @Column(columnDefinition = "longtext")
    private String document;

    protected RecipeRow() {}

    RecipeRow(long workshopId, String name) {
        this.workshopId = workshopId;
        this.name = name;
    }

    String name() {
        return name;
    }

    String document() {
        return document;
    }

    void write(String other) {
        document = other;
    }
}
