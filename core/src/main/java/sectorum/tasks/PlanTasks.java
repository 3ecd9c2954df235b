package sectorum.tasks;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.ahead.Stage;
import sectorum.bench.Basis;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.Subject;
import sectorum.build.Build;
import sectorum.days.Air;
import sectorum.days.Dependency;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Rest;
import sectorum.days.Task;
import sectorum.days.TaskName;
import sectorum.days.Workshop;
import sectorum.make.Batch;
import sectorum.make.Filled;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.plan.Agenda;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Span;
import sectorum.plan.Tier;
import sectorum.recipe.ScaledRecipe;
import sectorum.tier.StackWorkup;

/** Makes a plan's tasks: pieces made ahead, kneading, coats, covering, supports, dressings, and the last look at it all. */
public final class PlanTasks {
    /** Filled cakes are fresh for so many days. */
    private static final int FRESH_DAYS = 3;

    private static final int INSPECTING = 15;
    /** Minutes are planned in steps of this. */
    private static final int STEP = 5;

    private final Plan plan;
    private final StackWorkup worked;
    private final Worktop top;
    private final Build build;
    private final Map<String, Task> tasks = new LinkedHashMap<>();

    private PlanTasks(Plan plan, StackWorkup worked, Worktop top) {
        this.plan = plan;
        this.worked = worked;
        this.top = top;
        this.build = BuildWork.of(plan, worked);
    }

    /** The order of a plan with a day; its tasks as people settled them. */
    public static OrderTasks order(String id, Plan plan, StackWorkup worked, Worktop top, Workshop workshop) {
        long ready = Moments.of(LocalDateTime.parse(plan.readyBy()), workshop.zone());
        return new OrderTasks(id, plan.name(), ready, of(plan, worked, top, workshop), air(plan, workshop));
    }

    /** The room as far as it is known: by the hour, or by one figure. */
    private static Air air(Plan plan, Workshop workshop) {
        List<Air.Step> steps = new ArrayList<>();
        steps.add(new Air.Step(Long.MIN_VALUE, Air.factor(plan.made().humid())));
        plan.settled().air().stream()
                .map(a -> new Air.Step(
                        Moments.of(LocalDateTime.parse(a.from()), workshop.zone()), Air.factor(a.humidity())))
                .sorted((a, b) -> Long.compare(a.from(), b.from()))
                .forEach(steps::add);
        return new Air(steps);
    }

    private static List<Task> of(Plan plan, StackWorkup worked, Worktop top, Workshop workshop) {
        PlanTasks made = new PlanTasks(plan, worked, top);
        made.ahead();
        List<TierTasks> tiers = new ArrayList<>();
        for (int i = 0; i < plan.tiers().size(); i++) {
            tiers.add(new TierTasks(made, i));
        }
        tiers.forEach(TierTasks::add);
        tiers.forEach(TierTasks::finish);
        made.place();
        made.own();
        made.inspect();
        return made.settled(workshop);
    }

    Plan plan() {
        return plan;
    }

    StackWorkup worked() {
        return worked;
    }

    Build build() {
        return build;
    }

    boolean has(String id) {
        return tasks.containsKey(id);
    }

    boolean has(TaskName name) {
        return has(name.text());
    }

    /** How a task rests; absent: not at all, or it is not there. */
    @Absent
    Rest rest(TaskName name) {
        Task task = tasks.get(name.text());
        return task == null ? null : task.rest();
    }

    static int rounded(double minutes) {
        return Math.max(STEP, (int) Math.ceil(minutes / STEP - 1e-9) * STEP);
    }

    /** Adds a task, its minutes at this workshop's pace and rounded up; needs that are not there are left out. */
    Task add(
            Task.Kind kind,
            TaskName key,
            String name,
            double minutes,
            boolean pauses,
            @Absent Rest rest,
            Dependency... needs) {
        List<Dependency> there = new ArrayList<>();
        for (Dependency need : needs) {
            if (need != null && has(need.task())) {
                there.add(need);
            }
        }
        String subject = Subject.task(kind.name().toLowerCase(Locale.ROOT));
        Task task = new Task(
                key,
                name,
                kind,
                "",
                "",
                1,
                rounded(minutes * pace(kind, subject)),
                pauses,
                rest,
                there,
                0,
                null,
                false,
                kind == Task.Kind.OWN ? Basis.STATED : worked.rates().timeBasis(subject));
        put(task);
        return task;
    }

