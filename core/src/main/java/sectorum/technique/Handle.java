package sectorum.technique;

import java.util.List;

/**
 * Something on the band that can be taken hold of. Moving it up by 1 mm changes the field by {@code perMm}; the field's
 * range bounds it, and whoever drags snaps to the tape's divisions.
 *
 * @param field the setting it changes
 * @param label what moves
 * @param grips where it can be taken, one for each section, in order of the sections
 */
public record Handle(String field, String label, double perMm, List<Grip> grips) {
    public Handle {
        grips = List.copyOf(grips);
    }

    /** A place to take hold: mm from the seam on the foot's circumference, mm above the foot. */
    public record Grip(double s, double z) {}
}
