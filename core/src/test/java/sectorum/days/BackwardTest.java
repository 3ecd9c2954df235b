package sectorum.days;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static sectorum.days.Workshops.READY;
import static sectorum.days.Workshops.ZONE;
import static sectorum.days.Workshops.task;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.bench.Basis;
import sectorum.bench.Storage;
import sectorum.measure.Refused;

/** The backward schedule: as late as possible, and nothing broken. READY is Saturday 12 December 2026, 14:00. */
class BackwardTest {
    private static final Workshop USUAL = Workshop.usual(ZONE);

    private static OrderTasks order(Task... tasks) {
        return new OrderTasks("a", "A", Moments.of(READY, ZONE), List.of(tasks), Air.USUAL);
    }

    private static String start(Schedule schedule, String task) {
        return schedule.slots().stream()
                .filter(s -> s.task().id().equals(task))
                .map(s -> Judge.wall(s.start(), USUAL))
                .findFirst()
                .orElseThrow();
    }

    static Stream<Random> many() {
        return Seeds.randoms(120);
    }

    @ParameterizedTest
    @MethodSource("many")
    void aSeededWorkshopIsJudgedGoodByACheckerWrittenApart(Random random) {
        Workshops w = Workshops.of(random, 3, 9);
        Schedule schedule = Backward.of(w.orders(), w.workshop());
        assertThat(new Judge(w.orders(), w.workshop(), schedule).wrongs()).isEmpty();
    }

    static Stream<Random> few() {
        return Seeds.randoms(30);
    }

    @ParameterizedTest
    @MethodSource("few")
    void noTaskCanBeMovedLaterAlone(Random random) {
        Workshops w = Workshops.of(random, 2, 7);
        Schedule schedule = Backward.of(w.orders(), w.workshop());
        assertThat(new Judge(w.orders(), w.workshop(), schedule).movable(5)).isEmpty();
    }

    @Test
    void aTaskEndsWhenTheHoursAndTheMomentAllow() {
        Schedule s = Backward.of(List.of(order(task("last", 60, false, null, List.of()))), USUAL);
        assertThat(start(s, "last")).isEqualTo("2026-12-12T12:00");
    }

    @Test
    void aTaskThatMayPauseGoesAcrossTheNightAndAnotherDoesNot() {
        Dependency first = Dependency.after("first");
        Task last = task("last", 200, false, null, List.of(first));
        Schedule whole = Backward.of(List.of(order(task("first", 90, false, null, List.of()), last)), USUAL);
        assertThat(start(whole, "first")).isEqualTo("2026-12-11T16:30");
        Schedule paused = Backward.of(List.of(order(task("first", 90, true, null, List.of()), last)), USUAL);
        assertThat(start(paused, "first")).isEqualTo("2026-12-11T17:10");
        assertThat(paused.slots().get(0).work()).hasSize(2);
    }

    @Test
    void aShortWaitIsNeverSplitAcrossANight() {
        // 230 minutes leave 10 in the morning: too little for what must stand at most 20 minutes before it.
        Task comb = task("comb", 15, false, new Rest(Storage.FREEZER, 1, 10, 15, Basis.CRAFT, false), List.of());
        Task wrap = task("wrap", 230, false, null, List.of(new Dependency("comb", 0, 20, true)));
        Schedule s = Backward.of(List.of(order(comb, wrap)), Workshop.usual(ZONE));
        assertThat(s.loosened()).isNotEmpty();
        Task shorter = task("wrap", 200, false, null, List.of(new Dependency("comb", 0, 20, true)));
        Schedule glued = Backward.of(List.of(order(comb, shorter)), USUAL);
        assertThat(glued.loosened()).isEmpty();
        assertThat(start(glued, "comb")).isEqualTo("2026-12-12T09:10");
        assertThat(start(glued, "wrap")).isEqualTo("2026-12-12T09:40");
    }

