package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import sectorum.bench.RateKind;
import sectorum.notebook.Harvest;
import sectorum.notebook.Lesson;
import sectorum.notebook.Lessons;
import sectorum.notebook.Rates;
import sectorum.notebook.WorkRecord;
import sectorum.plan.OwnPiece;
import sectorum.plan.Resting;
import sectorum.plan.Weighing;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.Entry;
import sectorum.turntable.KeptEntry;
import sectorum.turntable.StepKey;
import sectorum.turntable.Window;

/** From a journal to records, and from records to what they teach. */
class HarvestTest {
    private static final Planned PLANNED = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null));
    private static final List<BenchStep> STEPS = Workup.turntable(
            PLANNED.plan(), PLANNED.worked(), PLANNED.top(), Tiers.BENCH, PLANNED.order(), PLANNED.days());
    private static final long START = 1_765_000_000_000L;

    private final List<KeptEntry> journal = new ArrayList<>();
    private double minute;

    private void line(Entry.Kind kind, String step, double amount, String about, Window window) {
        int n = journal.size();
        journal.add(new KeptEntry(
                new Entry(
                        "e" + n,
                        "d",
                        "Ottilie",
                        START + (long) (60_000 * minute),
                        n,
                        kind,
                        step,
                        amount,
                        about,
                        window),
                n + 1));
    }

    private void press(Entry.Kind kind, String step, double amount) {
        line(kind, step, amount, "", null);
    }

    private static List<BenchStep> of(String task) {
        return STEPS.stream().filter(s -> s.key().task().equals(task)).toList();
    }

    /** Each step in so many times what is planned. */
    private void work(String task, double ratio) {
        press(Entry.Kind.BEGIN, "", 0);
        for (BenchStep step : of(task)) {
            minute += ratio * step.told().minutes();
            press(Entry.Kind.TICK, step.key().id(), 0);
        }
        press(Entry.Kind.PAUSE, "", 0);
    }

    private Harvest.Harvested harvest() {
        return Workup.harvest(PLANNED.plan(), PLANNED.worked(), STEPS, state(), Planned.ZONE);
    }

    private BenchState state() {
        List<StepKey> keys = STEPS.stream().map(BenchStep::key).toList();
        return BenchState.of(keys, journal);
    }

    @Test
    void aTaskThatIsThroughIsARecordWithWhatThePlainTableSaid() {
        work("dress-tier-1-swag", 1.4);
        List<WorkRecord> records = harvest().records();
        assertThat(records).singleElement().satisfies(r -> {
            assertThat(r.subject()).isEqualTo("dressing/swag");
            assertThat(r.time().minutes()).isCloseTo(1.4 * r.time().plain(), within(1e-3));
            assertThat(r.who()).isEqualTo("Ottilie");
            assertThat(r.at()).isEqualTo("2025-12-06T06:46");
            assertThat(r.waiting()).contains(RateKind.TIME);
            assertThat(r.counts(RateKind.TIME)).isFalse();
        });
    }

    @Test
    void whatWasNotedAtTheBenchIsTheRecordsNote() {
        work("dress-tier-1-swag", 1);
        String step = of("dress-tier-1-swag").get(0).key().id();
        line(Entry.Kind.NOTE, step, 0, "the icing\n split", null);
        line(Entry.Kind.NOTE, step, 0, "x".repeat(1985) + "🎂🎂🎂🎂🎂🎂", null);
        String note = harvest().records().get(0).note();
        assertThat(note).startsWith("the icing split · xxx").hasSizeLessThanOrEqualTo(2000);
        assertThat(note.codePoints()).noneMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE);
    }

    @Test
    void aTaskHalfDoneIsNone() {
        press(Entry.Kind.BEGIN, "", 0);
        minute = 10;
        press(Entry.Kind.TICK, of("dress-tier-1-swag").get(0).key().id(), 0);
        assertThat(harvest().records()).isEmpty();
    }

    @Test
    void aForgottenStopIsAskedForAndTheAnswerMakesTheRecordWhole() {
        work("dress-tier-1-swag", 1);
        press(Entry.Kind.BEGIN, "", 0);
        List<BenchStep> pearls = of("dress-tier-0-pearls");
        for (BenchStep step : pearls) {
            minute += 900;
            press(Entry.Kind.TICK, step.key().id(), 0);
        }
        Harvest.Harvested before = harvest();
        assertThat(before.asked())
                .hasSameSizeAs(pearls)
                .allSatisfy(a -> assertThat(a.minutes()).isEqualTo(900));
        assertThat(before.records())
                .filteredOn(r -> r.task().equals("dress-tier-0-pearls"))
                .singleElement()
                .satisfies(r -> assertThat(r.time()).isNull());
        pearls.forEach(s -> press(Entry.Kind.WORKED, s.key().id(), 7));
        Harvest.Harvested after = harvest();
        assertThat(after.asked()).isEmpty();
        assertThat(after.records())
                .filteredOn(r -> r.task().equals("dress-tier-0-pearls"))
                .singleElement()
                .satisfies(r -> assertThat(r.time().minutes()).isEqualTo(7.0 * pearls.size()));
    }

    @Test
    void whatBrokeIsCountedAndWhereAnythingDidNothingCountsToo() {
        work("dress-tier-0-pearls", 1);
        assertThat(harvest().records().get(0).pieces()).isNull();
        work("dress-tier-1-swag", 1);
        press(Entry.Kind.BROKEN, of("dress-tier-1-swag").get(0).key().id(), 2);
        assertThat(harvest().records())
                .filteredOn(r -> r.pieces() != null)
                .extracting(r -> r.pieces().broken())
                .contains(2);
        assertThat(harvest().records())
                .filteredOn(r -> r.task().equals("dress-tier-0-pearls"))
                .singleElement()
                .satisfies(r -> assertThat(r.pieces().broken()).isZero());
    }

    @Test
    void hoursUntilHandledAndHardComeFromThePressesAtTheTimer() {
        List<BenchStep> piece = of("piece-topper");
        work("piece-topper", 1);
        String last = piece.get(piece.size() - 1).key().id();
        line(Entry.Kind.TIMER, last, 0, "Topper", new Window(600, null, null));
        String timer = "e" + (journal.size() - 1);
        minute += 9 * 60;
        line(Entry.Kind.HANDLED, last, 0, timer, null);
        minute += 22 * 60;
        line(Entry.Kind.HARD, last, 0, timer, null);
        assertThat(harvest().records()).singleElement().satisfies(r -> {
            assertThat(r.subject()).isEqualTo("piece/own");
            assertThat(r.drying().handled()).isCloseTo(9, within(1e-3));
            assertThat(r.drying().hard()).isCloseTo(31, within(1e-3));
        });
    }

    @Test
    void aPieceThatWasWeighedWhileItDriedSpeaksWithoutAnyPress() {
        OwnPiece topper = Pressed.piece("topper", OwnPiece.Seat.TOP, null);
        List<Weighing> weighed = IntStream.range(0, 5)
                .mapToObj(i -> new Weighing(4.0 * i, 40 + 10 * Math.exp(-4.0 * i / 8)))
                .toList();
        Planned planned = Planned.of(topper.resting(weighed(topper.resting(), weighed)));
        List<BenchStep> steps = Workup.turntable(
                planned.plan(), planned.worked(), planned.top(), Tiers.BENCH, planned.order(), planned.days());
        BenchState none = BenchState.of(steps.stream().map(BenchStep::key).toList(), List.of());
        List<WorkRecord> records = Workup.harvest(planned.plan(), planned.worked(), steps, none, Planned.ZONE)
                .records();
        assertThat(records).singleElement().satisfies(r -> {
            assertThat(r.time()).isNull();
            assertThat(r.drying().hard()).isCloseTo(-8 * Math.log(0.05), within(0.2));
            assertThat(r.waiting()).containsExactly(RateKind.DRYING);
        });
    }

    private static Resting weighed(Resting r, List<Weighing> weighed) {
        return new Resting(r.faces(), r.stated(), r.storage(), r.until(), r.layer(), weighed);
    }

    /** Three sentences with numbers, each with what it changes; taken in, it is as it said. */
    @Test
    void whatAJobTaughtSaysBothNumbersAndComesTrueWhenItIsTakenIn() {
        work("dress-tier-1-swag", 1.6);
        work("dress-tier-0-pearls", 1.1);
        List<WorkRecord> records = new ArrayList<>();
        for (WorkRecord r : harvest().records()) {
            records.add(r.known(records.size() + 1));
        }
        List<Lesson> lessons = Lessons.of(records, records);
        assertThat(lessons).hasSize(2);
        Lesson first = lessons.get(0);
        assertThat(first.of()).isEqualTo("dressing/swag");
        assertThat(first.said().toString()).contains("1.6 × the plain time");
        assertThat(first.before()).isEqualTo(1);
        assertThat(first.after()).isCloseTo((1.6 + 2) / 3, within(1e-4));
        List<WorkRecord> taken = records.stream()
                .map(r -> first.records().contains(r.id()) ? r.decided(r.aside(), Set.of()) : r)
                .toList();
        assertThat(Rates.flowing(Rates.of(taken), "", Set.of()).time("dressing/swag"))
                .isCloseTo(first.after(), within(1e-9));
        assertThat(Lessons.of(taken, taken)).hasSize(1);
    }
}
