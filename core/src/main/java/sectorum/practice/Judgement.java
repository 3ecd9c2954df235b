package sectorum.practice;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;

/**
 * An answer, judged.
 *
 * @param right whether it is
 * @param said why, with its numbers
 * @param score 0 to 1
 * @param offs how far each mark was off, mm; none: none was made
 * @param closing the section that closes, mm; absent: nothing was marked
 * @param markMm how far a mark of this hand is off (σ), mm; absent: too few marks to tell
 */
public record Judgement(
        boolean right,
        Phrase said,
        double score,
        List<Double> offs,
        @Absent Double closing,
        @Absent Double markMm) {
    /** A section shows where it is over 3 % off its neighbours (craft 2.4). */
    private static final double SHOWS = 0.03;
    /** Fewer marks tell nothing of a hand. */
    private static final int LEAST = 5;
    /** A count within so much of the right one is good enough to buy by. */
    private static final double NEAR = 0.05;

    private static final double MOST_MM = 2000;

    public Judgement {
        offs = List.copyOf(offs);
    }

    /**
     * What somebody answered.
     *
     * @param numbers marks in the order in which they were made, mm from the seam; or one number
     * @param choice the name of the chosen one; absent: there were none
     */
    public record PracticeAnswer(
            List<Double> numbers, @Absent String choice) {
        public PracticeAnswer {
            numbers = List.copyOf(Given.all("numbers", numbers));
            for (double n : numbers) {
                if (!(n >= -MOST_MM && n <= 1_000_000)) {
                    throw new Refused(
                            "numbers",
                            Phrase.of("{} is no answer here. Type a number of pieces or of mm.", Quantity.plain(n)));
                }
            }
        }
    }

    /** Pure: the same answer is judged the same. */
    public static Judgement of(Exercise exercise, PracticeAnswer answer) {
        if (exercise.drill().isByHand()) {
            return byHand(exercise, answer.numbers());
        }
        return exercise.choices().isEmpty() ? number(exercise, answer) : choice(exercise, answer);
    }

    private static Judgement choice(Exercise exercise, PracticeAnswer answer) {
        String right = exercise.chosen();
        if (exercise.choices().stream().noneMatch(c -> c.name().equals(answer.choice()))) {
            throw new Refused(
                    "choice", Phrase.of("\"{}\" is none of the choices.", Quantity.text("" + answer.choice())));
        }
        boolean is = answer.choice().equals(right);
        String label = exercise.choices().stream()
                .filter(c -> c.name().equals(right))
                .map(Exercise.PracticeChoice::label)
                .findFirst()
                .orElseThrow();
        Phrase said = exercise.drill() == Exercise.Drill.MIRROR
                ? Phrase.of(
                        "It is turned over {} times on its way: {}.",
                        Quantity.count(exercise.turns()),
                        Quantity.text(label.toLowerCase(java.util.Locale.ROOT)))
                : Phrase.of(
                        "{}. Sections lie between {} and {}.",
                        Quantity.text(label),
                        Quantity.length(sections(exercise).stream()
                                .mapToDouble(d -> d)
                                .min()
                                .orElse(0)),
                        Quantity.length(sections(exercise).stream()
                                .mapToDouble(d -> d)
                                .max()
                                .orElse(0)));
        return new Judgement(is, said, is ? 1 : 0, List.of(), null, null);
    }

    /** Widths from mark to mark, the closing one last. */
    static List<Double> sections(Exercise exercise) {
        List<Double> marks = exercise.marks();
        List<Double> sections = new ArrayList<>();
        for (int k = 0; k < marks.size(); k++) {
            double next = k + 1 < marks.size() ? marks.get(k + 1) : exercise.around() + marks.get(0);
            sections.add(next - marks.get(k));
        }
        return sections;
    }

    private static Judgement number(Exercise exercise, PracticeAnswer answer) {
        if (answer.numbers().size() != 1) {
            throw new Refused(
                    "numbers",
                    Phrase.of(
                            "{} numbers; one is asked for.",
                            Quantity.count(answer.numbers().size())));
        }
        double right = exercise.right();
        double given = answer.numbers().get(0);
        boolean counted = exercise.drill() == Exercise.Drill.COUNT;
        boolean is = counted ? Math.abs(given - right) <= NEAR * right : given == right;
        double score = Math.max(0, 1 - Math.abs(given - right) / right);
        Phrase said = counted
                ? Phrase.of(
                        "{} by the area, {} % of it given; and one in ten spare, {} in all.",
                        Quantity.count((long) right),
                        Quantity.count(Elementary.round(100 * given / right)),
                        Quantity.count((long) (right + Rounding.ceil(right / 10))))
                : Phrase.of(
                        "{} sections of {}; yours, {}, would be {} wide.",
                        Quantity.count((long) right),
                        Quantity.length(exercise.around() / right),
                        Quantity.plain(given),
                        Quantity.length(given > 0 ? exercise.around() / given : exercise.around()));
        return new Judgement(is, said, is ? 1 : score, List.of(), null, null);
    }

    private static Judgement byHand(Exercise exercise, List<Double> marks) {
        int n = exercise.sections();
        if (marks.size() != n) {
            throw new Refused(
                    "numbers",
                    Phrase.of("{} marks; {} are asked for.", Quantity.count(marks.size()), Quantity.count(n)));
        }
        double p = exercise.around();
        double step = exercise.gauge() > 0 ? exercise.gauge() : p / n;
        List<Double> offs = new ArrayList<>();
        double squares = 0;
        for (int k = 1; k < n; k++) {
            // By the tape each mark errs alone; by the card it errs from the one before it.
            double meant = exercise.gauge() > 0 ? marks.get(k - 1) + step : marks.get(0) + k * step;
            double off = marks.get(k) - meant;
            offs.add(off);
            squares += off * off;
        }
        double closing = marks.get(0) + p - marks.get(n - 1);
        double usual = (marks.get(n - 1) - marks.get(0)) / (n - 1);
        double by = Math.abs(closing - usual) / usual;
        boolean right = by <= SHOWS;
        double sigma = Math.sqrt(squares / (n - 1));
        return new Judgement(
                right,
                Phrase.of(
                        right
                                ? "The last section is {} beside {}: nobody sees it. Your marks were {} off."
                                : "The last section is {} beside {}: it shows. Your marks were {} off.",
                        Quantity.length(Rounding.halfUp(closing, 0.1)),
                        Quantity.length(Rounding.halfUp(usual, 0.1)),
                        Quantity.length(Rounding.halfUp(sigma, 0.01))),
                Math.max(0, 1 - by / (3 * SHOWS)),
                offs,
                closing,
                n - 1 >= LEAST ? (Double) Math.max(0.05, Math.min(5, sigma)) : null);
    }
}
