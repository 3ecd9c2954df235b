package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The cupboard, reference pictures, ways to mark and rescue, archive and progress, over real HTTP. */
class WorkshopApiTest extends OverHttp {
    /** One lossless WebP pixel. */
    private static final byte[] WEBP = Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");

    private Http.Answer picture(JsonNode plan, byte[] bytes) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(
                        http.base().resolve("/api/plans/" + plan.get("id") + "/pictures?caption=Sketch"))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
                .build();
        return new Http.Answer(http.client().send(request, HttpResponse.BodyHandlers.ofByteArray()));
    }

    private static byte[] drawn(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.RED);
        to.fillRect(0, 0, width / 2, height);
        to.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** A JPEG that says the camera was held turned by a quarter, and where it was. */
    private static byte[] turnedJpeg() throws IOException {
        byte[] plain = drawn("jpeg", 400, 200);
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] joined = new byte[plain.length + exif.length];
        System.arraycopy(plain, 0, joined, 0, 2);
        System.arraycopy(exif, 0, joined, 2, exif.length);
        System.arraycopy(plain, 2, joined, 2 + exif.length, plain.length - 2);
        return joined;
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png"})
    void picturesAreScaledAndKept(String format) throws Exception {
        JsonNode plan = savedPlan("Pictured " + format);
        JsonNode added = picture(plan, drawn(format, 3200, 1600)).json();
        assertThat(added.get("width").asInt()).isEqualTo(1600);
        assertThat(added.get("height").asInt()).isEqualTo(800);
        assertThat(http.get("/api/plans/" + plan.get("id") + "/pictures").json().get(0))
                .isEqualTo(added);
        Http.Answer jpeg = http.get("/api/pictures/" + added.get("id"));
        assertThat(jpeg.header("content-type")).isEqualTo("image/jpeg");
        assertThat(ImageIO.read(new ByteArrayInputStream(jpeg.raw().body())).getWidth())
                .isEqualTo(1600);
        http.send("DELETE", "/api/pictures/" + added.get("id"), null);
        assertThat(http.get("/api/pictures/" + added.get("id")).status()).isEqualTo(404);
    }

    @Test
    void picturesAreTurnedUprightAndStripped() throws Exception {
        JsonNode added = picture(savedPlan("Turned"), turnedJpeg()).json();
        assertThat(added.get("width").asInt()).isEqualTo(200);
        assertThat(added.get("height").asInt()).isEqualTo(400);
        byte[] jpeg = http.get("/api/pictures/" + added.get("id")).raw().body();
        assertThat(new String(jpeg, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif");
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(jpeg));
        assertThat(new Color(upright.getRGB(100, 60)).getRed())
                .as("what was left is on top")
                .isGreaterThan(200);
        assertThat(new Color(upright.getRGB(100, 340)).getRed()).isLessThan(60);
    }

    @Test
    void webpIsKnownByItsContent() throws Exception {
        assertThat(picture(savedPlan("Webbed"), WEBP).status()).isEqualTo(201);
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        JsonNode plan = savedPlan("Not pictured");
        byte[] png = drawn("png", 300, 300);
        for (byte[] bad : new byte[][] {
            "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(java.nio.charset.StandardCharsets.UTF_8),
            new byte[] {1},
            drawn("gif", 10, 10),
            Arrays.copyOf(png, png.length / 3),
        }) {
            Http.Answer answer = picture(plan, bad);
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.json().get("detail").asString()).contains("JPEG, PNG or WebP");
        }
        assertThat(http.get("/api/plans/" + plan.get("id") + "/pictures").text())
                .isEqualTo("[]");
    }

    @Test
    void cupboardKeepsChangesAndGivesBack() {
        JsonNode ring = http.send("PUT", "/api/cupboard", Plans.thing("cutter", "Ring 70", "\"across\":70"))
                .json();
        http.send(
                "PUT",
                "/api/cupboard",
                Plans.thing("cutter", "Ring 72", "\"across\":72")
                        .replace("{\"kind", "{\"id\":" + ring.get("id") + ",\"kind"));
        assertThat(http.get("/api/cupboard").text()).contains("Ring 72").doesNotContain("Ring 70");
        JsonNode ways = ways("{\"cutter\":60,\"depth\":20,\"space\":0}");
        assertThat(ways.at("/press/others/0/cutter/name").asString()).isEqualTo("Ring 72");
        http.send("DELETE", "/api/cupboard/" + ring.get("id"), null);
        assertThat(http.get("/api/cupboard").text()).doesNotContain("Ring 72");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "cutter |   | 'across':70 | 1 to 80",
                "cutter | x | 'across':-1 | -1 mm",
                "spoon  | x | 'across':70 | board, tin, cutter",
                "cutter | x | 'depth':70  | depth",
                "tin    | x | 'across':70,'id':9 | id",
            })
    void wrongThingsAreRefused(String kind, String name, String sizes, String said) {
        String thing = Plans.thing(kind, name == null ? "" : name, sizes.replace('\'', '"'));
        Http.Answer answer = http.send("PUT", "/api/cupboard", thing);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }

    private JsonNode ways(String press) {
        return http.post(
                        "/api/ways",
                        "{\"bench\":" + http.get("/api/bench").text() + ",\"plan\":"
                                + json.writeValueAsString(Plans.swags("Ways"))
                                + ",\"tier\":\"top\",\"division\":\"marks\",\"press\":" + press + "}")
                .json();
    }

    @Test
    void waysComeWithTheirRehearsalAndAreTheSameEachTime() {
        JsonNode ways = ways("null");
        assertThat(ways.at("/rehearsal/ways").size()).isEqualTo(4);
        assertThat(ways.at("/advice/template").asString()).contains("of 100 tries");
        assertThat(ways).isEqualTo(ways("null"));
        assertThat(ways("{\"cutter\":60,\"depth\":50,\"space\":0}")
                        .get("detail")
                        .asString())
                .contains("half its width");
    }

    @Test
    void rescueOverHttp() {
        String plan = json.writeValueAsString(Plans.swags("Inserted")).replace("\"count\":5", "\"count\":11");
        JsonNode rescue = http.post(
                        "/api/rescue",
                        "{\"plan\":" + plan + ",\"tier\":\"top\",\"division\":\"marks\",\"placed\":6,\"reads\":402}")
                .json();
        assertThat(rescue.at("/offers/0/size").asDouble()).isCloseTo(65.8, within(1e-9));
        assertThat(rescue.at("/offers/0/locks/6").asDouble()).isCloseTo(402, within(1e-9));
    }

    @Test
    void archivedPlansSayHowFarTheyGot() {
        JsonNode plan = savedPlan("Put away");
        http.send("PUT", "/api/plans/" + plan.get("id") + "/archive", "{\"away\":true}");
        JsonNode line = http.get("/api/plans")
                .json()
                .valueStream()
                .filter(p -> p.get("id").equals(plan.get("id")))
                .findFirst()
                .orElseThrow();
        assertThat(line.get("archived").asBoolean()).isTrue();
        assertThat(line.get("stage").asString()).isEqualTo("print");
        assertThat(line.at("/stack/0/width").asDouble()).isCloseTo(232.685, within(0.1));
        JsonNode fresh = http.post("/api/plans/fresh", json.writeValueAsString(Map.of("name", "Just begun")))
                .json();
        assertThat(http.get("/api/plans")
                        .json()
                        .valueStream()
                        .filter(p -> p.get("id").equals(fresh.get("id")))
                        .map(p -> p.get("stage").asString()))
                .containsExactly("measure");
    }

    @Test
    void twoHundredPlansAreListedWithoutTheirDocuments() {
        for (int i = 0; i < 200; i++) {
            savedPlan("Crowded " + i);
        }
        Http.Answer list = http.get("/api/plans");
        assertThat(list.json().size()).isGreaterThanOrEqualTo(200);
        assertThat(list.text().length() / list.json().size()).as("bytes a plan").isLessThan(400);
    }
}
