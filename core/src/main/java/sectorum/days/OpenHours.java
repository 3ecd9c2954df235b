package sectorum.days;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A workshop's open hours between two moments, as stretches of minutes since the epoch, ascending and apart. */
final class OpenHours {
    private final long[] from;
    private final long[] to;

    OpenHours(Workshop workshop, long first, long last) {
        List<long[]> stretches = new ArrayList<>();
        LocalDate day = Moments.local(first, workshop.zone()).toLocalDate();
        LocalDate end = Moments.local(last, workshop.zone()).toLocalDate().plusDays(1);
        for (; !day.isAfter(end); day = day.plusDays(1)) {
            for (Workshop.Hours hours : workshop.on(day.getDayOfWeek())) {
                long a = at(day, hours.from(), workshop.zone());
                long b = at(day, hours.to(), workshop.zone());
                long[] before = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
                if (before != null && before[1] == a) {
                    before[1] = b;
                } else if (b > a) {
                    stretches.add(new long[] {a, b});
                }
            }
        }
        from = stretches.stream().mapToLong(s -> s[0]).toArray();
        to = stretches.stream().mapToLong(s -> s[1]).toArray();
    }

    private static long at(LocalDate day, int minutes, ZoneId zone) {
        LocalDateTime local = day.atStartOfDay().plusMinutes(minutes);
        return Moments.of(local, zone);
    }

    /** The last stretch that begins before then, cut off there; null: none. */
    long[] before(long moment) {
        int i = Arrays.binarySearch(from, moment);
        i = i >= 0 ? i - 1 : -i - 2;
        return i < 0 ? null : new long[] {from[i], Math.min(to[i], moment)};
    }

    /** The first moment not before then that is open; then itself where nothing is known any more. */
    long next(long moment) {
        for (int i = Math.max(0, -Arrays.binarySearch(from, moment) - 2); i < from.length; i++) {
            if (to[i] > moment) {
                return Math.max(from[i], moment);
            }
        }
        return moment;
    }

    /** Open minutes between two moments. */
    long minutes(long a, long b) {
        long sum = 0;
        for (int i = 0; i < from.length; i++) {
            sum += Math.max(0, Math.min(b, to[i]) - Math.max(a, from[i]));
        }
        return sum;
    }

    /** When so many minutes of work begun then are over, across closed hours. */
    long worked(long moment, int minutes, boolean pauses) {
        long at = next(moment);
        int left = minutes;
        while (true) {
            long[] stretch = before(at + 1);
            long until = stretch == null ? Long.MAX_VALUE : end(at);
            if (until - at >= left) {
                return at + left;
            }
            if (pauses) {
                left -= (int) (until - at);
            }
            long following = next(until);
            if (following <= at) {
                return at + left;
            }
            at = following;
        }
    }

    private long end(long at) {
        int i = Arrays.binarySearch(from, at);
        i = i >= 0 ? i : -i - 2;
        return i >= 0 && to[i] > at ? to[i] : Long.MAX_VALUE;
    }
}
