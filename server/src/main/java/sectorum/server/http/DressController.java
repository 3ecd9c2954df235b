package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.plan.Plan;
import sectorum.surface.SurfaceKind;
import sectorum.tier.PlacedTier;
import sectorum.tier.Refit;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/** What could be put on a tier: the tray of techniques, and a dressing taken over from another tier. */
@RestController
class DressController {
    /**
     * A tier and one of its divisions; an unknown one is the first.
     *
     * @param surface absent: the side
     */
    record Tray(Plan plan, String tier, @Absent SurfaceKind surface, String division, Bench bench) {
        Tray {
            Given.in("plan", plan);
            Given.in("bench", bench);
        }
    }

    /**
     * A dressing, where it is and where it is wanted.
     *
     * @param into the plan it is wanted in; absent: the same
     */
    record TakenOver(
            Plan plan,
            String from,
            String dressing,
            String to,
            @Absent Plan into,
            Bench bench) {
        TakenOver {
            Given.in("plan", plan);
            Given.in("bench", bench);
        }
    }

    /** Every technique meant for a surface of this tier as it would be there. */
    @PostMapping("/api/tray")
    List<TierWorkup.Worn> tray(@RequestBody Tray asked) {
        SurfaceKind on = asked.surface() == null ? SurfaceKind.SIDE : asked.surface();
        return Workup.tray(
                PlacedTier.of(asked.plan(), asked.tier()).drawn(asked.plan().art()),
                on,
                asked.division(),
                asked.bench());
    }

    /** The dressing fitted to the other tier, and what became of its figures. */
    @PostMapping("/api/refit")
    Refit refit(@RequestBody TakenOver asked) {
        Plan plan = asked.plan();
        Plan into = asked.into() == null ? plan : asked.into();
        return Refit.of(
                PlacedTier.of(plan, asked.from()), asked.dressing(), PlacedTier.of(into, asked.to()), asked.bench());
    }
}
