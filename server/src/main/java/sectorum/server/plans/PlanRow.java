package sectorum.server.plans;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import sectorum.measure.Absent;
import sectorum.plan.Plan;
import sectorum.workup.Progress;

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

    private String client;

    private String place;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(12)")
    private Progress.Stage stage;

    @Column(columnDefinition = "text")
    private String stack;

    private boolean weighed;

    @Column(name = "archived_at")
    private Instant archivedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    @Absent
    @Column(name = "thinned_at")
    private Instant thinnedAt;

    protected PlanRow() {}

    PlanRow(long workshopId, Plan plan, Written written, Instant now) {
        this.workshopId = workshopId;
        this.createdAt = now;
        hold(plan, written, now);
    }

    /** A plan as text, and what a list shows of it. */
    record Written(String document, Progress.Stage stage, String stack, boolean weighed) {}

    final void hold(Plan plan, Written written, Instant now) {
        name = plan.name();
        readyBy = plan.readyBy() == null ? null : LocalDateTime.parse(plan.readyBy());
        document = written.document();
        client = plan.brief().client();
        place = plan.brief().place();
        stage = written.stage();
        stack = written.stack();
        weighed = written.weighed();
        savedAt = now;
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }

    /** Whether its saves were not looked through since then. */
    boolean isDueForThinning(Instant since) {
        return (thinnedAt == null ? createdAt : thinnedAt).isBefore(since);
    }

    void thinned(Instant now) {
        thinnedAt = now;
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
