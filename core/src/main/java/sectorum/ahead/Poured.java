package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
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

/** Poured: sails and sheets of cooked sugar, pressed sugar sheet, plaques of chocolate (craft 4.1). */
final class Poured implements AheadKind {
    /** Hard crack, °C (craft 4.1). */
    static final double LEAST_C = 146;

    static final double MOST_C = 154;
    /** Of what is poured so much is the pieces; the rest are edges. */
    private static final double USED = 0.7;
    /** A flat sheet of chocolate sets in the fridge in minutes; a thick or textured one longer (craft 4.1). */
    private static final double FLAT_SETS = 5;

    private static final double THICK_SETS = 15;
    private static final double THICK_MM = 3;

    private static final String HOT =
            "Hot sugar burns to the bone: gloves and sleeves, no children near, cold water by, never a finger in the pan.";

    private static final Field FORM = Field.choice(
            "form",
            "It is",
            List.of(
                    new Field.Choice("sail", "a sail, poured over a draped mat"),
                    new Field.Choice("shard", "a shard, broken from a flat sheet"),
                    new Field.Choice("plaque", "a plaque, cut or poured to size"),
                    new Field.Choice("disc", "a disc")),
            "sail");

    private static final Field TEXTURED = Field.choice(
            "textured",
            "Its face is",
            List.of(new Field.Choice("plain", "smooth"), new Field.Choice("textured", "textured")),
            "plain");

    private static final Field REAL = Field.choice(
            "real",
            "Chocolate is",
            List.of(
                    new Field.Choice("tempered", "real, and tempered"),
                    new Field.Choice("melted", "compound, only melted")),
            "tempered");

    @Override
    public PieceKind kind() {
        return PieceKind.POURED;
    }

    @Override
    public String name() {
        return "Poured sugar or chocolate";
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(FORM, TEXTURED, REAL);
    }

    private static List<Double> outline(OwnPiece piece, String form) {
        double w = piece.width();
        double h = piece.height();
        return switch (form) {
            case "sail" ->
                List.of(
                        -w * 0.3, 0.0, w * 0.25, 0.0, w * 0.5, h * 0.55, w * 0.12, h, -w * 0.2, h * 0.82, -w * 0.5,
                        h * 0.5);
            case "shard" -> List.of(-w * 0.35, 0.0, w * 0.3, 0.0, w * 0.5, h * 0.7, w * 0.05, h, -w * 0.5, h * 0.45);
            case "disc" -> Shapes.oval(w, h);
            default -> Shapes.rectangle(w, h);
        };
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        String form = FORM.choice(settings);
        PieceBuilder b = new PieceBuilder(piece, Material.SUGAR);
        Material of = b.material();
        List<Double> outline = outline(piece, form);
        b.cut(
                form.equals("sail") ? "Sail" : form.equals("disc") ? "Disc" : form.equals("shard") ? "Shard" : "Plaque",
                outline,
                piece.thickness(),
                1);
        double area = sectorum.art.Contour.area(outline) / USED;
        double batch =
                of.sheet(area, piece.thickness()) * (piece.count() + of.spare().of(piece.count()));
        OwnPiece dries = switch (of) {
            case SUGAR -> sugar(b, piece, form, batch);
            case CHOCOLATE -> chocolate(b, piece, settings, batch);
            default -> other(b, piece, batch);
        };
        b.stage(piece.name(), dries);
        b.looking(look(piece, outline, form));
        b.drawn(() -> List.of(
                Patterns.outline("poured", Phrase.of("Piece, {} high", Quantity.length(piece.height())), outline)));
        b.picked(0);
        b.placing(
                Phrase.of(
                        "Press {} × {} into a slit, or set them in {}.",
                        Quantity.count(piece.count()),
                        Quantity.text(piece.name()),
                        Quantity.text(of.adhesive().words())),
                "small knife");
        return b.made();
    }

    /** With the spares that what breaks asks for. */
    private static Quantity many(OwnPiece piece, Material of) {
        return Quantity.count((long) piece.count() + of.spare().of(piece.count()));
    }

