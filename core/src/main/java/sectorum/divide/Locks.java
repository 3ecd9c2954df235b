package sectorum.divide;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Marks moved by hand hold; the others spread evenly between them. */
final class Locks {
    /** Two marks nearer than this cannot be told apart on a cake, mm. */
    static final double LEAST_MM = 1;

    private Locks() {}

    static List<Double> spread(List<Double> even, Map<Integer, Double> locked, double p) {
        int n = even.size();
        TreeMap<Integer, Double> fixed = new TreeMap<>(locked);
        for (Map.Entry<Integer, Double> lock : fixed.entrySet()) {
            if (lock.getKey() < 0 || lock.getKey() >= n || !(lock.getValue() >= 0 && lock.getValue() < p)) {
                throw new Refused(
                        "locked",
                        Phrase.of(
                                "Mark {} at {} is not one of {} marks within {} of tape. Free it, or move it.",
                                Quantity.count(lock.getKey() + 1L),
                                Quantity.length(lock.getValue()),
                                Quantity.count(n),
                                Quantity.length(p)));
            }
        }
        fixed.putIfAbsent(0, even.get(0));
        fixed.put(n, fixed.get(0) + p);
        List<Double> marks = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            Map.Entry<Integer, Double> before = fixed.floorEntry(k);
            Map.Entry<Integer, Double> after = fixed.higherEntry(k);
            double each = (after.getValue() - before.getValue()) / (after.getKey() - before.getKey());
            if (each < LEAST_MM) {
                throw new Refused(
                        "locked",
                        Phrase.of(
                                "Between mark {} and mark {} only {} are left for each section. Move one of them.",
                                Quantity.count(before.getKey() + 1L),
                                Quantity.count(after.getKey() % n + 1L),
                                Quantity.length(each)));
            }
            marks.add(before.getValue() + (k - before.getKey()) * each);
        }
        return marks;
    }
}
