package sectorum.server.plans;

import java.time.Instant;

/**
 * A plan that was deleted and can come back.
 *
 * @param goneAt from when on it cannot any more
 */
public record DeletedPlan(long id, String name, String client, Instant deletedAt, Instant goneAt) {}
