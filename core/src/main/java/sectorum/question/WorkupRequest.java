package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/**
 * Everything that follows from a plan.
 *
 * @param bench absent: the usual one
 * @param only tiers that are answered with, by name; absent: all. Whoever asks knows the others already: a tier's workup
 *     depends on nothing but the tier in its place and the bench
 */
public record WorkupRequest(
        Plan plan, @Absent Bench bench, @Absent List<String> only) implements Question<StackWorkup> {
    private static final int SHOWN = 40;

    public WorkupRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public StackWorkup answer(Tiers tiers) {
        Workup.check(plan);
        StackWorkup all = tiers.stack(plan, bench);
        if (only == null) {
            return all;
        }
        known(all.tiers().stream().map(TierWorkup::id).toList());
        return new StackWorkup(
                all.tiers().stream().filter(t -> only.contains(t.id())).toList(), all.ledges(), all.rates());
    }

    /** A tier that is not there is no empty answer: whoever asks has the wrong plan, or the wrong name. */
    private void known(List<String> ids) {
        for (String id : only) {
            if (!ids.contains(id)) {
                throw new Refused(
                        "only",
                        Phrase.of(
                                "There is no tier \"{}\" in this plan; it has {}. Ask for one of these.",
                                Quantity.text(id.length() > SHOWN ? id.substring(0, SHOWN) + "…" : id),
                                Quantity.text(String.join(", ", ids))));
            }
        }
    }
}
