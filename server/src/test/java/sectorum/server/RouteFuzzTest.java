package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import sectorum.plan.Plan;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every route with odd addresses, bodies and files, in turn: plans, drawings, pictures, tables, archives, all of it. Whatever comes
 * in, there is an answer that is no fault of the server's, without a word of its inside, and the memory is what it was before.
 */
@ExtendWith(RunningApp.class)
class RouteFuzzTest {
    /** Rounds over all routes; a hundred thousand requests are 250 samples. */
    private static final int ROUNDS = 3 * Integer.getInteger("sectorum.samples", 1);
    /** Where a long run goes on that was begun before. */
    private static final int FIRST = Integer.getInteger("sectorum.first", 0);
    /** What holds its answer open for news; asked with an odd address alone. */
    private static final Set<String> OPEN = Set.of("GET /api/plans/{id}/live");
    /** What would end the session that is asked with, or needs seconds each time; asked less often. */
    private static final Set<String> SELDOM = Set.of(
            "POST /api/begin", "POST /api/join", "POST /api/reset", "PUT /api/account/password", "POST /api/booklet");

    private static final long MOST_GROWTH_MB = 48;

    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final Set<String> through = new java.util.HashSet<>();
    private int asked;
    private long slowest;

    @Test
    void whateverComesInIsAnsweredInWords(Http http, JsonMapper json, JdbcClient jdbc) throws IOException {
        Routes routes = Routes.of(http);
        List<Plan> plans = new ArrayList<>();
        Plans.demos().forEach(name -> plans.add(Plans.demo(json, name)));
        Map<String, byte[]> files = files(http);
        Furnished in = Furnished.of(http.base(), "Fuzz");
        long before = 0;
        for (int round = FIRST; round < FIRST + ROUNDS; round++) {
            if (round == FIRST + 1) {
                before = usedMb();
            }
            if (round % 25 == 0) {
                told(round, 0);
            }
            for (Routes.Route route : routes.all()) {
                Random random = new Random(7919L * round + route.toString().hashCode());
                if (SELDOM.contains(route.toString()) && round % 10 != 0) {
                    continue;
                }
                Plan plan = random.nextInt(4) == 0 ? plans.get(random.nextInt(plans.size())) : Plans.swags("Fuzz");
                Http.Answer answer = asked(in, routes, route, plan, files, random);
                if (answer.status() == 401 && in.owner().get("/api/plans").status() == 401) {
                    jdbc.sql("delete from attempt").update();
                    in = Furnished.of(http.base(), "Fuzz");
                }
            }
        }
        long grown = usedMb() - before;
        told(FIRST + ROUNDS, grown);
        assertThat(grown).as("megabytes more are held after it").isLessThan(MOST_GROWTH_MB);
    }

    private void told(int round, long grown) throws IOException {
        Files.writeString(
                Path.of("target", "fuzz.txt"),
                "%d requests in rounds %d to %d, %d routes got through; answers by status %s; slowest %.1f s; heap grown by %d MB%n"
                        .formatted(asked, FIRST, round, through.size(), statuses, slowest / 1e3, grown));
    }

    private Http.Answer asked(
            Furnished in, Routes routes, Routes.Route route, Plan plan, Map<String, byte[]> files, Random random) {
        String address = routes.address(route, in.ids());
        boolean odd = OPEN.contains(route.toString()) || random.nextInt(4) == 0;
        String path = odd ? Mutations.address(address, random) : address;
        long from = System.currentTimeMillis();
        Http.Answer answer;
        String sent = "";
        if (route.takesBytes()) {
            byte[] file = Mutations.file(files.get(route.path()), random);
            answer = in.owner().bytes(path, file);
        } else if (route.method().equals("GET")) {
            answer = in.owner().send("GET", path, null);
        } else {
            sent = routes.body(route, in.ids(), plan);
            sent = random.nextInt(8) == 0 ? sent : Mutations.text(sent, random);
            answer = in.owner().send(route.method(), path, sent);
        }
        asked++;
        slowest = Math.max(slowest, System.currentTimeMillis() - from);
        statuses.merge(answer.status(), 1, Integer::sum);
        if (answer.status() < 300) {
            through.add(route.toString());
        }
        assertThat(answer.status())
                .as("%s %s of %s: %s", route, path, sent, answer.text())
                .isLessThan(500);
        if (answer.status() >= 400 && !route.method().equals("HEAD")) {
            assertThat(answer.text())
                    .as("%s %s of %s", route, path, sent)
                    .contains("\"detail\"")
                    .doesNotContain("Exception", "java.", "org.", "tools.jackson", "select ");
        }
        return answer;
    }

    private static long usedMb() {
        // Twice, so that what is let go of in the first is gone after the second.
        System.gc();
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1_000_000;
    }

    /** A true file for each route that takes one. */
    private static Map<String, byte[]> files(Http http) throws IOException {
        return Map.of(
                "/api/plans/{id}/pictures", PictureAbuseTest.jpeg(60, 40),
                "/api/cupboard/table",
                        "kind,name,stock,price\nrod,Rod,3,1.5\npaste,White,500,\n".getBytes(StandardCharsets.UTF_8),
                "/api/notebook/table", http.get("/api/notebook/table").raw().body(),
                "/api/art/drawing", drawing(),
                "/api/archive", http.get("/api/archive").raw().body());
    }

    private static byte[] drawing() throws IOException {
        try (InputStream in = RouteFuzzTest.class.getResourceAsStream("/demo/ivy.svg")) {
            return in == null
                    ? ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"80mm\" height=\"60mm\" viewBox=\"0 0 80 60\"><style>.a{fill:#c33}</style>"
                                    + "<defs><g id=\"leaf\"><path d=\"M0 0C5 -8 15 -8 20 0C15 8 5 8 0 0Z\"/></g></defs><g transform=\"translate(10 20)"
                                    + " rotate(12)\" class=\"a\"><use href=\"#leaf\"/><circle cx=\"30\" cy=\"10\" r=\"6\"/><rect x=\"40\" y=\"2\""
                                    + " width=\"14\" height=\"9\" rx=\"2\"/><polygon points=\"0,30 10,40 20,30\"/></g></svg>")
                            .getBytes(StandardCharsets.UTF_8)
                    : in.readAllBytes();
        }
    }
}
