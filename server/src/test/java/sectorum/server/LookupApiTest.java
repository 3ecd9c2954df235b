package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Finding anything, how numbers came about, and where a plan differs, over real HTTP. */
@ExtendWith(RunningApp.class)
class LookupApiTest {
    private Http http;
    private JsonMapper json;

    @BeforeEach
    void aWorkshopOfItsOwn(Http running, JsonMapper mapper, JdbcClient jdbc) {
        jdbc.sql("delete from attempt").update();
        http = Crew.owner(running.base(), "Looked up");
        json = mapper;
    }

    private String found(String words) {
        return http.get("/api/search?words=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
                .json()
                .valueStream()
                .map(h -> h.get("kind").asString() + " " + h.get("name").asString())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest(name = "\"{0}\": {1}")
    @CsvSource({
        "gala, plan Winter gala",
        "MARGUERITE, plan Winter gala",
        "ring 40, thing Ring 40",
        "%, ''",
        "_, ''",
        "nothing is called so, ''",
    })
    void anythingIsFoundByALetterOrTwo(String words, String hits) {
        http.post(
                "/api/plans",
                json.writeValueAsString(Plans.swags("Winter gala"))
                        .replace("\"client\":\"\"", "\"client\":\"Marguerite\""));
        http.send(
                "PUT",
                "/api/cupboard",
                "{\"kind\":\"cutter\",\"name\":\"Ring 40\",\"colour\":\"\",\"sizes\":{\"across\":40},\"dial\":\"\",\"stock\":1,\"pack\":0,\"notes\":\"\"}");
        assertThat(found(words)).isEqualTo(hits);
    }

    @Test
    void withoutWordsPlansAreOffered() {
        http.post("/api/plans/fresh", "{\"name\":\"One\"}");
        assertThat(found("")).isEqualTo("plan One");
    }

    @Test
    void aSignThatMeansAnythingElsewhereIsASignHere() {
        http.post(
                "/api/notebook/records",
                "[{\"job\":\"Job\",\"at\":\"2026-05-01T09:00\",\"subject\":\"dressing/swag\",\"name\":\"Swags\",\"task\":\"\",\"who\":\"\",\"note\":\"\",\"pictures\":[],\"aside\":[],\"waiting\":[],\"time\":{\"plain\":20,\"minutes\":30}}]");
        assertThat(http.get("/api/notebook?words=jo&skipped=0").json().get("jobs"))
                .hasSize(1);
        assertThat(http.get("/api/notebook?words=%25&skipped=0").json().get("jobs"))
                .isEmpty();
    }

    @Test
    void numbersTellHowTheyCameAbout() {
        assertThat(reckoned("\"tier\":\"top\",\"dressing\":\"swags\",\"carried\":false"))
                .contains("2·R·θ", "Round the foot {}, as the tape read it", "together {}");
        assertThat(reckoned("\"tier\":\"top\",\"carried\":false")).contains("{} ÷ {} sections = {}", "146.2");
        assertThat(reckoned("\"tier\":\"top\",\"carried\":true")).contains("Nothing stands on it");
        assertThat(reckoned("\"tier\":\"\",\"piece\":\"none\",\"carried\":false"))
                .contains("has no piece");
        assertThat(reckoned("\"tier\":\"top\",\"dressing\":\"none\",\"carried\":false"))
                .contains("wears no");
        assertThat(reckoned("\"tier\":\"none\",\"carried\":false")).contains("no tier");
    }

    private String reckoned(String asked) {
        String plan = json.writeValueAsString(Plans.swags("Told"));
        return http.post("/api/reckoning", "{\"plan\":" + plan + "," + asked + "}")
                .text();
    }

    @Test
    void plansBeginAsTheWorkshopSaysAndTellWhereTheyDiffer() {
        ObjectNode settings = (ObjectNode) http.get("/api/workshop").json();
        settings.putObject("plans").put("front", "mark").put("humidity", 0.7);
        assertThat(http.send("PUT", "/api/workshop", settings.toString()).status())
                .isEqualTo(200);
        JsonNode fresh =
                http.post("/api/plans/fresh", "{\"name\":\"Damp\"}").json().get("document");
        assertThat(fresh.at("/tiers/0/divisions/0/front").asString()).isEqualTo("mark");
        assertThat(fresh.at("/table/humidity").asDouble()).isEqualTo(0.7);
        assertThat(http.post("/api/differing", "{\"plan\":" + fresh + "}").json())
                .isEmpty();
        String other = json.writeValueAsString(Plans.swags("Other"));
        assertThat(http.post("/api/differing", "{\"plan\":" + other + "}").text())
                .contains("in the workshop a mark does");
        settings.putObject("plans").put("humidity", 3);
        assertThat(http.send("PUT", "/api/workshop", settings.toString()).text())
                .contains("Humidity");
    }
}
