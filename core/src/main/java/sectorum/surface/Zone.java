package sectorum.surface;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * The strip of a side between two heights that a dressing may use.
 *
 * @param foot mm above the tier's foot
 * @param top mm above the tier's foot, over {@code foot}
 */
public record Zone(double foot, double top) {
    public Zone {
        if (!(foot >= 0) || !(top > foot)) {
            throw new Refused(
                    "zone",
                    Phrase.of(
                            "A zone from {} to {} above the foot has no height. Move one of its edges.",
                            Quantity.length(foot),
                            Quantity.length(top)));
        }
    }

    /** mm, over 0. */
    public double height() {
        return top - foot;
    }
}
