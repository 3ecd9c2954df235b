package sectorum.server.http;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Component;
import sectorum.bench.Bench;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.workup.TierWorkup;
import sectorum.workup.Workup;

/** Tiers as they were worked out last: results that would come out the same are not worked out again. */
@Component
class Worked {
    /** A tier as it stands and the bench: all that a tier's workup depends on. */
    private record Key(Tier tier, Bench bench) {}

    private final Cache<Key, TierWorkup> worked =
            Caffeine.newBuilder().maximumSize(500).build();

    List<TierWorkup> tiers(Plan plan, Bench bench) {
        return plan.tiers().stream()
                .map(tier -> worked.get(new Key(tier, bench), key -> Workup.tier(key.tier(), key.bench())))
                .toList();
    }
}
