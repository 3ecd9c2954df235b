package sectorum.server.plans;

import sectorum.plan.Plan;

/** A save that started from a revision which is no longer the newest. Carries both sides. */
public class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient SavedPlan theirs;
    private final transient Plan yours;
    private final int base;

    Stale(SavedPlan theirs, Plan yours, int base) {
        super("Saved from revision " + base + ", but the newest is " + theirs.revision());
        this.theirs = theirs;
        this.yours = yours;
        this.base = base;
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
}
