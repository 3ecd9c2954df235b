package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;

/** What a nozzle draws or sets down (craft 3I): how it looks, how close it stands, what a size weighs. */
enum PipeForm {
    SHELL("shells", "star", 0.8, 30),
    ROSETTE("rosettes", "star", 1, 30),
    STAR("stars", "star", 1, 40),
    BEAD("beads", "plain", 1, 60),
    LEAF("leaves", "leaf", 0.7, 15),
    RUFFLE("ruffles", "petal", 0.6, 12),
    ROPE("a rope", "star", 0.5, 30),
    BASKET("basket strokes", "basket", 1.6, 20),
    LINE("a line", "plain", 0, 40),
    ZIGZAG("a zigzag", "plain", 1, 40),
    STRING("hanging strings", "plain", 3, 20);

    /** Piped rosettes and their like weigh this until ten are weighed, g at 1 cm (craft 3F). */
    private static final double LIKE_G = 0.16;

    final String words;
    /** The form of its nozzle, as the cupboard calls it. */
    final String nozzle;

    private final double pitch;
    /** Pieces, or decimetres of a line, after which its nozzle is wiped: slots and slits clog first. */
    final int wiped;

    PipeForm(String words, String nozzle, double pitch, int wiped) {
        this.words = words;
        this.nozzle = nozzle;
        this.pitch = pitch;
        this.wiped = wiped;
    }

    /** Whether it is one line, not pieces. */
    boolean isDrawn() {
        return this == LINE || this == ZIGZAG || this == STRING;
    }

    /** From one to the next, mm. */
    double pitch(double size) {
        return size * pitch;
    }

    /** Grams of one that is set down; by d³ for like shapes. */
    double grams(double size, double density) {
        double cm = size / 10;
        return switch (this) {
            case BEAD -> Math.PI / 12 * cm * cm * cm * density;
            case LEAF, RUFFLE -> LIKE_G * cm * cm * cm * 0.6;
            case BASKET -> 0.6 * cm * cm * cm * 0.35;
            default -> LIKE_G * cm * cm * cm;
        };
    }

    List<Double> outline(double size) {
        return switch (this) {
            case SHELL -> Element.SHELL.outline(size);
            case ROPE -> Element.ROPE.outline(size);
            case LEAF -> Cover.LEAF.outline(size);
            case BEAD -> Flat.circle(size, 20);
            case ROSETTE -> petals(size, 7, 0.1);
            case STAR -> petals(size, 5, 0.28);
            case RUFFLE -> fan(size);
            case BASKET -> Flat.rectangle(-size * 0.9, -size * 0.35, size * 1.8, size * 0.7);
            case LINE, ZIGZAG, STRING -> List.of();
        };
    }

    /** What is drawn between two places of its row, about their middle. */
    List<Double> drawn(double apart, double size, double nozzle) {
        double room = Math.max(0.5, size - nozzle);
        return switch (this) {
            case STRING -> hanging(apart, room);
            case ZIGZAG -> List.of(-apart / 2, -room / 2, 0.0, room / 2, apart / 2, -room / 2);
            default -> List.of(-apart / 2, 0.0, apart / 2, 0.0);
        };
    }

    /** A string from pin to pin, its lowest point so far under them. */
    private static List<Double> hanging(double apart, double drop) {
        List<Double> line = new ArrayList<>();
        int parts = 12;
        for (int i = 0; i <= parts; i++) {
            double t = 2.0 * i / parts - 1;
            line.add(t * apart / 2);
            line.add(drop * (t * t - 0.5));
        }
        return line;
    }

    private static List<Double> petals(double size, int many, double deep) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double t = 2 * Math.PI * i / 40;
            double r = size / 2 * (1 - deep + deep * Elementary.cos(many * t));
            line.add(r * Elementary.sin(t));
            line.add(r * Elementary.cos(t));
        }
        return line;
    }

    /** Narrow where it is stuck, and rippled where it is free. */
    private static List<Double> fan(double size) {
        List<Double> line = new ArrayList<>(List.of(-size * 0.1, -size / 2, size * 0.1, -size / 2));
        for (int i = 0; i <= 12; i++) {
            double t = Math.PI * (0.12 + 0.76 * i / 12);
            double r = size * (0.92 + 0.08 * Elementary.cos(18 * t));
            line.add(r / 2 * Elementary.cos(t));
            line.add(-size / 2 + r * Elementary.sin(t));
        }
        return line;
    }
}
