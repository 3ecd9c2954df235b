package sectorum.ahead;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.ThingKind;
import sectorum.build.Planted;
import sectorum.drawing.Drawing;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.technique.Gesture;
import sectorum.technique.Making;

/** Gathers what follows for a piece made ahead; minutes and parts are told for one. */
final class PieceBuilder {
    /** A mould so much off still gives the piece, mm. */
    private static final double SLACK = 2;

    private final OwnPiece piece;
    private final Material material;
    private final List<Component> components = new ArrayList<>();
    private final List<Stage> stages = new ArrayList<>();
    private final List<Making.Step> steps = new ArrayList<>();
    private final List<Making.Out> out = new ArrayList<>();
    private final List<Making.Tool> tools = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private Sculpt sculpt = new Sculpt();
    private Drawings drawings = Drawings.when(List::of);
    private Adhesive adhesive;
    private Making.Step placing;
    private int picks;
    private List<Double> beside = List.of();
    private double held = Double.NaN;
    private double weighed = Double.NaN;

    /** @param usual what it is made of where nobody said */
    PieceBuilder(OwnPiece piece, Material usual) {
        this.piece = piece;
        this.material = piece.material() == null ? usual : piece.material();
        this.adhesive = material.adhesive();
        this.picks = piece.picks();
    }

    Material material() {
        return material;
    }

    /** A part of the stage that is being told. */
    PieceBuilder part(Component part) {
        components.add(part.at(stages.size() + 1));
        return this;
    }

    /** One that is cut from a sheet of the piece's own material. */
    PieceBuilder cut(String what, List<Double> outline, double thickness, int each) {
        return part(Component.cut(Phrase.of(what), Rings.of(outline), thickness, material, each));
    }

    /** @param minutes for one */
    PieceBuilder step(Gesture gesture, Phrase what, String tool, double minutes) {
        steps.add(Making.Step.of(gesture, what, tool, minutes * piece.count()));
        return this;
    }

    /** One as it is, its minutes for all. */
    PieceBuilder step(Making.Step step) {
        steps.add(step);
        return this;
    }

    /** One that says what to look at, or to beware of. */
    PieceBuilder step(Gesture gesture, Phrase what, String tool, double minutes, @Absent Phrase check, String caution) {
        steps.add(new Making.Step(gesture, what, tool, minutes * piece.count(), null, check, caution, false, false));
        return this;
    }

    /**
     * Ends a stage.
     *
     * @param dries the piece as it dries then; absent: nothing waits
     */
    PieceBuilder stage(String name, @Absent OwnPiece dries) {
        int stage = stages.size() + 1;
        int formers = components.stream()
                .filter(c -> c.stage() == stage && c.former() != null)
                .mapToInt(c -> c.former().many())
                .sum();
        stages.add(new Stage(name, steps, dries, formers * piece.count()));
        steps.clear();
        return this;
    }

    PieceBuilder looking(Sculpt other) {
        sculpt = other;
        return this;
    }

    Sculpt sculpt() {
        return sculpt;
    }

    PieceBuilder drawn(java.util.function.Supplier<List<Drawing>> templates) {
        drawings = Drawings.when(templates);
        return this;
    }

    PieceBuilder stuck(Adhesive other) {
        adhesive = other;
        return this;
    }

    /** So many picks where nobody has told another number. */
    PieceBuilder picked(int usual) {
        picks = piece.sticks().each() != null ? piece.sticks().each() : usual;
        return this;
    }

    /** Picks at these places, mm to the right of its middle. */
    PieceBuilder picked(Double... places) {
        picked(places.length);
        beside = Arrays.asList(places);
        return this;
    }

    /** Its picks are so high above its foot where a side holds it. */
    PieceBuilder held(double mm) {
        held = mm;
        return this;
    }

    /** What one weighs where that is not the sum of its parts. */
    PieceBuilder weighing(double grams) {
        weighed = grams;
        return this;
    }

    /** Something of one that is not eaten. */
    PieceBuilder out(String what, int each) {
        if (each > 0) {
            out.add(new Making.Out(what, each));
        }
        return this;
    }

    /** Something of a size that it is made with; the field of the piece that its size comes from. */
    PieceBuilder tool(ThingKind kind, String field, double size) {
        tools.add(new Making.Tool(kind, field, size, SLACK));
        return this;
    }

    PieceBuilder found(Finding finding) {
        findings.add(finding);
        return this;
    }

    PieceBuilder placing(Phrase what, String tool) {
        placing = Making.Step.of(
                Gesture.STICK, what, tool, piece.count() * piece.labour().placing());
        return this;
    }

    MadeAhead made() {
        Rings front = sculpt.front();
        Rings above = sculpt.above();
        double wide = front.width();
        double high = front.height();
        double grams = Double.isNaN(weighed)
                ? components.stream().mapToDouble(c -> c.each() * c.grams()).reduce(0, Double::sum)
                : weighed;
        double buried = piece.sticks().buried() != null ? piece.sticks().buried() : Math.max(50, high / 3);
        Planted planted = new Planted(
                picks,
                buried,
                wide,
                above,
                high,
                beside.size() == picks ? beside : Planted.spread(picks, wide),
                Double.isNaN(held) ? high / 2 : held);
        return new MadeAhead(
                components,
                sculpt.faces(),
                front,
                planted,
                grams,
                adhesive,
                asTold(),
                placing != null
                        ? placing
                        : Making.Step.of(
                                Gesture.STICK,
                                Phrase.of(
                                        "Put {} × {} on.", Quantity.count(piece.count()), Quantity.text(piece.name())),
                                picks > 0 ? piece.sticks().kind().words() : adhesive.words(),
                                piece.count() * piece.labour().placing()),
                drawings,
                out,
                tools,
                findings);
    }

    /** Stages in the minutes that somebody has told for one piece, or as they are reckoned. */
    private List<Stage> asTold() {
        double reckoned = stages.stream().mapToDouble(Stage::minutes).reduce(0, Double::sum);
        double told = piece.count() * piece.labour().minutesOr(reckoned / piece.count());
        if (reckoned <= 0 || Math.abs(told - reckoned) < 1e-9) {
            return stages;
        }
        return stages.stream().map(s -> s.at(told / reckoned, null)).toList();
    }
}