    @Test
    void aWaitOverTheChangeOfTheClocksIsAsLongAsItIs() {
        // The night to 25 October 2026 has an hour more in this zone.
        Rest night = Rest.of(Storage.ROOM, 16 * 60);
        Task cover = task("cover", 30, false, night, List.of());
        Task mark = task("mark", 30, false, null, List.of(Dependency.after("cover")));
        List<Workshop.Hours> open = List.of(new Workshop.Hours(0, 1440));
        Workshop always = new Workshop(ZONE, List.of(open, open, open, open, open, open, open), 1, Map.of());
        OrderTasks order = order(cover, mark).by(Moments.of(READY.withMonth(10).withDayOfMonth(25), ZONE));
        Schedule s = Backward.of(List.of(order), always);
        assertThat(start(s, "mark")).isEqualTo("2026-10-25T13:30");
        assertThat(start(s, "cover")).isEqualTo("2026-10-24T22:00");
    }

    @Test
    void formersAreSharedByTheOrdersOfAWorkshop() {
        Rest drying = new Rest(Storage.FORMER, 2, 600, 1440, Basis.PLAIN_DRYING, true);
        OrderTasks a = order(task("dome", 30, false, drying, List.of()));
        OrderTasks b = new OrderTasks("b", "B", a.ready(), a.tasks(), Air.USUAL);
        Workshop three = new Workshop(ZONE, USUAL.week(), 1, Map.of(Storage.FORMER, 3));
        Schedule s = Backward.of(List.of(a, b), three);
        assertThat(Math.abs(s.slots().get(0).end() - s.slots().get(1).end())).isGreaterThanOrEqualTo(1440);
        Workshop four = new Workshop(ZONE, USUAL.week(), 1, Map.of(Storage.FORMER, 4));
        Schedule roomy = Backward.of(List.of(a, b), four);
        assertThat(Math.abs(roomy.slots().get(0).end() - roomy.slots().get(1).end()))
                .isLessThan(1440);
    }

    @Test
    void whatIsDoneStaysWhereItWasAndTakesNoHands() {
        long at = Moments.of(READY.minusDays(1), ZONE);
        Task done = task("first", 60, false, null, List.of()).at(at, 60, true);
        Task other = task("other", 60, false, null, List.of());
        Task last = task("last", 240, false, null, List.of(Dependency.after("first"), Dependency.after("other")));
        Schedule s = Backward.of(List.of(order(done, other, last)), USUAL);
        assertThat(start(s, "first")).isEqualTo("2026-12-11T14:00");
        assertThat(start(s, "other")).isEqualTo("2026-12-11T17:00");
    }

    @Test
    void tasksThatWaitForOneAnotherAreRefusedByName() {
        OrderTasks round = order(
                task("one", 5, false, null, List.of(Dependency.after("two"))),
                task("two", 5, false, null, List.of(Dependency.after("one"))));
        assertThatThrownBy(() -> Backward.of(List.of(round), USUAL))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("\"one\" would have to come before itself: 2 tasks");
    }

    @Test
    void nothingToDoIsNoSchedule() {
        assertThat(Backward.of(List.of(), USUAL).slots()).isEmpty();
        assertThat(Backward.of(List.of(order()), USUAL).slots()).isEmpty();
    }

    @ParameterizedTest(name = "in a room of {0} drying takes {1} of its time")
    @CsvSource({"0.30, 0.85", "0.45, 0.85", "0.46, 1", "0.60, 1", "0.61, 1.5", "0.70, 1.5", "0.71, 2.5"})
    void theRoomsStepsAreInclusive(double humidity, double factor) {
        assertThat(Air.factor(humidity)).isEqualTo(factor);
    }

    static Stream<Random> airs() {
        return Seeds.randoms(60);
    }

