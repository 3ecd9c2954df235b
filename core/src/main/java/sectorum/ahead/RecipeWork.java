package sectorum.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import sectorum.art.Rings;
import sectorum.bench.Rate;
import sectorum.drawing.Drawing;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Numbers;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceRecipe;
import sectorum.plan.PieceRecipe.Form;
import sectorum.plan.PieceRecipe.PiecePart;
import sectorum.plan.Resting;
import sectorum.plan.Span;
import sectorum.technique.Gesture;

/** A recipe of parts at a size: what is cut and rolled, stage by stage, and how it looks standing on its foot. */
final class RecipeWork {
    /** Edges are raised by so much of the half width where a part dries in a cup. */
    private static final double HOLLOW = 0.5;

    private static final double FLAT = 0.12;
    /** A second pass over thinned edges takes so long, minutes. */
    private static final double THINNING = 0.2;
    /** Rolling one in the hand, and putting a part to the others, minutes. */
    private static final double ROLLING = 0.6;

    private static final double SETTING = 0.3;
    /** A petal wrapped on a cone meets itself over so much of its width. */
    private static final double WRAPPED = 0.8;

    private final PieceRecipe recipe;
    private final OwnPiece piece;
    private final Material own;
    private final double main;

    RecipeWork(PieceRecipe recipe, OwnPiece piece, Material own, double main) {
        this.recipe = recipe;
        this.piece = piece;
        this.own = own;
        this.main = main;
    }

    private double wide(PiecePart p) {
        return p.across() * main;
    }

    private double high(PiecePart p) {
        return p.high() * main;
    }

    private Material of(PiecePart p) {
        return p.material() == null ? own : p.material();
    }

    /** Parts by the stage in which their turn is. */
    private Map<Integer, List<PiecePart>> byOrder() {
        return recipe.parts().stream()
                .collect(Collectors.groupingBy(PiecePart::order, TreeMap::new, Collectors.toList()));
    }

    /** Its outline as a cutter or a hand makes it, foot at z 0. */
    private List<Double> outline(PiecePart p) {
        double w = wide(p);
        double h = high(p);
        return switch (p.form()) {
            case PETAL -> Shapes.petal(w, h);
            case HEART -> Shapes.heart(w, h);
            case LEAF -> Shapes.leaf(w, h);
            case ROUND -> Shapes.oval(w, w);
            case OVAL, EGG -> Shapes.oval(w, h);
            case BALL -> Shapes.oval(w, w);
            case BLOSSOM -> Shapes.blossom(w);
            case CALYX -> Shapes.calyx(w);
            case SQUARE, CYLINDER -> Shapes.rectangle(w, h);
            case CONE -> List.of(-w / 2, 0.0, w / 2, 0.0, 0.0, h);
            case STAMEN, WIRE -> Shapes.rectangle(p.thick(), h);
        };
    }

    /** Grams of one part. */
    private double grams(PiecePart p) {
        double w = wide(p);
        double h = high(p);
        double mm3 = switch (p.form()) {
            case BALL -> Math.PI / 6 * w * w * w;
            case EGG -> Math.PI / 6 * w * w * h;
            case CONE -> Math.PI / 12 * w * w * h;
            case CYLINDER -> Math.PI / 4 * w * w * h;
            case STAMEN -> Math.PI / 4 * p.thick() * p.thick() * h;
            default -> Rings.of(outline(p)).area() * p.thick();
        };
        return mm3 / 1000 * of(p).density();
    }

    /** What a part dries over. */
    @Absent
    private Former former(PiecePart p, int times) {
        if (p.over() == null) {
            return null;
        }
        int many = p.each() * times;
        return switch (p.over()) {
            case FLAT -> new Former(Former.Form.FLAT, Math.max(wide(p), high(p)), many);
            case CUP -> new Former(Former.Form.CUP, Math.max(wide(p), high(p)), many);
            case CONE -> new Former(Former.Form.CONE, WRAPPED * wide(p) / Math.PI, many);
            case BALL -> new Former(Former.Form.BALL, Math.max(wide(p), high(p)), many);
        };
    }

    /** Its parts, so many times over, in one stage: what a spray binds. */
    void parts(PieceBuilder b, int times, int colours) {
        for (PiecePart p : recipe.parts()) {
            part(b, p, times, colours);
        }
    }

    private void part(PieceBuilder b, PiecePart p, int times, int colours) {
        if (p.form() == Form.WIRE) {
            b.out("wire, " + Numbers.plain(high(p), 0) + " mm", p.each() * times);
            return;
        }
        Component one = Component.cut(
                        Phrase.of("{}", Quantity.text(p.name())),
                        Rings.of(outline(p)),
                        p.form().made() == PieceRecipe.Made.CUT ? p.thick() : 0,
                        of(p),
                        p.each() * times)
                .coloured(p.colour() + colours)
                .over(former(p, times));
        b.part(p.form().made() == PieceRecipe.Made.CUT ? one : one.weighing(grams(p)));
    }

