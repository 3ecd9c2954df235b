package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Art in and out over real HTTP, kept with a plan and in the drawer. */
class ArtApiTest extends OverHttp {
    private static final byte[] RING =
            ("<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='40mm' viewBox='0 0 40 40'>"
                            + "<path fill='#aa3344' fill-rule='evenodd' d='M0 0H40V40H0ZM10 10H30V30H10Z'/></svg>")
                    .getBytes(StandardCharsets.UTF_8);

    @Test
    void aDrawingComesInIsKeptAndGoesOutAgain() {
        JsonNode drawn =
                http.bytes("/api/art/drawing?name=Ring%20of%20squares", RING).json();
        assertThat(drawn.at("/motif/id").asString()).isEqualTo("ring-of-squares");
        assertThat(drawn.at("/motif/parts/0/holes").size()).isEqualTo(1);
        assertThat(drawn.at("/notes").size()).isZero();
        String motif = drawn.get("motif").toString();
        Http.Answer svg = http.post("/api/art/svg", motif);
        assertThat(svg.header("Content-Type")).startsWith("image/svg+xml");
        JsonNode again = http.bytes("/api/art/drawing", svg.raw().body()).json();
        assertThat(again.at("/motif/parts/0/shade")).isEqualTo(drawn.at("/motif/parts/0/shade"));
        assertThat(again.at("/motif/parts/0/holes")).isEqualTo(drawn.at("/motif/parts/0/holes"));
        JsonNode kept = http.post("/api/art/drawer", motif).json();
        assertThat(http.get("/api/art/drawer").text()).contains("Ring of squares");
        assertThat(http.send("DELETE", "/api/art/drawer/" + kept.get("id"), null)
                        .status())
                .isEqualTo(204);
        assertThat(http.get("/api/art/drawer").text()).doesNotContain("Ring of squares");
    }

    @Test
    void lettersAreSetInAFaceThatShips() {
        JsonNode faces = http.get("/api/art/faces").json();
        assertThat(faces.size()).isGreaterThanOrEqualTo(6);
        for (JsonNode face : faces) {
            JsonNode drawn = http.post(
                            "/api/art/letters",
                            "{\"text\":\"Ida\",\"face\":\"" + face.get("name").asString()
                                    + "\",\"wish\":{\"height\":40,\"gap\":1,\"bow\":10,\"rim\":3,\"frame\":\"ring\"}}")
                    .json();
            assertThat(drawn.at("/motif/parts").size()).isEqualTo(2);
        }
    }

    private static byte[] picture() throws Exception {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.WHITE);
        to.fillRect(0, 0, 400, 300);
        to.setColor(Color.DARK_GRAY);
        to.fillOval(100, 50, 200, 200);
        to.setColor(Color.WHITE);
        to.fillOval(170, 120, 60, 60);
        to.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    @Test
    void aPictureOfTheOrderIsTraced() throws Exception {
        long plan = savedPlan("Traced").get("id").asLong();
        long id = http.bytes("/api/plans/" + plan + "/pictures?caption=Disc", picture())
                .json()
                .get("id")
                .asLong();
        JsonNode traced = http.post(
                        "/api/art/traced",
                        "{\"picture\":" + id
                                + ",\"name\":\"Disc\",\"wish\":{\"width\":100,\"speck\":1,\"tolerance\":0.3}}")
                .json();
        assertThat(traced.at("/motif/parts").size()).isEqualTo(1);
        assertThat(traced.at("/motif/parts/0/outers").size()).isEqualTo(1);
        assertThat(traced.at("/motif/parts/0/holes").size()).isEqualTo(1);
        assertThat(traced.at("/width").asInt()).isEqualTo(400);
        double left = 0;
        double right = 0;
        JsonNode line = traced.at("/motif/parts/0/outers/0");
        for (int i = 0; i < line.size(); i += 2) {
            left = Math.min(left, line.get(i).asDouble());
            right = Math.max(right, line.get(i).asDouble());
        }
        assertThat(right - left).isCloseTo(50, within(0.7));
    }

    /** Kept with its plan, worn by a tier, printed with its templates. */
    @Test
    void artIsKeptWithThePlan() {
        JsonNode motif = http.bytes("/api/art/drawing?name=Ring", RING).json().get("motif");
        JsonNode plan = savedPlan("With art").get("document");
        String worn = ("{\"art\":[" + motif + "]," + plan.toString().substring(1))
                .replaceFirst(
                        "\"dressings\":\\[",
                        "\"dressings\":[{\"id\":\"ring\",\"technique\":\"art\",\"division\":\"marks\",\"aside\":false,\"covers\":true,"
                                + "\"colours\":[],\"settings\":{\"use\":\"laid\",\"high\":40}}"
                                + (plan.at("/tiers/0/dressings").isEmpty() ? "" : ","));
        JsonNode worked = http.post(
                        "/api/workup",
                        "{\"plan\":" + worn
                                + ",\"bench\":{\"tape\":{\"divisionMm\":1},\"hand\":\"right\",\"shelf\":[]}}")
                .json();
        JsonNode art = worked.at("/tiers/0/dressings/0");
        assertThat(art.get("technique").asString()).isEqualTo("art");
        assertThat(art.at("/making/cuts/0/each").asDouble()).isCloseTo(1200 * 2 * 1.38 / 1000, within(0.2));
        assertThat(http.post("/api/templates/list", "{\"plan\":" + worn + ",\"names\":[],\"paper\":\"a4\"}")
                        .text())
                .contains("art-part-1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/art/letters | {\"text\":\"\",\"face\":\"cinzel\",\"wish\":{\"height\":40,\"gap\":1,\"bow\":1,\"rim\":3}} | text",
                "/api/art/letters | {\"text\":\"A\",\"face\":\"none\",\"wish\":{\"height\":40,\"gap\":1,\"bow\":1,\"rim\":3}} | face",
                "/api/art/letters | {\"text\":\"A\",\"face\":\"cinzel\",\"wish\":{\"height\":0,\"gap\":1,\"bow\":1,\"rim\":3}} | wish",
                "/api/art/traced | {\"picture\":0,\"name\":\"x\",\"wish\":{\"width\":0,\"speck\":1,\"tolerance\":1}} | wish",
                "/api/art/drawer | {\"id\":\"a\",\"name\":\"A\",\"parts\":[]} | art.parts",
                "/api/art/svg | {\"id\":\"A!\",\"name\":\"A\",\"parts\":[]} | art.id"
            })
    void badOnesAreRefusedByName(String path, String body, String field) {
        Http.Answer answer = http.post(path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).isEqualTo(field);
    }

    @Test
    void whatIsNoDrawingIsRefused() {
        Http.Answer answer = http.bytes("/api/art/drawing", "no drawing".getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("field").asString()).isEqualTo("drawing");
        assertThat(http.post(
                                "/api/art/traced",
                                "{\"picture\":99999,\"name\":\"x\",\"wish\":{\"width\":10,\"speck\":1,\"tolerance\":1}}")
                        .status())
                .isEqualTo(404);
    }
}
