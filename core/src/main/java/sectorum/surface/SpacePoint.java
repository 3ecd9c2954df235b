package sectorum.surface;

/**
 * A place on a surface in space and the surface's outward unit normal there; mm from the tier's axis at its foot, x to the
 * right, y away from the front, up.
 */
public record SpacePoint(double x, double y, double up, double nx, double ny, double nUp) {}
