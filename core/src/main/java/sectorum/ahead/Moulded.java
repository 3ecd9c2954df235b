package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.bench.ThingKind;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Resting;
import sectorum.plan.Span;
import sectorum.technique.Gesture;

/** Pressed in a mould: one-sided, or in two halves that are joined, such as a shell (craft 4.1). */
final class Moulded implements AheadKind {
    private static final Rule PEARL = new Rule(
            "moulded.pearl", Level.STOP, "A pearl in a moulded pair is larger than the room between its halves.");

    /** Two halves about 3 mm thick dry about a day (craft 4.2), hours. */
    private static final Span HALF = new Span(18, 30.0);
    /** Joined in royal icing they are propped until it holds, hours. */
    private static final Span JOINED = new Span(2, 4.0);
    /** How far a propped pair gapes, radians. */
    private static final double GAPES = Elementary.toRadians(38);

    @Override
    public PieceKind kind() {
        return PieceKind.MOULDED;
    }

    @Override
    public String name() {
        return "Moulded piece";
    }

    @Override
    public Sizes sizes() {
        return new Sizes("Mould, across", "Mould, long", "Paste thick");
    }

    @Override
    public List<Rule> rules() {
        return List.of(PEARL);
    }

    @Override
    public List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Colour", "Marbled with", "Pearl");
    }

    private static final Field FORM = Field.choice(
            "form",
            "What leaves it is",
            List.of(
                    new Field.Choice("shell", "a shell or a drop"),
                    new Field.Choice("oval", "oval"),
                    new Field.Choice("heart", "a heart"),
                    new Field.Choice("leaf", "a leaf"),
                    new Field.Choice("square", "square")),
            "shell");

    private static List<Double> outline(OwnPiece piece) {
        double w = piece.width();
        double h = piece.height();
        return switch (FORM.choice(piece.values())) {
            case "oval" -> Shapes.oval(w, h);
            case "heart" -> Shapes.heart(w, h);
            case "leaf" -> Shapes.leaf(w, h);
            case "square" -> Shapes.rectangle(w, h);
            default -> Shapes.petal(w, h);
        };
    }

    private static double shell(OwnPiece piece) {
        // Half of an egg's skin is about twice the ground it takes.
        return 2 * Math.PI / 4 * piece.width() * piece.height();
    }

    @Override
    public List<Field> fields(Values settings, OwnPiece piece, Bed bed) {
        Material of = piece.material() == null ? Material.GUM : piece.material();
        boolean pair = !"single".equals(settings.get("sides"));
        double shell = pair
                ? of.sheet(shell(piece), piece.thickness())
                : of.sheet(
                        Math.PI / 4 * piece.width() * piece.height(), Math.max(piece.thickness(), piece.width() * 0.2));
        return List.of(
                FORM,
                Field.choice(
                        "sides",
                        "Mould",
                        List.of(
                                new Field.Choice("pair", "two halves, joined"),
                                new Field.Choice("single", "one-sided, flat back")),
                        "pair"),
                Field.mass(
                        "weighed",
                        "One pressing weighs",
                        0.1,
                        2000,
                        Math.max(0.1, Math.min(2000, shell)),
                        "Weigh one."),
                Field.share("share", "Share of the second colour", 0, 0.9, 0, "0 is not marbled."),
                Field.length("pearl", "Pearl inside", 0, 60, 0, "0 for none."),
                Field.choice(
                        "release",
                        "It leaves the mould",
                        List.of(
                                new Field.Choice("starch", "dusted with starch"),
                                new Field.Choice("fat", "rubbed with white fat"),
                                new Field.Choice("chill", "chilled 10 min")),
                        "starch"));
    }

    @Override
    public MadeAhead make(Values settings, OwnPiece piece, Bed bed) {
        List<Field> fields = fields(settings, piece, bed);
        boolean pair = fields.get(1).choice(settings).equals("pair");
        double weighed = fields.get(2).number(settings);
        double share = fields.get(3).number(settings);
        double pearl = pair ? fields.get(4).number(settings) : 0;
        String release = fields.get(5).choices().stream()
                .filter(c -> c.name().equals(fields.get(5).choice(settings)))
                .findFirst()
                .orElseThrow()
                .label();
        PieceBuilder b = new PieceBuilder(piece, Material.GUM);
        int sides = pair ? 2 : 1;
        Rings outline = Rings.of(outline(piece));
        Component press = Component.cut(
                        Phrase.of(pair ? "Half of {}" : "{}", Quantity.text(piece.name())),
                        outline,
                        piece.thickness(),
                        b.material(),
                        sides)
                .over(pair ? new Former(Former.Form.BALL, Math.max(piece.width(), piece.height()), sides) : null);
        b.part(press.weighing(weighed * (1 - share)));
        if (share > 0) {
            b.part(Component.cut(
                            Phrase.of("Second colour of {}", Quantity.text(piece.name())),
                            outline,
                            piece.thickness(),
                            b.material(),
                            sides)
                    .weighing(weighed * share)
                    .coloured(1));
        }
        pressed(b, piece, sides, weighed, share, release);
        Resting own = piece.resting();
        boolean stated = own.stated() != null;
        OwnPiece halves = piece.resting(new Resting(
                pair ? OwnPiece.Faces.FORMER : own.faces(),
                pair && !stated ? HALF : own.stated(),
                own.storage(),
                own.until(),
                own.layer(),
                own.weighed()));
        if (pair) {
            b.stage("Halves of " + piece.name(), halves);
            joined(b, piece, pearl);
            b.stage(piece.name(), piece.resting(new Resting(null, JOINED, null, null, null)));
        } else {
            b.stage(piece.name(), halves);
        }
        b.tool(ThingKind.MOULD, "width", piece.width());
        b.stuck(Adhesive.ROYAL);
        b.picked(0);
        b.looking(look(piece, pair, pearl));
        b.drawn(() -> List.of(Patterns.outline(
                "mould",
                Phrase.of("What leaves the mould, {}", Quantity.length(piece.height())),
                outline.outers().get(0))));
        judge(b, piece, pearl);
        return b.made();
    }

    private static void pressed(
            PieceBuilder b, OwnPiece piece, int sides, double weighed, double share, String release) {
        boolean pair = sides == 2;
        Quantity many = Quantity.count((long) sides * piece.count());
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        share > 0
                                ? "Twist {} of paste in two colours, {} of it the second, until it is marbled, and press {} of {} each, {}"
                                        + " thick; the mould is {}."
                                : "Press {} of paste{} into {} of {} each, {} thick; the mould is {}.",
                        Quantity.mass(weighed * sides * piece.count()),
                        share > 0 ? Quantity.share(share) : Quantity.text(""),
                        many,
                        Quantity.mass(weighed),
                        Quantity.length(piece.thickness()),
                        Quantity.text(release)),
                "mould, scale",
                1.2 * sides);
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        pair
                                ? "Trim {} edges flush and lay each over a half ball of about {}."
                                : "Trim {} edges flush and lay each on its back{}.",
                        many,
                        pair ? Quantity.length(Math.max(piece.width(), piece.height())) : Quantity.text("")),
                "knife, half balls",
                0.5 * sides);
    }

    private static void judge(PieceBuilder b, OwnPiece piece, double pearl) {
        double room = 0.8 * piece.width() * Elementary.sin(GAPES / 2) + 0.5 * piece.width();
        if (pearl > room) {
            double takes = Math.floor(room);
            b.found(PEARL.found(
                    Phrase.of("A pearl of {}; there is room for {}.", Quantity.length(pearl), Quantity.length(takes)),
                    new Mend(
                            Phrase.of("Take one of {}", Quantity.length(takes)),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/settings/pearl", takes)))));
        }
    }

    private static void joined(PieceBuilder b, OwnPiece piece, double pearl) {
        if (pearl > 0) {
            b.part(Component.cut(Phrase.of("Pearl"), Rings.of(Shapes.oval(pearl, pearl)), 0, Material.PEARL, 1)
                    .coloured(2)
                    .weighing(Material.PEARL.ball(pearl)));
        }
        b.step(
                Gesture.SHAPE,
                Phrase.of(
                        pearl > 0
                                ? "Join the halves in pairs at the back with royal icing, {} of them, a pearl of {} inside, and prop them"
                                        + " open until it is set."
                                : "Join the halves in pairs at the back with royal icing, {} of them{}, and prop them open until it is"
                                        + " set.",
                        Quantity.count(piece.count()),
                        pearl > 0 ? Quantity.length(pearl) : Quantity.text("")),
                "royal icing, props of foam",
                2,
                Phrase.of("Every pair gapes alike, by {}.", Quantity.angle(GAPES)),
                "");
    }

    /** Ribs of a shell, or a mound; a pair gapes to the front. */
    private static Sculpt look(OwnPiece piece, boolean pair, double pearl) {
        Sculpt s = new Sculpt();
        List<Double> half = outline(piece);
        double[] hinge = {0, 0, 0};
        if (!pair) {
            s.blade(0, half, hinge, 0, Math.PI / 2, 0.35);
            return piece.seat().on() == OwnPiece.On.SIDE
                    ? s.backed()
                    : s.nodding(-0.25).raised();
        }
        double tilt = piece.seat().on() == OwnPiece.On.SIDE ? 0.1 : 0.25;
        s.with(shell(half, tilt), 0, 0, 0);
        s.with(shell(half, tilt + GAPES), 0, 0, 0);
        if (pearl > 0) {
            s.egg(
                    2,
                    new double[] {
                        0,
                        -piece.height() * 0.6 * Elementary.cos(tilt),
                        pearl / 2 + piece.height() * 0.6 * Elementary.sin(tilt)
                    },
                    pearl / 2,
                    pearl / 2,
                    pearl / 2);
        }
        Sculpt there = s.raised();
        return piece.seat().on() == OwnPiece.On.SIDE ? there.backed() : there;
    }

    /** One half as a fan of ribs from its hinge. */
    private static Sculpt shell(List<Double> half, double tilt) {
        return new Sculpt().blade(0, half, new double[] {0, 0, 0}, 0, tilt, 0.3);
    }

    @Override
    public List<OwnPiece> offers(Bed bed) {
        double across = Math.max(20, Math.min(70, bed.across() * 0.2));
        return List.of(
                new Offer(PieceKind.MOULDED, "shell", "Moulded shell")
                        .sized(across, across * 0.9, 3)
                        .many(5)
                        .on(OwnPiece.On.LEDGE)
                        .with("pearl", Elementary.rint(across * 0.2))
                        .made(),
                new Offer(PieceKind.MOULDED, "relief", "Moulded relief")
                        .sized(across * 0.8, across * 1.1, 4)
                        .on(OwnPiece.On.SIDE)
                        .with("sides", "single")
                        .made());
    }
}
