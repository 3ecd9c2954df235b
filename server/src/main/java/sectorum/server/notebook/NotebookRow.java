package sectorum.server.notebook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A workshop's notebook: how often it was changed, and what is switched off. */
@Entity
@Table(name = "notebook")
class NotebookRow {
    @Id
    @Column(name = "workshop_id")
    private long workshopId;

    private long version;

    @Column(columnDefinition = "text")
    private String off;

    protected NotebookRow() {}

    NotebookRow(long workshopId) {
        this.workshopId = workshopId;
        this.off = "";
    }

    long version() {
        return version;
    }

    String off() {
        return off;
    }

    void changed() {
        version++;
    }

    void switchOff(String lines) {
        off = lines;
    }
}
