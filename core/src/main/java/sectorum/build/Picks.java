package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import sectorum.measure.Elementary;
import sectorum.plan.OwnPiece;

/** Where the picks of pieces of one's own go (craft 4.1, 5.1). */
final class Picks {
    /** Under a pick there stays so much cake, mm. */
    static final double LEFT_UNDER = 10;

    /** Between a tier and what stands on the board before it, mm. */
    private static final double BEFORE = 4;

    private final Levels levels;
    private final Function<OwnPiece, Planted> planted;

    Picks(Levels levels, Function<OwnPiece, Planted> planted) {
        this.levels = levels;
        this.planted = planted;
    }

    Planted planted(OwnPiece piece) {
        return planted.apply(piece);
    }

    /** How deep its picks can go: at most the tier less 10 mm. */
    double deepest(OwnPiece piece) {
        Body body = levels.body(piece);
        return piece.seat().on() == OwnPiece.On.SIDE
                ? Math.max(5, new Rays(body.foot()).inscribed())
                : Math.max(5, body.height() - LEFT_UNDER);
    }

    /** All picks of a piece, one after the other. */
    List<Inserted> of(OwnPiece piece) {
        List<Inserted> picks = new ArrayList<>();
        Planted stands = planted(piece);
        for (int k = 0; k < piece.count(); k++) {
            double angle = Elementary.toRadians(piece.seat().angle() + 360.0 * k / piece.count());
            for (double beside : stands.beside()) {
                picks.add(pick(piece, stands, angle, beside, picks.size() + 1));
            }
        }
        return picks;
    }

    private Inserted pick(OwnPiece piece, Planted stands, double angle, double beside, int number) {
        Body body = levels.body(piece);
        double depth = Math.min(stands.buried(), deepest(piece));
        // From the front to the right, as seen from above: y grows away from the front.
        double dx = Elementary.sin(angle);
        double dy = -Elementary.cos(angle);
        double out = out(piece, dx, dy);
        double[] middle = levels.middle(body);
        double foot = levels.foot(body);
        double x = middle[0] + out * dx - beside * dy;
        double y = middle[1] + out * dy + beside * dx;
        boolean side = piece.seat().on() == OwnPiece.On.SIDE;
        double z = side ? foot + piece.seat().up() + stands.held() : foot + body.height();
        return new Inserted(
                Inserted.Kind.PICK,
                body.id(),
                piece.sticks().kind().words() + ", " + piece.name(),
                piece.id(),
                number,
                x,
                y,
                z,
                side ? x - depth * dx : x,
                side ? y - depth * dy : y,
                side ? z : z - depth,
                piece.sticks().kind().across());
    }

    /** How far from the tier's middle: where it is said, else the middle of the ledge; at the side, the surface. */
    double out(OwnPiece piece, double dx, double dy) {
        Body body = levels.body(piece);
        return switch (piece.seat().on()) {
            case TOP, HOLE -> piece.seat().out();
            case SIDE -> new Rays(body.foot()).reach(0, 0, dx, dy);
            case BOARD ->
                piece.seat().out() > 0
                        ? piece.seat().out()
                        : new Rays(body.foot()).reach(0, 0, dx, dy)
                                + planted(piece).deep() / 2
                                + BEFORE;
            case LEDGE ->
                piece.seat().out() > 0
                        ? piece.seat().out()
                        : (new Rays(body.top()).reach(0, 0, dx, dy) + levels.over(body, dx, dy)) / 2;
        };
    }

    /** How far it is set beside the tier it names, mm; 0 and less: it is on it. */
    double off(OwnPiece piece) {
        Body body = levels.body(piece);
        if (piece.seat().on() == OwnPiece.On.SIDE) {
            Planted stands = planted(piece);
            return stands.picks() == 0 ? 0 : piece.seat().up() + stands.held() - body.height();
        }
        return piece.seat().out() - edge(piece);
    }

    /** The nearest seat of the kind that is on its tier. */
    OwnPiece.Seat inside(OwnPiece piece) {
        OwnPiece.Seat s = piece.seat();
        boolean side = s.on() == OwnPiece.On.SIDE;
        double up = Math.max(
                0, Math.floor(levels.body(piece).height() - planted(piece).held() - LEFT_UNDER));
        double out = Math.max(0, Math.floor(edge(piece) - LEFT_UNDER));
        return new OwnPiece.Seat(s.tier(), s.on(), s.angle(), side ? s.out() : out, side ? up : s.up());
    }

    /** From the tier's middle to its top edge where the first of them stands, mm. */
    private double edge(OwnPiece piece) {
        double angle = Elementary.toRadians(piece.seat().angle());
        return new Rays(levels.body(piece).top()).reach(0, 0, Elementary.sin(angle), -Elementary.cos(angle));
    }

    /** How much of the ledge there is where a piece stands, mm; the whole top where nothing stands on the tier. */
    double ledge(OwnPiece piece) {
        Body body = levels.body(piece);
        double angle = Elementary.toRadians(piece.seat().angle());
        double dx = Elementary.sin(angle);
        double dy = -Elementary.cos(angle);
        return new Rays(body.top()).reach(0, 0, dx, dy) - Math.max(0, levels.over(body, dx, dy));
    }
}
