package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.drawing.Point;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.Layer;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Gesture;

/** A piece of one's own: told by its form, its size and its paste, whatever it is. */
final class PlainPiece implements AheadKind {
    @Override
    public PieceKind kind() {
        return PieceKind.OWN;
    }

    @Override
    public String name() {
        return "A piece of one's own";
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of();
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        Rings front = Rings.of(outline(piece));
        boolean pair = piece.form() == OwnPiece.Form.PAIR;
        PieceBuilder b = new PieceBuilder(piece, Material.FONDANT);
        b.part(Component.cut(
                        Phrase.of(pair ? "Half of {}" : "{}", Quantity.text(piece.name())),
                        front,
                        piece.thickness(),
                        piece.material(),
                        pair ? 2 : 1)
                .over(former(piece, pair ? 2 : 1)));
        Layer layer = piece.resting().layer();
        if (layer != null) {
            b.part(Component.cut(
                    Phrase.of("Layer over {}", Quantity.text(piece.name())),
                    front,
                    layer.thickness(),
                    layer.material(),
                    1));
        }
        b.step(
                Gesture.SHAPE,
                Phrase.of("Make {} × {}.", Quantity.count(piece.count()), Quantity.text(piece.name())),
                "",
                piece.labour().minutesOr(OwnPiece.MINUTES_EACH));
        b.stage(piece.name(), piece);
        b.looking(new Sculpt()
                .card(0, front.outers().get(0), piece.thickness() / 2)
                .card(0, front.outers().get(0), -piece.thickness() / 2));
        b.stuck(piece.material() == null ? Adhesive.ROYAL : piece.material().adhesive());
        return b.weighing(piece.grams()).made();
    }

    /** Something dried on a former of the cupboard, whatever it is. */
    @Absent
    static Former former(OwnPiece piece, int many) {
        return piece.resting().faces() == OwnPiece.Faces.FORMER
                ? new Former(Former.Form.FLAT, Math.max(piece.width(), piece.height()), many)
                : null;
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double wide = Math.max(30, Math.min(160, bed.across() * 0.5));
        return List.of(new Offer(PieceKind.OWN, "own", "A piece of your own")
                .sized(wide, wide, 3)
                .made());
    }

    private static List<Double> outline(OwnPiece piece) {
        List<Double> xz = new ArrayList<>();
        List<Point> points = PieceOutline.of(piece);
        // Drawn closed: the first point comes again.
        for (Point point : points.subList(0, points.size() - 1)) {
            xz.add(point.x());
            xz.add(point.y());
        }
        return xz;
    }
}
