package sectorum.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import sectorum.art.Contour;
import sectorum.art.Rings;
import sectorum.measure.Elementary;

/**
 * Puts together what is seen of a piece: x to the right, y away from its front, z up, mm. All is true to size, so that the
 * turning view, the view from above and the elevation are one drawing.
 */
final class Sculpt {
    /** Light comes from before, from the left and from above. */
    private static final double[] LIGHT = {-0.35, -0.75, 0.56};
    /** Turned so far to the light, a face has its own colour. */
    private static final double OWN = 0.7;

    private static final double CONTRAST = 0.55;
    private static final int CORNERS = 12;
    /** Finer than this is not drawn round, mm. */
    private static final double SMALL = 12;
    /** A narrower blade is drawn in one: its hollow is not seen. */
    private static final double HOLLOW = 22;

    /** A thinner string is one band: seen on edge it is a line. */
    private static final double THIN = 2;

    /** A twentieth of a millimetre is as fine as anybody sees. */
    private static final double FINE = 20;

    /** Of what has more faces, every so many are drawn: sixty such pieces still travel with an edit. */
    private static final int MOST = 800;

    /** A face while it is being turned about. */
    private record Raw(double[] xyz, int colour, boolean solid) {}

    private final List<Raw> faces = new ArrayList<>();

    /** All of it, each face by how it is turned to the light. */
    List<Face> faces() {
        int every = 1 + (faces.size() - 1) / MOST;
        return IntStream.iterate(0, i -> i < faces.size(), i -> i + every)
                .mapToObj(faces::get)
                .map(f -> {
                    Double[] fine = new Double[f.xyz().length];
                    for (int i = 0; i < fine.length; i++) {
                        fine[i] = Elementary.rint(f.xyz()[i] * FINE) / FINE;
                    }
                    return new Face(List.of(fine), Elementary.rint(tone(f.xyz()) * 100) / 100, f.colour(), f.solid());
                })
                .toList();
    }

    /** A face by its corners. */
    Sculpt face(int colour, List<Double> xyz) {
        return face(colour, xyz, false);
    }

    private Sculpt face(int colour, List<Double> xyz, boolean solid) {
        return face(colour, xyz.stream().mapToDouble(v -> v).toArray(), solid);
    }

    private Sculpt face(int colour, double[] xyz, boolean solid) {
        faces.add(new Raw(xyz, colour, solid));
        return this;
    }

    /** Twice the area a face spans, by direction. */
    private static double[] normal(double[] p) {
        double[] n = new double[3];
        for (int i = 0; i < p.length; i += 3) {
            int j = (i + 3) % p.length;
            n[0] += (p[i + 1] - p[j + 1]) * (p[i + 2] + p[j + 2]);
            n[1] += (p[i + 2] - p[j + 2]) * (p[i] + p[j]);
            n[2] += (p[i] - p[j]) * (p[i + 1] + p[j + 1]);
        }
        return n;
    }

    private static double tone(double[] xyz) {
        double[] n = normal(xyz);
        double long_ = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
        if (long_ < 1e-9) {
            return 0;
        }
        double lit = Math.abs(n[0] * LIGHT[0] + n[1] * LIGHT[1] + n[2] * LIGHT[2]) / long_;
        return CONTRAST * (lit - OWN);
    }

    /** Something flat that faces the front, so far behind the middle. */
    Sculpt card(int colour, List<Double> xz, double y) {
        List<Double> xyz = new ArrayList<>();
        for (int i = 0; i < xz.size(); i += 2) {
            xyz.addAll(List.of(xz.get(i), y, xz.get(i + 1)));
        }
        return face(colour, xyz);
    }

    /** The same bent round an upright former: its middle touches, its edges come forward with the side behind it. */
    Sculpt curved(int colour, List<Double> xz, double y, double radius) {
        List<Double> xyz = new ArrayList<>();
        for (int i = 0; i < xz.size(); i += 2) {
            double a = xz.get(i) / radius;
            xyz.addAll(List.of(radius * Elementary.sin(a), y + radius * (1 - Elementary.cos(a)), xz.get(i + 1)));
        }
        return face(colour, xyz);
    }

    /** What lies between two lines of as many points. */
    Sculpt band(int colour, List<double[]> one, List<double[]> other) {
        return band(colour, one, other, false);
    }

    private Sculpt band(int colour, List<double[]> one, List<double[]> other, boolean solid) {
        for (int i = 0; i + 1 < one.size(); i++) {
            List<Double> quad = new ArrayList<>();
            for (double[] p : List.of(one.get(i), one.get(i + 1), other.get(i + 1), other.get(i))) {
                quad.addAll(List.of(p[0], p[1], p[2]));
            }
            face(colour, quad, solid);
        }
        return this;
    }

