package sectorum.turntable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import sectorum.bench.Bench;
import sectorum.bench.Storage;
import sectorum.days.Dependency;
import sectorum.days.OrderTasks;
import sectorum.days.Task;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.plan.DivisionSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.tasks.BuildWork;
import sectorum.tasks.Instruction;
import sectorum.tasks.Instructions;
import sectorum.technique.Gesture;
import sectorum.technique.Layout;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** Makes the turntable's steps out of a plan's tasks. */
public final class BenchSteps {
    private final Plan plan;
    private final StackWorkup worked;
    private final Bench bench;
    private final OrderTasks order;
    private final Map<String, Task> byId = new HashMap<>();
    private final Remedies remedies;

    private BenchSteps(Plan plan, StackWorkup worked, OrderTasks order, Bench bench) {
        this.plan = plan;
        this.worked = worked;
        this.order = order;
        this.bench = bench;
        this.remedies = new Remedies(plan, order, bench);
        order.tasks().forEach(t -> byId.put(t.id(), t));
    }

    /**
     * Every step of the whole work, done or not.
     *
     * @param plan cut: what goes over several tiers is on each of them
     * @param tasks the order's in the order in which they are done
     */
    public static List<BenchStep> of(
            Plan plan, StackWorkup worked, Worktop top, OrderTasks order, List<Task> tasks, Bench bench) {
        BenchSteps made = new BenchSteps(plan, worked, order, bench);
        List<Instruction> told = Instructions.all(plan, worked, top, bench.tape(), tasks);
        List<BenchStep> steps = new ArrayList<>();
        for (int i = 0; i < told.size(); ) {
            int end = i;
            while (end < told.size() && told.get(end).task().equals(told.get(i).task())) {
                end++;
            }
            steps.addAll(made.task(made.byId.get(told.get(i).task()), told.subList(i, end)));
            i = end;
        }
        return List.copyOf(steps);
    }

    private List<BenchStep> task(Task task, List<Instruction> told) {
        List<BenchStep> steps = new ArrayList<>();
        for (int k = 0; k < told.size(); k++) {
            Instruction step = told.get(k);
            Counted counted = counted(task, told, k);
            Window window = window(task, step, k == told.size() - 1);
            steps.add(new BenchStep(
                    new StepKey(
                            task.id() + "/" + (k + 1),
                            task.id(),
                            counted.many,
                            step.lasting() && k == 0 ? List.copyOf(Instructions.before(task, byId)) : List.of(),
                            task.done(),
                            step.minutes()),
                    step,
                    counted.division,
                    counted.one,
                    counted.more,
                    window,
                    window == null || window.late() == null ? List.of() : remedies.of(task)));
        }
        return steps;
    }

    /** What is counted in a step. */
    private record Counted(int many, String division, String one, String more) {
        static final Counted NOTHING = new Counted(0, "", "", "");

        static Counted of(int many, String one, String more) {
            return many < 2 ? NOTHING : new Counted(many, "", one, more);
        }
    }

    private Counted counted(Task task, List<Instruction> told, int k) {
        return switch (task.kind()) {
            case MEASURE ->
                k == 0
                        ? Counted.NOTHING
                        : marks(task.tier(), plan.tier(task.tier()).divisions().get(k - 1));
            case DRESS -> dressed(task, told, k);
            case PLACE -> Counted.of(piece(task).count(), "piece", "pieces");
            case PIECE -> k == told.size() - 1 ? Counted.of(piece(task).count(), "piece", "pieces") : Counted.NOTHING;
            case DOWEL ->
                Counted.of(
                        BuildWork.of(plan, worked).tiers().stream()
                                .filter(s -> s.id().equals(task.tier()))
                                .mapToInt(s -> s.dowels().size())
                                .sum(),
                        "dowel",
                        "dowels");
            default -> Counted.NOTHING;
        };
    }

    private Counted marks(String tier, DivisionSpec division) {
        int many = worked(tier).divisions().stream()
                .filter(d -> d.id().equals(division.id()))
                .mapToInt(TierWorkup.Divided::count)
                .sum();
        return new Counted(many, division.id(), "mark", "marks");
    }

    /** Marks where they are marked; pieces where they go on: of several steps that set some on, nobody knows which are whose. */
    private Counted dressed(Task task, List<Instruction> told, int k) {
        Gesture gesture = told.get(k).gesture();
        if (gesture == Gesture.MARK) {
            Tier tier = plan.tier(task.tier());
            return marks(task.tier(), tier.marksOf(tier.dressing(task.about())));
        }
        boolean alone = told.stream().filter(t -> t.gesture() == gesture).count() == 1;
        boolean placed = switch (gesture) {
            case PRESS, PIPE, FLOOD, STICK, INSERT -> true;
            default -> false;
        };
        if (!alone || !placed) {
            return Counted.NOTHING;
        }
        Layout layout = worked(task.tier()).dressings().stream()
                .filter(w -> w.id().equals(task.about()))
                .findFirst()
                .orElseThrow()
                .layout();
        int pieces = layout.pieces();
        int lines = (int) layout.placements().stream()
                .filter(p -> layout.shapes().get(p.shape()).role() == Layout.Role.GUIDE)
                .count();
        if (gesture == Gesture.PRESS && pieces > 0 && lines > 0) {
            // Lines are pressed, and pieces set on them: which of both is meant, nobody knows.
            return Counted.NOTHING;
        }
        return pieces > 0 ? Counted.of(pieces, "piece", "pieces") : Counted.of(lines, "line", "lines");
    }

    private TierWorkup worked(String tier) {
        return worked.tiers().stream()
                .filter(w -> w.id().equals(tier))
                .findFirst()
                .orElseThrow();
    }

    private OwnPiece piece(Task task) {
        return worked.pieces(plan).stream()
                .filter(p -> p.id().equals(task.about()))
                .findFirst()
                .orElseThrow();
    }

    /** What a step rests, and when what follows must have begun. */
    @Absent
    private Window window(Task task, Instruction step, boolean last) {
        Double late = last ? latest(task) : null;
        if (step.pause() == null) {
            return late == null ? null : new Window(0, late, Storage.ROOM);
        }
        double early = step.pause().least();
        return new Window(
                early, late == null ? null : Math.max(early, late), step.pause().storage());
    }

    /** The shortest of the longest waits that what follows allows, from when hands left it. */
    @Absent
    private Double latest(Task task) {
        return order.tasks().stream()
                .flatMap(t -> t.needs().stream())
                .filter(n -> n.task().equals(task.id()))
                .map(Dependency::most)
                .filter(Objects::nonNull)
                .min(Comparator.naturalOrder())
                .map(Integer::doubleValue)
                .orElse(null);
    }
}
