package sectorum.server.plans;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.history.Merge;
import sectorum.history.Thinning;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Check;
import sectorum.plan.Plan;
import sectorum.server.audit.Audit;
import sectorum.server.people.Denied;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.workup.Progress;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps plans: lists, opens, saves against a known revision, copies, deletes with a way back. */
@Service
public class PlanService {
    /** Who raced so often with others has it put together again; then it is told. */
    private static final int TRIES = 8;
    /** Where a row is held by others for so long, whoever saves is told to come again before their browser gives up. */
    private static final Duration WAITED = Duration.ofSeconds(6);

    private static final Duration THINNED_EVERY = Duration.ofHours(12);
    /** A deleted plan can be brought back for so many days. */
    static final int KEPT_DAYS = 30;

    private static final TypeReference<List<Progress.Block>> BLOCKS = new TypeReference<>() {};

    private final PlanRepository plans;
    private final RevisionRepository revisions;
    private final Tenancy tenancy;
    private final Register register;
    private final Audit audit;
    private final Together merging;
    private final JsonMapper json;
    private final Clock clock;
    private final TransactionTemplate together;

    PlanService(
            PlanRepository plans,
            RevisionRepository revisions,
            Tenancy tenancy,
            Register register,
            Audit audit,
            JsonMapper json,
            Clock clock,
            TransactionTemplate together) {
        this.plans = plans;
        this.revisions = revisions;
        this.tenancy = tenancy;
        this.register = register;
        this.audit = audit;
        this.merging = new Together(json);
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

    /** What a plan is called. */
    public record Called(long id, String name, String client) {}

    /** Plans whose name or client holds these letters, so many at most; no letters: any. */
    public List<Called> called(String words, int most) {
        return plans.called(tenancy.workshop(), words, Limit.of(most)).stream()
                .map(p -> new Called(p.id(), p.name(), p.client()))
                .toList();
    }

    /** Whether this workshop never had a plan, deleted ones included. */
    public boolean isUntouched() {
        return plans.countByWorkshopId(tenancy.workshop()) == 0;
    }

    public SavedPlan create(Plan plan) {
        return together.execute(status -> {
            audit.tell(Audit.Kind.PLAN, "Made the plan " + plan.name());
            return kept(plans.saveAndFlush(new PlanRow(tenancy.workshop(), plan, written(plan), now())), plan);
        });
    }

    /** A plan that came in with an archive; its versions come with it. */
    public long takeIn(Plan plan) {
        return together.execute(
                status -> plans.saveAndFlush(new PlanRow(tenancy.workshop(), plan, written(plan), now()))
                        .id());
    }

    public SavedPlan get(long id) {
        return saved(live(id));
    }

    /**
     * What somebody saves.
     *
     * @param base the revision it started from
     * @param from what it started from where that is no save: one's own edit that is on its way; absent: the base itself
     * @param choices which side of a clash holds, by its path
     */
    public record Save(int base, @Absent Plan from, Plan document, Map<String, Merge.Side> choices) {}

    /**
     * Keeps a plan. What was saved by others since its base is put together with it.
     *
     * @throws Stale with both sides where both changed the same
     */
    public SavedPlan save(long id, Save save) {
        Instant until = now().plus(WAITED);
        for (int tries = 1; ; tries++) {
            boolean waits = tries > 1;
            try {
                return together.execute(status -> {
                    // Who lost a race once waits for the others; nobody loses all of them.
                    if (waits) {
                        hold(id);
                    }
                    return saveOnce(id, save);
                });
            } catch (ConcurrencyFailureException raced) {
                if (raced instanceof PessimisticLockingFailureException && now().isAfter(until)) {
                    throw raced;
                }
                if (tries == TRIES) {
                    throw new Stale(get(id), save.document(), save.base(), List.of());
                }
            }
        }
    }

    private SavedPlan saveOnce(long id, Save save) {
        PlanRow row = live(id);
        SavedPlan now = saved(row);
        if (now.document().equals(save.document())) {
            return now;
        }
        Plan plan = row.revision() == save.base() ? save.document() : put(id, save, now);
        if (now.document().equals(plan)) {
            return now;
        }
        if (Tenancy.who().role() == Role.HELPER && !now.document().isSameButDone(plan)) {
            throw new Denied(
                    Denied.Why.NOT_YOURS,
                    "A helper ticks, times and notes; the plan itself is changed by a decorator. Your ticks are kept.");
        }
        row.hold(plan, written(plan), now());
        audit.tellOnce(Audit.Kind.PLAN, "Worked on " + plan.name());
        return kept(plans.saveAndFlush(row), plan);
    }

    /** Put together with what is newest. */
    private Plan put(long id, Save save, SavedPlan now) {
        Plan from = save.from() != null
                ? save.from()
                : revisions
                        .findById(new RevisionRow.Key(id, save.base()))
                        .map(r -> json.readValue(r.document(), Plan.class))
                        .orElseThrow(() -> new Stale(now, save.document(), save.base(), List.of()));
        Together.Put put = merging.put(from, save.document(), now.document(), save.choices());
        if (put.plan() == null) {
            throw new Stale(now, save.document(), save.base(), put.clashes());
        }
        return put.plan();
    }

    /** Earlier states that are still kept, the newest first. */
    public List<Version> versions(long id) {
        return together.execute(status -> {
            live(id);
            return revisions.lines(id).stream()
                    .map(r -> new Version(r.revision(), r.savedAt(), register.name(r.person()), r.name()))
                    .toList();
        });
    }

    /** Gives a version a name, with which it is kept for good; none takes it away. */
    public List<Version> call(long id, int revision, @Absent String name) {
        String called = Check.words("name", "A version's name", name == null ? "" : name.strip(), 0, 80);
        together.executeWithoutResult(status -> {
            String plan = live(id).name();
            if (revisions.call(id, revision, called.isEmpty() ? null : called) == 0) {
                throw gone(revision);
            }
            if (!called.isEmpty()) {
                audit.tell(Audit.Kind.PLAN, "Called a version of " + plan + " \"" + called + "\"");
            }
        });
        return versions(id);
    }

    /** Goes back to a version: saved anew as the newest, so that nothing of what came after is lost. */
    public SavedPlan back(long id, int revision) {
        SavedPlan then = at(id, revision);
        return together.execute(status -> {
            PlanRow row = live(id);
            if (row.revision() != revision) {
                revisions.call(id, row.revision(), "Before going back");
            }
            row.hold(then.document(), written(then.document()), now());
            audit.tell(
                    Audit.Kind.PLAN,
                    "Went back to an earlier version of " + then.document().name());
            return kept(plans.saveAndFlush(row), then.document());
        });
    }

    private static Refused gone(int revision) {
        return new Refused(
                "revision", Phrase.of("Version {} of this plan is not kept any more.", Quantity.count(revision)));
    }

    /** The plan as it was at a revision. */
    public SavedPlan at(long id, int revision) {
        return together.execute(status -> {
            live(id);
            RevisionRow row =
                    revisions.findById(new RevisionRow.Key(id, revision)).orElseThrow(() -> gone(revision));
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
        String name = name(id);
        there(id, again(() -> plans.archive(tenancy.workshop(), id, away ? now() : null)));
        audit.tell(Audit.Kind.PLAN, (away ? "Put away " : "Took back to work ") + name);
    }

    /** The plan leaves the list and can come back with {@link #restore} for thirty days. */
    public void delete(long id) {
        String name = name(id);
        there(id, again(() -> plans.delete(tenancy.workshop(), id, now())));
        audit.tell(Audit.Kind.PLAN, "Deleted " + name);
    }

    public SavedPlan restore(long id) {
        there(id, again(() -> plans.restore(tenancy.workshop(), id)));
        SavedPlan back = get(id);
        audit.tell(Audit.Kind.PLAN, "Brought back " + back.document().name());
        return back;
    }

    /** In a transaction; begun anew where another was at the same row. */
    private <T> T again(Supplier<T> work) {
        for (int tries = 1; ; tries++) {
            try {
                return together.execute(status -> work.get());
            } catch (ConcurrencyFailureException raced) {
                if (tries == TRIES) {
                    throw raced;
                }
            }
        }
    }

    private String name(long id) {
        return plans.live(tenancy.workshop(), id).map(PlanRow::name).orElse("");
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

    /** That there is such a plan in this workshop. */
    public void check(long id) {
        if (!plans.isThere(tenancy.workshop(), id)) {
            throw new NoSuchPlan(id);
        }
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
        revisions.save(new RevisionRow(row, Tenancy.who().person()));
        if (row.isDueForThinning(now().minus(THINNED_EVERY))) {
            thin(row);
        }
        return new SavedPlan(row.id(), row.revision(), row.savedAt(), plan);
    }

    private void thin(PlanRow row) {
        List<Thinning.Save> saves = revisions.lines(row.id()).stream()
                .map(r -> new Thinning.Save(r.revision(), r.savedAt(), r.name() != null))
                .toList();
        Set<Integer> out = Thinning.out(saves, now());
        if (!out.isEmpty()) {
            revisions.forget(row.id(), out);
        }
        row.thinned(now());
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
