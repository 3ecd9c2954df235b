package sectorum.turntable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.measure.Absent;

/**
 * Where a job stands by its journal. The same lines in the same places give the same, whichever device asks.
 *
 * @param next the first step that is neither done nor skipped; absent: there is none
 * @param lines notes, readings, and what broke, was used, stood and was hard, in the order of the journal
 * @param work how long hands were at it
 */
public record BenchState(
        List<StepState> steps,
        List<Timer> timers,
        List<Entry> lines,
        @Absent String next,
        WorkTime work) {
    public BenchState {
        steps = List.copyOf(steps);
        timers = List.copyOf(timers);
        lines = List.copyOf(lines);
    }

    /** How far a step is. */
    public enum StepProgress {
        OPEN,
        BEGUN,
        DONE,
        SKIPPED
    }

    /**
     * One step.
     *
     * @param count places done, by all who counted
     * @param last what settled it; absent: nothing did
     * @param apart what two devices did to it without knowing of one another, both kept; none: nothing, or it was looked at
     * @param undo the line that a press would take back; empty: there is none
     * @param open tasks before it that are still open, where it cannot be undone
     */
    public record StepState(
            String id,
            StepProgress progress,
            int count,
            @Absent Entry last,
            List<Entry> apart,
            String undo,
            List<String> open) {
        public StepState {
            apart = List.copyOf(apart);
            open = List.copyOf(open);
        }

        /** Whether one goes on past it. */
        public boolean isPast() {
            return progress == StepProgress.DONE || progress == StepProgress.SKIPPED;
        }
    }

    /** What has been done to one step, as its lines come. */
    private static final class Doing {
        private final List<KeptEntry> acts = new ArrayList<>();
        private final List<Entry> apart = new ArrayList<>();
        private int count;
        private String undo = "";

        @Absent
        private Entry last;

        void take(KeptEntry kept) {
            switch (kept.entry().kind()) {
                case COUNT -> count += (int) kept.entry().amount();
                case SETTLED -> {
                    apart.clear();
                    acts.clear();
                    return;
                }
                default -> last = kept.entry();
            }
            for (KeptEntry earlier : acts) {
                // Two who count add up; who settles what another settled or counts at meets him.
                boolean meets = settles(earlier.entry()) || settles(kept.entry());
                if (meets && kept.isApartFrom(earlier)) {
                    keep(earlier.entry());
                    keep(kept.entry());
                }
            }
            acts.add(kept);
            undo = kept.entry().id();
        }

        private void keep(Entry entry) {
            if (!apart.contains(entry)) {
                apart.add(entry);
            }
        }
    }

    private static boolean settles(Entry entry) {
        return entry.kind() == Entry.Kind.TICK || entry.kind() == Entry.Kind.SKIP;
    }

    /** @param journal in any order */
    public static BenchState of(List<StepKey> steps, List<KeptEntry> journal) {
        List<KeptEntry> lines = inOrder(journal);
        Set<String> undone = undone(lines);
        Map<String, Doing> doing = new LinkedHashMap<>();
        steps.forEach(s -> doing.put(s.id(), new Doing()));
        Map<String, Entry> timers = new LinkedHashMap<>();
        Map<String, Long> stopped = new HashMap<>();
        List<Entry> told = new ArrayList<>();
        for (KeptEntry kept : lines) {
            Entry entry = kept.entry();
            if (!undone.contains(entry.id())) {
                switch (entry.kind()) {
                    case TICK, COUNT, SKIP, SETTLED -> {
                        if (doing.containsKey(entry.step())) {
                            doing.get(entry.step()).take(kept);
                        }
                    }
                    case TIMER -> timers.put(entry.id(), entry);
                    case STOP -> stopped.putIfAbsent(entry.about(), entry.at());
                    case READING, NOTE, BROKEN, USED, HANDLED, HARD -> told.add(entry);
                    case UNDO, BEGIN, PAUSE, WORKED -> {}
                }
            }
        }
        List<StepState> standing = standing(steps, doing);
        return new BenchState(
                standing,
                timers.values().stream()
                        .map(t -> Timer.of(t, stopped.get(t.id())))
                        .toList(),
                told,
                standing.stream()
                        .filter(s -> !s.isPast())
                        .map(StepState::id)
                        .findFirst()
                        .orElse(null),
                WorkClock.of(steps, lines, undone));
    }

    /** Each line once, those that wait after all that are kept. */
    private static List<KeptEntry> inOrder(List<KeptEntry> journal) {
        Map<String, KeptEntry> once = new LinkedHashMap<>();
        // A line that was sent and came back is the kept one.
        journal.forEach(k -> once.merge(k.entry().id(), k, (a, b) -> a.waits() ? b : a));
        List<KeptEntry> lines = new ArrayList<>(once.values());
        lines.sort(Comparator.comparingLong(k -> k.waits() ? Long.MAX_VALUE : k.place()));
        return lines;
    }

    /** What is taken back and not brought back: from the last line on, since a line is only taken back by a later one. */
    private static Set<String> undone(List<KeptEntry> lines) {
        Set<String> undone = new HashSet<>();
        for (int i = lines.size() - 1; i >= 0; i--) {
            Entry entry = lines.get(i).entry();
            if (entry.kind() == Entry.Kind.UNDO && !undone.contains(entry.id())) {
                undone.add(entry.about());
            }
        }
        return undone;
    }

    private static List<StepState> standing(List<StepKey> steps, Map<String, Doing> doing) {
        Map<String, StepProgress> progress = new HashMap<>();
        steps.forEach(s -> progress.put(s.id(), progress(s, doing.get(s.id()))));
        Set<String> openTasks = new HashSet<>();
        for (StepKey step : steps) {
            StepProgress p = progress.get(step.id());
            if (p == StepProgress.OPEN || p == StepProgress.BEGUN) {
                openTasks.add(step.task());
            }
        }
        List<StepState> all = new ArrayList<>();
        for (StepKey step : steps) {
            Doing done = doing.get(step.id());
            all.add(new StepState(
                    step.id(),
                    progress.get(step.id()),
                    done.count,
                    done.last,
                    done.apart,
                    done.undo,
                    progress.get(step.id()) == StepProgress.DONE
                            ? List.of()
                            : step.before().stream().filter(openTasks::contains).toList()));
        }
        return all;
    }

    private static StepProgress progress(StepKey step, Doing doing) {
        if (doing.last != null) {
            return doing.last.kind() == Entry.Kind.SKIP ? StepProgress.SKIPPED : StepProgress.DONE;
        }
        if (step.done()) {
            return StepProgress.DONE;
        }
        return doing.count > 0 ? StepProgress.BEGUN : StepProgress.OPEN;
    }
}
