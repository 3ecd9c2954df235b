package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import sectorum.measure.Refused;
import sectorum.server.archive.MachineBackup;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Archives out and in, and what is wrong with one, over real HTTP; the machine's backup and its restoring. */
@ExtendWith(RunningApp.class)
class ArchiveApiTest {
    private Http running;
    private JsonMapper json;

    @BeforeEach
    void at(Http http, JsonMapper mapper, JdbcClient jdbc) {
        running = http;
        json = mapper;
        jdbc.sql("delete from attempt").update();
    }

    private Http workshop(String name) {
        return Crew.owner(running.base(), name);
    }

    /** With something of everything. */
    private Http filled(String name) throws IOException {
        Http http = workshop(name);
        http.post("/api/plans/demo", "");
        long plan = http.get("/api/plans").json().at("/0/id").asLong();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        long picture = http.bytes("/api/plans/" + plan + "/pictures?caption=Sketch", jpeg.toByteArray())
                .json()
                .get("id")
                .asLong();
        http.post(
                "/api/notebook/records",
                "[{\"job\":\"Before\",\"at\":\"2026-05-01T09:00\",\"subject\":\"dressing/swag\",\"name\":\"Swags\",\"task\":\"\",\"who\":\"\",\"note\":\"\",\"pictures\":["
                        + picture + "],\"aside\":[],\"waiting\":[],\"time\":{\"plain\":20,\"minutes\":30}}]");
        http.send("PUT", "/api/plans/" + plan + "/versions/" + revision(http, plan) + "/name", "{\"name\":\"First\"}");
        http.send(
                "PUT",
                "/api/workshop",
                ((ObjectNode) http.get("/api/workshop").json())
                        .put("hands", 3)
                        .put("coin", "€")
                        .toString());
        http.get("/api/notebook?words=&skipped=0");
        return http;
    }

    private static int revision(Http http, long plan) {
        return http.get("/api/plans/" + plan).json().get("revision").asInt();
    }

