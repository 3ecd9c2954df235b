package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What docs/security.md says of the whole service and no other test shows. */
@ExtendWith(RunningApp.class)
class SecurityApiTest {
    @ParameterizedTest(name = "{0}: {1} says {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "/ | X-Content-Type-Options | nosniff",
                "/ | Referrer-Policy | no-referrer",
                "/ | Cross-Origin-Opener-Policy | same-origin",
                "/ | Cross-Origin-Resource-Policy | same-origin",
                "/ | Permissions-Policy | camera=(), microphone=(), geolocation=()",
                "/ | Strict-Transport-Security | ''",
                "/ | Server | ''",
                "/ | X-Powered-By | ''",
                "/api/plans | X-Content-Type-Options | nosniff",
                "/api/plans | Cache-Control | no-store",
                "/api/plans | Access-Control-Allow-Origin | ''",
                "/api/nothing | X-Content-Type-Options | nosniff"
            })
    void everyAnswerSays(String path, String header, String value, Http http) {
        assertThat(http.get(path).header(header)).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/api/plans", "/api/nothing", "/sign-in"})
    void thePolicyTakesNoScriptFromElsewhereNorFromTheLine(String path, Http http) {
        String policy = http.get(path).header("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'none'", "script-src 'self' 'wasm-unsafe-eval';", "base-uri 'none'")
                .contains("form-action 'none'", "frame-ancestors 'none'", "connect-src 'self'")
                .doesNotContain("unsafe-inline", "unsafe-eval' ", "http:", "https:", "*");
    }

    /** How the service is, its numbers, its inside: none of it at the port that people use. */
    @ParameterizedTest
    @ValueSource(
            strings = {"/health", "/health/readiness", "/metrics", "/env", "/actuator", "/actuator/health", "/heapdump"
            })
    void nothingOfTheInsideIsToldWherePeopleCome(String path, Http http) {
        assertThat(http.get(path).status()).isEqualTo(404);
        assertThat(Http.stranger(http.base()).get(path).status()).isEqualTo(404);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "/health, 200",
        "/health/liveness, 200",
        "/health/readiness, 200",
        "/metrics, 200",
        "/metrics/jvm.memory.used, 200",
        "/env, 404",
        "/beans, 404",
        "/heapdump, 404",
        "/loggers, 404",
        "/shutdown, 404"
    })
    void atItsOwnPortHealthAndNumbersAreToldAndNothingElse(
            String path, int status, Http http, Environment environment) {
        Http.Answer answer = Http.stranger(own(environment)).get(path);
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.text()).doesNotContain("jdbc:", "for-tests-only");
    }

    private static URI own(Environment environment) {
        return URI.create("http://127.0.0.1:" + environment.getProperty("local.management.port"));
    }

    @Test
    void thatPortIsReachedFromThisMachineAlone(Environment environment) throws Exception {
        int port = own(environment).getPort();
        for (var face : java.util.Collections.list(java.net.NetworkInterface.getNetworkInterfaces())) {
            for (var address : java.util.Collections.list(face.getInetAddresses())) {
                if (!address.isLoopbackAddress()) {
                    try (Socket socket = new Socket()) {
                        assertThatThrownBy(() -> socket.connect(new InetSocketAddress(address, port), 500))
                                .isInstanceOf(java.io.IOException.class);
                    }
                }
            }
        }
    }

    /** Who answers people reads and writes rows; tables are the owner's, who comes at the start alone. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "create table more (id int)",
                "drop table plan",
                "alter table plan add column more int",
                "create user nobody",
                "grant select on plan to nobody",
                "select * from mysql.global_priv"
            })
    void theDatabaseUserHasTheLeastRights(String sql, JdbcClient database) {
        assertThatThrownBy(() -> database.sql(sql).query().listOfRows())
                .rootCause()
                .hasMessageContaining("denied");
    }

    @Test
    void noSecretEverStandsInALog(Http http) {
        Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        Level before = root.getLevel();
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        root.addAppender(log);
        // Even where somebody turned every log of ours on to look for a fault.
        Logger ours = (Logger) LoggerFactory.getLogger("sectorum");
        ours.setLevel(Level.TRACE);
        try {
            String name = Crew.signInName();
            Http owner = Crew.owner(http.base(), "Quiet", name);
            Http helper = Crew.joined(owner, "helper");
            String code = owner.post("/api/people/invitations", Crew.body("name", "Late", "role", "reader"))
                    .json()
                    .get("code")
                    .asString();
            Http.stranger(http.base())
                    .post("/api/sign-in", Crew.body("signIn", name, "password", "wrong but a secret"));
            String plan = owner.post("/api/plans/fresh", "{\"name\":\"Quiet\"}")
                    .json()
                    .get("id")
                    .asString();
            String link = owner.post(
                            "/api/plans/" + plan + "/shares",
                            Crew.body("kind", "client", "name", "", "priced", false, "days", 3))
                    .json()
                    .get("path")
                    .asString();
            Http.stranger(http.base()).get(link);
            owner.send("PUT", "/api/plans/" + plan, "{\"password\":\"typed in the wrong place\"");
            String said = log.list.stream()
                    .map(e -> e.getFormattedMessage() + e.getThrowableProxy())
                    .collect(Collectors.joining("\n"));
            for (String secret : List.of(
                    Crew.PASSWORD,
                    "wrong but a secret",
                    "typed in the wrong place",
                    code,
                    link.substring(link.lastIndexOf('/') + 1),
                    owner.cookies(),
                    helper.cookies())) {
                assertThat(said).doesNotContain(secret);
            }
        } finally {
            ours.setLevel(Level.INFO);
            root.detachAppender(log);
            root.setLevel(before);
        }
    }
}
