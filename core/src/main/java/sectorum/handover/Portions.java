package sectorum.handover;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Box;
import sectorum.measure.Rounding;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.plan.Tier;
import sectorum.surface.LevelSurface;
import sectorum.surface.Side;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/**
 * How many slices a tier gives (craft 5.5): a square or a rectangle is cut in a grid, everything else in rings as deep as a
 * slice from the outside in, each ring in slices; what is left in the middle by its area. A tier twice as high as a slice
 * or more is first cut across into storeys.
 *
 * @param storeys it is cut into, one over the other
 * @param rows slices of each ring, the outmost first, or of each row of a grid; in one storey
 * @param middle slices of what the rings leave in the middle, in one storey
 */
public record Portions(String tier, boolean grid, int storeys, List<Integer> rows, int middle) {
    /** Lower than this a slice is no helping, mm. */
    static final double LEAST_HIGH = 100;

    public Portions {
        rows = List.copyOf(rows);
    }

    /** All slices of the tier. */
    public int slices() {
        return storeys * (rows.stream().mapToInt(r -> r).sum() + middle);
    }

    /** Of a tier that is cake. */
    public static Portions of(Tier tier, Slice slice) {
        Side side = tier.side();
        int storeys = (int) Math.max(1, Rounding.floor(side.height().mm() / LEAST_HIGH));
        if (tier.kind() == OutlineKind.SQUARE || tier.kind() == OutlineKind.RECTANGLE) {
            Box box = side.edge().box();
            List<Integer> across = grid(box.width(), box.height(), slice);
            List<Integer> along = grid(box.height(), box.width(), slice);
            return new Portions(tier.id(), true, storeys, sum(across) >= sum(along) ? across : along, 0);
        }
        return rings(tier, side, storeys, slice);
    }

    private static int sum(List<Integer> rows) {
        return rows.stream().mapToInt(r -> r).sum();
    }

    private static List<Integer> grid(double wide, double deep, Slice slice) {
        List<Integer> rows = new ArrayList<>();
        int rowsDeep = (int) Rounding.floor(deep / slice.deep());
        for (int i = 0; i < rowsDeep; i++) {
            rows.add((int) Rounding.floor(wide / slice.wide()));
        }
        return rows;
    }

    private static Portions rings(Tier tier, Side side, int storeys, Slice slice) {
        Outline hole = tier.kind().hole(tier.sizes(), tier.coatThickness()).orElse(null);
        LevelSurface top = LevelSurface.of(SurfaceKind.TOP, side.outline(), side.edge(), List.of(), 0);
        double holed = hole == null ? 0 : hole.area();
        List<Integer> rings = new ArrayList<>();
        double left = side.edge().area() - holed;
        double z = 0;
        while (z + slice.deep() <= top.depth() + Rounding.EPS) {
            double ring = top.area(new Zone(z, z + slice.deep()));
            if (ring > left + Rounding.EPS) {
                break;
            }
            rings.add((int) Rounding.floor(top.around(z + slice.deep() / 2) / slice.wide()));
            left -= ring;
            z += slice.deep();
        }
        int middle = (int) Rounding.floor(left / (slice.wide() * slice.deep()));
        return new Portions(tier.id(), false, storeys, rings, Math.max(0, middle));
    }
}
