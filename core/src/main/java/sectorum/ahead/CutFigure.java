package sectorum.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.art.Contour;
import sectorum.art.Motif;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.Layer;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Gesture;

/**
 * An upright figure, a topper, a plaque or letters that stand, cut from art or a shape (craft 4.1): as large as fits its width
 * and its height, as thick as its height asks; on picks set while it is soft, or in a board of soft fondant.
 */
final class CutFigure implements AheadKind {
    /** A pick reaches so far up into a figure, share of its height. */
    private static final double INTO = 0.6;
    /** A board that a figure stands in: so much wider, so deep and so high, mm. */
    private static final double BOARD_MORE = 40;

    private static final double BOARD_DEEP = 60;
    private static final double BOARD_HIGH = 8;
    /** Rolled paste takes what is pressed into it so long, minutes. */
    private static final double SOFT = 20;

    private static final Field SHAPE = Field.choice(
            "shape",
            "Cut from",
            List.of(
                    new Field.Choice("art", "art"),
                    new Field.Choice("rectangle", "a rectangle"),
                    new Field.Choice("oval", "an oval"),
                    new Field.Choice("shield", "a shield")),
            "art");
    private static final Field LAYERS = Field.choice(
            "layers",
            "In",
            List.of(
                    new Field.Choice("one", "one outline"),
                    new Field.Choice("colours", "layers, a piece for each colour")),
            "one");
    private static final Field STANDS = Field.choice(
            "stands",
            "It stands",
            List.of(
                    new Field.Choice("picks", "on picks"),
                    new Field.Choice("board", "in a board of soft fondant, propped"),
                    new Field.Choice("glued", "glued against what is behind it")),
            "picks");
    private static final Field CURED = Field.choice(
            "cured",
            "It dries",
            List.of(new Field.Choice("flat", "flat"), new Field.Choice("curved", "round a former")),
            "flat");

    private static final Field JOINED = Field.choice(
            "joined",
            "Its parts are",
            List.of(new Field.Choice("drawn", "as drawn"), new Field.Choice("bar", "joined by a bar at the foot")),
            "drawn");
    private static final Field SUPPORT = Field.choice(
            "support",
            "Inside it",
            List.of(new Field.Choice("none", "nothing"), new Field.Choice("inside", "a support of wood or card")),
            "none");
    /** A bar under letters is so high, mm. */
    private static final double BAR = 6;

    @Override
    public PieceKind kind() {
        return PieceKind.CUT_FIGURE;
    }

    @Override
    public String name() {
        return "Topper, plaque or figure";
    }

