package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The journal over real HTTP: each line once and in order, whatever is cut off, sent again or sent by two. */
class JournalApiTest extends OverHttp {
    private long plan;

    @BeforeEach
    void aPlan() {
        plan = http.post("/api/plans/fresh", "{\"name\":\"Bench\"}")
                .json()
                .get("id")
                .asLong();
    }

    private static String line(String id, String device, String kind, String step, int amount) {
        return "{\"id\":\"%s\",\"device\":\"%s\",\"who\":\"\",\"at\":5,\"seen\":0,\"kind\":\"%s\",\"step\":\"%s\",\"amount\":%d,\"about\":\"\"}"
                .formatted(id, device, kind, step, amount);
    }

    private Http.Answer send(List<String> lines, long after) {
        return http.post(
                "/api/plans/" + plan + "/journal",
                "{\"after\":%d,\"lines\":[%s]}".formatted(after, String.join(",", lines)));
    }

    private List<String> ids(long after) {
        return http.get("/api/plans/" + plan + "/journal?after=" + after)
                .json()
                .get("lines")
                .valueStream()
                .map(l -> l.at("/entry/id").asString())
                .toList();
    }

    @Test
    void aLineSentTwiceIsKeptOnceAndWhatIsNewComesBack() {
        JsonNode first = send(List.of(line("a", "one", "tick", "x/1", 0)), 0).json();
        assertThat(first.get("lines")).hasSize(1);
        long place = first.at("/lines/0/place").asLong();
        JsonNode again = send(List.of(line("a", "one", "tick", "x/1", 0), line("b", "one", "count", "x/2", 3)), place)
                .json();
        assertThat(again.get("lines")).hasSize(1);
        assertThat(again.at("/lines/0/entry/id").asString()).isEqualTo("b");
        assertThat(again.get("now").asLong()).isPositive();
        assertThat(ids(0)).containsExactly("a", "b");
        assertThat(ids(place)).containsExactly("b");
    }

    static Stream<Random> seeds() {
        return IntStream.range(0, 20).mapToObj(i -> new Random(7919L * i + 17));
    }

