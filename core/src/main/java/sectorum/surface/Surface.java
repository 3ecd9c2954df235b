package sectorum.surface;

import java.util.ArrayList;
import java.util.List;
import sectorum.outline.Along;

/**
 * Whatever may be dressed, as a band: s runs along the foot of the tier's side from the back seam, z away from the surface's
 * own edge: up a side from its foot, outer or inner, inwards on a top, a ledge or a board from its rim. All surfaces of a tier share its
 * marks. Only a surface knows which it is; techniques ask it for lengths, places and words.
 */
public sealed interface Surface permits Side, InnerSide, LevelSurface {
    SurfaceKind kind();

    /** The side's circumference at its foot, mm: s goes from 0 up to it on every surface of a tier. */
    double period();

    /** The most z there is all round, mm. */
    double depth();

    /** Length of the line at z all round, mm; 0 ≤ z ≤ {@link #depth()}. */
    double around(double z);

    /**
     * True length along the line at z of a stretch of the foot, mm.
     *
     * @param from s where it begins
     * @param stretch mm on the foot, up to the whole period
     */
    double length(double from, double stretch, double z);

    /** The s that lies so many true millimetres further along the line at z. */
    double further(double s, double mm, double z);

    /** Area between the lines at two z, mm². */
    double area(Zone zone);

    /** The place in space, with the surface's normal there. */
    SpacePoint at(double s, double z);

    /** Flat coordinates between two places at the same z: what is hung from both keeps its true size in them. */
    Frame frame(Along from, double section, double z);

    /** Straight distance of two places at z that a section lies between, where it is flat; along the line where it bends. */
    default double across(Along from, double section, double z) {
        return frame(from, section, z).width();
    }

    /** n places evenly along the line at z, the first at the front or, shifted, so much of a pitch further. */
    default List<Along> row(int n, double z, double shift) {
        List<Along> row = new ArrayList<>(n);
        double pitch = around(z) / n;
        for (int j = 0; j < n; j++) {
            row.add(Along.of(further(period() / 2, (j + shift) * pitch, z), period()));
        }
        return row;
    }

    /** The z that has so much of a zone's area between its lower edge and itself; {@code 0 ≤ share ≤ 1}. */
    default double at(Zone zone, double share) {
        double wanted = share * area(zone);
        double low = zone.foot();
        double high = zone.top();
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (middle > zone.foot() && area(new Zone(zone.foot(), middle)) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * A part of it as one flat outline in true millimetres, about the middle of its lower edge, as a piece laid there has it:
     * x0, z0, x1, z1, …
     *
     * @param stretch mm on the foot, up to the whole period
     */
    List<Double> patch(double from, double stretch, Zone zone);

    default Zone whole() {
        return new Zone(0, depth());
    }
}
