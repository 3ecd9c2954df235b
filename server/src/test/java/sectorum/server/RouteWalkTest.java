package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every route of the API description walked as a stranger, in each role, from another workshop, and with links. A route that is
 * added is walked at once; what it lets through that others must not see turns up by a word that only one workshop holds.
 */
@ExtendWith(RunningApp.class)
class RouteWalkTest {
    /** Of the workshop that is looked into; it stands in every name of it. */
    private static final String SECRET = "Zephyrine";

    /** What anybody may ask; all else is shut to strangers. */
    private static final Set<String> ANYBODY = Set.of(
            "GET /api/here",
            "GET /api/welcome",
            "POST /api/enter",
            "POST /api/begin",
            "POST /api/sign-in",
            "POST /api/sign-out",
            "POST /api/invited",
            "POST /api/join",
            "POST /api/reset",
            "GET /api/shared");

    /** What would end the walk, or waits for news. */
    private static final Set<String> NOT_WALKED = Set.of(
            "POST /api/sign-out",
            "DELETE /api/account/devices",
            "DELETE /api/account/devices/{id}",
            "GET /api/plans/{id}/live",
            "PUT /api/account/password",
            "POST /api/enter",
            "POST /api/begin",
            "POST /api/sign-in",
            "POST /api/join",
            "POST /api/reset",
            "POST /api/invited");

    private Http running;
    private JsonMapper json;
    private Routes routes;
    private JdbcClient jdbc;
    /** Numbers of things in the workshop that is looked into, by what they are of. */
    private final Map<String, String> ids = new HashMap<>();

    @BeforeEach
    void at(Http http, JsonMapper mapper, JdbcClient client) {
        running = http;
        json = mapper;
        jdbc = client;
        jdbc.sql("delete from attempt").update();
        routes = Routes.of(http);
        assertThat(routes.all()).hasSizeGreaterThan(110);
    }

    private Http lookedInto() throws IOException {
        Furnished workshop = Furnished.of(running.base(), SECRET);
        ids.clear();
        ids.putAll(workshop.ids());
        return workshop.owner();
    }

    private Http.Answer walked(Http as, Routes.Route route) {
        String body = route.method().equals("GET") ? null : routes.body(route, ids);
        return as.send(route.method(), routes.address(route, ids), body);
    }

    @Test
    void aStrangerReachesWhatAnybodyMayAndNothingElse() throws IOException {
        lookedInto();
        Http stranger = Http.stranger(running.base());
        for (Routes.Route route : routes.all()) {
            // Signing in is walked by those who do.
            if (ANYBODY.contains(route.toString()) && NOT_WALKED.contains(route.toString())) {
                continue;
            }
            Http.Answer answer = walked(stranger, route);
            if (ANYBODY.contains(route.toString())) {
                assertThat(answer.text()).as("%s", route).doesNotContain(SECRET);
            } else {
                assertThat(answer.status()).as("%s %s", route, answer.text()).isEqualTo(401);
            }
        }
    }

    @Test
    void eachRoleReachesWhatIsItsOwn() throws IOException {
        Http owner = lookedInto();
        Map<String, Http> crew = new LinkedHashMap<>();
        for (String role : List.of("reader", "helper", "decorator")) {
            crew.put(role, Crew.joined(owner, role));
        }
        List<String> told = new ArrayList<>();
        for (Routes.Route route : routes.all()) {
            if (NOT_WALKED.contains(route.toString())) {
                continue;
            }
            List<String> shut = new ArrayList<>();
            crew.forEach((role, http) -> {
                if (walked(http, route).status() == 403) {
                    shut.add(role);
                }
            });
            // Shut to one is shut to all below.
            assertThat(shut)
                    .as("%s", route)
                    .isEqualTo(List.copyOf(crew.keySet()).subList(0, shut.size()));
            if (route.method().equals("GET") && shut.isEmpty()) {
                continue;
            }
            told.add(route + ": "
                    + (shut.size() == 3 ? "owner" : List.copyOf(crew.keySet()).get(shut.size())));
        }
        // What changes something for everybody is never a reader's.
        assertThat(told)
                .contains(
                        "POST /api/plans: decorator",
                        "PUT /api/workshop: owner",
                        "GET /api/people: owner",
                        "GET /api/audit: owner",
                        "GET /api/archive: owner",
                        "POST /api/plans/{id}/journal: helper",
                        "POST /api/plans/{id}/shares: decorator",
                        "PUT /api/cupboard: decorator",
                        "DELETE /api/notebook/records/{id}: decorator");
        assertThat(told.stream().filter(t -> t.startsWith("DELETE") && t.endsWith("reader")))
                .isEmpty();
        assertThat(told.stream().filter(t -> t.startsWith("PUT") && t.endsWith("reader")))
                .allMatch(t -> t.contains("/api/preferences") || t.contains("/api/account"));
    }

