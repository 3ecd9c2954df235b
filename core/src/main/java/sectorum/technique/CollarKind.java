package sectorum.technique;

import sectorum.material.Adhesive;
import sectorum.material.Material;

/** What goes round a tier as one strip (craft 3G). */
enum CollarKind {
    CAGE("chocolate cage, drawn", Material.CHOCOLATE, Adhesive.CHOCOLATE, 60, 0.35),
    LACE("edible lace", Material.LACE, Adhesive.WATER, 0, 0.6),
    SOLID("chocolate band", Material.CHOCOLATE, Adhesive.CHOCOLATE, 20, 1),
    /** Not eaten: it keeps a soft side in shape, and comes off. */
    ACETATE("acetate collar", Material.CHOCOLATE, Adhesive.NONE, 30, 1);

    final String words;
    final Material material;
    final Adhesive adhesive;
    /** How far it usually stands over the edge, mm, and how much of it is covered. */
    final double rise;

    final double share;

    CollarKind(String words, Material material, Adhesive adhesive, double rise, double share) {
        this.words = words;
        this.material = material;
        this.adhesive = adhesive;
        this.rise = rise;
        this.share = share;
    }

    boolean isPoured() {
        return material == Material.CHOCOLATE && isEaten();
    }

    boolean isEaten() {
        return this != ACETATE;
    }
}
