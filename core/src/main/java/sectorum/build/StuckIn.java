package sectorum.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.OwnPiece;
import sectorum.plan.Stand;
import sectorum.plan.Sticks;

/** Everything that is stuck into a cake, checked against one another (craft 5.1, 7). */
final class StuckIn {
    static final Rule CLASH = new Rule(
            "build.stuck",
            Level.STOP,
            "Two of the dowels, rods and picks stand nearer to one another than a finger's width.");
    static final Rule DEPTH =
            new Rule("build.depth", Level.LOOK, "A pick should go deeper than its tier is high, less 10 mm.");
    static final Rule LEDGE = new Rule("build.ledge", Level.LOOK, "A piece is deeper than the ledge it stands on.");
    static final Rule OFF = new Rule(
            "build.off",
            Level.STOP,
            "A piece is set beside its tier's top, or a pick of it above or below the tier's side.");
    static final Rule LIFT = new Rule("build.lift", Level.NOTE, "The whole cake weighs more than 10 kg.");
    static final Rule TRAVEL = new Rule(
            "build.travel", Level.LOOK, "Three tiers or more are stacked without a long dowel through all of them.");

    /** Between two stuck things there stays so much cake, mm. */
    static final double CLEAR = 6;
    /** More than this is not lifted alone, g. */
    static final double HEAVY = 10_000;

    /** Among more picks no better place is looked for: the hand has to thin them out first. */
    private static final int SEARCHED = 150;

    /** For so many pieces a better place is looked for; the rest come up when these are mended. */
    private static final int SOUGHT = 8;

    private static final int[] BESIDE = {10, -10, 20, -20, 30, -30, 45, -45, 60, -60, 90, -90};

    private final List<Body> bodies;
    private final Stand stand;
    private final Levels levels;
    private final Picks picks;
    private final List<OwnPiece> pieces;
    private final List<Inserted> stuck;

    StuckIn(List<Body> bodies, Stand stand, List<OwnPiece> pieces, Function<OwnPiece, Planted> planted) {
        this.bodies = bodies;
        this.stand = stand;
        this.levels = new Levels(bodies, stand);
        this.picks = new Picks(levels, planted);
        // What stands in a hole or before the cake stands on the board: nothing of it is stuck into cake.
        this.pieces = pieces.stream()
                .filter(p -> p.seat().on() != OwnPiece.On.HOLE && p.seat().on() != OwnPiece.On.BOARD)
                .toList();
        this.stuck = this.pieces.stream().flatMap(p -> picks.of(p).stream()).toList();
    }

    static List<Rule> rules() {
        return List.of(CLASH, DEPTH, LEDGE, OFF, LIFT, TRAVEL);
    }

