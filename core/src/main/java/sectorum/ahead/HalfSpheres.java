package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.Storage;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Resting;
import sectorum.plan.Span;
import sectorum.technique.Gesture;

/** Balls of chocolate: half spheres in thin coats, joined warm in pairs (craft 4.1). */
final class HalfSpheres implements AheadKind {
    private static final Rule COATS =
            new Rule("sphere.coats", Level.LOOK, "A half sphere in one coat breaks as it leaves its mould.");

    /** A coat sets in the fridge, minutes. */
    private static final double SETS = 5;

    @Override
    public PieceKind kind() {
        return PieceKind.SPHERE;
    }

    @Override
    public String name() {
        return "Ball of two halves";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Across", null, "A coat thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of(COATS);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(
                Field.count("coats", "Coats", 1, 4, 2, "Thin ones, each set before the next."),
                Field.choice(
                        "whole",
                        "It is",
                        List.of(new Field.Choice("ball", "a whole ball"), new Field.Choice("half", "a half, open")),
                        "ball"));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        int coats = (int) fields.get(0).number(settings);
        boolean ball = fields.get(1).choice(settings).equals("ball");
        int halves = ball ? 2 : 1;
        double r = piece.width() / 2;
        PieceBuilder b = new PieceBuilder(piece, Material.CHOCOLATE);
        double coat = b.material().sheet(2 * Math.PI * r * r, piece.thickness());
        b.part(Component.cut(
                        Phrase.of("Half sphere, {} coats", Quantity.count(coats)),
                        Rings.of(Shapes.oval(2 * r, 2 * r)),
                        0,
                        b.material(),
                        halves)
                .over(new Former(Former.Form.BALL, 2 * r, halves))
                .weighing(coats * coat));
        Quantity many = Quantity.count((long) halves * piece.count());
        b.step(
                Gesture.BRUSH,
                Phrase.of(
                        "Brush {} half moulds of {} with {} coats {} thick, {} each, {} in the fridge after each.",
                        many,
                        Quantity.length(2 * r),
                        Quantity.count(coats),
                        Quantity.length(piece.thickness()),
                        Quantity.mass(coat),
                        Quantity.minutes(SETS)),
                "half-ball moulds, brush",
                1.5 * coats * halves);
        OwnPiece dries = piece.resting().stated() != null
                ? piece
                : piece.resting(new Resting(
                        OwnPiece.Faces.FORMER,
                        new Span(coats * SETS / 60, coats * SETS / 60),
                        Storage.FRIDGE,
                        piece.resting().until(),
                        null));
        if (ball) {
            b.stage("Halves of " + piece.name(), dries);
            b.step(
                    Gesture.SHAPE,
                    Phrase.of(
                            "Warm the rims of {} halves on a warm plate and join them in pairs, {} balls.",
                            many,
                            Quantity.count(piece.count())),
                    "warm plate, gloves of cotton",
                    1.5,
                    Phrase.of("The seam closed all round, {} across.", Quantity.length(2 * r)),
                    "The plate is warm, not hot: touch its rim first.");
            b.stage(piece.name(), piece.resting(new Resting(null, new Span(0.1, 0.2), null, null, null)));
        } else {
            b.stage(piece.name(), dries);
        }
        b.picked(0);
        Sculpt s = new Sculpt().egg(0, new double[] {0, 0, r}, r, r, r);
        if (!ball) {
            s = new Sculpt().frustum(0, new double[] {0, 0, 0}, r * 0.4, r * 0.8, r * 0.35);
            s.frustum(0, new double[] {0, 0, r * 0.35}, r * 0.8, r, r * 0.65);
        }
        b.looking(piece.seat().on() == OwnPiece.On.SIDE ? s.backed() : s);
        if (coats < 2) {
            b.found(COATS.found(
                    Phrase.of("{} coat of {}.", Quantity.count(coats), Quantity.length(piece.thickness())),
                    new Mend(
                            Phrase.of("Give it {} coats", Quantity.count(2)),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/coats", 2.0)))));
        }
        return b.made();
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double across = Math.max(20, Math.min(80, bed.across() * 0.22));
        return List.of(new Offer(PieceKind.SPHERE, "ball", "Chocolate ball")
                .sized(across, across, 1.5)
                .many(3)
                .of(Material.CHOCOLATE)
                .made());
    }
}
