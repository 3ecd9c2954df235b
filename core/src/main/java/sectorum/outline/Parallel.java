package sectorum.outline;

import java.util.List;
import sectorum.measure.Elementary;

/**
 * The line z inside a smooth outline without corners, told by the places of that outline it stands square on: to u there
 * belongs u − z·θ(u), θ how far the normal has turned since the seam. So its length is P − 2πz.
 *
 * @param outer smooth, bulging everywhere
 * @param z mm, under its tightest bend
 */
record Parallel(Outline outer, double z) implements Outline {
    /** Halvings that bring a whole side under a billionth of a millimetre. */
    private static final int HALVINGS = 48;

    @Override
    public double perimeter() {
        return outer.perimeter() - 2 * Math.PI * z;
    }

    @Override
    public Spot at(double s) {
        double wanted = Along.of(s, perimeter()).s();
        double low = 0;
        double high = outer.perimeter();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (along(middle) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Spot spot = outer.at((low + high) / 2);
        double k = spot.curvature();
        return new Spot(spot.x() - z * spot.nx(), spot.y() - z * spot.ny(), spot.nx(), spot.ny(), k / (1 - z * k));
    }

    /** How far along this line the place square under u of the outer one lies, 0 ≤ u ≤ its perimeter. */
    private double along(double u) {
        if (u >= outer.perimeter()) {
            return perimeter();
        }
        Spot spot = outer.at(u);
        // The seam looks straight back: from there on the normal turns anticlockwise.
        double turned = Elementary.atan2(spot.ny(), spot.nx()) - Math.PI / 2;
        turned -=
                Math.floor((turned + Math.PI * (u < outer.perimeter() / 2 ? 0.5 : -0.5)) / (2 * Math.PI)) * 2 * Math.PI;
        return u - z * turned;
    }

    @Override
    public List<Double> corners() {
        return List.of();
    }

    @Override
    public Outline scaled(double k) {
        return new Parallel(outer.scaled(k), z * k);
    }

    /** A − z·P + πz² of the outer one (Steiner). */
    @Override
    public double area() {
        return outer.area() - z * outer.perimeter() + Math.PI * z * z;
    }

    @Override
    public Outline inset(double further) {
        return new Parallel(outer, z + further);
    }

    @Override
    public double deepest() {
        return outer.deepest() - z;
    }

    @Override
    public double nearest(double x, double y) {
        return Along.of(along(outer.nearest(x, y)), perimeter()).s();
    }
}
