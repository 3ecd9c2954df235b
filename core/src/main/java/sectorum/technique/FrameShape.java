package sectorum.technique;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.art.Contour;
import sectorum.art.Motif;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.measure.Elementary;

/** Outlines that are pressed and piped round. */
enum FrameShape {
    RING("a ring"),
    OVAL("an oval, upright"),
    HEART("a heart"),
    SQUARE("a square"),
    DIAMOND("a square on its point"),
    HEXAGON("a hexagon"),
    BLOSSOM("a blossom"),
    ART("the outline of art");

    private static final int PARTS = 64;
    private static final double OVAL_WIDE = 0.72;

    final String words;

    FrameShape(String words) {
        this.words = words;
    }

    /** A place on an outline, turned as the line runs there. */
    record Pose(double x, double z, double turn) {}

    /** About its middle, as high as told. */
    List<Double> outline(double across) {
        double half = across / 2;
        return switch (this) {
            case RING, ART -> Flat.circle(across, PARTS);
            case OVAL -> squeezed(Flat.circle(across, PARTS));
            case HEART -> heart(half);
            case SQUARE -> Flat.rectangle(-half, -half, across, across);
            case DIAMOND -> Flat.circle(across, 4);
            case HEXAGON -> Flat.turned(Flat.circle(across, 6), Math.PI / 2);
            case BLOSSOM -> Element.BLOSSOM.outline(across);
        };
    }

    /** The largest outer line of a drawing, so high or so wide at the most, made smaller all round by so much; empty: nothing is left. */
    static List<Double> of(Motif motif, double across, double inward) {
        Rings whole = null;
        double by = across / Math.max(motif.width(), motif.height());
        for (Motif.Region part : motif.scaled(by).parts()) {
            whole = whole == null ? part.rings() : Regions.union(whole, part.rings());
        }
        List<Double> line = whole.outers().stream()
                .max(Comparator.comparingDouble(Contour::area))
                .orElseThrow();
        Rings left = inward > 0 ? Regions.offset(Rings.of(line), -inward) : Rings.of(line);
        return left == null
                ? List.of()
                : Flat.moved(
                        left.outers().stream()
                                .max(Comparator.comparingDouble(Contour::area))
                                .orElseThrow(),
                        0,
                        -motif.height() * by / 2);
    }

    private static List<Double> squeezed(List<Double> round) {
        List<Double> oval = new ArrayList<>();
        for (int i = 0; i < round.size(); i += 2) {
            oval.add(round.get(i) * OVAL_WIDE);
            oval.add(round.get(i + 1));
        }
        return oval;
    }

    /** Two half rounds on a point, fitted to its height. */
    private static List<Double> heart(double half) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < PARTS; i++) {
            double t = 2 * Math.PI * i / PARTS;
            double x = Elementary.pow(Elementary.sin(t), 3);
            double z = (13 * Elementary.cos(t)
                            - 5 * Elementary.cos(2 * t)
                            - 2 * Elementary.cos(3 * t)
                            - Elementary.cos(4 * t))
                    / 16;
            line.add(half * x * 0.98);
            line.add(half * (z + 0.156) / 0.9);
        }
        return line;
    }

    /** Places evenly along a closed outline, as near to a pitch as closes. */
    static List<Pose> along(List<Double> outline, double pitch) {
        double length = Flat.length(outline, true);
        int n = (int) Math.max(1, Elementary.rint(length / pitch));
        List<Double> ring = Contour.closed(outline);
        List<Pose> poses = new ArrayList<>();
        double gone = 0;
        for (int i = 0; i + 2 < ring.size() && poses.size() < n; i += 2) {
            double dx = ring.get(i + 2) - ring.get(i);
            double dz = ring.get(i + 3) - ring.get(i + 1);
            double part = Elementary.hypot(dx, dz);
            while (poses.size() < n && part > 0 && poses.size() * length / n <= gone + part + 1e-9) {
                double t = (poses.size() * length / n - gone) / part;
                poses.add(new Pose(ring.get(i) + t * dx, ring.get(i + 1) + t * dz, Elementary.atan2(dz, dx)));
            }
            gone += part;
        }
        return poses;
    }
}
