package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.LevelSurface;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Flowers, balls, fruit, sweets or truffles of mixed sizes in a ring, over a region or in a pile (craft 3F): the largest
 * first, none through another, leaves as a reserve that is planned last.
 */
final class Clusters implements Everywhere {
    private static final Rule FULL = new Rule(
            "cluster.full",
            Level.NOTE,
            "There is no room for as many as were asked for without one going through another.");
    private static final Rule BIG =
            new Rule("cluster.out-of-zone", Level.STOP, "The largest of a cluster is larger than its zone is deep.");

    private static final double EMPTY = 0.9;
    /** What the petals of a flower are rolled to, mm, and what a leaf is to its flower. */
    private static final double PETAL_MM = 1;

    private static final double LEAF = 0.8;

    private static final Field KIND = Choices.field("kind", "Of", ClusterKind.values(), k -> k.words);
    private static final Field LAID = Choices.field("laid", "Laid", Laid.values(), l -> l.words);
    private static final Field STEMS = Choices.field("stems", "Held", Stems.values(), s -> s.words);

    private enum Laid {
        FILLED("over the whole zone"),
        RING("in one line"),
        PILE("in a pile");

        private final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    private enum Stems {
        GLUED("set on"),
        WIRED("on wires, each in a pick");

        private final String words;

        Stems(String words) {
            this.words = words;
        }
    }

    private record Settings(
            ClusterKind kind,
            Laid laid,
            double largest,
            double smallest,
            int sizes,
            double cover,
            int layers,
            Stems stems,
            double reserve,
            int seed) {
        /** From the largest down, evenly. */
        List<Double> each() {
            List<Double> each = new ArrayList<>();
            for (int i = 0; i < sizes; i++) {
                each.add(sizes == 1 ? largest : largest + (Math.min(smallest, largest) - largest) * i / (sizes - 1));
            }
            return each;
        }
    }

    @Override
    public String id() {
        return "cluster";
    }

    @Override
    public String name() {
        return "Cluster";
    }

