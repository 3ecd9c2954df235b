package sectorum.bench;

/** A round cutter of the workshop, as wide as its cutting edge, mm. */
public record Cutter(String name, double across) {}
