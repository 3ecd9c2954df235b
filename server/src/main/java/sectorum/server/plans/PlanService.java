package sectorum.server.plans;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.server.tenancy.Tenancy;
import sectorum.workup.Progress;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps plans: lists, opens, saves against a known revision, copies, deletes with a way back. */
@Service
public class PlanService {
    /** So many saves can be gone back to; at a save every few seconds of work that is a long evening. */
    static final int REVISIONS_KEPT = 400;

    /** A deleted plan can be brought back for so many days. */
    static final int KEPT_DAYS = 30;

    private static final TypeReference<List<Progress.Block>> BLOCKS = new TypeReference<>() {};

    private final PlanRepository plans;
    private final RevisionRepository revisions;
    private final Tenancy tenancy;
    private final JsonMapper json;
    private final Clock clock;
    private final TransactionTemplate together;

    PlanService(
            PlanRepository plans,
            RevisionRepository revisions,
            Tenancy tenancy,
            JsonMapper json,
            Clock clock,
            TransactionTemplate together) {
        this.plans = plans;
        this.revisions = revisions;
        this.tenancy = tenancy;
        this.json = json;
        this.clock = clock;
        this.together = together;
    }

    public List<PlanLine> list() {
        return plans.lines(tenancy.workshop()).stream()
                .map(p -> new PlanLine(
                        p.id(),
                        p.name(),
                        p.readyBy() == null ? null : p.readyBy().toString(),
                        p.revision(),
                        p.savedAt(),
                        p.client(),
                        p.place(),
                        p.stage(),
                        p.stack() == null ? List.of() : json.readValue(p.stack(), BLOCKS),
                        p.archivedAt() != null))
                .toList();
    }

    /** Whether this workshop never had a plan, deleted ones included. */
    public boolean isUntouched() {
        return plans.countByWorkshopId(tenancy.workshop()) == 0;
    }

    public SavedPlan create(Plan plan) {
        return together.execute(
                status -> kept(plans.saveAndFlush(new PlanRow(tenancy.workshop(), plan, written(plan), now())), plan));
    }

    public SavedPlan get(long id) {
        return saved(live(id));
    }

    /**
     * Keeps a plan if the newest revision is the one this save started from.
     *
     * @throws Stale with both documents otherwise
     */
    public SavedPlan save(long id, int base, Plan plan) {
        try {
            return together.execute(status -> {
                PlanRow row = live(id);
                SavedPlan now = saved(row);
                if (now.document().equals(plan)) {
                    return now;
                }
                if (row.revision() != base) {
                    throw new Stale(now, plan, base);
                }
                row.hold(plan, written(plan), now());
                return kept(plans.saveAndFlush(row), plan);
            });
        } catch (ConcurrencyFailureException raced) {
            throw new Stale(get(id), plan, base);
        }
    }

    /** Earlier states that are still kept, the newest first. */
    public List<Version> versions(long id) {
        return together.execute(status -> {
            live(id);
            return revisions.findByKeyPlanIdOrderByKeyRevisionDesc(id).stream()
                    .map(r -> new Version(r.revision(), r.savedAt()))
                    .toList();
        });
    }

    /** The plan as it was at a revision. */
    public SavedPlan at(long id, int revision) {
        return together.execute(status -> {
            live(id);
            RevisionRow row = revisions
                    .findById(new RevisionRow.Key(id, revision))
                    .orElseThrow(() -> new Refused(
                            "revision",
                            Phrase.of("Version {} of this plan is not kept any more.", Quantity.count(revision))));
            Plan plan = json.readValue(row.document(), Plan.class);
            return new SavedPlan(id, row.revision(), row.savedAt(), plan);
        });
    }

    /** The same design as a new order: client, place and day are the old order's and stay with it. */
    public SavedPlan copy(long id, String name) {
        return create(get(id).document().asNewOrder(name));
    }

    /** An archived plan is kept and can be opened, but is out of the way. Its document, and so its revision, stays. */
    public void archive(long id, boolean away) {
        there(id, together.execute(status -> plans.archive(tenancy.workshop(), id, away ? now() : null)));
    }

    /** The plan leaves the list and can come back with {@link #restore} for thirty days. */
    public void delete(long id) {
        there(id, together.execute(status -> plans.delete(tenancy.workshop(), id, now())));
    }

    public SavedPlan restore(long id) {
        there(id, together.execute(status -> plans.restore(tenancy.workshop(), id)));
        return get(id);
    }

    private static void there(long id, @Absent Integer found) {
        if (found == null || found == 0) {
            throw new NoSuchPlan(id);
        }
    }

    /** Plans that were deleted and can still come back, the newest first. */
    public List<DeletedPlan> deleted() {
        forget();
        return plans.deleted(tenancy.workshop()).stream()
                .map(p -> new DeletedPlan(
                        p.id(),
                        p.name(),
                        p.client(),
                        p.deletedAt(),
                        p.deletedAt().plus(KEPT_DAYS, ChronoUnit.DAYS)))
                .toList();
    }

    /** What was deleted longer ago is gone, with its versions and pictures. */
    private void forget() {
        together.executeWithoutResult(
                status -> plans.forget(tenancy.workshop(), now().minus(KEPT_DAYS, ChronoUnit.DAYS)));
    }

    /** Holds a plan so that nobody else adds to it until the transaction is over. */
    public void hold(long id) {
        if (plans.held(tenancy.workshop(), id).isEmpty()) {
            throw new NoSuchPlan(id);
        }
    }

    private PlanRow.Written written(Plan plan) {
        Progress progress = Progress.of(plan);
        return new PlanRow.Written(
                json.writeValueAsString(plan),
                progress.next(),
                json.writeValueAsString(progress.stack()),
                plan.pieces().stream().anyMatch(p -> p.resting().weighed() != null));
    }

    private PlanRow live(long id) {
        return plans.live(tenancy.workshop(), id).orElseThrow(() -> new NoSuchPlan(id));
    }

    private SavedPlan saved(PlanRow row) {
        return new SavedPlan(row.id(), row.revision(), row.savedAt(), json.readValue(row.document(), Plan.class));
    }

    private SavedPlan kept(PlanRow row, Plan plan) {
        revisions.save(new RevisionRow(row));
        if (row.revision() > REVISIONS_KEPT) {
            revisions.forget(row.id(), row.revision() - REVISIONS_KEPT);
        }
        return new SavedPlan(row.id(), row.revision(), row.savedAt(), plan);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
