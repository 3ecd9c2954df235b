package sectorum.server.devices;

import java.util.List;

/** A printer of small labels. */
public interface LabelPrinter {
    String id();

    String name();

    /**
     * A label.
     *
     * @param title the largest line
     * @param lines below it
     */
    record Label(String title, List<String> lines) {
        public Label {
            lines = List.copyOf(lines);
        }
    }

    /** Prints one label after the other. */
    void print(List<Label> labels, long ms);

    /** What came out, the newest first. */
    List<Label> printed();
}
