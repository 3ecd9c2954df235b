package sectorum.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lays pieces on sheets so that they take the least of them (craft 3F, 4.3): by plain division for boxes, staggered for
 * rounds, beside themselves turned half way for one outline, fitted together for several; never worse than by boxes.
 * The same pieces give the same nest.
 *
 * <p>Pieces are turned by quarters only: paste has no grain, but a ruler has a right angle.
 */
public final class Nest {
    /** Over so many pieces of several outlines, rows serve: fitting each would take longer than cutting. */
    private static final int FITTED = 600;

    /** A piece of so little, mm², is a line that nobody cuts: it takes no place. */
    private static final double NOTHING = 1e-6;

    private static final KeptNests KEPT = new KeptNests();

    private Nest() {}

    /** Whether a box goes on a sheet, as it lies. */
    static boolean goes(double width, double height, Roll roll) {
        return width <= roll.freeX() + 1e-9 && height <= roll.freeY() + 1e-9;
    }

    /** Whether a piece goes on a sheet, whichever way. */
    public static boolean goes(Blank blank, Roll roll) {
        Polygon p = blank.polygon();
        return goes(p.width(), p.height(), roll) || goes(p.height(), p.width(), roll);
    }

    /** How many of one piece a whole sheet yields. */
    public static int yield(List<Double> outline, Roll roll) {
        return new Lattice(new Blank(outline, 1).polygon(), roll.bridge())
                .fullest(roll)
                .size();
    }

    /** The nest on one sheet, or nothing where a piece does not go on it at all. */
    public static Optional<Nested> of(List<Blank> blanks, Roll roll) {
        return of(blanks, List.of(roll));
    }

    /** The nest on the sheet of which least is taken, the first of those alike. */
    public static Optional<Nested> of(List<Blank> blanks, List<Roll> rolls) {
        return KEPT.get(blanks, rolls, () -> fitted(blanks, rolls));
    }

    private static Optional<Nested> fitted(List<Blank> blanks, List<Roll> rolls) {
        List<Integer> kinds = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            if (blanks.get(i).count() > 0 && blanks.get(i).polygon().area() > NOTHING) {
                kinds.add(i);
            }
        }
        Map<Double, Lattice> lattices = new HashMap<>();
        Nested best = null;
        for (Roll roll : rolls) {
            if (!kinds.stream().allMatch(i -> goes(blanks.get(i), roll))) {
                continue;
            }
            Nested nested = kinds.size() == 1
                    ? single(
                            blanks,
                            kinds.get(0),
                            roll,
                            lattices.computeIfAbsent(
                                    roll.bridge(),
                                    g -> new Lattice(blanks.get(kinds.get(0)).polygon(), g)))
                    : several(blanks, kinds, roll);
            boolean less = best == null
                    || nested.taken() * roll.width()
                            < best.taken() * best.roll().width() - 1e-6;
            best = less ? nested : best;
        }
        return Optional.ofNullable(best);
    }

    private static Nested inRows(List<Blank> blanks, Roll roll) {
        return Nested.better(ShelfRows.of(blanks, roll, false), ShelfRows.of(blanks, roll, true));
    }

    private static Nested single(List<Blank> blanks, int piece, Roll roll, Lattice lattice) {
        return Nested.better(inRows(blanks, roll), alike(blanks, piece, roll, lattice));
    }

    private static Nested several(List<Blank> blanks, List<Integer> kinds, Roll roll) {
        Nested rows = inRows(blanks, roll);
        int pieces = blanks.stream().mapToInt(Blank::count).sum();
        boolean shaped = kinds.stream().anyMatch(i -> !blanks.get(i).polygon().boxed());
        boolean fitted = !kinds.isEmpty() && pieces <= FITTED && (shaped || kinds.size() < 8);
        return fitted ? Nested.better(rows, Raster.of(blanks, roll)) : rows;
    }

    private static Nested alike(List<Blank> blanks, int piece, Roll roll, Lattice lattice) {
        Polygon p = blanks.get(piece).polygon();
        List<Nested.Lying> full = lattice.fullest(roll).stream()
                .map(l -> new Nested.Lying(piece, l.x(), l.y(), l.quarters()))
                .sorted(java.util.Comparator.comparingDouble(Nested.Lying::y).thenComparing(Nested.Lying::x))
                .toList();
        int count = blanks.get(piece).count();
        int whole = count / full.size();
        int rest = count % full.size();
        List<Nested.Sheet> sheets = new ArrayList<>();
        if (whole > 0) {
            sheets.add(new Nested.Sheet(whole, full, reach(full, p, roll)));
        }
        if (rest > 0) {
            List<Nested.Lying> part = full.subList(0, rest);
            sheets.add(new Nested.Sheet(1, part, reach(part, p, roll)));
        }
        return Nested.of(roll, blanks, sheets, p.boxed() ? "by plain division" : "row into row");
    }

    private static double reach(List<Nested.Lying> laid, Polygon p, Roll roll) {
        double top = 0;
        for (Nested.Lying l : laid) {
            top = Math.max(top, l.y() + (l.quarters() % 2 == 0 ? p.height() : p.width()));
        }
        return Math.min(roll.length(), top + roll.margin());
    }
}
