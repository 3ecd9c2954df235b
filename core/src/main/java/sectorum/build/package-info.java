/**
 * What carries a cake (craft 5.1): masses and loads, dowels and their lengths, where a tier stands on the one below.
 * Lengths mm, masses g; x to the right and y away from the front, from the middle of the tier that is looked at. A tier that
 * does not stand on the middle of the one below shifts everything above it, too.
 */
package sectorum.build;
