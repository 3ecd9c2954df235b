package sectorum.server.plans;

import java.util.List;
import sectorum.history.Merge;
import sectorum.plan.Plan;

/** A save that changed what another had changed meanwhile. Carries both sides, and each part that both changed. */
public class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient SavedPlan theirs;
    private final transient Plan yours;
    private final transient List<Merge.Clash> clashes;
    private final int base;

    Stale(SavedPlan theirs, Plan yours, int base, List<Merge.Clash> clashes) {
        super("Saved from revision " + base + ", but the newest is " + theirs.revision());
        this.theirs = theirs;
        this.yours = yours;
        this.base = base;
        this.clashes = List.copyOf(clashes);
    }

    public SavedPlan theirs() {
        return theirs;
    }

    public Plan yours() {
        return yours;
    }

    public int base() {
        return base;
    }

    /** None: what it started from is not kept any more, or both together make no plan. */
    public List<Merge.Clash> clashes() {
        return clashes;
    }
}
