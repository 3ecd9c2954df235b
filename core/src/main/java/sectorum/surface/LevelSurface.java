package sectorum.surface;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.measure.Elementary;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/**
 * A surface that lies level: a top, a ledge, a board. The line at z is the rim's inset by z (craft 2.1); a mark of the side
 * stands on it at the same share of the way between the corners, the front and the back seam that both lines have, so that
 * corners stay at corners and what is evenly spaced on a round stays evenly spaced.
 *
 * <p>Rejected: carrying marks inwards square to the rim. Beside a corner those ways cross, and beyond a bend they meet.
 */
public final class LevelSurface implements Surface {
    /** Less is seen as a joint, not as a ledge. */
    private static final double LEAST_MM = 5;

    private static final double LINE_MM = 1;

    private static final double FINE_MM = 0.05;

    /** Corners of a patch all round: more cannot be told from a curve. */
    private static final int PATCH_PARTS = 180;

    /** Nearer than this a place is on its line, mm. */
    private static final double ON_LINE_MM = 1e-6;

    private final SurfaceKind kind;
    private final Outline foot;
    private final Outline rim;

    private final List<Spot> hidden;

    private final double depth;
    private final double up;
    private final Map<Double, Line> lines = new HashMap<>();

    /** A line and where the places that it shares with the foot lie: on the foot, and on itself. */
    private record Line(Outline outline, List<Double> ours, List<Double> theirs) {}

    private LevelSurface(SurfaceKind kind, Outline foot, Outline rim, List<Spot> hidden, double up) {
        this.kind = kind;
        this.foot = foot;
        this.rim = rim;
        this.hidden = List.copyOf(hidden);
        this.up = up;
        // Where nothing is seen of it a line's breadth stays, so that what was laid there can be told and taken off.
        this.depth = Math.max(LINE_MM, Math.min(rim.deepest(), clear(rim, hidden)));
    }

    /**
     * @param foot the outline of the tier's side at its foot, whose s is used
     * @param rim its outer line
     * @param hidden the line round what stands on it or is cut out of it, in the same plane; empty: nothing
     * @param up mm above the tier's foot
     */
    public static LevelSurface of(SurfaceKind kind, Outline foot, Outline rim, List<Spot> hidden, double up) {
        return new LevelSurface(kind, foot, rim, hidden, up);
    }

    /** How far what stands on it stays from the rim where it comes nearest, mm; 0 or less: it reaches the rim. */
    private static double clear(Outline rim, List<Spot> hidden) {
        double least = Double.POSITIVE_INFINITY;
        for (Spot spot : hidden) {
            least = Math.min(least, rim.within(spot.x(), spot.y()));
        }
        return least;
    }

    @Override
    public SurfaceKind kind() {
        return kind;
    }

    public double up() {
        return up;
    }

    public Outline rim() {
        return rim;
    }

    /** The line round what stands on it or is cut out of it; empty: nothing. */
    public List<Spot> hidden() {
        return hidden;
    }

    @Override
    public double period() {
        return foot.perimeter();
    }

    @Override
    public double depth() {
        return depth;
    }

    /**
     * Places along the rim, straight between them to the tolerance, with the s that they have on the side's foot.
     */
    public List<Along> stops(double tolerance) {
        Line line = line(0);
        return rim.stops(tolerance).stream()
                .map(t -> Along.of(mapped(t, line.theirs(), line.ours()), period()))
                .toList();
    }

    /** Whether anything can be laid on it all round. */
    public boolean isSeen() {
        return depth >= LEAST_MM;
    }

    /** Pieces at the innermost line are held outside it; deeper than the surface there is no line. */
    private Line line(double z) {
        double within = Math.max(0, Math.min(z, rim.deepest() * (1 - 1e-9)));
        return lines.computeIfAbsent(within, this::made);
    }

    private Line made(double z) {
        Outline line = rim.inset(z);
        double p = foot.perimeter();
        double q = line.perimeter();
        List<Double> ours = new ArrayList<>(List.of(0.0, p / 2, p));
        List<Double> theirs = new ArrayList<>(List.of(0.0, q / 2, q));
        if (foot.corners().size() == line.corners().size()) {
            ours.addAll(foot.corners());
            theirs.addAll(line.corners());
        }
        ours.sort(null);
        theirs.sort(null);
        return new Line(line, ours, theirs);
    }

    private static double mapped(double s, List<Double> from, List<Double> to) {
        double around = from.get(from.size() - 1);
        double rounds = Math.floor(s / around);
        double rest = s - rounds * around;
        int i = 0;
        while (i + 2 < from.size() && from.get(i + 1) <= rest) {
            i++;
        }
        double span = from.get(i + 1) - from.get(i);
        double share = span > 0 ? (rest - from.get(i)) / span : 0;
        return rounds * to.get(to.size() - 1) + to.get(i) + share * (to.get(i + 1) - to.get(i));
    }

    @Override
    public double around(double z) {
        return line(z).outline().perimeter();
    }

    @Override
    public double length(double from, double stretch, double z) {
        Line line = line(z);
        return mapped(from + stretch, line.ours(), line.theirs()) - mapped(from, line.ours(), line.theirs());
    }

    @Override
    public double further(double s, double mm, double z) {
        Line line = line(z);
        return mapped(mapped(s, line.ours(), line.theirs()) + mm, line.theirs(), line.ours());
    }

