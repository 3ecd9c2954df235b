package sectorum.workup;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.ahead.AheadCatalogue;
import sectorum.art.Motif;
import sectorum.bench.Bench;
import sectorum.bench.OwnRates;
import sectorum.bench.Stock;
import sectorum.build.Build;
import sectorum.days.OrderTasks;
import sectorum.days.Task;
import sectorum.days.Workshop;
import sectorum.divide.Division;
import sectorum.divide.Rescue;
import sectorum.drawing.Drawing;
import sectorum.handover.ClientPages;
import sectorum.handover.ClientSheet;
import sectorum.handover.FrontView;
import sectorum.handover.Handover;
import sectorum.handover.HandoverPages;
import sectorum.handover.HandoverWork;
import sectorum.handover.Slice;
import sectorum.handover.WholeOrder;
import sectorum.make.Price;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.notebook.Harvest;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.tasks.BuildWork;
import sectorum.tasks.Days;
import sectorum.tasks.DaysWork;
import sectorum.tasks.Instruction;
import sectorum.tasks.Instructions;
import sectorum.tasks.LayOut;
import sectorum.tasks.LayOutWork;
import sectorum.tasks.PlanTasks;
import sectorum.tasks.Savings;
import sectorum.tasks.TableWork;
import sectorum.technique.Catalogue;
import sectorum.template.Pack;
import sectorum.template.Paper;
import sectorum.template.Sheet;
import sectorum.tier.AheadTray;
import sectorum.tier.DivisionWork;
import sectorum.tier.PieceWorkup;
import sectorum.tier.PlacedTier;
import sectorum.tier.Reckoning;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;
import sectorum.tier.WaysToMark;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.BenchSteps;
import sectorum.turntable.CoverUp;
import sectorum.turntable.CoverUps;
import sectorum.turntable.Fault;

/** Everything that follows from a plan: the front over all that computes it. Every function is pure. */
public final class Workup {
    private Workup() {}

    /** Pure: the same plan and bench give the same workup. */
    public static StackWorkup of(Plan plan, Bench bench) {
        return StackWorkup.of(plan, bench);
    }

    /** One tier in its place; nothing else of the plan matters to it, so whoever keeps results can keep them by tier. */
    public static TierWorkup tier(PlacedTier tier, Bench bench) {
        return TierWork.of(tier, bench);
    }

    /** One tier alone, on the usual board with nothing on it. */
    public static TierWorkup tier(Tier tier, Bench bench) {
        return tier(PlacedTier.alone(tier), bench);
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

    /** What every technique meant for this surface would be on this tier and this division: the tray. */
    public static List<TierWorkup.Worn> tray(PlacedTier tier, SurfaceKind surface, String division, Bench bench) {
        // Where nobody has brought art in, a star shows what could be.
        PlacedTier drawn = tier.art().isEmpty() ? tier.drawn(List.of(Motif.sample())) : tier;
        return Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(surface))
                .map(t -> TierWork.worn(drawn, Dressing.fresh(t.id(), t.id(), surface, division), bench))
                .toList();
    }

    /** What the plan puts on the table, with what the workshop has. */
    public static Worktop worktop(Plan plan, StackWorkup worked, Stock stock) {
        return TableWork.of(plan.cut(), worked, stock);
    }

    /** How what a tier carries came about. */
    public static Reckoning.Reckoned carried(Plan plan, StackWorkup worked, String tier) {
        return Reckoning.carried(
                plan.cut(), build(plan, worked), plan.tier(tier).id());
    }

    /** How the weight and the hands of a piece made ahead came about. */
    public static List<Reckoning.Reckoned> reckoned(Plan plan, OwnPiece piece, OwnRates rates) {
        return Reckoning.piece(piece, AheadCatalogue.make(plan, piece, rates));
    }

    /** How the stack carries itself. */
    public static Build build(Plan plan, StackWorkup worked) {
        return BuildWork.of(plan.cut(), worked);
    }

    /** A plan with a day as an order of the workshop; refused where it has none. */
    public static OrderTasks order(String id, Plan plan, StackWorkup worked, Worktop top, Workshop workshop) {
        if (plan.readyBy() == null) {
            throw new Refused(
                    "readyBy",
                    Phrase.of("\"{}\" has no day yet. Say when it must be ready.", Quantity.text(plan.name())));
        }
        return PlanTasks.order(id, plan.cut(), worked, top, workshop);
    }

    /**
     * When everything of a plan is done.
     *
     * @param mine the plan's order
     * @param others that share the workshop
     * @param now minutes since the epoch
     */
    public static Days days(Plan plan, OrderTasks mine, List<OrderTasks> others, Workshop workshop, long now) {
        return DaysWork.of(plan.cut(), mine, others, workshop, now);
    }

    /** What would save a plan time, each way planned again; the greatest saving first. */
    public static List<Days.Saving> savings(
            OrderTasks mine, Plan plan, Bench bench, Stock stock, Workshop workshop, List<OrderTasks> others) {
        return Savings.of(mine.id(), plan.cut(), bench, stock, workshop, others);
    }

    /**
     * Every step of the whole work, in the order in which it is done.
     *
     * @param days the plan's days; absent: in the order of the work
     */
    public static List<Instruction> instructions(
            Plan plan, StackWorkup worked, Worktop top, Tape tape, OrderTasks order, @Absent Days days) {
        return Instructions.of(plan.cut(), worked, top, tape, inOrder(order, days));
    }

    private static List<Task> inOrder(OrderTasks order, @Absent Days days) {
        List<Task> tasks = new ArrayList<>(Instructions.inOrder(order));
        if (days != null) {
            List<String> ids = days.items().stream()
                    .filter(Days.Item::own)
                    .map(Days.Item::id)
                    .toList();
            tasks.sort(java.util.Comparator.comparingInt(t -> ids.indexOf(t.id())));
        }
        return tasks;
    }

