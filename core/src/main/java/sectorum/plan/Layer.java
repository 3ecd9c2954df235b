package sectorum.plan;

import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * Another paste laid over its free face, such as a sugar sheet on a plaque.
 *
 * @param thickness mm
 */
public record Layer(Material material, double thickness) {
    private static final Field THICK = Field.length(
            "pieces.resting.layer.thickness", "Layer over it", 0.3, 40, 2, "Of the layer alone, without the piece.");

    public Layer {
        if (material == null) {
            throw new Refused(
                    "pieces.resting.layer.material",
                    Phrase.of(
                            "A layer of {} needs its paste. Say what it is made of, or leave the layer out.",
                            Quantity.length(thickness)));
        }
        THICK.check(thickness);
    }
}
