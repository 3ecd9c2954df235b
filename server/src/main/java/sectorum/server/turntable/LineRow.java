package sectorum.server.turntable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One line of a journal; its number is its place. */
@Entity
@Table(name = "journal_line")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class LineRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "plan_id")
    private long planId;

    private String line;

    @Column(columnDefinition = "text")
    private String document;

    @Column(name = "kept_at")
    private Instant keptAt;

    protected LineRow() {}

    LineRow(long planId, String line, String document, Instant keptAt) {
        this.planId = planId;
        this.line = line;
        this.document = document;
        this.keptAt = keptAt;
    }

    long place() {
        return id;
    }

    String line() {
        return line;
    }

    String document() {
        return document;
    }
}
