package sectorum.make;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The nests that were asked for last. Fitting pieces together is the longest part of a table, and most edits, and most orders alike,
 * leave most nests as they are: the same blanks on the same sheets lie the same way, so they are fitted once. Bounded by what the
 * nests hold, for one order of a hundred pieces asks for a dozen.
 */
final class KeptNests {
    /** Pieces lying in all nests that are kept: some megabytes. */
    static final int MOST_LYING = 60_000;

    private record Key(List<Blank> blanks, List<Roll> rolls) {}

    private final Map<Key, Optional<Nested>> kept = new LinkedHashMap<>(64, 0.75f, true);
    private int lying;

    /** As it was fitted before, else as it is fitted now. */
    Optional<Nested> get(List<Blank> blanks, List<Roll> rolls, Supplier<Optional<Nested>> fitted) {
        Key key = new Key(List.copyOf(blanks), List.copyOf(rolls));
        synchronized (this) {
            Optional<Nested> known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        // Two who ask at once both fit it: they come to the same.
        Optional<Nested> now = fitted.get();
        synchronized (this) {
            if (kept.put(key, now) == null) {
                lying += weight(now);
            }
            var oldest = kept.entrySet().iterator();
            while (lying > MOST_LYING && kept.size() > 1) {
                lying -= weight(oldest.next().getValue());
                oldest.remove();
            }
        }
        return now;
    }

    private static int weight(Optional<Nested> nest) {
        return 1
                + nest.map(n -> n.sheets().stream()
                                .mapToInt(s -> s.laid().size())
                                .sum())
                        .orElse(0);
    }

    /** How many pieces lie in what is kept. */
    synchronized int lying() {
        return lying;
    }
}
