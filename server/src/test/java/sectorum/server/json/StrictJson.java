package sectorum.server.json;

import tools.jackson.databind.json.JsonMapper;

/** The application's own mapper for tests that start no application. */
public final class StrictJson {
    private StrictJson() {}

    public static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        JsonForms.prepare(builder);
        return builder.build();
    }
}
