package sectorum.technique;

import java.util.List;

/**
 * Something on the band that can be taken hold of. Moving it by 1 mm changes the field by {@code perMm}; whoever drags
 * snaps to the tape's divisions and stays between {@code least} and {@code most}, within which it makes sense here.
 *
 * @param field the setting it changes
 * @param label what moves
 * @param way up the side, or along it
 * @param grips where it can be taken, one for each section, in order of the sections
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

    /** A place to take hold: mm from the seam on the foot's circumference, mm above the foot. */
    public record Grip(double s, double z) {}
}
