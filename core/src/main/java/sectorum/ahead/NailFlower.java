package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.OwnRates;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.Eaten;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.technique.Gesture;
import sectorum.technique.Making;

/**
 * A flower piped on a nail (craft 3I): a centre, stamens, rounds of petals each shifted by half a petal, on a square of paper;
 * chilled before it is lifted, and taken out in handfuls (craft 7).
 */
final class NailFlower implements AheadKind {
    /** Piped rosettes and their like weigh this until one is weighed, g at 1 cm (craft 3F). */
    private static final double LIKE_G = 0.16;
    /** A paper is so much larger than its flower, mm. */
    private static final double PAPER_MM = 20;

    private static final double PIPED_MINUTES = 3;
    /** Each round reaches in so much of the one outside it. */
    private static final double INWARD = 0.72;

    @Override
    public PieceKind kind() {
        return PieceKind.NAIL_FLOWER;
    }

    @Override
    public String name() {
        return "Flower piped on a nail";
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        double cm = piece.width() / 10;
        return List.of(
                Field.count("petals", "Petals in the outer round", 3, 24, 5, "Inner rounds have as many or fewer."),
                Field.count("rounds", "Rounds of petals", 1, 12, 2, "Each shifted by half a petal."),
                Field.count("stamens", "Stamens", 0, 60, 5, "Dots or threads in its centre."),
                Field.mass(
                        "weighed",
                        "One weighs",
                        0.1,
                        2000,
                        Math.max(0.1, Math.min(2000, LIKE_G * cm * cm * cm)),
                        "Pipe one on a scale."));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        int petals = (int) fields.get(0).number(settings);
        int rounds = (int) fields.get(1).number(settings);
        int stamens = (int) fields.get(2).number(settings);
        PieceBuilder b = new PieceBuilder(piece, Material.BUTTERCREAM);
        Rings front = Rings.raised(round(piece.width(), petals, 0));
        b.part(Component.cut(Phrase.of("{}", Quantity.text(piece.name())), front, piece.thickness(), b.material(), 1)
                .weighing(fields.get(3).number(settings)));
        pipe(b, piece, petals, rounds, stamens);
        b.stage(piece.name(), piece);
        Sculpt look = new Sculpt();
        double out = piece.width() / 2;
        for (int j = 0; j < rounds; j++) {
            int many = Math.max(3, petals - 2 * j);
            for (int i = 0; i < many; i++) {
                double long_ = Math.max(2, out * Elementary.pow(INWARD, j));
                look.blade(
                        0,
                        Shapes.petal(long_ * 2.6 / many + 2, long_),
                        new double[] {0, 0, j * piece.thickness() / rounds},
                        2 * Math.PI * (i + (j % 2) * 0.5) / many,
                        0.25 + 0.3 * j,
                        0.3);
            }
        }
        if (stamens > 0) {
            double dot = Math.max(1, piece.width() * 0.12);
            look.egg(1, new double[] {0, 0, piece.thickness()}, dot, dot, dot);
        }
        double nod = piece.seat().on() == OwnPiece.On.SIDE ? Math.PI / 2 : Math.PI / 5;
        b.looking(Flower.placed(look, nod, piece));
        b.stuck(Adhesive.ITSELF);
        Handfuls usual = Handfuls.of(b.material(), piece.labour().placing(), OwnRates.NONE);
        b.placing(lift(usual.many(), b.material()), "cold palette knife");
        b.drawn(() -> List.of(paper(piece.width(), petals, rounds)));
        return b.made();
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Petals", "Stamens");
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double across = Math.max(15, Math.min(50, bed.across() * 0.16));
        return List.of(new Offer(PieceKind.NAIL_FLOWER, "nail-flower", "Piped flower")
                .sized(across, across, across * 0.3)
                .many(9)
                .of(Material.BUTTERCREAM)
                .eaten(Eaten.EAT)
                .on(OwnPiece.On.LEDGE)
                .made());
    }

    /** What stays soft is chilled before it is lifted; what dries is left. */
    private static boolean isChilled(Material of) {
        return Double.isNaN(of.dryingHours());
    }

