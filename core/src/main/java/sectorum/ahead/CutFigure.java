package sectorum.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.art.Contour;
import sectorum.art.Motif;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.bench.Storage;
import sectorum.drawing.Drawing;
import sectorum.drawing.Drawings;
import sectorum.drawing.Ink;
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
import sectorum.technique.Making;

/**
 * An upright figure, a topper or letters that stand, cut from art (craft 4.1): as large as fits its width and its height, as thick as its
 * height asks, its picks set while it is soft.
 */
final class CutFigure implements AheadKind {
    private static final Rule ART =
            new Rule("figure.none", Level.STOP, "A figure has no art to be cut from: it is drawn as a plain plaque.");
    private static final Rule THIN = new Rule(
            "figure.thin",
            Level.LOOK,
            "A figure is thinner than its height asks: 3 mm to 100 high, 4 to 180, 5 to 250; taller it takes another material or a"
                    + " support inside.");

    /** Higher ones are not held by their paste alone, mm. */
    private static final double TALLEST = 250;
    /** A pick reaches so far up into a figure, share of its height. */
    private static final double INTO = 0.6;

    private static final double MARGIN = 12;

    private static final Field LAYERS = Field.choice(
            "layers",
            "Cut",
            List.of(
                    new Field.Choice("one", "as one outline"),
                    new Field.Choice("colours", "in layers, a piece for each colour")),
            "one");

    @Override
    public PieceKind kind() {
        return PieceKind.CUT_FIGURE;
    }

    @Override
    public String name() {
        return "Figure cut from art";
    }

    @Override
    public List<Rule> rules() {
        return List.of(ART, THIN);
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece) {
        return List.of(LAYERS);
    }

    /** What paste needs to stand so high, mm (craft 4.1). */
    static double thickness(double high) {
        return high <= 100 ? 3 : high <= 180 ? 4 : 5;
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece) {
        List<Rings> parts = parts(piece);
        Rings whole = parts.get(0);
        for (Rings part : parts.subList(1, parts.size())) {
            whole = Regions.union(whole, part);
        }
        Rings front = largestFirst(whole);
        boolean layered = LAYERS.choice(settings).equals("colours");
        Storage on = piece.resting().faces() == OwnPiece.Faces.FORMER
                ? Storage.FORMER
                : piece.resting().storage();
        List<Component> components = new ArrayList<>();
        List<Rings> cut = layered ? parts : List.of(front);
        for (int i = 0; i < cut.size(); i++) {
            components.add(new Component(
                    layered
                            ? Phrase.of(
                                    "Part {} of "
                                            + piece.name().replace("{", "").replace("}", ""),
                                    Quantity.count(i + 1L))
                            : Phrase.of("{}", Quantity.text(piece.name())),
                    cut.get(i),
                    piece.thickness(),
                    piece.material(),
                    1,
                    i + 1,
                    piece.resting().stated(),
                    on));
        }
        Material of = piece.material() == null ? Material.GUM : piece.material();
        double grams = components.stream()
                .mapToDouble(c -> of.sheet(c.rings().area(), piece.thickness()))
                .sum();
        double half = front.width() / 2;
        double deep = piece.thickness() / 2;
        return new MadeAhead(
                components,
                front,
                Rings.of(List.of(-half, -deep, half, -deep, half, deep, -half, deep)),
                grams,
                piece.picks(),
                piece.buried(),
                of.adhesive(),
                steps(piece, cut.size()),
                Drawings.when(() -> List.of(card(piece, front))),
                findings(piece));
    }

    /** Its regions at its size, foot at z 0; of nothing a plain plaque. */
    private static List<Rings> parts(OwnPiece piece) {
        Motif art = piece.art();
        if (art == null) {
            double half = piece.width() / 2;
            return List.of(Rings.of(List.of(-half, 0.0, half, 0.0, half, piece.height(), -half, piece.height())));
        }
        double by = Math.min(piece.width() / art.width(), piece.height() / art.height());
        return art.scaled(by).parts().stream().map(Motif.Region::rings).toList();
    }

