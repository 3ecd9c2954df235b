package sectorum.ahead;

import java.util.List;
import sectorum.measure.Elementary;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.Coat;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import sectorum.surface.Side;

/**
 * What a piece made ahead goes onto.
 *
 * @param across the widest of its tier's foot, mm
 * @param radius of its side where the piece is held by it, mm; 0: flat there
 * @param high its tier, mm
 */
public record Bed(double across, double radius, double high) {
    /** Nobody knows yet: a usual tier. */
    public static final Bed USUAL = new Bed(200, 100, 100);

    private static final int LOOKED = 120;
    /** Flatter than this is flat, mm. */
    private static final double FLAT = 5000;

    /** Where a piece of a plan goes. */
    public static Bed of(Plan plan, OwnPiece piece) {
        return of(plan.under(piece), Elementary.toRadians(piece.seat().angle()));
    }

    /** All of a tier that its side depends on, and a way to look. */
    private record Asked(OutlineSpec outline, double height, List<Coat> coats, List<Reading> readings, double angle) {}

    private static final int MOST = 2000;
    private static final Memo<Asked, Bed> BEDS = new Memo<>(MOST, bed -> 1);

    /** Of a tier, seen where its side looks that way: from the front to the right. */
    public static Bed of(Tier tier, double angle) {
        Asked asked = new Asked(tier.outline(), tier.height(), tier.coats(), tier.readings(), angle);
        return BEDS.get(asked, a -> seen(tier.side(), a.angle()));
    }

    private static Bed seen(Side side, double angle) {
        Outline line = side.outline();
        Spot nearest = line.at(0);
        double best = Double.MAX_VALUE;
        for (int i = 0; i < LOOKED; i++) {
            Spot spot = line.at(line.perimeter() * i / LOOKED);
            double off = Math.abs(Elementary.remainder(Elementary.atan2(spot.x(), -spot.y()) - angle, 2 * Math.PI));
            if (off < best) {
                best = off;
                nearest = spot;
            }
        }
        double bend = nearest.curvature();
        double radius = bend > 1 / FLAT ? 1 / bend : 0;
        return new Bed(line.box().width(), radius, side.height().mm());
    }
}
