package sectorum.outline;

import sectorum.measure.Elementary;

/**
 * A point of an outline.
 *
 * @param x mm to the right
 * @param y mm away from the front
 * @param nx outward unit normal
 * @param ny outward unit normal
 * @param curvature 1/mm, positive where it bulges outwards, 0 on a flat
 */
public record Spot(double x, double y, double nx, double ny, double curvature) {
    public double distance(Spot other) {
        return Elementary.hypot(x - other.x, y - other.y);
    }
}
