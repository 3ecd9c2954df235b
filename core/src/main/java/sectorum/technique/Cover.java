package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** Small pieces that cover a surface: how each looks, and how many it takes (craft 3F). */
enum Cover {
    DISC("discs", "Disc"),
    SCALE("scales", "Scale"),
    PETAL("petals", "Petal"),
    SHARD("shards", "Shard"),
    LEAF("leaves", "Leaf"),
    GATHERED("gathered circles", "Circle to gather");

    /** Shapes that tile need a tenth more than their area. */
    private static final double TILES = 1.1;
    /** A gathered circle pulls in to so much of its width, and takes so many times the area by its flat one. */
    private static final double GATHERS = 0.6;

    private static final double GATHERED_K = 2.8;

    final String words;
    final String one;

    Cover(String words, String one) {
        this.words = words;
        this.one = one;
    }

    boolean isRound() {
        return this == DISC || this == GATHERED;
    }

    /** k for a look that has so much for discs. */
    double k(double discs) {
        return switch (this) {
            case SHARD -> TILES;
            case GATHERED -> GATHERED_K;
            default -> discs;
        };
    }

    /** How large one is seen, mm, that is cut so large. */
    double seen(double size) {
        return this == GATHERED ? GATHERS * size : size;
    }

    /** Of the flat piece, mm². */
    double area(double size) {
        return isRound() ? Math.PI / 4 * size * size : Flat.area(outline(size));
    }

    /** How one is turned, by a chance of its own; scales hang. */
    double turn(double chance) {
        return switch (this) {
            case SCALE, DISC -> 0;
            case PETAL, LEAF -> (chance - 0.5) * 1.4;
            case SHARD, GATHERED -> (chance - 0.5) * 2 * Math.PI;
        };
    }

    /** About its middle, within a circle of that size; a leaf and a petal point up. */
    List<Double> outline(double size) {
        double half = size / 2;
        return switch (this) {
            case DISC -> Flat.circle(size, 24);
            case GATHERED -> gathered(half);
            case SHARD ->
                List.of(
                        -0.82 * half,
                        -0.55 * half,
                        0.35 * half,
                        -0.9 * half,
                        0.9 * half,
                        0.3 * half,
                        -0.2 * half,
                        0.95 * half);
            case LEAF -> blade(half, 0.36, 1);
            case PETAL -> blade(half, 0.72, 0.55);
            case SCALE -> scale(half);
        };
    }

    /** Pointed above, rounder below by so much. */
    private static List<Double> blade(double half, double wide, double foot) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double t = 2 * Math.PI * i / 24;
            double z = -Elementary.cos(t);
            double x = Elementary.sin(t) * wide * Elementary.pow(Elementary.cos((z + 1) / 2 * Math.PI / 2), foot);
            line.add(half * x);
            line.add(half * z);
        }
        return line;
    }

    /** Straight above, a half round below. */
    private static List<Double> scale(double half) {
        List<Double> line = new ArrayList<>(List.of(half, half, -half, half));
        for (int i = 0; i <= 12; i++) {
            double t = Math.PI + Math.PI * i / 12;
            line.add(half * Elementary.cos(t));
            line.add(half * Elementary.sin(t));
        }
        return line;
    }

    private static List<Double> gathered(double half) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 36; i++) {
            double t = 2 * Math.PI * i / 36;
            double r = half * (0.86 + 0.14 * Elementary.cos(9 * t));
            line.add(r * Elementary.cos(t));
            line.add(r * Elementary.sin(t));
        }
        return line;
    }

    /** A frame to cover or strew a patch in, as one likes it. */
    static Drawing swatch(double side) {
        return card(
                "swatch", Flat.rectangle(0, 0, side, side), Phrase.of("Swatch, {} each way", Quantity.length(side)));
    }

    /** The template of a piece at true size. */
    static Drawing card(String name, List<Double> outline, Phrase title) {
        return Card.of(outline, true).made(name, title);
    }
}
