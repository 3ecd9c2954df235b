package sectorum.practice;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.template.Flow;
import sectorum.template.Paper;
import sectorum.template.Sheet;

/** Exercises for a class on paper, and their answers on sheets of their own at the end. */
public final class ClassSheet {
    /** Of what can be answered on paper; marking by hand is done on a cake. */
    private static final List<Exercise.Drill> ON_PAPER =
            List.of(Exercise.Drill.DIVIDE, Exercise.Drill.COUNT, Exercise.Drill.MIRROR, Exercise.Drill.WRONG);

    public static final int MOST = 40;

    private ClassSheet() {}

    /** The exercises of a sheet, in turn of each kind. */
    public static List<Exercise> exercises(long seed, int many) {
        List<Exercise> all = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            all.add(Exercise.of(ON_PAPER.get(i % ON_PAPER.size()), seed + i));
        }
        return all;
    }

    /** @param unit in which lengths are told */
    public static List<Sheet> of(long seed, int many, Paper paper, LengthUnit unit) {
        Flow flow = new Flow(paper, unit);
        List<Exercise> all = exercises(seed, many);
        flow.title("Rehearsal " + seed);
        for (int i = 0; i < all.size(); i++) {
            Exercise e = all.get(i);
            flow.head((i + 1) + ". " + e.drill().words());
            flow.text(e.asked());
            if (!e.marks().isEmpty() && e.drill() == Exercise.Drill.WRONG) {
                flow.text(Phrase.of("Marks at {}.", Quantity.text(told(e.marks()))));
            }
            e.choices().forEach(c -> flow.text("( ) " + c.label()));
            flow.text("Answer: ______________________");
            flow.gap(4);
        }
        flow.turn();
        flow.title("Rehearsal " + seed + ", answers");
        for (int i = 0; i < all.size(); i++) {
            flow.text(Phrase.of(
                    "{}. {}",
                    Quantity.count(i + 1),
                    Quantity.text(answer(all.get(i)).say(unit))));
        }
        return flow.sheets();
    }

    private static String told(List<Double> marks) {
        return String.join(
                        ", ",
                        marks.stream()
                                .map(m -> "" + sectorum.measure.Elementary.round(m))
                                .toList()) + " mm";
    }

    /** What the judge says of the right answer. */
    static Phrase answer(Exercise e) {
        Judgement.PracticeAnswer right = e.choices().isEmpty()
                ? new Judgement.PracticeAnswer(List.of(e.right()), null)
                : new Judgement.PracticeAnswer(List.of(), e.chosen());
        return Judgement.of(e, right).said();
    }
}
