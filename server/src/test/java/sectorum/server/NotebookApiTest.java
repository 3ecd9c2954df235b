package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The notebook over real HTTP: from presses at the bench to the minutes of the next plan. */
class NotebookApiTest extends OverHttp {
    private static final long START = 1_790_000_000_000L;

    private long plan;
    private JsonNode steps;
    private final List<String> lines = new ArrayList<>();
    private double minute;

    @BeforeEach
    void aPlan() {
        JsonNode saved = savedPlan("Job " + UUID.randomUUID());
        plan = saved.get("id").asLong();
        steps = http.post("/api/turntable/steps", "{\"id\":%d,\"plan\":%s}".formatted(plan, saved.get("document")))
                .json();
    }

    @AfterEach
    void nothingLearnedStays() {
        http.get("/api/notebook/rates")
                .json()
                .get("rates")
                .forEach(r -> r.get("points")
                        .forEach(p -> http.send(
                                "DELETE",
                                "/api/notebook/records/" + p.get("record").asLong(),
                                null)));
        http.send("PUT", "/api/notebook/off", "[]");
    }

    private void line(String kind, String step, double amount) {
        lines.add(
                "{\"id\":\"l%d\",\"device\":\"one\",\"who\":\"Ottilie\",\"at\":%d,\"seen\":0,\"kind\":\"%s\",\"step\":\"%s\",\"amount\":%s,\"about\":\"\"}"
                        .formatted(lines.size(), START + (long) (60_000 * minute), kind, step, amount));
    }

    /** All steps of the first dressing, each in so many times what is planned. */
    private String dress(double ratio) {
        String task = "";
        line("begin", "", 0);
        for (JsonNode step : steps) {
            if (step.at("/told/kind").asString().equals("dress")
                    && (task.isEmpty() || task.equals(step.at("/key/task").asString()))) {
                task = step.at("/key/task").asString();
                minute += ratio * step.at("/told/minutes").asDouble();
                line("tick", step.at("/key/id").asString(), 0);
            }
        }
        http.post("/api/plans/" + plan + "/journal", "{\"after\":0,\"lines\":[%s]}".formatted(String.join(",", lines)));
        return task;
    }

    private JsonNode job() {
        return http.get("/api/notebook/job?plan=" + plan).json();
    }

    private JsonNode rates() {
        return http.get("/api/bench").json().at("/rates/rates");
    }

    private double planned(String task) {
        JsonNode document = http.get("/api/plans/" + plan).json().get("document");
        for (JsonNode step : http.post("/api/turntable/steps", "{\"id\":%d,\"plan\":%s}".formatted(plan, document))
                .json()) {
            if (step.at("/key/task").asString().equals(task)) {
                return step.at("/told/minutes").asDouble();
            }
        }
        throw new AssertionError("no " + task);
    }

    private void decide(JsonNode lesson, boolean taken, String why) {
        Http.Answer answer = http.post(
                "/api/notebook/decisions",
                "{\"records\":%s,\"kind\":%s,\"taken\":%s,\"why\":\"%s\"}"
                        .formatted(lesson.get("records"), lesson.get("kind"), taken, why));
        assertThat(answer.status()).as(answer.text()).isEqualTo(204);
    }

    @Test
    void whatWasPressedAtTheBenchTeachesTheNextPlanWhenItIsTakenInAndNotBefore() {
        String task = dress(1.6);
        double before = planned(task);
        JsonNode job = job();
        assertThat(job.get("records")).hasSize(1);
        assertThat(job.at("/records/0/who").asString()).isEqualTo("Ottilie");
        assertThat(job.at("/records/0/time/minutes").asDouble())
                .isCloseTo(1.6 * job.at("/records/0/time/plain").asDouble(), within(0.01));
        assertThat(rates()).isEmpty();
        JsonNode lesson = job.at("/lessons/0");
        assertThat(lesson.get("kind").asString()).isEqualTo("time");
        decide(lesson, true, "");
        assertThat(rates().at("/0/value").asDouble()).isCloseTo(1.2, within(1e-3));
        assertThat(planned(task)).isCloseTo(1.2 * before, within(0.01));
        assertThat(job().get("lessons")).isEmpty();
        http.send("PUT", "/api/notebook/off", "[\"TIME\"]");
        assertThat(planned(task)).isCloseTo(before, within(1e-9));
    }

    @Test
    void whatIsLeftIsPutAsideWithItsReasonAndStaysSoWhenTheJournalGoesOn() {
        dress(3);
        decide(job().at("/lessons/0"), false, "the door bell");
        assertThat(rates()).isEmpty();
        line("note", "", 0);
        http.post(
                "/api/plans/" + plan + "/journal",
                "{\"after\":0,\"lines\":[%s]}".formatted(lines.get(lines.size() - 1)));
        assertThat(job().at("/records/0/aside/0/why").asString()).isEqualTo("the door bell");
        assertThat(job().get("lessons")).isEmpty();
    }

