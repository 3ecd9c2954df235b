package sectorum.turntable;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.tasks.Instruction;

/**
 * One step as the turntable shows it.
 *
 * @param key what the journal needs to know of it
 * @param told what to do
 * @param division whose marks its places are; empty: they are pieces, or there are none
 * @param one what a place is called, in the singular
 * @param many the same in the plural
 * @param window how long it is left alone after; absent: one goes on at once
 * @param late what can still be done past the window's late edge; none where it has none
 */
public record BenchStep(
        StepKey key,
        Instruction told,
        String division,
        String one,
        String many,
        @Absent Window window,
        List<Remedy> late) {
    public BenchStep {
        late = List.copyOf(late);
    }
}
