package sectorum.plan;

import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;

/**
 * What hands do for a piece made ahead.
 *
 * @param minutes hands for one; absent: as its kind reckons
 * @param placing minutes to put one on the cake
 * @param pauses whether the work may be laid down and gone on with
 * @param ahead made so many days before it is needed at the earliest; 0: as early as one likes
 */
public record Labour(@Absent Double minutes, double placing, boolean pauses, int ahead) {
    private static final Field PLACING =
            Field.count("pieces.placing", "Minutes to place", 0, 600, 5, "For one of them.");
    private static final Field AHEAD =
            Field.count("pieces.ahead", "Days ahead", 0, 365, 0, "0 where it keeps as long as one likes.");

    public Labour {
        if (minutes != null) {
            OwnPiece.MINUTES.check(Elementary.rint(minutes));
        }
        PLACING.check(Elementary.rint(placing));
        AHEAD.check(ahead);
    }

    /** Minutes for one, or what its kind reckons. */
    public double minutesOr(double reckoned) {
        return minutes == null ? reckoned : minutes;
    }
}
