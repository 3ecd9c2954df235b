package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Stick;
import sectorum.technique.Gesture;

/** An arch or a handle: a wire bent to a circular arc, wrapped, its ends in picks (craft 4.1). */
final class Arch implements AheadKind {
    private static final Rule STEEP = new Rule(
            "arch.steep",
            Level.LOOK,
            "An arch rises higher than it is wide: a circular arc bulges beyond its own feet.");

    private static final double USUAL_END = 50;
    private static final int PARTS = 28;

    @Override
    public PieceKind kind() {
        return PieceKind.ARCH;
    }

    @Override
    public String name() {
        return "Arch or handle of wire";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Span", "Rise", "Wrapping thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of(STEEP);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(
                Field.length("wire", "Wire", 0.3, 6, 1.6, "Its diameter, the covering of paper with it."),
                Field.length("ends", "Straight ends", 10, 300, USUAL_END, "Below the arc, in their picks."));
    }

    /** The circle through both feet and the top: its radius, mm. */
    static double radius(double span, double rise) {
        return (span * span / 4 + rise * rise) / (2 * rise);
    }

    /** The way along the arc from foot to foot, mm. */
    static double arc(double span, double rise) {
        double r = radius(span, rise);
        double half = Elementary.asin(Math.min(1, span / 2 / r));
        return 2 * r * (rise > r ? Math.PI - half : half);
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        double wire = fields.get(0).number(settings);
        double ends = fields.get(1).number(settings);
        double span = piece.width();
        double rise = piece.height();
        double t = piece.thickness();
        double arc = arc(span, rise);
        double length = arc + 2 * ends;
        PieceBuilder b = new PieceBuilder(piece, Material.GUM);
        // Measured along the middle of the paste.
        double around = Math.PI * (wire + t);
        b.cut("Wrapping", Shapes.rectangle(arc, around), t, 1);
        b.out("wire, " + sectorum.measure.Numbers.plain(length, 0) + " mm", 1);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        "Cut {} wires to {} and bend {} of each over the template, span {}, rise {}; {} stay straight at both ends.",
                        Quantity.count(piece.count()),
                        Quantity.length(length),
                        Quantity.length(arc),
                        Quantity.length(span),
                        Quantity.length(rise),
                        Quantity.length(ends)),
                "wire cutter, pliers, template",
                4,
                null,
                RecipeWork.WIRED);
        b.step(
                Gesture.ROLL,
                Phrase.of(
                        "Roll to {}, cut strips of {} by {} and wrap the arcs, the seam below; hang them to dry.",
                        Quantity.length(t),
                        Quantity.length(arc),
                        Quantity.length(around)),
                "roller, wheel, edible glue",
                6);
        b.stage(piece.name(), piece);
        b.picked(-span / 2, span / 2);
        b.placing(
                Phrase.of(
                        "Press two picks in {} apart for each of {} arches and set the ends in them.",
                        Quantity.length(span),
                        Quantity.count(piece.count())),
                Stick.WIRE.words());
        double r = radius(span, rise);
        List<double[]> line = new ArrayList<>();
        double from = Elementary.atan2(r - rise, span / 2);
        for (int i = 0; i <= PARTS; i++) {
            double a = from + (Math.PI - 2 * from) * i / PARTS;
            line.add(new double[] {r * Elementary.cos(a), 0, rise - r + r * Elementary.sin(a)});
        }
        b.looking(new Sculpt().string(0, line, wire + 2 * t));
        b.drawn(() -> List.of(pattern(line, span, rise, ends)));
        if (rise > span) {
            b.found(STEEP.found(
                    Phrase.of("It rises {} over a span of {}.", Quantity.length(rise), Quantity.length(span)),
                    new Mend(
                            Phrase.of("Let it rise {}", Quantity.length(span / 2)),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/height", span / 2)))));
        }
        return b.made();
    }

    private static Drawing pattern(List<double[]> line, double span, double rise, double ends) {
        Drawing.Maker maker = new Drawing.Maker();
        double left = line.stream().mapToDouble(p -> p[0]).min().orElse(0);
        double right = line.stream().mapToDouble(p -> p[0]).max().orElse(0);
        List<Double> path = new ArrayList<>();
        path.addAll(List.of(10 + span / 2 - left, 10 + rise + ends));
        for (double[] p : line) {
            path.addAll(List.of(10 + p[0] - left, 10 + rise - p[2]));
        }
        path.addAll(List.of(10 - span / 2 - left, 10 + rise + ends));
        maker.path(Ink.Pen.CUT, path);
        maker.line(Ink.Pen.GUIDE, 10, 10 + rise, 10 + right - left, 10 + rise);
        return Patterns.titled(
                maker,
                "arch",
                Phrase.of("Arch to bend the wire by, span {}", Quantity.length(span)),
                right - left,
                rise + ends);
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double span = Math.max(40, Math.min(260, bed.across() * 0.7));
        return List.of(new Offer(PieceKind.ARCH, "arch", "Arch")
                .sized(span, span * 0.7, 2)
                .held(Stick.WIRE)
                .made());
    }
}
