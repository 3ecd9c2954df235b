package sectorum.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A layered figure: each filled region a piece, laid on those under it or set into a cut-out of theirs (craft 3H). */
public final class Layered {
    private Layered() {}

    /** As it is: what comes later lies on top. */
    public static List<Rings> laid(List<Rings> parts) {
        return parts;
    }

    /**
     * Each with a void for all that lies in it later.
     *
     * @param under how far a piece reaches under what lies in it, mm
     * @return as many as there were; empty where nothing of one is left
     */
    public static List<Optional<Rings>> voided(List<Rings> parts, double under) {
        List<Optional<Rings>> left = new ArrayList<>();
        Rings over = null;
        for (int i = parts.size() - 1; i >= 0; i--) {
            Rings own = parts.get(i);
            Rings taken = over == null ? null : under > 0 ? Regions.offset(over, -under) : over;
            left.add(0, taken == null ? Optional.of(own) : Optional.ofNullable(Regions.difference(own, taken)));
            over = over == null ? own : Regions.union(over, own);
        }
        return left;
    }
}
