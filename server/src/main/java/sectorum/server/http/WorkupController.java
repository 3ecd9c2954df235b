package sectorum.server.http;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Tape;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.workup.Bench;
import sectorum.workup.TierWorkup;
import sectorum.workup.Workup;

/** Everything that follows from a plan, saved or not. Keeps nothing but results that would come out the same. */
@RestController
class WorkupController {
    /** A tier as it stands and the tape in hand: all that a tier's workup depends on. */
    private record Key(Tier tier, Bench bench) {}

    private final Cache<Key, TierWorkup> worked =
            Caffeine.newBuilder().maximumSize(500).build();

    /** The tier that would go on top of this plan next. */
    @PostMapping("/api/next-tier")
    Tier next(@RequestBody Plan plan) {
        return plan.nextTier();
    }

    /**
     * Works a plan up.
     *
     * @param tapeMm finest division of the tape in hand, mm
     */
    @PostMapping("/api/workup")
    Workup workup(@RequestBody Plan plan, @RequestParam(defaultValue = "1") double tapeMm) {
        Bench bench = new Bench(new Tape(tapeMm));
        List<TierWorkup> tiers = plan.tiers().stream()
                .map(tier -> worked.get(new Key(tier, bench), key -> Workup.tier(key.tier(), key.bench())))
                .toList();
        return Workup.stacked(tiers);
    }
}
