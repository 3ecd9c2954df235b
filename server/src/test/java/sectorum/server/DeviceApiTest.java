package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Bench devices over real HTTP. */
class DeviceApiTest extends OverHttp {
    @Test
    void everyStandInIsThereAndSaysSomething() {
        JsonNode all = http.get("/api/devices").json();
        assertThat(all)
                .extracting(d -> d.get("kind").asString())
                .containsExactly("tape", "scale", "thermometer", "room");
        all.forEach(d -> assertThat(d.at("/reading/shown").asString()).isNotEmpty());
        assertThat(http.get("/api/devices/room/hours?back=24").json()).hasSizeBetween(24, 25);
    }

    /** The head's way is the template's own: every line of the file, no more and no less. */
    @Test
    void theCuttersPathIsTheTemplates() {
        String order = json.writeValueAsString(
                Map.of("plan", Plans.swags("x"), "tier", "top", "names", List.of("top/swag-scallop"), "paper", "a4"));
        String dxf = http.post("/api/templates/dxf", order).text();
        List<List<Double>> drawn = new ArrayList<>();
        String[] lines = dxf.split("\r\n");
        List<Double> now = null;
        boolean closed = false;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            if (lines[i].equals("0") && lines[i + 1].equals("POLYLINE")) {
                now = new ArrayList<>();
                drawn.add(now);
                closed = lines[i + 7].equals("1");
            } else if (now != null && (lines[i].equals("10") || lines[i].equals("20"))) {
                now.add(Double.valueOf(lines[i + 1]));
            } else if (now != null && lines[i + 1].equals("SEQEND")) {
                if (closed) {
                    now.addAll(List.copyOf(now.subList(0, 2)));
                }
                now = null;
            }
        }
        JsonNode cutter = http.post(
                        "/api/devices/cutter/jobs",
                        json.writeValueAsString(Map.of("title", "Scallop", "dxf", dxf, "torn", false)))
                .json();
        List<List<Double>> strokes = new ArrayList<>();
        cutter.get("strokes").forEach(s -> {
            List<Double> xy = new ArrayList<>();
            s.get("xy").forEach(v -> xy.add(v.asDouble()));
            strokes.add(xy);
        });
        assertThat(drawn).isNotEmpty();
        assertThat(strokes).containsExactlyInAnyOrderElementsOf(drawn);
        assertThat(cutter.get("state").asString()).isEqualTo("runs");
        assertThat(http.post("/api/devices/cutter/pause", null)
                        .json()
                        .get("state")
                        .asString())
                .isEqualTo("paused");
        assertThat(http.get("/api/devices/cutter?known=true").json().get("strokes"))
                .isEmpty();
        assertThat(http.post("/api/devices/cutter/resume", null)
                        .json()
                        .get("left")
                        .asDouble())
                .isPositive();
    }

    @Test
    void labelsComeOutAsTheyWereSent() {
        http.post(
                "/api/devices/printer", "{\"labels\":[{\"title\":\"Gum paste, ink\",\"lines\":[\"240 g\",\"egg\"]}]}");
        JsonNode first = http.get("/api/devices/printer").json().get(0);
        assertThat(first.get("title").asString()).isEqualTo("Gum paste, ink");
        assertThat(first.get("lines")).hasSize(2);
    }

    @Test
    void aScaleIsTaredAndWeighed() {
        assertThat(http.post("/api/devices/scale/put", "{\"value\":120}").status())
                .isEqualTo(204);
        assertThat(http.post("/api/devices/scale/tare", null).status()).isEqualTo(200);
        http.post("/api/devices/scale/put", "{\"value\":0}");
        assertThat(http.get("/api/devices/scale").json().get("kind").asString()).isEqualTo("scale");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GET /api/devices/oven | | oven",
                "POST /api/devices/tape/tare | | scale",
                "POST /api/devices/scale/put | {\"value\":1e9} | outside",
                "POST /api/devices/scale/fault | {\"fault\":\"LOST\"} | LOST",
                "POST /api/devices/scale/fault | {} | fault",
                "POST /api/devices/cutter/jobs | {\"title\":\"x\",\"dxf\":\"no\",\"torn\":false} | no line",
                "POST /api/devices/printer | {\"labels\":[null]} | empty",
            })
    void nonsenseIsRefusedInWords(String request, String body, String said) {
        String[] asked = request.split(" ");
        Http.Answer answer = http.send(asked[0], asked[1], body);
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }
}
