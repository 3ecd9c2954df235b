package sectorum.outline;

import sectorum.measure.Elementary;

/** A straight or circular part of an outline, run anticlockwise round the whole. */
sealed interface Segment {
    double length();

    Spot at(double u);

    Segment scaled(double k);

    Segment moved(double dx, double dy);

    /** Twice the signed area between the segment and the origin (Green). */
    double sweep();

    /** How far along it the place nearest to a point is, mm from its beginning. */
    double nearest(double x, double y);

    record Straight(double x0, double y0, double x1, double y1) implements Segment {
        @Override
        public double length() {
            return Elementary.hypot(x1 - x0, y1 - y0);
        }

        @Override
        public Spot at(double u) {
            double l = length();
            double dx = (x1 - x0) / l;
            double dy = (y1 - y0) / l;
            return new Spot(x0 + dx * u, y0 + dy * u, dy, -dx, 0);
        }

        @Override
        public Segment scaled(double k) {
            return new Straight(x0 * k, y0 * k, x1 * k, y1 * k);
        }

        @Override
        public Segment moved(double dx, double dy) {
            return new Straight(x0 + dx, y0 + dy, x1 + dx, y1 + dy);
        }

        @Override
        public double sweep() {
            return x0 * y1 - x1 * y0;
        }

        @Override
        public double nearest(double x, double y) {
            double l = length();
            return Math.max(0, Math.min(l, ((x - x0) * (x1 - x0) + (y - y0) * (y1 - y0)) / l));
        }
    }

    /**
     * An arc from angle {@code from} on by {@code by}: anticlockwise where it bulges outwards, clockwise (below 0) where it is
     * hollow, as round a notch.
     */
    record Bow(double cx, double cy, double r, double from, double by) implements Segment {
        @Override
        public double length() {
            return r * Math.abs(by);
        }

        @Override
        public Spot at(double u) {
            double way = by < 0 ? -1 : 1;
            double angle = from + way * u / r;
            double nx = Elementary.cos(angle);
            double ny = Elementary.sin(angle);
            return new Spot(cx + r * nx, cy + r * ny, way * nx, way * ny, way / r);
        }

        @Override
        public double nearest(double x, double y) {
            double way = by < 0 ? -1 : 1;
            double ahead = way * (Elementary.atan2(y - cy, x - cx) - from);
            ahead -= Math.floor(ahead / (2 * Math.PI)) * 2 * Math.PI;
            double reach = Math.abs(by);
            if (ahead <= reach) {
                return r * ahead;
            }
            // Beside the arc: the end that is fewer degrees away is the nearer one.
            return ahead - reach < 2 * Math.PI - ahead ? r * reach : 0;
        }

        @Override
        public Segment scaled(double k) {
            return new Bow(cx * k, cy * k, r * k, from, by);
        }

        @Override
        public Segment moved(double dx, double dy) {
            return new Bow(cx + dx, cy + dy, r, from, by);
        }

        @Override
        public double sweep() {
            double to = from + by;
            return r * r * by
                    + r
                            * (cx * (Elementary.sin(to) - Elementary.sin(from))
                                    - cy * (Elementary.cos(to) - Elementary.cos(from)));
        }
    }
}
