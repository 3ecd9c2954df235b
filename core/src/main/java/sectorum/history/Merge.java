package sectorum.history;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.measure.Absent;

/**
 * Two documents of one beginning as one. What one side left alone is the other's; what both changed is asked, and until it is
 * answered the first side's stands. From both orders it comes to the same but for what is asked, and nothing that either side
 * wrote is lost unasked.
 */
public final class Merge {
    /** Between parts of a path; no field and no name holds it. */
    private static final String STEP = "/";

    /** What two did to one task at the same time needs no asking: done is done. */
    private static final String DONE = STEP + "agenda" + STEP + "done" + STEP;

    /** A side of a clash. */
    public enum Side {
        MINE,
        THEIRS
    }

    /**
     * What both sides changed, each otherwise.
     *
     * @param path of the part, from the document down: fields, and names of parts in lists
     * @param base what it was; absent: it was not there
     * @param mine absent: taken out
     * @param theirs absent: taken out
     */
    public record Clash(
            String path,
            @Absent Object base,
            @Absent Object mine,
            @Absent Object theirs) {}

    /** One document, and what of it has to be asked. */
    public record Merged(Object document, List<Clash> clashes) {}

    private final Map<String, Side> choices;
    private final List<Clash> clashes = new ArrayList<>();

    private Merge(Map<String, Side> choices) {
        this.choices = choices;
    }

    /** @param choices what was answered before, by path */
    public static Merged of(Object base, Object mine, Object theirs, Map<String, Side> choices) {
        Merge merge = new Merge(choices);
        Object document = merge.both("", base, mine, theirs);
        return new Merged(
                document,
                merge.clashes.stream().sorted(Comparator.comparing(Clash::path)).toList());
    }

    @Absent
    private Object both(String path, @Absent Object base, @Absent Object mine, @Absent Object theirs) {
        if (Trees.same(mine, base)) {
            return theirs;
        }
        if (Trees.same(theirs, base) || Trees.same(mine, theirs)) {
            return mine;
        }
        if (path.startsWith(DONE)) {
            return words(mine).compareTo(words(theirs)) >= 0 ? mine : theirs;
        }
        // What both made anew under one name is two things, not one of two halves.
        if (mine instanceof Map<?, ?> m
                && theirs instanceof Map<?, ?> t
                && (base != null || Trees.name(mine) == null)) {
            return fields(path, base instanceof Map<?, ?> b ? b : Map.of(), m, t);
        }
        Map<String, Object> mineByName = Trees.named(mine);
        Map<String, Object> theirsByName = Trees.named(theirs);
        if (mineByName != null && theirsByName != null) {
            Map<String, Object> before = Trees.named(base);
            return parts(path, before == null ? Map.of() : before, mineByName, theirsByName);
        }
        return asked(path, base, mine, theirs);
    }

    private Map<Object, Object> fields(String path, Map<?, ?> base, Map<?, ?> mine, Map<?, ?> theirs) {
        Map<Object, Object> made = new LinkedHashMap<>();
        for (Object key : Trees.keys(mine, theirs)) {
            Object value = both(path + STEP + key, base.get(key), mine.get(key), theirs.get(key));
            if (value != null) {
                made.put(key, value);
            }
        }
        return made;
    }

    @Absent
    private Object asked(String path, @Absent Object base, @Absent Object mine, @Absent Object theirs) {
        Side chosen = choices.get(path);
        if (chosen == null) {
            clashes.add(new Clash(path, base, mine, theirs));
        }
        return chosen == Side.THEIRS ? theirs : mine;
    }

    private static String words(@Absent Object done) {
        return done instanceof Map<?, ?> fields ? String.valueOf(new TreeMap<>(fields)) : "" + done;
    }

    /** By name. What either side added stands behind what it was put behind; whoever moved something is followed. */
    private List<Object> parts(
            String path, Map<String, Object> base, Map<String, Object> mine, Map<String, Object> theirs) {
        Map<String, Object> kept = new LinkedHashMap<>();
        for (String name : names(mine.keySet(), theirs.keySet())) {
            Object value = both(path + STEP + name, base.get(name), mine.get(name), theirs.get(name));
            if (value != null) {
                kept.put(name, value);
            }
        }
        List<Object> made = new ArrayList<>();
        order(path, base.keySet(), mine.keySet(), theirs.keySet()).stream()
                .filter(kept::containsKey)
                .forEach(name -> made.add(kept.get(name)));
        return made;
    }

    private static Set<String> names(Collection<String> a, Collection<String> b) {
        Set<String> all = new java.util.TreeSet<>(a);
        all.addAll(b);
        return all;
    }

    private List<String> order(
            String path, Collection<String> base, Collection<String> mine, Collection<String> theirs) {
        List<String> common = new ArrayList<>(base);
        common.retainAll(mine);
        common.retainAll(theirs);
        List<String> byMe = only(mine, common);
        List<String> byThem = only(theirs, common);
        boolean moved = !byMe.equals(common) && !byThem.equals(common) && !byMe.equals(byThem);
        Side chosen = moved ? choices.get(path + STEP) : null;
        if (moved && chosen == null) {
            clashes.add(new Clash(path + STEP, common, byMe, byThem));
        }
        boolean follow = moved ? chosen == Side.THEIRS : byMe.equals(common);
        List<String> order = new ArrayList<>(follow ? byThem : byMe);
        // Whole chains, the one that begins with the lesser name first: the same from both orders.
        Map<String, List<List<String>>> chains = new TreeMap<>();
        chains(mine, common, chains);
        chains(theirs, common, chains);
        chains.forEach((behind, all) -> {
            Set<String> added = new HashSet<>(order);
            int at = behind.isEmpty() ? 0 : order.indexOf(behind) + 1;
            for (List<String> chain : all.stream()
                    .sorted((a, b) -> String.join(STEP, a).compareTo(String.join(STEP, b)))
                    .toList()) {
                for (String name : chain) {
                    if (added.add(name)) {
                        order.add(at++, name);
                    }
                }
            }
        });
        return order;
    }

    private static List<String> only(Collection<String> names, Collection<String> wanted) {
        return names.stream().filter(wanted::contains).toList();
    }

    /** What stands in a list and is not common to both, by what it stands behind. */
    private static void chains(
            Collection<String> names, Collection<String> common, Map<String, List<List<String>>> chains) {
        String behind = "";
        List<String> chain = null;
        for (String name : names) {
            if (common.contains(name)) {
                behind = name;
                chain = null;
            } else {
                if (chain == null) {
                    chain = new ArrayList<>();
                    chains.computeIfAbsent(behind, b -> new ArrayList<>()).add(chain);
                }
                chain.add(name);
            }
        }
    }
}