    /** An egg of three half widths; a small one is drawn with fewer faces. */
    Sculpt egg(int colour, double[] at, double rx, double ry, double rz) {
        boolean small = 2 * Math.max(rx, rz) < SMALL;
        int round = small ? 6 : 10;
        int up = small ? 3 : 5;
        for (int j = 0; j < up; j++) {
            double a0 = Math.PI * j / up - Math.PI / 2;
            double a1 = Math.PI * (j + 1) / up - Math.PI / 2;
            band(
                    colour,
                    ring(at, rx * Elementary.cos(a0), ry * Elementary.cos(a0), rz * Elementary.sin(a0), round),
                    ring(at, rx * Elementary.cos(a1), ry * Elementary.cos(a1), rz * Elementary.sin(a1), round),
                    true);
        }
        return this;
    }

    /** A round that narrows upwards from one radius to another. */
    Sculpt frustum(int colour, double[] at, double foot, double top, double high) {
        int round = 2 * Math.max(foot, top) < SMALL ? 6 : 12;
        List<double[]> low = ring(at, foot, foot, 0, round);
        List<double[]> upper = ring(at, top, top, high, round);
        band(colour, low, upper, true);
        if (top > 0.3) {
            lid(colour, upper);
        }
        return this;
    }

    private void lid(int colour, List<double[]> ring) {
        List<Double> xyz = new ArrayList<>();
        ring.subList(1, ring.size()).forEach(p -> xyz.addAll(List.of(p[0], p[1], p[2])));
        face(colour, xyz, true);
    }

    private static List<double[]> ring(double[] at, double rx, double ry, double up, int parts) {
        List<double[]> ring = new ArrayList<>();
        for (int i = 0; i <= parts; i++) {
            double a = 2 * Math.PI * i / parts;
            ring.add(new double[] {at[0] + rx * Elementary.sin(a), at[1] - ry * Elementary.cos(a), at[2] + up});
        }
        return ring;
    }

    /** A string of so many mm along points, seen as wide from all sides as matters: two crossed bands. */
    Sculpt string(int colour, List<double[]> line, double thick) {
        double half = thick / 2;
        for (int way = 0; way < (thick < THIN ? 1 : 2); way++) {
            List<double[]> one = new ArrayList<>();
            List<double[]> other = new ArrayList<>();
            for (int i = 0; i < line.size(); i++) {
                double[] a = line.get(Math.max(0, i - 1));
                double[] b = line.get(Math.min(line.size() - 1, i + 1));
                double[] p = line.get(i);
                double dx = b[0] - a[0];
                double dz = b[2] - a[2];
                double long_ = Math.max(1e-9, Elementary.hypot(dx, dz));
                double nx = way == 0 ? -dz / long_ * half : 0;
                double nz = way == 0 ? dx / long_ * half : 0;
                double ny = way == 0 ? 0 : half;
                one.add(new double[] {p[0] + nx, p[1] + ny, p[2] + nz});
                other.add(new double[] {p[0] - nx, p[1] - ny, p[2] - nz});
            }
            band(colour, one, other);
        }
        return this;
    }

    /**
     * Something cut that stands out from an axis: its foot at a point, its length turned up from the horizontal, its edges
     * raised a little so that it is hollow.
     *
     * @param about the way it looks, from the front to the right, radians
     */
    Sculpt blade(int colour, List<Double> xz, double[] foot, double about, double tilt, double hollow) {
        double[] along = {
            Elementary.sin(about) * Elementary.cos(tilt),
            -Elementary.cos(about) * Elementary.cos(tilt),
            Elementary.sin(tilt)
        };
        double[] beside = {Elementary.cos(about), Elementary.sin(about), 0};
        double[] up = {
            -Elementary.sin(about) * Elementary.sin(tilt),
            Elementary.cos(about) * Elementary.sin(tilt),
            Elementary.cos(tilt)
        };
        List<Double> line = coarse(xz);
        boolean whole = Rings.of(line).width() < HOLLOW;
        for (int side = -1; side <= (whole ? -1 : 1); side += 2) {
            List<Double> half = whole ? line : half(line, side);
            if (half.size() < 6) {
                continue;
            }
            List<Double> xyz = new ArrayList<>();
            for (int i = 0; i < half.size(); i += 2) {
                double u = half.get(i);
                double v = half.get(i + 1);
                double w = hollow * Math.abs(u);
                for (int k = 0; k < 3; k++) {
                    xyz.add(foot[k] + v * along[k] + u * beside[k] + w * up[k]);
                }
            }
            face(colour, xyz);
        }
        return this;
    }

