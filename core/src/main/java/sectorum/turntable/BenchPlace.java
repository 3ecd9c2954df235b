package sectorum.turntable;

import java.util.List;
import sectorum.surface.SurfaceKind;

/**
 * Where the hand goes next.
 *
 * @param number of the mark, or of the piece in the order of work, from 1
 * @param s from the back seam on the foot's circumference, mm
 * @param z from the surface's own edge, mm
 * @param tape s as it is read on the tape in hand
 * @param turn of the cake about its axis that brings the place to the front, radians, as the turning view turns
 * @param rows of the dressing's layout that are on the cake once the place is done; none for a mark
 */
public record BenchPlace(
        int number, SurfaceKind surface, double s, double z, double tape, double turn, List<Integer> rows) {
    public BenchPlace {
        rows = List.copyOf(rows);
    }
}