    @Override
    public List<Rule> rules() {
        return List.of(FULL, BIG);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("kind", "laid", "largest", "smallest", "sizes", "cover", "layers", "stems", "reserve", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.kind().isLevel()
                ? new Zone(0, Math.min(60, surface.depth()))
                : new Zone(0, Math.min(45, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double largest = Math.max(4, Math.min(30, place.onTape(place.zone().height() * 0.6)));
        ClusterKind kind = Choices.of(ClusterKind.values(), KIND.choice(values));
        return List.of(
                KIND,
                LAID,
                Field.length("largest", "The largest", 3, 150, largest, "Across, as it lies."),
                Field.length("smallest", "The smallest", 3, 150, Math.max(3, largest / 2), "Sizes between are even."),
                Field.count("sizes", "Sizes", 1, 5, 3, "From the largest to the smallest."),
                Field.share("cover", "Covers", 0.05, 0.9, 0.5, "Of the area, seen from outside."),
                Field.count("layers", "Layers of a pile", 1, 5, 2, "On a level surface."),
                STEMS,
                Field.share(
                        "reserve",
                        "Leaves in reserve",
                        0,
                        2,
                        kind == ClusterKind.FLOWER ? 0.25 : 0,
                        "To a piece; they fill what gaps there are at the end."),
                Seeded.SEED);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(ClusterKind.values(), chosen.choice("kind")),
                Choices.of(Laid.values(), chosen.choice("laid")),
                chosen.number("largest"),
                chosen.number("smallest"),
                chosen.count("sizes"),
                chosen.number("cover"),
                chosen.count("layers"),
                Choices.of(Stems.values(), chosen.choice("stems")),
                chosen.number("reserve"),
                chosen.count("seed"));
        List<Double> sizes = set.each();
        List<Integer> wanted = wanted(set, sizes, place);
        List<Cluster.Ball> balls = lie(set, sizes, wanted, place);
        int[] colours = colours(set, balls, place);
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, sizes, balls, colours);
        int n = balls.size();
        work.lead("pieces", set.kind().words, Quantity.count(n))
                .lead(
                        "of the largest",
                        Quantity.count(balls.stream().filter(b -> b.size() == 0).count()))
                .lead("leaves in reserve", Quantity.count(reserve(set, n)));
        for (int i = 1; i < sizes.size(); i++) {
            int size = i;
            work.figure(
                            "Of size " + (i + 1),
                            Quantity.count(
                                    balls.stream().filter(b -> b.size() == size).count()))
                    .figure("Size " + (i + 1) + " across", Quantity.length(sizes.get(i)));
        }
        if (set.stems() == Stems.WIRED) {
            work.figure("Wires and picks", Quantity.count(n));
        }
        handle(work, set, place);
        judge(work, set, place, wanted, balls);
        make(work, set, sizes, balls, colours);
        if (place.surface() instanceof LevelSurface level) {
            work.draw(() -> plan(level.inPlane(place.zone().foot()), balls));
        }
        return work.done();
    }

    /** Where each goes, at true size: laid on, pricked through, taken off. */
    private static Drawing plan(List<Double> edge, List<Cluster.Ball> balls) {
        Card card = Card.of(edge, true);
        for (Cluster.Ball ball : balls) {
            card.path(
                    ball.lift() > 0 ? Ink.Pen.GUIDE : Ink.Pen.MARK,
                    Flat.moved(Contour.closed(Flat.circle(ball.across(), 24)), ball.x(), ball.y()));
        }
        return card.made("cluster-plan", Phrase.of("Where {} go, from above", Quantity.count(balls.size())));
    }

    private static int reserve(Settings set, int pieces) {
        return (int) Rounding.ceil(set.reserve() * pieces);
    }

    /** How many of each size cover what is asked for, every size the same share of the area. */
    private static List<Integer> wanted(Settings set, List<Double> sizes, DressingContext place) {
        double each = set.cover() * place.area() / sizes.size();
        return sizes.stream()
                .map(d -> (int) Math.max(1, Math.min(Cluster.MOST, Rounding.halfUp(each / (Math.PI / 4 * d * d), 1))))
                .toList();
    }

    private static List<Cluster.Ball> lie(
            Settings set, List<Double> sizes, List<Integer> wanted, DressingContext place) {
        if (set.laid() == Laid.RING) {
            return Cluster.ring(place, sizes);
        }
        Cluster cluster = Cluster.filling(place, sizes, wanted, set.seed());
        boolean piled = set.laid() == Laid.PILE && place.surface().kind().isLevel();
        for (int i = 1; piled && i < set.layers(); i++) {
            cluster.pile(sizes);
        }
        return cluster.balls();
    }

    private static int[] colours(Settings set, List<Cluster.Ball> balls, DressingContext place) {
        List<Spread.Spot> spots =
                balls.stream().map(b -> new Spread.Spot(b.s(), b.z(), 0)).toList();
        return Shades.of(spots, place.turns(), Shades.Pattern.MIXED, set.seed(), place.zone(), set.largest() * 1.5);
    }

    private static void draw(
            DressingBuilder work, Settings set, List<Double> sizes, List<Cluster.Ball> balls, int[] colours) {
        List<Integer> shapes =
                sizes.stream().map(d -> work.piece(set.kind().outline(d))).toList();
        List<Integer> eyes = set.kind() == ClusterKind.FLOWER
                ? sizes.stream()
                        .map(d -> work.detail(Contour.closed(Flat.circle(d * 0.22, 10))))
                        .toList()
                : List.of();
        for (int i = 0; i < balls.size(); i++) {
            Cluster.Ball ball = balls.get(i);
            double turn = Seeded.share(set.seed() + 5L, i) * 2 * Math.PI;
            work.put(shapes.get(ball.size()), ball.s(), ball.z(), turn, 1, colours[i])
                    .off(ball.lift() + ball.across() / 2, 0);
            if (!eyes.isEmpty()) {
                work.put(eyes.get(ball.size()), ball.s(), ball.z(), 0, 1, colours[i])
                        .off(ball.lift() + ball.across() / 2, 0);
            }
        }
    }

    private static void handle(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.largest() / 2).s(), place.middleZ()));
        }
        work.handle(new Handle("largest", "Rim of the largest", Handle.Way.ALONG, 2, 3, 150, grips));
    }

    private static void judge(
            DressingBuilder work, Settings set, DressingContext place, List<Integer> wanted, List<Cluster.Ball> balls) {
        double room = place.zone().height();
        if (!Rounding.atMost(set.largest(), room)) {
            double fits = Math.max(3, Rounding.floor(room));
            work.find(
                    BIG,
                    Phrase.of("{} do not lie in {}.", Quantity.length(set.largest()), Quantity.length(room)),
                    Mend.setting(Phrase.of("Take {}", Quantity.length(fits)), "largest", fits));
            return;
        }
        long asked = wanted.stream().mapToInt(w -> w).sum();
        long lying = balls.stream().filter(b -> b.lift() == 0).count();
        if (set.laid() != Laid.RING && lying < EMPTY * asked) {
            double covered = balls.stream()
                            .filter(b -> b.lift() == 0)
                            .mapToDouble(b -> Math.PI / 4 * b.across() * b.across())
                            .reduce(0, Double::sum)
                    / place.area();
            double fits = Math.max(0.05, Rounding.floor(covered * 100) / 100);
            work.find(
                    FULL,
                    Phrase.of(
                            "{} were asked for, {} have room beside one another.",
                            Quantity.count(asked),
                            Quantity.count(lying)),
                    Mend.setting(Phrase.of("Cover {}", Quantity.share(fits)), "cover", fits));
        }
    }

    private static void make(
            DressingBuilder work, Settings set, List<Double> sizes, List<Cluster.Ball> balls, int[] colours) {
        ClusterKind kind = set.kind();
        Map<Integer, Map<Integer, Integer>> counts = new TreeMap<>();
        for (int i = 0; i < balls.size(); i++) {
            counts.computeIfAbsent(balls.get(i).size(), s -> new TreeMap<>()).merge(colours[i], 1, Integer::sum);
        }
        counts.forEach((size, by) -> by.forEach((colour, many) -> {
            double across = sizes.get(size);
            if (kind.isDried()) {
                work.want(dried(kind.one, "blossom", across, kind.material, colour, many));
            } else {
                work.made(
                        Phrase.of("{} of {}", Quantity.text(kind.one), Quantity.length(across)),
                        kind.material,
                        colour,
                        across,
                        many,
                        kind.material.spare(),
                        kind.material.ball(across));
            }
        }));
        int leaves = reserve(set, balls.size());
        if (leaves > 0) {
            work.want(dried("Leaf in reserve", "leaf", LEAF * set.largest(), Material.HALF, Making.UNCOLOURED, leaves));
        }
        boolean wired = set.stems() == Stems.WIRED;
        int n = balls.size();
        if (wired) {
            work.comesOut("wire in a pick", n);
        }
        work.adhesive(kind.adhesive)
                .step(
                        Gesture.SORT,
                        Phrase.of(
                                wired
                                        ? "Lay {} out by size, tape each wire and give each its pick: {} picks."
                                        : "Lay {} out by size, the largest first.",
                                wired
                                        ? new Quantity[] {Quantity.count(n), Quantity.count(n)}
                                        : new Quantity[] {Quantity.count(n)}),
                        wired ? "floral tape, picks, tweezers" : "tray",
                        Rate.MARK.minutes(n),
                        null,
                        wired ? Cautions.WIRES : "")
                .check("{} sizes, counted.", Quantity.count(sizes.size()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Set the largest first and the smaller between them, {} in all, none pressed into another, {}.",
                                Quantity.count(n),
                                Quantity.text(work.order())),
                        wired ? "picks" : "bag of what holds them, tweezers",
                        Rate.CLUSTERED.minutes(n),
                        null,
                        kind.caution);
        if (leaves > 0) {
            work.step(
                            Gesture.STICK,
                            Phrase.of(
                                    "Last, fill what gaps there are with leaves: {} are ready.",
                                    Quantity.count(leaves)),
                            "tweezers",
                            Rate.MARK.minutes(leaves))
                    .check("No bare spot is seen from the front or from above.");
        }
    }

    private static Making.Wanted dried(String what, String shape, double size, Material of, int colour, int count) {
        return new Making.Wanted(
                "cut_shape",
                what,
                new Values(Map.of("shape", shape)),
                size,
                PETAL_MM,
                of,
                colour,
                count,
                Rate.CUT_PIECE.minutes(count) / count,
                true);
    }
}
