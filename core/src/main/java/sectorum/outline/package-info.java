/**
 * The outlines of tiers as seen from above.
 *
 * <p>Conventions (craft 2.0): x to the right, y away from the front, the middle of the outline's box at the origin;
 * {@code s} runs anticlockwise from the back seam, {@code 0 ≤ s < P}, the front at {@code P/2}. Every outline but the
 * oval is a chain of lines and arcs ({@link sectorum.outline.Chain}), so perimeter, point, normal and curvature are
 * exact; the oval integrates its arc length to better than 1e-6 mm. Coats are laid on by the kinds in
 * {@link sectorum.outline.OutlineKind}, because each kind grows in its own way.
 *
 * <p>Rejected: sampling every outline as a polygon (marks would miss corners and lobes), and a general offset of curves
 * (craft 2.1 gives each kind's offset in closed form).
 */
package sectorum.outline;
