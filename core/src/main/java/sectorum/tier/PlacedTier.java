package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import sectorum.art.Motif;
import sectorum.drawing.Box;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Outlines;
import sectorum.outline.Spot;
import sectorum.plan.Plan;
import sectorum.plan.Stand;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.surface.InnerSide;
import sectorum.surface.LevelSurface;
import sectorum.surface.Side;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;

/**
 * A tier and what bounds its level surfaces: with it everything of the tier can be worked out without the rest of the plan.
 *
 * @param above what stands on it; absent: nothing
 * @param lowest whether it stands on the board
 * @param board across, where somebody has said, mm
 * @param art the plan's drawings; none where it wears none
 */
public record PlacedTier(
        Tier tier,
        @Absent Footprint above,
        boolean lowest,
        @Absent Double board,
        List<Motif> art) {
    /** How much of a board is usually seen all round, mm. */
    private static final double SEEN_BOARD_MM = 25;
    /** A board smaller than its cake is told, not refused: it keeps so much of a short side, mm. */
    private static final double LEAST_BOARD_MM = 20;
    /** How finely what stands on a surface is followed, mm. */
    private static final double FINE_MM = 0.05;

    /**
     * What a tier covers of the one below.
     *
     * @param coat all its coats together, mm
     * @param around its foot as taped or reckoned, mm
     * @param x its middle to the right of the lower one's, mm
     * @param y its middle behind the lower one's, mm
     */
    public record Footprint(String kind, Values sizes, double coat, double around, double x, double y) {
        static Footprint of(Tier tier, Stand.Shift shift) {
            return new Footprint(
                    tier.outline().kind(),
                    tier.sizes(),
                    tier.coatThickness(),
                    tier.side().foot().mm(),
                    shift.x(),
                    shift.y());
        }

        List<Spot> line() {
            Outline outline = OutlineKind.of(kind).build(sizes, coat).withPerimeter(around);
            return moved(outline, x, y);
        }
    }

    /** A tier that wears no art. */
    public PlacedTier(Tier tier, @Absent Footprint above, boolean lowest, @Absent Double board) {
        this(tier, above, lowest, board, List.of());
    }

    /** A tier on the usual board with nothing on it. */
    public static PlacedTier alone(Tier tier) {
        return new PlacedTier(tier, null, true, null, List.of());
    }

    /** All tiers of a plan, foot to top, in all that they wear. */
    public static List<PlacedTier> of(Plan whole) {
        Plan plan = whole.cut();
        List<PlacedTier> placed = new ArrayList<>();
        Table.Base base = plan.made().base();
        for (int i = 0; i < plan.tiers().size(); i++) {
            Tier above = i + 1 < plan.tiers().size() ? plan.tiers().get(i + 1) : null;
            placed.add(new PlacedTier(
                    plan.tiers().get(i),
                    above == null ? null : Footprint.of(above, plan.stands().shift(above.id())),
                    i == 0,
                    i == 0 && base != null ? base.across() : null,
                    wearsArt(plan.tiers().get(i)) ? plan.art() : List.of()));
        }
        return List.copyOf(placed);
    }

    /** The same with drawings to choose from. */
    public PlacedTier drawn(List<Motif> motifs) {
        return new PlacedTier(tier, above, lowest, board, motifs);
    }

    /** What wears no art does not depend on any. */
    private static boolean wearsArt(Tier tier) {
        return tier.dressings().stream()
                .anyMatch(d -> Catalogue.of(d.technique()).drawsArt());
    }

    /** The tier of that name in its plan; refused with the names there are. */
    public static PlacedTier of(Plan plan, String tier) {
        return of(plan).get(plan.tiers().indexOf(plan.tier(tier)));
    }

    /** Another tier in the same place. */
    public PlacedTier with(Tier other) {
        return new PlacedTier(other, above, lowest, board, art);
    }

    /** The surfaces that can be seen, the side first. */
    public List<Surface> surfaces() {
        return surfaces(tier.side());
    }

    List<Surface> surfaces(Side side) {
        List<Surface> seen = new ArrayList<>(List.of(side));
        for (SurfaceKind kind : List.of(SurfaceKind.TOP, SurfaceKind.BOARD)) {
            LevelSurface level = kind == SurfaceKind.BOARD && !lowest ? null : level(kind, side);
            if (level != null && level.isSeen()) {
                seen.add(level);
            }
        }
        hole().ifPresent(hole -> seen.add(new InnerSide(side, hole)));
        return seen;
    }

    /** The surface that a dressing names, even where nothing of it is seen; of a tier without a hole its side. */
    Surface surface(SurfaceKind named, Side side) {
        if (named == SurfaceKind.INNER) {
            Optional<Surface> inner = hole().map(hole -> new InnerSide(side, hole));
            return inner.orElse(side);
        }
        return named == SurfaceKind.SIDE ? side : level(named, side);
    }

    private Optional<Outline> hole() {
        return tier.kind().hole(tier.sizes(), tier.coatThickness());
    }

    private LevelSurface level(SurfaceKind named, Side side) {
        if (named == SurfaceKind.BOARD) {
            return LevelSurface.of(SurfaceKind.BOARD, side.outline(), boardRim(side), moved(side.outline(), 0, 0), 0);
        }
        if (above != null) {
            return LevelSurface.of(SurfaceKind.LEDGE, side.outline(), side.edge(), above.line(), side.upright());
        }
        List<Spot> hole = hole().map(h -> moved(h, 0, 0)).orElse(List.of());
        return LevelSurface.of(SurfaceKind.TOP, side.outline(), side.edge(), hole, side.upright());
    }

    /** A board goes with its cake: right-angled under a square or a rectangle, round under everything else. */
    private Outline boardRim(Side side) {
        Box box = side.outline().box();
        double wide = Math.max(box.width(), box.height());
        double across = board == null ? wide + 2 * SEEN_BOARD_MM : board;
        boolean angled = tier.kind() == OutlineKind.SQUARE || tier.kind() == OutlineKind.RECTANGLE;
        return angled
                ? Outlines.rectangle(
                        across, Math.max(LEAST_BOARD_MM, across - Math.abs(box.width() - box.height())), 0, 0)
                : Outlines.round(board == null ? widest(side) + 2 * SEEN_BOARD_MM : across, 0);
    }

    /** The smallest round about the axis that holds the tier, across. */
    private static double widest(Side side) {
        return 2
                * side.outline().stops(FINE_MM).stream()
                        .map(side.outline()::at)
                        .mapToDouble(s -> Elementary.hypot(s.x(), s.y()))
                        .max()
                        .orElseThrow();
    }

    private static List<Spot> moved(Outline outline, double dx, double dy) {
        return outline.stops(FINE_MM).stream()
                .map(outline::at)
                .map(s -> new Spot(s.x() + dx, s.y() + dy, s.nx(), s.ny(), s.curvature()))
                .toList();
    }
}