    private static OwnPiece sugar(PieceBuilder b, OwnPiece piece, String form, double batch) {
        Quantity grams = Quantity.mass(batch);
        Quantity thick = Quantity.length(piece.thickness());
        Quantity many = many(piece, b.material());
        b.step(
                Gesture.WEIGH,
                Phrase.of(
                        "Cook {} of sugar to hard crack, {} to {} °C; without a thermometer a drop in cold water sets at once and"
                                + " rings.",
                        grams,
                        Quantity.plain(LEAST_C),
                        Quantity.plain(MOST_C)),
                "pan, thermometer",
                25.0 / piece.count(),
                null,
                HOT);
        b.step(
                Gesture.POUR,
                Phrase.of(
                        form.equals("sail")
                                ? "Pour {} sails {} thick over a draped silicone mat."
                                : "Pour {} pieces {} thick on a flat silicone mat.",
                        many,
                        thick),
                "silicone mat, gloves",
                2,
                Phrase.of("Kept dry and cool after {}.", Quantity.minutes(45)),
                HOT);
        return piece;
    }

    private static OwnPiece chocolate(PieceBuilder b, OwnPiece piece, Values settings, double batch) {
        boolean textured = TEXTURED.choice(settings).equals("textured");
        boolean real = REAL.choice(settings).equals("tempered");
        Quantity grams = Quantity.mass(batch);
        Quantity thick = Quantity.length(piece.thickness());
        Quantity many = many(piece, b.material());
        double sets = textured || piece.thickness() > THICK_MM ? THICK_SETS : FLAT_SETS;
        b.step(
                Gesture.SPREAD,
                Phrase.of(
                        real
                                ? "Temper {} of chocolate and spread it {} thick."
                                : "Melt {} of compound chocolate and spread it {} thick.",
                        grams,
                        thick),
                "acetate, palette knife",
                (real ? 20.0 : 10.0) / piece.count());
        b.step(
                Gesture.CUT,
                Phrase.of(
                        "Cut {} pieces while it bends but no longer marks a finger; then {} in the fridge.",
                        many,
                        Quantity.minutes(sets)),
                "cutter or knife",
                1);
        if (piece.resting().stated() == null) {
            return piece.resting(new Resting(
                    null,
                    new Span(sets / 60, sets / 60),
                    sectorum.bench.Storage.FRIDGE,
                    piece.resting().until(),
                    null));
        }
        return piece;
    }

    private static OwnPiece other(PieceBuilder b, OwnPiece piece, double batch) {
        Quantity grams = Quantity.mass(batch);
        Quantity thick = Quantity.length(piece.thickness());
        Quantity many = many(piece, b.material());
        b.step(
                Gesture.SPREAD,
                Phrase.of(
                        "Make {} of {} and spread or press it {} thick; cut {} pieces.",
                        grams,
                        Quantity.text(b.material().words()),
                        thick,
                        many),
                "mat, palette knife",
                3);
        return piece;
    }

    /** A sail billows: its middle comes forward. */
    private static Sculpt look(OwnPiece piece, List<Double> outline, String form) {
        Sculpt s = new Sculpt();
        if (!form.equals("sail")) {
            return s.card(0, outline, 0);
        }
        double middle = piece.height() * 0.5;
        for (int i = 0; i < outline.size(); i += 2) {
            int j = (i + 2) % outline.size();
            s.face(
                    0,
                    new ArrayList<>(List.of(
                            outline.get(i),
                            0.0,
                            outline.get(i + 1),
                            outline.get(j),
                            0.0,
                            outline.get(j + 1),
                            0.0,
                            -piece.width() * 0.22,
                            middle)));
        }
        return s;
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double w = Math.max(30, Math.min(110, bed.across() * 0.3));
        return List.of(
                new Offer(PieceKind.POURED, "sail", "Sugar sail")
                        .sized(w, w * 1.4, 2)
                        .many(3)
                        .of(Material.SUGAR)
                        .with("form", "sail")
                        .made(),
                new Offer(PieceKind.POURED, "chocolate-plaque", "Chocolate plaque")
                        .sized(w, w * 1.1, 3)
                        .of(Material.CHOCOLATE)
                        .with("form", "plaque")
                        .made(),
                new Offer(PieceKind.POURED, "chocolate-shards", "Chocolate shards")
                        .sized(w * 0.6, w * 1.2, 2)
                        .many(6)
                        .of(Material.CHOCOLATE)
                        .with("form", "shard")
                        .made());
    }
}