    private static byte[] archive(Http http) {
        Http.Answer answer = http.get("/api/archive");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("content-type")).isEqualTo("application/zip");
        return answer.raw().body();
    }

    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                all.put(entry.getName(), in.readAllBytes());
            }
        }
        return all;
    }

    private static byte[] zipped(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @Test
    void aWorkshopOutAndInAndOutIsTheSameToTheByte() throws IOException {
        byte[] out = archive(filled("Carried"));
        Http fresh = workshop("Carried");
        Http.Answer in = fresh.bytes("/api/archive", out);
        assertThat(in.status()).as(in.text()).isEqualTo(200);
        assertThat(in.json().at("/taken/plans").asInt()).isEqualTo(6);
        assertThat(in.json().get("left")).isEmpty();
        Map<String, byte[]> before = entries(out);
        Map<String, byte[]> after = entries(archive(fresh));
        assertThat(after.keySet()).containsExactlyElementsOf(before.keySet());
        before.forEach((name, bytes) -> assertThat(new String(after.get(name), StandardCharsets.UTF_8))
                .as(name)
                .isEqualTo(new String(bytes, StandardCharsets.UTF_8)));
        assertThat(archive(fresh)).isEqualTo(out);
        // A second time nothing that is there already comes twice, but plans, which may have gone on.
        JsonNode again = fresh.bytes("/api/archive", out).json();
        assertThat(again.at("/taken/things").isMissingNode()).isTrue();
        assertThat(again.at("/taken/plans").asInt()).isEqualTo(6);
        assertThat(again.get("left").toString()).contains("are here already");
    }

    @Test
    void theManifestComesFirstAndTellsOfEveryFile() throws Exception {
        Map<String, byte[]> entries = entries(archive(filled("Manifest")));
        assertThat(entries.keySet().iterator().next()).isEqualTo("manifest.json");
        JsonNode manifest = json.readTree(entries.get("manifest.json"));
        assertThat(manifest.get("format").asString()).isEqualTo("sectorum-archive");
        assertThat(manifest.get("files")).hasSize(entries.size() - 1);
        for (JsonNode file : manifest.get("files")) {
            byte[] bytes = entries.get(file.get("path").asString());
            assertThat(file.get("bytes").asLong()).isEqualTo(bytes.length);
            assertThat(file.get("sha256").asString())
                    .isEqualTo(HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        }
        assertThat(new String(entries.get("people.json"), StandardCharsets.UTF_8))
                .doesNotContain("bcrypt", "signIn");
    }

    @Test
    void onePlanAndTheDrawerGoAloneAndADecoratorTakesThemIn() throws IOException {
        Http http = filled("Parts");
        long plan = http.get("/api/plans").json().at("/0/id").asLong();
        byte[] one = http.get("/api/plans/" + plan + "/archive").raw().body();
        assertThat(entries(one).keySet())
                .contains("plans/0001/plan.json", "plans/0001/pictures/0001.jpg")
                .doesNotContain("workshop.json", "cupboard.json", "notebook.json");
        Http owner = workshop("Receives");
        Http decorator = Crew.joined(owner, "decorator");
        assertThat(decorator
                        .bytes("/api/archive", one)
                        .json()
                        .at("/taken/pictures")
                        .asInt())
                .isEqualTo(1);
        assertThat(decorator
                        .bytes(
                                "/api/archive",
                                http.get("/api/art/drawer/archive").raw().body())
                        .status())
                .isEqualTo(200);
        assertThat(decorator.bytes("/api/archive", archive(http)).status()).isEqualTo(403);
        assertThat(owner.get("/api/plans").json()).hasSize(1);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "no zip at all, cut off",
        "cut in the middle, cut off",
        "a turned bit, not as it was written",
        "a missing file, is missing in it",
        "more than it tells, more in it than",
        "a path that climbs, no archive has",
        "no manifest, no manifest",
        "another format, no Sectorum archive",
        "a newer version, reads versions 1 to 1",
        "a word for a list, at files: The value is missing or of another kind than expected. Give a list",
        "a plan that cannot be, height",
        "no picture, no JPEG",
        "fewer plans than it tells, another number",
    })
    void whatIsWrongIsToldAndNothingIsTakenIn(String what, String why) throws Exception {
        Http from = workshop("From");
        long plan = from.post("/api/plans/fresh", "{\"name\":\"Whole\"}")
                .json()
                .get("id")
                .asLong();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        from.bytes("/api/plans/" + plan + "/pictures?caption=x", jpeg.toByteArray());
        byte[] out = archive(from);
        Map<String, byte[]> entries = entries(out);
        byte[] broken = switch (what) {
            case "no zip at all" -> "hello".getBytes(StandardCharsets.UTF_8);
            case "cut in the middle" -> Arrays.copyOf(out, out.length / 2);
            case "a turned bit" -> {
                entries.get("workshop.json")[20] ^= 1;
                yield zipped(entries);
            }
            case "a missing file" -> {
                entries.remove("workshop.json");
                yield zipped(entries);
            }
            case "more than it tells" -> {
                entries.put("more.json", new byte[] {'1'});
                yield zipped(entries);
            }
            case "a path that climbs" -> told(entries, "../../etc/passwd", "x");
            case "no manifest" -> {
                entries.remove("manifest.json");
                yield zipped(entries);
            }
            case "another format" -> manifest(entries, "\"sectorum-archive\"", "\"other\"");
            case "a newer version" -> manifest(entries, "\"version\" : 1", "\"version\" : 9");
            case "a word for a list" -> {
                entries.put(
                        "manifest.json",
                        "{\"format\":\"sectorum-archive\",\"files\":\"many\"}".getBytes(StandardCharsets.UTF_8));
                yield zipped(entries);
            }
            case "a plan that cannot be" ->
                told(
                        entries,
                        "plans/0001/plan.json",
                        new String(entries.get("plans/0001/plan.json"), StandardCharsets.UTF_8)
                                .replaceFirst("\"height\" : [0-9.]+", "\"height\" : -5"));
            case "no picture" -> told(entries, "plans/0001/pictures/0001.jpg", "<svg/>");
            default -> manifest(entries, "\"plans\" : 1", "\"plans\" : 2");
        };
        Http to = workshop("To");
        Http.Answer refused = to.bytes("/api/archive", broken);
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(why);
        assertThat(to.get("/api/plans").json()).isEmpty();
    }

    private static byte[] manifest(Map<String, byte[]> entries, String from, String to) throws IOException {
        String manifest = new String(entries.get("manifest.json"), StandardCharsets.UTF_8);
        assertThat(manifest).contains(from);
        entries.put("manifest.json", manifest.replace(from, to).getBytes(StandardCharsets.UTF_8));
        return zipped(entries);
    }

    /** With a file written anew, and the manifest telling of it as it is. */
    private byte[] told(Map<String, byte[]> entries, String path, String text) throws Exception {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        ObjectNode manifest = (ObjectNode) json.readTree(entries.get("manifest.json"));
        ObjectNode listed = (ObjectNode) manifest.get("files")
                .valueStream()
                .filter(f -> f.get("path").asString().equals(path))
                .findFirst()
                .orElseGet(() -> ((tools.jackson.databind.node.ArrayNode) manifest.get("files")).addObject());
        listed.put("path", path).put("bytes", bytes.length);
        listed.put(
                "sha256",
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        entries.put(path, bytes);
        entries.put("manifest.json", json.writeValueAsBytes(manifest));
        return zipped(entries);
    }

    @Test
    void whatUnpacksToMoreThanAnyFileHasIsRefusedBeforeItFillsTheMemory() throws IOException {
        Map<String, byte[]> entries = entries(archive(workshop("Bomb")));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                if (entry.getKey().equals("workshop.json")) {
                    byte[] zeros = new byte[1 << 20];
                    for (int i = 0; i < 80; i++) {
                        zip.write(zeros);
                    }
                } else {
                    zip.write(entry.getValue());
                }
                zip.closeEntry();
            }
        }
        assertThat(out.size()).isLessThan(200_000);
        assertThat(workshop("Bombed").bytes("/api/archive", out.toByteArray()).text())
                .contains("more than 64 MB");
    }

    @Test
    void aBackupThatIsRestoredIsTheSameAndAFaultInTheMiddleLeavesAllAsItWas(
            MachineBackup backup, JdbcClient jdbc, @TempDir Path folder) throws Exception {
        String signIn = Crew.signInName();
        Http owner = Crew.owner(running.base(), "Backed up", signIn);
        owner.post("/api/plans/fresh", "{\"name\":\"Kept\"}");
        Path file = folder.resolve("all.zip");
        backup.write(file);
        String before = counts(jdbc);
        // The last of its archives tells of a plan that cannot be: everything before it was written when that is met.
        Map<String, byte[]> entries = entries(Files.readAllBytes(file));
        String last = entries.keySet().stream().reduce((a, b) -> b).orElseThrow();
        Map<String, byte[]> inner = entries(entries.get(last));
        entries.put(
                last,
                told(
                        inner,
                        "plans/0001/plan.json",
                        new String(inner.get("plans/0001/plan.json"), StandardCharsets.UTF_8)
                                .replaceFirst("\"height\" : [0-9.]+", "\"height\" : -5")));
        Path broken = folder.resolve("broken.zip");
        Files.write(broken, zipped(entries));
        assertThatThrownBy(() -> backup.restore(broken)).isInstanceOf(Refused.class);
        assertThat(counts(jdbc)).isEqualTo(before);
        assertThat(owner.get("/api/plans").text()).contains("Kept");

        long plan = owner.get("/api/plans").json().at("/0/id").asLong();
        owner.send("DELETE", "/api/plans/" + plan, null);
        assertThat(backup.restore(file)).isNotEmpty();
        assertThat(owner.get("/api/plans").status())
                .as("sessions are not in it")
                .isEqualTo(401);
        Http again = Http.stranger(running.base());
        assertThat(again.post("/api/sign-in", Crew.body("signIn", signIn, "password", Crew.PASSWORD, "stay", false))
                        .status())
                .isEqualTo(204);
        assertThat(again.get("/api/plans").text()).contains("Kept");
    }

    private static String counts(JdbcClient jdbc) {
        StringBuilder counts = new StringBuilder();
        for (String table :
                new String[] {"workshop", "person", "plan", "plan_revision", "journal_line", "cupboard_item"}) {
            counts.append(jdbc.sql("select count(*) from " + table)
                            .query(Long.class)
                            .single())
                    .append(' ');
        }
        return counts.toString();
    }
}
