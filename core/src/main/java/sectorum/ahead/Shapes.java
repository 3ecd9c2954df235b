package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.measure.Elementary;
import sectorum.technique.Element;

/** Outlines of cutters, x from their middle and z from their foot, which is what they are fixed by; mm. */
final class Shapes {
    private static final int ROUND = 32;

    private Shapes() {}

    static List<Double> rectangle(double wide, double high) {
        return List.of(-wide / 2, 0.0, wide / 2, 0.0, wide / 2, high, -wide / 2, high);
    }

    static List<Double> oval(double wide, double high) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND;
            line.add(wide / 2 * Elementary.cos(a));
            line.add(high / 2 * (1 + Elementary.sin(a)));
        }
        return line;
    }

    /** A drop: narrow where it is fixed, full above its middle. */
    static List<Double> petal(double wide, double high) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND - Math.PI / 2;
            double up = (1 + Elementary.sin(a)) / 2;
            line.add(wide / 2 * Elementary.cos(a) * (0.35 + 0.65 * Math.sqrt(up)));
            line.add(high * up);
        }
        return fitted(line, wide, high);
    }

    /** Its point at the foot, where it is fixed; two bows above. */
    static List<Double> heart(double wide, double high) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND;
            line.add(16 * Elementary.pow(Elementary.sin(a), 3));
            line.add(13 * Elementary.cos(a)
                    - 5 * Elementary.cos(2 * a)
                    - 2 * Elementary.cos(3 * a)
                    - Elementary.cos(4 * a));
        }
        return fitted(line, wide, high);
    }

    static List<Double> leaf(double wide, double high) {
        List<Double> line = new ArrayList<>();
        int half = ROUND / 2;
        for (int i = 0; i < ROUND; i++) {
            double up = i <= half ? (double) i / half : 2 - (double) i / half;
            double side = i <= half ? 1 : -1;
            line.add(side * Elementary.pow(Elementary.sin(Math.PI * Elementary.pow(up, 0.8)), 0.9));
            line.add(up);
        }
        return fitted(line, wide, high);
    }

    static List<Double> blossom(double across) {
        return fitted(Element.BLOSSOM.outline(across), across, across);
    }

    /** Five narrow points. */
    static List<Double> calyx(double across) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 1 : 0.32;
            line.add(r * Elementary.sin(Math.PI * i / 5));
            line.add(r * Elementary.cos(Math.PI * i / 5));
        }
        return fitted(line, across, across);
    }

    /** A field with a pointed foot. */
    static List<Double> shield(double wide, double high) {
        List<Double> line = new ArrayList<>(List.of(-0.5, 1.0, -0.5, 0.45));
        for (int i = 1; i < 10; i++) {
            double a = Math.PI / 2 * i / 10;
            line.addAll(List.of(-0.5 * Elementary.cos(a), 0.45 - 0.45 * Elementary.sin(a)));
        }
        line.addAll(List.of(0.0, 0.0));
        for (int i = 9; i > 0; i--) {
            double a = Math.PI / 2 * i / 10;
            line.addAll(List.of(0.5 * Elementary.cos(a), 0.45 - 0.45 * Elementary.sin(a)));
        }
        line.addAll(List.of(0.5, 0.45, 0.5, 1.0));
        return fitted(line, wide, high);
    }

    /** As wide and as high as told, its middle over x 0 and its lowest point on z 0. */
    private static List<Double> fitted(List<Double> line, double wide, double high) {
        List<Double> box = Rings.of(line).box();
        List<Double> there = new ArrayList<>(line.size());
        for (int i = 0; i < line.size(); i += 2) {
            there.add(((line.get(i) - box.get(0)) / (box.get(2) - box.get(0)) - 0.5) * wide);
            there.add((line.get(i + 1) - box.get(1)) / (box.get(3) - box.get(1)) * high);
        }
        return there;
    }
}
