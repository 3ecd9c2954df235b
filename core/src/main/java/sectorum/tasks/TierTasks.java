package sectorum.tasks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.bench.Basis;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.days.Dependency;
import sectorum.days.Rest;
import sectorum.days.Task;
import sectorum.days.TaskName;
import sectorum.make.Batch;
import sectorum.make.Filled;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.plan.Coat;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.recipe.ScaledRecipe;
import sectorum.surface.Side;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Making;
import sectorum.tier.Marking;
import sectorum.tier.TierWorkup;
import sectorum.tier.ToMake;

/** The tasks of one tier: filled, coated, covered, set on the one below, measured and dressed (craft 1). */
public final class TierTasks {
    /** Coats rest so long before a covering, and ganache before anything, minutes. */
    private static final int OVERNIGHT = 8 * 60;
    /** Buttercream is chilled before it is touched, minutes. */
    private static final int CHILL_LOW = 15;

    private static final int CHILL = 20;
    /** A covering is firm enough to be marked, stuck on and handled, and still good to mark, minutes after (craft 4.2). */
    private static final int FIRM = 8 * 60;

    private static final int MARKED_BY = 24 * 60;
    /** Foot, height and front, minutes. */
    private static final double TAPING = 10;
    /** Cake is cut and filled cold, minutes. */
    private static final int COOLS = 2 * 60;
    /** More is lifted by two, g. */
    public static final double BY_TWO = 8000;

    private final PlanTasks all;
    private final Tier tier;
    private final int index;
    private final List<TierWorkup.Worn> worn;
    private boolean covered;

    @Absent
    private TaskName base;

    TierTasks(PlanTasks all, int index) {
        this.all = all;
        this.index = index;
        this.tier = all.plan().tiers().get(index);
        this.worn = all.worked().tiers().get(index).dressings().stream()
                .sorted(Comparator.comparing(TierTasks::when).thenComparing(this::covers))
                .toList();
    }

    private boolean covers(TierWorkup.Worn w) {
        Dressing d = tier.dressing(w.id());
        return d.covers();
    }

    /** When a dressing goes on its tier. */
    private enum When {
        /** Pressed into the covering while that is soft. */
        SOFT,
        /** Onto the tier while it stands alone. */
        ALONE,
        /** On a ledge or the board: when what bounds it stands. */
        STANDING,
        /** As its workshop stacks and decorates. */
        USUAL
    }

    private static When when(TierWorkup.Worn w) {
        if (w.making().steps().stream().anyMatch(Making.Step::soft)) {
            return When.SOFT;
        }
        if (w.surface() == SurfaceKind.LEDGE || w.surface() == SurfaceKind.BOARD) {
            return When.STANDING;
        }
        return w.making().unstacked() ? When.ALONE : When.USUAL;
    }

    private void put(Task task) {
        all.put(task.about(tier.id(), task.about()));
    }

    void add() {
        if (!tier.dummy()) {
            bake();
            base = TaskName.fill(tier.id());
            put(all.add(
                            Task.Kind.FILL,
                            base,
                            "Fill and level " + tier.name(),
                            Rate.LAYER.minutes(tier.built().count()),
                            false,
                            null,
                            Dependency.after(TaskName.bake(tier.id())),
                            Dependency.after(Kneading.FILLING.key))
                    .ahead(PlanTasks.fresh(tier)));
        }
        coats();
        if (tier.divisions().stream().anyMatch(d -> d.marked().soft())) {
            // What is pressed into the covering is marked while that is soft, whatever is hung on the marks later.
            measure(true, new ArrayList<>());
        }
        dress(When.SOFT);
        dress(When.ALONE);
        if (all.plan().settled().dressFirst()) {
            dress(When.USUAL);
        }
        stack();
    }

    /** What waits until everything stands. */
    void finish() {
        dress(When.STANDING);
        if (!all.plan().settled().dressFirst()) {
            dress(When.USUAL);
        }
    }

    /** Only where somebody has said by which recipe: cake is often bought, or baked by others. */
    private void bake() {
        Batch batch = all.batch(tier, Filled.Use.CAKE);
        if (batch != null) {
            Double rests = batch.recipe() == null
                    ? null
                    : all.recipe(batch.recipe()).map(ScaledRecipe::rests).orElse(null);
            put(all.add(
                            Task.Kind.BAKE,
                            TaskName.bake(tier.id()),
                            "Bake the layers of " + tier.name(),
                            Rate.BAKED_LAYER.minutes(tier.built().count()),
                            false,
                            Rest.of(Storage.ROOM, Math.max(COOLS, (int) Math.ceil(60 * (rests == null ? 0 : rests)))))
                    .ahead(PlanTasks.fresh(tier)));
        }
    }

