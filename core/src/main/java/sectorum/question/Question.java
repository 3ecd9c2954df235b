package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.plan.Plan;
import sectorum.tier.PlacedTier;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/**
 * A question about a plan, saved or not. Nothing but what it carries matters to its answer.
 *
 * @param <A> the answer
 */
public sealed interface Question<A>
        permits WorkupRequest,
                NextTierRequest,
                LengthRequest,
                RescueRequest,
                RefitRequest,
                WaysRequest,
                TrayRequest,
                BuildRequest,
                PiecesRequest,
                PieceTrayRequest,
                PlacesRequest,
                BenchStateRequest,
                EvennessRequest {

    /** @param tiers works tiers up, or gives them out of what it keeps */
    A answer(Tiers tiers);

    /** Works up one tier in its place. */
    @FunctionalInterface
    interface Tiers {
        TierWorkup of(PlacedTier tier, Bench bench);

        default StackWorkup stack(Plan plan, Bench bench) {
            List<TierWorkup> worked =
                    PlacedTier.of(plan).stream().map(tier -> of(tier, bench)).toList();
            return StackWorkup.of(worked, bench.rates());
        }
    }
}
