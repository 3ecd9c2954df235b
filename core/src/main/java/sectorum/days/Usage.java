package sectorum.days;

import java.util.Map;
import java.util.TreeMap;

/** How much of something is in use, over time. */
final class Usage {
    /** Use from each moment on, until the next. */
    private final TreeMap<Long, Integer> uses = new TreeMap<>();

    void add(long from, long to, int some) {
        if (some == 0 || to <= from) {
            return;
        }
        cut(from);
        cut(to);
        for (Map.Entry<Long, Integer> use : uses.subMap(from, true, to, false).entrySet()) {
            use.setValue(use.getValue() + some);
        }
        smooth(from);
        smooth(to);
    }

    private void cut(long at) {
        if (!uses.containsKey(at)) {
            Map.Entry<Long, Integer> before = uses.lowerEntry(at);
            uses.put(at, before == null ? 0 : before.getValue());
        }
    }

    private void smooth(long at) {
        Map.Entry<Long, Integer> before = uses.lowerEntry(at);
        if (uses.get(at).equals(before == null ? Integer.valueOf(0) : before.getValue())) {
            uses.remove(at);
        }
    }

    int at(long moment) {
        Map.Entry<Long, Integer> use = uses.floorEntry(moment);
        return use == null ? 0 : use.getValue();
    }

    /** The last stretch within from (inclusive) and to (exclusive) where more than so much is in use; none: null. */
    long[] lastOver(long from, long to, int allowed) {
        Map.Entry<Long, Integer> use = uses.lowerEntry(to);
        long until = to;
        while (use != null && until > from) {
            if (use.getValue() > allowed) {
                return new long[] {use.getKey(), until};
            }
            until = use.getKey();
            use = uses.lowerEntry(until);
        }
        return null;
    }

    /** The most in use within from and to, and the first moment of it. */
    long[] most(long from, long to) {
        long[] most = {at(from), from};
        for (Map.Entry<Long, Integer> use : uses.subMap(from, false, to, false).entrySet()) {
            if (use.getValue() > most[0]) {
                most = new long[] {use.getValue(), use.getKey()};
            }
        }
        return most;
    }
}
