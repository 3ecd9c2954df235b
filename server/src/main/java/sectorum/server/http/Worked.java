package sectorum.server.http;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import sectorum.bench.Bench;
import sectorum.question.Question;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/** Tiers as they were worked out last: results that would come out the same are not worked out again. */
@Component
class Worked implements Question.Tiers {
    /** A tier as it stands and the bench: all that a tier's workup depends on. */
    private record Key(PlacedTier tier, Bench bench) {}

    /**
     * Placements in all that is kept: some 60 MB. Counted by weight and not by tiers: while a hand drags a course of 20,000
     * pieces every step is another workup.
     */
    static final long MOST = 400_000;
    /** What a tier weighs beside its placements: marks, ladder, fields, drawings. */
    private static final int TIER = 400;

    private final Cache<Key, TierWorkup> worked = Caffeine.newBuilder()
            .maximumWeight(MOST)
            .weigher((Key key, TierWorkup tier) -> weight(tier))
            .executor(Runnable::run)
            .build();

    private static int weight(TierWorkup tier) {
        return TIER
                + tier.dressings().stream()
                        .mapToInt(w -> w.layout().placements().size())
                        .sum();
    }

    /** What is kept now, as it is weighed. */
    long weight() {
        worked.cleanUp();
        return worked.policy().eviction().orElseThrow().weightedSize().orElse(0);
    }

    @Override
    public TierWorkup of(PlacedTier tier, Bench bench) {
        return worked.get(new Key(tier, bench), key -> Workup.tier(key.tier(), key.bench()));
    }
}
