package sectorum.ahead;

import java.util.List;

/**
 * The outline of anything cut: outer lines and holes in them, each x0, z0, x1, z1, … in mm, x from the piece's middle and z
 * from its foot, closed without its first point again.
 */
public record Rings(List<List<Double>> outers, List<List<Double>> holes) {
    public Rings {
        outers = outers.stream().map(List::copyOf).toList();
        holes = holes.stream().map(List::copyOf).toList();
        if (outers.isEmpty()) {
            throw new IllegalArgumentException("A piece has an outer line");
        }
    }

    /** One outer line without holes. */
    public static Rings of(List<Double> outer) {
        return new Rings(List.of(outer), List.of());
    }

    /** mm², holes left out. */
    public double area() {
        return outers.stream().mapToDouble(Rings::area).sum()
                - holes.stream().mapToDouble(Rings::area).sum();
    }

    private static double area(List<Double> xz) {
        double twice = 0;
        for (int i = 0; i < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            twice += xz.get(i) * xz.get(j + 1) - xz.get(j) * xz.get(i + 1);
        }
        return Math.abs(twice) / 2;
    }

    /** How far it reaches across, mm. */
    public double width() {
        return reach(0);
    }

    /** How far it reaches up, mm. */
    public double height() {
        return reach(1);
    }

    private double reach(int from) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (List<Double> outer : outers) {
            for (int i = from; i < outer.size(); i += 2) {
                least = Math.min(least, outer.get(i));
                most = Math.max(most, outer.get(i));
            }
        }
        return most - least;
    }
}
