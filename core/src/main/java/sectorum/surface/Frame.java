package sectorum.surface;

/**
 * Flat coordinates on a surface between two of its places at the same z: x from the one to the other, up towards more z, true
 * millimetres. On a side it is the side unrolled; on a level surface the plane itself, x along the straight line between
 * both.
 */
public interface Frame {
    /** From the one place to the other, mm. */
    double width();

    /**
     * Where a point of the frame lies.
     *
     * @param slope of something lying there, radians from x anticlockwise
     */
    Pose at(double x, double up, double slope);

    /**
     * How something lies on a surface.
     *
     * @param s mm along the side's foot from the back seam, not wrapped
     * @param z mm from the surface's edge
     * @param turn radians from the direction of s there, anticlockwise as seen from outside
     */
    record Pose(double s, double z, double turn) {}
}
