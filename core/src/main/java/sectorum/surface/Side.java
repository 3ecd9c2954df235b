package sectorum.surface;

import java.util.List;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Spot;

/**
 * A tier's side as it is worked on.
 *
 * @param outline the outline at the foot, already scaled to the tape's reading
 * @param foot circumference at the foot
 * @param top circumference at the top edge
 * @param height mm along the side
 * @param heights height readings in order, empty where none was taken
 */
public record Side(Outline outline, Known foot, Known top, Known height, List<Double> heights) implements Surface {
    /** Over this share of the foot a difference to the top edge is worth saying (craft 2.1). */
    public static final double TAPER_SHOWS = 0.01;
    /** Over this spread of heights a tier is re-levelled or its edge hidden, mm (craft 2.1). */
    public static final double LEVEL_SHOWS_MM = 3;

    /**
     * The side from its sizes, a coat of t mm all round and once on top, and what was read.
     *
     * @param nominalHeight mm, before coats
     */
    public static Side of(OutlineKind kind, Values sizes, double nominalHeight, double t, List<Reading> readings) {
        Outline nominal = kind.build(sizes, t);
        double p = nominal.perimeter();
        List<Double> atFoot = taped(readings, Reading.What.FOOT);
        List<Double> atTop = taped(readings, Reading.What.TOP);
        List<Double> heights = taped(readings, Reading.What.HEIGHT);
        // One reading alone stands for the whole side: nobody tapes a straight cake twice.
        Known foot = Known.of(p, atFoot.isEmpty() ? atTop : atFoot);
        Known top = Known.of(p, atTop.isEmpty() ? atFoot : atTop);
        Known height = Known.of(nominalHeight + t, heights);
        Wrap.of(foot.mm(), top.mm(), height.mm());
        Outline outline = foot.isRead() ? nominal.withPerimeter(foot.mm()) : nominal;
        return new Side(outline, foot, top, height, heights);
    }

    private static List<Double> taped(List<Reading> readings, Reading.What what) {
        return readings.stream()
                .filter(r -> r.what() == what)
                .map(Reading::finished)
                .toList();
    }

    @Override
    public SurfaceKind kind() {
        return SurfaceKind.SIDE;
    }

    @Override
    public double period() {
        return foot.mm();
    }

    @Override
    public double depth() {
        return height.mm();
    }

    @Override
    public double length(double from, double stretch, double z) {
        return stretch * narrowing(z);
    }

    @Override
    public double further(double s, double mm, double z) {
        return s + mm / narrowing(z);
    }

    /** A trapezoid: the line at its middle times its height. */
    @Override
    public double area(Zone zone) {
        return around((zone.foot() + zone.top()) / 2) * zone.height();
    }

    /** Where the side is straight, as much of the height as of the area. */
    @Override
    public double at(Zone zone, double share) {
        return taper() == 0 ? zone.foot() + share * zone.height() : Surface.super.at(zone, share);
    }

    /** How far the side leans in, mm: the least of its radii gets so much smaller up to the top edge. */
    private double leanMm() {
        return (foot.mm() - top.mm()) / (2 * Math.PI);
    }

    /** Its height straight up, mm. */
    public double upright() {
        return Math.sqrt(Math.max(1, height.mm() * height.mm() - leanMm() * leanMm()));
    }

    @Override
    public SpacePoint at(double s, double z) {
        Spot spot = outline.at(s);
        double share = narrowing(z);
        double sin = leanMm() / height.mm();
        double cos = upright() / height.mm();
        return new SpacePoint(spot.x() * share, spot.y() * share, z * cos, spot.nx() * cos, spot.ny() * cos, sin);
    }

    /** The side unrolled: straight between any two places. */
    @Override
    public Frame frame(Along from, double section, double z) {
        return Frame.unrolled(from, section, narrowing(z), z);
    }

    /** The tier's upper edge, as an outline. */
    public Outline edge() {
        return outline.scaled(top.mm() / foot.mm());
    }

    /** C(z) = C_foot + (C_top − C_foot)·z/H. */
    @Override
    public double around(double z) {
        return foot.mm() + (top.mm() - foot.mm()) * z / height.mm();
    }

    /** How wide the side is at height z, as a share of the foot. */
    public double narrowing(double z) {
        return around(z) / foot.mm();
    }

    /** How much the top edge differs from the foot, as a share of the foot, signed. */
    public double taper() {
        return (top.mm() - foot.mm()) / foot.mm();
    }

    /** The diameter of a round of the same circumference: what "across" means for any outline. */
    public double acrossAsRound() {
        return foot.mm() / Math.PI;
    }

    /** Its paper wrap: straight where it does not taper (craft 2.1). */
    public Wrap wrap() {
        return Wrap.of(foot.mm(), top.mm(), height.mm());
    }

    @Override
    public List<Double> patch(double from, double stretch, Zone zone) {
        return Frame.rectangle(length(from, stretch, zone.foot()), zone.height());
    }
}
