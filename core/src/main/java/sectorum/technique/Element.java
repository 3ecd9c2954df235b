package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;

/** Small things repeated along a line: how they look, what one weighs, how close they usually stand. */
public enum Element {
    LEAF("leaves", Material.HALF, true, 0.75),
    BLOSSOM("blossoms", Material.GUM, true, 1.15),
    PEARL("pearls", Material.PEARL, false, 1.4),
    DOT("piped dots", Material.ROYAL, false, 1.6),
    SHELL("piped shells", Material.BUTTERCREAM, false, 0.8),
    ROPE("piped rope", Material.BUTTERCREAM, false, 0.5);

    /** Rolled paste for what is cut, mm. */
    static final double ROLLED_MM = 1.5;
    /** Piped rosettes and shells weigh this until weighed, g at 1 cm (craft 3F). */
    private static final double PIPED_G = 0.16;

    final String words;
    final Material material;
    final boolean cut;
    private final double pitch;

    Element(String words, Material material, boolean cut, double pitch) {
        this.words = words;
        this.material = material;
        this.cut = cut;
        this.pitch = pitch;
    }

    /** How far apart they usually stand for a size in mm. */
    double pitch(double size) {
        return size * pitch;
    }

    /** Grams of one that is not cut from a sheet. */
    double grams(double size) {
        return switch (this) {
            case PEARL -> material.ball(size);
            case DOT -> material.ball(size) / 2;
            default -> PIPED_G * Elementary.pow(size / 10, 3);
        };
    }

    /** The one of that name among some; a document has been checked against their names before. */
    public static Element of(String key, Element... among) {
        return Choices.of(among, key);
    }

    public Material material() {
        return material;
    }

    Spare spare() {
        return material == Material.PEARL || cut ? Spare.USUAL : Spare.NONE;
    }

    Adhesive adhesive() {
        return material.adhesive();
    }

    /** Its outline about its middle, the line it stands on running along x. */
    public List<Double> outline(double size) {
        return switch (this) {
            case PEARL, DOT -> Flat.circle(size, 20);
            case LEAF -> leaf(size);
            case BLOSSOM -> blossom(size);
            case SHELL -> shell(size);
            case ROPE -> slanted(size);
        };
    }

    /** How much it is turned from the line, radians: leaves go to both sides in turn. */
    double turn(int index) {
        return this == LEAF ? (index % 2 == 0 ? 0.6 : -0.6) : 0;
    }

    private static List<Double> leaf(double size) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double t = 2 * Math.PI * i / 24;
            double bulge = Elementary.sin(t) * Math.abs(Elementary.sin(t / 2)) * 0.42;
            line.add(size / 2 * Elementary.cos(t));
            line.add(size / 2 * bulge);
        }
        return line;
    }

    private static List<Double> blossom(double size) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double t = 2 * Math.PI * i / 40;
            double r = size / 2 * (0.74 + 0.26 * Math.abs(Elementary.cos(2.5 * t)));
            line.add(r * Elementary.cos(t + Math.PI / 2));
            line.add(r * Elementary.sin(t + Math.PI / 2));
        }
        return line;
    }

    private static List<Double> shell(double size) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double t = 2 * Math.PI * i / 24;
            double taper = 0.72 + 0.28 * Elementary.cos(t);
            line.add(size / 2 * Elementary.cos(t + Math.PI));
            line.add(size / 2 * Elementary.sin(t + Math.PI) * taper);
        }
        return line;
    }

    private static List<Double> slanted(double size) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            double t = 2 * Math.PI * i / 20;
            double x = size * 0.28 * Elementary.cos(t);
            double z = size / 2 * Elementary.sin(t);
            line.add(x + z * 0.45);
            line.add(z);
        }
        return line;
    }
}
