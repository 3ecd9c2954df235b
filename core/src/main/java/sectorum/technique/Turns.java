package sectorum.technique;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The colours of a dressing in their turns. A colour that is named twice has two turns of a cycle, and twice the share where
 * colours are shared out.
 *
 * @param firsts for each turn the first turn of the same colour; one or more
 */
public record Turns(List<Integer> firsts) {
    public Turns {
        firsts = List.copyOf(firsts);
    }

    /** So many colours, each named once. */
    static Turns of(int colours) {
        List<Integer> firsts = new ArrayList<>();
        for (int i = 0; i < Math.max(1, colours); i++) {
            firsts.add(i);
        }
        return new Turns(firsts);
    }

    /** By their names, in turn; none: one colour. */
    public static Turns named(List<String> names) {
        return names.isEmpty()
                ? of(1)
                : new Turns(names.stream().map(names::indexOf).toList());
    }

    public int count() {
        return firsts.size();
    }

    /** How many pieces of each turn there are when so many cycle through them. */
    Map<Integer, Integer> cycled(int many) {
        Map<Integer, Integer> counts = new TreeMap<>();
        for (int c = 0; c < count(); c++) {
            int of = many / count() + (c < many % count() ? 1 : 0);
            if (of > 0) {
                counts.put(c, of);
            }
        }
        return counts;
    }

    /**
     * So many pieces shared by the turns each colour has, exactly: by the largest remainder, ties to the earlier (craft 3F).
     *
     * @return how many by the first turn of each colour
     */
    public Map<Integer, Integer> shared(int many) {
        Map<Integer, Integer> weights = new TreeMap<>();
        firsts.forEach(f -> weights.merge(f, 1, Integer::sum));
        Map<Integer, Integer> shares = new TreeMap<>();
        int left = many;
        for (Map.Entry<Integer, Integer> each : weights.entrySet()) {
            int whole = (int) ((long) many * each.getValue() / firsts.size());
            shares.put(each.getKey(), whole);
            left -= whole;
        }
        List<Integer> byRemainder = new ArrayList<>(weights.keySet());
        byRemainder.sort(Collections.reverseOrder((a, b) -> {
            long ra = (long) many * weights.get(a) % firsts.size();
            long rb = (long) many * weights.get(b) % firsts.size();
            return ra != rb ? Long.compare(ra, rb) : Integer.compare(b, a);
        }));
        for (int i = 0; i < left; i++) {
            shares.merge(byRemainder.get(i), 1, Integer::sum);
        }
        return shares;
    }
}
