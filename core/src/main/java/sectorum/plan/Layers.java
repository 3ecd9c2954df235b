package sectorum.plan;

import sectorum.measure.Field;

/**
 * A height built from layers: count × each + (count − 1) × filling (craft 2.1).
 *
 * @param each height of one layer, mm
 * @param filling between two, mm
 */
public record Layers(int count, double each, double filling) {
    public static final Field COUNT = Field.count("layers.count", "Layers", 1, 12, 3, "Count the cakes of this tier.");
    public static final Field EACH =
            Field.length("layers.each", "Each layer", 5, 200, 35, "Trimmed level, without filling.");
    public static final Field FILLING =
            Field.length("layers.filling", "Filling between", 0, 60, 8, "Between two layers, not on top.");

    public Layers {
        COUNT.check(count);
        EACH.check(each);
        FILLING.check(filling);
    }

    /** All layers and what is between them, mm. */
    public double height() {
        return count * each + (count - 1) * filling;
    }
}
