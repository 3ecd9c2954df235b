package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.Storage;
import sectorum.drawing.Drawings;
import sectorum.drawing.Point;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Making;

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
    public List<Field> fields(Values settings, OwnPiece piece) {
        return List.of();
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece) {
        Rings front = Rings.of(outline(piece));
        boolean pair = piece.form() == OwnPiece.Form.PAIR;
        Storage on = piece.resting().faces() == OwnPiece.Faces.FORMER
                ? Storage.FORMER
                : piece.resting().storage();
        Phrase what = Phrase.of(pair ? "Half of {}" : "{}", Quantity.text(piece.name()));
        Component only = new Component(
                what,
                front,
                piece.thickness(),
                piece.material(),
                pair ? 2 : 1,
                1,
                piece.resting().stated(),
                on);
        List<Component> components = new ArrayList<>(List.of(only));
        OwnPiece.Layer layer = piece.resting().layer();
        if (layer != null) {
            components.add(new Component(
                    Phrase.of("Layer over {}", Quantity.text(piece.name())),
                    front,
                    layer.thickness(),
                    layer.material(),
                    1,
                    2,
                    null,
                    on));
        }
        double half = piece.width() / 2;
        double deep = piece.thickness() / 2;
        Rings above = Rings.of(List.of(-half, -deep, half, -deep, half, deep, -half, deep));
        return new MadeAhead(
                components,
                front,
                above,
                piece.grams(),
                piece.picks(),
                piece.buried(),
                piece.material() == null ? Adhesive.ROYAL : piece.material().adhesive(),
                steps(piece),
                Drawings.when(List::of),
                List.of());
    }

    private static List<Making.Step> steps(OwnPiece piece) {
        return List.of(
                Making.Step.of(
                        Phrase.of("Make {} × {}.", Quantity.count(piece.count()), Quantity.text(piece.name())),
                        "",
                        piece.count() * piece.labour().minutes()),
                Making.Step.of(
                        Phrase.of("Put {} × {} on.", Quantity.count(piece.count()), Quantity.text(piece.name())),
                        piece.picks() > 0 ? "picks" : "royal icing",
                        piece.count() * piece.labour().placing()));
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
