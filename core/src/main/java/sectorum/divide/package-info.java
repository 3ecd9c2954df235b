/**
 * Dividing a side into sections, and the ways to mark them.
 *
 * <p>Positions are mm from the back seam on the circumference at the height where the tape lies. Where no corners rule,
 * marks are even and close to 1e-9 mm; rectangles and polygons carry a mark on every corner and divide each side on its
 * own; a mark moved by hand is locked and the rest spread evenly between the locked ones. A tape lying on the side spans
 * the arc, a stiff card the chord; both are always given (craft 2.2).
 */
package sectorum.divide;
