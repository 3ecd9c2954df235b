package sectorum.server.demo;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import sectorum.days.Task;
import sectorum.measure.Absent;
import sectorum.plan.Agenda;
import sectorum.turntable.BenchStep;
import sectorum.turntable.Entry;
import sectorum.turntable.Window;

/**
 * A week at the bench, made up: every step of a plan ticked by one of two people, each with a pace of their own for each kind
 * of work, some pieces broken and one topper looked at while it dried.
 */
final class DemoBench {
    private static final int OPENS = 9;
    private static final int CLOSES = 17;
    private static final int DAYS = 6;
    private static final long SEED = 20_251;

    private final Random random = new Random(SEED);
    private final ZoneId zone;
    private final List<Entry> lines = new ArrayList<>();
    private final Map<String, Agenda.Did> done = new LinkedHashMap<>();
    private final Map<String, Double> paces = new HashMap<>();
    private LocalDateTime at;
    private String who = "";
    private String last = "";

    private DemoBench(LocalDateTime ready, ZoneId zone) {
        this.zone = zone;
        this.at = ready.minusDays(DAYS).withHour(OPENS).withMinute(0);
    }

    /** What was pressed, and which tasks were done when. */
    record Week(List<Entry> lines, Map<String, Agenda.Did> done) {}

    static Week of(List<BenchStep> steps, LocalDateTime ready, ZoneId zone) {
        DemoBench bench = new DemoBench(ready, zone);
        steps.forEach(bench::step);
        bench.press(Entry.Kind.PAUSE, "", 0);
        return new Week(bench.lines, bench.done);
    }

    private void press(Entry.Kind kind, String step, double amount) {
        line(kind, step, amount, "", null, at);
    }

    private String line(
            Entry.Kind kind, String step, double amount, String about, @Absent Window window, LocalDateTime when) {
        String id = "week-" + lines.size();
        long ms = when.atZone(zone).toInstant().toEpochMilli();
        String device = "bench-" + (who.equals("Bram") ? "2" : "1");
        lines.add(new Entry(id, device, who, ms, lines.size(), kind, step, amount, about, window));
        return id;
    }

    private void step(BenchStep step) {
        String task = step.key().task();
        if (!task.equals(last)) {
            hand(step);
        }
        Task.Kind kind = step.told().kind();
        double pace = paces.computeIfAbsent(
                who + kind + step.told().about(), k -> Math.exp(0.1 + 0.28 * random.nextGaussian()));
        double minutes = step.told().minutes() * pace * Math.exp(0.12 * random.nextGaussian());
        // The telephone, the door, a break: hands leave the work, and say so.
        if (minutes > 25 && random.nextInt(3) == 0) {
            at = at.plusSeconds((long) (30 * minutes));
            press(Entry.Kind.PAUSE, "", 0);
            at = at.plusMinutes(20L + random.nextInt(40));
            press(Entry.Kind.BEGIN, "", 0);
            minutes /= 2;
        }
        at = at.plusSeconds((long) (60 * minutes));
        int broken = broken(step);
        if (broken > 0) {
            press(Entry.Kind.BROKEN, step.key().id(), broken);
        }
        press(Entry.Kind.TICK, step.key().id(), 0);
        if (step.window() != null && step.window().early() > 300) {
            dried(step);
        }
        done.put(task, new Agenda.Did(begun(task).toString(), minutes(task)));
        if (at.getHour() >= CLOSES - 1) {
            press(Entry.Kind.PAUSE, "", 0);
            at = at.plusDays(1).withHour(OPENS).withMinute(random.nextInt(15));
            press(Entry.Kind.BEGIN, "", 0);
        }
    }

    private final Map<String, LocalDateTime> begun = new HashMap<>();

    private LocalDateTime begun(String task) {
        return begun.get(task);
    }

    private double minutes(String task) {
        return Math.max(1, java.time.Duration.between(begun(task), at).toMinutes() % 600);
    }

    private void hand(BenchStep step) {
        if (!last.isEmpty()) {
            press(Entry.Kind.PAUSE, "", 0);
        }
        last = step.key().task();
        who = step.told().kind() == Task.Kind.PIECE || random.nextInt(3) == 0 ? "Bram" : "Ottilie";
        begun.put(last, at.withSecond(0).withNano(0));
        press(Entry.Kind.BEGIN, "", 0);
    }

    private int broken(BenchStep step) {
        int many = step.key().count();
        int gone = 0;
        for (int i = 0; i < Math.min(many, 60); i++) {
            gone += random.nextDouble() < 0.05 ? 1 : 0;
        }
        return step.told().kind() == Task.Kind.PIECE || step.told().kind() == Task.Kind.DRESS ? gone : 0;
    }

    /** Left to dry, and looked at twice: sooner ready than the formula has it. */
    private void dried(BenchStep step) {
        String timer = line(Entry.Kind.TIMER, step.key().id(), 0, step.told().name(), step.window(), at);
        double hard = step.window().early() / 0.7 * (0.72 + 0.1 * random.nextDouble());
        line(Entry.Kind.HANDLED, step.key().id(), 0, timer, null, at.plusMinutes((long) (0.36 * hard)));
        line(Entry.Kind.HARD, step.key().id(), 0, timer, null, at.plusMinutes((long) hard));
        line(Entry.Kind.STOP, step.key().id(), 0, timer, null, at.plusMinutes((long) hard + 1));
    }
}
