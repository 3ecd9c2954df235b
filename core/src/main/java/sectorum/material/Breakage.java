package sectorum.material;

import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/**
 * Spares by breakage (craft 4): where each piece breaks with a probability p, the fewest s with
 * P(Binomial(N + s, 1 - p) ≥ N) at least as sure as is asked.
 */
public final class Breakage {
    /** So sure one is where nobody asks otherwise. */
    public static final double SURE = 0.95;

    private Breakage() {}

    /** Whole pieces beside those needed: by what was seen to break, else by the material's share. */
    public static int spare(Material material, @Absent Double breaks, int needed) {
        return breaks == null ? material.spare().of(needed) : spare(needed, breaks, SURE);
    }

    /**
     * @param needed whole ones
     * @param breaks the share of pieces that break, under 1
     * @param sure of having enough, 0 to 1
     */
    public static int spare(int needed, double breaks, double sure) {
        if (needed == 0 || breaks <= 0) {
            return 0;
        }
        // Summed upwards: k broken before the last of the needed whole ones (the same event, told by what breaks).
        double log = needed * Elementary.log1p(-breaks);
        double sum = Elementary.exp(log);
        int spare = 0;
        while (sum < sure - 1e-12 && spare < 100_000) {
            spare++;
            log += Elementary.log(breaks) + Elementary.log((double) (needed + spare - 1) / spare);
            sum += Elementary.exp(log);
        }
        return spare;
    }
}
