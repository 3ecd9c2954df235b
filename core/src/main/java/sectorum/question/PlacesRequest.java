package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.tier.PlacedTier;
import sectorum.turntable.BenchPlace;
import sectorum.turntable.Places;
import sectorum.turntable.Sequence;

/**
 * Where the hand goes in a step, one place after the other.
 *
 * @param division whose marks are meant; absent: pieces are
 * @param dressing whose pieces are meant; absent: marks are
 * @param sequence absent: marks as the tape runs, pieces by the bench's school
 */
public record PlacesRequest(
        Plan plan,
        String tier,
        @Absent String division,
        @Absent String dressing,
        @Absent Sequence sequence,
        @Absent Bench bench)
        implements Question<List<BenchPlace>> {
    public PlacesRequest {
        Given.in("plan", plan);
        Given.in("tier", tier);
        if ((division == null) == (dressing == null)) {
            throw new Refused(
                    "division",
                    Phrase.of(
                            "Places are those of a division's marks or of a dressing's pieces; {} is named.",
                            Quantity.text(division == null ? "neither" : "each")));
        }
        bench = Bench.orUsual(bench);
    }

    @Override
    public List<BenchPlace> answer(Tiers tiers) {
        Plan cut = plan.cut();
        if (division != null) {
            return Places.marks(cut.tier(tier), division, bench, sequence);
        }
        PlacedTier placed = PlacedTier.of(cut, tier);
        placed.tier().dressing(dressing);
        return tiers.of(placed, bench).dressings().stream()
                .filter(w -> w.id().equals(dressing))
                .findFirst()
                .map(w -> Places.pieces(placed.tier(), w, bench, sequence))
                .orElse(List.of());
    }
}
