package sectorum.server.devices;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/** Keeps the last labels as they came out. */
final class SimulatedPrinter implements LabelPrinter {
    private static final int KEPT = 30;

    private final Deque<Label> out = new ArrayDeque<>();

    @Override
    public String id() {
        return "printer";
    }

    @Override
    public String name() {
        return "Label printer";
    }

    @Override
    public synchronized void print(List<Label> labels, long ms) {
        for (Label label : labels) {
            out.addFirst(label);
            if (out.size() > KEPT) {
                out.removeLast();
            }
        }
    }

    @Override
    public synchronized List<Label> printed() {
        return List.copyOf(out);
    }
}
