package sectorum.plan;

import java.util.Comparator;
import java.util.List;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A drying piece on the scale (craft 4.2).
 *
 * @param hours since it was made
 * @param grams what it weighs
 */
public record Weighing(double hours, double grams) {
    private static final int MOST = 40;
    private static final Field GRAMS = Field.mass(
            "pieces.resting.weighed.grams", "Weighs", 0.01, 20_000, 50, "The piece alone, without what it lies on.");

    public Weighing {
        if (!(hours >= 0 && hours <= 2000)) {
            throw new Refused(
                    "pieces.resting.weighed.hours",
                    Phrase.of(
                            "A weighing after {} hours is outside {} to {}. Count from when the piece was made.",
                            Quantity.plain(hours),
                            Quantity.count(0),
                            Quantity.count(2000)));
        }
        GRAMS.check(grams);
    }

    /** In the order of their hours, each hour once. */
    static List<Weighing> inOrder(List<Weighing> weighed) {
        List<Weighing> sorted = Check.list("pieces.resting.weighed", "Weighings", weighed, 1, MOST).stream()
                .sorted(Comparator.comparingDouble(Weighing::hours))
                .toList();
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).hours() == sorted.get(i - 1).hours()) {
                throw new Refused(
                        "pieces.resting.weighed.hours",
                        Phrase.of(
                                "Two weighings stand at {} hours. Give each its own hour, or take one out.",
                                Quantity.plain(sorted.get(i).hours())));
            }
        }
        return sorted;
    }
}
