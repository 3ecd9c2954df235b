package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApp.class)
class DressApiTest {
    private static final String BENCH = "{\"tape\":{\"divisionMm\":1},\"hand\":\"right\",\"shelf\":[%s]}";

    private final Http http;
    private final JsonMapper json;

    DressApiTest(Http http, JsonMapper json) {
        this.http = http;
        this.json = json;
    }

    private String asked(String more) {
        return "{\"plan\":" + json.writeValueAsString(Plans.swags("Dress")) + "," + more + "}";
    }

    @Test
    void theTrayIsEveryTechniqueOnThisTier() {
        String question = asked("\"tier\":\"top\",\"division\":\"marks\",\"bench\":" + BENCH.formatted(""));
        JsonNode tray = http.post("/api/tray", question).json();
        assertThat((long) tray.size())
                .isEqualTo(Catalogue.all().stream()
                        .filter(t -> t.surfaces().contains(SurfaceKind.SIDE))
                        .count());
        tray.forEach(w -> assertThat(w.at("/layout/placements").size()).isPositive());
        // A breath of colour says how densely it lies; everything else is as it is.
        tray.forEach(w -> assertThat(w.at("/layout/shapes/0/tone").asDouble())
                .isEqualTo(w.get("technique").asString().equals("finish") ? 0.4 : 1));
    }

    @Test
    void aDressingIsRefittedToItsOwnTierAsItIs() {
        String question =
                asked("\"from\":\"top\",\"dressing\":\"swags\",\"to\":\"top\",\"bench\":" + BENCH.formatted(""));
        JsonNode refit = http.post("/api/refit", question).json();
        assertThat(refit.at("/dressing/settings/drop").asDouble()).isEqualTo(48);
        assertThat(refit.at("/dressing/id").asString()).isEqualTo("swags-2");
        assertThat(refit.at("/changes").size()).isZero();
    }

    @Test
    void theShelfIsWhatTheCupboardHoldsAndNamesTheBoard() {
        http.send("PUT", "/api/cupboard", Plans.thing("board", "Tracing round", "\"across\":162"));
        String bench = http.get("/api/bench").text();
        assertThat(bench).contains("Tracing round");
        JsonNode worked = http.post("/api/workup", asked("\"bench\":" + bench)).json();
        assertThat(worked.at("/tiers/0/dressings/0/findings").toString()).contains("Tracing round");
        assertThat(worked.at("/tiers/0/dressings/0/making/minutes").isMissingNode())
                .isTrue();
        JsonNode placements = worked.at("/tiers/0/dressings/0/layout/placements");
        assertThat(placements.size()).isEqualTo(5 * 6);
        assertThat(placements.get(2).asDouble()).isCloseTo(108.5, within(10.0));
        JsonNode none = http.post("/api/workup", asked("\"only\":[],\"bench\":" + bench))
                .json();
        assertThat(none.at("/tiers").size()).isZero();
    }

    @ParameterizedTest(name = "{0} with {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/tray  | \"tier\":\"attic\",\"division\":\"marks\",\"bench\":{\"tape\":{\"divisionMm\":1}} | attic",
                "/api/tray  | \"tier\":\"top\",\"bench\":{}                                                  | tape",
                "/api/refit | \"from\":\"top\",\"dressing\":\"fog\",\"to\":\"top\",\"bench\":{\"tape\":{\"divisionMm\":1}} | fog",
                "/api/workup| \"bench\":{\"tape\":{\"divisionMm\":1},\"shelf\":[{\"name\":\"x\",\"across\":-4}]} | -4 mm",
            })
    void whatCannotBeAnsweredIsSaidByName(String path, String more, String named) {
        Http.Answer answer = http.post(path, asked(more));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(named);
    }
}
