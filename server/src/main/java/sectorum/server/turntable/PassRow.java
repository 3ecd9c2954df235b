package sectorum.server.turntable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A link that opens a plan's turntable, or after it was used what the device that used it shows from then on. */
@Entity
@Table(name = "bench_pass")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class PassRow {
    @Id
    @Column(columnDefinition = "char(64)")
    private String hash;

    @Column(name = "plan_id")
    private long planId;

    private boolean used;

    @Column(name = "until_at")
    private Instant untilAt;

    protected PassRow() {}

    PassRow(String hash, long planId, boolean used, Instant untilAt) {
        this.hash = hash;
        this.planId = planId;
        this.used = used;
        this.untilAt = untilAt;
    }

    long planId() {
        return planId;
    }
}
