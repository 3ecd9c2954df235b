package sectorum.tasks;

import java.util.List;
import sectorum.bench.Basis;
import sectorum.bench.Storage;
import sectorum.days.Task;
import sectorum.days.Timeline;
import sectorum.finding.Finding;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * The days of a plan among the workshop's orders. Moments are local, ISO, to the minute.
 *
 * @param readyBy when the plan must be ready
 * @param items its tasks and those of the orders that share the workshop, by their start
 * @param loads the days from the first task on, with how much of them is taken
 * @param fills the fullest moment of each shelf
 * @param next the plan's task to begin next, by its place among the items; absent: all is done
 * @param first last safe start of that
 * @param late minutes that the plan is late; 0: it is not
 * @param left minutes of the plan's hands still to be done, as they are likely
 * @param careful the same where it goes as slowly as it does in one of ten plans
 * @param uncooled minutes that the cake is out of the fridge when it is handed over; absent: it is in none
 * @param findings about this plan's days
 * @param leftOut orders that share the workshop and cannot be planned: this plan stands without them
 */
public record Days(
        String now,
        String readyBy,
        List<Item> items,
        List<Load> loads,
        List<Fullest> fills,
        @Absent Integer next,
        @Absent String first,
        long late,
        int left,
        int careful,
        @Absent Long uncooled,
        List<Finding> findings,
        List<LeftOut> leftOut) {
    public Days {
        items = List.copyOf(items);
        loads = List.copyOf(loads);
        fills = List.copyOf(fills);
        findings = List.copyOf(findings);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * An order that could not be planned with the others.
     *
     * @param order its name for the schedule
     * @param plan what it is called
     * @param why what is wrong with it, and what mends it
     */
    public record LeftOut(String order, String plan, Phrase why) {}

    /** The same with the orders that were left out. */
    public Days without(List<LeftOut> orders) {
        return new Days(
                now, readyBy, items, loads, fills, next, first, late, left, careful, uncooled, findings, orders);
    }

    /** Whether a task is still to be done. */
    public enum State {
        OPEN,
        /** At a moment settled by hand. */
        FIXED,
        DONE
    }

    /** Hands at work, local. */
    public record Sitting(String from, String to) {}

    /**
     * How it is left alone after.
     *
     * @param low when that may be over
     * @param until when it is for certain
     * @param latest when what follows must have begun, where waiting longer spoils it; absent: it may wait
     * @param basis what the wait rests on
     */
    public record Shelved(
            Storage storage,
            int places,
            String from,
            String low,
            String until,
            @Absent String latest,
            Basis basis) {}

    /**
     * One task.
     *
     * @param order whose it is, by the order's name for the schedule
     * @param plan the order's name
     * @param own whether it is of the plan asked for
     * @param slack minutes before it pinches; below 0: that late
     * @param by what holds it, in words; empty: nothing
     * @param guard for what cannot be undone: what should be done before and is still open
     * @param basis what its minutes rest on
     */
    public record Item(
            String order,
            String plan,
            boolean own,
            String id,
            String name,
            Task.Kind kind,
            String tier,
            String about,
            int pairs,
            int minutes,
            boolean pauses,
            List<Sitting> work,
            @Absent Shelved lying,
            long slack,
            Timeline.Held held,
            String by,
            boolean critical,
            boolean late,
            State state,
            List<String> needs,
            List<String> guard,
            Basis basis) {}

    /**
     * A day.
     *
     * @param open minutes of hands there are
     * @param busy minutes of them that are taken
     */
    public record Load(String day, int open, int busy) {}

    /** The fullest moment of a shelf. */
    public record Fullest(Storage storage, int most, @Absent Integer places, String when) {}

    /**
     * What would save time, worked out by planning again.
     *
     * @param saved minutes by which the first safe start comes later
     */
    public record Saving(sectorum.finding.Mend mend, long saved, String first) {}
}
