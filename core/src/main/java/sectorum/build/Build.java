package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import sectorum.drawing.Box;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.OwnPiece;
import sectorum.plan.Stand;

/**
 * How a stack carries itself (craft 5.1).
 *
 * @param tiers foot to top
 * @param grams of the whole, boards included
 * @param height of the whole, boards between tiers included, mm
 * @param centre length of the long dowel through all tiers, mm; absent: none, or one tier only
 * @param stuck everything that is stuck in and comes out again, numbered
 */
public record Build(
        List<Standing> tiers,
        double grams,
        double height,
        @Absent Double centre,
        List<Inserted> stuck,
        List<Finding> findings) {
    static final Rule TILT =
            new Rule("build.tilt", Level.LOOK, "A stack is taller than 2.5 times its lowest tier's least width.");
    static final Rule OVERHANG =
            new Rule("build.overhang", Level.STOP, "A tier reaches over the edge of the one below.");
    static final Rule CROWDED = new Rule(
            "build.crowded",
            Level.STOP,
            "Dowels under a tier stand nearer to one another or to the middle than a finger.");

    /** Board of dense card or wood, g/cm³. */
    private static final double BOARD = 0.7;
    /** The ring that dowels stand on, as a share of the upper board's radius. */
    private static final double RING = 0.7;
    /** How far under the top of the stack the long dowel ends, mm. */
    private static final double SHORT = 20;
    /** Taller than this share of its width, a tier is held by rods of its own. */
    private static final double TALL = 1.2;

    private static final double TILTS = 2.5;
    /** Upper boards up to these widths, mm, take 3, 4, 5 and 6 dowels: whole inches fall inside (craft 5.1). */
    private static final double[] CLASSES = {105, 155, 205, 255};

    private static final int STRAWS = 5;
    /** Between two dowels there must be cake, mm. */
    private static final double BETWEEN = 12;

    public Build {
        tiers = List.copyOf(tiers);
        stuck = List.copyOf(stuck);
        findings = List.copyOf(findings);
    }

    /** A dowel's place on a tier's top, from its middle. */
    public record Dowel(double x, double y) {
        Dowel turned(double angle, Stand.Shift about) {
            double cos = Elementary.cos(angle);
            double sin = Elementary.sin(angle);
            double dx = x - about.x();
            double dy = y - about.y();
            return new Dowel(about.x() + dx * cos - dy * sin, about.y() + dx * sin + dy * cos);
        }
    }

    /**
     * What is seen of a tier's top around the one on it, mm; negative where that one hangs over.
     */
    public record Ledge(double front, double back, double left, double right) {
        double least() {
            return Math.min(Math.min(front, back), Math.min(left, right));
        }
    }

    /**
     * One tier in the stack.
     *
     * @param own grams of itself
     * @param load grams of everything above, boards included
     * @param bySize dowels that the upper board asks for
     * @param byLoad dowels that the load asks for
     * @param dowels where they stand; none under nothing
     * @param length of each, mm
     * @param ledge around the tier above; absent: there is none
     * @param seat radius of the largest circle on the upper board, mm
     * @param inner rods of its own that a tall tier needs, at their places
     */
    public record Standing(
            String id,
            double own,
            double load,
            int bySize,
            int byLoad,
            List<Dowel> dowels,
            double length,
            @Absent Ledge ledge,
            double seat,
            Stand.Shift shift,
            List<Dowel> inner) {
        public Standing {
            dowels = List.copyOf(dowels);
            inner = List.copyOf(inner);
        }
    }

    /** The rules it judges by. */
    public static List<Rule> rules() {
        List<Rule> rules = new ArrayList<>(List.of(TILT, OVERHANG, CROWDED));
        rules.addAll(StuckIn.rules());
        rules.addAll(Holes.rules());
        rules.addAll(Touching.rules());
        return List.copyOf(rules);
    }

    /**
     * @param bodies foot to top, one or more
     * @param pieces made ahead
     * @param planted how each stands in the cake
     */
    public static Build of(List<Body> bodies, Stand stand, List<OwnPiece> pieces, Function<OwnPiece, Planted> planted) {
        List<Finding> findings = new ArrayList<>();
        StuckIn in = new StuckIn(bodies, stand, pieces, planted);
        List<Standing> tiers = standing(bodies, new Under(stand, in), findings);
        double above = tiers.get(0).load();
        double height = height(bodies, stand);
        Body lowest = bodies.get(0);
        Box box = lowest.foot().box();
        double narrow = Math.min(box.width(), box.height());
        if (height > TILTS * narrow + Rounding.EPS) {
            findings.add(TILT.found(Phrase.of(
                    "{} high on a foot of {}: {} times as high as it is wide. Carry it in two parts, or on a wider lowest"
                            + " tier.",
                    Quantity.length(height),
                    Quantity.length(narrow),
                    Quantity.plain(Rounding.halfUp(height / narrow, 0.1)))));
        }
        Double centre = centre(bodies, stand);
        List<Inserted> stuck = in.all(tiers, centre);
        findings.addAll(in.findings(stuck));
        findings.addAll(StuckIn.carrying(above + lowest.own(), bodies.size(), stand));
        return new Build(tiers, above + lowest.own(), height, centre, stuck, findings);
    }

    /** The same with what else was found. */
    public Build with(List<Finding> others) {
        List<Finding> all = new ArrayList<>(findings);
        all.addAll(others);
        return new Build(tiers, grams, height, centre, stuck, all);
    }

    private static double height(List<Body> bodies, Stand stand) {
        return bodies.stream().mapToDouble(Body::height).reduce(0, Double::sum) + (bodies.size() - 1) * stand.thick();
    }

    @Absent
    private static Double centre(List<Body> bodies, Stand stand) {
        return stand.centre() && bodies.size() > 1 ? height(bodies, stand) - SHORT : null;
    }

    /** What would be stuck in with other pieces. */
    static List<Inserted> stuck(
            List<Body> bodies, Stand stand, List<OwnPiece> pieces, Function<OwnPiece, Planted> planted) {
        StuckIn in = new StuckIn(bodies, stand, pieces, planted);
        return in.all(standing(bodies, new Under(stand, in), new ArrayList<>()), centre(bodies, stand));
    }

    private static List<Standing> standing(List<Body> bodies, Under under, List<Finding> findings) {
        List<Standing> tiers = new ArrayList<>();
        double above = 0;
        for (int i = bodies.size() - 1; i >= 0; i--) {
            Body upper = i + 1 < bodies.size() ? bodies.get(i + 1) : null;
            if (upper != null) {
                above += upper.own() + upper.board().area() * under.stand().thick() / 1000 * BOARD;
            }
            tiers.add(0, standing(bodies.get(i), upper, above, under, findings));
        }
        return tiers;
    }

    /** What a tier's dowels have to mind. */
    private record Under(Stand stand, StuckIn in) {}

    private static Standing standing(Body body, @Absent Body upper, double load, Under under, List<Finding> findings) {
        Stand stand = under.stand();
        List<Dowel> inner = inner(body);
        if (upper == null) {
            return new Standing(body.id(), body.own(), 0, 0, 0, List.of(), body.height(), null, 0, body.shift(), inner);
        }
        double seat = new Rays(upper.board()).inscribed();
        int bySize = bySize(2 * seat, stand.dowel());
        int byLoad = (int) Rounding.ceil(load / 1000 / stand.capacity());
        int count = Math.max(bySize, byLoad);
        List<Dowel> dowels = turned(body, ring(count, RING * seat, upper.shift()), upper.shift(), under);
        Ledge ledge = ledge(body, upper);
        if (ledge.least() < -Rounding.EPS) {
            findings.add(OVERHANG.found(
                    Phrase.of(
                            "A tier reaches {} over the edge of the one it stands on. Shift it back, or make it smaller.",
                            Quantity.length(-ledge.least())),
                    middle(body, upper, stand)));
        }
        double apart = 2 * RING * seat * Elementary.sin(Math.PI / Math.max(2, count))
                - stand.dowel().across();
        if (apart < BETWEEN || (stand.centre() && RING * seat - stand.dowel().across() < BETWEEN)) {
            findings.add(CROWDED.found(
                    Phrase.of(
                            "{} dowels under a board of {} leave {} between them. Take dowels that carry more, or a lighter"
                                    + " tier.",
                            Quantity.count(count),
                            Quantity.length(2 * seat),
                            Quantity.length(Math.max(0, apart))),
                    stronger(stand)));
        }
        return new Standing(
                body.id(), body.own(), load, bySize, byLoad, dowels, body.height(), ledge, seat, body.shift(), inner);
    }

    /** Back to the middle, where that helps. */
    private static List<Mend> middle(Body body, Body upper, Stand stand) {
        Body there = new Body(
                upper.id(),
                upper.board(),
                upper.foot(),
                upper.top(),
                upper.height(),
                upper.own(),
                new Stand.Shift(0, 0));
        if (ledge(body, there).least() < -Rounding.EPS) {
            return List.of();
        }
        Map<String, Stand.Shift> shifts = new TreeMap<>(stand.shifts());
        shifts.remove(upper.id());
        return List.of(new Mend(
                Phrase.of(
                        "Stand it in the middle, {} from the edge",
                        Quantity.length(ledge(body, there).least())),
                List.of(new Change(Change.Target.STAND, "shifts", shifts))));
    }

    /** Straws carry least: dowels that carry more are fewer. */
    private static List<Mend> stronger(Stand stand) {
        return stand.dowel() == Stand.Rod.STRAW && stand.carries() == null
                ? List.of(new Mend(
                        Phrase.of(
                                "Take plastic dowels: each carries {} kg", Quantity.plain(Stand.Rod.PLASTIC.carries())),
                        List.of(new Change(Change.Target.STAND, "rod", "plastic"))))
                : List.of();
    }

    /** Dowels that an upper board of this width asks for: 3 to 6 by its class, 8 beyond, straws at least five. */
    static int bySize(double across, Stand.Rod rod) {
        int most = 8;
        for (int i = 0; i < CLASSES.length; i++) {
            if (Rounding.atMost(across, CLASSES[i])) {
                most = 3 + i;
                break;
            }
        }
        return rod == Stand.Rod.STRAW ? Math.max(STRAWS, most) : most;
    }

    /** The ring turned about the middle of the board as little as clears picks and the long dowel; see the craft 5.1. */
    private static List<Dowel> turned(Body body, List<Dowel> ring, Stand.Shift about, Under under) {
        List<Dowel> best = ring;
        double most = Double.NEGATIVE_INFINITY;
        double widest = 360.0 / ring.size() / 2;
        for (double step = 0; step <= widest; step += 1) {
            for (int sign = 1; sign >= -1; sign -= 2) {
                double angle = Elementary.toRadians(sign * step);
                List<Dowel> there =
                        ring.stream().map(d -> d.turned(angle, about)).toList();
                double clear = under.in().clear(body, there);
                if (clear >= StuckIn.CLEAR) {
                    return there;
                }
                if (clear > most + Rounding.EPS) {
                    most = clear;
                    best = there;
                }
            }
        }
        return best;
    }

    private static List<Dowel> ring(int count, double radius, Stand.Shift about) {
        List<Dowel> ring = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            // None at the very front: the first stands half a step beside it.
            double angle = -Math.PI / 2 + 2 * Math.PI * (i + 0.5) / count;
            ring.add(new Dowel(about.x() + radius * Elementary.cos(angle), about.y() + radius * Elementary.sin(angle)));
        }
        return ring;
    }

    /** Four rods near the edge of a tall tier; its middle stays free for what stands on top. */
    private static List<Dowel> inner(Body body) {
        // As wide as the tier is under its coats (craft 5.1).
        double radius = new Rays(body.foot()).inscribed();
        return body.height() > TALL * 2 * radius ? ring(4, 0.8 * radius, new Stand.Shift(0, 0)) : List.of();
    }

    private static Ledge ledge(Body body, Body upper) {
        Rays below = new Rays(body.top());
        Rays above = new Rays(upper.foot());
        Stand.Shift s = upper.shift();
        return new Ledge(
                below.reach(s.x(), s.y(), 0, -1) - above.reach(0, 0, 0, -1),
                below.reach(s.x(), s.y(), 0, 1) - above.reach(0, 0, 0, 1),
                below.reach(s.x(), s.y(), -1, 0) - above.reach(0, 0, -1, 0),
                below.reach(s.x(), s.y(), 1, 0) - above.reach(0, 0, 1, 0));
    }
}
