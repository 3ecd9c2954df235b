/**
 * Flat shapes of any form: outer lines and holes, what they add up to and what one leaves of another. Lengths in mm, x to the
 * right and z up. Sums of regions are done by a library behind {@link sectorum.art.Regions}; nothing else knows it.
 */
package sectorum.art;
