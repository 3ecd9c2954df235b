package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Gesture;

/** Gathered, folded and rolled: ribbon roses, tassels, cords, tiles (craft 4.1). */
final class Rolled implements AheadKind {
    /** Each turn of a ribbon rose lies so much outside the one before, times its paste. */
    private static final double LOOSE = 2.6;

    private static final int PARTS = 14;

    @Override
    public PieceKind kind() {
        return PieceKind.ROLLED;
    }

    @Override
    public String name() {
        return "Rolled or folded";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Width", "Height", "Paste or strand thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Colour", "Second");
    }

    private static String form(Values settings) {
        return FORM.choice(settings);
    }

    private static final Field FORM = Field.choice(
            "form",
            "It is",
            List.of(
                    new Field.Choice("rose", "a ribbon rose"),
                    new Field.Choice("tassel", "a tassel"),
                    new Field.Choice("cord", "a twisted cord"),
                    new Field.Choice("tile", "a tile")),
            "rose");

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        int turns = (int) Math.max(1, Math.min(20, piece.width() / 2 / (LOOSE * piece.thickness())));
        return List.of(
                FORM,
                Field.count("turns", "Turns of the ribbon", 1, 20, turns, "Of a rose, from its middle out."),
                Field.length("fringe", "A thread of the fringe", 0.5, 10, 1.5, "Of a tassel, cut into its strip."),
                Field.count("strands", "Strands", 2, 6, 2, "Of a cord."),
                Field.length(
                        "lay",
                        "Lay",
                        2,
                        300,
                        Math.max(2, Math.min(300, 5 * piece.thickness())),
                        "Of a cord: along it until a strand comes round again."));
    }

    /** How much longer than its cord a strand is, for a pitch circle of the strand's own width (craft 3E). */
    static double takeUp(double strand, double lay) {
        return Elementary.hypot(1, Math.PI * strand / lay) - 1;
    }

    /** Ribbon for a rose: turns that each lie further out, mm. */
    static double ribbon(double across, int turns) {
        double length = 0;
        for (int k = 0; k < turns; k++) {
            length += 2 * Math.PI * across / 2 * (k + 0.5) / turns;
        }
        return length;
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        PieceBuilder b = new PieceBuilder(piece, Material.HALF);
        double w = piece.width();
        double h = piece.height();
        double t = piece.thickness();
        switch (form(settings)) {
            case "tassel" -> tassel(b, piece, fields.get(2).number(settings));
            case "cord" ->
                cord(
                        b,
                        piece,
                        (int) fields.get(3).number(settings),
                        fields.get(4).number(settings));
            case "tile" -> {
                b.cut("Tile", Shapes.rectangle(w, h), t, 1);
                b.step(
                        Gesture.CUT,
                        Phrase.of(
                                "Roll to {} and cut {} tiles of {} by {}; dry them flat.",
                                Quantity.length(t),
                                Quantity.count(piece.count()),
                                Quantity.length(w),
                                Quantity.length(h)),
                        "roller, straight edge, wheel",
                        0.4);
                Sculpt s = new Sculpt();
                s.card(0, Shapes.rectangle(w, h), -t).card(0, Shapes.rectangle(w, h), 0);
                b.looking(s);
            }
            default -> rose(b, piece, (int) fields.get(1).number(settings));
        }
        b.stage(piece.name(), piece);
        b.picked(0);
        b.drawn(() -> patterns(piece, settings, fields));
        return b.made();
    }

    private static void rose(PieceBuilder b, OwnPiece piece, int turns) {
        double length = ribbon(piece.width(), turns);
        double t = piece.thickness();
        b.cut("Ribbon, folded lengthwise", Shapes.rectangle(length, 2 * piece.height()), t, 1);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Roll to {}, cut {} ribbons of {} by {}, fold each lengthwise and roll it up, gathering its foot: {} turns.",
                        Quantity.length(t),
                        Quantity.count(piece.count()),
                        Quantity.length(length),
                        Quantity.length(2 * piece.height()),
                        Quantity.count(turns)),
                "roller, wheel",
                3);
        Sculpt s = new Sculpt();
        List<double[]> low = new ArrayList<>();
        List<double[]> lip = new ArrayList<>();
        int parts = PARTS * turns;
        for (int i = 0; i <= parts; i++) {
            double a = 2 * Math.PI * i / PARTS;
            double out = piece.width() / 2 * i / parts;
            low.add(new double[] {0.55 * out * Elementary.sin(a), -0.55 * out * Elementary.cos(a), 0});
            lip.add(new double[] {
                out * Elementary.sin(a),
                -out * Elementary.cos(a),
                piece.height() * (0.85 + 0.15 * Elementary.cos(3.1 * a) - 0.2 * i / parts)
            });
        }
        s.band(0, low, lip);
        b.looking(Flower.placed(s, piece.seat().on() == OwnPiece.On.SIDE ? Math.PI / 2 : Math.PI / 5, piece));
    }

    private static void tassel(PieceBuilder b, OwnPiece piece, double thread) {
        double w = piece.width();
        double h = piece.height();
        double around = Math.PI * w * 2;
        b.cut("Fringe", Shapes.rectangle(around, h * 0.75), piece.thickness(), 1);
        b.cut("Band", Shapes.rectangle(Math.PI * w * 0.6 + 6, h * 0.12), piece.thickness(), 1);
        double ball = w * 0.55;
        b.part(Component.cut(Phrase.of("Head"), Rings.of(Shapes.oval(ball, ball)), 0, b.material(), 1)
                .weighing(b.material().ball(ball)));
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Roll to {}; cut {} strips of {} by {} into threads of {}, roll them up, put a band of {} round and the head"
                                + " on.",
                        Quantity.length(piece.thickness()),
                        Quantity.count(piece.count()),
                        Quantity.length(around),
                        Quantity.length(h * 0.75),
                        Quantity.length(thread),
                        Quantity.length(h * 0.12)),
                "roller, wheel, scalpel",
                4,
                null,
                "Cut away from the fingers.");
        Sculpt s = new Sculpt();
        double skirt = Math.max(h * 0.3, h * 0.9 - ball);
        s.frustum(0, new double[] {0, 0, 0}, w / 2, w * 0.3, skirt);
        s.frustum(1, new double[] {0, 0, skirt - 1}, w * 0.32, w * 0.32, h * 0.12);
        s.egg(0, new double[] {0, 0, h - ball / 2}, ball / 2, ball / 2, ball / 2);
        b.looking(piece.seat().on() == OwnPiece.On.SIDE ? s.backed() : s);
    }

    private static void cord(PieceBuilder b, OwnPiece piece, int strands, double lay) {
        double t = piece.thickness();
        double each = piece.width() * (1 + takeUp(t, lay));
        double grams = Math.PI / 4 * t * t * each / 1000 * b.material().density();
        for (int k = 0; k < Math.min(2, strands); k++) {
            int many = k == 0 ? strands - strands / 2 : strands / 2;
            b.part(Component.cut(
                            Phrase.of("Strand, {}", Quantity.length(each)),
                            Rings.of(Shapes.rectangle(each, t)),
                            0,
                            b.material(),
                            many)
                    .coloured(k)
                    .weighing(grams));
        }
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Press {} strands {} thick and {} long for {} cords; twist them, once round every {}, and cut to {}.",
                        Quantity.count((long) strands * piece.count()),
                        Quantity.length(t),
                        Quantity.length(each),
                        Quantity.count(piece.count()),
                        Quantity.length(lay),
                        Quantity.length(piece.width())),
                "extruder, ruler",
                2);
        Sculpt s = new Sculpt();
        int parts = (int) Math.max(6, Math.min(48, piece.width() / lay * 6));
        for (int k = 0; k < strands; k++) {
            List<double[]> line = new ArrayList<>();
            for (int i = 0; i <= parts; i++) {
                double x = piece.width() * i / parts;
                double a = 2 * Math.PI * (x / lay + (double) k / strands);
                line.add(new double[] {x - piece.width() / 2, -t / 2 * Elementary.cos(a), t + t / 2 * Elementary.sin(a)
                });
            }
            s.string(k % 2, line, t);
        }
        Sculpt there = s.raised();
        b.looking(piece.seat().on() == OwnPiece.On.SIDE ? there.backed() : there);
    }

    private static List<sectorum.drawing.Drawing> patterns(OwnPiece piece, Values settings, List<Field> fields) {
        double w = piece.width();
        double h = piece.height();
        return switch (form(settings)) {
            case "tile" ->
                List.of(Patterns.outline("tile", Phrase.of("Tile, {}", Quantity.length(w)), Shapes.rectangle(w, h)));
            case "cord" -> List.of();
            case "tassel" -> {
                double thread = fields.get(2).number(settings);
                double around = Math.PI * w * 2;
                List<Double> cuts = new ArrayList<>();
                for (double x = thread; x < around - 1e-9 && cuts.size() < 400; x += thread) {
                    cuts.add(x);
                }
                yield List.of(Patterns.strip(
                        "tassel",
                        Phrase.of("Fringe, threads of {}", Quantity.length(thread)),
                        around,
                        h * 0.75,
                        cuts,
                        List.of(h * 0.1)));
            }
            default -> {
                double length = ribbon(w, (int) fields.get(1).number(settings));
                yield List.of(Patterns.strip(
                        "ribbon",
                        Phrase.of("Ribbon, {}, folded at the line", Quantity.length(length)),
                        length,
                        2 * h,
                        List.of(),
                        List.of(h)));
            }
        };
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double w = Math.max(16, Math.min(60, bed.across() * 0.18));
        return List.of(
                new Offer(PieceKind.ROLLED, "ribbon-rose", "Ribbon rose")
                        .sized(w, w * 0.5, 1)
                        .many(3)
                        .of(Material.FONDANT)
                        .on(OwnPiece.On.LEDGE)
                        .made(),
                new Offer(PieceKind.ROLLED, "tassel", "Tassel")
                        .sized(w * 0.45, w * 1.4, 1)
                        .many(4)
                        .of(Material.HALF)
                        .on(OwnPiece.On.SIDE)
                        .with("form", "tassel")
                        .made(),
                new Offer(PieceKind.ROLLED, "cord", "Twisted cord")
                        .sized(w * 3, 6, 3)
                        .of(Material.HALF)
                        .with("form", "cord")
                        .made(),
                new Offer(PieceKind.ROLLED, "tile", "Tile")
                        .sized(w, w, 3)
                        .many(8)
                        .on(OwnPiece.On.SIDE)
                        .with("form", "tile")
                        .made());
    }
}
