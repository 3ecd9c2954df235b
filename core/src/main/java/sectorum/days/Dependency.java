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
public record Dependency(String task, int least, @Absent Integer most, boolean rested) {
    /** A covering is soft for so many minutes: what is pressed into it ends by then (craft 1). */
    public static final int SOFT = 60;

    public static Dependency after(String task) {
        return new Dependency(task, 0, null, true);
    }

    public static Dependency after(TaskName task) {
        return after(task.text());
    }

    public static Dependency between(String task, int least, int most) {
        return new Dependency(task, least, most, false);
    }
}
