package sectorum.build;

import java.util.List;
import sectorum.plan.OwnPiece;
import sectorum.plan.Stand;

/** Where tiers are in the whole: each one's foot above the lowest, and its middle beside that one's. */
final class Levels {
    private final List<Body> bodies;
    private final double board;

    Levels(List<Body> bodies, Stand stand) {
        this.bodies = bodies;
        this.board = stand.thick();
    }

    /** The tier that a piece goes into: the one it names, or the top one; what is on the board is beside the lowest. */
    Body body(OwnPiece piece) {
        if (piece.seat().on() == OwnPiece.On.BOARD) {
            return bodies.get(0);
        }
        return bodies.stream()
                .filter(b -> b.id().equals(piece.seat().tier()))
                .findFirst()
                .orElse(bodies.get(bodies.size() - 1));
    }

    double foot(Body body) {
        double z = 0;
        for (Body each : bodies) {
            if (each == body) {
                return z;
            }
            z += each.height() + board;
        }
        throw new IllegalArgumentException("No tier " + body.id());
    }

    double[] middle(Body body) {
        double x = 0;
        double y = 0;
        for (Body each : bodies) {
            x += each.shift().x();
            y += each.shift().y();
            if (each == body) {
                break;
            }
        }
        return new double[] {x, y};
    }

    /** How far the foot of what stands on a tier reaches from the tier's middle in a direction, mm; 0: nothing stands there. */
    double over(Body body, double dx, double dy) {
        int i = bodies.indexOf(body) + 1;
        if (i == bodies.size()) {
            return 0;
        }
        Body upper = bodies.get(i);
        return new Rays(upper.foot()).reach(-upper.shift().x(), -upper.shift().y(), dx, dy);
    }
}
