package sectorum.server.plans;

import java.time.Instant;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.workup.Progress;

/**
 * A plan in the list.
 *
 * @param readyBy local day and hour, ISO without a zone; absent while unknown
 * @param stage the first stage at which something is still to be done
 * @param stack its tiers foot to top, as blocks of mm
 */
public record PlanLine(
        long id,
        String name,
        @Absent String readyBy,
        int revision,
        Instant savedAt,
        String client,
        String place,
        Progress.Stage stage,
        List<Progress.Block> stack,
        boolean archived) {}
