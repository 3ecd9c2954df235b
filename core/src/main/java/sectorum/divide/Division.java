package sectorum.divide;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.outline.Along;
import sectorum.outline.Outline;

/**
 * A side cut into n sections by n marks.
 *
 * @param outline the outline that is divided; s is along it
 * @param front what was asked to look forward
 * @param marks ascending s of the marks, {@code 0 ≤ s < P}
 */
public record Division(Outline outline, Front front, List<Double> marks) {
    public static final Field COUNT =
            Field.count("count", "Sections", 1, 500, 12, "Choose a count that a hand can mark.");

    private static final double SEAM_MM = 1e-6;

    public Division {
        marks = List.copyOf(marks);
    }

    /**
     * Divides the outline.
     *
     * @param n 1 to 500; where corners rule only counts that give every side at least one section
     * @param locked marks moved by hand: index to s; the rest is spread evenly between them, the seam's mark staying
     *     where it is unless it is locked itself
     * @param cornersRule false to run round the corners as if there were none
     * @throws Refused naming the count and the nearest that close
     */
    public static Division of(Outline outline, int n, Front front, Map<Integer, Double> locked, boolean cornersRule) {
        COUNT.check(n);
        List<Double> even =
                cornersRule && outline.cornersRule() ? Corners.marks(outline, n) : even(outline.perimeter(), n, front);
        return new Division(outline, front, locked.isEmpty() ? even : Locks.spread(even, locked, outline.perimeter()));
    }

    /**
     * n sections all alike, 1 to {@link #COUNT}'s most, from the front; refused where they cannot close on the outline.
     */
    public static Division of(Outline outline, int n, Front front) {
        return of(outline, n, front, Map.of(), true);
    }

    /** Each section cut into so many alike; the old marks stay. */
    public Division split(int into) {
        List<Double> cut = new ArrayList<>();
        for (int k = 0; k < count(); k++) {
            for (int j = 0; j < into; j++) {
                cut.add(onSeam(mark(k).s() + section(k) * j / into, around()));
            }
        }
        COUNT.check(cut.size());
        cut.sort(null);
        return new Division(outline, front, cut);
    }

    /** Wrapped to 0 ≤ s < P: a hair before the seam is the seam, or the first mark would be the last. */
    static double onSeam(double s, double p) {
        double wrapped = Along.of(s, p).s();
        return p - wrapped < SEAM_MM ? 0 : wrapped;
    }

    /** Every so-manyth mark, from the first on; refused where that does not come out even at the back. */
    public Division every(int nth) {
        if (nth < 1 || count() % nth != 0) {
            throw new Refused(
                    "follows.every",
                    Phrase.of(
                            "Every {} of {} marks does not come out even at the back.",
                            Quantity.count(nth),
                            Quantity.count(count())));
        }
        List<Double> kept = new ArrayList<>();
        for (int k = 0; k < count(); k += nth) {
            kept.add(marks.get(k));
        }
        return new Division(outline, front, kept);
    }

    private static List<Double> even(double p, int n, Front front) {
        boolean atSeam = (n % 2 == 1) == (front == Front.SECTION);
        double first = atSeam ? 0 : p / (2 * n);
        List<Double> marks = new ArrayList<>(n);
        for (int k = 0; k < n; k++) {
            marks.add(first + k * p / n);
        }
        return marks;
    }

    public int count() {
        return marks.size();
    }

    public double around() {
        return outline.perimeter();
    }

    /** Mark k, any whole k: mark n is mark 0 again. */
    public Along mark(int k) {
        return Along.of(marks.get(Math.floorMod(k, count())), around());
    }

    /** Arc from mark k on to the next. */
    public double section(int k) {
        if (count() == 1) {
            return around();
        }
        return mark(k).to(mark(k + 1));
    }

    /** Middle of section k. */
    public Along middle(int k) {
        return mark(k).plus(section(k) / 2);
    }

    /** Straight distance across section k, as a stiff card or a ruler spans it; refused for one section. */
    public double chord(int k) {
        if (count() == 1) {
            throw new Refused("count", Phrase.of("{} section has no chord: it runs all round.", Quantity.count(1)));
        }
        return outline.chord(mark(k).s(), mark(k + 1).s());
    }

    /** The section whose middle, or whose first mark, is nearest the front. */
    public int frontSection() {
        Along ahead = Along.of(around() / 2, around());
        int best = 0;
        for (int k = 1; k < count(); k++) {
            if (middle(k).distance(ahead) < middle(best).distance(ahead) - Rounding.EPS) {
                best = k;
            }
        }
        return best;
    }

    /** Whether a mark stands at the front, to the tolerance. */
    public boolean markInFront() {
        Along ahead = Along.of(around() / 2, around());
        return marks.stream().anyMatch(s -> Along.of(s, around()).distance(ahead) < 1e-6);
    }

    /** Distinct section lengths, longest first, to a thousandth of a millimetre. */
    public List<Double> sizes() {
        Map<Double, Double> seen = new TreeMap<>((a, b) -> Double.compare(b, a));
        for (int k = 0; k < count(); k++) {
            seen.putIfAbsent(Rounding.halfUp(section(k), 0.001), section(k));
        }
        return List.copyOf(seen.values());
    }

    /** Whether all sections are alike to a thousandth of a millimetre. */
    public boolean isEven() {
        return sizes().size() == 1;
    }
}