    @Test
    void anotherWorkshopReachesNothing() throws IOException {
        Http owner = lookedInto();
        String before = owner.get("/api/plans/" + ids.get("plan")).text()
                + owner.get("/api/cupboard").text()
                + owner.get("/api/notebook?words=&skipped=0").text()
                + owner.get("/api/people").text()
                + owner.get("/api/swatches").text();
        Http other = Crew.owner(running.base(), "Elsewhere");
        for (Routes.Route route : routes.all()) {
            if (!NOT_WALKED.contains(route.toString())) {
                Http.Answer answer = walked(other, route);
                assertThat(answer.text()).as("%s", route).doesNotContain(SECRET);
                assertThat(answer.status()).as("%s: %s", route, answer.text()).isLessThan(500);
            }
        }
        assertThat(other.get("/api/plans/" + ids.get("plan") + "/live").status())
                .isEqualTo(404);
        String after = owner.get("/api/plans/" + ids.get("plan")).text()
                + owner.get("/api/cupboard").text()
                + owner.get("/api/notebook?words=&skipped=0").text()
                + owner.get("/api/people").text()
                + owner.get("/api/swatches").text();
        assertThat(after).isEqualTo(before);
    }

    @Test
    void aLinkShowsItsSheetAndNothingElse() throws IOException {
        Http owner = lookedInto();
        String plan = ids.get("plan");
        for (String kind : List.of("client", "handover")) {
            Http guest = guest(owner, kind);
            assertThat(guest.get("/api/shared").text()).contains(SECRET + " gala");
            for (Routes.Route route : routes.all()) {
                if (!ANYBODY.contains(route.toString())) {
                    assertThat(walked(guest, route).status())
                            .as("%s %s", kind, route)
                            .isEqualTo(401);
                }
            }
        }
        Http helper = guest(owner, "turntable");
        Set<String> open = Set.of(
                "GET /api/plans/{id}",
                "PUT /api/plans/{id}",
                "GET /api/plans/{id}/opened",
                "GET /api/plans/{id}/journal",
                "POST /api/plans/{id}/journal",
                "POST /api/plans/{id}/presence",
                "GET /api/plans/{id}/pictures",
                "POST /api/plans/{id}/pictures",
                "POST /api/workup",
                "POST /api/next-tier",
                "POST /api/rescue",
                "POST /api/ways",
                "POST /api/tray",
                "POST /api/build",
                "POST /api/pieces",
                "POST /api/pieces/tray",
                "GET /api/preferences",
                "GET /api/bench",
                "GET /api/catalogue",
                "GET /api/length",
                "GET /api/names");
        for (Routes.Route route : routes.all()) {
            if (ANYBODY.contains(route.toString()) || NOT_WALKED.contains(route.toString())) {
                continue;
            }
            int status = walked(helper, route).status();
            boolean may = open.contains(route.toString()) || route.path().startsWith("/api/turntable/");
            assertThat(status == 403).as("%s %s", route, status).isEqualTo(!may);
        }
        String other = owner.post("/api/plans/fresh", "{\"name\":\"Another\"}")
                .json()
                .get("id")
                .asString();
        assertThat(helper.get("/api/plans/" + other).status()).isEqualTo(403);
        assertThat(helper.get("/api/plans/" + plan).status()).isEqualTo(200);
    }

    private Http guest(Http owner, String kind) {
        String path = owner.post(
                        "/api/plans/" + ids.get("plan") + "/shares",
                        Crew.body("kind", kind, "name", "", "priced", false, "days", 3))
                .json()
                .get("path")
                .asString();
        Http guest = Http.stranger(owner.base());
        assertThat(guest.get(path).status()).isEqualTo(302);
        return guest;
    }
}
