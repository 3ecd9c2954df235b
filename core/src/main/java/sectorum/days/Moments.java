package sectorum.days;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;

/** Moments as minutes since the epoch, and as a clock on the wall shows them. */
public final class Moments {
    private Moments() {}

    /** The minute of a local moment; one that the clocks leap over counts as the leap later. */
    public static long of(LocalDateTime local, ZoneId zone) {
        return Math.floorDiv(local.atZone(zone).toEpochSecond(), 60);
    }

    /** Minutes since the epoch as a clock of the zone shows them. */
    public static LocalDateTime local(long minute, ZoneId zone) {
        return LocalDateTime.ofInstant(Instant.ofEpochSecond(minute * 60), zone);
    }
}
