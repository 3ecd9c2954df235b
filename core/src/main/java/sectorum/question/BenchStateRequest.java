package sectorum.question;

import java.util.List;
import sectorum.measure.Given;
import sectorum.turntable.BenchState;
import sectorum.turntable.KeptEntry;
import sectorum.turntable.StepKey;

/** Where a job stands by the lines of its journal, kept and not yet sent. */
public record BenchStateRequest(List<StepKey> steps, List<KeptEntry> journal) implements Question<BenchState> {
    public BenchStateRequest {
        steps = Given.all("steps", steps);
        journal = Given.all("journal", journal);
    }

    @Override
    public BenchState answer(Tiers tiers) {
        return BenchState.of(steps, journal);
    }
}