    private static Rings largestFirst(Rings rings) {
        return new Rings(
                rings.outers().stream()
                        .sorted(Comparator.comparingDouble((List<Double> l) -> -Contour.area(l)))
                        .toList(),
                rings.holes());
    }

    private static List<Finding> findings(OwnPiece piece) {
        List<Finding> findings = new ArrayList<>();
        if (piece.art() == null) {
            findings.add(ART.found(
                    Phrase.of("\"{}\" has no art; choose some.", Quantity.text(piece.name())),
                    new Mend(
                            Phrase.of("Plan it as a plain piece"),
                            List.of(
                                    new Change(Change.Target.PIECE, piece.id() + "/kind", null),
                                    new Change(Change.Target.PIECE, piece.id() + "/settings", null)))));
        }
        double wanted = thickness(piece.height());
        boolean paste =
                piece.material() != null && !Double.isNaN(piece.material().dryingHours());
        if (paste && (!Rounding.atMost(wanted, piece.thickness()) || piece.height() > TALLEST)) {
            boolean tall = piece.height() > TALLEST;
            findings.add(THIN.found(
                    Phrase.of(
                            "{} high it is {} thick.",
                            Quantity.length(piece.height()),
                            Quantity.length(piece.thickness())),
                    tall
                            ? new Mend(
                                    Phrase.of("Make it {} high", Quantity.length(TALLEST)),
                                    List.of(
                                            new Change(Change.Target.PIECE, piece.id() + "/height", TALLEST),
                                            new Change(
                                                    Change.Target.PIECE,
                                                    piece.id() + "/thickness",
                                                    Math.max(wanted, piece.thickness()))))
                            : new Mend(
                                    Phrase.of("Roll it to {}", Quantity.length(wanted)),
                                    List.of(new Change(Change.Target.PIECE, piece.id() + "/thickness", wanted)))));
        }
        return findings;
    }

    private static List<Making.Step> steps(OwnPiece piece, int parts) {
        Quantity many = Quantity.count((long) piece.count() * parts);
        return List.of(
                Making.Step.of(
                        Phrase.of(
                                "Roll to {} and cut {} pieces round their cards; set {} picks in each figure while it is soft, and lay it"
                                        + " flat.",
                                Quantity.length(piece.thickness()),
                                many,
                                Quantity.count(piece.picks())),
                        "roller, scalpel, card, picks",
                        piece.count() * piece.labour().minutes()),
                Making.Step.of(
                        Phrase.of("Stand {} × {} up.", Quantity.count(piece.count()), Quantity.text(piece.name())),
                        "royal icing",
                        piece.count() * piece.labour().placing()));
    }

    /** Its outline with the lines of its picks, as far as they go into it and out of it. */
    private static Drawing card(OwnPiece piece, Rings front) {
        Drawing.Maker maker = new Drawing.Maker();
        List<Double> box = front.box();
        double deep = piece.picks() > 0 ? piece.buried() : 0;
        double left = MARGIN - box.get(0);
        double foot = MARGIN + box.get(3);
        List<List<Double>> lines = new ArrayList<>(front.outers());
        lines.addAll(front.holes());
        for (List<Double> line : lines) {
            List<Double> down = new ArrayList<>();
            for (int i = 0; i <= line.size(); i += 2) {
                down.add(left + line.get(i % line.size()));
                down.add(foot - line.get(i % line.size() + 1));
            }
            maker.path(Ink.Pen.CUT, down);
        }
        for (int i = 0; i < piece.picks(); i++) {
            double x = left + box.get(0) + front.width() * (i + 0.5) / piece.picks();
            maker.line(Ink.Pen.GUIDE, x, foot + deep, x, foot - INTO * (box.get(3) - box.get(1)));
        }
        Phrase title = Phrase.of("Figure, {} high, with its picks", Quantity.length(front.height()));
        double width = front.width() + 2 * MARGIN;
        maker.words(width / 2, foot + deep + 8, 3.2, Ink.Anchor.MIDDLE, title);
        return maker.made("figure", title, width, foot + deep + MARGIN);
    }
}
