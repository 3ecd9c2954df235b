package sectorum.make;

import java.util.List;

/**
 * A piece to be nested, so many times.
 *
 * @param outline x0, y0, x1, y1, … mm; any closed line that does not cross itself
 * @param count how many; 0 or more
 */
public record Blank(List<Double> outline, int count) {
    public Blank {
        outline = List.copyOf(outline);
        if (outline.size() < 6 || outline.size() % 2 != 0 || count < 0) {
            throw new IllegalArgumentException("A blank has three corners or more and a count of 0 or more, got "
                    + outline.size() + " numbers, count " + count);
        }
    }

    Polygon polygon() {
        return Polygon.of(outline);
    }
}
