package sectorum.technique;

import java.util.List;
import sectorum.material.Adhesive;
import sectorum.material.Material;

/** What lies in clusters (craft 3F). */
enum ClusterKind {
    FLOWER("flowers", "Flower", Material.GUM, Adhesive.ROYAL, ""),
    BALL("balls of paste", "Ball", Material.FONDANT, Adhesive.GLUE, ""),
    SPHERE("balls of chocolate", "Ball of chocolate", Material.CHOCOLATE, Adhesive.CHOCOLATE, ""),
    FRUIT("fresh fruit", "Fruit", Material.FRUIT, Adhesive.CHOCOLATE, Cautions.FRUIT),
    SWEET("sweets", "Sweet", Material.SWEETS, Adhesive.ROYAL, ""),
    TRUFFLE("truffles", "Truffle", Material.GANACHE, Adhesive.CHOCOLATE, "");

    final String words;
    final String one;
    final Material material;
    final Adhesive adhesive;
    final String caution;

    ClusterKind(String words, String one, Material material, Adhesive adhesive, String caution) {
        this.words = words;
        this.one = one;
        this.material = material;
        this.adhesive = adhesive;
        this.caution = caution;
    }

    /** Whether each is made ahead and dried. */
    boolean isDried() {
        return this == FLOWER;
    }

    List<Double> outline(double size) {
        return this == FLOWER ? Element.BLOSSOM.outline(size) : Flat.circle(size, 24);
    }
}
