package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What abuse found, asked again: each has its answer, and nothing is changed, lost or told twice. */
class AbuseApiTest extends OverHttp {
    /** A request as it goes over the line; answers with all that came back. */
    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", http.base().getPort())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private String asked(String method, String path, String... headers) throws IOException {
        String host = "Host: 127.0.0.1:" + http.base().getPort();
        StringBuilder request = new StringBuilder(method + " " + path + " HTTP/1.1\r\nConnection: close\r\n");
        boolean named = false;
        for (String header : headers) {
            request.append(header).append("\r\n");
            named |= header.startsWith("Host:");
        }
        // Signed in: what is asked about here is what happens to those who are.
        request.append("Cookie: ").append(http.cookies()).append("\r\n");
        return raw(request.append(named ? "" : host + "\r\n").append("\r\n").toString());
    }

    private static int status(String answer) {
        return Integer.parseInt(answer.split(" ")[1]);
    }

    @ParameterizedTest(name = "{0} is answered {1}")
    @CsvSource({
        "127.0.0.1, 200",
        "localhost, 200",
        "LOCALHOST:8600, 200",
        "[::1], 200",
        "cakes.example, 421",
        "10.0.0.5, 421",
        "127.0.0.1.cakes.example, 421"
    })
    void onlyTheNamesItWasStartedForAreAnswered(String host, int status) throws IOException {
        String answer = asked("GET", "/api/plans", "Host: " + host);
        assertThat(status(answer)).isEqualTo(status);
        if (status == 421) {
            assertThat(answer).contains("application/problem+json", "was not started for");
        }
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource({
        "Origin, http://evil.example, 403",
        "Origin, null, 403",
        "Origin, https://127.0.0.1, 403",
        "Sec-Fetch-Site, cross-site, 403",
        "Sec-Fetch-Site, same-site, 403",
        "Sec-Fetch-Site, same-origin, 201",
        "Origin, own, 201",
        "X-Nothing, x, 201"
    })
    void noOtherSiteWrites(String header, String value, int status) throws IOException {
        String own = "http://127.0.0.1:" + http.base().getPort();
        String body = "{\"name\":\"Foreign\"}";
        int before = http.get("/api/plans").json().size();
        String answer = raw("POST /api/plans/fresh HTTP/1.1\r\nHost: 127.0.0.1:"
                + http.base().getPort()
                + "\r\nContent-Type: application/json\r\nConnection: close\r\nCookie: " + http.cookies() + "\r\n"
                + header + ": "
                + (value.equals("own") ? own : value) + "\r\nContent-Length: " + body.length() + "\r\n\r\n" + body);
        assertThat(status(answer)).isEqualTo(status);
        assertThat(http.get("/api/plans").json().size()).isEqualTo(status == 201 ? before + 1 : before);
        for (String path : List.of("/api/plans/demo", "/api/plans/1/restore", "/api/cupboard/table")) {
            if (status == 403) {
                assertThat(status(asked("POST", path, header + ": " + value, "Content-Length: 0")))
                        .isEqualTo(403);
            }
        }
        // Reading stays open: a link from elsewhere may lead here.
        assertThat(status(asked("GET", "/", header + ": " + (value.equals("own") ? own : value))))
                .isEqualTo(200);
    }

    @ParameterizedTest(name = "{0} {1} as {2}: {3}")
    @CsvSource({
        "GET, /api/plans/0x1, application/json, 400",
        "GET, /api/plans/1d, application/json, 400",
        "GET, /api/plans/99999999, application/json, 404",
        "GET, /api/pictures/99999999, */*, 404",
        "GET, /api/pictures/99999999, application/json, 406",
        "GET, /api/nothing, application/json, 404",
        "GET, /error, application/json, 404",
        "DELETE, /api/plans, application/json, 405",
        "GET, /api/recipes/scaled?id=royal&grams=1d, application/json, 400",
        "GET, /api/recipes/scaled?id=royal&grams=0x1p9, application/json, 400",
        "POST, /api/plans/1/pictures?caption=%zz, application/json, 400",
        "POST, /api/plans/1/pictures?caption=%ED%A0%80, application/json, 400"
    })
    void everyRefusalIsAProblem(String method, String path, String accepts, int status) throws IOException {
        String answer = asked(method, path, "Accept: " + accepts, "Content-Length: 0");
        assertThat(status(answer)).as(answer).isEqualTo(status);
        assertThat(answer).contains("application/problem+json").contains("\"detail\"");
        assertThat(answer).doesNotContain("java.").doesNotContain("Exception").doesNotContain("Tomcat");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            /api/recipes/scaled?grams=100        | "id" is missing in the address. Add it after a question mark, as ?id=…
            /api/plans/1d                        | "id" cannot be "1d". Give a number, without quotes or a unit.
            /api/devices/cutter?known=maybe      | "known" cannot be "maybe". Give true or false.
            """, quoteCharacter = '\'')
    void whatAnAddressLacksIsTold(String path, String words) throws IOException {
        Http.Answer answer = http.get(path);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).isEqualTo(words);
    }

    @Test
    void whatTheConnectorRefusesIsAProblemToo() throws IOException {
        assertThat(status(raw("GET /a{b HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n")))
                .isEqualTo(400);
        String nameless = raw("GET / HTTP/1.1\r\nConnection: close\r\n\r\n");
        assertThat(status(nameless)).isEqualTo(400);
        assertThat(nameless).doesNotContain("Apache").doesNotContain("<html");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/nowhere/at/all", "/api/nothing", "/plans"})
    void anUnknownAddressIsAPageWithAWayOnForAPerson(String path) throws IOException {
        String page = asked("GET", path, "Accept: text/html");
        assertThat(status(page)).isEqualTo(404);
        assertThat(page).contains("<html").contains("nonce-").doesNotContain("__NONCE__");
    }

    @Test
    void thePageIsNeverServedBare() throws IOException {
        String bare = asked("GET", "/index.html", "Accept: text/html");
        assertThat(status(bare)).isEqualTo(302);
        assertThat(bare).doesNotContain("__NONCE__");
    }

    /** So many at once, each told by its status. */
    private List<Integer> together(int many, java.util.function.IntFunction<Http.Answer> each) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(16);
        try {
            List<Callable<Integer>> calls = new ArrayList<>();
            IntStream.range(0, many).forEach(i -> calls.add(() -> each.apply(i).status()));
            List<Integer> all = new ArrayList<>();
            for (Future<Integer> done : hands.invokeAll(calls)) {
                all.add(done.get());
            }
            return all;
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void everyTakingIsCountedOnceHoweverManyTakeAtOnce() throws Exception {
        String tub = Plans.thing("paste", "Race tub", "\"paste\":\"fondant\"", "\"stock\":500,\"pack\":0");
        long id = http.send("PUT", "/api/cupboard", tub).json().get("id").asLong();
        List<Integer> answers =
                together(200, i -> http.post("/api/cupboard/take", "[{\"thing\":" + id + ",\"amount\":2}]"));
        assertThat(answers).containsOnly(200);
        double left = http.get("/api/cupboard")
                .json()
                .valueStream()
                .filter(t -> t.get("id").asLong() == id)
                .findFirst()
                .orElseThrow()
                .get("stock")
                .asDouble();
        assertThat(left).isEqualTo(100);
        List<Integer> gone = together(12, i -> http.send("DELETE", "/api/cupboard/" + id, null));
        assertThat(gone).containsOnly(204);
    }

    @Test
    void archiveDeleteAndRestoreAtOnceEndInOneOfTheirStates() throws Exception {
        long id = savedPlan("Race").get("id").asLong();
        List<Integer> answers = together(60, i -> switch (i % 4) {
            case 0 -> http.send("PUT", "/api/plans/" + id + "/archive", "{\"away\":true}");
            case 1 -> http.send("DELETE", "/api/plans/" + id, null);
            case 2 -> http.send("PUT", "/api/plans/" + id + "/archive", "{\"away\":false}");
            default -> http.post("/api/plans/" + id + "/restore", "");
        });
        assertThat(answers).allMatch(s -> s == 200 || s == 204 || s == 404);
        assertThat(http.post("/api/plans/" + id + "/restore", "").status()).isEqualTo(200);
        assertThat(http.get("/api/plans/" + id).status()).isEqualTo(200);
    }

    @Test
    void neverMoreThanTwentyFourPicturesHoweverManyComeAtOnce() throws Exception {
        long id = savedPlan("Many").get("id").asLong();
        byte[] bytes = PictureAbuseTest.jpeg(30, 30);
        List<Integer> answers = together(40, i -> http.bytes("/api/plans/" + id + "/pictures?caption=x", bytes));
        assertThat(answers).containsOnly(201, 400);
        assertThat(http.get("/api/plans/" + id + "/pictures").json().size()).isEqualTo(24);
    }

    /** Putting away and bringing back say nothing of the design: the next save is no conflict, every version is kept. */
    @Test
    void aPlanThatWasOnlyPutAwayIsNoConflict() {
        JsonNode saved = savedPlan("Away");
        long id = saved.get("id").asLong();
        int revision = saved.get("revision").asInt();
        http.send("PUT", "/api/plans/" + id + "/archive", "{\"away\":true}");
        http.send("DELETE", "/api/plans/" + id, null);
        assertThat(http.get("/api/plans/deleted").text()).contains("\"id\":" + id + ",");
        assertThat(http.post("/api/plans/" + id + "/restore", "")
                        .json()
                        .get("revision")
                        .asInt())
                .isEqualTo(revision);
        String changed = "{\"base\":" + revision + ",\"document\":"
                + json.writeValueAsString(Plans.swags("Away, changed")) + "}";
        Http.Answer next = http.send("PUT", "/api/plans/" + id, changed);
        assertThat(next.status()).as(next.text()).isEqualTo(200);
        assertThat(http.get("/api/plans/" + id + "/versions")
                        .json()
                        .get(0)
                        .get("revision")
                        .asInt())
                .isEqualTo(next.json().get("revision").asInt());
    }

    /** Bodies that drip in hold neither those who read nor those who write. */
    @Test
    void slowBodiesStarveNobody() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket("127.0.0.1", http.base().getPort());
                socket.getOutputStream()
                        .write(("POST /api/workup HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                        + "Content-Length: 50000\r\n\r\n{")
                                .getBytes(StandardCharsets.ISO_8859_1));
                slow.add(socket);
            }
            assertThat(http.get("/api/plans").status()).isEqualTo(200);
            assertThat(http.get("/").status()).isEqualTo(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
        String plan = "{\"plan\":" + json.writeValueAsString(Plans.swags("After")) + "}";
        Http.Answer after = http.post("/api/workup", plan);
        assertThat(after.status()).isIn(200, 503);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "kind,name,stock%nrod,x,0x10%n | stock",
                "kind,name,stock%nrod,x,1d%n | stock",
                "kind,name,stock%nrod,x,NaN%n | stock",
                "\"kind\"x,name%nrod,Rod%n | a quote is opened"
            })
    void whatOnlyAProgrammingLanguageTakesForANumberIsNoStock(String csv, String said) {
        byte[] bytes = csv.replace("%n", "\n").getBytes(StandardCharsets.UTF_8);
        Http.Answer answer = http.bytes("/api/cupboard/table", bytes);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains(said).doesNotContain("org.apache").doesNotContain("java.");
    }

    @Test
    void aTableInAnotherCodeIsRefusedAndWideTextIsReadByItsSigns() {
        String csv = "kind,name\nrod,Crème brûlée\n";
        Http.Answer latin = http.bytes("/api/cupboard/table", csv.getBytes(StandardCharsets.ISO_8859_1));
        assertThat(latin.status()).isEqualTo(400);
        assertThat(latin.text()).contains("UTF-8");
        Http.Answer wide = http.bytes("/api/cupboard/table", ("\uFEFF" + csv).getBytes(StandardCharsets.UTF_16LE));
        assertThat(wide.status()).as(wide.text()).isEqualTo(200);
        JsonNode rod = http.get("/api/cupboard")
                .json()
                .valueStream()
                .filter(t -> t.get("name").asString().equals("Crème brûlée"))
                .findFirst()
                .orElseThrow();
        http.send("DELETE", "/api/cupboard/" + rod.get("id").asLong(), null);
    }

    @Test
    void theFirstHundredBadLinesAreEnough() {
        String csv = "kind,name\n" + "spoon,x\n".repeat(90_000);
        Http.Answer answer = http.bytes("/api/cupboard/table", csv.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains("first 100 bad lines");
    }

    @Test
    void theCupboardsOwnTableTakenInAgainChangesNothing() {
        List<String> names =
                List.of("=1+1", "'quoted", "＝full", "＋full", "@at", "-minus", "plain, with comma", "two \\\"signs");
        List<Long> made = new ArrayList<>();
        for (String name : names) {
            String thing = Plans.thing("rod", name, "\"across\":6.25", "\"stock\":3.5,\"pack\":0,\"price\":1.2");
            Http.Answer answer = http.send("PUT", "/api/cupboard", thing);
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
            made.add(answer.json().get("id").asLong());
        }
        String before = http.get("/api/cupboard").text();
        byte[] table = http.get("/api/cupboard/table").raw().body();
        assertThat(new String(table, StandardCharsets.UTF_8)).contains("'＝full").contains("'=1+1");
        Http.Answer again = http.bytes("/api/cupboard/table", table);
        assertThat(again.status()).as(again.text()).isEqualTo(200);
        assertThat(http.get("/api/cupboard").text()).isEqualTo(before);
        made.forEach(id -> http.send("DELETE", "/api/cupboard/" + id, null));
    }
}
