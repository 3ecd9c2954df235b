package sectorum.outline;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A place along a closed side: wrapped once, here, so that the back seam is a place like any other.
 *
 * @param s mm from the back seam, {@code 0 ≤ s < around}
 * @param around the perimeter in mm
 */
public record Along(double s, double around) {
    public Along {
        if (!(around > 0) || !Double.isFinite(around) || !Double.isFinite(s)) {
            throw new Refused(
                    "s",
                    Phrase.of(
                            "A place {} along a side of {} does not exist.",
                            Quantity.text("" + s),
                            Quantity.text("" + around)));
        }
        s -= Math.floor(s / around) * around;
        if (s >= around) {
            s = 0; // a hair below zero wraps to exactly the perimeter in doubles
        }
    }

    /**
     * A place s mm from the back seam, any finite number, wrapped into {@code 0 ≤ s < around}; refused where around is not over 0.
     */
    public static Along of(double s, double around) {
        return new Along(s, around);
    }

    /** So many mm further on, anticlockwise as seen from above; less than 0 goes back. */
    public Along plus(double mm) {
        return new Along(s + mm, around);
    }

    /** The same place in a mirror that leaves the front and the seam where they are. */
    public Along mirrored() {
        return new Along(-s, around);
    }

    /** How far it is, going on anticlockwise, to the other place: {@code 0 ≤ d < around}. */
    public double to(Along other) {
        return new Along(other.s - s, around).s;
    }

    /** The shortest way to the other place, whichever way round. */
    public double distance(Along other) {
        double ahead = to(other);
        return Math.min(ahead, around - ahead);
    }
}
