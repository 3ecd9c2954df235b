package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.json.JsonMapper;

/** Workshops of a test's own, and the people in them, each with a browser of their own. */
final class Crew {
    static final String PASSWORD = "teapot lantern gravel sonnet";
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final JsonMapper JSON = JsonMapper.shared();

    private Crew() {}

    static String body(Object... namesAndValues) {
        Map<String, Object> fields = new java.util.LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            fields.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return JSON.writeValueAsString(fields);
    }

    static String signInName() {
        return "person-" + Long.toString(System.nanoTime(), 36) + "-" + NEXT.incrementAndGet();
    }

    /** The owner of a new workshop of this name. */
    static Http owner(URI base, String workshop) {
        return owner(base, workshop, signInName());
    }

    static Http owner(URI base, String workshop, String signIn) {
        Http http = Http.stranger(base);
        Http.Answer begun = http.post(
                "/api/begin", body("workshop", workshop, "name", "Owner", "signIn", signIn, "password", PASSWORD));
        assertThat(begun.status()).as(begun.text()).isEqualTo(204);
        return http;
    }

    /** Somebody who came in by an invitation. */
    static Http joined(Http owner, String role) {
        return joined(owner, role, signInName());
    }

    static Http joined(Http owner, String role, String signIn) {
        Http.Answer invited = owner.post("/api/people/invitations", body("name", "The " + role, "role", role));
        assertThat(invited.status()).as(invited.text()).isEqualTo(201);
        Http http = Http.stranger(owner.base());
        Http.Answer joined = http.post(
                "/api/join",
                body(
                        "code",
                        invited.json().get("code").asString(),
                        "name",
                        "The " + role,
                        "signIn",
                        signIn,
                        "password",
                        PASSWORD));
        assertThat(joined.status()).as(joined.text()).isEqualTo(204);
        return http;
    }
}
