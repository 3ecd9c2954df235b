package sectorum.drawing;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Phrase;

/**
 * A template at true size.
 *
 * @param name file name without an ending, such as {@code marking-strip}
 * @param title what it is, for the sheet's head
 * @param width mm
 * @param height mm
 */
public record Drawing(String name, Phrase title, double width, double height, List<Ink> inks) {
    public Drawing {
        inks = List.copyOf(inks);
        if (!(width > 0) || !(height > 0) || width > 20_000 || height > 20_000) {
            throw new IllegalArgumentException(
                    "A drawing is over 0 and up to 20 m each way: " + width + " × " + height);
        }
    }

    /** White that stays around what is drawn, mm. */
    private static final double KEPT = 2;

    public Drawing named(String other) {
        return new Drawing(other, title, width, height, inks);
    }

    /**
     * The same without what is empty around its inks, where there is more than a little; what fits a page is printed on one
     * whatever white it was drawn with.
     */
    public Drawing cropped() {
        Box box = inks.stream().map(Ink::box).reduce(Box.NONE, Box::with);
        double left = Math.max(0, box.left() - KEPT);
        double top = Math.max(0, box.low() - KEPT);
        double right = Math.min(width, box.right() + KEPT);
        double foot = Math.min(height, box.high() + KEPT);
        if (right <= left || foot <= top || (right - left >= width && foot - top >= height)) {
            return this;
        }
        return new Drawing(
                name,
                title,
                right - left,
                foot - top,
                inks.stream().map(i -> i.moved(-left, -top)).toList());
    }

    /** Gathers the inks of a drawing. */
    public static final class Maker {
        private final List<Ink> inks = new ArrayList<>();

        /** A straight line, mm from the left and from the top. */
        public Maker line(Ink.Pen pen, double x0, double y0, double x1, double y1) {
            inks.add(Ink.Line.of(pen, x0, y0, x1, y1));
            return this;
        }

        /** @param xy x0, y0, x1, y1, … mm from the left and from the top; two points or more */
        public Maker path(Ink.Pen pen, List<Double> xy) {
            inks.add(new Ink.Line(pen, xy));
            return this;
        }

        /** Words at a point, size the height of their type, mm. */
        public Maker words(double x, double y, double size, Ink.Anchor anchor, Phrase said) {
            inks.add(new Ink.Words(x, y, size, anchor, said));
            return this;
        }

        /** @param width mm, with height: all inks are within */
        public Drawing made(String name, Phrase title, double width, double height) {
            return new Drawing(name, title, width, height, inks);
        }
    }
}
