package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Gesture;

/** A bow of loops over rolls, a band round its middle, and tails (craft 4.1). */
final class Bow implements AheadKind {
    private static final Rule ROLL = new Rule(
            "bow.roll", Level.STOP, "The rolls in a bow's loops are too thick for its span: a loop has no neck.");
    private static final Rule NARROW = new Rule(
            "bow.narrow",
            Level.NOTE,
            "Tails narrower by 6 mm are not possible with a strip under 12 mm: they are as wide as the strip.");

    /** A bow takes so long, minutes (craft 4.5). */
    private static final double USUAL_MINUTES = 35;
    /** Two loops are glued over so much (craft 4.1), mm. */
    static final double OVERLAP = 12;
    /** Folded in on each side of the band (craft 4.1), mm. */
    static final double FOLD = 6;

    private static final double NARROWER = 6;
    /** Band: so many strip widths long. */
    private static final double AROUND = 1.25;
    /** A gathered middle is so much of the strip's width. */
    static final double GATHERED = 0.42;
    /** Held by its side, a wider bow has two picks (craft 4.1), mm. */
    private static final double ONE_PICK = 100;

    @Override
    public PieceKind kind() {
        return PieceKind.BOW;
    }

    @Override
    public String name() {
        return "Bow";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Span", "Strip width", "Loops thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of(ROLL, NARROW);
    }

    private static Field.Choice choice(String name, String label) {
        return new Field.Choice(name, label);
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        double span = piece.width();
        double strip = piece.height();
        double tail = within(Elementary.rint(bed.high() * 0.8), 20, 600);
        Object given = settings.get("tail");
        double first = given instanceof Number n ? n.doubleValue() : tail;
        return List.of(
                Field.count("loops", "Loops in a ring", 2, 16, 2, "Two, or more all round."),
                Field.count("rings", "Rings of loops", 1, 4, 1, "Each a little shorter than the one behind it."),
                Field.share("shorter", "Next ring", 0.4, 1, 0.82, "How long its loops are beside the one behind."),
                Field.length("roll", "Rolls, radius", 2, 80, within(span * 0.0875, 2, 80), "Of the paper in a loop."),
                Field.choice(
                        "dried",
                        "Loops",
                        List.of(
                                choice("rolls", "dry on rolls"),
                                choice("soft", "soft, moulded to the side with rolls until set")),
                        "rolls"),
                Field.choice(
                        "cut",
                        "Loops are cut",
                        List.of(choice("strip", "two from one strip"), choice("apart", "each apart")),
                        "strip"),
                Field.length("thin", "Band and tails thick", 0.5, 8, 1.5, "Rolled thinner than the loops."),
                Field.choice(
                        "centre",
                        "Centre",
                        List.of(choice("band", "a band"), choice("gathered", "gathered"), choice("pleated", "pleated")),
                        "band"),
                Field.count("pleats", "Pleats in it", 1, 9, 3, "Only where the centre is pleated."),
                Field.length("band", "Band, finished", 4, 200, within(strip * 0.45, 4, 200), "As wide as it shows."),
                Field.length(
                        "wrap", "Band, long", 10, 600, within(AROUND * strip, 10, 600), "Round the gathered middle."),
                Field.count("tails", "Tails", 0, 4, 2, "0 for none."),
                Field.length("tail", "First tail", 20, 600, tail, "From the middle down."),
                Field.length("second", "Other tails", 20, 600, within(first * 0.85, 20, 600), "From the middle down."),
                Field.choice(
                        "end",
                        "Their ends",
                        List.of(
                                choice("notched", "notched"),
                                choice("slanted", "slanted"),
                                choice("straight", "straight"),
                                choice("pointed", "pointed")),
                        "notched"),
                Field.choice(
                        "narrower",
                        "Their width",
                        List.of(choice("yes", "6 mm under the strip"), choice("no", "as the strip")),
                        "yes"));
    }

