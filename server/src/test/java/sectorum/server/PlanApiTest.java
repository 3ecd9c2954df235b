package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Plans over real HTTP and a real MariaDB. */
class PlanApiTest extends OverHttp {
    private Http.Answer save(JsonNode from, Plan plan) {
        return http.send(
                "PUT",
                "/api/plans/" + from.get("id"),
                "{\"base\":" + from.get("revision") + ",\"document\":" + json.writeValueAsString(plan) + "}");
    }

    private static List<String> names(JsonNode list) {
        return list.valueStream().map(p -> p.get("name").asString()).toList();
    }

    @Test
    void aTierThatIsNotThereIsNamedWithThoseThatAre() {
        Plan plan = Plans.swags("Only");
        String asked = json.writeValueAsString(Map.of("plan", plan, "only", List.of("tier-9")));
        Http.Answer answer = http.post("/api/workup", asked);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).isEqualTo("only");
        assertThat(answer.text())
                .contains("tier-9")
                .contains(plan.tiers().get(0).id());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "/plan/7/dress, true",
        "/plan/7, true",
        "/plan/7/nowhere, true",
        "/plan/x/dress, false",
        "/plan/7/dress/more, false",
        "/cupboard, false"
    })
    void thePageOfAPlanNamesWhatItWillAskFor(String address, boolean names) {
        String page = http.get(address).text();
        assertThat(page).contains("<div id=\"root\">");
        assertThat(page.contains("as=\"fetch\" crossorigin href=\"/api/plans/7/opened\""))
                .isEqualTo(names);
        assertThat(page.contains("href=\"/api/preferences\"")).isEqualTo(names);
    }

    @Test
    void aPlanOpensInOneAnswerWithItsBenchAndWorkup() {
        JsonNode kept = savedPlan("Opened at once");
        JsonNode opened = http.get("/api/plans/" + kept.get("id") + "/opened").json();
        assertThat(opened.get("saved")).isEqualTo(kept);
        assertThat(opened.get("bench")).isEqualTo(http.get("/api/bench").json());
        String asked = json.writeValueAsString(Map.of("plan", kept.get("document"), "bench", opened.get("bench")));
        assertThat(opened.get("workup"))
                .isEqualTo(http.post("/api/workup", asked).json());
        assertThat(http.get("/api/plans/999999/opened").status()).isEqualTo(404);
    }

    @Test
    void freshCopiedDeletedAndBroughtBack() {
        JsonNode fresh =
                http.post("/api/plans/fresh", "{\"name\":\"Fresh one\"}").json();
        String one = "/api/plans/" + fresh.get("id");
        assertThat(fresh.at("/document/tiers/0/outline/kind").asString()).isEqualTo("round");
        http.post(one + "/copy", "{\"name\":\"Copied one\"}");
        assertThat(names(http.get("/api/plans").json())).contains("Fresh one", "Copied one");
        assertThat(http.send("DELETE", one, null).status()).isEqualTo(204);
        assertThat(names(http.get("/api/plans").json())).doesNotContain("Fresh one");
        assertThat(http.get(one).status()).isEqualTo(404);
        assertThat(http.post(one + "/restore", "").json().get("id")).isEqualTo(fresh.get("id"));
        assertThat(names(http.get("/api/plans").json())).contains("Fresh one");
    }

    @Test
    void savedDocumentComesBackAsItWas() {
        JsonNode kept = savedPlan("Round trip");
        Plan changed = Plans.swags("Round trip, later").readyBy("2026-12-12T14:00");
        JsonNode saved = save(kept, changed).json();
        assertThat(saved.get("revision").asInt()).isEqualTo(kept.get("revision").asInt() + 1);
        JsonNode again = http.get("/api/plans/" + kept.get("id")).json();
        assertThat(json.treeToValue(again.get("document"), Plan.class)).isEqualTo(changed);
        assertThat(save(saved, changed).json().get("revision"))
                .as("the same document is no new revision")
                .isEqualTo(saved.get("revision"));
    }

    @Test
    void plansAreListedByTheDayTheyAreNeeded() {
        save(savedPlan("Needed later"), Plans.swags("Needed later").readyBy("2031-06-02T09:00"));
        save(savedPlan("Needed sooner"), Plans.swags("Needed sooner").readyBy("2031-06-01T09:00"));
        savedPlan("Needed some day");
        assertThat(names(http.get("/api/plans").json()))
                .containsSubsequence("Needed sooner", "Needed later", "Needed some day");
    }

    @Test
    void staleSaveGetsBothSidesAndChangesNothing() {
        JsonNode kept = savedPlan("Two hands");
        save(kept, Plans.swags("First hand"));
        Http.Answer second = save(kept, Plans.swags("Second hand"));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.header("content-type")).startsWith("application/problem+json");
        assertThat(second.json().at("/yours/name").asString()).isEqualTo("Second hand");
        assertThat(second.json().at("/theirs/document/name").asString()).isEqualTo("First hand");
        assertThat(http.get("/api/plans/" + kept.get("id"))
                        .json()
                        .at("/document/name")
                        .asString())
                .isEqualTo("First hand");
    }

    @Test
    void ofManySavesAtOnceOneWinsAndAllOthersAreTold() throws Exception {
        JsonNode kept = savedPlan("Crowd");
        ExecutorService crowd = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> hands = IntStream.range(0, 8)
                    .mapToObj(i -> (Callable<Integer>)
                            () -> save(kept, Plans.swags("Hand " + i)).status())
                    .toList();
            List<Integer> statuses = new java.util.ArrayList<>();
            for (Future<Integer> done : crowd.invokeAll(hands)) {
                statuses.add(done.get());
            }
            assertThat(statuses).containsOnly(200, 409).containsOnlyOnce(200);
        } finally {
            crowd.shutdownNow();
        }
    }

    @Test
    void fileIsThePlanAndOpensAgain() {
        Http.Answer file =
                http.get("/api/plans/" + savedPlan("A file / with signs").get("id") + "/file");
        assertThat(file.header("content-disposition"))
                .contains("attachment")
                .contains("A%20file%20%20with%20signs.sectorum.json");
        assertThat(file.text()).contains("\"format\" : \"sectorum-plan\"").doesNotContain("null");
        assertThat(http.post("/api/plans", file.text()).json().get("document"))
                .isEqualTo(JsonMapper.shared().readTree(file.text()));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "cut in half          | \"tiers\"                    | HALF                          | stops in the middle",
                "another format       | \"sectorum-plan\"            | \"cake\"                      | not a Sectorum plan",
                "of a newer version   | \"version\":2                | \"version\":3,\"glow\":true   | version 3",
                "an unknown field     | \"height\":110               | \"height\":110,\"glow\":1     | glow",
                "letters for a number | \"height\":110.0             | \"height\":\"tall\"           | \"tall\"",
                "no number at all     | \"height\":110.0             | \"height\":null               | number",
                "a negative height    | \"height\":110.0             | \"height\":-5                 | -5 mm",
                "far too high         | \"height\":110.0             | \"height\":1e9                | 1000000000 mm",
                "no sections          | \"count\":5                  | \"count\":0                   | 1 to 500",
                "3,000 sections       | \"count\":5                  | \"count\":3000                | 3000",
                "half a section       | \"count\":5                  | \"count\":2.5                 | number",
                "an unknown outline   | \"round\"                    | \"blob\"                      | blob",
                "an unknown technique | \"swag\",                    | \"fog\",                      | fog",
                "an unknown setting   | \"drop\":48.0               | \"drop\":48.0,\"glow\":1      | no setting \"glow\"",
                "no name              | \"name\":\"Bad\"             | \"name\":\"  \"               | 1 to 120",
                "no tiers             | \"tiers\":[                  | \"tiers\":[],\"x\":[          | 1 to 8",
                "an unknown front     | \"front\":\"section\"        | \"front\":\"back\"            | section, mark",
                "not JSON             | {\"format\"                  | <plan>                        | well formed",
            })
    void badFilesAreRefusedByFieldAndValue(String what, String good, String bad, String said) {
        String file = json.writeValueAsString(Plans.swags("Bad"));
        assertThat(file).contains(good);
        String broken = bad.equals("HALF")
                ? file.substring(0, file.length() / 2)
                : file.replaceFirst(java.util.regex.Pattern.quote(good), bad);
        Http.Answer answer = http.post("/api/plans", broken);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.header("content-type")).startsWith("application/problem+json");
        assertThat(answer.json().get("detail").asString()).contains(said);
        assertThat(names(http.get("/api/plans").json())).doesNotContain("Bad");
    }

    @Test
    void refusalsNameThePathOfTheField() {
        String file = json.writeValueAsString(Plans.swags("Bad")).replace("\"thickness\":8.5", "\"thickness\":99");
        assertThat(http.post("/api/plans", file).json().get("field").asString()).isEqualTo("tiers[0].coats[0]");
    }

    @ParameterizedTest
    @CsvSource({"GET,/api/plans/987654,404", "GET,/api/plans/none,400", "PUT,/api/plans/1,400", "POST,/api/workup,400"})
    void wrongCallsAreProblems(String method, String path, int status) {
        Http.Answer answer = http.send(method, path, method.equals("GET") ? null : "");
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.header("content-type")).startsWith("application/problem+json");
    }

    @ParameterizedTest
    @CsvSource({
        "POST,/api/ways,plan",
        "POST,/api/rescue,plan",
        "POST,/api/templates/list,plan",
        "PUT,/api/plans/1,document"
    })
    void requestsWithoutTheirPlanAreToldWhatIsMissing(String method, String path, String missing) {
        String body = path.contains("plans") ? "{'base':0}" : path.contains("rescue") ? "{'placed':1,'reads':1}" : "{}";
        Http.Answer answer = http.send(method, path, body.replace('\'', '"'));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains("\"" + missing + "\"");
    }

    @Test
    void anythingFarTooLargeIsRefusedUnread() {
        Http.Answer answer = http.post("/api/plans", " ".repeat(4 * 1024 * 1024 + 1));
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.json().get("detail").asString()).contains("4 MB");
    }

    @Test
    void workupOfAnUnsavedPlan() {
        JsonNode worked = http.post(
                        "/api/workup", "{\"plan\":" + json.writeValueAsString(Plans.swags("Never kept")) + "}")
                .json()
                .at("/tiers/0");
        assertThat(worked.at("/form/across").asDouble()).isCloseTo(232.685, within(5e-4));
        assertThat(worked.at("/divisions/0/sections/0/chord").asDouble()).isCloseTo(136.769, within(5e-4));
        assertThat(worked.at("/dressings/0/figures/2/quantity/value").asDouble())
                .isCloseTo(185.144, within(5e-4));
        assertThat(worked.at("/dressings/0").has("drawings")).isFalse();
        assertThat(http.post(
                                "/api/workup",
                                "{\"bench\":{\"tape\":{\"divisionMm\":0}},\"plan\":"
                                        + json.writeValueAsString(Plans.swags("x")) + "}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("finest division");
    }

    @ParameterizedTest
    @CsvSource({
        "190,mm,190",
        "19 cm,mm,190",
        "'19,5cm',inch,195",
        "'7 1/2\"',mm,190.5",
        "7.5in,cm,190.5",
        "190,inch,4826"
    })
    void lengthsAreReadAsTyped(String typed, String unit, double mm) {
        String query = java.net.URLEncoder.encode(typed, java.nio.charset.StandardCharsets.UTF_8);
        assertThat(http.get("/api/length?field=x&unit=" + unit + "&typed=" + query)
                        .json()
                        .get("mm")
                        .asDouble())
                .isCloseTo(mm, within(1e-9));
    }

    @Test
    void lettersAreNoLength() {
        Http.Answer answer = http.get("/api/length?field=diameter&unit=mm&typed=wide");
        // A half-typed length is an ordinary answer, for the field is asked about at every key.
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().get("mm")).isNull();
        assertThat(answer.json().get("refused").toString()).contains("wide").contains("7 1/2");
    }

    @Test
    void preferencesAreKept() {
        http.send("PUT", "/api/preferences", "{\"unit\":\"inch\",\"tapeMm\":1.5875,\"handMm\":0.5,\"hand\":\"left\"}");
        assertThat(http.get("/api/preferences").json().get("unit").asString()).isEqualTo("inch");
        assertThat(http.get("/api/bench").json().get("hand").asString()).isEqualTo("left");
        assertThat(http.send("PUT", "/api/preferences", "{\"unit\":\"ell\",\"tapeMm\":1,\"handMm\":0.5}")
                        .status())
                .isEqualTo(400);
        http.send("PUT", "/api/preferences", "{\"unit\":\"cm\",\"tapeMm\":1,\"handMm\":0.7}");
    }

    @Test
    void everyAnswerCarriesTheStrictPolicy() {
        Http.Answer page = http.get("/");
        assertThat(page.header("content-security-policy"))
                .contains("default-src 'none'")
                // Core is compiled in the page; scripts are never made there.
                .contains("script-src 'self' 'wasm-unsafe-eval';")
                .doesNotContain("'unsafe");
        String nonce = page.header("content-security-policy").replaceAll(".*'nonce-([^']+)'.*", "$1");
        assertThat(page.text()).contains("content=\"" + nonce + "\"");
        assertThat(http.get("/").header("content-security-policy")).doesNotContain(nonce);
        assertThat(http.get("/api/plans").header("content-security-policy")).contains("style-src 'self';");
        assertThat(http.get("/plan/1/divide").text()).contains("<div id=\"root\">");
    }
}
