package sectorum.surface;

import java.util.ArrayList;
import java.util.List;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/**
 * The wall round a ring's hole, as if seen through the cake from outside: s as on the outer side, so that marks stand in line
 * through the cake, z up from the foot. Every millimetre of the outer foot is as much shorter here as the hole is smaller.
 *
 * @param outer the tier's side
 * @param hole the line round the hole, under its coats
 */
public record InnerSide(Side outer, Outline hole) implements Surface {
    private double share() {
        return hole.perimeter() / period();
    }

    @Override
    public SurfaceKind kind() {
        return SurfaceKind.INNER;
    }

    @Override
    public double period() {
        return outer.period();
    }

    @Override
    public double depth() {
        return outer.upright();
    }

    @Override
    public double around(double z) {
        return hole.perimeter();
    }

    @Override
    public double length(double from, double stretch, double z) {
        return stretch * share();
    }

    @Override
    public double further(double s, double mm, double z) {
        return s + mm / share();
    }

    @Override
    public double area(Zone zone) {
        return hole.perimeter() * zone.height();
    }

    /** Its normal points into the hole. */
    @Override
    public SpacePoint at(double s, double z) {
        Spot spot = hole.at(Along.of(s * share(), hole.perimeter()).s());
        return new SpacePoint(spot.x(), spot.y(), z, -spot.nx(), -spot.ny(), 0);
    }

    /** Places round the hole, straight between them to the tolerance, with the s that they have on the outer foot. */
    public List<Along> stops(double tolerance) {
        List<Along> stops = new ArrayList<>();
        hole.stops(tolerance).forEach(s -> stops.add(Along.of(s / share(), period())));
        return stops;
    }

    /** The wall unrolled. */
    @Override
    public Frame frame(Along from, double section, double z) {
        return Frame.unrolled(from, section, share(), z);
    }

    @Override
    public List<Double> patch(double from, double stretch, Zone zone) {
        return Frame.rectangle(stretch * share(), zone.height());
    }
}
