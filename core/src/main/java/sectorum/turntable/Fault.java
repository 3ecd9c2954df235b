package sectorum.turntable;

import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.outline.Along;
import sectorum.plan.Tier;

/**
 * A fault in a tier's side, as it is pressed on the band.
 *
 * @param s of its middle, mm from the back seam on the foot's circumference
 * @param z of its middle, mm above the foot
 * @param width along the side, mm
 * @param height up the side, mm
 */
public record Fault(Kind kind, String tier, double s, double z, double width, double height) {
    private static final Field WIDTH =
            Field.length("fault.width", "Width of the fault", 1, 400, 15, "Press one end, then the other.");
    private static final Field HEIGHT =
            Field.length("fault.height", "Height of the fault", 1, 300, 10, "Press its foot, then its top.");

    /** What it is. */
    public enum Kind {
        GAP("gap"),
        BRUISE("bruise"),
        TEAR("torn edge"),
        BROKEN("broken point");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Fault {
        kind = Given.in("fault.kind", kind);
        tier = Given.in("fault.tier", tier);
        WIDTH.check(width);
        HEIGHT.check(height);
        Field.length("fault.s", "BenchPlace of the fault", 0, 10_000, 0, "Press it on the band.")
                .check(s);
        Field.length("fault.z", "Height of its middle", 0, 800, 0, "Press it on the band.")
                .check(z);
    }

    /** The same as a mirror at the front shows it. */
    Fault mirrored(double around) {
        return new Fault(kind, tier, Along.of(-s, around).s(), z, width, height);
    }

    /** Whether another like it on the other side is asked for: at the front and at the back it is its own mirror. */
    boolean asksBalance(Tier on) {
        double around = on.side().foot().mm();
        Along at = Along.of(s, around);
        return Math.min(at.distance(Along.of(0, around)), at.distance(Along.of(around / 2, around))) > around / 12;
    }
}
