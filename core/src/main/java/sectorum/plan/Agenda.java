package sectorum.plan;

import java.util.List;
import java.util.Map;
import sectorum.bench.Storage;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What people settle about a plan's days; the rest follows from the plan. Tasks are named as the schedule names them.
 *
 * @param done tasks that are finished, with when they were: they stay there
 * @param fixed tasks that begin at a settled moment, local, ISO
 * @param split tasks that are done in so many parts
 * @param own tasks added by hand
 * @param waits waits seen or stated by this workshop, by task: they win over the formula
 * @param air how damp the room is from a moment on; before the first, and without any, as the plan's table says
 * @param dressFirst whether each tier is decorated before it is stacked; usual is to stack first (craft 1)
 */
public record Agenda(
        Map<String, Did> done,
        Map<String, String> fixed,
        Map<String, Integer> split,
        List<OwnTask> own,
        Map<String, Span> waits,
        List<Air> air,
        boolean dressFirst) {
    public static final Agenda USUAL = new Agenda(Map.of(), Map.of(), Map.of(), List.of(), Map.of(), List.of(), false);

    /**
     * A task that is finished.
     *
     * @param from when hands began, local, ISO
     * @param minutes they took
     */
    public record Did(String from, double minutes) {
        public Did {
            from = Check.moment("agenda.done", from);
            if (from == null || !(minutes >= 0 && minutes <= 6000)) {
                throw new Refused(
                        "agenda.done",
                        Phrase.of(
                                "What is done has a moment and {} to {} minutes; these are {}.",
                                Quantity.count(0),
                                Quantity.count(6000),
                                Quantity.plain(minutes)));
            }
        }
    }

    /**
     * A task added by hand.
     *
     * @param pauses whether it may be laid down and gone on with
     * @param rest how long it is left alone after; absent: not at all
     * @param storage where
     * @param after tasks that come before it
     * @param before tasks that wait for it; none: the last look at the cake
     */
    public record OwnTask(
            String id,
            String name,
            double minutes,
            boolean pauses,
            @Absent Span rest,
            @Absent Storage storage,
            List<String> after,
            List<String> before) {
        private static final Field MINUTES =
                Field.count("agenda.own.minutes", "Minutes", 0, 2880, 15, "Hands at work, without the waiting.");

        public OwnTask {
            id = Check.id("agenda.own.id", id);
            name = Check.words("agenda.own.name", "A task's name", name, 1, 80);
            MINUTES.check(Elementary.rint(minutes));
            after = Check.list("agenda.own.after", "Tasks before it", after, 0, 40);
            before = Check.list("agenda.own.before", "Tasks after it", before, 0, 40);
        }

        /** The same without one that comes before or after it. */
        public OwnTask without(String task) {
            return new OwnTask(
                    id,
                    name,
                    minutes,
                    pauses,
                    rest,
                    storage,
                    after.stream().filter(a -> !a.equals(task)).toList(),
                    before.stream().filter(b -> !b.equals(task)).toList());
        }
    }

    /**
     * How damp the room is from a moment on.
     *
     * @param humidity a share of one
     */
    public record Air(String from, double humidity) {
        public Air {
            from = Check.moment("agenda.air", from);
            Table.HUMIDITY.check(humidity);
            if (from == null) {
                throw new Refused(
                        "agenda.air",
                        Phrase.of("A humidity of {} has no moment. Say from when.", Quantity.share(humidity)));
            }
        }
    }

    public Agenda {
        done = Check.map("agenda.done", "Tasks done", done);
        fixed = Check.map("agenda.fixed", "Fixed tasks", fixed);
        fixed.forEach((task, at) -> {
            if (Check.moment("agenda.fixed", at) == null) {
                throw new Refused(
                        "agenda.fixed",
                        Phrase.of("\"{}\" is fixed at no moment. Give it one, or let it move.", Quantity.text(task)));
            }
        });
        split = Check.map("agenda.split", "Split tasks", split);
        split.forEach((task, parts) -> {
            if (parts < 2 || parts > 8) {
                throw new Refused(
                        "agenda.split",
                        Phrase.of(
                                "A task in {} parts is outside {} to {}. Take it whole again, or in fewer.",
                                Quantity.count(parts),
                                Quantity.count(2),
                                Quantity.count(8)));
            }
        });
        own = Check.list("agenda.own", "Tasks of one's own", own, 0, 100);
        Check.unique("agenda.own", "Task", own, OwnTask::id);
        waits = Check.map("agenda.waits", "Waits", waits);
        air = Check.list("agenda.air", "Readings of the room", air, 0, 400);
    }

    /** The same for another order of the design: what was seen of waits stays, what was done does not. */
    public Agenda untouched() {
        return new Agenda(Map.of(), Map.of(), split, own, waits, List.of(), dressFirst);
    }

    /** With nothing done: each task takes what is planned for it. */
    public Agenda undone() {
        return new Agenda(Map.of(), fixed, split, own, waits, air, dressFirst);
    }

    /** Without the tasks that were added by hand. */
    public Agenda alone() {
        return new Agenda(done, fixed, split, List.of(), waits, air, dressFirst);
    }

    /** In the other order of stacking and decorating. */
    public Agenda dressing(boolean first) {
        return new Agenda(done, fixed, split, own, waits, air, first);
    }
}