    private void coats() {
        Side side = tier.side();
        double area = (tier.kind().build(tier.sizes(), tier.coatThickness()).area()
                        + side.foot().mm() * side.height().mm())
                / 10_000;
        for (int i = 0; i < tier.coats().size(); i++) {
            Coat coat = tier.coats().get(i);
            boolean outermost = tier.coats().size() > 1 && i == tier.coats().size() - 1;
            Material material = coat.made(outermost);
            TaskName before = base;
            if (!(coat.thickness() > 0)) {
                continue;
            }
            base = TaskName.coat(tier.id(), i + 1);
            if (coat.lies(outermost) == Coat.Laid.SPREAD) {
                boolean last = i + 1 < tier.coats().size()
                        && tier.coats().get(i + 1).lies(i + 2 == tier.coats().size()) != Coat.Laid.SPREAD;
                Coat.Edge edge = coat.edged(outermost);
                boolean edged = edge != Coat.Edge.SCRAPED;
                put(all.add(
                        Task.Kind.COAT,
                        base,
                        "Coat " + tier.name() + ": " + coat.name(),
                        Rate.COATED_DM2.minutes(area),
                        false,
                        // An edge is drawn in, cut or freed of its board when the coat holds.
                        edged
                                ? new Rest(Storage.FRIDGE, 1, CHILL_LOW, CHILL, Basis.CRAFT, false)
                                : rest(material, last),
                        after(before),
                        Dependency.after(Kneading.ICING.key),
                        Dependency.after(Kneading.DARK.key)));
                if (edged) {
                    TaskName coated = base;
                    base = TaskName.edge(tier.id(), i + 1);
                    put(all.add(
                            Task.Kind.EDGE,
                            base,
                            "Make the edge of " + tier.name() + " sharp: " + coat.name(),
                            edge.leavesLip()
                                    ? Rate.LIP_METRE.minutes(side.foot().mm() / 1000)
                                    : Rate.TOP_BOARD.minutes(1),
                            false,
                            rest(material, last),
                            after(coated)));
                }
            } else {
                put(all.add(
                        Task.Kind.COVER,
                        base,
                        "Cover " + tier.name() + ": " + coat.name(),
                        Rate.COVERED_DM2.minutes(area),
                        false,
                        null,
                        after(before),
                        Dependency.after(Kneading.COVERING.key)));
                covered = true;
            }
        }
    }

    private static Rest rest(Material material, boolean last) {
        if (material.coatRests() > 0) {
            return Rest.of(Storage.ROOM, (int) (60 * material.coatRests()));
        }
        return last
                ? Rest.of(Storage.FRIDGE, OVERNIGHT).taking(1)
                : new Rest(Storage.FRIDGE, 1, CHILL_LOW, CHILL, Basis.CRAFT, false);
    }

    @Absent
    private static Dependency after(@Absent TaskName id) {
        return id == null ? null : Dependency.after(id);
    }

    /** What is done on a firm covering, or on a chilled coat. */
    @Absent
    private Dependency firm(@Absent Integer most) {
        return base == null ? null : covered ? new Dependency(base.text(), FIRM, most, true) : Dependency.after(base);
    }

    private void measure(boolean soft, List<Dependency> needs) {
        TaskName id = TaskName.measure(tier.id());
        if (!all.has(id)) {
            double marking = tier.divisions().stream()
                    .mapToDouble(d -> Marking.minutes(d.marked(), d.count()))
                    .max()
                    .orElse(0);
            double minutes = TAPING + marking;
            needs.add(soft ? soft(minutes) : firm(MARKED_BY));
            put(all.add(
                    Task.Kind.MEASURE,
                    id,
                    "Measure and mark " + tier.name(),
                    minutes,
                    false,
                    null,
                    needs.toArray(Dependency[]::new)));
        }
    }

    /**
     * Begun so early that it ends within the hour after covering. A coat of icing is left to chill first: what is taped or
     * combed before that is dented.
     */
    @Absent
    private Dependency soft(double minutes) {
        if (base == null) {
            return null;
        }
        int most = Math.max(0, Dependency.SOFT - PlanTasks.rounded(minutes));
        Rest chills = all.rest(base);
        return covered || chills == null
                ? new Dependency(base.text(), 0, most, false)
                : new Dependency(base.text(), 0, chills.least() + most, true);
    }

    /** Soft work within the hour after covering; firm work when the covering holds, and after stacking by that school. */
    private void dress(When when) {
        List<TierWorkup.Worn> these = worn.stream().filter(w -> when(w) == when).toList();
        if (these.isEmpty()) {
            return;
        }
        List<Dependency> standing = new ArrayList<>();
        boolean soft = when == When.SOFT;
        if (when == When.STANDING
                || (when == When.USUAL && !all.plan().settled().dressFirst())) {
            standing.add(Dependency.after(TaskName.stack(tier.id())));
            above().forEach(t -> standing.add(Dependency.after(TaskName.stack(t))));
        }
        measure(soft, new ArrayList<>(standing));
        for (TierWorkup.Worn w : these) {
            dress(w, soft, standing);
        }
    }

