package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The committed descriptions are what the application says; {@code scripts/describe} writes them anew. */
@ExtendWith(RunningApp.class)
class ApiDescriptionTest {
    private static final JsonMapper SORTED = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(JsonNodeFeature.WRITE_PROPERTIES_SORTED)
            .build();

    @Test
    void apiDescriptionIsCurrent(Http http) throws IOException {
        ObjectNode api = described(http);
        same(Path.of("../web/openapi.json"), api);
    }

    @Test
    void planSchemaIsCurrent(Http http) throws IOException {
        same(Path.of("../docs/plan.schema.json"), planSchema(described(http)));
    }

    @Test
    void everyPartOfAPlanIsRequiredOrSaidToBeAbsent(Http http) {
        JsonNode tier = described(http).at("/components/schemas/Tier");
        assertThat(tier.get("required").toString()).contains("\"dressings\"").contains("\"height\"");
        JsonNode plan = described(http).at("/components/schemas/Plan");
        assertThat(plan.get("required").toString()).doesNotContain("readyBy");
    }

    private static ObjectNode described(Http http) {
        ObjectNode api = (ObjectNode) http.get("/v3/api-docs").json();
        api.remove("servers");
        return api;
    }

    /** The plan and all that it is made of, as a JSON Schema of its own; fields nobody knows are refused. */
    private static ObjectNode planSchema(ObjectNode api) {
        ObjectNode schema = SORTED.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Sectorum plan, version 2");
        schema.put("$ref", "#/$defs/Plan");
        ObjectNode parts = schema.putObject("$defs");
        ObjectNode all = (ObjectNode) api.at("/components/schemas");
        gather("Plan", all, parts);
        return (ObjectNode) SORTED.readTree(schema.toString().replace("#/components/schemas/", "#/$defs/"));
    }

    private static void gather(String name, ObjectNode all, ObjectNode parts) {
        if (parts.has(name)) {
            return;
        }
        ObjectNode part = ((ObjectNode) all.get(name)).deepCopy();
        part.put("additionalProperties", false);
        parts.set(name, part);
        for (JsonNode ref : part.findValues("$ref")) {
            gather(ref.asString().substring("#/components/schemas/".length()), all, parts);
        }
    }

    private static void same(Path file, ObjectNode now) throws IOException {
        String text = SORTED.writeValueAsString(SORTED.treeToValue(now, Object.class)) + "\n";
        if (Boolean.getBoolean("sectorum.describe")) {
            Files.createDirectories(file.getParent());
            Files.writeString(file, text);
        }
        List<String> committed = Files.readAllLines(file);
        assertThat(text.lines().toList())
                .as("%s is stale: run scripts/describe and commit it", file)
                .isEqualTo(committed);
    }
}
