package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.bench.OwnRates;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;

/**
 * What follows for the tiers of a plan, put on one another.
 *
 * @param tiers foot to top
 * @param ledges what is seen of each tier's top beside the tier on it, at the left and right, mm: half the difference of
 *     the lower one's top edge and the upper one's foot; negative where the upper one hangs over
 * @param rates of the workshop's own by which it is reckoned
 */
public record StackWorkup(List<TierWorkup> tiers, List<Double> ledges, OwnRates rates) {
    public StackWorkup {
        tiers = List.copyOf(tiers);
        ledges = List.copyOf(ledges);
    }

    /** Pure: the same plan and bench give the same workup. */
    public static StackWorkup of(Plan plan, Bench bench) {
        return of(
                PlacedTier.of(plan).stream()
                        .map(tier -> TierWork.of(tier, bench))
                        .toList(),
                bench.rates());
    }

    /** What of it can be seen: bodies and pieces, without figures, findings, making or rates. */
    public StackWorkup seen() {
        return new StackWorkup(tiers.stream().map(TierWorkup::seen).toList(), ledges, OwnRates.NONE);
    }

    /** All that is made ahead: the plan's own pieces, and what its dressings ask for. */
    public List<ToMake> toMake(Plan plan) {
        return ToMake.of(plan, tiers);
    }

    /** The pieces alone. */
    public List<OwnPiece> pieces(Plan plan) {
        return toMake(plan).stream().map(ToMake::piece).toList();
    }

    /** Tiers worked up one by one, put on one another. */
    public static StackWorkup of(List<TierWorkup> tiers, OwnRates rates) {
        List<Double> ledges = new ArrayList<>();
        for (int i = 0; i + 1 < tiers.size(); i++) {
            TierWorkup.Form below = tiers.get(i).form();
            double edge = below.width() * below.top().mm() / below.foot().mm();
            ledges.add((edge - tiers.get(i + 1).form().width()) / 2);
        }
        return new StackWorkup(tiers, ledges, rates);
    }
}