    @Override
    public List<Rule> rules() {
        return FigureRules.all();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        double former = bed.radius() > 0 ? 2 * bed.radius() : bed.across();
        return List.of(
                SHAPE,
                LAYERS,
                STANDS,
                CURED,
                JOINED,
                SUPPORT,
                Field.length(
                        "former",
                        "Former, across",
                        20,
                        2000,
                        Math.max(20, Math.min(2000, former)),
                        "Of the tier, or the next owned."),
                Field.angle("lean", "Leans back", 0, Math.PI / 3, 0, "0 stands upright."));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Rings> parts = parts(piece, SHAPE.choice(settings));
        Rings whole = parts.get(0);
        for (Rings part : parts.subList(1, parts.size())) {
            whole = Regions.union(whole, part);
        }
        if (JOINED.choice(settings).equals("bar")) {
            List<Double> box = whole.box();
            whole = Regions.union(
                    whole, Rings.of(List.of(box.get(0), 0.0, box.get(2), 0.0, box.get(2), BAR, box.get(0), BAR)));
        }
        Rings front = largestFirst(whole);
        boolean supported = SUPPORT.choice(settings).equals("inside");
        boolean layered = LAYERS.choice(settings).equals("colours");
        boolean board = STANDS.choice(settings).equals("board");
        boolean curved = CURED.choice(settings).equals("curved");
        List<Field> fields = fields(settings, piece, bed);
        double former = fields.get(6).number(settings);
        PieceBuilder b = new PieceBuilder(piece, Material.GUM);
        List<Rings> cut = layered ? parts : List.of(front);
        for (int i = 0; i < cut.size(); i++) {
            b.part(Component.cut(
                            layered
                                    ? Phrase.of("Part {} of {}", Quantity.count(i + 1L), Quantity.text(piece.name()))
                                    : Phrase.of("{}", Quantity.text(piece.name())),
                            cut.get(i),
                            piece.thickness(),
                            b.material(),
                            1)
                    .over(
                            curved && i == 0
                                    ? new Former(Former.Form.ROUND, former, 1)
                                    : i == 0 ? PlainPiece.former(piece, 1) : null));
        }
        Layer layer = piece.resting().layer();
        if (layer != null) {
            b.part(Component.cut(
                    Phrase.of("Layer over {}", Quantity.text(piece.name())),
                    front,
                    layer.thickness(),
                    layer.material(),
                    1));
        }
        b.out("support inside", supported ? 1 : 0);
        boolean picked = STANDS.choice(settings).equals("picks");
        b.picked(picked ? piece.picks() : 0);
        cutting(b, piece, cut.size(), picked ? piece.picks() : 0, curved ? former : 0);
        OwnPiece dries = curved ? piece.aired(OwnPiece.Faces.FORMER) : piece;
        if (board) {
            b.stage("Cut: " + piece.name(), null);
            inBoard(b, piece, front);
        }
        b.stage(piece.name(), dries);
        place(b, piece, picked, board);
        b.looking(
                look(piece, front, curved ? former / 2 : 0, board, fields.get(7).number(settings)));
        double deep = picked && piece.picks() > 0 ? piece.buried() : 0;
        b.drawn(() -> List.of(card(piece, front, deep, picked ? piece.picks() : 0)));
        FigureRules.judge(
                b,
                piece,
                new FigureRules.Cut(
                        SHAPE.choice(settings).equals("art"),
                        curved,
                        supported,
                        layered ? 1 : front.outers().size(),
                        JOINED.choice(settings).equals("bar")),
                bed);
        return b.made();
    }

    /** Its regions at its size, foot at z 0; of nothing a plain plaque. */
    private static List<Rings> parts(OwnPiece piece, String shape) {
        Motif art = piece.art();
        double w = piece.width();
        double h = piece.height();
        if (shape.equals("art") && art != null) {
            double by = Math.min(w / art.width(), h / art.height());
            return art.scaled(by).parts().stream().map(Motif.Region::rings).toList();
        }
        return List.of(Rings.of(
                switch (shape) {
                    case "oval" -> Shapes.oval(w, h);
                    case "shield" -> Shapes.shield(w, h);
                    default -> Shapes.rectangle(w, h);
                }));
    }

    private static Rings largestFirst(Rings rings) {
        return new Rings(
                rings.outers().stream()
                        .sorted(Comparator.comparingDouble((List<Double> l) -> -Contour.area(l)))
                        .toList(),
                rings.holes());
    }

    private static void cutting(PieceBuilder b, OwnPiece piece, int parts, int picks, double former) {
        Quantity many = Quantity.count((long) piece.count() * parts);
        b.step(
                Gesture.CUT,
                Phrase.of(
                        former > 0
                                ? "Roll to {} and cut {} pieces round their cards; set {} picks in each figure while it is soft, and lay it"
                                        + " round a former of {}."
                                : "Roll to {} and cut {} pieces round their cards; set {} picks in each figure while it is soft, and lay"
                                        + " it flat{}.",
                        Quantity.length(piece.thickness()),
                        many,
                        Quantity.count(picks),
                        former > 0
                                ? Quantity.length(former)
                                : Quantity.text(
                                        piece.resting().faces() == OwnPiece.Faces.TURNED ? ", turned half way" : "")),
                "roller, scalpel, card, picks",
                piece.labour().minutesOr(OwnPiece.MINUTES_EACH),
                Phrase.of(
                        "What is pressed into it, pearls or a texture, goes in within {}: then it is soft no more.",
                        Quantity.minutes(SOFT)),
                "Cut away from the fingers, with a blade that is used only for food.");
    }

