package sectorum.drawing;

/** A place in a flat drawing or on a flat piece, mm; which way y runs the drawing says. */
public record Point(double x, double y) {}
