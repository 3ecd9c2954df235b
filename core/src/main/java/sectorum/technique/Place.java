package sectorum.technique;

import sectorum.divide.Division;
import sectorum.measure.Tape;
import sectorum.side.Side;
import sectorum.side.Zone;

/**
 * Where a dressing goes.
 *
 * @param division along the foot's circumference; marks keep their angle up a tapered side
 * @param tape what suggested sizes are rounded to
 */
public record Place(Side side, Division division, Zone zone, Tape tape) {
    /** Width of section k along the side at height z, mm. */
    public double width(int k, double z) {
        return division.section(k) * side.around(z) / side.foot().mm();
    }
}