    /** Dressings and pieces come at their own pace already, and nobody knows better than who typed it how long a task takes. */
    private double pace(Task.Kind kind, String subject) {
        return switch (kind) {
            case DRESS, PIECE, OWN -> 1;
            default -> worked.rates().time(subject);
        };
    }

    void put(Task task) {
        tasks.put(task.id(), task);
    }

    private void ahead() {
        for (OwnPiece piece : worked.pieces(plan)) {
            stages(piece);
        }
        for (Kneading kneading : Kneading.values()) {
            knead(kneading);
        }
        if (plan.made().base() != null && plan.made().base().material() != null) {
            double across = plan.made().base().across() / 100;
            double area = Math.PI / 4 * across * across;
            add(
                    Task.Kind.BOARD,
                    TaskName.BOARD,
                    "Cover the board",
                    Rate.COVERED_DM2.minutes(area),
                    false,
                    Rest.of(Storage.ROOM, Kneading.OVERNIGHT),
                    Dependency.after(Kneading.COVERING.key));
        }
    }

    /** A task for each stage of making that waits, or that others wait for; the last is the piece's own. */
    private void stages(OwnPiece piece) {
        MadeAhead made = AheadCatalogue.make(plan, piece, worked.rates());
        List<Stage> stages = made.stages();
        TaskName before = null;
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            boolean last = i == stages.size() - 1;
            TaskName name = last ? TaskName.piece(piece.id()) : TaskName.parts(piece.id(), i + 1);
            Rest rest = stage.rest();
            if (stage.minutes() > 0 || rest != null) {
                put(add(
                                Task.Kind.PIECE,
                                name,
                                last ? called(piece) : stage.name(),
                                stage.minutes(),
                                piece.labour().pauses(),
                                rest,
                                before == null ? null : Dependency.after(before))
                        .about("", piece.id())
                        .by(made.bases(worked.rates(), piece).time())
                        .ahead(piece.labour().ahead()));
                before = name;
            }
        }
    }

    private static String called(OwnPiece piece) {
        return piece.count() == 1 ? piece.name() : piece.count() + " × " + piece.name();
    }

    /** A recipe that is used, as it is scaled; none where nobody has said one. */
    Optional<ScaledRecipe> recipe(@Absent String id) {
        return top.recipes().stream().filter(r -> r.recipe().equals(id)).findFirst();
    }

    /** The batch of what is inside a tier; absent: there is none, or it is made. */
    @Absent
    Batch batch(Tier tier, Filled.Use use) {
        return top.batches().stream()
                .filter(b -> !plan.made().isMade(b.id()))
                .filter(b -> b.filled().stream()
                        .anyMatch(f -> f.use() == use && f.tier().equals(tier.id())))
                .findFirst()
                .orElse(null);
    }

    private void knead(Kneading kneading) {
        List<Batch> these = kneading.batches(plan, top);
        int batches = these.size();
        if (batches > 0) {
            // What rests longest of what is made holds up what is done with it.
            double rests = these.stream()
                    .flatMap(b -> recipe(b.recipe()).stream())
                    .mapToDouble(r -> r.rests() == null ? 0 : 60 * r.rests())
                    .max()
                    .orElse(0);
            int rest = Math.max(kneading.rest, (int) Math.ceil(rests));
            // What keeps shortest of it is made no earlier than it keeps; 0: nobody has said.
            double keeps = these.stream()
                    .flatMap(b -> recipe(b.recipe()).stream())
                    .filter(r -> r.keeps() != null)
                    .mapToDouble(r -> Math.max(1, Math.floor(r.keeps())))
                    .min()
                    .orElse(0);
            put(add(
                            Task.Kind.KNEAD,
                            kneading.key,
                            batches == 1 ? kneading.words : kneading.words + ", " + batches + " batches",
                            Rate.BATCH.minutes(batches),
                            true,
                            rest == 0 ? null : Rest.of(Storage.ROOM, rest))
                    .ahead((int) keeps));
        }
    }

    /** Pieces go on last, when their tier is dressed and everything stands. */
    private void place() {
        List<String> stacks = ids(Task.Kind.STACK);
        for (OwnPiece piece : plan.pieces()) {
            String tier = plan.under(piece).id();
            List<Dependency> needs = new ArrayList<>();
            if (has(TaskName.piece(piece.id()))) {
                needs.add(Dependency.after(TaskName.piece(piece.id())));
            }
            stacks.forEach(s -> needs.add(Dependency.after(s)));
            tasks.values().stream()
                    .filter(t -> t.tier().equals(tier) && (t.kind() == Task.Kind.DRESS || t.kind() == Task.Kind.COVER))
                    .forEach(t -> needs.add(Dependency.after(t.id())));
            double minutes = piece.labour().placing() * piece.count();
            put(add(
                            Task.Kind.PLACE,
                            TaskName.place(piece.id()),
                            "Put on: " + called(piece),
                            minutes,
                            false,
                            null,
                            needs.toArray(Dependency[]::new))
                    .about(tier, piece.id()));
        }
    }

    List<String> ids(Task.Kind kind) {
        return tasks.values().stream()
                .filter(t -> t.kind() == kind)
                .map(Task::id)
                .toList();
    }

    /** Tasks by hand; what names one that is gone is not waited for, and told as {@code days.unknown}. */
    private void own() {
        for (Agenda.OwnTask own : plan.settled().own()) {
            Storage storage = own.storage() == null ? Storage.ROOM : own.storage();
            Rest rest = own.rest() == null ? null : rest(own.rest(), Rest.of(storage, 0));
            Dependency[] needs = own.after().stream().map(Dependency::after).toArray(Dependency[]::new);
            add(Task.Kind.OWN, TaskName.own(own.id()), own.name(), own.minutes(), own.pauses(), rest, needs);
        }
        for (Agenda.OwnTask own : plan.settled().own()) {
            for (String id : own.after()) {
                // One of one's own that is added later.
                Task mine = tasks.get(TaskName.own(own.id()).text());
                if (has(id) && mine.needs().stream().noneMatch(n -> n.task().equals(id))) {
                    put(mine.needing(plus(mine.needs(), Dependency.after(id))));
                }
            }
            for (String id : own.before()) {
                if (has(id)) {
                    put(tasks.get(id).needing(plus(tasks.get(id).needs(), Dependency.after(TaskName.own(own.id())))));
                }
            }
        }
    }

    private static List<Dependency> plus(List<Dependency> needs, Dependency another) {
        List<Dependency> all = new ArrayList<>(needs);
        all.add(another);
        return all;
    }

    private void inspect() {
        Set<String> needed = tasks.values().stream()
                .flatMap(t -> t.needs().stream())
                .map(Dependency::task)
                .collect(Collectors.toSet());
        Dependency[] needs = tasks.keySet().stream()
                .filter(id -> !needed.contains(id))
                .map(Dependency::after)
                .toArray(Dependency[]::new);
        add(Task.Kind.INSPECT, TaskName.INSPECT, "Look it over and pack it", INSPECTING, false, null, needs);
    }

    private static Rest rest(Span seen, Rest before) {
        double upper = seen.most() == null ? seen.least() : seen.most();
        return new Rest(
                before.storage(),
                before.places(),
                (int) Elementary.round(seen.least() * 60),
                (int) Elementary.round(upper * 60),
                Basis.STATED,
                false);
    }

    /** What people settled: waits they saw, parts, moments, and what is done. */
    private List<Task> settled(Workshop workshop) {
        Agenda agenda = plan.settled();
        List<Task> all = new ArrayList<>();
        for (Task task : tasks.values()) {
            Span seen = agenda.waits().get(task.id());
            Task waited = seen == null || task.rest() == null ? task : task.resting(rest(seen, task.rest()));
            Integer parts = agenda.split().get(task.id());
            for (Task part : parts == null ? List.of(waited) : waited.split(parts)) {
                all.add(pinned(part, agenda, workshop));
            }
        }
        return all;
    }

    private static Task pinned(Task task, Agenda agenda, Workshop workshop) {
        Agenda.Did did = agenda.done().get(task.id());
        if (did != null) {
            long at = Moments.of(LocalDateTime.parse(did.from()), workshop.zone());
            return task.at(at, Math.max(1, (int) Elementary.round(did.minutes())), true);
        }
        String fixed = agenda.fixed().get(task.id());
        return fixed == null
                ? task
                : task.at(Moments.of(LocalDateTime.parse(fixed), workshop.zone()), task.minutes(), false);
    }

    /** A tier's tasks are its own: fresh for some days only. */
    static int fresh(Tier tier) {
        return tier.dummy() ? 0 : FRESH_DAYS;
    }
}
