package sectorum.ahead;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * What was worked out last, so that it is not worked out again: a piece is asked for by the table, the days, the stack and
 * every view. Pure functions only; what weighs too much in all goes, the longest unused first.
 */
final class Memo<K, V> {
    private final Map<K, V> kept = new LinkedHashMap<>(64, 0.75f, true);
    private final int most;
    private final ToIntFunction<V> weigh;
    private int weight;

    Memo(int most, ToIntFunction<V> weigh) {
        this.most = most;
        this.weigh = weigh;
    }

    V get(K key, Function<K, V> make) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = make.apply(key);
        synchronized (kept) {
            V before = kept.put(key, made);
            weight += weigh.applyAsInt(made) - (before == null ? 0 : weigh.applyAsInt(before));
            var eldest = kept.entrySet().iterator();
            while (weight > most && eldest.hasNext()) {
                weight -= weigh.applyAsInt(eldest.next().getValue());
                eldest.remove();
            }
        }
        return made;
    }
}
