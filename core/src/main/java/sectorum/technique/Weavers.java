package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Division;

/** Weavers of one cut, each distinct span one shape: over every second stake in each row, the others in the next. */
final class Weavers {
    /** Spans nearer than this are one cut, mm. */
    private static final double ALIKE_MM = 0.002;

    private final DressingBuilder work;
    private final BasketWeave.Settings set;
    private final DressingContext place;
    private final double strand;
    private double total;
    /** How far a weaver reaches from its stake, back and on, mm. */
    private record Reach(double before, double after) {
        boolean isAlike(Reach other) {
            return Math.abs(before - other.before) < ALIKE_MM && Math.abs(after - other.after) < ALIKE_MM;
        }
    }

    private final List<Reach> spans = new ArrayList<>();
    private final List<Integer> shapes = new ArrayList<>();

    Weavers(DressingBuilder work, BasketWeave.Settings set, DressingContext place) {
        this.work = work;
        this.set = set;
        this.place = place;
        this.strand = set.weaver() / set.weavers();
    }

    /** Lays a row; how many pieces, a double one counted once. */
    int row(int j) {
        Division division = place.division();
        double narrowing = place.narrowing(place.middleZ());
        int n = division.count();
        int pieces = 0;
        for (int k = j % 2; k < n; k += 2, pieces++) {
            double before = narrowing * division.section(Math.floorMod(k - 1, n)) - set.stake() / 2;
            double after = narrowing * division.section(k) - set.stake() / 2;
            int shape = shape(new Reach(before, after));
            for (int i = 0; i < set.weavers(); i++) {
                double z = place.zone().foot() + j * set.weaver() + (i + 0.5) * strand;
                work.put(shape, division.mark(k), z, place.colours() > 1 ? 1 : 0);
            }
            total += set.weavers() * (before + after + 2 * set.tuck());
        }
        return pieces;
    }

    /** Length of all weavers laid so far, mm. */
    double total() {
        return total;
    }

    private int shape(Reach span) {
        for (int i = 0; i < spans.size(); i++) {
            if (spans.get(i).isAlike(span)) {
                return shapes.get(i);
            }
        }
        spans.add(span);
        shapes.add(work.piece(bulged(span.before(), span.after(), strand)));
        return shapes.get(shapes.size() - 1);
    }

    /** What shows of a strand from the front: its ends go under. */
    private static List<Double> bulged(double before, double after, double high) {
        double in = Math.min(high / 3, 2);
        double half = high / 2;
        return List.of(
                -before,
                in - half,
                -before + in,
                -half,
                after - in,
                -half,
                after,
                in - half,
                after,
                half - in,
                after - in,
                half,
                -before + in,
                half,
                -before,
                half - in);
    }
}
