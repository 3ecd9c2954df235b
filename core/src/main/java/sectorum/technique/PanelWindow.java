package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Field;

/**
 * A window at the front that panels are cut out for, so that a motif shows.
 *
 * @param up its middle above the foot of the zone, mm
 */
record PanelWindow(Form form, double wide, double high, double up) {
    static final Field FORM = Choices.field("window", "Window at the front", Form.values(), f -> f.words);

    private static final int PARTS = 12;

    enum Form {
        NONE("none"),
        OVAL("round or oval"),
        SQUARE("with corners");

        private final String words;

        Form(String words) {
            this.words = words;
        }
    }

    boolean isOpen() {
        return form != Form.NONE;
    }

    /** Half its height so far beside its middle, mm. */
    private double half(double x) {
        double along = Math.min(1, Math.abs(x) / (wide / 2));
        return form == Form.OVAL ? high / 2 * Math.sqrt(1 - along * along) : high / 2;
    }

    /**
     * What is left of a panel: itself, one with a bight, or a part under the window and one over it.
     *
     * @param outline from the left end of its foot to the right one, then its other end back from right to left
     * @param x of the window's middle from the panel's, mm
     */
    List<List<Double>> cut(List<Double> outline, double x) {
        double half = outline.get(2);
        double from = Math.max(-half, x - wide / 2);
        double to = Math.min(half, x + wide / 2);
        double end = Double.MAX_VALUE;
        for (int i = 5; i < outline.size(); i += 2) {
            end = Math.min(end, outline.get(i));
        }
        // Nearer to an end than this it would break there: the panel stays whole, and it is found.
        if (!isOpen() || to - from < 1 || up - high / 2 < 1 || up + high / 2 > end - 1) {
            return List.of(outline);
        }
        List<Double> under = new ArrayList<>();
        List<Double> over = new ArrayList<>();
        for (int i = 0; i <= PARTS; i++) {
            double at = to + (from - to) * i / PARTS;
            under.addAll(List.of(at, up - half(at - x)));
            double back = from + (to - from) * i / PARTS;
            over.addAll(List.of(back, up + half(back - x)));
        }
        List<Double> upper = outline.subList(4, outline.size());
        boolean left = from > -half;
        boolean right = to < half;
        List<Double> line = new ArrayList<>(outline.subList(0, 4));
        if (right) {
            // In from the right edge along a cut, round the window, and out again.
            if (left) {
                line.addAll(List.of(half, up, to, up));
                line.addAll(under);
                line.addAll(over);
                line.addAll(List.of(to, up, half, up));
                line.addAll(upper);
                return List.of(line);
            }
            line.addAll(upper);
            line.addAll(over);
            line.addAll(under);
            return List.of(line);
        }
        if (left) {
            line.addAll(under);
            line.addAll(over);
            line.addAll(upper);
            return List.of(line);
        }
        line.addAll(under);
        List<Double> above = new ArrayList<>(over);
        above.addAll(upper);
        return List.of(line, above);
    }

    /** Whether it has room in panels so high, with a millimetre left at both ends. */
    boolean fits(double least) {
        return !isOpen() || up - high / 2 >= 1 && up + high / 2 <= least - 1;
    }
}
