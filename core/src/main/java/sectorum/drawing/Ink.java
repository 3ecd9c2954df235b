package sectorum.drawing;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Phrase;

/** One thing drawn: a line or some words. All lengths in mm. */
public sealed interface Ink {
    /** The same ink so much to the right and down. */
    Ink moved(double dx, double dy);

    /** The same ink, lengths along x and y multiplied; the size of type stays. */
    Ink scaled(double kx, double ky);

    /** How far it reaches. */
    Box box();

    /** How heavy and how broken a line is. */
    enum Pen {
        CUT,
        MARK,
        GUIDE
    }

    /**
     * A broken line through points.
     *
     * @param xy x0, y0, x1, y1, … at least two points
     */
    record Line(Pen pen, List<Double> xy) implements Ink {
        public Line {
            xy = List.copyOf(xy);
            if (xy.size() < 4 || xy.size() % 2 != 0) {
                throw new IllegalArgumentException("A line has at least two points, got " + xy.size() + " numbers");
            }
        }

        @Override
        public Line moved(double dx, double dy) {
            List<Double> moved = new ArrayList<>(xy.size());
            for (int i = 0; i < xy.size(); i += 2) {
                moved.add(xy.get(i) + dx);
                moved.add(xy.get(i + 1) + dy);
            }
            return new Line(pen, moved);
        }

        @Override
        public Line scaled(double kx, double ky) {
            List<Double> scaled = new ArrayList<>(xy.size());
            for (int i = 0; i < xy.size(); i += 2) {
                scaled.add(xy.get(i) * kx);
                scaled.add(xy.get(i + 1) * ky);
            }
            return new Line(pen, scaled);
        }

        @Override
        public Box box() {
            return Box.of(xy);
        }

        public static Line of(Pen pen, double x0, double y0, double x1, double y1) {
            return new Line(pen, List.of(x0, y0, x1, y1));
        }
    }

    /** Where words stand to their point. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** Words whose baseline begins, centres or ends at a point; size is the height of the type. */
    record Words(double x, double y, double size, Anchor anchor, Phrase said) implements Ink {
        /** Numbers are taken in mm; another unit's are hardly wider. */
        @Override
        public Box box() {
            double wide = Letters.width(said.toString(), size);
            double from = anchor == Anchor.START ? x : anchor == Anchor.END ? x - wide : x - wide / 2;
            return new Box(from, y - size, from + wide, y + size / 3);
        }

        @Override
        public Words moved(double dx, double dy) {
            return new Words(x + dx, y + dy, size, anchor, said);
        }

        @Override
        public Words scaled(double kx, double ky) {
            return new Words(x * kx, y * ky, size, anchor, said);
        }
    }
}
