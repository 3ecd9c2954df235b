package sectorum.question;

import java.util.List;
import sectorum.bench.Bench;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.tier.PieceWorkup;
import sectorum.workup.Workup;

/** Pieces of one's own, worked out. */
public record PiecesRequest(Plan plan, @Absent Bench bench) implements Question<List<PieceWorkup>> {
    public PiecesRequest {
        Given.in("plan", plan);
        bench = Bench.orUsual(bench);
    }

    @Override
    public List<PieceWorkup> answer(Tiers tiers) {
        return Workup.pieces(plan, bench);
    }
}