    /** What its settings come to. */
    record Told(
            double span,
            double strip,
            double thick,
            int loops,
            int rings,
            double shorter,
            double roll,
            boolean soft,
            boolean apart,
            double thin,
            String centre,
            int pleats,
            double band,
            double wrap,
            int tails,
            double tail,
            double second,
            String end,
            double tailWide) {
        static Told of(List<Field> fields, Values settings, OwnPiece piece) {
            boolean narrower = fields.get(15).choice(settings).equals("yes") && piece.height() > 2 * NARROWER;
            return new Told(
                    piece.width(),
                    piece.height(),
                    piece.thickness(),
                    (int) fields.get(0).number(settings),
                    (int) fields.get(1).number(settings),
                    fields.get(2).number(settings),
                    fields.get(3).number(settings),
                    fields.get(4).choice(settings).equals("soft"),
                    fields.get(5).choice(settings).equals("apart"),
                    fields.get(6).number(settings),
                    fields.get(7).choice(settings),
                    (int) fields.get(8).number(settings),
                    fields.get(9).number(settings),
                    fields.get(10).number(settings),
                    (int) fields.get(11).number(settings),
                    fields.get(12).number(settings),
                    fields.get(13).number(settings),
                    fields.get(14).choice(settings),
                    narrower ? piece.height() - NARROWER : piece.height());
        }

        /** From the middle to the middle of a roll, never so near that a loop has no neck. */
        double out(int ring) {
            return Math.max(roll * 1.02, span * Elementary.pow(shorter, ring) / 2 - roll);
        }
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        Told t = Told.of(fields(settings, piece, bed), settings, piece);
        PieceBuilder b = new PieceBuilder(piece, Material.HALF);
        int loops = t.loops() * t.rings();
        strips(b, t);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Roll the loops' paste to {}, cut the strips {} wide by their templates and fold each over a roll of {}; glue"
                                + " {} over, and gather the middle to {}.",
                        Quantity.length(t.thick()),
                        Quantity.length(t.strip()),
                        Quantity.length(2 * t.roll()),
                        Quantity.length(OVERLAP),
                        Quantity.length(t.strip() * GATHERED)),
                "roller, straight edge, wheel, rolls of paper, edible glue",
                USUAL_MINUTES * 0.5 * loops / 2,
                Phrase.of(
                        "{} loops alike, {} from the middle out.",
                        Quantity.count(loops),
                        Quantity.length(t.span() / 2)),
                "");
        tails(b, t);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Roll {} for the band, {} by {} with {} folded in on both sides, and for {} tails {} wide; put the band"
                                + " round the {} middle.",
                        Quantity.length(t.thin()),
                        Quantity.length(t.wrap()),
                        Quantity.length(t.band()),
                        Quantity.length(FOLD),
                        Quantity.count(t.tails()),
                        Quantity.length(t.tailWide()),
                        Quantity.text(
                                t.centre().equals("pleated")
                                        ? "pleated (" + t.pleats() + ")"
                                        : t.centre().equals("gathered") ? "gathered" : "flat")),
                "roller, wheel, edible glue",
                USUAL_MINUTES * (0.2 + 0.15 * t.tails()));
        boolean side = piece.seat().on() == OwnPiece.On.SIDE;
        OwnPiece dries = piece.aired(t.soft() ? piece.resting().faces() : OwnPiece.Faces.FORMER);
        b.stage(piece.name(), dries);
        support(b, t, piece, side);
        Sculpt sculpt = BowLook.of(t);
        b.looking(side ? sculpt.backed() : sculpt);
        b.drawn(() -> BowLook.patterns(t));
        judge(b, t, piece);
        return b.made();
    }

    private static void strips(PieceBuilder b, Told t) {
        for (int ring = 0; ring < t.rings(); ring++) {
            double one = BowLook.loop(t.out(ring), t.roll());
            String which = t.rings() == 1 ? "" : ", ring " + (ring + 1);
            int pairs = t.apart() ? 0 : t.loops() / 2;
            Former former = new Former(Former.Form.ROLL, 2 * t.roll(), t.loops());
            if (pairs > 0) {
                b.part(Component.cut(
                                Phrase.of("Strip of two loops" + which),
                                Rings.of(Shapes.rectangle(2 * one + OVERLAP, t.strip())),
                                t.thick(),
                                b.material(),
                                pairs)
                        .over(former));
            }
            int single = t.loops() - 2 * pairs;
            if (single > 0) {
                b.part(Component.cut(
                                Phrase.of("Strip of one loop" + which),
                                Rings.of(Shapes.rectangle(one + OVERLAP, t.strip())),
                                t.thick(),
                                b.material(),
                                single)
                        .over(pairs > 0 ? null : former));
            }
        }
        b.cut("Band", Shapes.rectangle(t.wrap(), t.band() + 2 * FOLD), t.thin(), 1);
    }

    private static void tails(PieceBuilder b, Told t) {
        if (t.tails() > 0) {
            b.cut("First tail", BowLook.tail(t, t.tail()), t.thin(), 1);
        }
        if (t.tails() > 1) {
            b.cut("Other tail", BowLook.tail(t, t.second()), t.thin(), t.tails() - 1);
        }
    }

    /** By its place: a ledge carries it, a side is glued and picked, on a top it stands on a pick. */
    private static void support(PieceBuilder b, Told t, OwnPiece piece, boolean side) {
        boolean ledge = piece.seat().on() == OwnPiece.On.LEDGE || piece.seat().on() == OwnPiece.On.BOARD;
        b.picked(ledge ? 0 : side ? (Rounding.atMost(t.span(), ONE_PICK) ? 1 : 2) : 1);
        int glued = t.loops() + 1;
        b.held(Double.NaN);
        b.placing(
                side
                        ? Phrase.of(
                                "Glue {} × {} at {} points, each loop and the centre, and press its picks in; hold a sponge under"
                                        + " the loops until it is set.",
                                Quantity.count(piece.count()),
                                Quantity.text(piece.name()),
                                Quantity.count(glued))
                        : Phrase.of(
                                "Set {} × {} down and glue it at {} points: under the centre and each loop that touches.",
                                Quantity.count(piece.count()),
                                Quantity.text(piece.name()),
                                Quantity.count(ledge ? glued : Math.min(glued, 3))),
                b.material().adhesive().words());
    }

    private static void judge(PieceBuilder b, Told t, OwnPiece piece) {
        double narrowest = t.span() * Elementary.pow(t.shorter(), t.rings() - 1) / 2;
        // Thicker rolls leave a loop no way from the middle to the roll.
        if (t.roll() > narrowest / 2 + Rounding.EPS) {
            double takes = Math.max(2, Rounding.floor(narrowest / 3));
            b.found(found(
                    ROLL,
                    Phrase.of(
                            "Rolls of {} in loops of {} from the middle out.",
                            Quantity.length(2 * t.roll()),
                            Quantity.length(narrowest)),
                    takes <= narrowest / 2
                            ? new Mend(
                                    Phrase.of("Take rolls of {}", Quantity.length(2 * takes)),
                                    List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/roll", takes)))
                            : new Mend(
                                    Phrase.of("Make it {} wide", Quantity.length(60)),
                                    List.of(
                                            new Change(Change.Target.PIECE, piece.id() + "/width", 60.0),
                                            new Change(Change.Target.PIECE, piece.id() + "/settings", null)))));
        }
        if (t.tails() > 0
                && t.strip() <= 2 * NARROWER
                && t.tailWide() == t.strip()
                && !"no".equals(piece.values().get("narrower"))) {
            b.found(found(
                    NARROW,
                    Phrase.of("The strip is {} wide.", Quantity.length(t.strip())),
                    new Mend(
                            Phrase.of("Cut tails as wide as the strip, {}", Quantity.length(t.strip())),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/narrower", "no")))));
        }
    }

    private static Finding found(Rule rule, Phrase said, Mend mend) {
        return rule.found(said, mend);
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double span = Math.max(50, Math.min(260, bed.across() * 0.6));
        return List.of(
                new Offer(PieceKind.BOW, "bow", "Bow with tails")
                        .sized(span, span * 0.28, 2)
                        .of(Material.HALF)
                        .made(),
                new Offer(PieceKind.BOW, "bow-loops", "Bow of many loops")
                        .sized(span * 0.8, span * 0.16, 1.5)
                        .of(Material.GUM)
                        .with("loops", 7.0)
                        .with("rings", 3.0)
                        .with("cut", "apart")
                        .with("tails", 0.0)
                        .made());
    }
}
