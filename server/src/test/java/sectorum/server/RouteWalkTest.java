package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
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
    private JsonNode api;
    private JdbcClient jdbc;
    /** Numbers of things in the workshop that is looked into, by what they are of. */
    private final Map<String, String> ids = new HashMap<>();

    private record Route(String method, String path, JsonNode described) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    @BeforeEach
    void at(Http http, JsonMapper mapper, JdbcClient client) {
        running = http;
        json = mapper;
        jdbc = client;
        jdbc.sql("delete from attempt").update();
        api = http.get("/v3/api-docs").json();
    }

    private List<Route> routes() {
        List<Route> all = new ArrayList<>();
        api.get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(op -> all.add(new Route(
                                op.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey(), op.getValue()))));
        assertThat(all).hasSizeGreaterThan(110);
        return all;
    }

    /** A workshop with something of everything in it, each called by the word. */
    private Http lookedInto() throws IOException {
        Http owner = Crew.owner(running.base(), SECRET + " works");
        String plan = json.writeValueAsString(Plans.swags(SECRET + " gala"));
        long id = owner.post("/api/plans", plan).json().get("id").asLong();
        ids.put("plan", "" + id);
        ids.put(
                "revision",
                "" + owner.get("/api/plans/" + id).json().get("revision").asInt());
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        ids.put(
                "picture",
                owner.bytes("/api/plans/" + id + "/pictures?caption=" + SECRET, jpeg.toByteArray())
                        .json()
                        .get("id")
                        .asString());
        JsonNode thing = owner.send(
                        "PUT",
                        "/api/cupboard",
                        "{\"kind\":\"paste\",\"name\":\"" + SECRET
                                + " paste\",\"colour\":\"\",\"sizes\":{},\"dial\":\"\",\"stock\":500,\"pack\":0,\"notes\":\"\"}")
                .json();
        ids.put("thing", thing.path("id").asString("1"));
        JsonNode record = owner.post(
                        "/api/notebook/records",
                        "[{\"job\":\"" + SECRET
                                + " job\",\"at\":\"2026-05-01T09:00\",\"subject\":\"dressing/swag\",\"name\":\"Swags\",\"task\":\"\",\"who\":\""
                                + SECRET
                                + "\",\"note\":\"\",\"pictures\":[],\"aside\":[],\"waiting\":[],\"time\":{\"plain\":20,\"minutes\":30}}]")
                .json();
        ids.put("record", record.path(0).path("id").asString("1"));
        JsonNode swatch = owner.post(
                        "/api/swatches",
                        "{\"colour\":\"" + SECRET
                                + "\",\"material\":\"fondant\",\"dose\":0.5,\"plain\":\"#ffffff\",\"now\":\"#ffeeee\",\"hours\":24,\"later\":\"#ffdddd\"}")
                .json();
        ids.put("swatch", swatch.path("id").asString("1"));
        owner.post("/api/people/invitations", Crew.body("name", SECRET, "role", "helper"));
        JsonNode crew = owner.get("/api/people").json();
        ids.put("person", crew.at("/people/0/id").asString());
        ids.put("invitation", crew.at("/invitations/0/id").asString());
        owner.post(
                "/api/plans/" + id + "/shares",
                Crew.body("kind", "client", "name", SECRET, "priced", false, "days", 3));
        ids.put(
                "share",
                owner.get("/api/plans/" + id + "/shares").json().at("/0/id").asString());
        assertThat(owner.get("/api/notebook?words=&skipped=0").text()).contains(SECRET);
        assertThat(owner.get("/api/swatches").text()).contains(SECRET);
        return owner;
    }

    /** A path with the numbers of the workshop that is looked into. */
    private String filled(Route route) {
        String path = route.path();
        String first = path.startsWith("/api/plans/{id}")
                ? "plan"
                : path.startsWith("/api/pictures")
                        ? "picture"
                        : path.startsWith("/api/cupboard")
                                ? "thing"
                                : path.startsWith("/api/notebook")
                                        ? "record"
                                        : path.startsWith("/api/swatches")
                                                ? "swatch"
                                                : path.startsWith("/api/people/invitations") ? "invitation" : "person";
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : route.described().path("parameters")) {
            if (parameter.path("in").asString().equals("query")) {
                query.append(query.isEmpty() ? "?" : "&")
                        .append(parameter.get("name").asString())
                        .append('=')
                        .append(queried(parameter));
            }
        }
        return path.replace("{revision}", ids.get("revision"))
                        .replace("{link}", ids.get("share"))
                        .replaceAll("\\{[a-z]+}", ids.get(first))
                + query;
    }

    private String queried(JsonNode parameter) {
        JsonNode schema = resolved(parameter.path("schema"));
        if (parameter.get("name").asString().equals("plan")) {
            return ids.get("plan");
        }
        return schema.has("enum")
                ? schema.at("/enum/0").asString()
                : schema.path("type").asString().equals("string") ? "x" : "1";
    }

    private JsonNode resolved(JsonNode schema) {
        String ref = schema.path("$ref").asString("");
        return ref.isEmpty() ? schema : api.at(ref.substring(1));
    }

    /** A body by its description: plans are real, numbers of things are those of the workshop that is looked into. */
    private Object body(JsonNode described, String name, int deep) {
        if (described.path("$ref").asString("").endsWith("/Plan")) {
            return Plans.swags("Walked");
        }
        JsonNode schema = resolved(described);
        if (schema.has("enum")) {
            return schema.at("/enum/0").asString();
        }
        return switch (schema.path("type").asString("")) {
            case "integer", "number" ->
                switch (name) {
                    case "id", "plan" -> Long.parseLong(ids.get("plan"));
                    case "picture" -> Long.parseLong(ids.get("picture"));
                    case "thing" -> Long.parseLong(ids.get("thing"));
                    case "records" -> Long.parseLong(ids.get("record"));
                    default -> 1;
                };
            case "string" -> name.equals("at") ? "2026-05-01T09:00" : "x";
            case "boolean" -> false;
            case "array" -> deep > 4 ? List.of() : List.of(body(schema.path("items"), name, deep + 1));
            case "object" -> {
                Map<String, Object> fields = new LinkedHashMap<>();
                schema.path("properties").properties().forEach(p -> {
                    if (deep < 5) {
                        fields.put(p.getKey(), body(p.getValue(), p.getKey(), deep + 1));
                    }
                });
                yield fields;
            }
            default -> Map.of();
        };
    }

    private Http.Answer walked(Http as, Route route) {
        JsonNode content = route.described().at("/requestBody/content");
        String body = null;
        if (!route.method().equals("GET")) {
            JsonNode schema = content.path("application/json").path("schema");
            body = schema.isMissingNode() ? "" : json.writeValueAsString(body(schema, "", 0));
        }
        return as.send(route.method(), filled(route), body);
    }

    @Test
    void aStrangerReachesWhatAnybodyMayAndNothingElse() throws IOException {
        lookedInto();
        Http stranger = Http.stranger(running.base());
        for (Route route : routes()) {
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
        for (Route route : routes()) {
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
        for (Route route : routes()) {
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
            for (Route route : routes()) {
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
        for (Route route : routes()) {
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
