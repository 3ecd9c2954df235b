/**
 * Templates on paper: the drawings that belong to no technique, and how any drawing is laid on sheets.
 *
 * <p>A drawing that fits one sheet is never split; a larger one is cut into tiles that overlap, each joint drawn on both
 * neighbours with its letter. Every sheet carries what it is, where it belongs, the day it was printed, and a line of
 * 100 mm both ways (craft 4.4).
 */
package sectorum.template;
