package sectorum.turntable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.measure.Rounding;
import sectorum.outline.Along;

/** The order in which a hand goes to the places round a tier (craft 5.3). */
public enum Sequence {
    /** As the tape runs, from the back seam on. */
    TAPE,
    /** The front first, then in turn on either side of it, so that the fault ends at the back. */
    ALTERNATE,
    /** From the front round and round. */
    ROUND;

    public static Sequence of(Course course) {
        return course == Course.ROUND ? ROUND : ALTERNATE;
    }

    /**
     * The indices of the places in the order in which they are done; a left hand goes as a mirror would show it.
     *
     * @param places s from the back seam, mm, {@code 0 ≤ s < around}, in any order
     */
    public List<Integer> order(List<Double> places, double around, Hand hand) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> rank(i, places, around, hand)));
        return this == ALTERNATE ? alternating(order, places, around) : order;
    }

    /** How far on its way round the hand comes to a place; one at the very front is the first of all. */
    private double rank(int i, List<Double> places, double around, Hand hand) {
        double s = places.get(i);
        double seen = hand == Hand.RIGHT ? s : Along.of(-s, around).s();
        if (this == TAPE) {
            return seen;
        }
        double ahead = Along.of(seen - around / 2, around).s();
        return around - ahead < Rounding.EPS ? 0 : ahead;
    }

    /** From the way round: the nearest to the front, then one from its beginning and one from its end by turns. */
    private static List<Integer> alternating(List<Integer> round, List<Double> places, double around) {
        List<Integer> order = new ArrayList<>();
        int low = 0;
        int high = round.size() - 1;
        Along front = Along.of(around / 2, around);
        boolean onward = round.isEmpty()
                || Rounding.atMost(
                        Along.of(places.get(round.get(0)), around).distance(front),
                        Along.of(places.get(round.get(high)), around).distance(front));
        while (low <= high) {
            order.add(round.get(onward ? low++ : high--));
            onward = !onward;
        }
        return order;
    }
}
