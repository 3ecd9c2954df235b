package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.plan.Agenda;
import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;

/** Days, steps and handover over real HTTP. */
class DaysApiTest extends OverHttp {
    private static final String READY = "2031-12-13T14:00";

    private Plan demo(String name) {
        return Plans.demo(json, name).readyBy(READY);
    }

    private String asked(Plan plan) {
        return json.writeValueAsString(Map.of("plan", plan));
    }

    private JsonNode days(Plan plan) {
        Http.Answer answer = http.post("/api/days", asked(plan));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<JsonNode> own(JsonNode days) {
        return days.get("items")
                .valueStream()
                .filter(i -> i.get("own").asBoolean())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("sectorum.server.Plans#demos")
    void everyDemoPlanHasItsDaysStepsAndHandover(String name) {
        Plan plan = demo(name);
        JsonNode days = days(plan);
        assertThat(days.get("first").asString()).isLessThan(READY);
        assertThat(own(days)).allSatisfy(i -> {
            assertThat(i.get("work").size()).isPositive();
            assertThat(i.get("work").get(0).get("from").asString()).isLessThan(READY);
        });
        JsonNode steps = http.post("/api/steps", asked(plan)).json();
        long tasks = steps.valueStream()
                .map(s -> s.get("task").asString())
                .distinct()
                .count();
        assertThat(tasks).isEqualTo(own(days).size());
        JsonNode handover = http.post("/api/handover", asked(plan)).json();
        assertThat(handover.get("cautions").size()).isPositive();
        JsonNode built = http.post("/api/build", asked(plan)).json();
        int out = handover.get("out")
                .valueStream()
                .mapToInt(o -> o.get("count").asInt())
                .sum();
        int dummies = (int) plan.tiers().stream().filter(t -> t.dummy()).count();
        assertThat(out + dummies).isGreaterThanOrEqualTo(built.get("stuck").size());
        assertThat(http.post("/api/pieces", asked(plan)).json().size())
                .isEqualTo(plan.pieces().size());
    }

    @Test
    void calendarTableAndSheetAreReadByTheirReaders() throws IOException {
        Plan plan = demo("observatory-gala");
        Http.Answer calendar = http.post("/api/days/calendar", asked(plan));
        assertThat(calendar.header("Content-Type")).startsWith("text/calendar");
        int events = Biweekly.parse(calendar.text()).first().getEvents().size();
        assertThat(events).isGreaterThan(own(days(plan)).size());
        Http.Answer table = http.post("/api/days/table", asked(plan));
        try (CSVParser rows = CSVParser.parse(
                table.text(),
                CSVFormat.DEFAULT
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            assertThat(rows.getRecords())
                    .hasSizeGreaterThanOrEqualTo(own(days(plan)).size());
        }
        try (PDDocument pdf =
                Loader.loadPDF(http.post("/api/handover/pdf", asked(plan)).raw().body())) {
            String words = new PDFTextStripper().getText(pdf);
            assertThat(words).contains("Observatory gala", "Take out before it is cut", "soy", "Cutting order");
            assertThat(pdf.getNumberOfPages()).isBetween(2, 3);
        }
    }

    @Test
    void savingsAreToldWithWhenWorkWouldBeginThen() {
        Plan plan = demo("observatory-gala");
        Http.Answer answer = http.post("/api/days/savings", asked(plan));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        JsonNode savings = answer.json();
        assertThat(savings.size()).isPositive();
        String first = days(plan).get("first").asString();
        assertThat(savings.valueStream())
                .allMatch(s -> s.get("first").asString().compareTo(first) > 0);
    }

    @Test
    void ordersInWorkShareTheDaysAndSayWhatIsNextAndDrying() {
        Plan gala = demo("observatory-gala");
        String now = days(gala).get("now").asString();
        Agenda.Did just =
                new Agenda.Did(java.time.LocalDateTime.parse(now).minusHours(2).toString(), 50);
        Agenda agenda =
                new Agenda(Map.of("piece-dome", just), Map.of(), Map.of(), List.of(), Map.of(), List.of(), false);
        JsonNode kept = http.post("/api/plans", json.writeValueAsString(gala.on(agenda)))
                .json();
        long id = kept.get("id").asLong();
        JsonNode mine = outlook(id);
        assertThat(mine.get("next").asString()).isNotEmpty();
        assertThat(mine.get("late").asLong()).isZero();
        assertThat(mine.get("drying").get(0).get("name").asString()).isEqualTo("Dome");
        JsonNode days = days(demo("orchestra-season-opener"));
        assertThat(days.get("items").valueStream())
                .anyMatch(i -> i.get("order").asString().equals("plan-" + id));
        Map<String, Object> asked = new HashMap<>(Map.of("id", id, "plan", gala));
        JsonNode own = http.post("/api/days", json.writeValueAsString(asked)).json();
        assertThat(own.get("items")
                        .valueStream()
                        .filter(i -> i.get("order").asString().equals("plan-" + id)))
                .allMatch(i -> i.get("own").asBoolean());
        http.send("PUT", "/api/plans/" + id + "/archive", "{\"away\":true}");
        assertThat(http.get("/api/days/orders").json().valueStream())
                .noneMatch(o -> o.get("id").asLong() == id);
    }

    private JsonNode outlook(long id) {
        return http.get("/api/days/orders")
                .json()
                .valueStream()
                .filter(o -> o.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theWorkshopsHoursAndHandsMoveTheDays() {
        Plan plan = demo("observatory-gala");
        String settings =
                "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"zone\":\"Europe/Paris\",\"hands\":%d,"
                        + "\"week\":[\"10:00-12:00\",\"10:00-12:00\",\"10:00-12:00\",\"10:00-12:00\",\"10:00-12:00\",\"\",\"\"]}";
        try {
            String usual = days(plan).get("first").asString();
            assertThat(http.send("PUT", "/api/workshop", settings.formatted(1)).status())
                    .isEqualTo(200);
            String few = days(plan).get("first").asString();
            assertThat(few).isLessThan(usual);
            http.send("PUT", "/api/workshop", settings.formatted(3));
            assertThat(days(plan).get("first").asString()).isGreaterThanOrEqualTo(few);
            assertThat(own(days(plan)))
                    .filteredOn(i ->
                            !i.get("pauses").asBoolean() && i.get("minutes").asInt() <= 120)
                    .allSatisfy(i -> assertThat(
                                    i.get("work").get(0).get("from").asString().substring(11))
                            .isBetween("10:00", "11:59"));
        } finally {
            http.send("PUT", "/api/workshop", "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
        }
    }

    @Test
    void hoursTypedLooselyAreKeptInOneForm() {
        String typed = "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1,"
                + "\"week\":[\"  9:00 – 13:00   14:00-24:00 \",\"\",\"\",\"\",\"\",\"\",\"\"]}";
        try {
            JsonNode kept = http.send("PUT", "/api/workshop", typed).json();
            assertThat(kept.get("week").get(0).asString()).isEqualTo("09:00-13:00 14:00-24:00");
            assertThat(http.get("/api/workshop").json().get("week")).isEqualTo(kept.get("week"));
        } finally {
            http.send("PUT", "/api/workshop", "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hands | \"hands\":9 | Pairs of hands 9 is outside 1 to 6",
                "week | \"hands\":1,\"week\":[\"nine\",\"\",\"\",\"\",\"\",\"\",\"\"] | Hours \"nine\" are not read",
                "week | \"hands\":1,\"week\":[\"\",\"\"] | A week has 7 days; hours of 2 are given",
                "week | \"hands\":1,\"week\":[\"\",\"\",\"\",\"\",\"\",\"\",\"\"] | Give at least one day its hours",
                "week | \"hands\":1,\"week\":[\"01:00-02:00 03:00-04:00 05:00-06:00 07:00-08:00 09:00-10:00\",\"\",\"\",\"\",\"\",\"\",\"\"] | A day has 5 stretches of hours; up to 4",
                "zone | \"hands\":1,\"zone\":\"Moon/Base\" | no place with a clock",
                "fridge | \"hands\":1,\"fridge\":-2 | The fridge -2 is outside 0 to 200"
            })
    void aWorkshopThatIsNoneIsRefusedByName(String field, String part, String said) {
        String body = "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100," + part + "}";
        Http.Answer answer = http.send("PUT", "/api/workshop", body);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).isEqualTo(field);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "plan.pieces[0] | count | 0 | How many 0 is outside 1 to 1000",
                "plan.pieces[0] | width | -5 | Width -5 mm is outside 1 mm to 800 mm",
                "plan.pieces[0] | name | \"\" | A piece's name has 0 letters",
                "plan | seat | {\"tier\":\"attic\",\"on\":\"top\",\"angle\":0,\"out\":0,\"up\":0} | which is no tier"
            })
    void aPieceThatCannotBeIsRefusedByName(String field, String part, String value, String said) {
        JsonNode plan = json.valueToTree(demo("observatory-gala"));
        ((tools.jackson.databind.node.ObjectNode) plan.get("pieces").get(0)).set(part, json.readTree(value));
        Http.Answer answer = http.post("/api/days", "{\"plan\":" + plan + "}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).startsWith(field);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }

    @Test
    void aPlanWithoutADayIsAskedForOneButHasItsStepsAndSheet() {
        Plan plan = demo("observatory-gala").readyBy(null);
        Http.Answer answer = http.post("/api/days", asked(plan));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).isEqualTo("readyBy");
        assertThat(http.post("/api/steps", asked(plan)).json().size()).isPositive();
        assertThat(http.post("/api/handover", asked(plan)).status()).isEqualTo(200);
    }
}
