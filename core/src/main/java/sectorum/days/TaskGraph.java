package sectorum.days;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** The tasks of several orders by number, with what comes before and after each. */
final class TaskGraph {
    /** One need: {@code before} comes before {@code after}. */
    record Edge(int before, int after, Dependency need) {}

    final List<OrderTasks> orders = new ArrayList<>();
    final List<Task> tasks = new ArrayList<>();
    final List<List<Edge>> before = new ArrayList<>();
    final List<List<Edge>> after = new ArrayList<>();

    TaskGraph(List<OrderTasks> all, Workshop workshop) {
        for (OrderTasks order : all) {
            Map<String, Integer> numbers = new HashMap<>();
            for (Task task : order.tasks()) {
                numbers.put(task.id(), tasks.size());
                orders.add(order);
                // What takes longer than any day is open has to be laid down: a finding says so.
                tasks.add(task.minutes() > workshop.longest() ? task.pausing() : task);
                before.add(new ArrayList<>());
                after.add(new ArrayList<>());
            }
            for (Task task : order.tasks()) {
                for (Dependency need : task.needs()) {
                    Integer first = numbers.get(need.task());
                    if (first != null) {
                        Edge edge = new Edge(first, numbers.get(task.id()), need);
                        before.get(edge.after()).add(edge);
                        after.get(first).add(edge);
                    }
                }
            }
        }
    }

    int size() {
        return tasks.size();
    }

    String name(int i) {
        return orders.get(i).id() + "/" + tasks.get(i).id();
    }

    String name(Edge edge) {
        return name(edge.before()) + ">" + tasks.get(edge.after()).id();
    }

    /** Tasks so that each comes after all it needs; refused where some need one another. */
    int[] inOrder() {
        int[] waits = new int[size()];
        int[] order = new int[size()];
        int known = 0;
        for (int i = 0; i < size(); i++) {
            waits[i] = before.get(i).size();
            if (waits[i] == 0) {
                order[known++] = i;
            }
        }
        for (int k = 0; k < known; k++) {
            for (Edge edge : after.get(order[k])) {
                if (--waits[edge.after()] == 0) {
                    order[known++] = edge.after();
                }
            }
        }
        if (known < size()) {
            int stuck = 0;
            while (waits[stuck] == 0) {
                stuck++;
            }
            throw new Refused(
                    "agenda.own",
                    Phrase.of(
                            "\"{}\" would have to come before itself: {} tasks wait for one another. Take one of its"
                                    + " befores or afters out.",
                            Quantity.text(tasks.get(stuck).name()),
                            Quantity.count(size() - known)));
        }
        return order;
    }
}
