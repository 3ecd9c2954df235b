package sectorum.server.audit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One line of the audit. */
@Entity
@Table(name = "audit_line")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class AuditRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    private Instant at;

    private String who;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private Audit.Kind kind;

    private String words;

    protected AuditRow() {}

    AuditRow(long workshopId, Instant at, String who, Audit.Kind kind, String words) {
        this.workshopId = workshopId;
        this.at = at;
        this.who = who;
        this.kind = kind;
        this.words = words;
    }

    Audit.AuditLine line() {
        return new Audit.AuditLine(id, at, who, kind, words);
    }
}