    @ParameterizedTest
    @MethodSource("airs")
    void leavingByAMomentIsTheInverseOfBeingReady(Random random) {
        List<Air.Step> steps = new ArrayList<>(List.of(new Air.Step(Long.MIN_VALUE, 1)));
        long at = 0;
        for (int i = 0; i < 4; i++) {
            at += 1 + random.nextInt(900);
            steps.add(new Air.Step(at, Air.factor(random.nextDouble())));
        }
        Air air = new Air(steps);
        int usual = 1 + random.nextInt(2000);
        long by = random.nextInt(4000);
        long begin = air.begin(by, usual);
        assertThat(air.ready(begin, usual)).isLessThanOrEqualTo(by);
        assertThat(air.ready(begin + 1, usual)).isGreaterThan(by);
    }

    /** Every assignment on a coarse grid, for small cases: hands one, one day's hours, whole tasks. */
    private static long exhaustive(OrderTasks order, List<long[]> stretches, int i, Map<String, long[]> at, int grid) {
        if (i < 0) {
            return at.values().stream().mapToLong(a -> a[0]).min().orElseThrow();
        }
        Task t = order.tasks().get(i);
        long limit = order.ready();
        for (Task f : order.tasks()) {
            for (Dependency n : f.needs()) {
                if (n.task().equals(t.id())) {
                    int rest = n.rested() && t.rest() != null ? t.rest().least() : 0;
                    limit = Math.min(limit, at.get(f.id())[0] - n.least() - rest);
                }
            }
        }
        long best = Long.MIN_VALUE;
        for (long[] stretch : stretches) {
            for (long s = stretch[0]; s + t.minutes() <= Math.min(stretch[1], limit); s += grid) {
                long from = s;
                long to = s + t.minutes();
                if (at.values().stream().noneMatch(a -> from < a[1] && a[0] < to)) {
                    at.put(t.id(), new long[] {from, to});
                    best = Math.max(best, exhaustive(order, stretches, i - 1, at, grid));
                    at.remove(t.id());
                }
            }
        }
        return best;
    }

    static Stream<Random> small() {
        return Seeds.randoms(24);
    }

    @ParameterizedTest
    @MethodSource("small")
    void aSmallCaseBeginsAsLateAsAnyAssignmentAtAll(Random random) {
        List<Task> tasks = new ArrayList<>();
        int many = 2 + random.nextInt(3);
        for (int i = 0; i < many; i++) {
            List<Dependency> needs = new ArrayList<>();
            for (int j = 0; j < i; j++) {
                if (random.nextInt(3) == 0) {
                    needs.add(Dependency.after("t" + j));
                }
            }
            Rest rest = random.nextInt(2) == 0 ? Rest.of(Storage.ROOM, 30 * random.nextInt(6)) : null;
            tasks.add(task("t" + i, 30 * (1 + random.nextInt(3)), false, rest, needs));
        }
        OrderTasks order = order(tasks.toArray(Task[]::new));
        order = new OrderTasks(
                "a",
                "A",
                order.ready(),
                order.tasks().stream().map(t -> last(t, tasks)).toList(),
                Air.USUAL);
        List<long[]> stretches = new ArrayList<>();
        for (int back = 2; back >= 0; back--) {
            long day = Moments.of(READY.minusDays(back).withHour(0), ZONE);
            stretches.add(new long[] {day + 9 * 60, day + 13 * 60});
            stretches.add(new long[] {day + 14 * 60, day + 18 * 60});
        }
        long best = exhaustive(order, stretches, many - 1, new HashMap<>(), 30);
        Schedule s = Backward.of(List.of(order), USUAL);
        assertThat(new Judge(List.of(order), USUAL, s).wrongs()).isEmpty();
        assertThat(s.first(order)).isGreaterThanOrEqualTo(best);
    }

    /** A rest after the very last task would push it before the moment: the search knows no such thing. */
    private static Task last(Task t, List<Task> all) {
        boolean needed = all.stream()
                .anyMatch(f -> f.needs().stream().anyMatch(n -> n.task().equals(t.id())));
        return needed ? t : t.resting(null);
    }
}
