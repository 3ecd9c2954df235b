package sectorum.outline;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.outline.Segment.Bow;
import sectorum.outline.Segment.Straight;

/** The outlines of craft 2.1, each with a coat of t mm around it. */
public final class Outlines {
    private static final double DOWN = -Math.PI / 2;

    private Outlines() {}

    /** Diameter D in mm: P = πD. */
    public static Outline round(double d, double t) {
        return new Chain(List.of(new Bow(0, 0, d / 2 + t, DOWN, 2 * Math.PI)), List.of(), false);
    }

    /** Sides a × b with corner radius r ≤ min(a, b)/2; the longer side is the front: P = 2(a+b) − 8r + 2πr. */
    public static Outline rectangle(double a, double b, double r, double t) {
        limit("corner", "Corner radius", r, Math.min(a, b) / 2);
        double w = Math.max(a, b) / 2 + t;
        double h = Math.min(a, b) / 2 + t;
        double radius = r + t;
        double x = w - radius;
        double y = h - radius;
        double quarter = Math.PI / 2;
        List<Segment> chain = List.of(
                new Straight(0, -h, x, -h),
                new Bow(x, -y, radius, DOWN, quarter),
                new Straight(w, -y, w, y),
                new Bow(x, y, radius, 0, quarter),
                new Straight(x, h, -x, h),
                new Bow(-x, y, radius, quarter, quarter),
                new Straight(-w, y, -w, -y),
                new Bow(-x, -y, radius, Math.PI, quarter),
                new Straight(-x, -h, 0, -h));
        double arc = radius * quarter;
        double first = x + arc / 2;
        double second = first + arc + 2 * y;
        double third = second + arc + 2 * x;
        return new Chain(chain, List.of(first, second, third, third + arc + 2 * y), true);
    }

    /** k sides of a with corner radius r ≤ a/(2·tan(π/k)): P = k(a − 2r·tan(π/k)) + 2πr. */
    public static Outline polygon(int k, double a, double r, double t) {
        double tan = Elementary.tan(Math.PI / k);
        limit("corner", "Corner radius", r, a / (2 * tan));
        double apothem = a / (2 * tan) + t;
        double radius = r + t;
        double half = (a + 2 * t * tan) / 2 - radius * tan;
        double turn = 2 * Math.PI / k;
        List<Segment> chain = new ArrayList<>();
        List<Double> corners = new ArrayList<>();
        for (int i = 0; i < k; i++) {
            double out = DOWN + turn * i;
            double to = (apothem - radius) / Elementary.cos(turn / 2);
            chain.add(flat(out, apothem, 0, half));
            chain.add(new Bow(
                    to * Elementary.cos(out + turn / 2), to * Elementary.sin(out + turn / 2), radius, out, turn));
            chain.add(flat(out + turn, apothem, -half, 0));
            corners.add((i + 0.5) * (2 * half + radius * turn));
        }
        return new Chain(chain, corners, true);
    }

    /** Part of the straight line at distance {@code apothem} in direction {@code out}, between two places along it. */
    private static Segment flat(double out, double apothem, double from, double to) {
        double nx = Elementary.cos(out);
        double ny = Elementary.sin(out);
        return new Straight(
                apothem * nx - from * ny, apothem * ny + from * nx, apothem * nx - to * ny, apothem * ny + to * nx);
    }

    /** Axes a × b; P numerically, to better than 1e-6 mm. A coat widens both axes by 2t. */
    public static Outline oval(double a, double b, double t) {
        return new Oval(a + 2 * t, b + 2 * t);
    }

    /**
     * A square of side a on its corner with a half round on each upper side: P = 2a + πa. Under a coat the lobes grow to
     * a/2 + t about the same centres, the point is rounded with t, the notch closes a little.
     *
     * @param notchInFront the notch looks forward instead of the point
     */
    public static Outline heart(double a, double t, boolean notchInFront) {
        double lobe = a / 2 + t;
        double mx = a / (2 * Math.sqrt(2));
        double my = 3 * mx;
        double diagonal = a / Math.sqrt(2);
        double cut = t / Math.sqrt(2);
        double notch = Math.PI - Elementary.acos(mx / lobe);
        double sweep = notch + Math.PI / 4;
        List<Segment> right = List.of(
                new Bow(0, 0, t, DOWN, t > 0 ? Math.PI / 4 : 0),
                new Straight(cut, -cut, diagonal + cut, diagonal - cut),
                new Bow(mx, my, lobe, -Math.PI / 4, sweep));
        List<Segment> left = List.of(
                new Bow(-mx, my, lobe, Math.PI - notch, sweep),
                new Straight(-diagonal - cut, diagonal - cut, -cut, -cut),
                new Bow(0, 0, t, Math.PI * 5 / 4, t > 0 ? Math.PI / 4 : 0));
        double half = right.stream().mapToDouble(Segment::length).reduce(0, Double::sum);
        List<Segment> chain = new ArrayList<>(notchInFront ? left : right);
        chain.addAll(notchInFront ? right : left);
        if (notchInFront) {
            chain.replaceAll(Outlines::halfTurn);
        }
        return new Chain(chain, List.of(0.0, half), false).centred();
    }

    private static Segment halfTurn(Segment segment) {
        if (segment instanceof Bow bow) {
            return new Bow(-bow.cx(), -bow.cy(), bow.r(), bow.from() + Math.PI, bow.by());
        }
        Straight line = (Straight) segment;
        return new Straight(-line.x0(), -line.y0(), -line.x1(), -line.y1());
    }

    /** k lobes of diameter d, centres on a circle of radius ρ with ρ·sin(π/k) ≤ d/2: P = 2kβ·d/2. */
    public static Outline petal(int k, double d, double rho, double t) {
        double half = Math.PI / k;
        limit("ring", "The circle of the lobes' middles", rho, d / 2 / Elementary.sin(half));
        double lobe = d / 2 + t;
        double out =
                rho * Elementary.cos(half) + Math.sqrt(lobe * lobe - Elementary.pow(rho * Elementary.sin(half), 2));
        double beta = Elementary.atan2(out * Elementary.sin(half), out * Elementary.cos(half) - rho);
        List<Segment> chain = new ArrayList<>();
        List<Double> corners = new ArrayList<>();
        for (int i = 0; i < k; i++) {
            double here = DOWN + 2 * half * i;
            double next = here + 2 * half;
            chain.add(new Bow(rho * Elementary.cos(here), rho * Elementary.sin(here), lobe, here, beta));
            chain.add(new Bow(rho * Elementary.cos(next), rho * Elementary.sin(next), lobe, next - beta, beta));
            corners.add((2 * i + 1) * beta * lobe);
        }
        return new Chain(chain, corners, false);
    }

    private static void limit(String field, String label, double value, double most) {
        if (!(value >= 0) || !Rounding.atMost(value, most)) {
            throw new Refused(
                    field,
                    Phrase.of(
                            label + " {} is outside {} to {} for these sizes. Make it smaller, or the tier larger.",
                            Quantity.length(value),
                            Quantity.length(0),
                            Quantity.length(most)));
        }
    }
}
