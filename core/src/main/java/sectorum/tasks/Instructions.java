package sectorum.tasks;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import sectorum.days.Dependency;
import sectorum.days.OrderTasks;
import sectorum.days.Task;
import sectorum.make.Worktop;
import sectorum.measure.Tape;
import sectorum.plan.Plan;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;

/** Writes out what to do, task by task. */
public final class Instructions {
    private final Map<String, Task> byId = new HashMap<>();
    private final List<Instruction> all = new ArrayList<>();

    private Instructions(List<Task> tasks) {
        tasks.forEach(t -> byId.put(t.id(), t));
    }

    /** Of what is still to be done. @param tasks in the order in which they are done */
    public static List<Instruction> of(Plan plan, StackWorkup worked, Worktop top, Tape tape, List<Task> tasks) {
        return of(plan, worked, top, tape, tasks, task -> !task.done());
    }

    /** Of the whole work, done or not. @param tasks in the order in which they are done */
    public static List<Instruction> all(Plan plan, StackWorkup worked, Worktop top, Tape tape, List<Task> tasks) {
        return of(plan, worked, top, tape, tasks, task -> true);
    }

    private static List<Instruction> of(
            Plan plan, StackWorkup worked, Worktop top, Tape tape, List<Task> tasks, Predicate<Task> told) {
        Instructions made = new Instructions(tasks);
        TaskSteps steps = new TaskSteps(plan, worked, top, tape);
        tasks.stream().filter(told).forEach(task -> {
            steps.of(task).forEach(said -> made.add(task, said));
            made.rest(task);
        });
        return List.copyOf(made.all);
    }

    /** The names of all tasks that come before one, those that come first before those that need them. */
    public static Set<String> before(Task task, Map<String, Task> byId) {
        Set<String> before = new LinkedHashSet<>();
        gather(task, byId, new HashSet<>(), before);
        return before;
    }

    private static void gather(Task task, Map<String, Task> byId, Set<String> seen, Set<String> before) {
        for (Dependency need : task.needs()) {
            if (byId.containsKey(need.task()) && seen.add(need.task())) {
                gather(byId.get(need.task()), byId, seen, before);
                before.add(need.task());
            }
        }
    }

    /** The tasks of an order so that each comes after what it needs. */
    public static List<Task> inOrder(OrderTasks order) {
        List<Task> sorted = new ArrayList<>();
        Set<String> known = new HashSet<>();
        Map<String, Task> byId = new HashMap<>();
        order.tasks().forEach(t -> byId.put(t.id(), t));
        order.tasks().forEach(t -> visit(t, byId, known, sorted));
        return sorted;
    }

    private static void visit(Task task, Map<String, Task> byId, Set<String> known, List<Task> sorted) {
        if (known.add(task.id())) {
            for (Dependency need : task.needs()) {
                if (byId.containsKey(need.task())) {
                    visit(byId.get(need.task()), byId, known, sorted);
                }
            }
            sorted.add(task);
        }
    }

    private void add(Task t, TaskSteps.Said said) {
        boolean first = all.isEmpty() || !all.get(all.size() - 1).task().equals(t.id());
        all.add(new Instruction(
                t.id(),
                t.name(),
                t.kind(),
                t.tier(),
                t.about(),
                all.size() + 1,
                said.gesture(),
                said.what(),
                said.tool(),
                said.joint(),
                said.minutes(),
                said.pause(),
                said.checks(),
                said.caution(),
                said.lasting() || (first && t.kind().isFinal()),
                first && t.kind().isFinal() ? open(t) : List.of()));
    }

    /** A task's own rest follows its last step, where that says none itself. */
    private void rest(Task t) {
        int last = all.size() - 1;
        boolean own = last >= 0
                && all.get(last).task().equals(t.id())
                && all.get(last).pause() == null;
        if (own && t.rest() != null && t.rest().least() > 0) {
            all.set(last, all.get(last).then(pause(t)));
        }
    }

    private static Making.Pause pause(Task t) {
        String words = t.rest().storage().words() + (t.rest().estimate() ? ", an estimate: note what it took" : "");
        return new Making.Pause(t.rest().low(), t.rest().least(), t.rest().storage(), words);
    }

    private List<String> open(Task last) {
        return before(last, byId).stream()
                .map(byId::get)
                .filter(t -> !t.done())
                .map(Task::name)
                .distinct()
                .toList();
    }
}
