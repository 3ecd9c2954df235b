package sectorum.template;

import java.util.ArrayList;
import java.util.List;

/** Cuts broken lines to an upright box (Liang and Barsky, segment by segment). */
final class Clip {
    private final double x0;
    private final double y0;
    private final double x1;
    private final double y1;

    Clip(double x0, double y0, double x1, double y1) {
        this.x0 = x0;
        this.y0 = y0;
        this.x1 = x1;
        this.y1 = y1;
    }

    /** The parts of a line inside the box, each x0, y0, x1, y1, … */
    List<List<Double>> inside(List<Double> xy) {
        List<List<Double>> parts = new ArrayList<>();
        List<Double> part = new ArrayList<>();
        for (int i = 0; i + 3 < xy.size(); i += 2) {
            double ax = xy.get(i);
            double ay = xy.get(i + 1);
            double dx = xy.get(i + 2) - ax;
            double dy = xy.get(i + 3) - ay;
            double[] span = {0, 1};
            boolean seen = within(-dx, ax - x0, span)
                    && within(dx, x1 - ax, span)
                    && within(-dy, ay - y0, span)
                    && within(dy, y1 - ay, span)
                    && span[0] <= span[1];
            if (!seen) {
                part = finish(parts, part);
                continue;
            }
            if (part.isEmpty() || span[0] > 0) {
                part = finish(parts, part);
                part.add(ax + span[0] * dx);
                part.add(ay + span[0] * dy);
            }
            part.add(ax + span[1] * dx);
            part.add(ay + span[1] * dy);
            if (span[1] < 1) {
                part = finish(parts, part);
            }
        }
        finish(parts, part);
        return parts;
    }

    private static List<Double> finish(List<List<Double>> parts, List<Double> part) {
        if (part.size() >= 4) {
            parts.add(part);
        }
        return new ArrayList<>();
    }

    /** Narrows the span of t with p·t ≤ q; false when nothing is left. */
    private static boolean within(double p, double q, double[] span) {
        if (p == 0) {
            return q >= 0;
        }
        double t = q / p;
        if (p < 0) {
            span[0] = Math.max(span[0], t);
        } else {
            span[1] = Math.min(span[1], t);
        }
        return span[0] <= span[1];
    }
}
