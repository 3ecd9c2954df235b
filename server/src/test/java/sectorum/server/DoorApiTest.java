package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The door for devices in the same network, its certificate made as {@code ./start --lan} makes it. */
@ExtendWith(RunningApp.class)
class DoorApiTest {
    private static final Path DATA = Path.of("target", "door").toAbsolutePath();
    private static ConfigurableApplicationContext app;
    private static HttpClient trusting;
    private static URI door;
    private static Http inside;

    @BeforeAll
    static void open() throws Exception {
        Files.createDirectories(DATA.resolve("data"));
        Files.createDirectories(DATA.resolve("run"));
        Process made = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". ../scripts/lib.sh; DATA=\"$0/data\" RUN=\"$0/run\"; door_keys 127.0.0.1;"
                                + " echo \"$SECTORUM_DOOR_PASSWORD\" >\"$0/word\"",
                        DATA.toString())
                .redirectErrorStream(true)
                .redirectOutput(DATA.resolve("made.log").toFile())
                .start();
        assertThat(made.waitFor(90, TimeUnit.SECONDS)).isTrue();
        assertThat(made.exitValue())
                .as(Files.readString(DATA.resolve("made.log")))
                .isZero();
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path keys = DATA.resolve("data").resolve("door");
        app = new SpringApplication(SectorumApplication.class)
                .run(
                        "--server.port=0",
                        "--server.tomcat.basedir="
                                + Path.of("target", "tomcat-door").toAbsolutePath(),
                        "--spring.datasource.url=" + System.getenv("SECTORUM_TEST_DB") + "/sectorum_test",
                        "--sectorum.demo=false",
                        "--sectorum.door.port=" + port,
                        "--sectorum.door.address=127.0.0.1",
                        "--sectorum.door.keys=" + keys,
                        "--sectorum.door.password="
                                + Files.readString(DATA.resolve("word")).strip());
        inside = Http.entered(URI.create("http://127.0.0.1:"
                + ((WebServerApplicationContext) app).getWebServer().getPort()));
        door = URI.create("https://127.0.0.1:" + port);
        KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null);
        try (InputStream in = Files.newInputStream(keys.resolve("authority.crt"))) {
            trusted.setCertificateEntry(
                    "authority", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, managers.getTrustManagers(), null);
        trusting = HttpClient.newBuilder().sslContext(tls).build();
    }

    @AfterAll
    static void shut() {
        app.close();
    }

    private static HttpResponse<String> ask(String path, String cookie) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(door.resolve(path));
        if (cookie != null) {
            request.header("Cookie", cookie);
        }
        return trusting.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void aLinkOpensOneTurntableOnceAndNothingElse() throws Exception {
        long plan = JsonMapper.shared()
                .readTree(inside.post("/api/plans/fresh", "{\"name\":\"At the door\"}")
                        .text())
                .get("id")
                .asLong();
        assertThat(ask("/api/plans/" + plan + "/journal", null).statusCode()).isEqualTo(401);
        assertThat(ask("/api/welcome", null).body())
                .as("nobody enters by the door")
                .contains("\"enter\":false");
        JsonNode link = inside.post("/api/plans/" + plan + "/door", "").json();
        assertThat(link.get("open").asBoolean()).isTrue();
        String path = URI.create(link.get("url").asString()).getPath();
        HttpResponse<String> entered = ask(path, null);
        assertThat(entered.statusCode()).isEqualTo(302);
        assertThat(entered.headers().firstValue("location").orElse("")).endsWith("/plan/" + plan + "/turntable");
        String cookie = entered.headers().firstValue("set-cookie").orElse("");
        assertThat(cookie).contains("Secure", "HttpOnly", "SameSite=Lax");
        assertThat(ask(path, null).headers().firstValue("location").orElse(""))
                .as("used up")
                .endsWith("/shared");
        String shown = cookie.substring(0, cookie.indexOf(';'));
        assertThat(ask("/plan/" + plan + "/turntable", shown).statusCode()).isEqualTo(200);
        HttpResponse<String> journal = ask("/api/plans/" + plan + "/journal", shown);
        assertThat(journal.statusCode()).isEqualTo(200);
        assertThat(journal.version()).isEqualTo(HttpClient.Version.HTTP_2);
        assertThat(journal.headers().firstValue("strict-transport-security").orElse(""))
                .startsWith("max-age=31536000");
        assertThat(ask("/api/plans", shown).statusCode()).isEqualTo(403);
        assertThat(ask("/api/plans/" + (plan + 1) + "/journal", shown).statusCode())
                .isEqualTo(403);
        assertThat(ask("/door-authority.crt", null).body()).isNotEmpty();
        assertThat(ask("/api/plans/" + plan + "/journal", "sectorum-link=" + "x".repeat(32))
                        .statusCode())
                .isEqualTo(401);
    }

    /** Two copies of the server on one database: who signed in at one is known at the other, and is seen there. */
    @Test
    void anotherCopyKnowsTheSessionAndWhoIsThere(Http running) throws Exception {
        Http there = new Http(inside.base(), running.client());
        long plan = there.post("/api/plans/fresh", "{\"name\":\"Two copies\"}")
                .json()
                .get("id")
                .asLong();
        HttpResponse<InputStream> stream = running.client()
                .send(
                        HttpRequest.newBuilder(running.base().resolve("/api/plans/" + plan + "/live"))
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        try (BufferedReader in = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
            assertThat(JournalApiTest.next(in)).contains("\"people\":[]");
            there.post("/api/plans/" + plan + "/presence", "{\"device\":\"w1\",\"place\":\"days\"}");
            assertThat(JournalApiTest.next(in)).contains("\"place\":\"days\"");
            JsonNode saved = there.get("/api/plans/" + plan).json();
            String renamed = saved.get("document").toString().replace("Two copies", "Renamed");
            there.send(
                    "PUT",
                    "/api/plans/" + plan,
                    "{\"base\":" + saved.get("revision") + ",\"document\":" + renamed + "}");
            assertThat(JournalApiTest.next(in))
                    .contains("\"revision\":" + (saved.get("revision").asInt() + 1));
        }
        assertThat(running.post("/api/sign-out", "").status()).isEqualTo(204);
        assertThat(there.get("/api/plans").status()).isEqualTo(401);
    }

    @Test
    void aPlanThatIsNotThereHasNoLink() {
        assertThat(inside.post("/api/plans/99999999/door", "").status()).isEqualTo(404);
    }
}
