package sectorum.turntable;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.measure.Absent;

/**
 * How long hands were at each step, out of the presses they made anyway: from one press of a device to the next, less its pauses, goes
 * to the step that the later press is about. A press that comes far too late was preceded by a stop that nobody
 * told; its time is not guessed, it is asked for.
 */
final class WorkClock {
    private static final double MINUTE_MS = 60_000;
    /** Between two presses of one device: longer than this and than {@link #TIMES} what is planned, hands were elsewhere. */
    private static final double LONG = 20;

    private static final double TIMES = 4;

    private final Map<String, StepKey> steps = new HashMap<>();
    private final Map<String, WorkTime.Hands> work = new LinkedHashMap<>();
    private final Map<String, Double> told = new HashMap<>();
    private final Map<String, Device> devices = new LinkedHashMap<>();

    /** Hands at one device: since when they work (absent: they do not), and what they worked before a pause. */
    private static final class Device {
        private String who = "";
        private double kept;

        @Absent
        private Long since;
    }

    private WorkClock(List<StepKey> keys) {
        keys.forEach(k -> steps.put(k.id(), k));
    }

    /**
     * @param lines in the order of the journal
     * @param undone lines that are taken back: they do nothing, but a hand pressed
     */
    static WorkTime of(List<StepKey> keys, List<KeptEntry> lines, Set<String> undone) {
        WorkClock clock = new WorkClock(keys);
        lines.forEach(
                line -> clock.take(line.entry(), undone.contains(line.entry().id())));
        List<WorkTime.Hands> all = new ArrayList<>();
        clock.work.forEach((step, hands) -> {
            Double said = clock.told.get(step);
            all.add(said == null ? hands : new WorkTime.Hands(step, said, 0, hands.from(), hands.who()));
        });
        clock.told.forEach((step, minutes) -> {
            if (!clock.work.containsKey(step)) {
                all.add(new WorkTime.Hands(step, minutes, 0, 0, ""));
            }
        });
        List<WorkTime.Clock> running = new ArrayList<>();
        clock.devices.forEach((device, d) -> running.add(new WorkTime.Clock(device, d.who, d.since, d.kept)));
        return new WorkTime(all, running);
    }

    private void take(Entry entry, boolean takenBack) {
        Device d = devices.computeIfAbsent(entry.device(), k -> new Device());
        if (!entry.who().isEmpty()) {
            d.who = entry.who();
        }
        switch (entry.kind()) {
            case BEGIN -> {
                if (!takenBack && d.since == null) {
                    d.since = entry.at();
                }
            }
            case PAUSE -> {
                if (!takenBack && d.since != null) {
                    d.kept += Math.max(0, (entry.at() - d.since) / MINUTE_MS);
                    d.since = null;
                }
            }
            case COUNT, TICK -> settle(d, entry, takenBack);
            case SKIP, UNDO -> {
                d.kept = 0;
                d.since = entry.at();
            }
            case WORKED -> {
                if (!takenBack) {
                    told.put(entry.step(), entry.amount());
                }
            }
            default -> {}
        }
    }

    /** What a count or a tick says of the time since the last press. */
    private void settle(Device d, Entry entry, boolean takenBack) {
        StepKey step = steps.get(entry.step());
        if (!takenBack && step != null) {
            double last = d.since == null ? 0 : Math.max(0, (entry.at() - d.since) / MINUTE_MS);
            boolean known = d.since != null || d.kept > 0;
            boolean asked = !known || last > limit(step, entry);
            double minutes = asked ? d.kept : d.kept + last;
            long from = asked ? 0 : entry.at() - (long) (minutes * MINUTE_MS);
            work.merge(
                    entry.step(),
                    new WorkTime.Hands(entry.step(), minutes, asked ? Math.max(last, 0.001) : 0, from, d.who),
                    WorkTime.Hands::plus);
        }
        d.kept = 0;
        d.since = entry.at();
    }

    private static double limit(StepKey step, Entry entry) {
        double share =
                entry.kind() == Entry.Kind.COUNT && step.count() > 0 ? Math.min(1, entry.amount() / step.count()) : 1;
        return Math.max(LONG, TIMES * step.minutes() * share);
    }
}
