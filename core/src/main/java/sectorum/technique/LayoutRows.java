package sectorum.technique;

import java.util.List;
import sectorum.measure.Elementary;
import sectorum.surface.LevelSurface;

/**
 * A layout as it goes to the screens: placements as rows of plain numbers to a ten-thousandth of a millimetre. Thousands of
 * pieces travel with every edit, and names before every number would be most of the way.
 *
 * @param placements six numbers each: shape, s, z, turn, size, colour; on a level surface shape, x, y, angle, size, colour
 * @param inPlane whether they lie in the plane of a level surface
 * @param standing two numbers each: lift, lean; none where all lie flat
 */
public record LayoutRows(double[] placements, boolean inPlane, double[] standing) {
    private static final double FINEST = 10_000;
    private static final int ROW = 6;

    public static LayoutRows of(Layout layout) {
        List<Layout.Placement> all = layout.placements();
        boolean lying = !layout.inPlane().isEmpty();
        double[] rows = new double[ROW * all.size()];
        double[] standing = new double[2 * all.size()];
        boolean stands = false;
        for (int i = 0; i < all.size(); i++) {
            Layout.Placement p = all.get(i);
            LevelSurface.InPlane at = lying ? layout.inPlane().get(i) : null;
            int row = ROW * i;
            rows[row] = p.shape();
            rows[row + 1] = rounded(at == null ? p.s() : at.x());
            rows[row + 2] = rounded(at == null ? p.z() : at.y());
            rows[row + 3] = rounded(at == null ? p.turn() : at.angle());
            rows[row + 4] = rounded(p.size());
            rows[row + 5] = p.colour();
            standing[2 * i] = rounded(p.lift());
            standing[2 * i + 1] = rounded(p.lean());
            stands |= p.lift() != 0 || p.lean() != 0;
        }
        return new LayoutRows(rows, lying, stands ? standing : new double[0]);
    }

    /** To a ten-thousandth; never a nought with a sign. */
    public static double rounded(double number) {
        return Elementary.rint(number * FINEST) / FINEST + 0.0;
    }
}
