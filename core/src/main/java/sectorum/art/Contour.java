package sectorum.art;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;

/** One closed line: x0, z0, x1, z1, … without its first point again. */
public final class Contour {
    private Contour() {}

    /** The same as a line that ends where it began. */
    public static List<Double> closed(List<Double> outline) {
        List<Double> line = new ArrayList<>(outline);
        line.addAll(outline.subList(0, 2));
        return line;
    }

    /** Twice its area, positive where it runs anticlockwise. */
    static double turning(List<Double> xz) {
        double twice = 0;
        for (int i = 0; i < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            twice += xz.get(i) * xz.get(j + 1) - xz.get(j) * xz.get(i + 1);
        }
        return twice;
    }

    public static double area(List<Double> xz) {
        return Math.abs(turning(xz)) / 2;
    }

    /** Its length, back to its beginning. */
    public static double length(List<Double> xz) {
        double sum = 0;
        for (int i = 0; i < xz.size(); i += 2) {
            int j = (i + 2) % xz.size();
            sum += Elementary.hypot(xz.get(j) - xz.get(i), xz.get(j + 1) - xz.get(i + 1));
        }
        return sum;
    }

    static List<Double> reversed(List<Double> xz) {
        List<Double> back = new ArrayList<>(xz.size());
        for (int i = xz.size() - 2; i >= 0; i -= 2) {
            back.add(xz.get(i));
            back.add(xz.get(i + 1));
        }
        return back;
    }

    /** Whether a point lies inside, by the crossings to its right. */
    public static boolean holds(List<Double> line, double x, double z) {
        boolean in = false;
        for (int i = 0; i < line.size(); i += 2) {
            int j = (i + 2) % line.size();
            boolean spans = line.get(i + 1) > z != line.get(j + 1) > z;
            if (spans
                    && x
                            < line.get(i)
                                    + (z - line.get(i + 1))
                                            / (line.get(j + 1) - line.get(i + 1))
                                            * (line.get(j) - line.get(i))) {
                in = !in;
            }
        }
        return in;
    }

    /** How far a point lies from an open line of two points or more. */
    public static double distance(List<Double> line, double x, double z) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 3 < line.size(); i += 2) {
            double dx = line.get(i + 2) - line.get(i);
            double dz = line.get(i + 3) - line.get(i + 1);
            double long2 = dx * dx + dz * dz;
            double along = long2 == 0 ? 0 : ((x - line.get(i)) * dx + (z - line.get(i + 1)) * dz) / long2;
            double t = Math.max(0, Math.min(1, along));
            least = Math.min(least, Elementary.hypot(x - line.get(i) - t * dx, z - line.get(i + 1) - t * dz));
        }
        return least;
    }

    /** How often a line runs round a point anticlockwise. */
    static int winding(List<Double> line, double x, double z) {
        int round = 0;
        for (int i = 0; i < line.size(); i += 2) {
            int j = (i + 2) % line.size();
            double z0 = line.get(i + 1);
            double z1 = line.get(j + 1);
            double side = (line.get(j) - line.get(i)) * (z - z0) - (x - line.get(i)) * (z1 - z0);
            if (z0 <= z && z1 > z && side > 0) {
                round++;
            } else if (z0 > z && z1 <= z && side < 0) {
                round--;
            }
        }
        return round;
    }

    /** An outer line and a hole in it as one, by a cut between their two nearest corners. */
    static List<Double> joined(List<Double> outer, List<Double> hole) {
        int from = 0;
        int to = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < outer.size(); i += 2) {
            for (int j = 0; j < hole.size(); j += 2) {
                double off = Elementary.hypot(outer.get(i) - hole.get(j), outer.get(i + 1) - hole.get(j + 1));
                if (off < least) {
                    least = off;
                    from = i;
                    to = j;
                }
            }
        }
        List<Double> round = turning(outer) > 0 == turning(hole) > 0 ? reversed(hole) : hole;
        int start = round == hole ? to : hole.size() - 2 - to;
        List<Double> line = new ArrayList<>(outer.subList(0, from + 2));
        for (int k = 0; k <= round.size(); k += 2) {
            int at = (start + k) % round.size();
            line.add(round.get(at));
            line.add(round.get(at + 1));
        }
        line.addAll(outer.subList(from, outer.size()));
        return line;
    }
}
