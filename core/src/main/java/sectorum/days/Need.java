package sectorum.days;

import sectorum.measure.Absent;

/**
 * A task that comes before.
 *
 * @param task its name
 * @param least minutes from its end to the start of what needs it
 * @param most after which it is too late; absent: it may wait
 * @param rested whether its rest is over first, too
 */
public record Need(String task, int least, @Absent Integer most, boolean rested) {
    public static Need after(String task) {
        return new Need(task, 0, null, true);
    }

    public static Need between(String task, int least, int most) {
        return new Need(task, least, most, false);
    }
}
