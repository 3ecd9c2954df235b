package sectorum.drawing;

import java.util.List;

/**
 * How far something flat reaches, mm.
 *
 * @param left least x
 * @param low least y
 * @param right most x
 * @param high most y
 */
public record Box(double left, double low, double right, double high) {
    /** Nothing yet: whatever is added is all of it. */
    public static final Box NONE = new Box(Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE);

    /** @param xy x0, y0, x1, y1, …; none: {@link #NONE} */
    public static Box of(List<Double> xy) {
        double left = NONE.left;
        double low = NONE.low;
        double right = NONE.right;
        double high = NONE.high;
        for (int i = 0; i + 1 < xy.size(); i += 2) {
            left = Math.min(left, xy.get(i));
            right = Math.max(right, xy.get(i));
            low = Math.min(low, xy.get(i + 1));
            high = Math.max(high, xy.get(i + 1));
        }
        return new Box(left, low, right, high);
    }

    /** The least that holds both. */
    public Box with(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(low, other.low),
                Math.max(right, other.right),
                Math.max(high, other.high));
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return high - low;
    }
}
