package sectorum.server.documents;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.Bench;
import sectorum.bench.Stock;
import sectorum.days.Moments;
import sectorum.days.OrderTasks;
import sectorum.days.Workshop;
import sectorum.measure.Tape;
import sectorum.plan.Plan;
import sectorum.server.Plans;
import sectorum.tasks.Days;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** The calendar file, read by a reader of another make, and kept to the letter across changes of the clocks. */
class CalendarTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final Instant STAMP = Instant.parse("2026-03-01T08:00:00Z");

    private static Days days(String readyBy) {
        Bench bench = Bench.of(new Tape(1));
        Plan plan = Plans.swags("Swags, \"five\"; and\\more").readyBy(readyBy);
        StackWorkup worked = Workup.of(plan, bench);
        Workshop workshop = Workshop.usual(ZONE);
        List<Workshop.Hours> open = workshop.week().get(0);
        Workshop always = new Workshop(ZONE, List.of(open, open, open, open, open, open, open), 1, Map.of());
        OrderTasks order = Workup.order("plan-7", plan, worked, Workup.worktop(plan, worked, Stock.NONE), always);
        long now = Moments.of(LocalDateTime.parse(readyBy).minusDays(20), ZONE);
        return Workup.days(plan, order, List.of(), always, now);
    }

    private static ICalendar read(String written) {
        List<ICalendar> read = Biweekly.parse(written).all();
        assertThat(read).hasSize(1);
        assertThat(read.get(0).validate(ICalVersion.V2_0).getWarnings()).isEmpty();
        return read.get(0);
    }

    /** Clocks go forward on 29 March 2026 and back on 25 October 2026. */
    @ParameterizedTest
    @CsvSource({"2026-03-29T14:00, spring", "2026-10-25T14:00, autumn", "2026-12-12T14:00, winter"})
    void aCalendarIsKeptToTheLetterAndReadByAnother(String readyBy, String name) throws IOException {
        Days days = days(readyBy);
        String written = CalendarWriter.write(days, ZONE, STAMP, 1);
        Path kept = Path.of("src/test/resources/golden/days-" + name + ".ics");
        if (Boolean.getBoolean("sectorum.describe")) {
            Files.createDirectories(kept.getParent());
            Files.writeString(kept, written);
        }
        assertThat(written).isEqualTo(Files.readString(kept));
        Map<String, VEvent> events = read(written).getEvents().stream()
                .collect(Collectors.toMap(e -> e.getUid().getValue(), e -> e));
        for (Days.Item item : days.items()) {
            VEvent event = events.get("plan-7-" + item.id() + "@sectorum");
            assertThat(event.getSummary().getValue()).startsWith(item.name());
            assertThat(event.getDateStart().getValue().toInstant())
                    .isEqualTo(at(item.work().get(0).from()));
            assertThat(event.getDateEnd().getValue().toInstant())
                    .isEqualTo(at(item.work().get(0).to()));
            assertThat(event.getAlarms()).hasSize(1);
        }
        assertThat(events.get("plan-7-ready@sectorum").getSummary().getValue())
                .isEqualTo("Ready: Swags, \"five\"; and\\more");
    }

    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }

    @Test
    void takenAgainItMovesWhatItKnows() {
        ICalendar before = read(CalendarWriter.write(days("2026-12-12T14:00"), ZONE, STAMP, 1));
        ICalendar after = read(CalendarWriter.write(days("2026-12-13T14:00"), ZONE, STAMP.plusSeconds(60), 2));
        assertThat(ids(after)).containsExactlyInAnyOrderElementsOf(ids(before)).doesNotHaveDuplicates();
        assertThat(after.getEvents()).allMatch(e -> e.getSequence().getValue() == 2);
    }

    private static List<String> ids(ICalendar calendar) {
        return calendar.getEvents().stream().map(e -> e.getUid().getValue()).toList();
    }

    @Test
    void whatIsDoneRingsNoBell() {
        Days days = days("2026-12-12T14:00");
        Days done = new Days(
                days.now(),
                days.readyBy(),
                days.items().stream().map(CalendarTest::done).toList(),
                days.loads(),
                days.fills(),
                null,
                null,
                0,
                0,
                0,
                null,
                List.of(),
                List.of());
        assertThat(read(CalendarWriter.write(done, ZONE, STAMP, 1)).getEvents())
                .allMatch(e -> e.getAlarms().isEmpty());
    }

    private static Days.Item done(Days.Item i) {
        return new Days.Item(
                i.order(),
                i.plan(),
                i.own(),
                i.id(),
                i.name(),
                i.kind(),
                i.tier(),
                i.about(),
                i.pairs(),
                i.minutes(),
                i.pauses(),
                i.work(),
                i.lying(),
                0,
                i.held(),
                i.by(),
                false,
                false,
                Days.State.DONE,
                i.needs(),
                List.of(),
                i.basis());
    }
}
