package sectorum.tasks;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.days.Task;
import sectorum.drawing.Drawing;
import sectorum.make.Batch;
import sectorum.make.Filled;
import sectorum.make.Job;
import sectorum.make.Shopping;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Numbers;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/**
 * Gathers what to lay out from the steps, the cut list and the cupboard. Nothing is invented: what the cupboard does not
 * tell of is laid out, and not called missing.
 */
public final class LayOutWork {
    private static final String BRUSH = "brush";
    private static final String HANDS = "hands";
    /** How an adhesive begins that is none. */
    private static final String NO_GLUE = "none";
    /** Less than this on the scale is no lack, g. */
    private static final double SCALE = 1;

    private final Plan plan;
    private final StackWorkup worked;
    private final Worktop top;
    private final Stock stock;
    private final Map<String, Map<String, LayOut.ToLay>> byTask = new LinkedHashMap<>();
    private final Set<String> laid = new HashSet<>();
    private final Map<String, Instruction> first = new LinkedHashMap<>();

    private LayOutWork(Plan plan, StackWorkup worked, Worktop top, Stock stock) {
        this.plan = plan;
        this.worked = worked;
        this.top = top;
        this.stock = stock.with(plan.made().wanted());
    }

    /**
     * @param steps of all tasks that are still to be done
     * @param days absent: the plan has no day
     */
    public static LayOut of(
            Plan plan, StackWorkup worked, Worktop top, Stock stock, List<Instruction> steps, @Absent Days days) {
        LayOutWork work = new LayOutWork(plan, worked, top, stock);
        steps.forEach(work::step);
        work.first.values().forEach(work::materials);
        return new LayOut(days == null ? List.of() : work.byDay(days), work.byJob());
    }

    private void step(Instruction i) {
        if (first.putIfAbsent(i.task(), i) == null) {
            byTask.put(i.task(), new LinkedHashMap<>());
        }
        for (String tool : i.tool().split(",")) {
            String name = tool.strip();
            if (!name.isEmpty() && !name.equals(HANDS)) {
                LayOut.Group group = name.contains(BRUSH) ? LayOut.Group.BRUSHES : LayOut.Group.TOOLS;
                add(i.task(), group, name, Phrase.of("{}", Quantity.text(name)), null, 0, null);
            }
        }
        if (!i.joint().isEmpty() && !i.joint().startsWith(NO_GLUE)) {
            add(i.task(), LayOut.Group.ADHESIVES, i.joint(), Phrase.of("{}", Quantity.text(i.joint())), null, 0, null);
        }
    }

