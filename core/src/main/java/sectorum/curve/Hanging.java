package sectorum.curve;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Point;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** One hanging curve. Lengths in mm, slopes in radians. */
public sealed interface Hanging {
    /** Width between the ends. */
    double width();

    /** Depth of the lowest point below the ends. */
    double drop();

    /** Length of the curve itself. */
    double length();

    /** Angle of the curve to the level at its ends; over π/2 where an arc overhangs. */
    double endSlope();

    /** A point by a share 0 ≤ u ≤ 1 of the way, 0.5 the lowest, x along and y up; see {@link #share} for lengths along the curve. */
    Point at(double u);

    /** The share u at which so many mm of the curve lie behind; */
    double share(double behind);

    /** x0, z0, x1, z1, … along the curve in the given number of straight parts. */
    default List<Double> points(int parts) {
        List<Double> points = new ArrayList<>(2 * parts + 2);
        for (int i = 0; i <= parts; i++) {
            Point p = at((double) i / parts);
            points.add(p.x());
            points.add(p.y());
        }
        return points;
    }

    /** The curve of a school; width over 0, drop 0 or more (0 is straight), else refused. */
    static Hanging of(School school, double width, double drop) {
        if (!(width > 0) || !(drop >= 0) || !Double.isFinite(width) || !Double.isFinite(drop)) {
            throw new Refused(
                    "drop",
                    Phrase.of(
                            "A curve {} wide with a drop of {} does not hang. Give a width over 0 and a drop of 0 or more.",
                            Quantity.length(width),
                            Quantity.length(drop)));
        }
        if (drop < 1e-9) {
            return new Straight(width);
        }
        return switch (school) {
            case ARC -> Arc.of(width, drop);
            case CATENARY -> Catenary.of(width, drop);
            case PARABOLA -> new Parabola(width, drop);
        };
    }

    /** No drop: a straight line. */
    record Straight(double width) implements Hanging {
        @Override
        public double drop() {
            return 0;
        }

        @Override
        public double length() {
            return width;
        }

        @Override
        public double endSlope() {
            return 0;
        }

        @Override
        public Point at(double u) {
            return new Point(width * u, 0);
        }

        @Override
        public double share(double behind) {
            return behind / width;
        }
    }

    /** R = (c²/4 + d²)/(2d), half angle θ = atan2(c/2, R − d), length 2Rθ, end slope θ. */
    record Arc(double width, double drop, double radius, double endSlope) implements Hanging {
        static Arc of(double width, double drop) {
            double radius = (width * width / 4 + drop * drop) / (2 * drop);
            return new Arc(width, drop, radius, Elementary.atan2(width / 2, radius - drop));
        }

        @Override
        public double length() {
            return 2 * radius * endSlope;
        }

        @Override
        public Point at(double u) {
            double angle = (2 * u - 1) * endSlope;
            // r·(1 − cos) written with sines, so that flat arcs keep their digits
            double half = Elementary.sin(angle / 2);
            double rise = 2 * radius * half * half;
            return new Point(width / 2 + radius * Elementary.sin(angle), rise - drop);
        }

        @Override
        public double share(double behind) {
            return behind / length();
        }
    }

    /** Length ½√(c²+16d²) + c²/(8d)·asinh(4d/c). */
    record Parabola(double width, double drop) implements Hanging {
        @Override
        public double length() {
            double k = 4 * drop / width;
            return Math.sqrt(width * width + 16 * drop * drop) / 2 + width * width / (8 * drop) * asinh(k);
        }

        @Override
        public double endSlope() {
            return Elementary.atan(4 * drop / width);
        }

        @Override
        public Point at(double u) {
            double t = 2 * u - 1;
            return new Point(width * u, drop * (t * t - 1));
        }

        /** Length from the middle to t half widths: c/4·(t√(1+k²t²) + asinh(kt)/k), k = 4d/c; only grows. */
        @Override
        public double share(double behind) {
            double k = 4 * drop / width;
            double low = -1;
            double high = 1;
            for (int i = 0; i < 60; i++) {
                double t = (low + high) / 2;
                double fromMiddle = width / 4 * (t * Math.sqrt(1 + k * k * t * t) + asinh(k * t) / k);
                if (fromMiddle + length() / 2 < behind) {
                    low = t;
                } else {
                    high = t;
                }
            }
            return (low + high + 2) / 4;
        }
    }

    /** d = a(cosh(c/2a) − 1), length 2a·sinh(c/2a). */
    record Catenary(double width, double drop, double a) implements Hanging {
        static Catenary of(double width, double drop) {
            // With v = c/2a the ratio drop : half width is (cosh v − 1)/v, which only grows: halve until it stands
            // still.
            double ratio = drop / (width / 2);
            double low = 0;
            double high = 1;
            while (sag(high) < ratio) {
                high *= 2;
            }
            for (int i = 0; i < 200 && high - low > Elementary.ulp(high); i++) {
                double middle = (low + high) / 2;
                if (sag(middle) < ratio) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return new Catenary(width, drop, width / (low + high));
        }

        private static double sag(double v) {
            double half = Elementary.sinh(v / 2);
            return 2 * half * half / v;
        }

        @Override
        public double length() {
            return 2 * a * Elementary.sinh(width / (2 * a));
        }

        @Override
        public double endSlope() {
            return Elementary.atan(Elementary.sinh(width / (2 * a)));
        }

        @Override
        public Point at(double u) {
            double half = Elementary.sinh((u - 0.5) * width / (2 * a));
            return new Point(width * u, 2 * a * half * half - drop);
        }

        @Override
        public double share(double behind) {
            return 0.5 + asinh((behind - length() / 2) / a) * a / width;
        }
    }

    private static double asinh(double x) {
        return Math.copySign(Elementary.log(Math.abs(x) + Math.sqrt(x * x + 1)), x);
    }
}
