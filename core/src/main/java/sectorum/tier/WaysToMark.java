package sectorum.tier;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.bench.Cutter;
import sectorum.divide.Division;
import sectorum.divide.Fold;
import sectorum.divide.Gauge;
import sectorum.divide.Press;
import sectorum.divide.Rehearsal;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Tier;
import sectorum.surface.Side;

/**
 * Every way to mark one division, each with its own numbers, and how each would come out (craft 2.4).
 *
 * @param tapeWorst how far a section read off the tape is from its true length, at most, mm
 * @param soft a card lying on the side; absent where sections differ
 * @param stiff a card that stays straight; absent where it cannot be stepped
 * @param folds grids that a paper band folds to, nearest first
 * @param cannotFold why paper cannot be folded to this count
 * @param press a cutter pressed round
 * @param rehearsal every way played; absent where sections differ or there is only one
 * @param advice which way to use, in a sentence
 */
public record WaysToMark(
        double tapeWorst,
        @Absent Gauge soft,
        @Absent Gauge stiff,
        List<Fold> folds,
        @Absent Phrase cannotFold,
        @Absent Pressed press,
        @Absent Rehearsal rehearsal,
        Phrase advice) {
    private static final int RUNS = 2000;
    private static final int FOLDS_SHOWN = 5;
    private static final int DEPTHS_SHOWN = 5;

    /**
     * A cutter pressed round the side.
     *
     * @param chord width of a scallop
     * @param count whole scallops
     * @param gap what is left at the back
     * @param spread the space between scallops when the gap is shared
     * @param closing depths of this cutter that close
     * @param others other cutters owned that close at a depth near this one
     */
    public record Pressed(
            Press press,
            double chord,
            int count,
            double gap,
            double spread,
            List<Press.Closing> closing,
            List<Other> others) {}

    /** Another cutter, and how it closes. */
    public record Other(Cutter cutter, Press.Closing closing) {}

    /**
     * @param shape wanted width to height of a folded cell
     */
    public static WaysToMark of(
            Tier tier, String divisionId, @Absent Press press, double shape, Bench bench, long seed) {
        Side side = tier.side();
        DivisionSpec spec = spec(tier, divisionId);
        Division division = DivisionWork.closing(spec, tier, side.outline());
        double p = division.around();
        int n = division.count();
        boolean even = division.isEven() && n > 1;
        boolean round = even && DivisionWork.isRound(side.outline());
        Rehearsal rehearsal = even
                ? Rehearsal.of(
                        p,
                        n,
                        division.mark(0).s(),
                        round,
                        press,
                        bench.tape(),
                        bench.handMm(),
                        new Rehearsal.Tries(RUNS, seed))
                : null;
        List<Fold> folds = Fold.grids(p, side.height().mm(), shape, p / n);
        return new WaysToMark(
                tapeWorst(division, bench),
                even ? Gauge.soft(p, n, bench.tape()) : null,
                round ? Gauge.stiff(p, n, bench.tape()) : null,
                folds.subList(0, Math.min(FOLDS_SHOWN, folds.size())),
                Fold.cannot(n),
                press == null ? null : pressed(press, p, bench.cutters()),
                rehearsal,
                advice(rehearsal));
    }

    /** The division of that name; refused with what there is to choose. */
    public static DivisionSpec spec(Tier tier, String id) {
        return tier.divisions().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "division",
                        Phrase.of(
                                "This tier has no division \"{}\". It has: {}.",
                                Quantity.text("" + id),
                                Quantity.text(String.join(
                                        ", ",
                                        tier.divisions().stream()
                                                .map(DivisionSpec::id)
                                                .toList())))));
    }

    private static double tapeWorst(Division division, Bench bench) {
        double worst = 0;
        double p = division.around();
        for (int k = 0; k < division.count(); k++) {
            double here = bench.tape().read(division.mark(k).s());
            double next = bench.tape().read(division.mark(k + 1).s());
            // The last section runs over the seam, where the tape ends at P itself.
            double read = next > here ? next - here : p - here + next;
            worst = Math.max(worst, Math.abs(read - division.section(k)));
        }
        return worst;
    }

    private static Pressed pressed(Press press, double p, List<Cutter> owned) {
        int count = press.count(p);
        List<Press.Closing> closing = press.closing(p);
        List<Other> others = new ArrayList<>();
        for (Cutter cutter : owned) {
            if (Math.abs(cutter.across() - press.cutter()) > 0.01) {
                new Press(cutter.across(), Math.min(press.depth(), cutter.across() / 2), press.space())
                        .closing(p).stream().findFirst().ifPresent(c -> others.add(new Other(cutter, c)));
            }
        }
        others.sort(Comparator.comparingDouble(o -> Math.abs(o.closing().depth() - press.depth())));
        return new Pressed(
                press,
                press.chord(),
                count,
                press.gap(p),
                count == 0 ? 0 : p / count - press.chord(),
                closing.subList(0, Math.min(DEPTHS_SHOWN, closing.size())),
                others.subList(0, Math.min(3, others.size())));
    }

    private static Phrase advice(@Absent Rehearsal rehearsal) {
        if (rehearsal == null) {
            return Phrase.of("Sections differ in size: read them off the tape or wrap the printed strip.");
        }
        Rehearsal.Played best = rehearsal.best();
        String use = switch (best.way()) {
            case TAPE -> "Read the tape";
            case STRIP, WHEEL -> "Wrap the printed strip";
            case FOLD -> "Fold a paper band";
            case SOFT -> "Step a soft card round";
            case STIFF -> "Step a stiff card round";
            case PRESS -> "Press the cutter round";
        };
        return Phrase.of(
                use + ": the last section comes out {} give or take {}, and the join stays unseen in {} of 100 tries.",
                Quantity.length(best.mean()),
                Quantity.length(best.spread()),
                Quantity.count(Elementary.round(100 * (1 - best.shows()))));
    }
}