    /** A device sends what waits; the answer is lost at any point, and it sends again from where it knows. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsLostOrDoubledWhereverTheLineIsCut(Random random) {
        List<List<String>> waiting = List.of(new ArrayList<>(), new ArrayList<>());
        List<List<String>> made = List.of(new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < 25; i++) {
            int device = random.nextInt(2);
            String id = "l" + device + "-" + i;
            waiting.get(device).add(line(id, "d" + device, "count", "x/1", 1));
            made.get(device).add(id);
            if (random.nextInt(3) > 0) {
                List<String> queue = waiting.get(device);
                int some = 1 + random.nextInt(queue.size());
                send(queue.subList(0, some), 0);
                // The answer may never arrive: then the same lines are sent again with what came since.
                if (random.nextBoolean()) {
                    queue.subList(0, some).clear();
                }
            }
        }
        waiting.forEach(queue -> send(queue, 0));
        List<String> kept = ids(0);
        Set<String> once = new HashSet<>(kept);
        assertThat(kept).hasSameSizeAs(once).hasSize(25);
        made.forEach(ids -> assertThat(kept).containsSubsequence(ids));
    }

    @Test
    void twoWhoSendAtOnceLeaveNoGapForAReader() {
        List<CompletableFuture<Void>> both = new ArrayList<>();
        for (int d = 0; d < 2; d++) {
            int device = d;
            both.add(CompletableFuture.runAsync(() -> {
                for (int i = 0; i < 20; i++) {
                    send(List.of(line("p" + device + "-" + i, "d" + device, "count", "x/1", 1)), 0);
                }
            }));
        }
        List<String> read = new ArrayList<>();
        long after = 0;
        while (read.size() < 40) {
            JsonNode more = http.get("/api/plans/" + plan + "/journal?after=" + after)
                    .json()
                    .get("lines");
            for (JsonNode line : more) {
                read.add(line.at("/entry/id").asString());
                after = line.get("place").asLong();
            }
        }
        both.forEach(CompletableFuture::join);
        assertThat(read).hasSize(40).doesNotHaveDuplicates();
    }

    @Test
    void anOpenTurntableHearsOfEachLine() throws Exception {
        HttpResponse<java.io.InputStream> stream = http.client()
                .send(
                        HttpRequest.newBuilder(http.base().resolve("/api/plans/" + plan + "/live"))
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.headers().firstValue("content-type").orElse("")).contains("event-stream");
        try (BufferedReader in = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
            assertThat(next(in)).contains("\"place\":0");
            send(List.of(line("z", "one", "tick", "x/1", 0)), 0);
            String heard = next(in);
            assertThat(json.readTree(heard.substring(5)).get("place").asLong()).isPositive();
        }
    }

    static String next(BufferedReader in) throws java.io.IOException {
        String line = in.readLine();
        while (line != null && !line.startsWith("data:")) {
            line = in.readLine();
        }
        return line;
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"after\":0,\"lines\":[null]}', lines",
        "'{\"after\":0,\"lines\":[{\"id\":\"a b\",\"device\":\"d\",\"at\":1,\"seen\":0,\"kind\":\"tick\",\"step\":\"s\",\"amount\":0,\"about\":\"\"}]}', no name of a line",
        "'{\"after\":0,\"lines\":[{\"id\":\"a\",\"device\":\"d\",\"at\":-1,\"seen\":0,\"kind\":\"tick\",\"step\":\"s\",\"amount\":0,\"about\":\"\"}]}', lies between",
        "'{\"after\":0,\"lines\":[{\"id\":\"a\",\"device\":\"d\",\"at\":1,\"seen\":0,\"kind\":\"jump\",\"step\":\"s\",\"amount\":0,\"about\":\"\"}]}', kind",
    })
    void whatCannotBeIsRefusedAndNothingOfItKept(String body, String field) {
        Http.Answer refused = http.post("/api/plans/" + plan + "/journal", body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
        assertThat(ids(0)).isEmpty();
    }

    @Test
    void aPlanThatIsNotThereHasNoJournal() {
        assertThat(http.get("/api/plans/99999999/journal").status()).isEqualTo(404);
        assertThat(http.get("/api/plans/99999999/live").status()).isEqualTo(404);
        assertThat(http.post("/api/plans/99999999/journal", "{\"after\":0,\"lines\":[]}")
                        .status())
                .isEqualTo(404);
    }

    /** Nothing was started with --lan: there is no door, and it is said. */
    @Test
    void withoutADoorThereIsNoLink() {
        JsonNode link = http.post("/api/plans/" + plan + "/door", "").json();
        assertThat(link.toString()).isEqualTo("{\"open\":false}");
    }

    @Test
    void stepsStateAndPlacesAreAnswered() {
        JsonNode saved = http.get("/api/plans/" + plan).json();
        String asked = "{\"id\":%d,\"plan\":%s}".formatted(plan, saved.get("document"));
        JsonNode steps = http.post("/api/turntable/steps", asked).json();
        assertThat(steps).isNotEmpty();
        String keys = json.writeValueAsString(
                steps.valueStream().map(s -> s.get("key")).toList());
        JsonNode state = http.post(
                        "/api/turntable/state",
                        "{\"steps\":%s,\"journal\":[{\"place\":1,\"entry\":%s}]}"
                                .formatted(
                                        keys,
                                        line(
                                                "a",
                                                "d",
                                                "tick",
                                                steps.at("/0/key/id").asString(),
                                                0)))
                .json();
        assertThat(state.at("/steps/0/progress").asString()).isEqualTo("done");
        assertThat(state.get("next").asString()).isEqualTo(steps.at("/1/key/id").asString());
        String tier = saved.at("/document/tiers/0/id").asString();
        String division = saved.at("/document/tiers/0/divisions/0/id").asString();
        JsonNode places = http.post(
                        "/api/turntable/places",
                        "{\"plan\":%s,\"tier\":\"%s\",\"division\":\"%s\"}"
                                .formatted(saved.get("document"), tier, division))
                .json();
        assertThat(places)
                .hasSize(saved.at("/document/tiers/0/divisions/0/count").asInt());
        JsonNode offers = http.post(
                        "/api/turntable/cover-ups",
                        "{\"plan\":%s,\"fault\":{\"kind\":\"gap\",\"tier\":\"%s\",\"s\":90,\"z\":40,\"width\":10,\"height\":8}}"
                                .formatted(saved.get("document"), tier))
                .json();
        assertThat(offers.get("offers")).isNotEmpty();
    }
}