    /** As this workshop's flowers chill and soften. */
    @Override
    public MadeAhead paced(MadeAhead made, OwnPiece piece, OwnRates rates) {
        Material of = piece.material();
        if (of == null || !isChilled(of)) {
            return made;
        }
        Handfuls own = Handfuls.of(of, made.placing().minutes() / piece.count(), rates);
        List<Stage> stages = made.stages().stream()
                .map(s -> s.in(s.steps().stream()
                        .map(step -> step.pause() == null ? step : step.resting(chilled(own)))
                        .toList()))
                .toList();
        return made.in(stages, made.placing().saying(lift(own.many(), of)));
    }

    private static Making.Pause chilled(Handfuls handfuls) {
        return new Making.Pause(
                handfuls.chill(), 10_080, Storage.FRIDGE, "in the fridge on their papers, until they lift whole");
    }

    private static Phrase lift(int many, Material of) {
        Quantity handful = Quantity.count(many);
        return Phrase.of(
                isChilled(of)
                        ? "Take {} from the fridge at once, lift them off their papers and set them; the next {} after that."
                        : "Lift {} at once off their papers and set them; the next {} after that.",
                handful,
                handful);
    }

    private static void pipe(PieceBuilder b, OwnPiece piece, int petals, int rounds, int stamens) {
        Quantity many = Quantity.count(piece.count());
        b.step(
                Gesture.CUT,
                Phrase.of(
                        "Cut {} squares of paper {} wide and stick one to the nail for each flower.",
                        many,
                        Quantity.length(piece.width() + PAPER_MM)),
                "parchment, scissors",
                Rate.PRICK.minutes(piece.count()) / piece.count());
        Making.Pause wait = isChilled(b.material())
                ? chilled(Handfuls.of(b.material(), piece.labour().placing(), OwnRates.NONE))
                : null;
        b.step(new Making.Step(
                Gesture.PIPE,
                Phrase.of(
                        "Pipe {}: a centre, then {} rounds of petals, {} in the outer one, each round shifted by half a petal; last {}"
                                + " stamens.",
                        many,
                        Quantity.count(rounds),
                        Quantity.count(petals),
                        Quantity.count(stamens)),
                "flower nail, petal nozzle, bags",
                piece.count() * piece.labour().minutesOr(PIPED_MINUTES),
                wait,
                null,
                "",
                false,
                false));
    }

    /** A round of petals about its middle, its petals turned by a share of one. */
    private static List<Double> round(double across, int petals, double shifted) {
        List<Double> line = new ArrayList<>();
        int parts = 12 * petals;
        for (int i = 0; i < parts; i++) {
            double t = 2 * Math.PI * i / parts;
            double r = across / 2 * (0.76 + 0.24 * Math.abs(Elementary.cos(petals * (t / 2) + Math.PI * shifted)));
            line.add(r * Elementary.sin(t));
            line.add(r * Elementary.cos(t));
        }
        return line;
    }

    /** The paper's cut, with its rounds to pipe by. */
    private static Drawing paper(double across, int petals, int rounds) {
        double side = across + PAPER_MM;
        Drawing.Maker maker = new Drawing.Maker();
        maker.path(
                Ink.Pen.CUT, List.of(10.0, 10.0, 10 + side, 10.0, 10 + side, 10 + side, 10.0, 10 + side, 10.0, 10.0));
        double wide = across;
        for (int j = 0; j < rounds; j++) {
            List<Double> line = round(wide, petals, j % 2 == 0 ? 0 : 0.5);
            line.addAll(List.copyOf(line.subList(0, 2)));
            List<Double> there = new ArrayList<>();
            for (int i = 0; i < line.size(); i += 2) {
                there.add(10 + side / 2 + line.get(i));
                there.add(10 + side / 2 - line.get(i + 1));
            }
            maker.path(Ink.Pen.MARK, there);
            wide *= INWARD;
        }
        Phrase title = Phrase.of("Paper for the nail, {} wide", Quantity.length(side));
        maker.words(10 + side / 2, side + 17, 3.2, Ink.Anchor.MIDDLE, title);
        return maker.made("nail-paper", title, side + 20, side + 22);
    }
}
