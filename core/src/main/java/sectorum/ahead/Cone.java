package sectorum.ahead;

/** A cone rolled from a flat sector (craft 4.1). */
final class Cone {
    private Cone() {}

    /** The sector's angle for a base radius and a slant, radians; a base as wide as the slant is a flat round. */
    static double angle(double radius, double slant) {
        return 2 * Math.PI * Math.min(1, radius / slant);
    }
}
