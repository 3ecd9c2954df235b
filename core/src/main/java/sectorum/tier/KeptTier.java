package sectorum.tier;

import java.util.Map;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;

/**
 * A tier as it was worked out last, with all that it followed from: while a hand drags one dressing, what the others are, the
 * form and the divisions need not be worked out again.
 *
 * @param steps each dressing as it was by itself, by its name
 */
public record KeptTier(PlacedTier placed, Bench bench, TierWorkup workup, Map<String, Step> steps) {
    /** A dressing by itself, and what it followed from beside its tier. */
    record Step(Dressing dressing, Finishes.Beneath beneath, TierWorkup.Worn worn) {}

    public KeptTier {
        steps = Map.copyOf(steps);
    }

    /** Worked out, with the help of what is known of the same tier from before; the same as without it. */
    public static KeptTier of(PlacedTier placed, Bench bench, @Absent KeptTier before) {
        return TierWork.kept(placed, bench, before != null && before.serves(placed, bench) ? before : null);
    }

    /** Whether only settings of dressings are others than here: they matter to nothing but themselves and what goes over them. */
    private boolean serves(PlacedTier now, Bench by) {
        return bench.equals(by)
                && !now.tier().isChanged()
                && !placed.tier().isChanged()
                && unset(placed).equals(unset(now));
    }

    private static PlacedTier unset(PlacedTier placed) {
        Tier tier = placed.tier();
        return placed.with(tier.wearing(
                tier.dressings().stream().map(d -> d.with(Values.NONE)).toList()));
    }

    /** The dressing as it was, where it would be the same. */
    @Absent
    TierWorkup.Worn again(Dressing dressing, Finishes.Beneath beneath) {
        Step step = steps.get(dressing.id());
        return step != null
                        && step.dressing().equals(dressing)
                        && step.beneath().equals(beneath)
                ? step.worn()
                : null;
    }
}
