package sectorum.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Different outlines on one sheet, each where its upper edge comes lowest, in four turns, found on a grid of {@value #CELL}
 * mm. A piece takes every cell that it, grown to the right and up by the bridge, touches, so that none overlap. What is taken stays
 * taken: a place once refused to a piece need never be tried again, so each piece crosses the sheet once.
 */
final class Raster {
    private static final double CELL = 1;

    private final Roll roll;
    private final int columns;
    private final int rows;
    private final long[][] taken;
    private final List<Stamp[]> stamps;

    private Raster(Roll roll, List<Stamp[]> stamps) {
        this.roll = roll;
        this.stamps = stamps;
        columns = (int) Math.floor((roll.freeX() + roll.bridge()) / CELL + 1e-9);
        rows = (int) Math.floor((roll.freeY() + roll.bridge()) / CELL + 1e-9);
        taken = new long[rows][(columns >> 6) + 2];
    }

    static Nested of(List<Blank> blanks, Roll roll) {
        List<Stamp[]> stamps = new ArrayList<>();
        for (Blank blank : blanks) {
            Polygon p = blank.polygon();
            Stamp[] four = new Stamp[4];
            for (int q = 0; q < 4; q++) {
                four[q] = new Stamp(p.turned(q), roll.bridge());
            }
            stamps.add(four);
        }
        int[] left = blanks.stream().mapToInt(Blank::count).toArray();
        List<Nested.Sheet> sheets = new ArrayList<>();
        while (Arrays.stream(left).sum() > 0) {
            List<Nested.Lying> laid = new Raster(roll, stamps).fill(left);
            if (laid.isEmpty()) {
                throw new IllegalStateException("Nothing goes on a sheet of " + roll.width() + " × " + roll.length());
            }
            int[] on = new int[left.length];
            double top = 0;
            for (Nested.Lying l : laid) {
                on[l.piece()]++;
                top = Math.max(top, l.y() + stamps.get(l.piece())[l.quarters()].height);
            }
            // While there is enough of everything on it, the next sheet is cut like this one.
            int copies = Integer.MAX_VALUE;
            for (int i = 0; i < on.length; i++) {
                copies = on[i] > 0 ? Math.min(copies, left[i] / on[i]) : copies;
            }
            for (int i = 0; i < on.length; i++) {
                left[i] -= copies * on[i];
            }
            sheets.add(new Nested.Sheet(copies, laid, Math.min(roll.length(), top + roll.margin())));
        }
        return Nested.of(roll, blanks, sheets, "fitted together");
    }

    private List<Nested.Lying> fill(int[] wanted) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < wanted.length; i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble((Integer i) -> -stamps.get(i)[0].area));
        List<Nested.Lying> laid = new ArrayList<>();
        for (int piece : order) {
            int[][] from = new int[4][2];
            for (int k = 0; k < wanted[piece]; k++) {
                int best = -1;
                double lowest = Double.MAX_VALUE;
                for (int q = 0; q < 4; q++) {
                    Stamp stamp = stamps.get(piece)[q];
                    if (seek(stamp, from[q])) {
                        double top = from[q][1] + stamp.rows.length + from[q][0] * 1e-4;
                        if (top < lowest - 1e-9) {
                            lowest = top;
                            best = q;
                        }
                    }
                }
                if (best < 0) {
                    break;
                }
                stamps.get(piece)[best].press(taken, from[best][0], from[best][1]);
                laid.add(new Nested.Lying(
                        piece, roll.margin() + from[best][0] * CELL, roll.margin() + from[best][1] * CELL, best));
            }
        }
        return laid;
    }

    /** Moves on, row by row, to the first place that is free, from where the last search stood; false at the end. */
    private boolean seek(Stamp stamp, int[] at) {
        for (; at[1] + stamp.rows.length <= rows; at[1]++, at[0] = 0) {
            for (; at[0] + stamp.cells <= columns; at[0]++) {
                if (stamp.free(taken, at[0], at[1])) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The cells that a piece takes, grown to the right and up by the bridge, row by row. */
    private static final class Stamp {
        final double height;
        final double area;
        final int cells;
        final long[][] rows;

        Stamp(Polygon p, double bridge) {
            height = p.height();
            area = p.area();
            cells = (int) Math.ceil((p.width() + bridge) / CELL - 1e-9);
            int high = (int) Math.ceil((p.height() + bridge) / CELL - 1e-9);
            rows = new long[high][(cells >> 6) + 1];
            for (int row = 0; row < high; row++) {
                // A row is touched by what reaches into it from up to a bridge below.
                double low = row * CELL - bridge;
                fill(p, low, low + CELL + bridge, bridge, rows[row]);
            }
        }

        /** Between two corners' heights an outline is straight: what a strip covers is the sum of such bands. */
        private static void fill(Polygon p, double low, double high, double bridge, long[] row) {
            double[] levels = new double[p.corners() + 2];
            int n = 0;
            levels[n++] = Math.max(low, 0);
            levels[n++] = Math.min(high, p.height());
            for (int i = 0; i < p.corners(); i++) {
                if (p.y(i) > low && p.y(i) < high) {
                    levels[n++] = p.y(i);
                }
            }
            Arrays.sort(levels, 0, n);
            for (int i = 0; i + 1 < n; i++) {
                double below = levels[i];
                double above = levels[i + 1];
                if (above - below > 1e-9) {
                    band(p, below, above, bridge, row);
                }
            }
        }

        private static void band(Polygon p, double below, double above, double bridge, long[] row) {
            double middle = (below + above) / 2;
            List<double[]> crossings = new ArrayList<>();
            for (int i = 0; i < p.corners(); i++) {
                int j = (i + 1) % p.corners();
                if (p.y(i) > middle != p.y(j) > middle) {
                    double slope = (p.x(j) - p.x(i)) / (p.y(j) - p.y(i));
                    double a = p.x(i) + (below - p.y(i)) * slope;
                    double b = p.x(i) + (above - p.y(i)) * slope;
                    crossings.add(new double[] {(a + b) / 2, Math.min(a, b), Math.max(a, b)});
                }
            }
            crossings.sort(Comparator.comparingDouble(c -> c[0]));
            for (int i = 0; i + 1 < crossings.size(); i += 2) {
                int from = (int) Math.floor(Math.max(0, crossings.get(i)[1]) / CELL + 1e-9);
                int to = (int) Math.ceil((crossings.get(i + 1)[2] + bridge) / CELL - 1e-9);
                for (int cell = from; cell < to; cell++) {
                    row[cell >> 6] |= 1L << (cell & 63);
                }
            }
        }

        boolean free(long[][] taken, int x, int y) {
            int word = x >> 6;
            int bit = x & 63;
            for (int r = 0; r < rows.length; r++) {
                long[] row = taken[y + r];
                for (int w = 0; w < rows[r].length; w++) {
                    long mine = rows[r][w];
                    if ((row[word + w] & (mine << bit)) != 0
                            || (bit > 0
                                    && (mine >>> (64 - bit)) != 0
                                    && (row[word + w + 1] & (mine >>> (64 - bit))) != 0)) {
                        return false;
                    }
                }
            }
            return true;
        }

        void press(long[][] taken, int x, int y) {
            int word = x >> 6;
            int bit = x & 63;
            for (int r = 0; r < rows.length; r++) {
                for (int w = 0; w < rows[r].length; w++) {
                    taken[y + r][word + w] |= rows[r][w] << bit;
                    if (bit > 0 && (rows[r][w] >>> (64 - bit)) != 0) {
                        taken[y + r][word + w + 1] |= rows[r][w] >>> (64 - bit);
                    }
                }
            }
        }
    }
}
