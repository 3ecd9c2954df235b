package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.measure.Elementary;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Stand;
import sectorum.plan.Tier;
import sectorum.surface.Side;

/** Where pieces made ahead stand, whatever they weigh. */
public final class Seating {
    private final Plan plan;
    private final Map<String, Side> sides = new TreeMap<>();
    private final Levels levels;

    /** Of a plan's stack; its sides are measured once for all pieces. */
    public Seating(Plan plan) {
        this.plan = plan;
        List<Body> bodies = new ArrayList<>();
        for (Tier tier : plan.tiers()) {
            Side side = tier.side();
            sides.put(tier.id(), side);
            bodies.add(new Body(
                    tier.id(),
                    side.outline(),
                    side.outline(),
                    side.edge(),
                    side.height().mm(),
                    0,
                    bodies.isEmpty() ? new Stand.Shift(0, 0) : plan.stands().shift(tier.id())));
        }
        this.levels = new Levels(bodies, plan.stands());
    }

    /**
     * Where one stands, its back to the tier's middle.
     *
     * @param tier it stands on, or is held by
     * @param x mm to the right of that tier's axis
     * @param y mm behind it
     * @param up mm above the tier's foot
     * @param angle radians from the front to the right as seen from above: where it looks
     * @param on where it goes; of what stands in a hole only what rises over the top is seen
     */
    public record Place(String tier, double x, double y, double up, double angle, OwnPiece.On on) {}

    /** One place for each of the pieces alike, in order. */
    public List<Place> of(OwnPiece piece, Planted planted) {
        Picks picks = new Picks(levels, p -> planted);
        Body body = levels.body(piece);
        Side side = sides.get(plan.under(piece).id());
        List<Place> places = new ArrayList<>();
        for (int k = 0; k < piece.count(); k++) {
            double angle = Elementary.toRadians(piece.seat().angle() + 360.0 * k / piece.count());
            double dx = Elementary.sin(angle);
            double dy = -Elementary.cos(angle);
            boolean atSide = piece.seat().on() == OwnPiece.On.SIDE;
            boolean low = piece.seat().on() == OwnPiece.On.HOLE || piece.seat().on() == OwnPiece.On.BOARD;
            double up = atSide ? piece.seat().up() : low ? 0 : side.upright();
            double out = picks.out(piece, dx, dy) * (atSide ? side.narrowing(Math.min(up, body.height())) : 1);
            places.add(new Place(
                    body.id(), out * dx, out * dy, up, angle, piece.seat().on()));
        }
        return places;
    }
}