    /** Stage after stage: its parts, how they are made, and how long they rest. */
    void stages(PieceBuilder b) {
        List<Integer> orders = new ArrayList<>(byOrder().keySet());
        for (int order : orders) {
            List<PiecePart> parts = byOrder().get(order);
            for (PiecePart p : parts) {
                part(b, p, 1, 0);
                made(b, p, order > orders.get(0));
            }
            boolean last = order == orders.get(orders.size() - 1);
            String name = parts.stream().map(PiecePart::name).collect(Collectors.joining(", "));
            b.stage(last ? piece.name() : name + " of " + piece.name(), rest(parts, last));
        }
    }

    /** The piece as it dries after a stage: as slowly as the slowest of its parts. */
    @Absent
    private OwnPiece rest(List<PiecePart> parts, boolean last) {
        PiecePart slowest = parts.stream()
                .filter(p -> p.form() != Form.WIRE)
                .max(Comparator.comparingDouble(this::through))
                .orElse(parts.get(0));
        boolean formed = parts.stream().anyMatch(p -> p.over() != null);
        OwnPiece dries = piece.of(of(slowest))
                .thick(Math.max(0.3, Math.min(400, through(slowest))))
                .aired(formed ? OwnPiece.Faces.FORMER : piece.resting().faces());
        Double stated = parts.stream()
                .map(PiecePart::hours)
                .filter(h -> h != null)
                .max(Double::compare)
                .orElse(null);
        if (last) {
            return dries;
        }
        if (stated != null && stated == 0) {
            return null;
        }
        return dries.resting(new Resting(
                dries.resting().faces(),
                stated == null ? null : new Span(stated, stated * 1.3),
                dries.resting().storage(),
                OwnPiece.Until.HANDLED,
                null));
    }

    /** How thick it is to dry through; what is rolled dries from all sides. */
    private double through(PiecePart p) {
        return switch (p.form()) {
            case BALL, EGG, CONE, CYLINDER -> wide(p) / 2;
            default -> p.thick();
        };
    }

    private void made(PieceBuilder b, PiecePart p, boolean added) {
        Quantity many = Quantity.count((long) p.each() * piece.count());
        Quantity name = Quantity.text(p.name());
        double add = added ? SETTING * p.each() : 0;
        Former former = former(p, 1);
        switch (p.form().made()) {
            case CUT -> {
                b.step(
                        Gesture.CUT,
                        Phrase.of(
                                "{}: roll to {} and cut {}, {} by {}"
                                        + (p.thinned() ? ", and thin their edges with a ball tool" : "")
                                        + (former == null ? "." : "; dry over {}."),
                                former == null
                                        ? new Quantity[] {
                                            name,
                                            Quantity.length(p.thick()),
                                            many,
                                            Quantity.length(wide(p)),
                                            Quantity.length(high(p))
                                        }
                                        : new Quantity[] {
                                            name,
                                            Quantity.length(p.thick()),
                                            many,
                                            Quantity.length(wide(p)),
                                            Quantity.length(high(p)),
                                            over(former)
                                        }),
                        "roller, " + p.form().words() + " cutter" + (p.thinned() ? ", ball tool, foam" : ""),
                        p.each()
                                        * (Rate.CUT_PIECE.minutes(1)
                                                - Rate.CUT_PIECE.minutes(1e-9)
                                                + (p.thinned() ? THINNING : 0))
                                + add,
                        p.thinned() && p.over() != null
                                ? Phrase.of(
                                        "After {} to {} their edges are curled again.",
                                        Quantity.minutes(5),
                                        Quantity.minutes(10))
                                : null,
                        "");
            }
            case ROLLED ->
                b.step(
                        Gesture.SHAPE,
                        Phrase.of(
                                "{}: roll {}, a " + p.form().words() + " {} across and {} long, {} each.",
                                name,
                                many,
                                Quantity.length(wide(p)),
                                Quantity.length(p.form() == Form.BALL ? wide(p) : high(p)),
                                Quantity.mass(grams(p))),
                        "scale, hands",
                        ROLLING * p.each() + add);
            default ->
                b.step(
                        Gesture.CUT,
                        Phrase.of("{}: cut {} to {}.", name, many, Quantity.length(high(p))),
                        p.form() == Form.WIRE ? "wire cutter" : "tweezers",
                        0.1 * p.each() + add,
                        null,
                        p.form() == Form.WIRE ? WIRED : "");
        }
    }

    static final String WIRED = "Wires never go bare into cake: each into a pick, counted in and out.";

    private static Quantity over(Former former) {
        return Quantity.text(former.form().words());
    }

