package sectorum.tier;

import java.util.List;
import sectorum.drawing.Box;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.Tier;
import sectorum.surface.InnerSide;
import sectorum.surface.LevelSurface;
import sectorum.surface.Side;
import sectorum.surface.SpacePoint;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;

/** A tier as a body, and its surfaces, for whoever draws it. */
final class FormWork {
    private FormWork() {}

    static TierWorkup.Form of(PlacedTier placed, Side side) {
        Tier tier = placed.tier();
        Box box = side.outline().box();
        List<TierWorkup.OutlinePoint> hole = tier.kind()
                .hole(tier.sizes(), tier.coatThickness())
                .map(FormWork::points)
                .orElse(List.of());
        return new TierWorkup.Form(
                side.foot(),
                side.top(),
                side.height(),
                side.taper(),
                side.heights(),
                points(side.outline()),
                hole,
                side.outline().corners(),
                box.width(),
                box.height(),
                side.acrossAsRound(),
                placed.surfaces(side).stream().map(FormWork::seen).toList());
    }

    private static TierWorkup.Seen seen(Surface surface) {
        List<TierWorkup.OutlinePoint> rim = List.of();
        List<TierWorkup.OutlinePoint> hidden = List.of();
        double up = 0;
        if (surface instanceof LevelSurface level) {
            up = level.up();
            rim = level.stops(0.05).stream()
                    .map(s -> {
                        SpacePoint at = level.at(s.s(), 0);
                        return new TierWorkup.OutlinePoint(s.s(), at.x(), at.y());
                    })
                    .toList();
            hidden = level.hidden().stream()
                    .map(s -> new TierWorkup.OutlinePoint(0, s.x(), s.y()))
                    .toList();
        }
        if (surface instanceof InnerSide inner) {
            rim = inner.stops(0.05).stream()
                    .map(s -> {
                        SpacePoint at = inner.at(s.s(), 0);
                        return new TierWorkup.OutlinePoint(s.s(), at.x(), at.y());
                    })
                    .toList();
        }
        SurfaceKind kind = surface.kind();
        return new TierWorkup.Seen(
                kind,
                kind.words(),
                kind.from(),
                kind.edge(),
                kind.end(),
                surface.around(0),
                surface.depth(),
                up,
                rim,
                hidden);
    }

    private static List<TierWorkup.OutlinePoint> points(Outline outline) {
        return outline.stops(0.05).stream()
                .map(s -> {
                    Spot spot = outline.at(s);
                    return new TierWorkup.OutlinePoint(s, spot.x(), spot.y());
                })
                .toList();
    }
}
