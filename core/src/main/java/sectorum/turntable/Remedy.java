package sectorum.turntable;

import sectorum.finding.Mend;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * What can still be done when something was left alone too long.
 *
 * @param minutes of hands that it takes
 * @param tier that the mend edits; empty: none
 * @param about the division or the dressing that it edits; empty: none
 * @param mend what a press changes in the plan; absent: it is done by hand alone
 */
public record Remedy(
        Phrase what,
        double minutes,
        String tier,
        String about,
        @Absent Mend mend) {
    static Remedy byHand(Phrase what, double minutes) {
        return new Remedy(what, minutes, "", "", null);
    }
}
