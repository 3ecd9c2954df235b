package sectorum.server.plans;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import sectorum.measure.Absent;
import sectorum.plan.Plan;

/** A plan as it stands now; the revision doubles as the lock two people meet at. */
@Entity
@SuppressWarnings("UnusedVariable") // columns that only queries read
@Table(name = "plan")
class PlanRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    private String name;

    @Column(name = "ready_by")
    private LocalDateTime readyBy;

    @Version
    private int revision;

    @Column(columnDefinition = "longtext")
    private String document;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "saved_at")
    private Instant savedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    protected PlanRow() {}

    PlanRow(long workshopId, Plan plan, String document, Instant now) {
        this.workshopId = workshopId;
        this.createdAt = now;
        hold(plan, document, now);
    }

    final void hold(Plan plan, String newDocument, Instant now) {
        name = plan.name();
        readyBy = plan.readyBy() == null ? null : LocalDateTime.parse(plan.readyBy());
        document = newDocument;
        savedAt = now;
    }

    void delete(@Absent Instant at) {
        deletedAt = at;
    }

    long id() {
        return id;
    }

    int revision() {
        return revision;
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }
}
