package sectorum.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import sectorum.plan.Plan;
import sectorum.server.json.StrictJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** All routes by the API description, and for each an address and a body that are as described: a route that is added is here at once. */
final class Routes {
    private static final JsonMapper JSON = StrictJson.mapper();
    /** How deep a body goes; what holds itself ends there. */
    private static final int DEEPEST = 5;

    /** One route. */
    record Route(String method, String path, JsonNode described) {
        /** What its body is described as, by the kind of body; nothing where it takes none. */
        JsonNode content() {
            return described.at("/requestBody/content");
        }

        /** Whether it takes a file's bytes. */
        boolean takesBytes() {
            return content().has("application/octet-stream") || toString().equals("POST /api/archive");
        }

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    private final JsonNode api;
    private final List<Route> all = new ArrayList<>();

    private Routes(JsonNode api) {
        this.api = api;
        api.get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(op -> all.add(
                                new Route(op.getKey().toUpperCase(Locale.ROOT), path.getKey(), op.getValue()))));
    }

    static Routes of(Http http) {
        return new Routes(http.get("/v3/api-docs").json());
    }

    List<Route> all() {
        return List.copyOf(all);
    }

    /** An address with numbers of what is there, by what they are of. */
    String address(Route route, Map<String, String> ids) {
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : route.described().path("parameters")) {
            if (parameter.path("in").asString().equals("query")) {
                query.append(query.isEmpty() ? "?" : "&")
                        .append(parameter.get("name").asString())
                        .append('=')
                        .append(queried(parameter, ids));
            }
        }
        return route.path()
                        .replace("{revision}", ids.get("revision"))
                        .replace("{link}", ids.get("share"))
                        .replaceAll("\\{[a-z]+}", ids.get(first(route.path())))
                + query;
    }

    private static String first(String path) {
        Map<String, String> of = new LinkedHashMap<>();
        of.put("/api/plans/{id}", "plan");
        of.put("/api/pictures", "picture");
        of.put("/api/cupboard", "thing");
        of.put("/api/notebook", "record");
        of.put("/api/swatches", "swatch");
        of.put("/api/people/invitations", "invitation");
        return of.keySet().stream()
                .filter(path::startsWith)
                .findFirst()
                .map(of::get)
                .orElse("person");
    }

    private String queried(JsonNode parameter, Map<String, String> ids) {
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

    /** A JSON body of a route with a plan of one tier in it; empty where it takes none. */
    String body(Route route, Map<String, String> ids) {
        return body(route, ids, Plans.swags("Walked"));
    }

    /** The same with this plan in it. */
    String body(Route route, Map<String, String> ids, Plan plan) {
        JsonNode schema = route.content().path("application/json").path("schema");
        return schema.isMissingNode() ? "" : JSON.writeValueAsString(value(schema, "", 0, ids, plan));
    }

    /** A value by its description: plans are real, numbers of things and names of parts are of what is there. */
    private Object value(JsonNode described, String name, int deep, Map<String, String> ids, Plan plan) {
        if (described.path("$ref").asString("").endsWith("/Plan")) {
            return plan;
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
            case "string" -> word(name, plan);
            case "boolean" -> false;
            case "array" ->
                deep >= DEEPEST ? List.of() : List.of(value(schema.path("items"), name, deep + 1, ids, plan));
            case "object" -> {
                Map<String, Object> fields = new LinkedHashMap<>();
                schema.path("properties").properties().forEach(p -> {
                    if (deep < DEEPEST) {
                        fields.put(p.getKey(), value(p.getValue(), p.getKey(), deep + 1, ids, plan));
                    }
                });
                yield fields;
            }
            default -> Map.of();
        };
    }

    private static String word(String name, Plan plan) {
        return switch (name) {
            case "at" -> "2026-05-01T09:00";
            case "tier" -> plan.tiers().get(0).id();
            case "division" ->
                plan.tiers().get(0).divisions().stream()
                        .findFirst()
                        .map(d -> d.id())
                        .orElse("x");
            case "dressing" ->
                plan.tiers().get(0).dressings().stream()
                        .findFirst()
                        .map(d -> d.id())
                        .orElse("x");
            case "piece" -> plan.pieces().stream().findFirst().map(p -> p.id()).orElse("x");
            case "paper" -> "a4";
            default -> "x";
        };
    }
}