    /** Templates: each cutter once, so that one can be cut by hand, and each paper cone. */
    List<Drawing> patterns(String prefix) {
        Map<String, Drawing> all = new LinkedHashMap<>();
        int k = 0;
        for (PiecePart p : recipe.parts()) {
            k++;
            if (p.form().made() != PieceRecipe.Made.CUT) {
                continue;
            }
            all.putIfAbsent(
                    p.form() + "/" + p.across() + "/" + p.high(),
                    Patterns.outline(
                            prefix + "-" + k,
                            Phrase.of(
                                    "{}: {} by {}",
                                    Quantity.text(p.name()),
                                    Quantity.length(wide(p)),
                                    Quantity.length(Rings.of(outline(p)).height())),
                            outline(p)));
            if (p.over() == PieceRecipe.PartFormer.CONE) {
                double radius = WRAPPED * wide(p) / (2 * Math.PI);
                all.put("cone" + k, Patterns.cone(prefix + "-cone-" + k, radius, Math.max(radius, high(p))));
            }
        }
        return List.copyOf(all.values());
    }

    /** All parts where they sit, standing on its foot; a round of several is shifted by half against the one before. */
    Sculpt look() {
        Sculpt s = new Sculpt();
        int rounds = 0;
        for (List<PiecePart> parts : byOrder().values()) {
            for (PiecePart p : parts) {
                boolean round = p.each() > 2 && p.set().out() > 0;
                double shift = round && rounds % 2 == 1 ? Math.PI / p.each() : 0;
                rounds += round ? 1 : 0;
                for (int k = 0; k < p.each(); k++) {
                    double about = Elementary.toRadians(p.set().from()) + shift + 2 * Math.PI * k / p.each();
                    one(s, p, about);
                }
            }
        }
        return s;
    }

    private void one(Sculpt s, PiecePart p, double about) {
        double out = p.set().out() * main;
        double[] at = {
            out * Elementary.sin(about), -out * Elementary.cos(about), p.set().up() * main
        };
        double tilt = Elementary.toRadians(p.set().tilt());
        double w = wide(p);
        double h = high(p);
        double hollow = p.over() == null || p.over() == PieceRecipe.PartFormer.FLAT ? FLAT : HOLLOW;
        switch (p.form()) {
            case PETAL, HEART, LEAF, OVAL, SQUARE, ROUND -> {
                if (p.over() == PieceRecipe.PartFormer.CONE) {
                    s.with(wrapped(p), at[0], at[1], at[2]);
                } else {
                    s.blade(p.colour(), outline(p), at, about, tilt, hollow);
                }
            }
            case BLOSSOM -> star(s, p, at, tilt, Shapes.petal(w * 0.46, w / 2), hollow);
            case CALYX -> star(s, p, at, tilt, Shapes.leaf(w * 0.2, w / 2), FLAT);
            case BALL -> s.egg(p.colour(), new double[] {at[0], at[1], at[2] + w / 2}, w / 2, w / 2, w / 2);
            case STAMEN -> {
                double[] to = {
                    at[0] + h * Elementary.cos(tilt) * Elementary.sin(about),
                    at[1] - h * Elementary.cos(tilt) * Elementary.cos(about),
                    at[2] + h * Elementary.sin(tilt)
                };
                s.string(p.colour(), List.of(at, to), p.thick());
            }
            case WIRE -> {}
            default -> {
                Sculpt stood = new Sculpt();
                double[] foot = {0, 0, 0};
                switch (p.form()) {
                    case EGG -> stood.egg(p.colour(), new double[] {0, 0, h / 2}, w / 2, w / 2, h / 2);
                    case CONE -> stood.frustum(p.colour(), foot, w / 2, 0.2, h);
                    default -> stood.frustum(p.colour(), foot, w / 2, w / 2, h);
                }
                s.with(stood.nodding(Math.PI / 2 - tilt).about(about), at[0], at[1], at[2]);
            }
        }
    }

    /** Five of a kind round one middle, cut as one. */
    private static void star(Sculpt s, PiecePart p, double[] at, double tilt, List<Double> arm, double hollow) {
        for (int i = 0; i < 5; i++) {
            s.blade(p.colour(), arm, at, 2 * Math.PI * i / 5 + Math.PI, tilt, hollow);
        }
    }

    /** One petal round a cone: its point at the foot, its lip higher and wider at the back. */
    private Sculpt wrapped(PiecePart p) {
        double radius = WRAPPED * wide(p) / (2 * Math.PI);
        List<double[]> foot = new ArrayList<>();
        List<double[]> waist = new ArrayList<>();
        List<double[]> lip = new ArrayList<>();
        int parts = 14;
        for (int i = 0; i <= parts; i++) {
            double a = 2 * Math.PI * i / parts;
            double back = (1 - Elementary.cos(a)) / 2;
            foot.add(new double[] {0.5 * Elementary.sin(a), -0.5 * Elementary.cos(a), 0});
            waist.add(new double[] {
                radius * 0.75 * Elementary.sin(a), -radius * 0.75 * Elementary.cos(a), high(p) * (0.42 + 0.1 * back)
            });
            double wide = radius * (1.1 + 0.9 * back);
            lip.add(new double[] {
                wide * Elementary.sin(a), -wide * Elementary.cos(a), high(p) * (0.6 + 0.38 * back * back)
            });
        }
        return new Sculpt().band(p.colour(), foot, waist).band(p.colour(), waist, lip);
    }
}
