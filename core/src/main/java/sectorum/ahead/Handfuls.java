package sectorum.ahead;

import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.material.Material;
import sectorum.measure.Rounding;

/**
 * Out of the fridge in handfuls (craft 7): chilled pieces soften in the hand, so that no more are taken out than can be placed
 * before the first of them is too soft.
 *
 * @param many at once
 * @param minutes from one handful to the next
 * @param chill minutes in the cold before the first
 * @param soft minutes until one is too soft
 */
public record Handfuls(int many, double minutes, double chill, double soft) {
    /** Chilled so long, and soft in the hand after so long, minutes, until the workshop has seen it (craft 7). */
    static final double CHILLS = 20;

    static final double SOFTENS = 5;
    /** Nobody places one faster than in five seconds, minutes. */
    private static final double FASTEST = 5 / 60.0;

    /** @param placing minutes that one takes to place */
    public static Handfuls of(Material material, double placing, OwnRates rates) {
        double soft = rates.cooling(RateKind.SOFTENING, material, SOFTENS);
        double each = Math.max(placing, FASTEST);
        int many = (int) Math.max(1, Rounding.floor(soft / each));
        return new Handfuls(many, many * each, rates.cooling(RateKind.CHILLING, material, CHILLS), soft);
    }
}
