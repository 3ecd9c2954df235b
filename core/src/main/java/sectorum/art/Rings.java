package sectorum.art;

import java.util.ArrayList;
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

    /** One outer line lifted so that its foot lies at z 0. */
    public static Rings raised(List<Double> outer) {
        double least = Double.MAX_VALUE;
        for (int i = 1; i < outer.size(); i += 2) {
            least = Math.min(least, outer.get(i));
        }
        List<Double> up = new ArrayList<>(outer);
        for (int i = 1; i < up.size(); i += 2) {
            up.set(i, up.get(i) - least);
        }
        return of(up);
    }

    /** mm², holes left out. */
    public double area() {
        return outers.stream().mapToDouble(Contour::area).reduce(0, Double::sum)
                - holes.stream().mapToDouble(Contour::area).reduce(0, Double::sum);
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

    /** How high its lowest and its highest point lie, and how far left and right it reaches: left, low, right, high. */
    public List<Double> box() {
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (List<Double> outer : outers) {
            for (int i = 0; i < outer.size(); i++) {
                box[i % 2] = Math.min(box[i % 2], outer.get(i));
                box[2 + i % 2] = Math.max(box[2 + i % 2], outer.get(i));
            }
        }
        return List.of(box[0], box[1], box[2], box[3]);
    }

    /**
     * The same as outlines without holes: from each outer line a cut of no width leads to each of its holes and back, so that a
     * hand can follow it in one go and its area stays the same.
     */
    public List<List<Double>> keyholed() {
        List<List<Double>> lines = new ArrayList<>();
        for (List<Double> outer : outers) {
            List<Double> line = new ArrayList<>(outer);
            for (List<Double> hole : holes) {
                if (Contour.holds(outer, hole.get(0), hole.get(1))) {
                    line = Contour.joined(line, hole);
                }
            }
            lines.add(line);
        }
        return lines;
    }
}