    @Override
    public double area(Zone zone) {
        return line(zone.foot()).outline().area() - line(zone.top()).outline().area();
    }

    private Spot spot(double s, double z) {
        Line line = line(z);
        return line.outline().at(mapped(s, line.ours(), line.theirs()));
    }

    @Override
    public SpacePoint at(double s, double z) {
        Spot spot = spot(s, z);
        return new SpacePoint(spot.x(), spot.y(), up, 0, 0, 1);
    }

    /** Where a piece lies in the plane of the surface, and how it is turned there, radians from x anticlockwise. */
    public InPlane inPlane(double s, double z, double turn) {
        Spot spot = spot(s, z);
        return new InPlane(spot.x(), spot.y(), Elementary.atan2(spot.nx(), -spot.ny()) + turn);
    }

    /** The line at z in the plane, x0, y0, x1, y1, …, anticlockwise as seen from above, straight between to 0.05 mm. */
    public List<Double> inPlane(double z) {
        Outline line = line(z).outline();
        List<Double> round = new ArrayList<>();
        for (double s : line.stops(FINE_MM)) {
            Spot spot = line.at(s);
            round.add(spot.x());
            round.add(spot.y());
        }
        return round;
    }

    /** Where something lies on it that lies so in its plane; see {@link #inPlane(double, double, double)}. */
    public Frame.Pose pose(double x, double y, double angle) {
        double z = Math.max(0, rim.within(x, y));
        Line line = line(z);
        double s = mapped(line.outline().nearest(x, y), line.theirs(), line.ours());
        Spot there = spot(s, z);
        return new Frame.Pose(s, z, angle - Elementary.atan2(there.nx(), -there.ny()));
    }

    /** Even places along a stretch, and its corners. */
    private List<Double> along(double from, double stretch) {
        int parts = (int) Math.max(8, Math.ceil(PATCH_PARTS * stretch / period()));
        List<Double> along = new ArrayList<>();
        for (int i = 0; i <= parts; i++) {
            along.add(from + stretch * i / parts);
        }
        for (double corner : foot.corners()) {
            for (double s : List.of(corner, corner + period())) {
                if (s > from && s < from + stretch) {
                    along.add(s);
                }
            }
        }
        along.sort(null);
        return along;
    }

    @Override
    public List<Double> patch(double from, double stretch, Zone zone) {
        InPlane middle = inPlane(from + stretch / 2, zone.foot(), 0);
        List<Double> along = along(from, stretch);
        List<Double> around = new ArrayList<>(4 * along.size());
        double cos = Elementary.cos(middle.angle());
        double sin = Elementary.sin(middle.angle());
        for (int i = 0; i < 2 * along.size(); i++) {
            boolean back = i >= along.size();
            double s = along.get(back ? 2 * along.size() - 1 - i : i);
            Spot spot = spot(s, back ? zone.top() : zone.foot());
            double dx = spot.x() - middle.x();
            double dy = spot.y() - middle.y();
            around.add(dx * cos + dy * sin);
            around.add(dy * cos - dx * sin);
        }
        return around;
    }

    /**
     * How something lies in the plane of a level surface.
     *
     * @param x mm to the right of the tier's axis
     * @param y mm away from the front
     * @param angle radians from x anticlockwise as seen from above
     */
    public record InPlane(double x, double y, double angle) {}

    @Override
    public Frame frame(Along from, double section, double z) {
        Spot a = spot(from.s(), z);
        Spot b = spot(from.s() + section, z);
        // One section all round ends where it begins; across a notch the straight way leaves the surface.
        boolean outside = rim.within((a.x() + b.x()) / 2, (a.y() + b.y()) / 2) < z - ON_LINE_MM;
        if (outside || a.distance(b) < ON_LINE_MM) {
            return new Bent(from.s(), z);
        }
        double wide = a.distance(b);
        return new Straight(from.s() + section / 2, a, wide, (b.x() - a.x()) / wide, (b.y() - a.y()) / wide);
    }

    /** Along the line itself. */
    private final class Bent implements Frame {
        private final double s;
        private final double z;

        Bent(double s, double z) {
            this.s = s;
            this.z = z;
        }

        @Override
        public double width() {
            return around(z);
        }

        @Override
        public Pose at(double x, double more, double slope) {
            return new Pose(further(s, x, z), z + more, slope);
        }
    }

    /** Along the straight line between two places. */
    private final class Straight implements Frame {
        private final double near;
        private final Spot start;
        private final double wide;
        private final double ux;
        private final double uy;

        Straight(double near, Spot start, double wide, double ux, double uy) {
            this.near = near;
            this.start = start;
            this.wide = wide;
            this.ux = ux;
            this.uy = uy;
        }

        @Override
        public double width() {
            return wide;
        }

        @Override
        public Pose at(double x, double more, double slope) {
            double px = start.x() + ux * x - uy * more;
            double py = start.y() + uy * x + ux * more;
            double z = rim.within(px, py);
            Line line = line(z);
            double s = mapped(line.outline().nearest(px, py), line.theirs(), line.ours());
            double rounds = Elementary.rint((near - s) / period());
            Spot there = spot(s, z);
            double turned = Elementary.atan2(uy, ux) + slope - Elementary.atan2(there.nx(), -there.ny());
            return new Pose(s + rounds * period(), z, turned);
        }
    }
}
