package sectorum.surface;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.outline.Along;

/**
 * A part of the way round: what limits a surface in s as a {@link Zone} limits it in z.
 *
 * @param from where it begins
 * @param length mm on the foot's circumference from there on, over 0 and under all of it
 */
public record Stretch(Along from, double length) {
    public Stretch {
        if (!(length > 0) || !(length < from.around())) {
            throw new Refused(
                    "stretch",
                    Phrase.of(
                            "{} of {} is no part of the way round. Take more than nothing and less than all.",
                            Quantity.length(length),
                            Quantity.length(from.around())));
        }
    }

    /** Whether a place lies in it, its ends included. */
    public boolean holds(Along s) {
        return holds(s, 0);
    }

    /** Whether so many mm from a place on lie in it wholly. */
    public boolean holds(Along s, double mm) {
        double ahead = from.to(s);
        double near = from.around() - ahead < Rounding.EPS ? 0 : ahead;
        return near + mm <= length + Rounding.EPS;
    }

    /** Whether they have more than a point in common. */
    public boolean meets(Stretch other) {
        return from.to(other.from) < length - Rounding.EPS || other.from.to(from) < other.length - Rounding.EPS;
    }

    public Along middle() {
        return from.plus(length / 2);
    }

    public Along end() {
        return from.plus(length);
    }

    /** The same part as a mirror at the front shows it. */
    public Stretch mirrored() {
        return new Stretch(end().mirrored(), length);
    }
}
