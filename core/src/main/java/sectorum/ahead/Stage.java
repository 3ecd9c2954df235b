package sectorum.ahead;

import java.util.List;
import sectorum.days.Drying;
import sectorum.days.Rest;
import sectorum.measure.Absent;
import sectorum.plan.OwnPiece;
import sectorum.technique.Making;

/**
 * A part of the making with a rest after it: a stamen dries before it is set in, a calyx goes on last.
 *
 * @param name what is made in it; of the last the whole
 * @param steps hands for all pieces alike
 * @param dries the piece as it dries after this stage, its thickness and its air; absent: nothing waits
 * @param formers that all of them need at once
 */
public record Stage(
        String name, List<Making.Step> steps, @Absent OwnPiece dries, int formers) {
    public Stage {
        steps = List.copyOf(steps);
    }

    public double minutes() {
        return steps.stream().mapToDouble(Making.Step::minutes).reduce(0, Double::sum);
    }

    /** How it is left alone after; nothing where it needs no rest. */
    @Absent
    public Rest rest() {
        Rest rest = dries == null ? null : Drying.of(dries, null);
        return rest == null || rest.places() == 0 ? rest : rest.taking(Math.max(1, formers));
    }
}
