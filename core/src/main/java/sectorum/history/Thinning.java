package sectorum.history;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which saves of a plan are kept: all of a week, then the last of each hour, after 30 days the last of each day. What has a name
 * stays, and so does the newest. Told to whoever looks at the versions, so that nobody counts on more.
 */
public final class Thinning {
    public static final Duration ALL = Duration.ofDays(7);
    public static final Duration HOURLY = Duration.ofDays(30);

    private Thinning() {}

    /** A save. @param named whether somebody gave it a name */
    public record Save(int revision, Instant at, boolean named) {}

    /** The revisions that may go. */
    public static Set<Integer> out(List<Save> saves, Instant now) {
        Map<String, Save> last = new HashMap<>();
        int newest = saves.stream().mapToInt(Save::revision).max().orElse(0);
        for (Save save : saves) {
            last.merge(slot(save, now), save, (a, b) -> a.revision() > b.revision() ? a : b);
        }
        Set<Integer> out = new HashSet<>();
        for (Save save : saves) {
            boolean stays = save.named()
                    || save.revision() == newest
                    || last.get(slot(save, now)).revision() == save.revision();
            if (!stays) {
                out.add(save.revision());
            }
        }
        return out;
    }

    /** Saves of one slot are one, in the end. */
    private static String slot(Save save, Instant now) {
        Duration age = Duration.between(save.at(), now);
        if (save.named() || age.compareTo(ALL) <= 0) {
            return "save " + save.revision();
        }
        long seconds = save.at().getEpochSecond();
        return age.compareTo(HOURLY) <= 0
                ? "hour " + Math.floorDiv(seconds, 3600L)
                : "day " + Math.floorDiv(seconds, 86_400L);
    }
}
