package sectorum.art;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * Outlines of what is dark in a picture (craft 3H): the line along which the grey, straight between the middles of points, is the
 * threshold; closed, dark to its left, so outer lines run anticlockwise and holes clockwise. Specks go, lines are simplified to a
 * tolerance. Several thresholds give a layered figure, the lightest at the back.
 */
public final class Trace {
    private static final Field THRESHOLD = Field.count("levels", "A level", 1, 255, 128, "0 is black, 255 white.");
    public static final Field SPECK = Field.length(
            "speck", "Specks under", 0, 50, 1, "Across; smaller ones are dropped, and smaller holes closed.");
    public static final Field TOLERANCE =
            Field.length("tolerance", "Smoothed to", 0.01, 5, 0.3, "No point of a line is moved further.");
    public static final Field WIDE = Field.length("width", "Width", 1, 2000, 100, "Of the whole picture.");
    private static final int MOST_LEVELS = 8;

    /**
     * How a picture is traced.
     *
     * @param width of the whole picture, mm
     * @param levels thresholds; none: found by itself, one
     * @param speck across, mm
     */
    public record Tracing(double width, @Absent List<Integer> levels, double speck, double tolerance) {
        public Tracing {
            WIDE.check(width);
            SPECK.check(speck);
            TOLERANCE.check(tolerance);
            levels = levels == null
                    ? List.of()
                    : levels.stream().sorted().distinct().toList();
            if (levels.size() > MOST_LEVELS) {
                throw new Refused(
                        "levels",
                        Phrase.of(
                                "{} levels are more than {}; nobody cuts so many layers. Take fewer.",
                                Quantity.count(levels.size()),
                                Quantity.count(MOST_LEVELS)));
            }
            levels.forEach(l -> THRESHOLD.check(l));
        }
    }

    /**
     * What was traced.
     *
     * @param levels the thresholds used
     * @param dropped specks and holes that were too small
     */
    public record Traced(List<Motif.Region> parts, List<Integer> levels, int dropped) {}

    private Trace() {}

    public static Traced of(Grey picture, Tracing wish) {
        List<Integer> levels = wish.levels().isEmpty() ? Levels.of(picture, 1) : wish.levels();
        double scale = wish.width() / picture.width();
        List<Motif.Region> parts = new ArrayList<>();
        int dropped = 0;
        for (int k = levels.size() - 1; k >= 0; k--) {
            List<List<Double>> outers = new ArrayList<>();
            List<List<Double>> holes = new ArrayList<>();
            double least = Math.PI / 4 * wish.speck() * wish.speck();
            for (List<Double> loop : loops(picture, levels.get(k))) {
                List<Double> line = inMillimetres(loop, scale, picture.height());
                if (Contour.area(line) < Math.max(least, 1e-6)) {
                    dropped++;
                } else if (Contour.turning(line) > 0) {
                    outers.add(line);
                } else {
                    holes.add(line);
                }
            }
            if (!outers.isEmpty()) {
                holes.removeIf(h -> outers.stream().noneMatch(o -> Contour.holds(o, h.get(0), h.get(1))));
                Rings smooth = Regions.simplified(new Rings(outers, holes), wish.tolerance());
                if (smooth != null) {
                    parts.add(Motif.Region.of(shade(picture, k == 0 ? 0 : levels.get(k - 1), levels.get(k)), smooth));
                }
            }
        }
        return new Traced(parts, levels, dropped);
    }

    private static List<Double> inMillimetres(List<Double> loop, double scale, int height) {
        List<Double> line = new ArrayList<>(loop.size());
        for (int i = 0; i < loop.size(); i += 2) {
            line.add(loop.get(i) * scale);
            line.add((height - loop.get(i + 1)) * scale);
        }
        return line;
    }