    /** As many corners as are seen on a cake; what is cut keeps its own. */
    private static List<Double> coarse(List<Double> xz) {
        int corners = Rings.of(xz).width() < HOLLOW ? CORNERS : 2 * CORNERS;
        int every = Math.max(1, xz.size() / 2 / corners);
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < xz.size(); i += 2 * every) {
            line.add(xz.get(i));
            line.add(xz.get(i + 1));
        }
        return line;
    }

    private static List<Double> half(List<Double> xz, int side) {
        List<Double> half = new ArrayList<>();
        for (int i = 0; i < xz.size(); i += 2) {
            addWithin(half, xz, i, side);
        }
        return half;
    }

    /** A corner that lies on that side of x 0, and where the line to the next one crosses. */
    private static void addWithin(List<Double> half, List<Double> xz, int i, int side) {
        int j = (i + 2) % xz.size();
        double x = xz.get(i);
        double z = xz.get(i + 1);
        double there = xz.get(j);
        if (x * side >= 0) {
            half.add(x);
            half.add(z);
        }
        if (x * there < 0) {
            double share = x / (x - there);
            half.add(0.0);
            half.add(z + share * (xz.get(j + 1) - z));
        }
    }

    /** All of another, moved. */
    Sculpt with(Sculpt other, double x, double y, double z) {
        double[] by = {x, y, z};
        other.faces.forEach(f -> faces.add(new Raw(moved(f.xyz(), UPRIGHT, by), f.colour(), f.solid())));
        return this;
    }

    /** Nodding forward about its foot: 0 stands, a right angle looks at whoever stands before it. */
    Sculpt nodding(double radians) {
        double cos = Elementary.cos(radians);
        double sin = Elementary.sin(radians);
        return moved(new double[] {1, 0, 0, 0, cos, -sin, 0, sin, cos}, STILL);
    }

    /** About z, from the front to the right. */
    Sculpt about(double radians) {
        double cos = Elementary.cos(radians);
        double sin = Elementary.sin(radians);
        return moved(new double[] {cos, -sin, 0, sin, cos, 0, 0, 0, 1}, STILL);
    }

    private static final double[] UPRIGHT = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    private static final double[] STILL = {0, 0, 0};

    /** Turned by three rows of three, then moved. */
    private Sculpt moved(double[] turn, double[] by) {
        Sculpt there = new Sculpt();
        faces.forEach(f -> there.faces.add(new Raw(moved(f.xyz(), turn, by), f.colour(), f.solid())));
        return there;
    }

    private static double[] moved(double[] xyz, double[] turn, double[] by) {
        double[] there = new double[xyz.length];
        for (int i = 0; i < xyz.length; i += 3) {
            for (int k = 0; k < 3; k++) {
                there[i + k] =
                        turn[3 * k] * xyz[i] + turn[3 * k + 1] * xyz[i + 1] + turn[3 * k + 2] * xyz[i + 2] + by[k];
            }
        }
        return there;
    }

    /** Stood so that its lowest point is at z 0. */
    Sculpt raised() {
        double least = faces.stream().mapToDouble(f -> least(f.xyz(), 2)).min().orElse(0);
        return moved(UPRIGHT, new double[] {0, 0, -least});
    }

    /** Moved so that nothing of it is behind y 0: what is held by a side. */
    Sculpt backed() {
        double most = faces.stream().mapToDouble(f -> most(f.xyz(), 1)).max().orElse(0);
        return moved(UPRIGHT, new double[] {0, -most, 0});
    }

    private static double least(double[] xyz, int axis) {
        double least = Double.MAX_VALUE;
        for (int i = axis; i < xyz.length; i += 3) {
            least = Math.min(least, xyz[i]);
        }
        return least;
    }

    private static double most(double[] xyz, int axis) {
        double most = -Double.MAX_VALUE;
        for (int i = axis; i < xyz.length; i += 3) {
            most = Math.max(most, xyz[i]);
        }
        return most;
    }

    /** What is behind what, from the front: the outline around all of it. */
    Rings front() {
        return Rings.of(hull(2));
    }

    /** The ground that it takes, seen from above. */
    Rings above() {
        return Rings.of(hull(1));
    }

    /** The narrowest outline without hollows around all, by x and another axis, anticlockwise. */
    private List<Double> hull(int axis) {
        List<double[]> points = new ArrayList<>();
        for (Raw f : faces) {
            for (int i = 0; i < f.xyz().length; i += 3) {
                points.add(new double[] {f.xyz()[i], f.xyz()[i + axis]});
            }
        }
        if (points.isEmpty()) {
            // Nothing of it is seen: a wire alone.
            return thin(List.of(0.0, 0.0));
        }
        points.sort(Comparator.comparingDouble((double[] p) -> p[0]).thenComparingDouble(p -> p[1]));
        List<double[]> hull = new ArrayList<>();
        for (int way = 0; way < 2; way++) {
            int from = hull.size();
            for (double[] p : points) {
                while (hull.size() >= from + 2 && !isLeft(hull.get(hull.size() - 2), hull.get(hull.size() - 1), p)) {
                    hull.remove(hull.size() - 1);
                }
                hull.add(p);
            }
            hull.remove(hull.size() - 1);
            java.util.Collections.reverse(points);
        }
        List<Double> line = new ArrayList<>();
        hull.forEach(p -> line.addAll(List.of(p[0], p[1])));
        return Contour.area(line) < 1e-6 ? thin(line) : line;
    }

    private static boolean isLeft(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 1e-12;
    }

    /** Seen on edge it still has some ground. */
    private static List<Double> thin(List<Double> line) {
        List<Double> box = Rings.of(line).box();
        double more = 0.5;
        return List.of(
                box.get(0) - more,
                box.get(1) - more,
                box.get(2) + more,
                box.get(1) - more,
                box.get(2) + more,
                box.get(3) + more,
                box.get(0) - more,
                box.get(3) + more);
    }
}
