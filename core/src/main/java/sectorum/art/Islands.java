package sectorum.art;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/** What falls out of a stencil: whatever is closed in by an opening, unless a bridge holds it (craft 3H). */
public final class Islands {
    private Islands() {}

    /** How many pieces would fall out of a stencil with this opening. */
    public static int count(Rings opening) {
        return opening.holes().size();
    }

    /** The same opening with two bridges to each island, so wide: one at its nearest, one from its other side; absent: nothing is left open. */
    @Absent
    public static Rings bridged(Rings opening, double wide) {
        Rings left = opening;
        for (List<Double> hole : opening.holes()) {
            int[] near = nearest(opening, hole, -1);
            for (int[] pair : new int[][] {near, nearest(opening, hole, near[1])}) {
                List<Double> line = opening.outers().get(pair[0]);
                double x = hole.get(pair[1]);
                double z = hole.get(pair[1] + 1);
                Rings strip = Rings.of(strip(x, z, line.get(pair[2]), line.get(pair[2] + 1), wide));
                left = left == null ? null : Regions.difference(left, strip);
            }
        }
        return left;
    }

    /**
     * The nearest corners of a hole and of an outer line.
     *
     * @param away a corner of the hole: only those further from it than half the hole is wide are asked; −1: all
     * @return outer line, corner of the hole, corner of the outer line
     */
    private static int[] nearest(Rings opening, List<Double> hole, int away) {
        double wide = 0;
        for (int j = 0; away >= 0 && j < hole.size(); j += 2) {
            wide = Math.max(wide, Elementary.hypot(hole.get(j) - hole.get(away), hole.get(j + 1) - hole.get(away + 1)));
        }
        int[] best = {0, 0, 0};
        double least = Double.MAX_VALUE;
        for (int o = 0; o < opening.outers().size(); o++) {
            List<Double> line = opening.outers().get(o);
            if (!Contour.holds(line, hole.get(0), hole.get(1))) {
                continue;
            }
            for (int j = 0; j < hole.size(); j += 2) {
                if (away >= 0
                        && Elementary.hypot(hole.get(j) - hole.get(away), hole.get(j + 1) - hole.get(away + 1))
                                < wide * 0.7) {
                    continue;
                }
                for (int i = 0; i < line.size(); i += 2) {
                    double off = Elementary.hypot(hole.get(j) - line.get(i), hole.get(j + 1) - line.get(i + 1));
                    if (off < least) {
                        least = off;
                        best = new int[] {o, j, i};
                    }
                }
            }
        }
        return best;
    }

    /** A strip between two places, a little longer than they lie apart. */
    private static List<Double> strip(double x0, double z0, double x1, double z1, double wide) {
        double length = Math.max(1e-6, Elementary.hypot(x1 - x0, z1 - z0));
        double ux = (x1 - x0) / length;
        double uz = (z1 - z0) / length;
        double half = wide / 2;
        double ax = x0 - ux * wide;
        double az = z0 - uz * wide;
        double bx = x1 + ux * wide;
        double bz = z1 + uz * wide;
        return List.of(
                ax + uz * half,
                az - ux * half,
                bx + uz * half,
                bz - ux * half,
                bx - uz * half,
                bz + ux * half,
                ax - uz * half,
                az + ux * half);
    }
}
