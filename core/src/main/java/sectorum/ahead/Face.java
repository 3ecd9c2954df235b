package sectorum.ahead;

import java.util.List;

/**
 * A flat bit of what is seen of a piece made ahead.
 *
 * @param xyz x0, y0, z0, x1, …: mm to the right of its middle, away from its front and above its foot; closed
 * @param tone lighter (to 1) or darker (to -1) than its colour, by how it is turned to the light
 * @param colour 0 the piece's own, 1 and above its further ones, -1 a metal or a wood that keeps its own
 * @param solid whether it is the skin of something closed, its corners anticlockwise from outside: from within nobody sees it
 */
public record Face(List<Double> xyz, double tone, int colour, boolean solid) {
    /** What is neither coloured nor eaten. */
    public static final int BARE = -1;

    public Face {
        xyz = List.copyOf(xyz);
    }
}
