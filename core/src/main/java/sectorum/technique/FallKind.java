package sectorum.technique;

import java.util.List;
import sectorum.material.Material;

/** What falls (craft 3F). */
enum FallKind {
    ROSETTE("piped rosettes", Material.BUTTERCREAM),
    RUFFLE("piped ruffles", Material.BUTTERCREAM),
    BLOSSOM("blossoms", Material.GUM),
    LEAF("leaves", Material.HALF);

    final String words;
    final Material material;

    FallKind(String words, Material material) {
        this.words = words;
        this.material = material;
    }

    boolean isPiped() {
        return this == ROSETTE || this == RUFFLE;
    }

    /** Grams of one that is piped, until ten are weighed. */
    double piped(double size) {
        return (this == RUFFLE ? PipeForm.RUFFLE : PipeForm.ROSETTE).grams(size, material.density());
    }

    List<Double> outline(double size) {
        return switch (this) {
            case ROSETTE -> Cover.GATHERED.outline(size);
            case RUFFLE -> PipeForm.RUFFLE.outline(size);
            case BLOSSOM -> Element.BLOSSOM.outline(size);
            case LEAF -> Element.LEAF.outline(size);
        };
    }
}