    private void add(
            String task,
            LayOut.Group group,
            String name,
            Phrase what,
            @Absent Double grams,
            int count,
            @Absent Double have) {
        String id = group.name().toLowerCase(Locale.ROOT) + "-"
                + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9.]+", "-");
        byTask.get(task).merge(id, item(id, group, what, grams, count, have), LayOutWork::both);
    }

    private static LayOut.ToLay item(
            String id, LayOut.Group group, Phrase what, @Absent Double grams, int count, @Absent Double have) {
        boolean missing =
                have != null && have + (grams == null ? 0 : SCALE) < (grams == null ? Math.max(1, count) : grams);
        return new LayOut.ToLay(id, group, what, grams, count, have, missing);
    }

    /** The same thing for two uses: what is weighed or used up adds, a tool serves both. */
    private static LayOut.ToLay both(LayOut.ToLay a, LayOut.ToLay b) {
        boolean tool = a.group() == LayOut.Group.TOOLS || a.group() == LayOut.Group.BRUSHES;
        Double grams = a.grams() == null ? b.grams() : b.grams() == null ? a.grams() : (Double) (a.grams() + b.grams());
        int count = tool ? Math.max(a.count(), b.count()) : a.count() + b.count();
        return item(a.id(), a.group(), a.what(), grams, count, a.have());
    }

    private void materials(Instruction i) {
        switch (i.kind()) {
            case DRESS -> dressing(i);
            case PIECE -> piece(i);
            case KNEAD -> top.batches().stream().filter(b -> kneads(i, b)).forEach(b -> parts(i.task(), b));
            case BAKE, FILL, COAT, COVER, STACK -> inside(i);
            default -> {
                // Only tools.
            }
        }
    }

    private boolean kneads(Instruction i, Batch batch) {
        for (Kneading kneading : Kneading.values()) {
            if (i.task().startsWith(kneading.key.stem())) {
                return kneading.batches(plan, top).contains(batch);
            }
        }
        return false;
    }

    /** What a batch is made of: by its recipe, or of the pastes and colours it is mixed from. */
    private void parts(String task, Batch batch) {
        top.recipes().stream()
                .filter(r -> r.recipe().equals(batch.recipe()))
                .findFirst()
                .ifPresentOrElse(
                        r -> r.times(batch.parts().kneaded() / r.grams())
                                .amounts()
                                .forEach(a -> part(task, a.name(), a.grams())),
                        () -> batch.mixed()
                                .forEach(m -> part(
                                        task,
                                        m.powder() ? "CMC powder" : m.material().words(),
                                        m.grams())));
        if (!batch.tint().id().isEmpty()) {
            add(
                    task,
                    LayOut.Group.COLOURS,
                    batch.tint().name(),
                    Phrase.of("{}", Quantity.text(batch.tint().name())),
                    null,
                    0,
                    null);
        }
    }

    private void part(String task, String name, double grams) {
        boolean water = name.equalsIgnoreCase("water");
        add(
                task,
                LayOut.Group.PASTES,
                name,
                Phrase.of("{}", Quantity.text(name)),
                grams,
                0,
                water ? null : there(name));
    }

    /** What is in the cupboard of a part by its name on the shopping list; absent: it is on no list. */
    @Absent
    private Double there(String name) {
        List<Shopping.Buy> bought = top.shopping().stream()
                .filter(b -> b.name().equalsIgnoreCase(name))
                .toList();
        return bought.isEmpty()
                ? null
                : (Double) bought.stream().mapToDouble(Shopping.Buy::have).reduce(0, Double::sum);
    }

    /** A batch for one job, as it is laid ready: kneaded on another day it is there. */
    private void batch(String task, Batch batch, double grams) {
        String name = batch.material().words() + " " + batch.tint().name();
        Phrase what = batch.thickness() > 0 && batch.form() != Batch.Form.FILL
                ? Phrase.of(
                        "{}, {}, to {}",
                        Quantity.text(batch.material().words()),
                        Quantity.text(batch.tint().name()),
                        Quantity.length(batch.thickness()))
                : Phrase.of(
                        "{}, {}",
                        Quantity.text(batch.material().words()),
                        Quantity.text(batch.tint().name()));
        boolean made = plan.made().isMade(batch.id());
        // What is mixed here is laid ready when it is; what is missing of its parts is told where they are.
        boolean mixed = kneaded(batch) || top.recipes().stream().anyMatch(r -> r.makes() == batch.material());
        Double have = made ? (Double) grams : mixed ? null : (Double) taken(batch, grams);
        add(task, LayOut.Group.PASTES, name + " " + Numbers.plain(batch.thickness(), 2), what, grams, 0, have);
        if (batch.form() == Batch.Form.SHEET && batch.nested() != null) {
            int count = batch.nested().count();
            double owned = batch.material().isBoughtReady() ? Math.min(count, sheets(batch)) : count;
            add(
                    task,
                    LayOut.Group.PAPERS,
                    batch.nested().roll().name(),
                    Phrase.of(
                            "{}, {} by {}",
                            Quantity.text(batch.nested().roll().name()),
                            Quantity.length(batch.nested().roll().width()),
                            Quantity.length(batch.nested().roll().length())),
                    null,
                    count,
                    owned);
        }
    }

    private double sheets(Batch batch) {
        return stock.of(ThingKind.SHEET)
                .filter(s -> s.choice("of").equals(batch.material().key()))
                .mapToDouble(Thing::stock)
                .reduce(0, Double::sum);
    }

    /** Whether it is mixed or kneaded in a task of its own, so that it is ready when it is laid out. */
    private boolean kneaded(Batch batch) {
        for (Kneading kneading : Kneading.values()) {
            if (kneading.batches(plan, top).contains(batch)) {
                return true;
            }
        }
        return false;
    }

    private double taken(Batch batch, double grams) {
        double all = batch.parts().kneaded();
        double taken = top.takings().stream()
                .filter(t -> t.batch().equals(batch.id()))
                .mapToDouble(Shopping.Taking::amount)
                .reduce(0, Double::sum);
        return all > 0 && batch.form() != Batch.Form.SHEET ? grams * Math.min(1, taken / all) : grams;
    }

    private void inside(Instruction i) {
        for (Batch batch : top.batches()) {
            double grams = switch (i.kind()) {
                case COAT, COVER ->
                    batch.coverings().stream()
                            .filter(c -> c.tier().equals(i.tier()) && i.task().endsWith("-" + (c.index() + 1)))
                            .mapToDouble(c -> c.stays() + c.trimmed())
                            .reduce(0, Double::sum);
                default ->
                    batch.filled().stream()
                            .filter(f -> f.tier().equals(i.tier()) && when(f.use()) == i.kind())
                            .mapToDouble(f -> f.grams())
                            .reduce(0, Double::sum);
            };
            if (grams > 0 && batch.form() == Batch.Form.BAKE) {
                parts(i.task(), batch);
            } else if (grams > 0) {
                batch(i.task(), batch, grams);
            }
        }
    }

    private static Task.Kind when(Filled.Use use) {
        return use.isInside() ? Task.Kind.FILL : use == Filled.Use.CAKE ? Task.Kind.BAKE : Task.Kind.STACK;
    }

    private void dressing(Instruction i) {
        TierWorkup.Worn worn = worked.tiers().stream()
                .filter(t -> t.id().equals(i.tier()))
                .flatMap(t -> t.dressings().stream())
                .filter(w -> w.id().equals(i.about()))
                .findFirst()
                .orElseThrow();
        worn.making().tools().forEach(t -> tool(i.task(), t.kind(), t.size(), t.slack()));
        if (!laid.add(i.tier() + "/" + worn.id())) {
            // What is done in parts has its paste and papers from the first on.
            return;
        }
        shares(i.task(), i.tier() + "/" + worn.id());
        for (Drawing drawing : worn.drawings().all()) {
            add(
                    i.task(),
                    LayOut.Group.PAPERS,
                    drawing.name(),
                    Phrase.of(
                            "template: {}, {} by {}",
                            Quantity.text(drawing.name().replace('-', ' ')),
                            Quantity.length(drawing.width()),
                            Quantity.length(drawing.height())),
                    null,
                    1,
                    null);
        }
    }

    private void piece(Instruction i) {
        OwnPiece piece = worked.pieces(plan).stream()
                .filter(p -> p.id().equals(i.about()))
                .findFirst()
                .orElseThrow();
        MadeAhead made = AheadCatalogue.make(plan, piece);
        made.tools().forEach(t -> tool(i.task(), t.kind(), t.size(), t.slack()));
        for (Job.Formed f : TableWork.formers(made, piece)) {
            List<Thing> formers = stock.of(ThingKind.FORMER).toList();
            double like =
                    formers.stream().filter(f::isLike).mapToDouble(Thing::stock).reduce(0, Double::sum);
            add(
                    i.task(),
                    LayOut.Group.FORMERS,
                    f.form() + " " + Numbers.plain(f.across(), 0),
                    Phrase.of("{}, {}", Quantity.text(f.words()), Quantity.length(f.across())),
                    null,
                    f.many(),
                    formers.isEmpty() ? null : (Double) like);
        }
        if (laid.add("/" + piece.id())) {
            shares(i.task(), "/" + piece.id());
        }
    }

    /** Of each batch what one job takes. */
    private void shares(String task, String job) {
        for (Batch batch : top.batches()) {
            batch.shares().stream()
                    .filter(s -> s.job().equals(job) && s.grams() > 0)
                    .forEach(s -> batch(task, batch, s.grams()));
        }
    }

    private void tool(String task, ThingKind kind, double size, double slack) {
        Field across = kind.fields().get(kind.fields().size() - 1);
        List<Thing> owned = stock.of(kind).toList();
        double near = owned.stream()
                .filter(t -> Math.abs(t.size(across.name()) - size) <= slack + 1e-9)
                .mapToDouble(t -> Math.max(1, t.stock()))
                .reduce(0, Double::sum);
        add(
                task,
                LayOut.Group.TOOLS,
                kind.key() + " " + Numbers.plain(size, 1),
                Phrase.of("{}, {}", Quantity.text(kind.label().toLowerCase(Locale.ROOT)), Quantity.length(size)),
                null,
                1,
                owned.isEmpty() ? null : (Double) near);
    }

    private List<LayOut.LayScope> byDay(Days days) {
        Map<String, Set<String>> tasks = new LinkedHashMap<>();
        days.items().stream()
                .filter(i -> i.own() && byTask.containsKey(i.id()) && !i.work().isEmpty())
                .sorted(Comparator.comparing(i -> i.work().get(0).from()))
                .forEach(i -> i.work()
                        .forEach(h -> tasks.computeIfAbsent(h.from().substring(0, 10), d -> new LinkedHashSet<>())
                                .add(i.id())));
        return tasks.entrySet().stream()
                .map(e -> scope(e.getKey(), e.getKey(), e.getValue()))
                .toList();
    }

    private List<LayOut.LayScope> byJob() {
        List<LayOut.LayScope> jobs = new ArrayList<>();
        Map<String, Set<String>> tasks = new LinkedHashMap<>();
        Map<String, String> names = new LinkedHashMap<>();
        for (Instruction i : first.values()) {
            boolean about = i.kind() == Task.Kind.DRESS || i.kind() == Task.Kind.PIECE;
            String key =
                    about ? (i.kind() == Task.Kind.DRESS ? "dress-" + i.tier() + "-" : "piece-") + i.about() : "cake";
            tasks.computeIfAbsent(key, k -> new LinkedHashSet<>()).add(i.task());
            names.putIfAbsent(key, about ? i.name().replaceFirst(", part \\d+$", "") : "The cake itself");
        }
        tasks.forEach((key, these) -> jobs.add(scope(key, names.get(key), these)));
        return jobs;
    }

    private LayOut.LayScope scope(String key, String name, Collection<String> tasks) {
        Map<String, LayOut.ToLay> items = new LinkedHashMap<>();
        for (String task : tasks) {
            byTask.get(task).forEach((id, item) -> items.merge(id, item, LayOutWork::both));
        }
        List<LayOut.ToLay> sorted = new ArrayList<>(items.values());
        sorted.sort(Comparator.comparing((LayOut.ToLay i) -> !i.missing())
                .thenComparing(LayOut.ToLay::group)
                .thenComparing(LayOut.ToLay::id));
        return new LayOut.LayScope(key, name, sorted);
    }
}