    @Test
    void aForgottenStopIsAskedForAndTheAnswerCounts() {
        dress(200);
        JsonNode asked = job().get("asked");
        assertThat(asked).isNotEmpty();
        assertThat(job().at("/records/0/time").isMissingNode()).isTrue();
        asked.forEach(a -> assertThat(http.post(
                                "/api/notebook/answers",
                                "{\"plan\":%d,\"step\":%s,\"minutes\":9}".formatted(plan, a.get("step")))
                        .status())
                .isEqualTo(204));
        assertThat(job().get("asked")).isEmpty();
        assertThat(job().at("/records/0/time/minutes").asDouble()).isEqualTo(9.0 * asked.size());
    }

    @Test
    void whatWasTakenBackAtTheBenchGoesUnlessSomebodyMendedIt() {
        dress(1);
        JsonNode record = job().at("/records/0");
        String undo = lines.get(lines.size() - 1)
                .replace("\"tick\"", "\"undo\"")
                .replace("\"about\":\"\"", "\"about\":\"l%d\"".formatted(lines.size() - 1))
                .replace("\"id\":\"l%d\"".formatted(lines.size() - 1), "\"id\":\"undo\"");
        http.post("/api/plans/" + plan + "/journal", "{\"after\":0,\"lines\":[%s]}".formatted(undo));
        assertThat(job().get("records")).isEmpty();
        assertThat(record.get("id").asLong()).isPositive();
    }

    @Test
    void theTableComesBackAsItWasAndABadLineKeepsAllOut() {
        http.post(
                "/api/notebook/records",
                "[" + typed("Pearls, \\\"=1+1\\\"", "dressing/pearls", 40, 56) + ","
                        + typed("Two", "task/cover", 60, 50) + "]");
        String csv = http.get("/api/notebook/table").text();
        assertThat(csv).contains("plain minutes").contains("56");
        int before = csv.split("\r\n").length;
        Http.Answer again = http.bytes("/api/notebook/table", csv.getBytes(StandardCharsets.UTF_8));
        assertThat(again.json().get("records").asInt()).isEqualTo(before - 1);
        String twice = http.get("/api/notebook/table").text();
        List<String> rows = List.of(twice.split("\r\n"));
        assertThat(rows.subList(before, rows.size())).isEqualTo(rows.subList(1, before));
        Http.Answer bad = http.bytes(
                "/api/notebook/table",
                "job;at;subject;minutes\nA;2025-03-01;dressing/pearls;12\nB;never;pearls;\n"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.json().get("detail").asString())
                .contains("line 2, plain minutes")
                .contains("line 3, at");
    }

    private static String typed(String name, String subject, double plain, double minutes) {
        return "{\"job\":\"Last year\",\"at\":\"2025-05-01T09:00\",\"subject\":\"%s\",\"name\":\"%s\",\"task\":\"\",\"who\":\"\",\"time\":{\"plain\":%s,\"minutes\":%s},\"note\":\"\",\"pictures\":[],\"aside\":[],\"waiting\":[]}"
                .formatted(subject, name, plain, minutes);
    }

    @Test
    void jobsAreListedWithWhatTheyTookTheNewestFirst() {
        http.post("/api/notebook/records", "[" + typed("One", "dressing/pearls", 40, 56) + "]");
        dress(1.1);
        JsonNode jobs = http.get("/api/notebook").json().get("jobs");
        assertThat(jobs.at("/0/plan").asLong()).isEqualTo(plan);
        assertThat(jobs.at("/0/waiting").asLong()).isEqualTo(1);
        JsonNode typed = http.get("/api/notebook?words=Last").json().at("/jobs/0");
        assertThat(typed.get("job").asString()).isEqualTo("Last year");
        assertThat(typed.has("plan")).isFalse();
        assertThat(http.get("/api/notebook/job?job=Last%20year")
                        .json()
                        .at("/records/0/time/minutes")
                        .asDouble())
                .isEqualTo(56);
    }

    @Test
    void whatIsMeasuredForItsOwnSakeCountsAtOnce() {
        Http.Answer kept = http.post(
                "/api/notebook/measured",
                "{\"at\":\"2026-05-01T10:00\",\"who\":\"\",\"paste\":\"gum\",\"ten\":{\"width\":40,\"height\":40,\"thickness\":3,\"round\":true,\"pieces\":10,\"grams\":55.42}}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(rates().at("/0/kind").asString()).isEqualTo("density");
        assertThat(rates().at("/0/value").asDouble()).isCloseTo(1.05, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PUT /api/notebook/off | [\"SPEED\"] | SPEED",
                "PUT /api/notebook/off | [null] | null",
                "POST /api/notebook/records | [] | 1 to 1000",
                "POST /api/notebook/records | [null] | empty",
                "POST /api/notebook/records | [{\"id\":99999999,\"job\":\"A\",\"at\":\"2025-05-01T09:00\",\"subject\":\"task/cover\",\"name\":\"x\",\"task\":\"\",\"who\":\"\",\"note\":\"\",\"pictures\":[],\"aside\":[],\"waiting\":[]}] | no record 99999999",
                "POST /api/notebook/decisions | {\"records\":[99999999],\"kind\":\"time\",\"taken\":true} | no record",
                "POST /api/notebook/answers | {\"plan\":99999999,\"step\":\"x/1\",\"minutes\":4} | no plan",
                "GET /api/notebook/job?plan=99999999 |  | no plan"
            })
    void nonsenseIsRefusedInWords(String request, String body, String said) {
        String[] asked = request.split(" ");
        Http.Answer answer = http.send(asked[0], asked[1], body);
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }
}
