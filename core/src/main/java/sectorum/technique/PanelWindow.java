package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.drawing.Box;
import sectorum.measure.Elementary;
import sectorum.measure.Field;

/**
 * A window at the front that panels are cut out for, so that a motif shows.
 *
 * @param up its middle above the foot of the zone, mm
 */
record PanelWindow(Form form, double wide, double high, double up) {
    static final Field FORM = Choices.field("window", "Window at the front", Form.values(), f -> f.words);

    private static final int PARTS = 64;

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

    /** Its outline about its own middle. */
    List<Double> outline() {
        if (form == Form.SQUARE) {
            return Flat.rectangle(-wide / 2, -high / 2, wide, high);
        }
        List<Double> oval = new ArrayList<>();
        for (int i = 0; i < PARTS; i++) {
            double t = 2 * Math.PI * i / PARTS;
            oval.add(wide / 2 * Elementary.cos(t));
            oval.add(high / 2 * Elementary.sin(t));
        }
        return oval;
    }

    /**
     * What is left of a panel: itself, one with a bight or a hole, or several parts.
     *
     * @param x of the window's middle from the panel's, mm
     * @param z of the window's middle from the panel's own level, mm
     */
    List<List<Double>> cut(List<Double> outline, double x, double z) {
        List<Double> window = Flat.moved(outline(), x, z);
        Box panel = Box.of(outline);
        Box taken = Box.of(window);
        boolean apart = taken.right() <= panel.left()
                || taken.left() >= panel.right()
                || taken.high() <= panel.low()
                || taken.low() >= panel.high();
        if (!isOpen() || apart) {
            return List.of(outline);
        }
        Rings left = Regions.difference(Rings.of(outline), Rings.of(window));
        return left == null ? List.of() : left.keyholed();
    }

    /** Whether it has room in panels so high, with a millimetre left at both ends. */
    boolean fits(double least) {
        return !isOpen() || up - high / 2 >= 1 && up + high / 2 <= least - 1;
    }
}
