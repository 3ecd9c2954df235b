/**
 * Drawings at true size: lines and words in millimetres on a sheet of no fixed size, x to the right and y down from the
 * upper left corner. A drawing knows nothing of paper, printers or screens; {@code template} lays it on sheets, the
 * server writes it as PDF or SVG.
 */
package sectorum.drawing;
