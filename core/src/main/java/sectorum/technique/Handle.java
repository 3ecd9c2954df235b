package sectorum.technique;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.surface.LevelSurface;

/**
 * Something on a surface that can be taken hold of. Moving it by 1 mm changes the field by {@code perMm}; whoever drags
 * snaps to the tape's divisions and stays between {@code least} and {@code most}, within which it makes sense here.
 *
 * @param field the setting it changes
 * @param label what moves
 * @param way towards more z, or along s
 * @param grips where it can be taken, one for each section, in order of the sections, or a single one of what has one place
 */
public record Handle(String field, String label, Way way, double perMm, double least, double most, List<Grip> grips) {
    public Handle {
        grips = List.copyOf(grips);
    }

    /** Which way a handle moves. */
    public enum Way {
        UP,
        ALONG
    }

    /**
     * A place to take hold.
     *
     * @param s mm from the seam on the foot's circumference
     * @param z mm from the surface's edge
     * @param inPlane the same in the plane of a level surface, turned as s runs there; absent on a side
     */
    public record Grip(double s, double z, @Absent LevelSurface.InPlane inPlane) {
        public Grip(double s, double z) {
            this(s, z, null);
        }
    }

    /** With where its grips lie in the plane of a level surface. */
    Handle on(LevelSurface level) {
        return new Handle(
                field,
                label,
                way,
                perMm,
                least,
                most,
                grips.stream()
                        .map(g -> new Grip(g.s(), g.z(), level.inPlane(g.s(), g.z(), 0)))
                        .toList());
    }
}
