package sectorum.server.plans;

import java.time.Instant;
import sectorum.plan.Plan;

/** A plan as it is kept. */
public record SavedPlan(long id, int revision, Instant savedAt, Plan document) {}
