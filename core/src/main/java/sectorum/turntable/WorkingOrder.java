package sectorum.turntable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.IntStream;
import sectorum.bench.Hand;
import sectorum.divide.Division;
import sectorum.outline.Along;
import sectorum.technique.Layout;

/**
 * The pieces of a layout in the order in which they go on. Rows are laid one after the other, the one beneath first, each in
 * its sequence from the front; what forms no rows is laid section by section, from beneath up. Lines on pieces go with the
 * piece they are on.
 */
final class WorkingOrder {
    /** Pieces that differ less in height than this lie in one row, mm. */
    private static final double ROW_MM = 1.5;
    /** What is higher than this from its first to its last piece is no row, mm. */
    private static final double SPREAD_MM = 6;
    /** Rows have at least so many pieces in the mean. */
    private static final double FULL = 3;

    /** Places of an even row differ by less than this times; one place left free is still even. */
    private static final double EVEN = 2.1;

    private final List<Layout.Placement> all;
    private final Layout layout;
    private final double around;

    private WorkingOrder(Layout layout, double around) {
        this.layout = layout;
        this.all = layout.placements();
        this.around = around;
    }

    /**
     * Groups of placements, each what one touch of the hand puts on; empty where a layout has nothing that is put on.
     *
     * @param division the marks they are laid by
     */
    static List<List<Integer>> of(Layout layout, Division division, Sequence sequence, Hand hand) {
        WorkingOrder work = new WorkingOrder(layout, division.around());
        List<Integer> pieces = work.of(Layout.Role.PIECE);
        if (pieces.isEmpty()) {
            pieces = work.of(Layout.Role.GUIDE);
        }
        List<Integer> order = new ArrayList<>();
        List<List<Integer>> rows = work.rows(pieces);
        for (List<Integer> group : rows.isEmpty() ? work.sections(pieces, division, sequence, hand) : rows) {
            List<Double> places = group.stream().map(work::s).toList();
            if (rows.isEmpty()) {
                order.addAll(group);
            } else {
                sequence.order(places, work.around, hand).forEach(i -> order.add(group.get(i)));
            }
        }
        return work.with(order);
    }

    private List<Integer> of(Layout.Role role) {
        return IntStream.range(0, all.size())
                .filter(i -> role(i) == role)
                .boxed()
                .toList();
    }

    private Layout.Role role(int i) {
        return layout.shapes().get(all.get(i).shape()).role();
    }

    private double s(int i) {
        return Along.of(all.get(i).s(), around).s();
    }

    /** The rows from the one beneath; none where pieces form no rows. */
    private List<List<Integer>> rows(List<Integer> pieces) {
        List<Integer> up = new ArrayList<>(pieces);
        up.sort(Comparator.comparingDouble((Integer i) -> all.get(i).z()).thenComparing(i -> i));
        List<List<Integer>> rows = new ArrayList<>();
        double first = 0;
        double last = Double.NEGATIVE_INFINITY;
        for (int i : up) {
            double z = all.get(i).z();
            if (z - last > ROW_MM) {
                rows.add(new ArrayList<>());
                first = z;
            }
            if (z - first > SPREAD_MM) {
                return List.of();
            }
            rows.get(rows.size() - 1).add(i);
            last = z;
        }
        if (rows.size() > 1 && pieces.size() < FULL * rows.size()) {
            return List.of();
        }
        rows.forEach(row -> row.sort(null));
        rows.sort(Comparator.comparing(row -> row.get(0)));
        return isLaidInRows(rows) || rows.stream().allMatch(this::isEven) ? rows : List.of();
    }

    /** Whether the pile is built row by row. */
    private static boolean isLaidInRows(List<List<Integer>> rows) {
        for (int r = 1; r < rows.size(); r++) {
            List<Integer> beneath = rows.get(r - 1);
            if (rows.get(r).get(0) < beneath.get(beneath.size() - 1)) {
                return false;
            }
        }
        return true;
    }

    /** Whether a row's pieces are spread evenly: the same heights of curves that hang are no row. */
    private boolean isEven(List<Integer> row) {
        double[] at = row.stream().mapToDouble(this::s).sorted().toArray();
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int i = 0; i + 1 < at.length; i++) {
            least = Math.min(least, at[i + 1] - at[i]);
            most = Math.max(most, at[i + 1] - at[i]);
        }
        return most <= EVEN * least;
    }

    /** The pieces of each section, sections in sequence. */
    private List<List<Integer>> sections(List<Integer> pieces, Division division, Sequence sequence, Hand hand) {
        List<List<Integer>> sections = new ArrayList<>();
        TreeMap<Double, Integer> begins = new TreeMap<>();
        for (int k = 0; k < division.count(); k++) {
            sections.add(new ArrayList<>());
            begins.put(division.mark(k).s(), k);
        }
        for (int i : pieces) {
            var from = begins.floorEntry(s(i));
            // Before the first mark runs the section over the seam.
            sections.get((from == null ? begins.lastEntry() : from).getValue()).add(i);
        }
        List<Double> middles = IntStream.range(0, division.count())
                .mapToObj(k -> division.middle(k).s())
                .toList();
        return sequence.order(middles, around, hand).stream().map(sections::get).toList();
    }

    /** Each piece with the lines that are on it: of the pieces that reach there, the nearest. */
    private List<List<Integer>> with(List<Integer> order) {
        List<List<Integer>> groups = new ArrayList<>();
        Integer[] bySide = new Integer[order.size()];
        for (int g = 0; g < order.size(); g++) {
            groups.add(new ArrayList<>(List.of(order.get(g))));
            bySide[g] = g;
        }
        if (groups.isEmpty()) {
            return groups;
        }
        Arrays.sort(bySide, Comparator.comparingDouble(g -> s(order.get(g))));
        double[] s = Arrays.stream(bySide).mapToDouble(g -> s(order.get(g))).toArray();
        for (int i = 0; i < all.size(); i++) {
            if (role(i) == Layout.Role.DETAIL || role(i) == Layout.Role.EDGE) {
                groups.get(bySide[nearest(i, s, bySide, order)]).add(i);
            }
        }
        return groups;
    }

    private int nearest(int detail, double[] s, Integer[] bySide, List<Integer> order) {
        double at = s(detail);
        double z = all.get(detail).z();
        int from = Arrays.binarySearch(s, at);
        int begin = from < 0 ? -from - 1 : from;
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int step = 0; step < s.length; step++) {
            double nearer = Double.POSITIVE_INFINITY;
            for (int k : step == 0 ? new int[] {begin} : new int[] {begin + step, begin - step}) {
                int there = Math.floorMod(k, s.length);
                double along = Along.of(s[there], around).distance(Along.of(at, around));
                double up = all.get(order.get(bySide[there])).z() - z;
                double far = along * along + up * up;
                nearer = Math.min(nearer, along);
                if (far < least) {
                    least = far;
                    best = there;
                }
            }
            if (nearer * nearer >= least || 2 * step > s.length) {
                break;
            }
        }
        return best;
    }
}
