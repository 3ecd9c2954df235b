package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Stock;
import sectorum.bench.Storage;
import sectorum.days.Moments;
import sectorum.days.ScheduleFindings;
import sectorum.days.Workshop;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.material.Material;
import sectorum.plan.Agenda;
import sectorum.plan.Labour;
import sectorum.plan.OwnPiece;
import sectorum.plan.Sticks;
import sectorum.tasks.Days;

/** Every rule of the days is shown and mended, and what is said to save time saves it. */
class DayRulesTest {
    private static final Sticks NONE = new Sticks(null, 0, null);

    /** Every rule of the days: a plan that breaks it, and, where no press mends it, how the hand does. */
    static Map<String, Supplier<Planned>> shown() {
        Map<String, Supplier<Planned>> shown = new TreeMap<>();
        OwnPiece thick = DaysTest.plaque(6, OwnPiece.Faces.FORMER);
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
                        Material.BUTTERCREAM,
                        false,
                        null,
                        new Labour(20.0, 1, true, 1),
                        null,
                        NONE,
                        null)));
        shown.put("days.full", () -> Planned.of(thick.many(5)).shelves(Map.of(Storage.FORMER, 4)));
        shown.put(
                "days.hands",
                () -> Planned.of(DaysTest.plaque(400, OwnPiece.Faces.BOTH)
                        .of(Material.CHOCOLATE)
                        .many(2)));
        shown.put(
                "days.soft",
                () -> Planned.of()
                        .with(Planned.of()
                                .plan()
                                .with(Tables.of(Tiers.round()
                                                .divisions(Tiers.division(40))
                                                .dressings(Tiers.worn("quilting", "each=4 pearls=no")))
                                        .plan()
                                        .tiers()
                                        .get(0))));
        shown.put("days.unknown", DayRulesTest::waitingForNothing);
        shown.put("days.whole", () -> Planned.of().settled(Map.of(), Map.of(), Map.of("stack-tier-1", 3)));
        return shown;
    }

    private static Planned waitingForNothing() {
        Agenda.OwnTask call =
                new Agenda.OwnTask("call", "Call the hall", 10, false, null, null, List.of("dress-gone"), null);
        return Planned.of().waiting(Map.of(), List.of(call), List.of());
    }

    private static List<Workshop.Hours> hours(int from, int to) {
        return List.of(new Workshop.Hours(from * 60, to * 60));
    }

    static Stream<String> rules() {
        return ScheduleFindings.rules().stream().map(r -> r.id());
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
        if (c.target() != Change.Target.WORKSHOP) {
            return p.with(Pressed.on(p.plan(), mend));
        }
        if (c.field().equals("hands")) {
            return p.at(p.workshop().with((Integer) c.value()));
        }
        Map<Storage, Integer> places = new TreeMap<>(p.workshop().places());
        places.put(Storage.valueOf(c.field().toUpperCase(java.util.Locale.ROOT)), (Integer) c.value());
        return p.shelves(places);
    }

    @Test
    void whatWouldSaveTimeSavesWhatItSaysWhenItIsPressed() {
        OwnPiece dome =
                DaysTest.plaque(4, OwnPiece.Faces.FORMER).of(Material.FONDANT).many(4);
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
}
