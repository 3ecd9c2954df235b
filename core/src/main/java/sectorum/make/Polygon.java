package sectorum.make;

import java.util.Arrays;
import java.util.List;
import sectorum.measure.Elementary;

/** A closed outline for nesting: its lower left at 0, 0; what it measures and how near another may come. */
final class Polygon {
    private final double[] xs;
    private final double[] ys;
    private final double width;
    private final double height;

    private Polygon(double[] xs, double[] ys) {
        double left = Arrays.stream(xs).min().orElseThrow();
        double low = Arrays.stream(ys).min().orElseThrow();
        this.xs = Arrays.stream(xs).map(x -> x - left).toArray();
        this.ys = Arrays.stream(ys).map(y -> y - low).toArray();
        this.width = Arrays.stream(this.xs).max().orElseThrow();
        this.height = Arrays.stream(this.ys).max().orElseThrow();
    }

    static Polygon of(List<Double> outline) {
        int n = outline.size() / 2;
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = outline.get(2 * i);
            ys[i] = outline.get(2 * i + 1);
        }
        return new Polygon(xs, ys);
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    int corners() {
        return xs.length;
    }

    double x(int i) {
        return xs[i];
    }

    double y(int i) {
        return ys[i];
    }

    double area() {
        double twice = 0;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            twice += xs[i] * ys[j] - xs[j] * ys[i];
        }
        return Math.abs(twice) / 2;
    }

    /** Turned by so many quarters, against the clock, and set to 0, 0 again. */
    Polygon turned(int quarters) {
        double[] tx = new double[xs.length];
        double[] ty = new double[xs.length];
        for (int i = 0; i < xs.length; i++) {
            switch (Math.floorMod(quarters, 4)) {
                case 1 -> {
                    tx[i] = -ys[i];
                    ty[i] = xs[i];
                }
                case 2 -> {
                    tx[i] = -xs[i];
                    ty[i] = -ys[i];
                }
                case 3 -> {
                    tx[i] = ys[i];
                    ty[i] = -xs[i];
                }
                default -> {
                    tx[i] = xs[i];
                    ty[i] = ys[i];
                }
            }
        }
        return new Polygon(tx, ty);
    }

    /** The same with x and y exchanged: what holds along x then holds along y. */
    Polygon flipped() {
        return new Polygon(ys, xs);
    }

    /** Its diameter where it is a round drawn with corners, otherwise 0. */
    double round() {
        if (xs.length < 12) {
            return 0;
        }
        double r = width / 2;
        for (int i = 0; i < xs.length; i++) {
            if (Math.abs(Elementary.hypot(xs[i] - width / 2, ys[i] - height / 2) - r) > 0.02 * r) {
                return 0;
            }
        }
        return width;
    }

    /** Whether it fills its box. */
    boolean boxed() {
        return area() > width * height * (1 - 1e-9);
    }

    /** The farthest right (side 1), or left negated (side −1), between two heights; not a number where there is nothing. */
    double edge(double low, double high, int side) {
        double most = Double.NaN;
        for (int i = 0; i < xs.length; i++) {
            int j = i + 1 == xs.length ? 0 : i + 1;
            double y0 = ys[i];
            double y1 = ys[j];
            double from = Math.max(low, Math.min(y0, y1));
            double to = Math.min(high, Math.max(y0, y1));
            if (from > to) {
                continue;
            }
            double a = y0 == y1 ? side * xs[i] : side * at(i, j, from);
            double b = y0 == y1 ? side * xs[j] : side * at(i, j, to);
            double here = Math.max(a, b);
            most = Double.isNaN(most) ? here : Math.max(most, here);
        }
        return most;
    }

    private double at(int i, int j, double y) {
        return xs[i] + (xs[j] - xs[i]) * (y - ys[i]) / (ys[j] - ys[i]);
    }
}
