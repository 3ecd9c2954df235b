package sectorum.technique;

import java.util.List;

/**
 * What is drawn on the side: distinct shapes once, then where each goes.
 *
 * @param shapes flat outlines in their own coordinates
 * @param placements where they go
 */
public record Layout(List<Shape> shapes, List<Placement> placements) {
    public Layout {
        shapes = List.copyOf(shapes);
        placements = List.copyOf(placements);
        for (Placement placement : placements) {
            if (placement.shape() < 0 || placement.shape() >= shapes.size()) {
                throw new IllegalArgumentException("Placement of shape " + placement.shape() + " of " + shapes.size());
            }
        }
    }

    /** Whether a shape is a line to follow or a thing to stick on. */
    public enum Role {
        GUIDE,
        PIECE
    }

    /**
     * A flat outline.
     *
     * @param xz x0, z0, x1, z1, … in mm, x along the side and z up, from the placement's point
     */
    public record Shape(Role role, boolean closed, List<Double> xz) {
        public Shape {
            xz = List.copyOf(xz);
        }
    }

    /**
     * One shape put in its place.
     *
     * @param shape index of its shape
     * @param s mm from the back seam on the foot's circumference
     * @param z mm above the foot
     * @param turn radians, anticlockwise as seen from outside
     * @param size multiplies the shape
     * @param colour index into the dressing's colours
     */
    public record Placement(int shape, double s, double z, double turn, double size, int colour) {}
}
