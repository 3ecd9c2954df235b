package sectorum.days;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import sectorum.bench.Storage;

/**
 * Judges a schedule minute by minute, knowing nothing of how it was made: it looks at clocks on the wall, counts hands and
 * places one minute after the other and dries in steps of a minute.
 */
public record Judge(List<OrderTasks> orders, Workshop workshop, Schedule schedule) {

    /** All that is wrong, in words; nothing for a good schedule. */
    public List<String> wrongs() {
        List<String> wrongs = new ArrayList<>();
        int expected = orders.stream().mapToInt(o -> o.tasks().size()).sum();
        if (schedule.slots().size() != expected) {
            wrongs.add(schedule.slots().size() + " slots for " + expected + " tasks");
        }
        for (Slot slot : schedule.slots()) {
            work(slot, wrongs);
            needs(slot, wrongs);
        }
        crowded(wrongs);
        return wrongs;
    }

    private boolean isOutside(Slot s) {
        return schedule.outside().contains(s.order().id() + "/" + s.task().id());
    }

    private void work(Slot s, List<String> wrongs) {
        Task t = s.task();
        long sum = s.work().stream().mapToLong(b -> b.to() - b.from()).sum();
        if (sum != t.minutes()) {
            wrongs.add(t.id() + " gets " + sum + " minutes of " + t.minutes());
        }
        boolean whole = !t.pauses() && t.minutes() <= workshop.longest();
        if (whole && s.work().size() > 1) {
            wrongs.add(t.id() + " is split and may not be");
        }
        if (t.at() != null) {
            if (s.start() != t.at()) {
                wrongs.add(t.id() + " was settled and moved");
            }
            return;
        }
        for (Slot.Busy b : isOutside(s) ? List.<Slot.Busy>of() : s.work()) {
            for (long m = b.from(); m < b.to(); m++) {
                if (!open(m)) {
                    wrongs.add(t.id() + " is worked at " + m + ", when nobody is there");
                    return;
                }
            }
        }
    }

    boolean open(long minute) {
        ZonedDateTime at = Instant.ofEpochSecond(minute * 60).atZone(workshop.zone());
        int of = at.getHour() * 60 + at.getMinute();
        return workshop.on(at.getDayOfWeek()).stream().anyMatch(h -> of >= h.from() && of < h.to());
    }

    private void needs(Slot s, List<String> wrongs) {
        for (Dependency need : s.task().needs()) {
            Slot first = slot(s.order(), need.task());
            if (first == null || (s.task().isPinned() && first.task().isPinned())) {
                continue;
            }
            String what = first.task().id() + " before " + s.task().id();
            boolean pinned = first.task().isPinned();
            long earliest = (need.rested() ? dried(first) : first.end()) + need.least();
            if (s.start() < earliest && !pinned) {
                wrongs.add(what + ": too soon by " + (earliest - s.start()));
            }
            boolean loose = schedule.loosened()
                    .contains(s.order().id() + "/" + first.task().id() + ">"
                            + s.task().id());
            if (need.most() != null && s.start() > first.end() + need.most() && !loose && !pinned) {
                wrongs.add(what + ": too late by " + (s.start() - first.end() - need.most()));
            }
        }
        boolean last = s.order().tasks().stream()
                .noneMatch(t -> t.needs().stream()
                        .anyMatch(n -> n.task().equals(s.task().id())));
        if (last && !s.task().isPinned() && dried(s) > s.order().ready()) {
            wrongs.add(s.task().id() + " is over after the moment");
        }
    }

    private Slot slot(OrderTasks order, String task) {
        return schedule.slots().stream()
                .filter(s -> s.order().id().equals(order.id()) && s.task().id().equals(task))
                .findFirst()
                .orElse(null);
    }

    /** Dries minute by minute. */
    static long dried(Slot s) {
        Rest rest = s.task().rest();
        if (rest == null) {
            return s.end();
        }
        if (!rest.airy()) {
            return s.end() + rest.least();
        }
        double done = 0;
        long at = s.end();
        while (done < rest.least() - 1e-6) {
            double factor = s.order().air().steps().get(0).factor();
            for (Air.Step step : s.order().air().steps()) {
                factor = step.from() <= at ? step.factor() : factor;
            }
            done += 1 / factor;
            at++;
        }
        return at;
    }

    private void crowded(List<String> wrongs) {
        Predicate<Slot> counted = s -> !s.task().isPinned() && !isOutside(s);
        for (Slot s : schedule.slots()) {
            for (Slot.Busy b : s.work()) {
                int hands = schedule.slots().stream()
                        .filter(o -> !o.task().done() && o.work().stream().anyMatch(w -> holds(w, b.from())))
                        .mapToInt(o -> Math.min(o.task().pairs(), workshop.hands()))
                        .sum();
                if (counted.test(s) && hands > workshop.hands()) {
                    wrongs.add(s.task().id() + ": " + hands + " pairs of hands of " + workshop.hands());
                }
            }
            Rest rest = s.task().rest();
            Integer places = rest == null ? null : workshop.places().get(rest.storage());
            if (places != null && rest.places() > 0 && rest.places() <= places && counted.test(s)) {
                int full = full(rest.storage(), s.end());
                if (full > places) {
                    wrongs.add(s.task().id() + ": " + full + " places of " + places + ", " + rest.storage());
                }
            }
        }
    }

    private int full(Storage storage, long at) {
        return schedule.slots().stream()
                .filter(o -> o.task().rest() != null && o.task().rest().storage() == storage)
                .filter(o -> o.task().rest().places() <= workshop.places().get(storage))
                .filter(o -> o.end() <= at && dried(o) > at)
                .mapToInt(o -> o.task().rest().places())
                .sum();
    }

    private static boolean holds(Slot.Busy b, long at) {
        return b.from() <= at && at < b.to();
    }

    /** Tasks that could begin later with all others where they are. */
    List<String> movable(int step) {
        List<String> movable = new ArrayList<>();
        for (int i = 0; i < schedule.slots().size(); i++) {
            Slot s = schedule.slots().get(i);
            boolean whole = s.work().size() == 1 && !s.task().pauses();
            if (s.task().isPinned() || !whole || isOutside(s)) {
                continue;
            }
            for (long later = step;
                    later <= 3 * 24 * 60 && s.end() + later <= s.order().ready();
                    later += step) {
                List<Slot> moved = new ArrayList<>(schedule.slots());
                moved.set(i, Slot.of(s.order(), s.task(), List.of(new Slot.Busy(s.start() + later, s.end() + later))));
                Schedule other = new Schedule(moved, schedule.loosened(), schedule.outside());
                if (new Judge(orders, workshop, other).wrongs().isEmpty()) {
                    movable.add(s.task().id() + " by " + later);
                    break;
                }
            }
        }
        return movable;
    }

    static String wall(long minute, Workshop workshop) {
        LocalDateTime at = Moments.local(minute, workshop.zone());
        return at.toString();
    }
}