    /** Every step as the turntable shows it, in the order in which it is done. */
    public static List<BenchStep> turntable(
            Plan plan, StackWorkup worked, Worktop top, Bench bench, OrderTasks order, @Absent Days days) {
        return BenchSteps.of(plan.cut(), worked, top, order, inOrder(order, days), bench);
    }

    /**
     * What a job's journal says of how it went, one record for each task; see {@link Harvest}.
     *
     * @param worked by the plain tables, and so are the steps
     */
    public static Harvest.Harvested harvest(
            Plan plan, StackWorkup worked, List<BenchStep> steps, BenchState state, ZoneId zone) {
        return Harvest.of(plan.cut(), worked, steps, state, zone);
    }

    /** What hides a fault; see {@link CoverUps}. */
    public static CoverUp.Offers coverUps(Plan plan, Fault fault, Bench bench, Stock stock, @Absent Boolean mirrored) {
        return CoverUps.of(plan.cut(), fault, bench, stock, mirrored);
    }

    /** What goes with the cake. */
    public static Handover handover(
            Plan plan, StackWorkup worked, Worktop top, Slice slice, List<Instruction> steps, @Absent Days days) {
        return HandoverWork.of(plan.cut(), worked, top, slice, steps, days == null ? null : days.uncooled());
    }

    /** The same on paper. */
    public static List<Sheet> pages(
            Plan plan, StackWorkup worked, Handover handover, Paper paper, LengthUnit unit, String printed) {
        return HandoverPages.of(handover, new FrontView(plan.cut(), worked, build(plan, worked)), paper, unit, printed);
    }

    /** What is laid out before each day's work, and before each dressing's. */
    public static LayOut layOut(
            Plan plan, StackWorkup worked, Worktop top, Stock stock, List<Instruction> steps, @Absent Days days) {
        return LayOutWork.of(plan.cut(), worked, top, stock, steps, days);
    }

    /**
     * What it costs, by the hours of all its tasks.
     *
     * @param margin a share on top of the cost; absent: no price is asked
     */
    public static Price price(OrderTasks order, Worktop top, Stock stock, @Absent Double margin) {
        double minutes = order.tasks().stream()
                .mapToDouble(t -> (double) t.minutes() * t.pairs())
                .reduce(0, Double::sum);
        return Price.of(top, minutes, stock, margin);
    }

    /** All that is told of an order on paper. */
    public static WholeOrder whole(
            Plan plan,
            StackWorkup worked,
            Worktop top,
            @Absent Days days,
            List<Instruction> steps,
            LayOut layOut,
            Handover handover,
            Bench bench) {
        List<Pack.Entry> entries = new ArrayList<>();
        templates(plan, worked, bench)
                .forEach((tier, drawings) -> drawings.forEach(
                        d -> entries.add(new Pack.Entry(d, plan.tier(tier).name()))));
        return new WholeOrder(plan.cut(), worked, top, build(plan, worked), days, steps, layOut, handover, entries);
    }

    /** What a client is shown, without a price where none is to be. */
    public static ClientSheet client(
            Plan plan, StackWorkup worked, Handover handover, Slice slice, @Absent Price price, String coin) {
        return ClientSheet.of(plan.cut(), worked, handover, slice, price, coin);
    }

    /** The same on paper. */
    public static List<Sheet> clientPages(
            Plan plan, StackWorkup worked, ClientSheet sheet, Paper paper, LengthUnit unit, String printed) {
        FrontView view = new FrontView(plan.cut(), worked, build(plan, worked));
        return ClientPages.of(sheet, view.pieces(), paper, unit, printed);
    }

    /** Each piece of one's own, worked out. */
    public static List<PieceWorkup> pieces(Plan plan, Bench bench) {
        return PieceWorkup.all(plan, bench.rates());
    }

    /** Refuses settings of pieces made ahead that are out of their ranges: tiers do not look at them. */
    public static void check(Plan plan) {
        AheadCatalogue.check(plan);
    }

    /** Ready pieces to make ahead, each as it would be on a tier of this cake; empty: the topmost one. */
    public static List<AheadTray> tray(Plan plan, String tier, Bench bench) {
        return AheadTray.of(plan, tier, bench.rates());
    }

    /** The templates that show where the next tier sits, by the tier it sits on. */
    public static Map<String, Drawing> seats(Plan plan, StackWorkup worked) {
        return BuildWork.seats(plan.cut(), worked);
    }

    /** All templates by the name of their tier: of what it wears, of where the next one sits, of what is made ahead for it. */
    public static Map<String, List<Drawing>> templates(Plan plan, StackWorkup worked, Bench bench) {
        Map<String, Drawing> seats = seats(plan, worked);
        Map<String, List<Drawing>> all = new LinkedHashMap<>();
        Plan cut = plan.cut();
        List<Tier> tiers = cut.tiers();
        for (int i = 0; i < tiers.size(); i++) {
            List<Drawing> drawings =
                    new ArrayList<>(drawings(tiers.get(i), worked.tiers().get(i), bench));
            if (seats.containsKey(tiers.get(i).id())) {
                drawings.add(seats.get(tiers.get(i).id()));
            }
            all.put(tiers.get(i).id(), drawings);
        }
        for (OwnPiece piece : worked.pieces(cut)) {
            for (Drawing drawing : AheadCatalogue.make(cut, piece).drawings().all()) {
                all.get(cut.under(piece).id()).add(drawing.named(drawing.name() + "-" + piece.id()));
            }
        }
        return all;
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
