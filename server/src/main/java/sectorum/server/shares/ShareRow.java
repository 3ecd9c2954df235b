package sectorum.server.shares;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import sectorum.measure.Absent;
import sectorum.server.tenancy.Who;

/** A link to a plan. */
@Entity
@Table(name = "share_link")
class ShareRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(columnDefinition = "char(64)")
    private String hash;

    @Column(name = "workshop_id")
    private long workshopId;

    @Column(name = "plan_id")
    private long planId;

    @Column(name = "person_id")
    private long personId;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(12)")
    private Shares.Kind kind;

    private String name;

    private boolean once;

    private boolean priced;

    @Column(name = "made_at")
    private Instant madeAt;

    @Column(name = "until_at")
    private Instant untilAt;

    private int opened;

    @Absent
    @Column(name = "opened_at")
    private Instant openedAt;

    protected ShareRow() {}

    ShareRow(String hash, Who giver, long plan, Shares.Wish wish, boolean once, Instant now, Duration lasts) {
        this.hash = hash;
        this.workshopId = giver.workshop();
        this.personId = giver.person();
        this.planId = plan;
        this.kind = wish.kind();
        this.name = wish.name();
        this.priced = wish.priced();
        this.once = once;
        this.madeAt = now;
        this.untilAt = now.plus(lasts);
    }

    /** Opened once more. A link for one use becomes what the device that used it shows: another secret, for as long as this. */
    void opened(Instant now, @Absent String other, Duration lasts) {
        opened++;
        openedAt = now;
        if (other != null) {
            hash = other;
            once = false;
            untilAt = now.plus(lasts);
        }
    }

    long planId() {
        return planId;
    }

    long personId() {
        return personId;
    }

    Shares.Kind kind() {
        return kind;
    }

    boolean isOnce() {
        return once;
    }

    boolean isPriced() {
        return priced;
    }

    Instant untilAt() {
        return untilAt;
    }

    Shares.ShareLink link() {
        return new Shares.ShareLink(id, kind, name, priced, madeAt, untilAt, opened, openedAt);
    }
}