    private List<String> above() {
        List<Tier> tiers = all.plan().tiers();
        return index + 1 < tiers.size() ? List.of(tiers.get(index + 1).id()) : List.of();
    }

    @Absent
    private TaskName dressed;

    private void dress(TierWorkup.Worn w, boolean soft, List<Dependency> standing) {
        List<List<Making.Step>> parts = DressingParts.of(w.making().steps());
        if (parts.isEmpty()) {
            // A finish that is done in the steps of what it goes over.
            return;
        }
        TaskName whole = TaskName.dress(tier.id(), w.id());
        TaskName before = null;
        Making.Pause pause = null;
        for (int k = 0; k < parts.size(); k++) {
            List<Making.Step> steps = parts.get(k);
            double minutes = steps.stream().mapToDouble(Making.Step::minutes).reduce(0, Double::sum);
            List<Dependency> needs = new ArrayList<>();
            if (k > 0) {
                needs.add(new Dependency(before.text(), 0, (int) Math.ceil(pause.most()), true));
            } else {
                needs.addAll(standing);
                needs.add(Dependency.after(TaskName.measure(tier.id())));
                needs.add(after(dressed));
                needs.add(soft && base != null ? soft(minutes) : firm(null));
                materials(w, needs);
                ToMake.asked(all.plan(), tier, w)
                        .forEach(made -> needs.add(
                                Dependency.after(TaskName.piece(made.piece().id()))));
            }
            pause = steps.get(steps.size() - 1).pause();
            TaskName id = parts.size() == 1 ? whole : whole.numbered(k + 1);
            String name = w.name() + " on " + tier.name() + (parts.size() == 1 ? "" : ", part " + (k + 1));
            // What sets between its parts, and what wants a soft covering, is not laid down.
            boolean pauses = parts.size() == 1 && !soft;
            put(all.add(Task.Kind.DRESS, id, name, minutes, pauses, rest(pause), needs.toArray(Dependency[]::new))
                    .about(tier.id(), w.id())
                    .by(w.bases().time()));
            before = id;
        }
        dressed = before;
    }

    @Absent
    private static Rest rest(@Absent Making.Pause pause) {
        if (pause == null) {
            return null;
        }
        int least = (int) Math.ceil(pause.least());
        int places = pause.storage() == Storage.ROOM ? 0 : 1;
        return new Rest(pause.storage(), places, least, least, Basis.CRAFT, false);
    }

    private static void materials(TierWorkup.Worn w, List<Dependency> needs) {
        boolean kneaded = w.making().used().stream().anyMatch(u -> u.material().isKneaded());
        boolean icing = w.making().used().stream().anyMatch(u -> u.material().isIcing());
        if (kneaded) {
            needs.add(Dependency.after(Kneading.PIECES.key));
        }
        if (icing) {
            needs.add(Dependency.after(Kneading.ICING.key));
            needs.add(Dependency.after(Kneading.DARK.key));
        }
    }

    /** On its board, or on the tier below: dowels first, the lower one before the upper. */
    private void stack() {
        List<Dependency> needs = new ArrayList<>();
        needs.add(firm(null));
        needs.add(after(dressed));
        needs.add(Dependency.after(Kneading.ICING.key));
        String below = index == 0 ? null : all.plan().tiers().get(index - 1).id();
        if (below == null) {
            needs.add(Dependency.after(TaskName.BOARD));
        } else {
            needs.add(Dependency.after(TaskName.dowel(below)));
            needs.add(Dependency.after(TaskName.stack(below)));
        }
        String name = below == null ? "Set " + tier.name() + " on its board" : "Stack " + tier.name();
        boolean heavy = all.build().tiers().get(index).own() > BY_TWO;
        put(all.add(
                        Task.Kind.STACK,
                        TaskName.stack(tier.id()),
                        name,
                        Rate.STACKED.minutes(1),
                        false,
                        null,
                        needs.toArray(Dependency[]::new))
                .paired(heavy ? 2 : 1));
        int dowels = all.build().tiers().get(index).dowels().size();
        if (dowels > 0) {
            // The dowels stand in the tier when it stands itself, and before the next comes.
            put(all.add(
                    Task.Kind.DOWEL,
                    TaskName.dowel(tier.id()),
                    dowels + " dowels in " + tier.name(),
                    Rate.DOWEL.minutes(dowels),
                    true,
                    null,
                    Dependency.after(TaskName.stack(tier.id()))));
        }
    }
}
