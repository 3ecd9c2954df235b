package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.Seeds;
import sectorum.bench.Paste;
import sectorum.bench.Shelf;
import sectorum.bench.Stock;
import sectorum.days.Backward;
import sectorum.days.Judge;
import sectorum.days.Judged;
import sectorum.days.Moments;
import sectorum.days.Task;
import sectorum.days.Workshop;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.measure.Refused;
import sectorum.plan.Agenda;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Span;

/** A plan's days: its tasks, their waits, what is found, what saves time. */
class DaysTest {
    private static final OwnPiece.Sticks NONE = new OwnPiece.Sticks(null, 0, null);

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
        Planned planned = Planned.of(pieces);
        Plan plan = planned.plan().on(planned.plan().days().dressing(random.nextBoolean()));
        Map<Shelf, Integer> places = new TreeMap<>(Map.of(Shelf.FRIDGE, 1 + random.nextInt(3)));
        places.put(Shelf.FORMER, 6);
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
        p = p.with(p.plan().on(p.plan().days().dressing(dressFirst)));
        boolean before = begin(p.task("dress-tier-1-swag")).isBefore(begin(p.task("stack-tier-1")));
        assertThat(before).isEqualTo(dressFirst);
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
                .containsExactly(new Days.Stretch("2026-11-20T10:00", "2026-11-20T10:40"));
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
                Shelf.ROOM,
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
        assertThat(seen.task("piece-plaque").lying().estimate()).isFalse();
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

    /** Every rule of the days: a plan that breaks it, and, where no press mends it, how the hand does. */
    static Map<String, Supplier<Planned>> shown() {
        Map<String, Supplier<Planned>> shown = new TreeMap<>();
        OwnPiece thick = plaque(6, OwnPiece.Faces.FORMER);
        shown.put("days.late", () -> Planned.of(thick).now(LocalDateTime.of(2026, 12, 10, 9, 0)));
        List<Workshop.Hours> hour = List.of(new Workshop.Hours(600, 620));
        List<Workshop.Hours> day = List.of(new Workshop.Hours(0, 1440));
        shown.put(
                "days.long",
                () -> Planned.of()
                        .at(new Workshop(
                                Planned.ZONE, List.of(hour, hour, hour, hour, hour, hour, hour), 1, Map.of())));
        shown.put(
                "days.tight",
                () -> Planned.of()
                        .at(new Workshop(
                                Planned.ZONE,
                                List.of(List.of(), List.of(), List.of(), List.of(), List.of(), hours(9, 13), List.of()),
                                1,
                                Map.of())));
        shown.put(
                "days.clash",
                () -> Planned.of()
                        .settled(
                                Map.of(),
                                Map.of("coat-tier-1-2", "2026-12-11T16:00", "stack-tier-1", "2026-12-11T17:00"),
                                Map.of()));
        shown.put(
                "days.damp",
                () -> Planned.of(thick).with(Planned.of(thick).plan().on(Tables.room(0.8, 20))));
        shown.put(
                "days.early",
                () -> Planned.of(new OwnPiece(
                        "roses",
                        "Roses",
                        OwnPiece.Form.FLOWER,
                        30,
                        30,
                        8,
                        60,
                        Paste.BUTTERCREAM,
                        false,
                        null,
                        new OwnPiece.Labour(20, 1, true, 1),
                        null,
                        NONE,
                        null)));
        shown.put("days.full", () -> Planned.of(thick.many(5)).shelves(Map.of(Shelf.FORMER, 4)));
        shown.put(
                "days.hands",
                () -> Planned.of(
                        plaque(400, OwnPiece.Faces.BOTH).of(Paste.CHOCOLATE).many(2)));
        shown.put("days.whole", () -> Planned.of().settled(Map.of(), Map.of(), Map.of("stack-tier-1", 3)));
        return shown;
    }

    private static List<Workshop.Hours> hours(int from, int to) {
        return List.of(new Workshop.Hours(from * 60, to * 60));
    }

    static Stream<String> rules() {
        return Judged.rules().stream().map(r -> r.id());
    }

    @ParameterizedTest
    @MethodSource("rules")
    void everyRuleAppearsIsAwayUsuallyAndItsPressTakesItAway(String rule) {
        assertThat(shown()).containsKey(rule);
        assertThat(Planned.of().found()).doesNotContain(rule);
        Planned p = shown().get(rule).get();
        assertThat(p.found()).contains(rule);
        for (Mend mend : mends(p, rule)) {
            assertThat(pressed(p, mend).found()).as("" + mend.label()).doesNotContain(rule);
        }
    }

    private static List<Mend> mends(Planned p, String rule) {
        return p.days().findings().stream()
                .filter(f -> f.rule().equals(rule))
                .flatMap(f -> f.mends().stream())
                .toList();
    }

    private static Planned pressed(Planned p, Mend mend) {
        Change c = mend.changes().get(0);
        if (c.target() != Change.Target.HOUSE) {
            return p.with(Pressed.on(p.plan(), mend));
        }
        if (c.field().equals("hands")) {
            return p.at(p.workshop().with((Integer) c.value()));
        }
        Map<Shelf, Integer> places = new TreeMap<>(p.workshop().places());
        places.put(Shelf.valueOf(c.field().toUpperCase(java.util.Locale.ROOT)), (Integer) c.value());
        return p.shelves(places);
    }

    @Test
    void whatWouldSaveTimeSavesWhatItSaysWhenItIsPressed() {
        OwnPiece dome = plaque(4, OwnPiece.Faces.FORMER).of(Paste.FONDANT).many(4);
        Planned p = Planned.of(dome).now(LocalDateTime.of(2026, 12, 10, 9, 0));
        List<Days.Saving> savings =
                Workup.savings(p.order(), p.plan(), Tiers.BENCH, Stock.NONE, p.workshop(), List.of());
        assertThat(savings).hasSizeGreaterThan(2);
        List<String> labels = new ArrayList<>();
        long first = Moments.of(LocalDateTime.parse(p.days().first()), Planned.ZONE);
        for (Days.Saving saving : savings) {
            labels.add("" + saving.mend().label());
            Days after = pressed(p, saving.mend()).days();
            assertThat(after.first()).isEqualTo(saving.first());
            assertThat(Moments.of(LocalDateTime.parse(after.first()), Planned.ZONE) - first)
                    .isEqualTo(saving.saved())
                    .isPositive();
        }
        assertThat(labels).anyMatch(l -> l.contains("thick instead of")).anyMatch(l -> l.contains("both faces free"));
    }

    @Test
    void severalOrdersShareHandsAndEachKnowsWhoHoldsIt() {
        Planned p = Planned.of();
        var other = p.order();
        var twin = new sectorum.days.Order("plan-2", "Twin", other.ready(), other.tasks(), other.air());
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
