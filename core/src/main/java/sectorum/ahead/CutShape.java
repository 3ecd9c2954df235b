package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.Storage;
import sectorum.drawing.Drawings;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Element;
import sectorum.technique.Making;

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
    public List<Field> fields(Values settings, OwnPiece piece) {
        return List.of(SHAPE);
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece) {
        Element shape = Element.of(SHAPE.choice(settings), CUT);
        // The size of a leaf is its length, which is the wider of its two.
        Rings front = Rings.raised(shape.outline(Math.max(piece.width(), piece.height())));
        Storage on = piece.resting().faces() == OwnPiece.Faces.FORMER
                ? Storage.FORMER
                : piece.resting().storage();
        Material material = piece.material();
        Component only = new Component(
                Phrase.of("{}", Quantity.text(piece.name())),
                front,
                piece.thickness(),
                material,
                1,
                1,
                piece.resting().stated(),
                on);
        double grams = (material == null ? shape.material() : material).sheet(front.area(), piece.thickness());
        return new MadeAhead(
                List.of(only),
                front,
                front,
                grams,
                piece.picks(),
                piece.buried(),
                material == null ? Adhesive.ROYAL : material.adhesive(),
                steps(piece),
                Drawings.when(List::of),
                List.of());
    }

    private static List<Making.Step> steps(OwnPiece piece) {
        Quantity many = Quantity.count(piece.count());
        Quantity name = Quantity.text(piece.name());
        return List.of(
                Making.Step.of(
                        Phrase.of(
                                "Roll the paste to {} and cut {} × {}; thin their edges with a ball tool and lay them out.",
                                Quantity.length(piece.thickness()),
                                many,
                                name),
                        "cutter, ball tool, foam pad",
                        piece.count() * piece.labour().minutes()),
                Making.Step.of(
                        Phrase.of("Put {} × {} on.", many, name),
                        "royal icing",
                        piece.count() * piece.labour().placing()));
    }
}
