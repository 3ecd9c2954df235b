package sectorum.server.plans;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import org.springframework.data.domain.Persistable;
import sectorum.measure.Absent;

/** What a plan was at one revision. */
@Entity
@SuppressWarnings("UnusedVariable") // columns that only queries read
@Table(name = "plan_revision")
class RevisionRow implements Persistable<RevisionRow.Key> {
    /** A plan and the number of one of its revisions. */
    @Embeddable
    record Key(@Column(name = "plan_id") long planId, int revision) implements Serializable {
        private static final long serialVersionUID = 1L;
    }

    @EmbeddedId
    private Key key;

    @Column(columnDefinition = "longtext")
    private String document;

    @Column(name = "saved_at")
    private Instant savedAt;

    @Absent
    @Column(name = "person_id")
    private Long personId;

    @Absent
    private String name;

    protected RevisionRow() {}

    @Override
    public Key getId() {
        return key;
    }

    /** Revisions are only ever added; without this each would be looked for first. */
    @Override
    public boolean isNew() {
        return true;
    }

    RevisionRow(PlanRow plan, long person) {
        key = new Key(plan.id(), plan.revision());
        personId = person;
        document = plan.document();
        savedAt = plan.savedAt();
    }

    int revision() {
        return key.revision();
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }
}
