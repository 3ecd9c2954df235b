package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.finding.Rule;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Element;
import sectorum.technique.Gesture;

/** A leaf or a blossom cut from a sheet and dried, as a garland takes it: its mass is that of its own outline. */
final class CutShape implements AheadKind {
    private static final Element[] CUT = {Element.BLOSSOM, Element.LEAF};
    private static final Field SHAPE = Field.choice(
            "shape",
            "Shape",
            List.of(new Field.Choice("blossom", "blossoms"), new Field.Choice("leaf", "leaves")),
            "blossom");

    @Override
    public PieceKind kind() {
        return PieceKind.CUT_SHAPE;
    }

    @Override
    public String name() {
        return "Cut leaves and blossoms";
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(SHAPE);
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        Element shape = Element.of(SHAPE.choice(settings), CUT);
        // The size of a leaf is its length, which is the wider of its two.
        Rings front = Rings.raised(shape.outline(Math.max(piece.width(), piece.height())));
        PieceBuilder b = new PieceBuilder(piece, shape.material());
        b.part(Component.cut(
                        Phrase.of("{}", Quantity.text(piece.name())), front, piece.thickness(), piece.material(), 1)
                .over(PlainPiece.former(piece, 1)));
        b.step(
                Gesture.CUT,
                Phrase.of(
                        "Roll the paste to {} and cut {} × {}; thin their edges with a ball tool and lay them out.",
                        Quantity.length(piece.thickness()),
                        Quantity.count(piece.count()),
                        Quantity.text(piece.name())),
                "cutter, ball tool, foam pad",
                piece.labour().minutesOr(1));
        b.stage(piece.name(), piece);
        b.looking(new Sculpt().card(0, front.outers().get(0), 0));
        return b.weighing(b.material().sheet(front.area(), piece.thickness())).made();
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        return List.of(new Offer(PieceKind.CUT_SHAPE, "cut-leaves", "Cut leaves")
                .sized(30, 30, 1.5)
                .many(12)
                .with("shape", "leaf")
                .made());
    }
}
