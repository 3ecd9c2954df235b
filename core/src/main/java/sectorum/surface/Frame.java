package sectorum.surface;

import java.util.List;
import sectorum.outline.Along;

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

    /** Of a wall unrolled: straight between any two places; a millimetre of the foot is so much shorter in it. */
    static Frame unrolled(Along from, double section, double narrowing, double z) {
        return new Frame() {
            @Override
            public double width() {
                return section * narrowing;
            }

            @Override
            public Pose at(double x, double up, double slope) {
                return new Pose(from.s() + x / narrowing, z + up, slope);
            }
        };
    }

    /** A part of a wall unrolled, about the middle of its lower edge. */
    static List<Double> rectangle(double wide, double high) {
        return List.of(-wide / 2, 0.0, wide / 2, 0.0, wide / 2, high, -wide / 2, high);
    }

    /**
     * How something lies on a surface.
     *
     * @param s mm along the side's foot from the back seam, not wrapped
     * @param z mm from the surface's edge
     * @param turn radians from the direction of s there, anticlockwise as seen from outside
     */
    record Pose(double s, double z, double turn) {}
}
