package sectorum.divide;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.measure.Tape;

/**
 * What can be done in the middle of the job, when k of n sections are placed and cover another length than planned
 * (craft 2.5).
 *
 * @param gap (P − s) − (n − k)·size, signed: what the rest has to take up
 * @param offers the three ways out that are possible
 */
public record Rescue(double gap, List<Offer> offers) {
    public static final Field PLACED =
            Field.count("rescue.placed", "Sections placed", 1, 499, 1, "Count those that are done.");

    /** How a way out works. */
    public enum Kind {
        SPREAD,
        ONE_MORE,
        ONE_FEWER,
        HIDE
    }

    /**
     * One way out.
     *
     * @param count how many sections there are then
     * @param size what the rest becomes; for {@link Kind#HIDE} what the last ones become
     * @param looks how that compares with those placed
     * @param hidden how many at the back take the difference; 0 unless it is hidden
     * @param locks marks to hold: index to s from the back seam
     * @param ends where each section still to come begins, and the last one ends, on the tape
     */
    public record Offer(
            Kind kind,
            int count,
            double size,
            Compare looks,
            int hidden,
            Map<Integer, Double> locks,
            List<Double> ends) {
        public Offer {
            ends = List.copyOf(ends);
        }
    }

    /**
     * @param p the tape round the side, mm
     * @param first where the first mark is, mm from the back seam
     * @param n sections planned
     * @param k sections placed, 1 to n − 1
     * @param covered s, from the first mark to the end of the last section placed, mm
     * @param size what a section was to be, mm
     * @param tape the new marks are read on it
     */
    public static Rescue of(double p, double first, int n, int k, double covered, double size, Tape tape) {
        PLACED.check(k);
        if (k >= n) {
            throw new Refused(
                    "rescue.placed",
                    Phrase.of(
                            "{} of {} sections are placed: nothing is left to spread. Say at most {}.",
                            Quantity.count(k),
                            Quantity.count(n),
                            Quantity.count(n - 1L)));
        }
        double left = p - covered;
        if (!(covered > 0) || left < (n - k) * Locks.LEAST_MM) {
            throw new Refused(
                    "rescue.reads",
                    Phrase.of(
                            "{} sections covering {} of {} leave no room for {} more. Read the tape again.",
                            Quantity.count(k),
                            Quantity.length(covered),
                            Quantity.length(p),
                            Quantity.count((long) n - k)));
        }
        double gap = left - (n - k) * size;
        double end = first + covered;
        List<Offer> offers = new ArrayList<>();
        double ordinary = covered / k;
        offers.add(even(Kind.SPREAD, n, k, left, ordinary, end, p, tape));
        if (left / (n - k + 1) >= Locks.LEAST_MM && n < 500) {
            offers.add(even(Kind.ONE_MORE, n + 1, k, left, ordinary, end, p, tape));
        }
        if (n - k > 1) {
            offers.add(even(Kind.ONE_FEWER, n - 1, k, left, ordinary, end, p, tape));
        }
        int hidden = (int) Rounding.ceil(Math.abs(gap) / (0.03 * size));
        if (hidden >= 1 && hidden <= n - k) {
            double each = size + gap / hidden;
            Map<Integer, Double> locks = new TreeMap<>(Map.of(k, wrapped(end, p)));
            if (hidden < n - k) {
                locks.put(n - hidden, wrapped(end + (n - k - hidden) * size, p));
            }
            List<Double> rest = new ArrayList<>(Collections.nCopies(n - k - hidden, size));
            rest.addAll(Collections.nCopies(hidden, each));
            offers.add(new Offer(Kind.HIDE, n, each, Compare.of(each, size), hidden, locks, ends(end, rest, p, tape)));
        }
        return new Rescue(gap, offers);
    }

    private static Offer even(
            Kind kind, int count, int k, double left, double ordinary, double end, double p, Tape tape) {
        double each = left / (count - k);
        return new Offer(
                kind,
                count,
                each,
                Compare.of(each, ordinary),
                0,
                Map.of(k, wrapped(end, p)),
                ends(end, Collections.nCopies(count - k, each), p, tape));
    }

    private static List<Double> ends(double from, List<Double> sections, double p, Tape tape) {
        List<Double> ends = new ArrayList<>(List.of(tape.read(wrapped(from, p))));
        double at = from;
        for (double section : sections) {
            at += section;
            // A hair past P is the seam itself.
            ends.add(tape.read(at > p + Rounding.EPS ? at - p : at));
        }
        return ends;
    }

    private static double wrapped(double s, double p) {
        return s < p ? s : s - p;
    }

    public Rescue {
        offers = List.copyOf(offers);
    }
}
