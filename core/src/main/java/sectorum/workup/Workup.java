package sectorum.workup;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.bench.Bench;
import sectorum.bench.Stock;
import sectorum.build.Build;
import sectorum.days.Order;
import sectorum.days.Task;
import sectorum.days.Workshop;
import sectorum.divide.Division;
import sectorum.divide.Rescue;
import sectorum.drawing.Drawing;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.plan.Dressing;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.technique.Catalogue;
import sectorum.template.Sheet;

/**
 * Everything that follows from a plan.
 *
 * @param tiers foot to top
 * @param ledges what is seen of each tier's top beside the tier on it, at the left and right, mm: half the difference of
 *     the lower one's top edge and the upper one's foot; negative where the upper one hangs over
 */
public record Workup(List<TierWorkup> tiers, List<Double> ledges) {
    public Workup {
        tiers = List.copyOf(tiers);
        ledges = List.copyOf(ledges);
    }

    /** Tiers worked up one by one, put on one another. */
    public static Workup stacked(List<TierWorkup> tiers) {
        List<Double> ledges = new ArrayList<>();
        for (int i = 0; i + 1 < tiers.size(); i++) {
            TierWorkup.Form below = tiers.get(i).form();
            double edge = below.width() * below.top().mm() / below.foot().mm();
            ledges.add((edge - tiers.get(i + 1).form().width()) / 2);
        }
        return new Workup(tiers, ledges);
    }

    /** Pure: the same plan and bench give the same workup. */
    public static Workup of(Plan plan, Bench bench) {
        return stacked(plan.tiers().stream().map(tier -> tier(tier, bench)).toList());
    }

    /** One tier alone; nothing of it depends on another tier, so whoever keeps results can keep them by tier. */
    public static TierWorkup tier(Tier tier, Bench bench) {
        return TierWork.of(tier, bench);
    }

    /**
     * The ways out when some sections of a division are placed and the last of them ends elsewhere than planned.
     *
     * @param placed sections done, from the first mark on
     * @param reads where the last of them ends, mm from the back seam
     */
    public static Rescue rescue(Tier tier, String division, int placed, double reads, Tape tape) {
        Division planned = DivisionWork.closing(
                WaysToMark.spec(tier, division), tier, tier.side().outline());
        double p = planned.around();
        double first = planned.mark(0).s();
        double covered = reads > first ? reads - first : reads - first + p;
        return Rescue.of(p, first, planned.count(), placed, covered, p / planned.count(), tape);
    }

    /** What every technique would be on this tier and this division: the tray. */
    public static List<TierWorkup.Worn> tray(Tier tier, String division, Bench bench) {
        return Catalogue.all().stream()
                .map(t -> TierWork.worn(tier, Dressing.fresh(t.id(), t.id(), division), bench))
                .toList();
    }

    /** What the plan puts on the table, with what the workshop has. */
    public static Worktop worktop(Plan plan, Workup worked, Stock stock) {
        return TableWork.of(plan, worked, stock);
    }

    /** How the stack carries itself. */
    public static Build build(Plan plan, Workup worked) {
        return BuildWork.of(plan, worked);
    }

    /** A plan with a day as an order of the workshop; refused where it has none. */
    public static Order order(String id, Plan plan, Workup worked, Worktop top, Workshop workshop) {
        if (plan.readyBy() == null) {
            throw new Refused(
                    "readyBy",
                    Phrase.of("\"{}\" has no day yet. Say when it must be ready.", Quantity.text(plan.name())));
        }
        return PlanTasks.order(id, plan, worked, top, workshop);
    }

    /**
     * When everything of a plan is done.
     *
     * @param mine the plan's order
     * @param others that share the workshop
     * @param now minutes since the epoch
     */
    public static Days days(Plan plan, Order mine, List<Order> others, Workshop workshop, long now) {
        return DaysWork.of(plan, mine, others, workshop, now);
    }

    /** What would save a plan time, each way planned again; the greatest saving first. */
    public static List<Days.Saving> savings(
            Order mine, Plan plan, Bench bench, Stock stock, Workshop workshop, List<Order> others) {
        return Savings.of(mine.id(), plan, bench, stock, workshop, others);
    }

    /**
     * Every step of the whole work, in the order in which it is done.
     *
     * @param days the plan's days; absent: in the order of the work
     */
    public static List<Instruction> instructions(
            Plan plan, Workup worked, Worktop top, Tape tape, Order order, @Absent Days days) {
        List<Task> tasks = new ArrayList<>(Instructions.inOrder(order));
        if (days != null) {
            List<String> ids = days.items().stream()
                    .filter(Days.Item::own)
                    .map(Days.Item::id)
                    .toList();
            tasks.sort(java.util.Comparator.comparingInt(t -> ids.indexOf(t.id())));
        }
        return Instructions.of(plan, worked, top, tape, tasks);
    }

    /** What goes with the cake. */
    public static Handover handover(Plan plan, Workup worked, List<Instruction> steps, @Absent Days days) {
        return HandoverWork.of(plan, worked, steps, days == null ? null : days.uncooled());
    }

    /** The same on paper. */
    public static List<Sheet> pages(Plan plan, Workup worked, Handover handover, LengthUnit unit, String printed) {
        return HandoverPages.of(handover, new FrontView(plan, worked, build(plan, worked)), unit, printed);
    }

    /** Each piece of one's own, worked out. */
    public static List<PieceWorkup> pieces(Plan plan) {
        return plan.pieces().stream()
                .map(p -> PieceWorkup.of(p, plan.made().humid()))
                .toList();
    }

    /** The templates that show where the next tier sits, by the tier it sits on. */
    public static Map<String, Drawing> seats(Plan plan, Workup worked) {
        return BuildWork.seats(plan, worked);
    }

    /** The templates of one tier, in the order in which they are used. */
    public static List<Drawing> drawings(Tier tier, TierWorkup worked, Bench bench) {
        List<Drawing> drawings = new ArrayList<>(TierWork.drawings(tier, bench));
        Set<String> taken = new HashSet<>();
        drawings.forEach(d -> taken.add(d.name()));
        for (TierWorkup.Worn worn : worked.dressings()) {
            for (Drawing drawing : worn.drawings().all()) {
                // Two courses may both need a scallop: the second is told by its course.
                String own = drawing.name() + "-" + worn.id();
                drawings.add(taken.add(drawing.name()) ? drawing : drawing.named(own));
            }
        }
        return drawings;
    }
}
