package sectorum.plan;

import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A wait, hours.
 *
 * @param least before going on
 * @param most after which it is too late; absent: it may be left
 */
public record Span(double least, @Absent Double most) {
    private static final double LONGEST = 2000;

    public Span {
        if (!(least >= 0 && least <= LONGEST) || (most != null && !(most >= least && most <= LONGEST))) {
            throw new Refused(
                    "wait",
                    Phrase.of(
                            "A wait of {} to {} hours is not within {} to {}, the shorter first. Leave the longer empty"
                                    + " where it may be left.",
                            Quantity.plain(least),
                            Quantity.text(most == null ? "any" : "" + most),
                            Quantity.count(0),
                            Quantity.count((long) LONGEST)));
        }
    }
}