    /** A board covered with soft fondant takes its foot; it is propped until both are hard. */
    private static void inBoard(PieceBuilder b, OwnPiece piece, Rings front) {
        double wide = front.width() + BOARD_MORE;
        b.part(Component.cut(
                Phrase.of("Covering of its board"),
                Rings.of(Shapes.rectangle(wide, BOARD_DEEP)),
                BOARD_HIGH,
                Material.FONDANT,
                1));
        b.out("small board", 1);
        b.step(
                Gesture.INSERT,
                Phrase.of(
                        "Cover {} boards of {} by {} with soft fondant {} thick, press each figure's foot in, and prop it on both"
                                + " sides until both are hard.",
                        Quantity.count(piece.count()),
                        Quantity.length(wide),
                        Quantity.length(BOARD_DEEP),
                        Quantity.length(BOARD_HIGH)),
                "boards, props of foam",
                5,
                Phrase.of("Upright from both sides, {} propped.", Quantity.count(piece.count())),
                "");
    }

    private static void place(PieceBuilder b, OwnPiece piece, boolean picked, boolean board) {
        Quantity many = Quantity.count(piece.count());
        Quantity name = Quantity.text(piece.name());
        b.placing(
                picked
                        ? Phrase.of("Stand {} × {} up on their picks.", many, name)
                        : board
                                ? Phrase.of("Set {} × {} down on its board; glue the board's foot.", many, name)
                                : Phrase.of(
                                        "Glue {} × {} against what is behind, and hold it until it stays.", many, name),
                "royal icing");
    }

    private static Sculpt look(OwnPiece piece, Rings front, double radius, boolean board, double lean) {
        Sculpt s = new Sculpt();
        Rings fine = Regions.lighter(front, 0.2);
        for (List<Double> line : fine.keyholed()) {
            if (radius > 0) {
                s.curved(0, line, 0, radius);
            } else {
                s.card(0, line, 0);
            }
        }
        Sculpt there = s.nodding(-lean);
        if (board) {
            double half = (front.width() + BOARD_MORE) / 2;
            double deep = BOARD_DEEP / 2;
            Sculpt on = new Sculpt().with(there, 0, 0, BOARD_HIGH - 1);
            List<Double> plate = List.of(
                    -half, -deep, BOARD_HIGH, half, -deep, BOARD_HIGH, half, deep, BOARD_HIGH, -half, deep, BOARD_HIGH);
            on.face(1, plate);
            on.card(1, Shapes.rectangle(2 * half, BOARD_HIGH), -deep);
            return on;
        }
        return piece.seat().on() == OwnPiece.On.SIDE && radius == 0 ? there.backed() : there;
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return STANDS.choice(settings).equals("board") ? List.of("Colour", "Board") : List.of("Colour");
    }

    /** Its outline with the lines of its picks, as far as they go into it and out of it. */
    private static Drawing card(OwnPiece piece, Rings front, double deep, int picks) {
        Drawing.Maker maker = new Drawing.Maker();
        List<Double> box = front.box();
        List<List<Double>> lines = new ArrayList<>(front.outers());
        lines.addAll(front.holes());
        for (List<Double> line : lines) {
            Patterns.cut(maker, line, -box.get(0), box.get(3));
        }
        for (int i = 0; i < picks; i++) {
            double x = Patterns.MARGIN + front.width() * (i + 0.5) / picks;
            double foot = Patterns.MARGIN + box.get(3);
            maker.line(Ink.Pen.GUIDE, x, foot + deep, x, foot - INTO * (box.get(3) - box.get(1)));
        }
        return Patterns.titled(
                maker,
                "figure",
                Phrase.of("Figure, {} high, with its picks", Quantity.length(front.height())),
                front.width(),
                front.height() + deep);
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double high = Math.max(40, Math.min(180, bed.across() * 0.6));
        return List.of(
                new Offer(PieceKind.CUT_FIGURE, "topper", "Topper from art")
                        .sized(high * 0.8, high, FigureRules.thickness(high))
                        .made(),
                new Offer(PieceKind.CUT_FIGURE, "plaque", "Plaque for the side")
                        .sized(bed.across() * 0.4, Math.min(bed.high() * 0.6, bed.across() * 0.3), 3)
                        .on(OwnPiece.On.SIDE)
                        .with("shape", "oval")
                        .with("stands", "glued")
                        .with("cured", "curved")
                        .made());
    }
}
