package sectorum.server.plans;

import java.time.Instant;
import sectorum.measure.Absent;

/**
 * An earlier state of a plan that is still kept.
 *
 * @param who saved it; absent: not known any more
 * @param name that somebody gave it; absent: none, so that it may go with age
 */
public record Version(
        int revision,
        Instant savedAt,
        @Absent String who,
        @Absent String name) {}
