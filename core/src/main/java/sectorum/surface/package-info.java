/**
 * A tier's side: its outline, its height, and how far both are known. A reading of the finished side always beats a
 * nominal size (craft 2.1): the outline is scaled until its perimeter is the reading, and everything after uses that.
 *
 * <p>Heights z run up the side from the foot, along the side, as a tape laid on it reads them. On a tapered side the
 * circumference changes evenly with z and marks keep their angle, so a place is kept as a share of the way round.
 */
package sectorum.surface;
