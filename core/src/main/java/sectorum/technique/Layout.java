package sectorum.technique;

import java.util.List;
import sectorum.measure.Elementary;
import sectorum.surface.LevelSurface;
import sectorum.surface.Side;
import sectorum.surface.Surface;

/**
 * What is drawn on a surface: distinct shapes once, then where each goes, foot of the pile first.
 *
 * @param shapes flat outlines in their own coordinates
 * @param placements where they go
 * @param inPlane the same in the plane of a level surface, one for each placement; none on a side
 */
public record Layout(List<Shape> shapes, List<Placement> placements, List<LevelSurface.InPlane> inPlane) {
    public Layout {
        shapes = List.copyOf(shapes);
        placements = List.copyOf(placements);
        inPlane = List.copyOf(inPlane);
        if (!inPlane.isEmpty() && inPlane.size() != placements.size()) {
            throw new IllegalArgumentException(inPlane.size() + " pieces lie, " + placements.size() + " are placed");
        }
        for (Placement placement : placements) {
            if (placement.shape() < 0 || placement.shape() >= shapes.size()) {
                throw new IllegalArgumentException("Placement of shape " + placement.shape() + " of " + shapes.size());
            }
        }
    }

    Layout(List<Shape> shapes, List<Placement> placements) {
        this(shapes, placements, List.of());
    }

    /** The same with where its pieces lie, where the surface is level. */
    Layout on(Surface surface) {
        if (!(surface instanceof LevelSurface level)) {
            return this;
        }
        return new Layout(
                shapes,
                placements,
                placements.stream()
                        .map(p -> level.inPlane(p.s(), p.z(), p.turn()))
                        .toList());
    }

    /**
     * Whether a shape is a line to follow, a thing to stick on, a line on such a thing, an edge of it that can be gilded and is
     * not seen before, or a breath of colour.
     */
    public enum Role {
        GUIDE,
        PIECE,
        DETAIL,
        EDGE,
        TONE
    }

    /**
     * A flat outline in true millimetres of the piece itself, the same on every surface.
     *
     * @param wide how thick the line is that is drawn, mm; 0 for areas and for lines that are only followed
     * @param tone how densely its colour lies on what is beneath, 0 to 1; 1 for all but tones
     * @param xz x0, z0, x1, z1, … in mm, x along the side and z up, from the placement's point
     */
    public record Shape(Role role, boolean closed, double wide, double tone, List<Double> xz) {
        public Shape {
            xz = List.copyOf(xz);
        }

        Shape mirrored() {
            return new Shape(role, closed, wide, tone, Flat.flipped(xz));
        }
    }

    /**
     * One shape put in its place. Along a side unrolled at the foot's width a millimetre of the piece takes up
     * 1/narrowing(z) millimetres, because marks keep their angle and pieces their size: see {@link #along}.
     *
     * @param shape index of its shape
     * @param s mm from the back seam on the foot's circumference
     * @param z mm above the foot: where the piece lies, and where the side is as wide as the piece takes it to be
     * @param turn radians, anticlockwise as seen from outside
     * @param size multiplies the shape
     * @param colour index into the dressing's colours
     * @param lift mm that its foot stands off the surface
     * @param lean radians that it leans out from the surface, about the point it is placed by: 0 lies on it
     */
    public record Placement(
            int shape, double s, double z, double turn, double size, int colour, double lift, double lean) {
        public Placement(int shape, double s, double z, double turn, double size, int colour) {
            this(shape, s, z, turn, size, colour, 0, 0);
        }

        /** The same standing off, or leaning. */
        public Placement standing(double off, double out) {
            return new Placement(shape, s, z, turn, size, colour, off, out);
        }

        /** How far off the surface a point of the piece is that is so far up in it, mm. */
        public double off(double x, double up) {
            return lift
                    + Math.abs(size * (x * Elementary.sin(turn) + up * Elementary.cos(turn))) * Elementary.sin(lean);
        }

        /** Where a point of the piece comes to lie: mm from the back seam on the foot's circumference, not wrapped. */
        public double along(double x, double up, Side side) {
            return s + size * (x * Elementary.cos(turn) - up * Elementary.sin(turn)) / side.narrowing(z);
        }

        /** How high a point of the piece comes to lie, mm above the foot. */
        public double above(double x, double up) {
            double rise = size * (x * Elementary.sin(turn) + up * Elementary.cos(turn));
            return z + (lean == 0 ? rise : rise * Elementary.cos(lean));
        }
    }

    /** How many pieces there are: placements that are no guide and no detail. */
    public int pieces() {
        return (int) placements.stream()
                .filter(p -> shapes.get(p.shape()).role() == Role.PIECE)
                .count();
    }

    /** The same on a side of this circumference as a mirror shows it. */
    Layout mirrored(double around) {
        return new Layout(
                shapes.stream().map(Shape::mirrored).toList(),
                placements.stream()
                        .map(p -> new Placement(
                                p.shape(),
                                p.s() == 0 ? 0 : around - p.s(),
                                p.z(),
                                -p.turn(),
                                p.size(),
                                p.colour(),
                                p.lift(),
                                p.lean()))
                        .toList());
    }
}
