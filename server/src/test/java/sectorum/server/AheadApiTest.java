package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Pieces made ahead over real HTTP: the tray, what is refused, what comes back as it was given. */
class AheadApiTest extends OverHttp {
    private ObjectNode gala() {
        return (ObjectNode) json.readTree(json.writeValueAsString(Plans.demo(json, "observatory-gala")));
    }

    private JsonNode tray(ObjectNode plan, String tier) {
        Http.Answer answer = http.post("/api/pieces/tray", json.writeValueAsString(Map.of("plan", plan, "tier", tier)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private ObjectNode with(String offer, String settings) {
        ObjectNode plan = gala();
        JsonNode piece = tray(plan, "top")
                .valueStream()
                .map(o -> o.get("piece"))
                .filter(p -> p.get("id").asString().equals(offer))
                .findFirst()
                .orElseThrow();
        ((ObjectNode) piece).set("settings", json.readTree(settings));
        ((ArrayNode) plan.get("pieces")).add(piece);
        return plan;
    }

    private Http.Answer workup(ObjectNode plan) {
        Map<String, Object> asked =
                Map.of("plan", plan, "bench", http.get("/api/bench").json(), "only", List.of());
        return http.post("/api/workup", json.writeValueAsString(asked));
    }

    /** Every offer is a piece that a plan takes as it is. */
    @ParameterizedTest
    @MethodSource("sectorum.server.Plans#demos")
    void everyOfferGoesIntoThePlan(String name) {
        Plan demo = Plans.demo(json, name);
        ObjectNode plan = (ObjectNode) json.readTree(json.writeValueAsString(demo));
        JsonNode tray = tray(plan, demo.tiers().get(0).id());
        assertThat(tray.size()).isGreaterThan(25);
        ArrayNode pieces = plan.putArray("pieces");
        tray.forEach(o -> pieces.add(o.get("piece")));
        JsonNode worked = http.post("/api/pieces", json.writeValueAsString(Map.of("plan", plan)))
                .json();
        assertThat(worked.size()).isEqualTo(tray.size());
        assertThat(workup(plan).status()).isEqualTo(200);
        assertThat(http.post("/api/build", json.writeValueAsString(Map.of("plan", plan)))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aTierThatIsNotThereHasNoTray() {
        Http.Answer answer =
                http.post("/api/pieces/tray", json.writeValueAsString(Map.of("plan", gala(), "tier", "moon")));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains("no tier").contains("moon");
    }

    /** What is out of its range is refused by the edit, before anything is kept, with name, value and range. */
    @ParameterizedTest(name = "{0} with {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "bow | {\"roll\": 900} | Rolls, radius 900 mm is outside",
                "bow | {\"loops\": 2.5} | Loops in a ring is a whole number",
                "bow | {\"end\": \"curly\"} | Their ends",
                "flower-rose | {\"recipe\": \"moon\"} | is not known",
                "spray | {\"flowers\": 0} | Flowers 0 is outside",
                "ball | {\"coats\": \"two\"} | Coats is a number",
                "sail | {\"colour\": 3} | no setting",
            })
    void aSettingOutOfItsRangeIsRefused(String offer, String settings, String said) {
        Http.Answer answer = workup(with(offer, settings));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains(said);
    }

    /** A recipe of one's own, colours, breakage and weighings come back from a kept plan as they were given. */
    @Test
    void whatIsTypedIsKept() {
        ObjectNode plan = with("flower-blossom", "{\"recipe\": \"own\"}");
        ArrayNode pieces = (ArrayNode) plan.get("pieces");
        ObjectNode piece = (ObjectNode) pieces.get(pieces.size() - 1);
        piece.set("recipe", json.readTree("""
                        {"name": "Star", "parts": [{"name": "Ray", "form": "leaf", "across": 0.2, "high": 0.6, "thick": 1.0,
                         "each": 7, "order": 1, "colour": 1, "over": "cup", "hours": 3.0, "thinned": true,
                         "set": {"out": 0.1, "up": 0.0, "tilt": 10.0, "from": 0.0}}]}
                        """));
        piece.put("breaks", 0.1);
        piece.put("colour", "brass");
        piece.putArray("others").add("starlight");
        ((ObjectNode) piece.get("resting"))
                .set(
                        "weighed",
                        json.readTree(
                                "[{\"hours\":0.0,\"grams\":9.0},{\"hours\":4.0,\"grams\":8.2},{\"hours\":9.0,\"grams\":7.7}]"));
        Http.Answer made = http.post("/api/plans", json.writeValueAsString(plan));
        assertThat(made.status()).as(made.text()).isLessThan(300);
        JsonNode kept = http.get("/api/plans/" + made.json().get("id").asLong())
                .json()
                .get("document")
                .get("pieces");
        assertThat(kept.get(kept.size() - 1)).isEqualTo(json.readTree(json.writeValueAsString(piece)));
        JsonNode worked = http.post("/api/pieces", json.writeValueAsString(Map.of("plan", plan)))
                .json();
        JsonNode mine = worked.get(worked.size() - 1);
        assertThat(mine.get("spares").size()).isEqualTo(3);
        assertThat(mine.get("look").get(0).get("shade").asString()).startsWith("#");
        assertThat(mine.get("parts").get(0).get("each").asInt()).isEqualTo(7);
    }
}
