package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.drawing.Drawing;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;

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
    private static final double OVERLAP = 12;
    /** Folded in on each side of the band (craft 4.1), mm. */
    private static final double FOLD = 6;

    private static final double NARROWER = 6;
    /** Band: so many strip widths long. */
    private static final double AROUND = 1.25;
    /** A gathered middle is so much of the strip's width. */
    private static final double GATHERED = 0.42;
    /** The strip has its own width again so far out, share of a loop's length. */
    private static final double OPENS = 0.55;
    /** Held by its side, a wider bow has two picks (craft 4.1), mm. */
    private static final double ONE_PICK = 100;

    private static final double TAIL_SPREAD = Math.toRadians(17);
    private static final int PARTS = 20;

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
        double tail = within(Math.rint(bed.high() * 0.8), 20, 600);
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
    private record Told(
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
            return Math.max(roll * 1.02, span * Math.pow(shorter, ring) / 2 - roll);
        }
    }

    /** The way round a loop whose roll of a radius lies with its middle so far out (craft 4.1), mm. */
    static double loop(double out, double roll) {
        return 2 * Math.sqrt(out * out - roll * roll) + roll * (Math.PI + 2 * Math.asin(roll / out));
    }

    /** The same way as points, how far out and how far to the front: it leaves the middle, goes round the roll and comes back. */
    static List<double[]> path(double out, double roll, int parts) {
        double lean = Math.asin(roll / out);
        List<double[]> path = new ArrayList<>();
        path.add(new double[] {0, 0});
        // Where it meets the roll the way is square to the radius.
        for (int i = 0; i <= parts; i++) {
            double a = Math.PI / 2 + lean - (Math.PI + 2 * lean) * i / parts;
            path.add(new double[] {out + roll * Math.cos(a), roll * Math.sin(a)});
        }
        path.add(new double[] {0, 0});
        return path;
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        Told t = Told.of(fields(settings, piece, bed), settings, piece);
        PieceBuilder b = new PieceBuilder(piece, Material.HALF);
        int loops = t.loops() * t.rings();
        strips(b, t);
        b.step(
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
        Sculpt sculpt = look(t);
        b.looking(side ? sculpt.backed() : sculpt);
        b.drawn(() -> patterns(t));
        judge(b, t, piece);
        return b.made();
    }

    private static void strips(PieceBuilder b, Told t) {
        for (int ring = 0; ring < t.rings(); ring++) {
            double one = loop(t.out(ring), t.roll());
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
            b.cut("First tail", tail(t, t.tail()), t.thin(), 1);
        }
        if (t.tails() > 1) {
            b.cut("Other tail", tail(t, t.second()), t.thin(), t.tails() - 1);
        }
    }

    /** A tail with its end down at z 0. */
    private static List<Double> tail(Told t, double high) {
        double w = t.tailWide() / 2;
        double cut = Math.min(t.tailWide() * 0.6, high * 0.4);
        return switch (t.end()) {
            case "slanted" -> List.of(-w, cut, w, 0.0, w, high, -w, high);
            case "pointed" -> List.of(-w, cut, 0.0, 0.0, w, cut, w, high, -w, high);
            case "straight" -> List.of(-w, 0.0, w, 0.0, w, high, -w, high);
            default -> List.of(-w, 0.0, 0.0, cut, w, 0.0, w, high, -w, high);
        };
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

    /** Its loops round their rolls, its band, its tails: each strip where it will be. */
    private static Sculpt look(Told t) {
        Sculpt s = new Sculpt();
        for (int i = 0; i < t.tails(); i++) {
            double high = i == 0 ? t.tail() : t.second();
            double spread = t.tails() == 1 ? 0.1 : TAIL_SPREAD * (2.0 * i / (t.tails() - 1) - 1);
            List<Double> hung = new ArrayList<>();
            List<Double> flat = tail(t, high);
            for (int k = 0; k < flat.size(); k += 2) {
                double z = flat.get(k + 1) - high;
                double x = flat.get(k) * (z > -high * 0.3 ? GATHERED + (1 - GATHERED) * -z / (high * 0.3) : 1);
                hung.add(x * Math.cos(spread) - z * Math.sin(spread));
                hung.add(x * Math.sin(spread) + z * Math.cos(spread));
            }
            s.card(0, hung, t.roll());
        }
        for (int ring = 0; ring < t.rings(); ring++) {
            double before = -ring * t.roll() * 0.9;
            for (int i = 0; i < t.loops(); i++) {
                double a = 2 * Math.PI * (i + (ring % 2 == 0 || t.loops() == 2 ? 0 : 0.5)) / t.loops();
                s.with(strand(t, t.out(ring), a), 0, before, 0);
            }
        }
        double wide = t.band() / 2;
        double high = t.strip() * GATHERED / 2 + t.thin();
        double front = -t.rings() * t.roll() * 0.9 - t.thick();
        int folds = t.centre().equals("pleated") ? t.pleats() + 1 : 1;
        for (int i = 0; i < folds; i++) {
            double x0 = -wide + 2 * wide * i / folds;
            double x1 = -wide + 2 * wide * (i + 1) / folds;
            s.face(
                    0,
                    List.of(
                            x0,
                            front,
                            -high,
                            x1,
                            front - (folds > 1 ? 2 : 0),
                            -high,
                            x1,
                            front - (folds > 1 ? 2 : 0),
                            high,
                            x0,
                            front,
                            high));
        }
        return s.raised();
    }

    /** One loop whose length points away from the middle by an angle in the upright plane. */
    private static Sculpt strand(Told t, double out, double angle) {
        List<double[]> one = new ArrayList<>();
        List<double[]> other = new ArrayList<>();
        for (double[] p : path(out, t.roll(), PARTS)) {
            double open = Math.min(1, Math.max(0, p[0]) / (OPENS * out));
            double half = t.strip() / 2 * (GATHERED + (1 - GATHERED) * Math.sin(open * Math.PI / 2));
            double x = p[0] * Math.cos(angle);
            double z = p[0] * Math.sin(angle);
            one.add(new double[] {x - half * Math.sin(angle), -p[1], z + half * Math.cos(angle)});
            other.add(new double[] {x + half * Math.sin(angle), -p[1], z - half * Math.cos(angle)});
        }
        return new Sculpt().band(0, one, other);
    }

    private static List<Drawing> patterns(Told t) {
        List<Drawing> all = new ArrayList<>();
        for (int ring = 0; ring < t.rings(); ring++) {
            double one = loop(t.out(ring), t.roll());
            boolean pair = !t.apart() && t.loops() > 1;
            double length = (pair ? 2 * one : one) + OVERLAP;
            String which = t.rings() == 1 ? "" : "-" + (ring + 1);
            List<Double> folds =
                    pair ? List.of(OVERLAP / 2 + one, length - OVERLAP / 2) : List.of(length - OVERLAP / 2);
            all.add(Patterns.strip(
                    "bow-loops" + which,
                    Phrase.of(
                            pair ? "Strip of two loops, {} by {}" : "Strip of one loop, {} by {}",
                            Quantity.length(length),
                            Quantity.length(t.strip())),
                    length,
                    t.strip(),
                    folds,
                    List.of()));
        }
        double high = t.band() + 2 * FOLD;
        all.add(Patterns.strip(
                "bow-band",
                Phrase.of("Band, {} by {}, folded at the lines", Quantity.length(t.wrap()), Quantity.length(high)),
                t.wrap(),
                high,
                List.of(t.wrap() / 2),
                List.of(FOLD, high - FOLD)));
        if (t.tails() > 0) {
            all.add(Patterns.outline(
                    "bow-tail", Phrase.of("First tail, {}", Quantity.length(t.tail())), tail(t, t.tail())));
        }
        if (t.tails() > 1) {
            all.add(Patterns.outline(
                    "bow-tail-other", Phrase.of("Other tails, {}", Quantity.length(t.second())), tail(t, t.second())));
        }
        return all;
    }

    private static void judge(PieceBuilder b, Told t, OwnPiece piece) {
        double narrowest = t.span() * Math.pow(t.shorter(), t.rings() - 1) / 2;
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
