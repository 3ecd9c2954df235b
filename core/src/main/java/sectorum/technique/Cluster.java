package sectorum.technique;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.measure.Elementary;
import sectorum.measure.Rounding;
import sectorum.outline.Along;
import sectorum.surface.SpacePoint;

/**
 * Things of several sizes that lie beside and on one another and never through one another: each is a ball of its size that
 * touches the surface, or rests on those below it.
 */
final class Cluster {
    /** Places tried for each that is wanted. */
    private static final int TRIES = 24;
    /** Higher than this share of both radii above one below, a ball lies on its top and rolls off. */
    private static final double POCKET = 0.92;
    /** No more are planned one by one. */
    static final int MOST = 1500;

    private final DressingContext place;
    private final List<Ball> balls = new ArrayList<>();
    private final Map<Long, List<Ball>> cells = new HashMap<>();
    private final double cell;

    /**
     * One of them.
     *
     * @param lift of its foot above the surface, mm; 0: it lies on it
     */
    record Ball(double s, double z, double across, double lift, double x, double y, double up, int size) {}

    private Cluster(DressingContext place, double largest) {
        this.place = place;
        this.cell = largest;
    }

    /**
     * One line of them along the middle of the zone, sizes in turn: as many as touch nowhere. Of one size on a round
     * n = floor(π/asin(d/2R)) (craft 3F).
     */
    static List<Ball> ring(DressingContext place, List<Double> sizes) {
        double z = place.middleZ();
        double length = place.along(z);
        double turn = sizes.stream().mapToDouble(d -> d).reduce(0, Double::sum);
        for (int n = (int) Math.min(MOST, Math.floor(length / turn + 1)); n >= 1; n--) {
            Cluster line = new Cluster(place, sizes.get(0));
            if (line.row(sizes, n, z, length)) {
                return List.copyOf(line.balls);
            }
        }
        Cluster one = new Cluster(place, sizes.get(0));
        one.put(one.ball(place.isClosed() ? place.surface().period() / 2 : middle(place, z), z, sizes.get(0), 0, 0));
        return List.copyOf(one.balls);
    }

    private static double middle(DressingContext place, double z) {
        return place.surface().further(place.stretch().from().s(), place.along(z) / 2, z);
    }

    /** So many turns of the sizes along a line, evenly spread; false where two would touch. */
    private boolean row(List<Double> sizes, int turns, double z, double length) {
        int n = turns * sizes.size();
        double sum = turns * sizes.stream().mapToDouble(d -> d).reduce(0, Double::sum);
        boolean closed = place.isClosed();
        double first = sizes.get(0) / 2;
        double gap = closed ? (length - sum) / n : n == 1 ? 0 : (length - sum) / (n - 1);
        if (gap < 0 && n > 1 && !closed) {
            return false;
        }
        double from =
                closed ? place.surface().period() / 2 : place.stretch().from().s();
        double along = closed ? 0 : first;
        for (int i = 0; i < n; i++) {
            double size = sizes.get(i % sizes.size());
            Ball ball = ball(place.surface().further(from, along, z), z, size, 0, i % sizes.size());
            if (!free(ball)) {
                return false;
            }
            put(ball);
            along += (size + sizes.get((i + 1) % sizes.size())) / 2 + gap;
        }
        return true;
    }

    /**
     * As many as cover so much of the area, every size the same share of it, the largest first; fewer where there is no room.
     *
     * @param wanted how many of each size
     */
    static Cluster filling(DressingContext place, List<Double> sizes, List<Integer> wanted, int seed) {
        Cluster cluster = new Cluster(place, sizes.get(0));
        for (int i = 0; i < sizes.size(); i++) {
            cluster.fill(sizes.get(i), wanted.get(i), i, seed + 31 * i);
        }
        return cluster;
    }

    private void fill(double size, int wanted, int index, int seed) {
        if (size > place.zone().height() + Rounding.EPS) {
            return;
        }
        List<Spread.Spot> spots = new ArrayList<>(Spread.over(place, Math.min(60_000, wanted * TRIES), size, seed));
        // Even places from the foot up, tried in an order of chance, or the foot would fill first.
        spots.sort(Comparator.comparingDouble(Spread.Spot::chance));
        int done = 0;
        for (Spread.Spot at : spots) {
            if (done == wanted || balls.size() >= MOST) {
                return;
            }
            Ball ball = ball(at.s(), at.z(), size, 0, index);
            if (free(ball)) {
                put(ball);
                done++;
            }
        }
    }

