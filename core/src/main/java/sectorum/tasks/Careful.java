package sectorum.tasks;

import java.util.List;
import sectorum.bench.Basis;
import sectorum.days.Task;
import sectorum.measure.Elementary;

/**
 * How long a plan's open tasks take where it goes as slowly as in one of ten. What the plain table is off by it is off by
 * in one direction, for it knows nothing of the hand, so that adds up; jobs that were written down go now better, now worse, and
 * their squares add up.
 */
final class Careful {
    private Careful() {}

    /** Minutes of all pairs of hands. */
    static int minutes(List<Task> tasks, int hands) {
        double likely = 0;
        double together = 0;
        double apart = 0;
        for (Task task : tasks) {
            if (!task.done()) {
                double minutes = (double) task.minutes() * Math.min(task.pairs(), hands);
                double more = minutes * task.basis().off();
                likely += minutes;
                if (task.basis().source() == Basis.Source.PLAIN) {
                    together += more;
                } else {
                    apart += more * more;
                }
            }
        }
        return (int) Elementary.round(likely + together + Math.sqrt(apart));
    }
}
