package sectorum.notebook;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import sectorum.ahead.MadeAhead;
import sectorum.bench.RateKind;
import sectorum.bench.Subject;
import sectorum.days.Air;
import sectorum.days.Drying;
import sectorum.days.Moments;
import sectorum.days.Task;
import sectorum.days.WeighIn;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.Entry;
import sectorum.turntable.Timer;
import sectorum.turntable.WorkTime;

/**
 * Records out of a job's journal: one for each task that is through, and one for each piece that was weighed while it dried.
 * Nothing is guessed: a task whose time nobody knows has no minutes until somebody says them.
 */
public final class Harvest {
    private static final int LONGEST_NOTE = 2000;
    private static final double HOUR_MS = 3_600_000;
    private static final long MINUTE_MS = 60_000;

    private final Plan plan;
    private final StackWorkup worked;
    private final BenchState state;
    private final ZoneId zone;
    private final Map<String, BenchState.StepState> standing = new HashMap<>();
    private final Map<String, WorkTime.Hands> hands = new HashMap<>();
    private final List<WorkRecord> records = new ArrayList<>();
    private final List<Asked> asked = new ArrayList<>();

    /**
     * A step whose time somebody has to say.
     *
     * @param minutes between the two presses about it; 0: nobody knows when it was begun
     * @param planned for it
     */
    public record Asked(String step, String task, String name, double minutes, double planned) {}

    /** What came out. */
    public record Harvested(List<WorkRecord> records, List<Asked> asked) {
        public Harvested {
            records = List.copyOf(records);
            asked = List.copyOf(asked);
        }
    }

    private Harvest(Plan plan, StackWorkup worked, BenchState state, ZoneId zone) {
        this.plan = plan;
        this.worked = worked;
        this.state = state;
        this.zone = zone;
        state.steps().forEach(s -> standing.put(s.id(), s));
        state.work().hands().forEach(h -> hands.put(h.step(), h));
    }

    /**
     * @param plan cut: what goes over several tiers is on each of them
     * @param worked by the plain tables, and so are the steps
     */
    public static Harvested of(Plan plan, StackWorkup worked, List<BenchStep> steps, BenchState state, ZoneId zone) {
        Harvest harvest = new Harvest(plan, worked, state, zone);
        Map<String, List<BenchStep>> byTask = new LinkedHashMap<>();
        steps.forEach(s ->
                byTask.computeIfAbsent(s.key().task(), k -> new ArrayList<>()).add(s));
        byTask.values().forEach(harvest::task);
        return new Harvested(harvest.records, harvest.asked);
    }

    private void task(List<BenchStep> steps) {
        BenchStep first = steps.get(0);
        Task.Kind kind = first.told().kind();
        List<BenchStep> done = steps.stream()
                .filter(s -> standing.get(s.key().id()).progress() == BenchState.StepProgress.DONE)
                .filter(s -> standing.get(s.key().id()).last() != null)
                .toList();
        boolean through =
                steps.stream().allMatch(s -> standing.get(s.key().id()).isPast());
        OwnPiece piece = kind == Task.Kind.PIECE ? piece(first.told().about()) : null;
        WeighIn weighed = piece == null ? null : WeighIn.of(piece.resting().weighed());
        if (kind == Task.Kind.OWN || ((done.isEmpty() || !through) && weighed == null)) {
            return;
        }
        boolean timed = through && !done.isEmpty();
        Material paste = piece != null ? piece.material() : paste(first);
        WorkRecord record = new WorkRecord(
                null,
                null,
                plan.name(),
                begun(done),
                subject(first, piece),
                first.told().name(),
                first.key().task(),
                who(done),
                paste,
                timed ? time(done) : null,
                timed ? pieces(steps) : null,
                weight(steps, first),
                piece == null ? null : drying(piece, steps, weighed),
                null,
                null,
                plan.made().humidity(),
                plan.made().celsius(),
                notes(steps),
                List.of(),
                null,
                List.of(),
                Set.of());
        EnumSet<RateKind> waiting = EnumSet.noneOf(RateKind.class);
        for (RateKind rate : RateKind.values()) {
            if (record.isKnown(rate)) {
                waiting.add(rate);
            }
        }
        if (!waiting.isEmpty() || timed) {
            records.add(record.decided(List.of(), waiting));
        }
    }

    private String subject(BenchStep step, @Absent OwnPiece piece) {
        if (piece != null) {
            return MadeAhead.subject(piece);
        }
        if (step.told().kind() == Task.Kind.DRESS) {
            return Subject.dressing(worn(step).technique());
        }
        return Subject.task(step.told().kind().name().toLowerCase(Locale.ROOT));
    }

    private TierWorkup.Worn worn(BenchStep step) {
        return worked.tiers().stream()
                .filter(t -> t.id().equals(step.told().tier()))
                .flatMap(t -> t.dressings().stream())
                .filter(w -> w.id().equals(step.told().about()))
                .findFirst()
                .orElseThrow();
    }

