package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Timeout;
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

    private static final List<String> SAMPLES = List.of(
            "observatory-gala",
            "orchestra-season-opener",
            "beekeepers-guild-supper",
            "chess-league-final",
            "canal-museum-reopening");
    /** Every route that takes a document, with the document's place in what it takes. */
    private static final Map<String, String> ROUTES = Map.ofEntries(
            Map.entry("/api/workup", "{\"plan\":%s}"),
            Map.entry("/api/next-tier", "%s"),
            Map.entry("/api/worktop", "{\"plan\":%s}"),
            Map.entry("/api/worktop/cuts", "{\"plan\":%s}"),
            Map.entry("/api/worktop/shopping", "{\"plan\":%s}"),
            Map.entry("/api/build", "{\"plan\":%s}"),
            Map.entry("/api/pieces", "{\"plan\":%s}"),
            Map.entry("/api/days", "{\"plan\":%s}"),
            Map.entry("/api/days/table", "{\"plan\":%s}"),
            Map.entry("/api/days/calendar", "{\"plan\":%s}"),
            Map.entry("/api/steps", "{\"plan\":%s}"),
            Map.entry("/api/handover", "{\"plan\":%s}"),
            Map.entry("/api/handover/pdf", "{\"plan\":%s}"),
            Map.entry("/api/templates/list", "{\"plan\":%s,\"names\":[],\"paper\":\"a4\"}"),
            Map.entry("/api/templates/sheets", "{\"plan\":%s,\"names\":[],\"paper\":\"a4\"}"),
            Map.entry("/api/ways", "{\"plan\":%s,\"tier\":\"top\",\"division\":\"marks\"}"),
            Map.entry(
                    "/api/rescue", "{\"plan\":%s,\"tier\":\"top\",\"division\":\"marks\",\"placed\":2,\"reads\":150}"),
            Map.entry("/api/plans", "%s"));

    private static final List<String> PATHS = ROUTES.keySet().stream().sorted().toList();
    /** Routes looked at for one document; all of them over a run. */
    private static final int EACH = 4;

    private static final List<String> NUMBERS =
            List.of("0", "-1", "1", "0.001", "1e9", "1e300", "-0.5", "599.9", "360", "1e-9", "3", "41");

    static Stream<Random> seeds() {
        return IntStream.range(0, 80 * Integer.getInteger("sectorum.samples", 1))
                .mapToObj(i -> new Random(31L * i + 7));
    }

    /** A number anywhere in the document becomes another one: what is well formed gets further than what is not. */
    private static String renumbered(String document, Random random) {
        Matcher numbers = Pattern.compile("(?<=[:\\[,])-?[0-9]+(\\.[0-9]+)?").matcher(document);
        List<MatchResult> all = numbers.results().toList();
        MatchResult one = all.get(random.nextInt(all.size()));
        return document.substring(0, one.start())
                + NUMBERS.get(random.nextInt(NUMBERS.size()))
                + document.substring(one.end());
    }

    private static String broken(String whole, Random random) {
        int from = random.nextInt(whole.length());
        int to = Math.min(whole.length(), from + random.nextInt(9));
        return whole.substring(0, from) + BITS.get(random.nextInt(BITS.size())) + whole.substring(to);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @Timeout(value = 120, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    void brokenDocumentsAreToldNeverCrash(Random random, Http http, JsonMapper json) {
        int which = random.nextInt(SAMPLES.size() + 1);
        String document = json.writeValueAsString(
                which == SAMPLES.size()
                        ? Plans.swags("Fuzz").readyBy("2031-12-12T14:00")
                        : Plans.demo(json, SAMPLES.get(which)).readyBy("2031-12-12T14:00"));
        boolean formed = random.nextInt(3) > 0;
        for (int cuts = 1 + random.nextInt(3); cuts > 0; cuts--) {
            document = formed ? renumbered(document, random) : broken(document, random);
        }
        for (int k = 0; k < EACH; k++) {
            String path = PATHS.get(random.nextInt(PATHS.size()));
            Http.Answer answer = http.post(path, ROUTES.get(path).replace("%s", document));
            assertThat(answer.status()).as("%s of %s", path, document).isIn(200, 201, 400);
            if (answer.status() == 400) {
                assertThat(answer.json().get("detail").asString()).isNotBlank();
            } else {
                assertThat(answer.text()).doesNotContain("NaN,").doesNotContain("Infinity,");
            }
            if (answer.status() == 201) {
                http.send("DELETE", "/api/plans/" + answer.json().get("id").asLong(), null);
            }
        }
    }
}