    /** A further layer: each rests in a hollow between three of the layer below. */
    void pile(List<Double> sizes) {
        List<Ball> below = List.copyOf(balls);
        List<Ball> hollows = new ArrayList<>();
        for (Ball ball : below) {
            List<Ball> near = below.stream()
                    .filter(b -> b != ball)
                    .sorted(Comparator.comparingDouble(b -> flat(ball, b)))
                    .limit(2)
                    .toList();
            if (near.size() == 2) {
                for (int i = 0; i < sizes.size(); i++) {
                    hollow(ball, near, sizes.get(i), i, below).ifPresent(hollows::add);
                }
            }
        }
        hollows.sort(Comparator.comparingDouble((Ball b) -> -b.across()).thenComparingDouble(Ball::up));
        for (Ball ball : hollows) {
            if (balls.size() < MOST && free(ball)) {
                put(ball);
            }
        }
    }

    private java.util.Optional<Ball> hollow(Ball a, List<Ball> near, double size, int index, List<Ball> below) {
        Along at = Along.of(a.s(), place.surface().period());
        double s = a.s();
        double z = a.z();
        for (Ball b : near) {
            s += signed(at, b.s()) / 3;
            z += (b.z() - a.z()) / 3;
        }
        SpacePoint under =
                place.surface().at(Along.of(s, place.surface().period()).s(), z);
        double r = size / 2;
        double up = under.up() + r;
        for (Ball b : below) {
            double reach = r + b.across() / 2;
            double away = Elementary.hypot(b.x() - under.x(), b.y() - under.y());
            if (away < reach) {
                up = Math.max(up, b.up() + Math.sqrt(reach * reach - away * away));
            }
        }
        double rolls = a.up() + POCKET * (r + a.across() / 2);
        boolean rests = up > under.up() + r + 1e-9 && up < rolls;
        boolean inside =
                z - r >= place.zone().foot() - 1e-9 && z + r <= place.zone().top() + 1e-9;
        return rests && inside
                ? java.util.Optional.of(new Ball(
                        Along.of(s, place.surface().period()).s(),
                        z,
                        size,
                        up - under.up() - r,
                        under.x(),
                        under.y(),
                        up,
                        index))
                : java.util.Optional.empty();
    }

    private double signed(Along from, double to) {
        double off = to - from.s();
        return off
                - Elementary.rint(off / place.surface().period())
                        * place.surface().period();
    }

    private static double flat(Ball a, Ball b) {
        return Elementary.hypot(a.x() - b.x(), a.y() - b.y());
    }

    /** A ball that touches the surface there. */
    private Ball ball(double s, double z, double across, double lift, int size) {
        double wrapped = Along.of(s, place.surface().period()).s();
        SpacePoint at = place.surface().at(wrapped, z);
        double r = across / 2 + lift;
        return new Ball(
                wrapped, z, across, lift, at.x() + r * at.nx(), at.y() + r * at.ny(), at.up() + r * at.nUp(), size);
    }

    /** Whether it goes through none that is there; seen square to a level surface none lies over another of its layer, either. */
    private boolean free(Ball ball) {
        for (long dx = -1; dx <= 1; dx++) {
            for (long dy = -1; dy <= 1; dy++) {
                for (long dz = -1; dz <= 1; dz++) {
                    for (Ball other : cells.getOrDefault(key(ball, dx, dy, dz), List.of())) {
                        double reach = (ball.across() + other.across()) / 2;
                        double away = Elementary.hypot(
                                Elementary.hypot(ball.x() - other.x(), ball.y() - other.y()), ball.up() - other.up());
                        boolean lies = ball.lift() == 0 && other.lift() == 0;
                        // Of unlike ones that lie on a level surface the middles are at unlike heights.
                        double seen = lies ? onSurface(ball, other) : away;
                        if (Math.min(away, seen) < reach - 1e-9) {
                            return false;
                        }
                    }
                }
            }
        }
        return true;
    }

    /** Distance of the places where two touch the surface. */
    private double onSurface(Ball a, Ball b) {
        SpacePoint p = place.surface().at(a.s(), a.z());
        SpacePoint q = place.surface().at(b.s(), b.z());
        return Elementary.hypot(Elementary.hypot(p.x() - q.x(), p.y() - q.y()), p.up() - q.up());
    }

    private void put(Ball ball) {
        balls.add(ball);
        cells.computeIfAbsent(key(ball, 0, 0, 0), k -> new ArrayList<>()).add(ball);
    }

    private long key(Ball ball, long dx, long dy, long dz) {
        long x = (long) Math.floor(ball.x() / cell) + dx;
        long y = (long) Math.floor(ball.y() / cell) + dy;
        long z = (long) Math.floor(ball.up() / cell) + dz;
        return (x * 1_000_003L + y) * 1_000_003L + z;
    }

    List<Ball> balls() {
        return List.copyOf(balls);
    }
}
