package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.finding.Change;
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

/** A nest of lines drawn over a tube, gone over twice so that it carries itself (craft 4.1). */
final class LaceNest implements AheadKind {
    private static final Rule ONCE =
            new Rule("lace.once", Level.LOOK, "Lines that stand by themselves are drawn only once: they break.");

    @Override
    public PieceKind kind() {
        return PieceKind.LACE;
    }

    @Override
    public String name() {
        return "Lace nest";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Tube, across", "Long", "Line thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of(ONCE);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        return List.of(
                Field.length("mesh", "Mesh", 3, 60, 9, "From line to line."),
                Field.count("over", "Drawn over", 1, 3, 2, "Twice carries itself."));
    }

    /** Lines of two ways over a tube's upper two thirds: each way takes its area over the mesh, mm. */
    static double lines(double across, double length, double mesh) {
        return 2 * (Math.PI * across * 2 / 3) * length / mesh;
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        double mesh = fields.get(0).number(settings);
        int over = (int) fields.get(1).number(settings);
        double line = lines(piece.width(), piece.height(), mesh);
        double t = piece.thickness();
        PieceBuilder b = new PieceBuilder(piece, Material.CHOCOLATE);
        double grams = line * over * Math.PI / 4 * t * t / 1000 * b.material().density();
        b.part(Component.cut(
                        Phrase.of("Lace, {} of line", Quantity.length(line * over)),
                        Rings.of(Shapes.rectangle(piece.width(), piece.height())),
                        0,
                        b.material(),
                        1)
                .over(new Former(Former.Form.ROLL, piece.width(), 1))
                .weighing(grams));
        b.step(
                Gesture.PIPE,
                Phrase.of(
                        "Wrap a tube of {} in parchment; draw lines {} thick both ways over {}, {} apart, {} times: {} of line each.",
                        Quantity.length(piece.width()),
                        Quantity.length(t),
                        Quantity.length(piece.height()),
                        Quantity.length(mesh),
                        Quantity.count(over),
                        Quantity.length(line * over)),
                "paper bag, tube, parchment",
                line * over / 1000 * 1.5 + 2,
                Phrase.of("Every line joins another: {} crossings or more.", Quantity.count((long)
                        Rounding.floor(piece.height() / mesh))),
                "");
        b.stage(piece.name(), piece.aired(OwnPiece.Faces.FORMER));
        b.picked(0);
        b.looking(look(piece, mesh));
        if (over < 2) {
            b.found(ONCE.found(
                    Phrase.of("Lines of {} are drawn {} time.", Quantity.length(t), Quantity.count(over)),
                    new Mend(
                            Phrase.of("Go over them {} times", Quantity.count(2)),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/over", 2.0)))));
        }
        return b.made();
    }

    /** A vault of crossing lines, open below. */
    private static Sculpt look(OwnPiece piece, double mesh) {
        Sculpt s = new Sculpt();
        double r = piece.width() / 2;
        double half = piece.height() / 2;
        double open = Math.PI * 2 / 3;
        int across = (int) Math.max(3, Math.min(14, piece.height() / mesh));
        int along = (int) Math.max(3, Math.min(12, r * 2 * open / mesh));
        for (int i = 0; i <= across; i++) {
            List<double[]> line = new ArrayList<>();
            for (int k = 0; k <= 8; k++) {
                double a = -open + 2 * open * k / 8;
                line.add(new double[] {-half + 2 * half * i / across, r * Elementary.sin(a), r * Elementary.cos(a)});
            }
            s.string(0, line, piece.thickness());
        }
        for (int i = 0; i <= along; i++) {
            double a = -open + 2 * open * i / along;
            s.string(
                    0,
                    List.of(
                            new double[] {-half, r * Elementary.sin(a), r * Elementary.cos(a)},
                            new double[] {half, r * Elementary.sin(a), r * Elementary.cos(a)}),
                    piece.thickness());
        }
        return s.raised();
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double across = Math.max(25, Math.min(90, bed.across() * 0.25));
        return List.of(new Offer(PieceKind.LACE, "lace-nest", "Lace nest")
                .sized(across, across * 1.3, 2.5)
                .of(Material.CHOCOLATE)
                .made());
    }
}