    private OwnPiece piece(String id) {
        return worked.pieces(plan).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Absent
    private Material paste(BenchStep step) {
        return step.told().kind() != Task.Kind.DRESS
                ? null
                : worn(step).making().used().stream()
                        .max((a, b) -> Double.compare(a.grams(), b.grams()))
                        .map(Making.Used::material)
                        .orElse(null);
    }

    /** Hands' minutes where every step's are known; steps that nobody timed are asked for. */
    @Absent
    private WorkRecord.TimeTaken time(List<BenchStep> done) {
        double plain = 0;
        double minutes = 0;
        boolean known = true;
        for (BenchStep step : done) {
            WorkTime.Hands at = hands.get(step.key().id());
            if (at == null || at.asked() > 0) {
                known = false;
                asked.add(new Asked(
                        step.key().id(),
                        step.key().task(),
                        step.told().name(),
                        at == null ? 0 : Math.floor(at.asked()),
                        step.told().minutes()));
            } else {
                plain += step.told().minutes();
                minutes += at.minutes();
            }
        }
        return known && plain > 0 && minutes >= 0.01 ? new WorkRecord.TimeTaken(plain, minutes) : null;
    }

    /** What was noted at the bench, in the order in which it was. */
    private String notes(List<BenchStep> steps) {
        StringBuilder all = new StringBuilder();
        for (Entry line : state.lines()) {
            boolean ours = steps.stream().anyMatch(s -> s.key().id().equals(line.step()));
            if (ours && line.kind() == Entry.Kind.NOTE && !line.about().isBlank()) {
                all.append(all.isEmpty() ? "" : " · ")
                        .append(line.about().strip().replaceAll("\\s+", " "));
            }
        }
        int end = Math.min(all.length(), LONGEST_NOTE);
        // A sign above the basic plane is not cut in two.
        boolean half = end > 0 && Character.isHighSurrogate(all.charAt(end - 1));
        return all.substring(0, half ? end - 1 : end);
    }

    private double sum(List<BenchStep> steps, Entry.Kind kind) {
        Set<String> ids = new LinkedHashSet<>();
        steps.forEach(s -> ids.add(s.key().id()));
        return state.lines().stream()
                .filter(e -> e.kind() == kind && ids.contains(e.step()))
                .mapToDouble(Entry::amount)
                .reduce(0, Double::sum);
    }

    /** Where nobody counts what breaks, nothing is known of it. */
    @Absent
    private WorkRecord.PiecesMade pieces(List<BenchStep> steps) {
        Task.Kind kind = steps.get(0).told().kind();
        if (kind != Task.Kind.DRESS && kind != Task.Kind.PIECE) {
            return null;
        }
        int broken = (int) sum(steps, Entry.Kind.BROKEN);
        int whole = steps.stream().mapToInt(s -> s.key().count()).max().orElse(0);
        int spare = kind == Task.Kind.DRESS ? worn(steps.get(0)).making().cutSpares() : 0;
        // Where something broke somewhere in the job, none that broke is counted, too.
        boolean counted = state.lines().stream().anyMatch(e -> e.kind() == Entry.Kind.BROKEN);
        return !counted || whole + broken == 0
                ? null
                : new WorkRecord.PiecesMade(whole + broken, broken, spare == 0 ? null : (Integer) spare);
    }

    @Absent
    private WorkRecord.WeightUsed weight(List<BenchStep> steps, BenchStep first) {
        double grams = sum(steps, Entry.Kind.USED);
        if (grams <= 0 || first.told().kind() != Task.Kind.DRESS) {
            return null;
        }
        Making making = worn(first).making();
        boolean line = making.used().stream().anyMatch(u -> u.length() > 0);
        // What is cut from a sheet takes off-cuts, too: only what is piped or extruded tells grams a metre.
        return line && making.grams() > 0 ? new WorkRecord.WeightUsed(making.grams(), grams, true) : null;
    }

    @Absent
    private WorkRecord.DryingSeen drying(OwnPiece piece, List<BenchStep> steps, @Absent WeighIn weighed) {
        double plain = Drying.hours(piece) * Air.factor(plan.made().humid());
        if (Double.isNaN(plain) || plain <= 0) {
            return null;
        }
        Double handled = hours(steps, Entry.Kind.HANDLED);
        Double hard = hours(steps, Entry.Kind.HARD);
        if (handled == null && hard == null) {
            return weighed == null ? null : new WorkRecord.DryingSeen(plain, weighed.stands(), weighed.hard());
        }
        boolean turned = handled != null && hard != null && hard < handled;
        return new WorkRecord.DryingSeen(plain, turned ? null : handled, hard);
    }

    /** Hours from a timer's beginning to the press about it. */
    @Absent
    private Double hours(List<BenchStep> steps, Entry.Kind kind) {
        for (Entry line : state.lines()) {
            for (Timer timer : line.kind() == kind ? state.timers() : List.<Timer>of()) {
                boolean ours = steps.stream().anyMatch(s -> s.key().id().equals(timer.step()));
                if (ours && timer.id().equals(line.about()) && line.at() > timer.from()) {
                    return (line.at() - timer.from()) / HOUR_MS;
                }
            }
        }
        return null;
    }

    private String begun(List<BenchStep> done) {
        long first = Long.MAX_VALUE;
        for (BenchStep step : done) {
            WorkTime.Hands at = hands.get(step.key().id());
            Entry last = standing.get(step.key().id()).last();
            long from = at != null && at.from() > 0 ? at.from() : last == null ? Long.MAX_VALUE : last.at();
            first = Math.min(first, from);
        }
        LocalDateTime at = first == Long.MAX_VALUE
                ? LocalDateTime.parse(plan.readyBy() == null ? "2000-01-01T00:00" : plan.readyBy())
                : Moments.local(Math.floorDiv(first, MINUTE_MS), zone);
        return at.toString();
    }

    private String who(List<BenchStep> done) {
        Map<String, Double> by = new LinkedHashMap<>();
        for (BenchStep step : done) {
            WorkTime.Hands at = hands.get(step.key().id());
            if (at != null && !at.who().isEmpty()) {
                by.merge(at.who(), at.minutes(), Double::sum);
            }
        }
        return by.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
    }
}
