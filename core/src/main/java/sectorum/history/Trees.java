package sectorum.history;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import sectorum.measure.Absent;

/** Documents as trees: whether two say the same, and what their parts are called. */
final class Trees {
    private Trees() {}

    /** Whether both say the same, in whatever order their fields stand; 1 and 1.0 are one number. */
    static boolean same(@Absent Object a, @Absent Object b) {
        if (a instanceof Number x && b instanceof Number y) {
            return Double.compare(x.doubleValue(), y.doubleValue()) == 0;
        }
        if (a instanceof List<?> x && b instanceof List<?> y) {
            if (x.size() != y.size()) {
                return false;
            }
            for (int i = 0; i < x.size(); i++) {
                if (!same(x.get(i), y.get(i))) {
                    return false;
                }
            }
            return true;
        }
        if (a instanceof Map<?, ?> x && b instanceof Map<?, ?> y) {
            return keys(x, y).stream().allMatch(key -> same(x.get(key), y.get(key)));
        }
        return Objects.equals(a, b);
    }

    /** The fields of either, those of the first in their order. */
    static Set<Object> keys(Map<?, ?> a, Map<?, ?> b) {
        Set<Object> keys = new LinkedHashSet<>(a.keySet());
        keys.addAll(b.keySet());
        return keys;
    }

    /** The name of a part in its list; a dressing over several tiers has that of the dressing. None: it has no name. */
    @Absent
    static String name(@Absent Object part) {
        if (!(part instanceof Map<?, ?> fields)) {
            return null;
        }
        if (fields.get("id") instanceof String id) {
            return id;
        }
        return fields.get("dressing") instanceof Map<?, ?> dressing && dressing.get("id") instanceof String id
                ? id
                : null;
    }

    /** The parts by their names; none: not all of them have one of their own. */
    @Absent
    static Map<String, Object> named(@Absent Object list) {
        Map<String, Object> parts = new LinkedHashMap<>();
        if (!(list instanceof List<?> all)) {
            return null;
        }
        for (Object part : all) {
            String name = name(part);
            if (name == null || parts.put(name, part) != null) {
                return null;
            }
        }
        return parts;
    }
}
