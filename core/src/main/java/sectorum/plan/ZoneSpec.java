package sectorum.plan;

import java.util.Locale;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A zone as one measures it: each edge from the foot or from the top edge; on a level surface from its rim, or from what ends
 * it further in.
 */
public record ZoneSpec(Height from, Height to) {
    private static final Field UP = Field.length("zone", "Zone's edge", 0, 800, 0, "It lies on the side.");

    /** The edge a height is measured from. */
    public enum Edge {
        FOOT,
        TOP
    }

    /**
     * A height on a side.
     *
     * @param edge where the tape begins
     * @param mm how far from it
     */
    public record Height(Edge edge, double mm) {
        public Height {
            if (edge == null) {
                throw new Refused(
                        "zone", Phrase.of("A height is measured from the {}.", Quantity.text("foot or the top")));
            }
            UP.check(mm);
        }

        double on(Surface surface) {
            return edge == Edge.FOOT ? mm : surface.depth() - mm;
        }

        @Override
        public String toString() {
            return mm + " from " + edge.name().toLowerCase(Locale.ROOT);
        }
    }

    public ZoneSpec {
        if (from == null || to == null) {
            throw new Refused("zone", Phrase.of("A zone has {} edges.", Quantity.count(2)));
        }
    }

    /** The zone on this surface; refused when its edges cross there. */
    public Zone on(Surface surface) {
        return new Zone(Math.max(0, from.on(surface)), Math.min(surface.depth(), to.on(surface)));
    }
}
