package sectorum.turntable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.bench.Storage;
import sectorum.measure.Refused;
import sectorum.turntable.BenchState.StepProgress;

class BenchStateTest {
    private static final List<StepKey> STEPS = List.of(
            new StepKey("coat/1", "coat", 0, List.of(), false, 10),
            new StepKey("mark/1", "mark", 12, List.of(), false, 10),
            new StepKey("mark/2", "mark", 0, List.of(), false, 10),
            new StepKey("stack/1", "stack", 0, List.of("coat", "mark"), false, 10));

    private static Entry line(String id, String device, long seen, Entry.Kind kind, String step, double amount) {
        return line(id, device, seen, kind, step, amount, "", null);
    }

    private static Entry line(
            String id, String device, long seen, Entry.Kind kind, String step, double amount, String about, Window w) {
        return new Entry(id, device, "", 1_000_000, seen, kind, step, amount, about, w);
    }

    private static List<KeptEntry> kept(Entry... entries) {
        return IntStream.range(0, entries.length)
                .mapToObj(i -> new KeptEntry(entries[i], i + 1))
                .toList();
    }

    private static BenchState.StepState step(BenchState state, String id) {
        return state.steps().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    private static BenchState of(Entry... entries) {
        return BenchState.of(STEPS, kept(entries));
    }

    @Test
    void countsAddUpATickSettlesAndTheNextIsTheFirstThatIsOpen() {
        BenchState state = of(
                line("a", "one", 0, Entry.Kind.TICK, "coat/1", 0),
                line("b", "one", 1, Entry.Kind.COUNT, "mark/1", 5),
                line("c", "one", 2, Entry.Kind.COUNT, "mark/1", 2));
        assertThat(step(state, "coat/1").progress()).isEqualTo(StepProgress.DONE);
        assertThat(step(state, "mark/1").progress()).isEqualTo(StepProgress.BEGUN);
        assertThat(step(state, "mark/1").count()).isEqualTo(7);
        assertThat(step(state, "mark/1").undo()).isEqualTo("c");
        assertThat(state.next()).isEqualTo("mark/1");
    }

    @Test
    void whatCannotBeUndoneSaysWhatIsOpenUntilItIsDoneOrSkipped() {
        assertThat(step(of(), "stack/1").open()).containsExactly("coat", "mark");
        BenchState state = of(
                line("a", "one", 0, Entry.Kind.TICK, "coat/1", 0), line("b", "one", 0, Entry.Kind.TICK, "mark/1", 0));
        assertThat(step(state, "stack/1").open()).containsExactly("mark");
        BenchState skipped = of(
                line("a", "one", 0, Entry.Kind.TICK, "coat/1", 0),
                line("b", "one", 0, Entry.Kind.TICK, "mark/1", 0),
                line("c", "one", 0, Entry.Kind.SKIP, "mark/2", 0, "no time", null));
        assertThat(step(skipped, "stack/1").open()).isEmpty();
        assertThat(step(skipped, "mark/2").last().about()).isEqualTo("no time");
        BenchState stacked = of(line("a", "one", 0, Entry.Kind.TICK, "stack/1", 0));
        assertThat(step(stacked, "stack/1").open())
                .as("it is done: nothing is guarded")
                .isEmpty();
    }

    @Test
    void undoTakesBackAndIsItselfTakenBack() {
        Entry tick = line("a", "one", 0, Entry.Kind.TICK, "coat/1", 0);
        Entry undo = line("b", "one", 1, Entry.Kind.UNDO, "coat/1", 0, "a", null);
        Entry redo = line("c", "one", 2, Entry.Kind.UNDO, "coat/1", 0, "b", null);
        assertThat(step(of(tick, undo), "coat/1").progress()).isEqualTo(StepProgress.OPEN);
        assertThat(step(of(tick, undo, redo), "coat/1").progress()).isEqualTo(StepProgress.DONE);
    }

    @ParameterizedTest
    @CsvSource({
        "TICK, TICK, 0, 2", // both ticked it, not knowing
        "TICK, SKIP, 0, 2",
        "TICK, COUNT, 0, 2",
        "COUNT, COUNT, 0, 0", // two who count add up
        "TICK, SKIP, 1, 0", // the second knew of the first
    })
    void whatTwoDidToOneStepIsBothKept(Entry.Kind first, Entry.Kind second, long seen, int apart) {
        Entry one = line("a", "one", 0, first, "mark/1", first == Entry.Kind.COUNT ? 3 : 0);
        Entry two = line("b", "two", seen, second, "mark/1", second == Entry.Kind.COUNT ? 4 : 0);
        BenchState state = of(one, two);
        assertThat(step(state, "mark/1").apart()).hasSize(apart);
        Entry looked = line("c", "two", 2, Entry.Kind.SETTLED, "mark/1", 0);
        BenchState settled = of(one, two, looked);
        assertThat(step(settled, "mark/1").apart()).isEmpty();
        assertThat(step(settled, "mark/1").progress())
                .isEqualTo(step(state, "mark/1").progress());
        assertThat(step(settled, "mark/1").count())
                .isEqualTo(step(state, "mark/1").count());
    }

    @Test
    void aLineThatWaitsIsCountedOnceWhenItIsKept() {
        Entry tap = line("a", "one", 0, Entry.Kind.COUNT, "mark/1", 1);
        BenchState both = BenchState.of(STEPS, List.of(new KeptEntry(tap, 0), new KeptEntry(tap, 9)));
        assertThat(step(both, "mark/1").count()).isEqualTo(1);
    }

    @Test
    void aTaskThatThePlanCallsDoneIsDone() {
        List<StepKey> steps = List.of(new StepKey("coat/1", "coat", 0, List.of(), true, 10));
        BenchState state = BenchState.of(steps, List.of());
        assertThat(state.steps().get(0).progress()).isEqualTo(StepProgress.DONE);
        assertThat(state.next()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"0, SOON", "599999, SOON", "600000, NOW", "1800000, NOW", "1800001, LATE", "9000000000, LATE"})
    void aTimerHasAnEarlyAndALateEdge(long after, Timer.Phase phase) {
        Entry begun =
                line("t", "one", 0, Entry.Kind.TIMER, "coat/1", 0, "Firm it", new Window(10, 30.0, Storage.FRIDGE));
        Timer timer = of(begun).timers().get(0);
        assertThat(timer.at(1_000_000 + after)).isEqualTo(phase);
        assertThat(timer.name()).isEqualTo("Firm it");
        Timer stopped = of(begun, line("s", "two", 1, Entry.Kind.STOP, "", 0, "t", null))
                .timers()
                .get(0);
        assertThat(stopped.at(1_000_000 + after)).isEqualTo(Timer.Phase.OVER);
        Timer waits = of(line("t", "one", 0, Entry.Kind.TIMER, "", 0, "Dry", new Window(10, null, null)))
                .timers()
                .get(0);
        assertThat(waits.at(1_000_000 + after)).isNotEqualTo(Timer.Phase.LATE);
    }

    /** Whatever order lines come in, and however often, the same follows from the same places. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theSameFollowsHoweverLinesCome(Random random) {
        List<Entry> entries = new ArrayList<>();
        List<String> ids = new ArrayList<>();
        Map<String, Integer> sum = new java.util.HashMap<>();
        for (int i = 0; i < 60; i++) {
            Entry.Kind kind = Entry.Kind.values()[random.nextInt(Entry.Kind.values().length)];
            String step = STEPS.get(random.nextInt(STEPS.size())).id();
            boolean refers = kind.refers();
            if (refers && ids.isEmpty()) {
                continue;
            }
            String about = refers ? ids.get(random.nextInt(ids.size())) : "words";
            Window window = kind == Entry.Kind.TIMER ? new Window(random.nextInt(50), null, null) : null;
            int amount = kind.least() > 0 ? 1 + random.nextInt(4) : 0;
            sum.merge(step, amount, Integer::sum);
            entries.add(
                    line("e" + i, "d" + random.nextInt(3), random.nextInt(i + 1), kind, step, amount, about, window));
            ids.add("e" + i);
        }
        List<KeptEntry> kept = kept(entries.toArray(Entry[]::new));
        BenchState state = BenchState.of(STEPS, kept);
        List<KeptEntry> shuffled = new ArrayList<>(kept);
        shuffled.addAll(List.copyOf(kept.subList(0, 20)));
        Collections.shuffle(shuffled, random);
        assertThat(BenchState.of(STEPS, shuffled)).isEqualTo(state);
        state.steps().forEach(s -> assertThat(s.count()).isBetween(0, sum.getOrDefault(s.id(), 0)));
        assertThat(state.next())
                .isEqualTo(state.steps().stream()
                        .filter(s -> !s.isPast())
                        .map(BenchState.StepState::id)
                        .findFirst()
                        .orElse(null));
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(60);
    }

    @ParameterizedTest
    @CsvSource({
        "'', TICK, 0, , \"\" is no name",
        "a, COUNT, 0, , amount",
        "a, TIMER, 0, , needs a window",
        "a, TICK, 0, 5, has no window",
        "a, UNDO, 0, , is no name of a line",
        "a, READING, 99999, , lies between 0 and 20000",
    })
    void aLineThatCannotBeIsRefused(String id, Entry.Kind kind, double amount, Double late, String said) {
        assertThatThrownBy(() ->
                        line(id, "one", 0, kind, "coat/1", amount, "", late == null ? null : new Window(1, late, null)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(said);
    }

    @ParameterizedTest
    @CsvSource({"-1, , early", "10, 5, late", "1, 1e9, late", "NaN, , early"})
    void aWindowThatCannotBeIsRefused(double early, Double late, String edge) {
        assertThatThrownBy(() -> new Window(early, late, null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(edge);
    }
}
