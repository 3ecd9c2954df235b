package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.Tier;
import sectorum.surface.Side;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;

/**
 * Whatever repeats every r meets itself on a round when the last coat is Δt = (n·r − P)/2π thicker, or thinner (craft 3B); the
 * nearest two n.
 */
final class CloseByCoat {
    static final Rule CLOSES = new Rule(
            "coat.closes",
            Level.NOTE,
            "What repeats does not meet itself at the back; a coat still to come could be so much thicker or thinner.");

    /** Off by less than this share of a repeat, nobody sees the join. */
    private static final double UNSEEN = 0.03;
    /** A coat is not spread thinner, mm. */
    private static final double THINNEST = 1;

    private CloseByCoat() {}

    static List<Finding> of(Tier tier, Side side, Surface surface, @Absent Double repeat) {
        boolean measured = side.foot().isRead();
        if (repeat == null
                || surface.kind() != SurfaceKind.SIDE
                || tier.kind() != OutlineKind.ROUND
                || tier.coats().isEmpty()
                || measured) {
            // What was taped has its coats on: there is none still to come.
            return List.of();
        }
        double around = side.foot().mm();
        double off = Math.abs(around / repeat - Elementary.rint(around / repeat));
        if (off < UNSEEN) {
            return List.of();
        }
        List<Mend> mends = new ArrayList<>();
        int fewer = (int) Math.max(1, Rounding.floor(around / repeat));
        for (int n : List.of(fewer + 1, fewer)) {
            double more = more(n, repeat, around);
            mend(tier, side, n, more, mends);
        }
        return mends.isEmpty()
                ? List.of()
                : List.of(CLOSES.found(
                        Phrase.of("Repeats of {} do not meet on {}.", Quantity.length(repeat), Quantity.length(around)),
                        mends));
    }

    /** (n·r − P)/2π, mm. */
    static double more(int n, double repeat, double around) {
        return (n * repeat - around) / (2 * Math.PI);
    }

    private static void mend(Tier tier, Side side, int n, double more, List<Mend> mends) {
        int last = tier.coats().size() - 1;
        Coat coat = tier.coats().get(last);
        double thick = coat.thickness() + more;
        if (thick < THINNEST || thick > Coat.THICKNESS.max()) {
            return;
        }
        Material of = coat.made(last > 0);
        double grams = of.sheet(
                (side.foot().mm() + side.top().mm()) / 2 * side.height().mm(), Math.abs(more));
        List<Coat> coats = new ArrayList<>(tier.coats());
        coats.set(last, coat.thick(thick));
        mends.add(new Mend(
                Phrase.of(
                        more > 0 ? "{} repeats: coat {} thicker, {} more" : "{} repeats: coat {} thinner, {} less",
                        Quantity.count(n),
                        Quantity.length(Math.abs(more)),
                        Quantity.mass(grams)),
                List.of(new Change(Change.Target.TIER, "coats", List.copyOf(coats)))));
    }
}
