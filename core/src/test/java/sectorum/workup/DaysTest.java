package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.Seeds;
import sectorum.bench.Storage;
import sectorum.days.Backward;
import sectorum.days.Judge;
import sectorum.days.Moments;
import sectorum.days.Task;
import sectorum.days.Workshop;
import sectorum.measure.Refused;
import sectorum.plan.Agenda;
import sectorum.plan.Coat;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Span;
import sectorum.plan.Sticks;
import sectorum.plan.Tier;
import sectorum.tasks.Days;
import sectorum.technique.Making;
import sectorum.tier.AheadTray;

/** A plan's days: its tasks, their waits, what is found, what saves time. */
class DaysTest {
    private static final Sticks NONE = new Sticks(null, 0, null);

    static OwnPiece plaque(double thickness, OwnPiece.Faces faces) {
        return Pressed.piece("plaque", OwnPiece.Seat.TOP, NONE).thick(thickness).aired(faces);
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(25);
    }

    private static Planned random(Random random) {
        OwnPiece[] pieces = new OwnPiece[random.nextInt(4)];
        for (int i = 0; i < pieces.length; i++) {
            OwnPiece.On on = OwnPiece.On.values()[random.nextInt(3)];
            pieces[i] = Pressed.piece("piece-" + i, Pressed.seat(on, random.nextInt(360), 0), null)
                    .thick(1 + random.nextInt(4))
                    .aired(OwnPiece.Faces.values()[random.nextInt(3)])
                    .many(1 + random.nextInt(6));
        }
        List<AheadTray> tray = Workup.tray(Plan.fresh("Tray"), "", Tiers.BENCH);
        for (int i = 0; i < pieces.length; i++) {
            if (random.nextBoolean()) {
                // Of every fourth another, so that no name comes twice.
                pieces[i] = tray.get(i + 4 * random.nextInt(tray.size() / 4)).piece();
            }
        }
        Planned planned = Planned.of(pieces);
        Plan plan = planned.plan().on(planned.plan().settled().dressing(random.nextBoolean()));
        Map<Storage, Integer> places = new TreeMap<>(Map.of(Storage.FRIDGE, 1 + random.nextInt(3)));
        places.put(Storage.FORMER, 6);
        return planned.with(plan)
                .at(new Workshop(Planned.ZONE, Workshop.usual(Planned.ZONE).week(), 1 + random.nextInt(2), places));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aRandomPlansDaysAreJudgedGood(Random random) {
        Planned p = random(random);
        var schedule = Backward.of(List.of(p.order()), p.workshop());
        assertThat(new Judge(List.of(p.order()), p.workshop(), schedule).wrongs())
                .isEmpty();
        Days days = p.days();
        assertThat(days.items()).hasSameSizeAs(p.order().tasks());
        assertThat(days.items().stream().filter(Days.Item::critical)).isNotEmpty();
        assertThat(days.items().get(days.next()).work().get(0).from()).isEqualTo(days.first());
        assertThat(days.items().stream().mapToInt(Days.Item::minutes).sum()).isLessThanOrEqualTo(days.left());
        Set<String> ids = new HashSet<>();
        days.items().forEach(i -> assertThat(ids.add(i.id())).as(i.id()).isTrue());
    }

    @Test
    void tasksComeInTheOrderOfTheCraft() {
        Planned p = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null));
        List<String> order = p.days().items().stream().map(Days.Item::id).toList();
        assertThat(order)
                .containsSubsequence("fill-tier-0", "coat-tier-0-1", "coat-tier-0-2", "stack-tier-0", "dowel-tier-0")
                .containsSubsequence("stack-tier-1", "measure-tier-1", "dress-tier-1-swag", "place-topper", "inspect")
                .containsSubsequence("piece-topper", "place-topper");
        // Pressed work follows the covering within the hour, marking on a firm one after 8 to 24 hours.
        long covered = Moments.of(end(p.task("coat-tier-0-2")), Planned.ZONE);
        long quilted = Moments.of(begin(p.task("dress-tier-0-quilting")), Planned.ZONE);
        assertThat(quilted - covered).isBetween(0L, 60L);
        long firm = Moments.of(end(p.task("coat-tier-1-2")), Planned.ZONE);
        long marked = Moments.of(begin(p.task("measure-tier-1")), Planned.ZONE);
        assertThat(marked - firm).isBetween(8L * 60, 24L * 60);
    }

    @Test
    void waitsThatSpoilSayTheirLatest() {
        Planned p = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null));
        List<Days.Item> kept = p.days().items().stream()
                .filter(i -> i.lying() != null && i.lying().latest() != null)
                .toList();
        assertThat(kept).isNotEmpty();
        for (Days.Item item : kept) {
            LocalDateTime latest = LocalDateTime.parse(item.lying().latest());
            assertThat(latest)
                    .as(item.id())
                    .isAfterOrEqualTo(LocalDateTime.parse(item.lying().low()));
            assertThat(p.days().items())
                    .as(item.id())
                    .anySatisfy(next -> assertThat(next.needs()).contains(item.id()))
                    .filteredOn(next -> next.needs().contains(item.id()))
                    .anySatisfy(next -> assertThat(begin(next)).isBeforeOrEqualTo(latest));
        }
    }

    private static LocalDateTime begin(Days.Item item) {
        return LocalDateTime.parse(item.work().get(0).from());
    }

    private static LocalDateTime end(Days.Item item) {
        return LocalDateTime.parse(item.work().get(item.work().size() - 1).to());
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void bothSchoolsOfStackingArePlanned(boolean dressFirst) {
        Planned p = Planned.of();
        p = p.with(p.plan().on(p.plan().settled().dressing(dressFirst)));
        boolean before = begin(p.task("dress-tier-1-swag")).isBefore(begin(p.task("stack-tier-1")));
        assertThat(before).isEqualTo(dressFirst);
    }

    /** A wait with a longest time keeps it: between the parts of a dressing, whatever the school of stacking. */
    @ParameterizedTest(name = "{0}, dressed first {1}")
    @CsvSource({
        "levels, true",
        "levels, false",
        "uprights, true",
        "uprights, false",
        "ropes, true",
        "ropes, false",
        "jabot, true",
        "jabot, false"
    })
    void waitsBetweenPartsAreKept(String technique, boolean dressFirst) {
        Plan plan = Tables.of(
                        Tiers.round().divisions(Tiers.division(12)).dressings(Tiers.worn(technique, "")),
                        Tiers.round().divisions(Tiers.division(12)).dressings(Tiers.worn(technique, "")))
                .plan()
                .readyBy("2026-12-12T14:00");
        Planned p = Planned.of().with(plan.on(plan.settled().dressing(dressFirst)));
        assertThat(p.found()).doesNotContain("days.tight");
        for (int tier = 0; tier < 2; tier++) {
            List<Making.Pause> pauses = p.worked().tiers().get(tier).dressings().get(0).making().steps().stream()
                    .map(Making.Step::pause)
                    .filter(pause -> pause != null)
                    .toList();
            assertThat(pauses).isNotEmpty();
            for (int k = 0; k < pauses.size(); k++) {
                String stem = "dress-tier-" + tier + "-" + technique + "-";
                LocalDateTime left = end(p.task(stem + (k + 1)));
                long waited =
                        Duration.between(left, begin(p.task(stem + (k + 2)))).toMinutes();
                assertThat((double) waited)
                        .isBetween(pauses.get(k).least(), pauses.get(k).most());
            }
        }
    }

    /** A wrap is pressed onto one chilled tier: before that is stacked, by either school. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aWrapGoesOnBeforeItsTierIsStacked(boolean dressFirst) {
        Plan plan = Tables.of(
                        Tiers.round(),
                        Tiers.round().divisions(Tiers.division(12)).dressings(Tiers.worn("uprights", "")))
                .plan()
                .readyBy("2026-12-12T14:00");
        Planned p = Planned.of().with(plan.on(plan.settled().dressing(dressFirst)));
        assertThat(end(p.task("dress-tier-1-uprights-3"))).isBeforeOrEqualTo(begin(p.task("stack-tier-1")));
        assertThat(p.worked().tiers().get(1).dressings().get(0).making().unstacked())
                .isTrue();
    }

    /** Icing is chilled before a tape or a comb touches it. */
    @Test
    void aTierOfButtercreamIsNotTapedWhileItChills() {
        Plan plan = Tables.of(Tiers.round().divisions(Tiers.division(12)).dressings(Tiers.worn("levels", "")))
                .plan()
                .readyBy("2026-12-12T14:00");
        Tier tier = plan.tiers().get(0);
        Tier iced = new Tier(
                tier.id(),
                tier.name(),
                tier.outline(),
                tier.height(),
                null,
                false,
                List.of(new Coat("buttercream", 5)),
                tier.readings(),
                null,
                tier.borders(),
                tier.divisions(),
                tier.dressings());
        Planned p = Planned.of().with(plan.with(iced));
        long waited = Duration.between(end(p.task("coat-tier-0-1")), begin(p.task("measure-tier-0")))
                .toMinutes();
        assertThat(waited).isGreaterThanOrEqualTo(20);
        assertThat(end(p.task("measure-tier-0"))).isBeforeOrEqualTo(begin(p.task("dress-tier-0-levels-1")));
    }

    /** What is pressed ends within the hour after covering, the measuring before it, too. */
    @Test
    void pressedWorkEndsWithinTheHour() {
        Planned p = Planned.of();
        LocalDateTime covered = end(p.task("coat-tier-0-2"));
        for (String task : List.of("measure-tier-0", "dress-tier-0-quilting")) {
            assertThat(Duration.between(covered, end(p.task(task))).toMinutes()).isLessThanOrEqualTo(60);
        }
    }

    @Test
    void whatIsDoneStaysWhatIsFixedIsThereAndWhatIsSplitIsInParts() {
        Planned p = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null))
                .settled(
                        Map.of("fill-tier-0", new Agenda.Did("2026-11-20T10:00", 40)),
                        Map.of("coat-tier-0-1", "2026-12-09T16:00"),
                        Map.of("piece-topper", 2));
        assertThat(p.task("fill-tier-0").state()).isEqualTo(Days.State.DONE);
        assertThat(p.task("fill-tier-0").work())
                .containsExactly(new Days.Sitting("2026-11-20T10:00", "2026-11-20T10:40"));
        assertThat(p.task("coat-tier-0-1").work().get(0).from()).isEqualTo("2026-12-09T16:00");
        assertThat(p.task("piece-topper").minutes() + p.task("piece-topper#1").minutes())
                .isEqualTo(30);
        assertThat(p.found()).isEmpty();
    }

    @Test
    void aTaskOfOnesOwnIsDoneAfterAndBeforeWhatItNames() {
        Agenda.OwnTask fetch = new Agenda.OwnTask(
                "fetch",
                "Fetch the stand",
                45,
                false,
                new Span(2, null),
                Storage.ROOM,
                List.of("fill-tier-0"),
                List.of("stack-tier-0"));
        Planned p = Planned.of().waiting(Map.of(), List.of(fetch), List.of());
        assertThat(begin(p.task("own-fetch"))).isAfterOrEqualTo(end(p.task("fill-tier-0")));
        assertThat(end(p.task("own-fetch")).plusHours(2)).isBeforeOrEqualTo(begin(p.task("stack-tier-0")));
        Agenda.OwnTask round =
                new Agenda.OwnTask("x", "X", 5, false, null, null, List.of("stack-tier-0"), List.of("fill-tier-0"));
        Planned circle = Planned.of().waiting(Map.of(), List.of(round), List.of());
        assertThatThrownBy(circle::days).isInstanceOf(Refused.class).hasMessageContaining("come before itself");
    }

    @Test
    void theRoomByTheHourMovesTheStartAndASeenWaitWinsOverIt() {
        OwnPiece piece = plaque(3, OwnPiece.Faces.BOTH);
        LocalDateTime usual = begin(Planned.of(piece).task("piece-plaque"));
        List<Agenda.Air> damp = List.of(new Agenda.Air("2026-12-01T00:00", 0.8));
        Planned wet = Planned.of(piece).waiting(Map.of(), List.of(), damp);
        assertThat(begin(wet.task("piece-plaque"))).isBefore(usual);
        Planned seen = Planned.of(piece).waiting(Map.of("piece-plaque", new Span(2, null)), List.of(), damp);
        assertThat(begin(seen.task("piece-plaque"))).isAfter(usual);
        assertThat(seen.task("piece-plaque").lying().basis().isEstimate()).isFalse();
    }

    @Test
    void aMomentThatIsNoneIsRefusedByTheTasksName() {
        assertThatThrownBy(() -> Planned.of().settled(Map.of(), Map.of("stack-tier-1", ""), Map.of()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("\"stack-tier-1\" is fixed at no moment");
    }

    @Test
    void whatWasDoneLongAgoTakesNoLonger() {
        Planned p =
                Planned.of().settled(Map.of("fill-tier-0", new Agenda.Did("1970-01-01T08:00", 20)), Map.of(), Map.of());
        assertThat(p.task("fill-tier-0").state()).isEqualTo(Days.State.DONE);
        assertThat(p.days().loads()).hasSizeLessThan(40);
    }

    @Test
    void aPlanWithoutADayIsAskedForOne() {
        Planned p = Planned.of();
        assertThatThrownBy(() -> p.with(p.plan().readyBy(null)).days())
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no day yet");
    }

    @Test
    void severalOrdersShareHandsAndEachKnowsWhoHoldsIt() {
        Planned p = Planned.of();
        var other = p.order();
        var twin = new sectorum.days.OrderTasks("plan-2", "Twin", other.ready(), other.tasks(), other.air());
        Days both =
                Workup.days(p.plan(), p.order(), List.of(twin), p.workshop(), Moments.of(Planned.EARLY, Planned.ZONE));
        assertThat(both.items()).hasSize(2 * p.days().items().size());
        assertThat(both.items()).anyMatch(i -> i.by().endsWith("for Twin") || i.by().endsWith("for A plan"));
        assertThat(both.first()).isLessThan(p.days().first());
        Days apart = Workup.days(
                p.plan(), p.order(), List.of(twin), p.workshop().with(2), Moments.of(Planned.EARLY, Planned.ZONE));
        assertThat(apart.first()).isGreaterThanOrEqualTo(both.first());
    }

    @Test
    void whatCannotBeUndoneListsWhatIsOpenBeforeIt() {
        Planned p = Planned.of();
        assertThat(p.task("stack-tier-1").guard()).contains("fill-tier-0", "coat-tier-1-2", "dowel-tier-0");
        assertThat(p.task("measure-tier-1").guard()).isEmpty();
        Planned filled = p.settled(Map.of("fill-tier-0", new Agenda.Did("2026-11-20T10:00", 40)), Map.of(), Map.of());
        assertThat(filled.task("stack-tier-1").guard()).doesNotContain("fill-tier-0");
    }

    @ParameterizedTest(name = "hours \"{0}\"")
    @ValueSource(strings = {"nine to five", "09:00-08:00", "10:75-12:00", "09:00-25:00", "09:00-12:00 11:00-13:00"})
    void hoursThatAreNoneAreRefusedWithHowTheyAreWritten(String typed) {
        assertThatThrownBy(() -> new Workshop(
                        Planned.ZONE,
                        List.of(
                                Workshop.Hours.parse(typed),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of()),
                        1,
                        Map.of()))
                .isInstanceOf(Refused.class);
        assertThat(Workshop.Hours.parse("9:00-13:00 14:00–24:00"))
                .containsExactly(new Workshop.Hours(540, 780), new Workshop.Hours(840, 1440));
    }

    @Test
    void aPartOfATaskKeepsItsMinutesAndTheLastOneItsName() {
        Task task = Planned.of(Pressed.piece("topper", OwnPiece.Seat.TOP, null))
                .order()
                .tasks()
                .get(0);
        for (int parts = 2; parts <= 4; parts++) {
            List<Task> split = task.split(parts);
            assertThat(split).hasSize(parts);
            assertThat(split.stream().mapToInt(Task::minutes).sum()).isEqualTo(task.minutes());
            assertThat(split.get(parts - 1).id()).isEqualTo(task.id());
        }
    }
}
