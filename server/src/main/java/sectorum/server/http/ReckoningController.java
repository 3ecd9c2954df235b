package sectorum.server.http;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.server.cupboard.Cupboard;
import sectorum.tier.Reckoning;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/** How numbers came about, for whoever asks. */
@RestController
class ReckoningController {
    private final Cupboard cupboard;

    ReckoningController(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** @param piece made ahead, by its name @param carried whether it is asked what the tier carries @param dressing by its name; absent: the tier itself and its divisions are asked about */
    record ReckoningRequest(
            Plan plan,
            String tier,
            @Absent String dressing,
            @Absent String piece,
            boolean carried) {
        ReckoningRequest {
            Given.in("plan", plan);
            Given.in("tier", tier);
        }
    }

    @PostMapping("/api/reckoning")
    List<Reckoning.Reckoned> reckoning(@RequestBody ReckoningRequest asked) {
        if (asked.piece() != null) {
            return piece(asked);
        }
        if (asked.carried()) {
            return List.of(Workup.carried(asked.plan(), Workup.of(asked.plan(), cupboard.bench()), asked.tier()));
        }
        Plan plan = asked.plan().cut();
        Tier tier = plan.tier(asked.tier());
        TierWorkup worked = Workup.of(asked.plan(), cupboard.bench())
                .tiers()
                .get(plan.tiers().indexOf(tier));
        if (asked.dressing() == null) {
            return Stream.concat(
                            Stream.of(Reckoning.measured(tier, worked)),
                            worked.divisions().stream().map(d -> Reckoning.division(worked, d)))
                    .toList();
        }
        return worked.dressings().stream()
                .filter(w -> w.id().equals(asked.dressing()))
                .findFirst()
                .map(w -> Reckoning.of(tier, worked, w))
                .orElseThrow(() -> new Refused(
                        "dressing",
                        Phrase.of(
                                "{} wears no \"{}\". Name one of its courses.",
                                Quantity.text(tier.name()),
                                Quantity.text(asked.dressing()))));
    }

    private List<Reckoning.Reckoned> piece(ReckoningRequest asked) {
        return asked.plan().pieces().stream()
                .filter(p -> p.id().equals(asked.piece()))
                .findFirst()
                .map(p -> Workup.reckoned(asked.plan(), p, cupboard.bench().rates()))
                .orElseThrow(() -> new Refused(
                        "piece",
                        Phrase.of(
                                "This plan has no piece \"{}\". Name one of its pieces made ahead.",
                                Quantity.text(asked.piece()))));
    }
}
