package sectorum.server.plans;

import java.time.Instant;
import sectorum.measure.Absent;

/**
 * A plan in the list.
 *
 * @param readyBy local day and hour, ISO without a zone; absent while unknown
 */
public record PlanLine(long id, String name, @Absent String readyBy, int revision, Instant savedAt) {}
