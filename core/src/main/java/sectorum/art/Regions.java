package sectorum.art;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BinaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.CascadedPolygonUnion;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/**
 * Sums and differences of flat regions. The door to the library that does them: nothing else in the house knows it. What crosses
 * itself is mended first, by the rule that a point is inside where an odd number of lines is round it.
 */
public final class Regions {
    /** Less than this is nothing, mm². */
    private static final double NOTHING = 1e-3;
    /** Parts of a quarter round where an offset goes round a corner. */
    private static final int ROUND = 12;

    /** Numbers of lines whose windings are counted face by face; longer ones are taken not to cross themselves. */
    private static final int WOUND = 12_000;

    /** More lines than this are told apart by what lies in what. */
    private static final int MANY = 40;

    /** Parts of a millimetre, so many that their halves are exact. */
    private static final double FINEST = 1 << 20;

    private static final GeometryFactory SPACE = new GeometryFactory();

    private Regions() {}

    /** What of one lies outside the other; absent: nothing. */
    @Absent
    public static Rings difference(Rings from, Rings taken) {
        return combined(from, taken, (a, b) -> OverlayNGRobust.overlay(a, b, OverlayNG.DIFFERENCE));
    }

    /** What lies in either. */
    public static Rings union(Rings one, Rings other) {
        return combined(one, other, (a, b) -> OverlayNGRobust.overlay(a, b, OverlayNG.UNION));
    }

