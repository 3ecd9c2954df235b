package sectorum.days;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
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

/** What is in use and what is open, against counting every minute. */
class UsageTest {
    private static final int LONG = 400;

    static Stream<Random> seeds() {
        return Seeds.randoms(60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void useIsTheSumOfWhatWasAddedWhateverWasTakenAwayAgain(Random random) {
        Usage profile = new Usage();
        int[] counted = new int[LONG];
        for (int k = 0; k < 40; k++) {
            int from = random.nextInt(LONG - 1);
            int to = from + random.nextInt(LONG - from);
            int some = 1 + random.nextInt(3);
            profile.add(from, to, some);
            boolean stays = random.nextBoolean();
            if (!stays) {
                profile.add(from, to, -some);
            }
            for (int m = from; m < to && stays; m++) {
                counted[m] += some;
            }
        }
        int most = 0;
        for (int m = 0; m < LONG; m++) {
            assertThat(profile.at(m)).isEqualTo(counted[m]);
            most = Math.max(most, counted[m]);
        }
        assertThat(profile.most(0, LONG)[0]).isEqualTo(most);
        for (int k = 0; k < 40; k++) {
            int from = random.nextInt(LONG - 1);
            int to = from + 1 + random.nextInt(LONG - from - 1);
            int allowed = random.nextInt(most + 1);
            assertLastOver(profile, counted, from, to, allowed);
        }
    }

    private static void assertLastOver(Usage profile, int[] counted, int from, int to, int allowed) {
        int last = -1;
        for (int m = from; m < to; m++) {
            last = counted[m] > allowed ? m : last;
        }
        long[] found = profile.lastOver(from, to, allowed);
        if (last < 0) {
            assertThat(found).isNull();
        } else {
            // The stretch found ends right after the last minute over, and is over all through.
            assertThat(found[1]).isEqualTo(last + 1);
            for (long m = Math.max(0, found[0]); m < found[1]; m++) {
                assertThat(counted[(int) m]).isGreaterThan(allowed);
            }
        }
    }

    @Test
    void nothingIsInUseWhereNothingWasAdded() {
        Usage empty = new Usage();
        empty.add(5, 5, 3);
        empty.add(9, 2, 3);
        assertThat(empty.at(5)).isZero();
        assertThat(empty.lastOver(0, 100, 0)).isNull();
        assertThat(empty.most(0, 100)[0]).isZero();
    }

    private static long at(String local) {
        return Moments.of(LocalDateTime.parse(local), Workshops.ZONE);
    }

    private static final Workshop USUAL = Workshop.usual(Workshops.ZONE);

    private static OpenHours open() {
        return new OpenHours(USUAL, at("2026-12-01T00:00"), at("2026-12-20T00:00"));
    }

    /** 12 December 2026 is a Saturday; Sunday is closed. */
    @ParameterizedTest(name = "before {0} one worked from {1} to {2}")
    @CsvSource({
        "2026-12-12T14:30, 2026-12-12T14:00, 2026-12-12T14:30",
        "2026-12-12T14:00, 2026-12-12T09:00, 2026-12-12T13:00",
        "2026-12-12T13:30, 2026-12-12T09:00, 2026-12-12T13:00",
        "2026-12-14T09:00, 2026-12-12T14:00, 2026-12-12T18:00",
        "2026-12-13T23:00, 2026-12-12T14:00, 2026-12-12T18:00"
    })
    void theLastStretchBeforeAMomentIsCutOffThere(String moment, String from, String to) {
        assertThat(open().before(at(moment))).containsExactly(at(from), at(to));
    }

    @ParameterizedTest(name = "{1} minutes from {0}, laid down {2}: until {3}")
    @CsvSource({
        "2026-12-12T09:00, 60, false, 2026-12-12T10:00",
        "2026-12-12T12:30, 60, true, 2026-12-12T14:30",
        "2026-12-12T12:30, 60, false, 2026-12-12T15:00",
        "2026-12-12T17:30, 60, true, 2026-12-14T09:30",
        "2026-12-13T03:00, 30, false, 2026-12-14T09:30"
    })
    void workGoesOnAcrossWhatIsClosedWhereItMayBeLaidDown(String moment, int minutes, boolean pauses, String until) {
        assertThat(open().worked(at(moment), minutes, pauses)).isEqualTo(at(until));
    }

    @Test
    void hoursThatTouchAreOneStretch() {
        List<Workshop.Hours> split = List.of(new Workshop.Hours(540, 720), new Workshop.Hours(720, 1080));
        Workshop touching =
                new Workshop(Workshops.ZONE, List.of(split, split, split, split, split, split, split), 1, Map.of());
        OpenHours open = new OpenHours(touching, at("2026-12-01T00:00"), at("2026-12-05T00:00"));
        assertThat(open.before(at("2026-12-02T18:00"))).containsExactly(at("2026-12-02T09:00"), at("2026-12-02T18:00"));
        assertThat(open.minutes(at("2026-12-02T00:00"), at("2026-12-03T00:00"))).isEqualTo(540);
    }

    @Test
    void aTimelineSaysWhatHoldsEachTask() {
        Task last =
                Workshops.task("last", 60, false, null, List.of(Dependency.after("early"), Dependency.after("late")));
        OrderTasks order = new OrderTasks(
                "a",
                "A",
                Moments.of(Workshops.READY, Workshops.ZONE),
                List.of(
                        Workshops.task("early", 30, false, null, List.of()),
                        Workshops.task("late", 30, false, null, List.of()),
                        last),
                Air.USUAL);
        Schedule schedule = Backward.of(List.of(order), USUAL);
        long now = at("2026-12-11T09:00");
        Timeline timeline = Timeline.of(List.of(order), USUAL, schedule, now);
        assertThat(timeline.lines().get(2).held()).isEqualTo(Timeline.Held.MOMENT);
        List<Timeline.Held> both =
                List.of(timeline.lines().get(0).held(), timeline.lines().get(1).held());
        assertThat(both).containsExactlyInAnyOrder(Timeline.Held.FOLLOWER, Timeline.Held.HANDS);
        assertThat(timeline.lines()).allMatch(l -> l.slack() == l.slot().start() - now - waited(l, now));
        assertThat(timeline.lines().get(2).critical()).isTrue();
    }

    /** The last one can begin when one of the others is over; both at once, as if hands were free. */
    private static long waited(Timeline.Line line, long now) {
        return line.slot().task().id().equals("last") ? 30 : 0;
    }

    @Test
    void aShelfIsAsFullAsItsFullestMoment() {
        Rest drying = new Rest(sectorum.bench.Storage.FORMER, 2, 60, 60, Basis.CRAFT, false);
        OrderTasks order = new OrderTasks(
                "a",
                "A",
                Moments.of(Workshops.READY, Workshops.ZONE),
                List.of(
                        Workshops.task("one", 15, false, drying, List.of()),
                        Workshops.task("two", 15, false, drying, List.of())),
                Air.USUAL);
        Schedule schedule = Backward.of(List.of(order), USUAL);
        Timeline timeline = Timeline.of(List.of(order), USUAL, schedule, at("2026-12-11T09:00"));
        Timeline.Fill fill =
                timeline.fills(USUAL, at("2026-12-11T09:00"), order.ready()).get(0);
        assertThat(fill.most()).isEqualTo(4);
        assertThat(fill.places()).isNull();
        assertThat(timeline.fills(USUAL, at("2026-12-12T18:00"), order.ready())).isEmpty();
    }
}
