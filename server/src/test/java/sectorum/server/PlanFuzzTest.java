package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** Documents broken at seeded places: a clear refusal or a true result, never an error of the server. */
@ExtendWith(RunningApp.class)
class PlanFuzzTest {
    private static final List<String> BITS = List.of(
            "-1",
            "0",
            "1e308",
            "1e-308",
            "999999999999",
            "\"\"",
            "\"x\"",
            "null",
            "true",
            "[]",
            "{}",
            "[[[[",
            "\\u0000",
            "\"\\ud800\"",
            "NaN",
            "Infinity",
            ",",
            "}",
            "\"__proto__\":1,");

    static Stream<Random> seeds() {
        return IntStream.range(0, 60 * Integer.getInteger("sectorum.samples", 1))
                .mapToObj(i -> new Random(31L * i + 7));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void brokenDocumentsAreToldNeverCrash(Random random, Http http, JsonMapper json) {
        String document = json.writeValueAsString(Plans.swags("Fuzz"));
        for (int cuts = 1 + random.nextInt(3); cuts > 0; cuts--) {
            int from = random.nextInt(document.length());
            int to = Math.min(document.length(), from + random.nextInt(9));
            document = document.substring(0, from) + BITS.get(random.nextInt(BITS.size())) + document.substring(to);
        }
        for (String path : List.of("/api/workup", "/api/next-tier")) {
            Http.Answer answer = http.post(path, path.endsWith("workup") ? "{\"plan\":" + document + "}" : document);
            assertThat(answer.status()).as("%s of %s", path, document).isIn(200, 400);
            if (answer.status() == 400) {
                assertThat(answer.json().get("detail").asString()).isNotBlank();
            } else {
                assertThat(answer.text()).doesNotContain("NaN").doesNotContain("Infinity");
            }
        }
    }
}