    /** What lies in both; absent: nothing. */
    @Absent
    public static Rings overlap(Rings one, Rings other) {
        return combined(one, other, (a, b) -> OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION));
    }

    /** Larger all round by so many mm, or smaller where it is less than 0; absent: nothing is left. */
    @Absent
    public static Rings offset(Rings of, double mm) {
        BufferParameters round = new BufferParameters(ROUND);
        return rings(BufferOp.bufferOp(geometry(of), mm, round));
    }

    /** With fewer points, none of them further off than a tolerance, no line crossing another. */
    @Absent
    public static Rings simplified(Rings of, double tolerance) {
        return rings(TopologyPreservingSimplifier.simplify(geometry(of), tolerance));
    }

    /** The same for the eye alone: quicker, and lines may touch that did not. */
    @Absent
    public static Rings lighter(Rings of, double tolerance) {
        DouglasPeuckerSimplifier simplifier = new DouglasPeuckerSimplifier(raw(of));
        simplifier.setDistanceTolerance(tolerance);
        simplifier.setEnsureValid(false);
        return rings(simplifier.getResultGeometry());
    }

    /** As it is, each outer line with the holes that lie in it. */
    private static Geometry raw(Rings of) {
        List<Polygon> polygons = new ArrayList<>();
        for (List<Double> outer : of.outers()) {
            LinearRing[] holes = of.holes().stream()
                    .filter(h -> Contour.holds(outer, h.get(0), h.get(1)))
                    .map(h -> SPACE.createLinearRing(points(h)))
                    .toArray(LinearRing[]::new);
            polygons.add(SPACE.createPolygon(SPACE.createLinearRing(points(outer)), holes));
        }
        return SPACE.createMultiPolygon(polygons.toArray(Polygon[]::new));
    }

    /** Lines that were drawn, whatever way they run and cross, as outer lines and holes; absent: they enclose nothing. */
    @Absent
    public static Rings evenOdd(List<List<Double>> lines) {
        if (lines.size() > MANY) {
            return nested(lines);
        }
        Geometry sum = SPACE.createPolygon();
        for (List<Double> line : lines) {
            sum = OverlayNGRobust.overlay(sum, fixed(line), OverlayNG.SYMDIFFERENCE);
        }
        return rings(sum);
    }

    /** Of many lines, which nobody draws across one another by the hundred: in an odd number of others a line is a hole. */
    @Absent
    private static Rings nested(List<List<Double>> lines) {
        List<Geometry> outers = new ArrayList<>();
        List<Geometry> holes = new ArrayList<>();
        for (List<Double> line : lines) {
            long round = lines.stream()
                    .filter(o -> o != line && o.size() >= 6 && Contour.holds(o, line.get(0), line.get(1)))
                    .count();
            (round % 2 == 0 ? outers : holes).add(fixed(line));
        }
        return rings(OverlayNGRobust.overlay(all(outers), all(holes), OverlayNG.DIFFERENCE));
    }

    private static Geometry all(List<Geometry> parts) {
        List<Polygon> polygons = new ArrayList<>();
        for (Geometry part : parts) {
            for (int i = 0; i < part.getNumGeometries(); i++) {
                if (part.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                    polygons.add(polygon);
                }
            }
        }
        Geometry sum = CascadedPolygonUnion.union(polygons);
        return sum == null ? SPACE.createPolygon() : sum;
    }

    /** The same by the rule that a point is inside where lines run round it more often one way than the other. */
    @Absent
    public static Rings nonZero(List<List<Double>> lines) {
        if (lines.stream().mapToInt(List::size).sum() <= WOUND) {
            return wound(lines);
        }
        List<Geometry> forward = new ArrayList<>();
        List<Geometry> backward = new ArrayList<>();
        for (List<Double> line : lines) {
            (Contour.turning(line) >= 0 ? forward : backward).add(fixed(line));
        }
        Geometry ahead = all(forward);
        Geometry back = all(backward);
        // Most drawings have outer lines one way and holes the other; whichever is larger is outside.
        boolean outer = ahead.getArea() >= back.getArea();
        return rings(OverlayNGRobust.overlay(outer ? ahead : back, outer ? back : ahead, OverlayNG.DIFFERENCE));
    }

    /** By the faces that lines part the plane into: those that lines run round more often one way are inside. */
    @Absent
    private static Rings wound(List<List<Double>> lines) {
        List<LineString> drawn = new ArrayList<>();
        for (List<Double> line : lines) {
            if (line.size() >= 6) {
                drawn.add(SPACE.createLineString(points(line)));
            }
        }
        Geometry noded = OverlayNGRobust.union(SPACE.buildGeometry(drawn));
        Polygonizer faces = new Polygonizer();
        faces.add(noded);
        List<Geometry> inside = new ArrayList<>();
        for (Object face : faces.getPolygons()) {
            Polygon polygon = (Polygon) face;
            Coordinate at = polygon.getInteriorPoint().getCoordinate();
            int round =
                    lines.stream().mapToInt(l -> Contour.winding(l, at.x, at.y)).sum();
            if (round != 0) {
                inside.add(polygon);
            }
        }
        return rings(all(inside));
    }

    @Absent
    private static Rings combined(Rings one, Rings other, BinaryOperator<Geometry> how) {
        return rings(how.apply(geometry(one), geometry(other)));
    }

    private static Geometry geometry(Rings of) {
        // Together, not one after the other: of thousands of lines that would take a minute.
        Geometry outer = all(of.outers().stream().map(Regions::fixed).toList());
        return of.holes().isEmpty()
                ? outer
                : OverlayNGRobust.overlay(
                        outer, all(of.holes().stream().map(Regions::fixed).toList()), OverlayNG.DIFFERENCE);
    }

    private static Geometry fixed(List<Double> line) {
        if (line.size() < 6) {
            return SPACE.createPolygon();
        }
        Polygon polygon = SPACE.createPolygon(points(line));
        return polygon.isValid() ? polygon : GeometryFixer.fix(polygon);
    }

    private static Coordinate[] points(List<Double> line) {
        Coordinate[] points = new Coordinate[line.size() / 2 + 1];
        for (int i = 0; i < line.size(); i += 2) {
            points[i / 2] = new Coordinate(line.get(i), line.get(i + 1));
        }
        points[points.length - 1] = new Coordinate(points[0]);
        return points;
    }

    @Absent
    private static Rings rings(Geometry of) {
        List<List<Double>> outers = new ArrayList<>();
        List<List<Double>> holes = new ArrayList<>();
        for (int i = 0; i < of.getNumGeometries(); i++) {
            if (of.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > NOTHING) {
                outers.add(line(polygon.getExteriorRing(), true));
                for (int j = 0; j < polygon.getNumInteriorRing(); j++) {
                    holes.add(line(polygon.getInteriorRingN(j), false));
                }
            }
        }
        return outers.isEmpty() ? null : new Rings(outers, holes);
    }

    /** Outer lines run anticlockwise, holes clockwise. */
    private static List<Double> line(LinearRing ring, boolean outer) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i + 1 < ring.getNumPoints(); i++) {
            line.add(settled(ring.getCoordinateN(i).x));
            line.add(settled(ring.getCoordinateN(i).y));
        }
        return Contour.turning(line) > 0 == outer ? line : Contour.reversed(line);
    }

    /** To a millionth of a millimetre: the library's own sines differ from machine to machine far behind that. */
    private static double settled(double mm) {
        return Elementary.rint(mm * FINEST) / FINEST;
    }
}
