package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import sectorum.plan.Brief;
import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Links to one plan, over real HTTP. */
@ExtendWith(RunningApp.class)
class ShareApiTest {
    private Http http;
    private JdbcClient jdbc;
    private long plan;

    @BeforeEach
    void aPlan(Http running, JdbcClient client, JsonMapper json) {
        http = running;
        jdbc = client;
        Plan swags = Plans.swags("Shared");
        Plan told = new Plan(
                Plan.FORMAT,
                Plan.VERSION,
                "Shared",
                "2026-12-12T14:00",
                new Brief("Marguerite", "Town hall", "No nuts", "Owes for the last one"),
                swags.palette(),
                swags.tiers());
        plan = http.post("/api/plans", json.writeValueAsString(told))
                .json()
                .get("id")
                .asLong();
    }

    private String link(String kind, boolean priced) {
        return http.post(
                        "/api/plans/" + plan + "/shares",
                        Crew.body("kind", kind, "name", "For Marguerite", "priced", priced, "days", 7))
                .json()
                .get("path")
                .asString();
    }

    private Http guest(String path) {
        Http guest = Http.stranger(http.base());
        guest.get(path);
        return guest;
    }

    @ParameterizedTest
    @CsvSource({"client, true, false", "handover, false, true"})
    void aSheetIsShownAndNothingOfTheRest(String kind, boolean client, boolean handover) {
        JsonNode seen = guest(link(kind, false)).get("/api/shared").json();
        assertThat(seen.has("client")).isEqualTo(client);
        assertThat(seen.has("handover")).isEqualTo(handover);
        assertThat(seen.at("/plan/name").asString()).isEqualTo("Shared");
        assertThat(seen.toString()).doesNotContain("Owes for the last one");
        assertThat(seen.at("/look/tiers/0/dressings/0/layout/placements")).isNotEmpty();
        assertThat(seen.at("/look/tiers/0/dressings/0/figures")).isEmpty();
        assertThat(seen.at("/look/tiers/0/dressings/0/making/steps")).isEmpty();
        assertThat(seen.at("/look/tiers/0/findings")).isEmpty();
    }

    @Test
    void aPriceIsShownWhereItWasChosenAlone() {
        JsonNode before = http.get("/api/workshop").json();
        http.send(
                "PUT",
                "/api/workshop",
                ((tools.jackson.databind.node.ObjectNode) before.deepCopy())
                        .put("margin", 0.5)
                        .put("hour", 30)
                        .toString());
        assertThat(guest(link("client", false))
                        .get("/api/shared")
                        .json()
                        .at("/client/price")
                        .isMissingNode())
                .isTrue();
        assertThat(guest(link("client", true))
                        .get("/api/shared")
                        .json()
                        .at("/client/price")
                        .asDouble())
                .isPositive();
        http.send("PUT", "/api/workshop", before.toString());
    }

    @Test
    void openingsAreCountedAndAWithdrawnLinkIsShutAtOnce() {
        Http guest = guest(link("client", false));
        assertThat(guest.get("/api/shared").status()).isEqualTo(200);
        JsonNode links = http.get("/api/plans/" + plan + "/shares").json();
        assertThat(links.at("/0/opened").asInt()).isEqualTo(1);
        assertThat(links.toString()).contains("For Marguerite").doesNotContain("hash");
        http.send("DELETE", "/api/plans/" + plan + "/shares/" + links.at("/0/id"), null);
        assertThat(guest.get("/api/shared").status()).isEqualTo(404);
        assertThat(http.get("/api/plans/" + plan + "/shares").json()).isEmpty();
    }

    @Test
    void anOldLinkIsShut() {
        Http guest = guest(link("handover", false));
        jdbc.sql("update share_link set until_at = utc_timestamp(3) - interval 1 second where plan_id = ?")
                .param(plan)
                .update();
        assertThat(guest.get("/api/shared").status()).isEqualTo(404);
    }

    @Test
    void aHelpersPhoneTicksAndChangesNothingElse() {
        Http phone = guest(link("turntable", false));
        String path = "/api/plans/" + plan;
        JsonNode saved = phone.get(path).json();
        String line =
                "{\"after\":0,\"lines\":[{\"id\":\"p1\",\"device\":\"phone\",\"who\":\"\",\"at\":5,\"seen\":0,\"kind\":\"tick\",\"step\":\"x/1\",\"amount\":0,\"about\":\"\"}]}";
        assertThat(phone.post(path + "/journal", line).status()).isEqualTo(200);
        String other = saved.get("document").toString().replace("\"name\":\"Shared\"", "\"name\":\"Taken over\"");
        Http.Answer refused =
                phone.send("PUT", path, "{\"base\":" + saved.get("revision") + ",\"document\":" + other + "}");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(http.get(path).json().at("/document/name").asString()).isEqualTo("Shared");
        assertThat(phone.get("/api/shared").status()).as("no sheet was chosen").isEqualTo(404);
        assertThat(phone.get("/api/names").text()).doesNotContain("At the bench");
    }

    @Test
    void whatIsNoLinkLeadsToAPageThatSaysSo() {
        Http.Answer answer = Http.stranger(http.base()).get("/share/" + "x".repeat(32));
        assertThat(answer.status()).isEqualTo(302);
        assertThat(answer.header("location")).endsWith("/shared");
        assertThat(answer.header("set-cookie")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0, days", "366, days", "7, kind"})
    void oddWishesAreRefused(int days, String field) {
        String body = field.equals("kind")
                ? "{\"name\":\"x\",\"priced\":false,\"days\":7}"
                : Crew.body("kind", "client", "name", "x", "priced", false, "days", days);
        Http.Answer refused = http.post("/api/plans/" + plan + "/shares", body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
    }

    @Test
    void secretsAreKeptAsHashes() {
        String secret = link("client", false).substring("/share/".length());
        assertThat(jdbc.sql("select hash from share_link where plan_id = ?")
                        .param(plan)
                        .query(String.class)
                        .single())
                .hasSize(64)
                .isNotEqualTo(secret);
    }
}
