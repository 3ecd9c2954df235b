package sectorum.turntable;

import java.util.List;
import sectorum.measure.Absent;

/**
 * How long hands were at a job's steps by its journal.
 *
 * @param hands of each step that somebody worked at
 * @param clocks of the devices that anything was pressed on
 */
public record WorkTime(List<Hands> hands, List<Clock> clocks) {
    public WorkTime {
        hands = List.copyOf(hands);
        clocks = List.copyOf(clocks);
    }

    /**
     * Hands at one step, of all who worked at it.
     *
     * @param minutes that are known
     * @param asked minutes between two presses that were too many to be work, so that somebody has to say; 0: none are
     * @param from when they began, ms since the epoch; 0: nobody knows
     * @param who worked last; empty: nobody said
     */
    public record Hands(String step, double minutes, double asked, long from, String who) {
        Hands plus(Hands later) {
            return new Hands(
                    step,
                    minutes + later.minutes,
                    asked + later.asked,
                    from == 0 ? later.from : from,
                    later.who.isEmpty() ? who : later.who);
        }
    }

    /**
     * A device's clock.
     *
     * @param since when its hands went on working, ms since the epoch; absent: they pause, or never began
     * @param kept minutes worked before a pause that no step has had yet
     */
    public record Clock(String device, String who, @Absent Long since, double kept) {}

    /** Hands at a step; absent: nobody worked at it. */
    @Absent
    Hands at(String step) {
        return hands.stream().filter(h -> h.step().equals(step)).findFirst().orElse(null);
    }
}
