package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.measure.Tape;
import sectorum.outline.Along;
import sectorum.side.Side;
import sectorum.side.Zone;

/**
 * Where a dressing goes.
 *
 * @param division along the foot's circumference; marks keep their angle up a tapered side
 * @param colours how many colours the dressing has, 1 or more; repeats cycle through them
 * @param bench whose tape, hand and boards
 */
public record Place(Side side, Division division, Zone zone, int colours, Bench bench) {
    /** Marks nearer than this, mm, are one: perimeters found numerically are no better. */
    private static final double SAME_MARK = 1e-6;

    /** Width of section k along the side at height z, mm. */
    public double width(int k, double z) {
        return division.section(k) * narrowing(z);
    }

    /** How wide the side is at height z, as a share of the foot. */
    public double narrowing(double z) {
        return side.around(z) / side.foot().mm();
    }

    public Tape tape() {
        return bench.tape();
    }

    /** A size rounded to the tape in hand, at least one of its divisions. */
    double onTape(double mm) {
        return Math.max(tape().divisionMm(), tape().read(mm));
    }

    /** The widest section at height z, mm: sizes are taken from it. */
    double widest(double z) {
        double widest = 0;
        for (int k = 0; k < division.count(); k++) {
            widest = Math.max(widest, width(k, z));
        }
        return widest;
    }

    /** The same place in a mirror: marks on the other side of the front. */
    Place mirrored() {
        List<Double> marks = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            Along mark = division.mark(k);
            // The seam is its own mirror image: a mark a hair to one side of it stays the first, or the last.
            boolean seam = mark.distance(Along.of(0, division.around())) < SAME_MARK;
            marks.add(seam ? mark.s() : mark.mirrored().s());
        }
        marks.sort(null);
        return new Place(side, new Division(division.outline(), division.front(), marks), zone, colours, bench);
    }
}
