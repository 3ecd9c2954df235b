package sectorum.server.http;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import sectorum.measure.Absent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the page of a plan will ask for, as links in its head: the scripts of its stage, from the manifest that the build of
 * the screens writes, and the answers they wait for. A browser asks for these while the first script is still on its way.
 */
@Component
class Ahead {
    private static final String SCREEN = "src/shell/plan-screen.tsx";
    private static final String CRAFT = "src/craft/craft.wasm";

    private final JsonNode manifest;

    Ahead(JsonMapper json) throws IOException {
        try (InputStream in = Ahead.class.getResourceAsStream("/static/.vite/manifest.json")) {
            manifest = in == null ? json.createObjectNode() : json.readTree(in);
        }
    }

    /** @param stage as in the address; of a stage that nobody knows only the plan is asked for */
    String links(String plan, String stage) {
        Set<String> scripts = new LinkedHashSet<>();
        gather(SCREEN, scripts);
        manifest.properties().stream()
                .map(java.util.Map.Entry::getKey)
                .filter(source -> source.endsWith("/" + stage + ".tsx"))
                .forEach(source -> gather(source, scripts));
        return Stream.concat(
                        Stream.of("/api/preferences", "/api/plans/" + plan + "/opened")
                                .map(a -> "<link rel=\"preload\" as=\"fetch\" crossorigin href=\"" + a + "\">"),
                        scripts.stream().map(s -> "<link rel=\"modulepreload\" crossorigin href=\"/" + s + "\">"))
                .collect(Collectors.joining("\n    ", "  ", "\n  "));
    }

    /** The name of core as it is compiled for these screens; null where they carry none. */
    @Absent
    String craft() {
        String file = manifest.path(CRAFT).path("file").asString("");
        return file.isEmpty() ? null : file.substring(file.lastIndexOf('/') + 1);
    }

    private void gather(String source, Set<String> scripts) {
        JsonNode chunk = manifest.path(source);
        if (chunk.has("file")
                && !chunk.path("isEntry").asBoolean()
                && scripts.add(chunk.path("file").asString())) {
            chunk.path("imports").forEach(i -> gather(i.asString(), scripts));
        }
    }
}
