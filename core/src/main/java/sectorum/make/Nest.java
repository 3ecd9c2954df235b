package sectorum.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Lays pieces on sheets so that they take the least of them (handbook 3F, 4.3): by plain division for boxes, staggered for
 * rounds, beside themselves turned half way for one outline, fitted together for several; never worse than by boxes.
 * The same pieces give the same nest.
 *
 * <p>Pieces are turned by quarters only: paste has no grain, but a ruler has a right angle.
 */
public final class Nest {
    /** Over so many pieces of several outlines, rows serve: fitting each would take longer than cutting. */
    private static final int FITTED = 600;

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
        return Lattice.fullest(new Blank(outline, 1).polygon(), roll).size();
    }

    /** The nest, or nothing where a piece does not go on the sheet at all. */
    public static Optional<Nested> of(List<Blank> blanks, Roll roll) {
        if (!blanks.stream().allMatch(b -> b.count() == 0 || goes(b, roll))) {
            return Optional.empty();
        }
        Nested best = Nested.better(Shelves.of(blanks, roll, false), Shelves.of(blanks, roll, true));
        List<Integer> kinds = new ArrayList<>();
        for (int i = 0; i < blanks.size(); i++) {
            if (blanks.get(i).count() > 0) {
                kinds.add(i);
            }
        }
        if (kinds.size() == 1) {
            best = Nested.better(best, alike(blanks, kinds.get(0), roll));
        }
        int pieces = blanks.stream().mapToInt(Blank::count).sum();
        boolean shaped = kinds.stream().anyMatch(i -> !blanks.get(i).polygon().boxed());
        if (kinds.size() > 1 && pieces <= FITTED && (shaped || kinds.size() < 8)) {
            best = Nested.better(best, Raster.of(blanks, roll));
        }
        return Optional.of(best);
    }

    private static Nested alike(List<Blank> blanks, int piece, Roll roll) {
        Polygon p = blanks.get(piece).polygon();
        List<Nested.Lying> full = Lattice.fullest(p, roll).stream()
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
