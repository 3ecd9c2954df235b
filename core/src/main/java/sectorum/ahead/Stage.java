package sectorum.ahead;

import java.util.List;
import sectorum.bench.OwnRate;
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
 * @param own how this workshop's pieces of its material dried; absent: nobody noted it
 */
public record Stage(
        String name,
        List<Making.Step> steps,
        @Absent OwnPiece dries,
        int formers,
        @Absent OwnRate own) {
    public Stage {
        steps = List.copyOf(steps);
    }

    /** One as the plain tables have it. */
    public Stage(String name, List<Making.Step> steps, @Absent OwnPiece dries, int formers) {
        this(name, steps, dries, formers, null);
    }

    /** The same in so many times the minutes, drying so. */
    Stage at(double pace, @Absent OwnRate drying) {
        List<Making.Step> paced = pace == 1
                ? steps
                : steps.stream().map(s -> s.taking(pace * s.minutes())).toList();
        return new Stage(name, paced, dries, formers, drying);
    }

    /** The same in other steps. */
    Stage in(List<Making.Step> others) {
        return new Stage(name, others, dries, formers, own);
    }

    public double minutes() {
        return steps.stream().mapToDouble(Making.Step::minutes).reduce(0, Double::sum);
    }

    /** How it is left alone after; nothing where it needs no rest. */
    @Absent
    public Rest rest() {
        Rest rest = dries == null ? null : Drying.of(dries, dries.until(), null, own);
        return rest == null || rest.places() == 0 ? rest : rest.taking(Math.max(1, formers));
    }
}
