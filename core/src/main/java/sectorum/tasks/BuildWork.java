package sectorum.tasks;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.build.Body;
import sectorum.build.Build;
import sectorum.build.Holes;
import sectorum.build.Touching;
import sectorum.drawing.Drawing;
import sectorum.drawing.Point;
import sectorum.outline.Outline;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Stand;
import sectorum.plan.Tier;
import sectorum.surface.Side;
import sectorum.template.SeatCircle;
import sectorum.tier.StackWorkup;

/** Brings a plan and its workup to the stack: what each tier weighs and where it stands. */
public final class BuildWork {
    private BuildWork() {}

    /**
     * What each tier weighs (cake by its volume and density, coats, dressings, pieces made ahead; g) and how it stands; plan and workup are of one another (craft 5.1).
     */
    public static Build of(Plan plan, StackWorkup worked) {
        List<Body> bodies = new ArrayList<>();
        Stand stand = plan.stands();
        for (int i = 0; i < plan.tiers().size(); i++) {
            Tier tier = plan.tiers().get(i);
            Side side = tier.side();
            Outline board = tier.kind().build(tier.sizes(), 0);
            double bare = Math.max(1, side.height().mm() - tier.coatThickness());
            double hole = tier.kind().hole(tier.sizes(), 0).map(Outline::area).orElse(0.0);
            double cake = (TableWork.bare(tier).area() - hole)
                    * bare
                    / 1000
                    * stand.cake(tier).density()
                    * worked.rates().weight(stand.cake(tier).material());
            double coats = TableWork.coats(plan, tier).stream()
                    .mapToDouble(c -> c.stays() * worked.rates().weight(c.material()))
                    .reduce(0, Double::sum);
            double dressed = worked.tiers().get(i).dressings().stream()
                    .mapToDouble(w -> w.making().grams())
                    .reduce(0, Double::sum);
            double tallest = side.heights().stream()
                    .mapToDouble(h -> h)
                    .max()
                    .orElse(side.height().mm());
            bodies.add(new Body(
                    tier.id(),
                    board,
                    side.outline(),
                    side.outline().withPerimeter(side.top().mm()),
                    Math.max(tallest, side.height().mm()),
                    cake + coats + dressed + ahead(plan, worked, tier),
                    i == 0 ? new Stand.Shift(0, 0) : stand.shift(tier.id())));
        }
        Map<OwnPiece, MadeAhead> made = new HashMap<>();
        Function<OwnPiece, MadeAhead> make = piece -> made.computeIfAbsent(piece, p -> AheadCatalogue.make(plan, p));
        return Build.of(bodies, stand, worked.pieces(plan), p -> make.apply(p).planted())
                .with(Holes.of(plan))
                .with(plan.pieces().stream()
                        .flatMap(p -> make.apply(p).findings().stream())
                        .toList())
                .with(Touching.of(plan, p -> make.apply(p).planted()));
    }

    /** Grams of the pieces made ahead that it carries. */
    private static double ahead(Plan plan, StackWorkup worked, Tier tier) {
        return worked.pieces(plan).stream()
                .filter(p -> plan.under(p).id().equals(tier.id()))
                .mapToDouble(p ->
                        p.count() * AheadCatalogue.make(plan, p, worked.rates()).grams())
                .reduce(0, Double::sum);
    }

    /** The seat of the board above on each tier that carries one, by tier. */
    public static Map<String, Drawing> seats(Plan plan, StackWorkup worked) {
        Map<String, Drawing> seats = new LinkedHashMap<>();
        List<Build.Standing> tiers = of(plan, worked).tiers();
        for (int i = 0; i + 1 < tiers.size(); i++) {
            Tier upper = plan.tiers().get(i + 1);
            Stand.Shift shift = tiers.get(i + 1).shift();
            List<Point> dowels = tiers.get(i).dowels().stream()
                    .map(d -> new Point(d.x() - shift.x(), d.y() - shift.y()))
                    .toList();
            Outline board = upper.kind().build(upper.sizes(), 0);
            double across = plan.stands().dowel().across();
            seats.put(
                    tiers.get(i).id(),
                    SeatCircle.of(board, dowels, across, tiers.get(i).length()));
        }
        return seats;
    }
}
