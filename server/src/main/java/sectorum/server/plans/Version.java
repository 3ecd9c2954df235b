package sectorum.server.plans;

import java.time.Instant;

/** An earlier state of a plan that is still kept. */
public record Version(int revision, Instant savedAt) {}