    /** Free cake around dowels that would stand in a tier, to its picks and the long dowel, mm. */
    double clear(Body body, List<Build.Dowel> dowels) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < dowels.size(); i++) {
            Inserted dowel = upright(Inserted.Kind.DOWEL, body, dowels.get(i), i + 1);
            for (Inserted pick : stuck) {
                least = pick.tier().equals(body.id()) ? Math.min(least, dowel.clear(pick)) : least;
            }
            if (stand.centre()) {
                least = Math.min(least, dowel.clear(centre(Double.MAX_VALUE)));
            }
        }
        return least;
    }

    private Inserted upright(Inserted.Kind kind, Body body, Build.Dowel at, int number) {
        double[] middle = levels.middle(body);
        double foot = levels.foot(body);
        String name = kind == Inserted.Kind.ROD ? "rod in the tall tier" : "dowel under the board above";
        return new Inserted(
                kind,
                body.id(),
                name,
                "",
                number,
                middle[0] + at.x(),
                middle[1] + at.y(),
                foot,
                middle[0] + at.x(),
                middle[1] + at.y(),
                foot + body.height(),
                stand.dowel().across());
    }

    private Inserted centre(double length) {
        double top = Math.min(length, 10_000);
        return new Inserted(
                Inserted.Kind.CENTRE,
                "",
                "long dowel through all tiers",
                "",
                1,
                0,
                0,
                0,
                0,
                0,
                top,
                stand.dowel().across());
    }

    /** All that is stuck in, from the foot up. */
    List<Inserted> all(List<Build.Standing> tiers, @Absent Double centre) {
        List<Inserted> all = new ArrayList<>();
        for (int i = 0; i < bodies.size(); i++) {
            Body body = bodies.get(i);
            Build.Standing standing = tiers.get(i);
            for (int k = 0; k < standing.dowels().size(); k++) {
                all.add(upright(Inserted.Kind.DOWEL, body, standing.dowels().get(k), k + 1));
            }
            for (int k = 0; k < standing.inner().size(); k++) {
                all.add(upright(Inserted.Kind.ROD, body, standing.inner().get(k), k + 1));
            }
            stuck.stream().filter(p -> p.tier().equals(body.id())).forEach(all::add);
        }
        if (centre != null) {
            all.add(centre(centre));
        }
        return all;
    }

    List<Finding> findings(List<Inserted> all) {
        List<Finding> findings = new ArrayList<>();
        for (OwnPiece piece : pieces) {
            clash(piece, all, findings);
            depth(piece, findings);
            ledge(piece, findings);
            off(piece, findings);
        }
        return findings;
    }

    /** A piece's pick and what stands nearest to it, mm apart. */
    private record Near(Inserted mine, Inserted other, double clear) {}

    /** The nearest thing that a piece's picks run into; none: all are clear. */
    @Absent
    private static Near near(OwnPiece piece, List<Inserted> all) {
        // Sorted from left to right, only a few are near enough to be looked at.
        List<Inserted> sorted =
                all.stream().sorted(Comparator.comparingDouble(Inserted::left)).toList();
        double widest =
                all.stream().mapToDouble(i -> i.right() - i.left()).max().orElse(0);
        Near near = null;
        for (Inserted a : all) {
            if (!a.piece().equals(piece.id())) {
                continue;
            }
            for (int k = from(sorted, a.left() - widest - CLEAR); k < sorted.size(); k++) {
                Inserted b = sorted.get(k);
                if (b.left() > a.right() + CLEAR) {
                    break;
                }
                boolean told = b != a && (!b.piece().equals(a.piece()) || b.number() > a.number());
                if (told && a.clear(b) < (near == null ? CLEAR : near.clear()) - Rounding.EPS) {
                    near = new Near(a, b, a.clear(b));
                }
            }
        }
        return near;
    }

    /** The first that begins there or further right. */
    private static int from(List<Inserted> sorted, double x) {
        int low = 0;
        int high = sorted.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (sorted.get(middle).left() < x) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private void clash(OwnPiece piece, List<Inserted> all, List<Finding> findings) {
        Near near = near(piece, all);
        if (near != null) {
            findings.add(CLASH.found(
                    Phrase.of(
                            near.clear() < 0
                                    ? "The {} runs {} into the {}."
                                    : "The {} stands {} from the {}: too little cake between.",
                            Quantity.text(near.mine().name()),
                            Quantity.length(Math.abs(near.clear())),
                            Quantity.text(near.other().name())),
                    findings.size() >= SOUGHT
                            ? List.of()
                            : near.other().piece().equals(piece.id()) ? fewer(piece) : beside(piece)));
        }
    }

    /** The smallest turn of its place that clears everything. */
    private List<Mend> beside(OwnPiece piece) {
        if (stuck.size() > SEARCHED) {
            return List.of();
        }
        for (int step : BESIDE) {
            OwnPiece.Seat s = piece.seat();
            double out = s.on() == OwnPiece.On.TOP && s.out() == 0 ? Math.abs(step) : s.out();
            OwnPiece.Seat seat = new OwnPiece.Seat(s.tier(), s.on(), wrapped(s.angle() + step), out, s.up());
            if (near(piece.at(seat), with(piece.at(seat))) == null) {
                return List.of(new Mend(
                        Phrase.of(
                                out != s.out() ? "Put it {} from the middle" : "Turn it by {} degrees to the side",
                                out != s.out() ? Quantity.length(out) : Quantity.count(Math.abs(step))),
                        List.of(new Change(Change.Target.PIECE, piece.id() + "/seat", seat))));
            }
        }
        return List.of();
    }

    /** Alike pieces that run into one another are too many: as many as stand clear of each other. */
    private List<Mend> fewer(OwnPiece piece) {
        if (stuck.size() > SEARCHED) {
            return List.of();
        }
        for (int many = piece.count() * 3 / 4; many > 0; many = many * 3 / 4) {
            OwnPiece some = piece.many(many);
            if (near(some, with(some)) == null) {
                return List.of(new Mend(
                        Phrase.of("Take {} of them", Quantity.count(many)),
                        List.of(new Change(Change.Target.PIECE, piece.id() + "/count", many))));
            }
        }
        return List.of();
    }

    /** Everything that would be stuck in with another piece of that name. */
    private List<Inserted> with(OwnPiece other) {
        return Build.stuck(
                bodies,
                stand,
                pieces.stream().map(p -> p.id().equals(other.id()) ? other : p).toList(),
                picks::planted);
    }

    private static double wrapped(double angle) {
        return angle > 360 ? angle - 360 : angle < -360 ? angle + 360 : angle;
    }

    private void depth(OwnPiece piece, List<Finding> findings) {
        double deepest = picks.deepest(piece);
        Planted stands = picks.planted(piece);
        if (stands.picks() > 0 && stands.buried() > deepest + Rounding.EPS) {
            Sticks s = piece.sticks();
            double takes = Rounding.floor(deepest);
            findings.add(DEPTH.found(
                    Phrase.of(
                            "\"{}\" wants its picks {} deep; here they can go {}.",
                            Quantity.text(piece.name()),
                            Quantity.length(stands.buried()),
                            Quantity.length(deepest)),
                    new Mend(
                            Phrase.of("Take {} and glue it as well", Quantity.length(takes)),
                            List.of(new Change(
                                    Change.Target.PIECE,
                                    piece.id() + "/sticks",
                                    new Sticks(s.kind(), s.each(), takes))))));
        }
    }

    private void ledge(OwnPiece piece, List<Finding> findings) {
        double room = picks.ledge(piece);
        double deep = picks.planted(piece).deep();
        if (piece.seat().on() == OwnPiece.On.LEDGE && deep > room + Rounding.EPS) {
            findings.add(LEDGE.found(
                    Phrase.of(
                            "\"{}\" is {} deep; the ledge there is {}.",
                            Quantity.text(piece.name()),
                            Quantity.length(deep),
                            Quantity.length(room)),
                    new Mend(
                            Phrase.of("Put it on top of the cake, {} deep", Quantity.length(deep)),
                            List.of(new Change(Change.Target.PIECE, piece.id() + "/seat", OwnPiece.Seat.TOP)))));
        }
    }

    private void off(OwnPiece piece, List<Finding> findings) {
        double over = picks.off(piece);
        if (over <= Rounding.EPS) {
            return;
        }
        boolean side = piece.seat().on() == OwnPiece.On.SIDE;
        OwnPiece there = piece.at(picks.inside(piece));
        Mend mend = new Mend(
                side
                        ? Phrase.of(
                                "Set it {} above the foot",
                                Quantity.length(there.seat().up()))
                        : Phrase.of(
                                "Set it {} from the middle",
                                Quantity.length(there.seat().out())),
                List.of(new Change(Change.Target.PIECE, piece.id() + "/seat", there.seat())));
        findings.add(OFF.found(
                Phrase.of(
                        side
                                ? "\"{}\" would be held {} above the top of its tier."
                                : "\"{}\" would stand {} beside its tier.",
                        Quantity.text(piece.name()),
                        Quantity.length(over)),
                picks.off(there) <= Rounding.EPS ? List.of(mend) : List.of()));
    }

    /** How it is lifted and driven. */
    static List<Finding> carrying(double grams, int tiers, Stand stand) {
        List<Finding> findings = new ArrayList<>();
        if (grams > HEAVY) {
            findings.add(LIFT.found(Phrase.of(
                    "The whole weighs {} kg: lift it by two, from under the board, or stack it where it is served.",
                    Quantity.plain(Rounding.halfUp(grams / 1000, 0.1)))));
        }
        if (tiers > 2 && !stand.centre()) {
            findings.add(TRAVEL.found(
                    Phrase.of("{} tiers slide on one another when they are driven.", Quantity.count(tiers)),
                    new Mend(
                            Phrase.of("A long dowel through all {}", Quantity.count(tiers)),
                            List.of(new Change(Change.Target.STAND, "centre", true)))));
        }
        return findings;
    }
}
