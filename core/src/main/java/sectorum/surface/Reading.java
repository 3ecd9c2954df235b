package sectorum.surface;

import java.util.Locale;
import sectorum.measure.Absent;
import sectorum.measure.Field;

/**
 * Something measured on the finished, covered tier.
 *
 * @param what which length was taped
 * @param mm the reading
 * @param spot for heights the place round the tier, 0 at the front, then on by eighths; otherwise 0
 * @param by who read it, where that is known
 * @param at when, as an ISO date and time, where that is known
 * @param under thickness of a coat laid after it was taken, mm; absent: nothing was
 */
public record Reading(
        What what,
        double mm,
        int spot,
        @Absent String by,
        @Absent String at,
        @Absent Double under) {
    private static final Field FOOT = Field.length(
            "readings.foot", "Round the foot", 100, 6000, 100, "Read the tape again where it is level all round.");
    private static final Field TOP = Field.length(
            "readings.top", "Round the top edge", 100, 6000, 100, "Read the tape again, just under the edge.");
    private static final Field HEIGHT =
            Field.length("readings.height", "Height", 10, 800, 100, "Measure from the board to the top edge.");
    private static final Field SPOT = Field.count("readings.spot", "Place round the tier", 0, 7, 0, "Up to 8 places.");

    private static final Field UNDER = Field.length(
            "readings.under", "Coat laid after", 0, 60, 0, "Leave it empty when the finished side was taped.");

    /** What the tape was laid along. */
    public enum What {
        FOOT,
        TOP,
        HEIGHT
    }

    public Reading {
        field(what).check(mm);
        SPOT.check(spot);
        if (under != null) {
            UNDER.check(under);
        }
    }

    public static Reading of(What what, double mm) {
        return new Reading(what, mm, 0, null, null, null);
    }

    /** The reading as the finished side would give it: a coat of t adds 2πt round the side, t to the height. */
    public double finished() {
        double coat = under == null ? 0 : under;
        return what == What.HEIGHT ? mm + coat : mm + 2 * Math.PI * coat;
    }

    /** Range and words of a reading of this kind. */
    public static Field field(What what) {
        return switch (what) {
            case FOOT -> FOOT;
            case TOP -> TOP;
            case HEIGHT -> HEIGHT;
        };
    }

    /** The name in documents. */
    public static String key(What what) {
        return what.name().toLowerCase(Locale.ROOT);
    }
}
