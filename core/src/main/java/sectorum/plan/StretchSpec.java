package sectorum.plan;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.outline.Along;
import sectorum.surface.Stretch;
import sectorum.surface.Surface;

/**
 * A part of the way round, told from the front: whatever the tier's size becomes, it keeps its place. A full turn is 360°
 * along the side itself, so that on every outline 90° is a quarter of its circumference.
 *
 * @param from where it begins, degrees from the front, to the right positive, -180 to 180
 * @param to where it ends, going on to the right, at least {@value #LEAST} and at most {@value #MOST} more
 */
public record StretchSpec(double from, double to) {
    /** Narrower is a place, no stretch; degrees. */
    private static final double LEAST = 1;
    /** Wider is all round; degrees. */
    private static final double MOST = 359;

    public StretchSpec {
        if (!(from >= -180 && from <= 180)) {
            throw new Refused(
                    "stretch.from",
                    Phrase.of(
                            "A stretch begins {}° to {}° from the front, to the right positive; this is {}°.",
                            Quantity.plain(-180),
                            Quantity.plain(180),
                            Quantity.plain(from)));
        }
        if (!(to - from >= LEAST && to - from <= MOST)) {
            throw new Refused(
                    "stretch.to",
                    Phrase.of(
                            "From {}° to {}° is no part of the way round: it takes {}° to {}° from where it begins.",
                            Quantity.plain(from),
                            Quantity.plain(to),
                            Quantity.plain(LEAST),
                            Quantity.plain(MOST)));
        }
    }

    /** The stretch of this surface, all of whose tier's surfaces have the same s. */
    public Stretch on(Surface surface) {
        double around = surface.period();
        return new Stretch(Along.of(around / 2 + from / 360 * around, around), (to - from) / 360 * around);
    }
}
