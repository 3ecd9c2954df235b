package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Point;
import sectorum.measure.Elementary;
import sectorum.plan.OwnPiece;

/** A piece of one's own as it is drawn: x from its middle, z from its foot, mm; closed. */
final class PieceOutline {
    private static final int ROUND = 32;
    private static final int RAYS = 5;
    /** Where a star's inner points lie, as a share of its outer ones. */
    private static final double INNER = 0.382;

    private PieceOutline() {}

    static List<Point> of(OwnPiece piece) {
        double w = piece.width() / 2;
        double h = piece.height();
        List<Point> unit = switch (piece.form()) {
            case PLAQUE -> points(-1, 0, 1, 0, 1, 1, -1, 1);
            case ROUND, PAIR -> arc(0, 2 * Math.PI, 0.5, 0.5);
            case DOME -> arc(0, Math.PI, 0, 1);
            case STAR -> star();
            case BOW ->
                points(
                        0, 0.42, -0.4, 0.05, -1, 0.1, -0.9, 0.5, -1, 0.95, -0.4, 0.95, -0.12, 0.62, 0.12, 0.62, 0.4,
                        0.95, 1, 0.95, 0.9, 0.5, 1, 0.1, 0.4, 0.05);
            case FLOWER -> flower();
            case FIGURE ->
                points(
                        -0.6, 0, 0.6, 0, 0.8, 0.5, 0.45, 0.68, 0.5, 0.9, 0.2, 1, -0.2, 1, -0.5, 0.9, -0.45, 0.68, -0.8,
                        0.5);
        };
        List<Point> drawn = new ArrayList<>();
        unit.forEach(p -> drawn.add(new Point(p.x() * w, p.y() * h)));
        drawn.add(drawn.get(0));
        return drawn;
    }

    private static List<Point> points(double... xz) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xz.length; i += 2) {
            points.add(new Point(xz[i], xz[i + 1]));
        }
        return points;
    }

    private static List<Point> arc(double from, double to, double middle, double high) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= ROUND; i++) {
            double a = from + (to - from) * i / ROUND;
            points.add(new Point(Elementary.cos(a), middle + high * Elementary.sin(a)));
        }
        return points;
    }

    private static List<Point> star() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 2 * RAYS; i++) {
            double r = i % 2 == 0 ? 1 : INNER;
            double a = Math.PI / 2 + i * Math.PI / RAYS;
            points.add(new Point(r * Elementary.cos(a), 0.5 + r * Elementary.sin(a) / 2));
        }
        return points;
    }

    private static List<Point> flower() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 2 * ROUND; i++) {
            double a = Math.PI * i / ROUND;
            double r = 0.75 + 0.25 * Elementary.cos(RAYS * (a - Math.PI / 2));
            points.add(new Point(r * Elementary.cos(a), 0.5 + r * Elementary.sin(a) / 2));
        }
        return points;
    }
}
