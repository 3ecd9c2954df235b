package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Where every test of the API stands: at the running application, with a way to ask it. */
@ExtendWith(RunningApp.class)
abstract class OverHttp {
    protected Http http;
    protected JsonMapper json;

    @BeforeEach
    void at(Http running, JsonMapper mapper) {
        http = running;
        json = mapper;
    }

    /** A plan in swags, saved under this name. */
    protected JsonNode savedPlan(String name) {
        Http.Answer answer = http.post("/api/plans", json.writeValueAsString(Plans.swags(name)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json();
    }
}