    /** The mean of the greys of a class. */
    private static String shade(Grey picture, int from, int to) {
        int[] histogram = picture.histogram();
        double many = 0;
        double sum = 0;
        for (int g = from; g < to; g++) {
            many += histogram[g];
            sum += (double) histogram[g] * g;
        }
        int mean = many > 0 ? (int) Elementary.round(sum / many) : from;
        return String.format(Locale.ROOT, "#%02x%02x%02x", mean, mean, mean);
    }

    /**
     * All closed lines of a threshold, in points from the upper left corner, y down; a point's level is that of its middle. Between
     * four middles a line goes in where it passes one edge and out where it passes another; where it could go two ways the mean of the four
     * decides.
     */
    private static List<List<Double>> loops(Grey picture, int threshold) {
        // Where each line goes on: from the edge it came in by to the edge it goes out by.
        Map<Long, Long> next = new HashMap<>();
        for (int y = -1; y < picture.height(); y++) {
            for (int x = -1; x < picture.width(); x++) {
                cell(picture, threshold, x, y, next);
            }
        }
        List<List<Double>> loops = new ArrayList<>();
        while (!next.isEmpty()) {
            long start = next.keySet().iterator().next();
            List<Double> loop = new ArrayList<>();
            Long at = start;
            while (at != null) {
                point(picture, threshold, at, loop);
                at = next.remove(at);
                if (at != null && at == start) {
                    break;
                }
            }
            if (loop.size() >= 6) {
                loops.add(loop);
            }
        }
        return loops;
    }

    /** One square between four middles: its edges are upper 0, right 1, lower 2, left 3. */
    private static void cell(Grey picture, int threshold, int x, int y, Map<Long, Long> next) {
        boolean a = picture.at(x, y) < threshold;
        boolean b = picture.at(x + 1, y) < threshold;
        boolean c = picture.at(x + 1, y + 1) < threshold;
        boolean d = picture.at(x, y + 1) < threshold;
        int kind = (a ? 1 : 0) | (b ? 2 : 0) | (c ? 4 : 0) | (d ? 8 : 0);
        if (kind == 0 || kind == 15) {
            return;
        }
        long upper = edge(x, y, false);
        long right = edge(x + 1, y, true);
        long lower = edge(x, y + 1, false);
        long left = edge(x, y, true);
        boolean joined = picture.at(x, y) + picture.at(x + 1, y) + picture.at(x + 1, y + 1) + picture.at(x, y + 1)
                < 4 * threshold;
        // Dark to the left of the way, seen with y up.
        switch (kind) {
            case 1 -> next.put(left, upper);
            case 2 -> next.put(upper, right);
            case 4 -> next.put(right, lower);
            case 8 -> next.put(lower, left);
            case 3 -> next.put(left, right);
            case 6 -> next.put(upper, lower);
            case 12 -> next.put(right, left);
            case 9 -> next.put(lower, upper);
            case 14 -> next.put(upper, left);
            case 13 -> next.put(right, upper);
            case 11 -> next.put(lower, right);
            case 7 -> next.put(left, lower);
            case 5 -> {
                next.put(joined ? right : left, upper);
                next.put(joined ? left : right, lower);
            }
            default -> {
                next.put(joined ? lower : upper, right);
                next.put(joined ? upper : lower, left);
            }
        }
    }

    /** An edge between two middles by the first of them: to the right of it, or under it. */
    private static long edge(int x, int y, boolean down) {
        return ((long) (y + 1) << 24 | (long) (x + 1) << 1) | (down ? 1 : 0);
    }

    private static void point(Grey picture, int threshold, long edge, List<Double> line) {
        boolean down = (edge & 1) == 1;
        int x = (int) (edge >> 1 & 0x7fffff) - 1;
        int y = (int) (edge >> 24) - 1;
        double from = picture.at(x, y);
        double to = down ? picture.at(x, y + 1) : picture.at(x + 1, y);
        // On the threshold itself a point is light, so the line never runs through a middle.
        double share = (threshold - 0.5 - from) / (to - from);
        line.add(x + 0.5 + (down ? 0 : share));
        line.add(y + 0.5 + (down ? share : 0));
    }
}
