package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.plan.Plan;
import sectorum.server.documents.PdfLines;
import tools.jackson.databind.JsonNode;

/** The table, the cupboard's stock, tables in and out, printer correction and packs, over real HTTP. */
class MakeApiTest extends OverHttp {
    private String laid(Plan plan) {
        return json.writeValueAsString(Map.of("plan", plan));
    }

    private JsonNode kept(String thing) {
        Http.Answer answer = http.send("PUT", "/api/cupboard", thing);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private double stock(long id) {
        return http.get("/api/cupboard")
                .json()
                .valueStream()
                .filter(t -> t.get("id").asLong() == id)
                .findFirst()
                .orElseThrow()
                .get("stock")
                .asDouble();
    }

    @ParameterizedTest
    @MethodSource("sectorum.server.Plans#demos")
    void everyDemoPlanComesToTheTableAndItsSumsClose(String name) {
        JsonNode top = http.post("/api/worktop", laid(Plans.demo(json, name))).json();
        double kneaded = 0;
        for (JsonNode batch : top.get("batches").values()) {
            JsonNode p = batch.get("parts");
            kneaded += p.get("net").asDouble()
                    + p.get("spare").asDouble()
                    + p.get("offCuts").asDouble()
                    + p.get("rounding").asDouble()
                    - p.get("credit").asDouble();
        }
        assertThat(top.at("/total/kneaded").asDouble() + top.at("/total/baked").asDouble())
                .isCloseTo(kneaded, within(1e-6));
        assertThat(http.post("/api/worktop/cuts", laid(Plans.demo(json, name))).text())
                .startsWith("paste,colour,thickness");
        assertThat(http.post("/api/worktop/shopping", laid(Plans.demo(json, name)))
                        .text())
                .startsWith("kind,what,colour");
    }

    @Test
    void madeItTakesFromStockAndPutsBack() {
        long id = kept(Plans.thing("paste", "Tub", "\"paste\":\"modelling\"", "\"stock\":100,\"pack\":0"))
                .get("id")
                .asLong();
        String take = "[{\"thing\":" + id + ",\"amount\":130.5}]";
        assertThat(http.post("/api/cupboard/take", take).json().at("/0/amount").asDouble())
                .isEqualTo(100);
        assertThat(stock(id)).isZero();
        http.post("/api/cupboard/take", "[{\"thing\":" + id + ",\"amount\":-100}]");
        assertThat(stock(id)).isEqualTo(100);
        Http.Answer lost =
                http.post("/api/cupboard/take", "[{\"thing\":" + id + ",\"amount\":7},{\"thing\":99999,\"amount\":1}]");
        assertThat(lost.status()).isEqualTo(400);
        assertThat(http.post("/api/cupboard/take", "[null]").status()).isEqualTo(400);
        assertThat(stock(id)).as("nothing is taken when one cannot be").isEqualTo(100);
        http.send("DELETE", "/api/cupboard/" + id, null);
    }

    private Http.Answer table(byte[] csv) {
        return http.bytes("/api/cupboard/table", csv);
    }

    @Test
    void theCupboardGoesOutAndInAsATableInWhichNoCellIsAFormula() {
        long id = kept(Plans.thing("rod", "=1+1", "\"across\":5.5", "\"stock\":3,\"pack\":0,\"price\":0"))
                .get("id")
                .asLong();
        String csv = http.get("/api/cupboard/table").text();
        assertThat(csv).contains("'=1+1").doesNotContain(",=1+1");
        String line = csv.lines().filter(l -> l.contains("=1+1")).findFirst().orElseThrow();
        String head = csv.lines().findFirst().orElseThrow();
        String twice = head + "\n" + line.replace("5.5", "6.5") + "\n" + line.replaceFirst("^\\d+", "") + "\n";
        assertThat(table(twice.getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .json()
                        .get("things")
                        .asInt())
                .isEqualTo(2);
        List<JsonNode> rods = http.get("/api/cupboard")
                .json()
                .valueStream()
                .filter(t -> t.get("name").asString().equals("=1+1"))
                .toList();
        assertThat(rods).hasSize(2);
        assertThat(rods)
                .anyMatch(
                        r -> r.get("id").asLong() == id && r.at("/sizes/across").asDouble() == 6.5);
        rods.forEach(r -> http.send("DELETE", "/api/cupboard/" + r.get("id").asLong(), null));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "kind;name;across%nrod;Six;6,5%n                    | 200 | things",
                "kind,name,across%nrod,Six,six%nrod,Seven,7%n       | 400 | line 2, across",
                "kind,name%nspoon,x%nrod,%n                         | 400 | 2 lines",
                "name,across%nSix,6%n                               | 400 | no column",
                "kind,name,weight%nrod,x,3%n                        | 400 | weight",
                "kind,name,stock%nrod,x,-4%n                        | 400 | stock",
                "~kind,name%nrod,\"x~                                 | 400 | table",
            })
    void oddTablesAreRefusedWholeByLineAndColumn(String csv, int status, String said) {
        int before = http.get("/api/cupboard").json().size();
        Http.Answer answer = table(csv.replace("%n", "\n").strip().getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.text()).contains(said);
        if (status == 400) {
            assertThat(http.get("/api/cupboard").json().size()).isEqualTo(before);
        }
    }

    @Test
    void anEmptyOrHugeTableIsRefused() {
        assertThat(table(new byte[0]).status()).isEqualTo(400);
        assertThat(table(new byte[1_000_001]).status()).isIn(400, 413);
        assertThat(http.get("/api/recipes/scaled?id=soup&grams=5").status()).isEqualTo(400);
        assertThat(http.get("/api/recipes/scaled?id=royal&grams=x").status()).isEqualTo(400);
    }

    private JsonNode settings(String body) {
        return http.send("PUT", "/api/workshop", body).json();
    }

    @ParameterizedTest
    @ValueSource(strings = {"a4", "letter", "a3"})
    void aPackOfAllTiersIsTrueOnEveryPageWhateverThePrinterDoes(String paper) throws IOException {
        Plan plan = Plans.demo(json, "observatory-gala");
        String order = json.writeValueAsString(Map.of("plan", plan, "names", List.of(), "paper", paper));
        settings("{\"coin\":\"\",\"printedAcross\":98.4,\"printedDown\":101,\"hands\":1}");
        try {
            String[] lines = http.post("/api/templates/pack", order).text().split("\n");
            JsonNode last = json.readTree(lines[lines.length - 1]);
            byte[] pdf = Base64.getDecoder().decode(last.get("pdf").asString());
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isEqualTo(last.get("of").asInt());
                assertThat(lines).hasSize(document.getNumberOfPages() + 1);
                for (int page = 0; page < document.getNumberOfPages(); page++) {
                    double[] size = PdfLines.paper(document, page);
                    boolean upright = size[0] < size[1];
                    // What the printer makes of it is what a ruler reads: 100 mm both ways.
                    double kx = (upright ? 98.4 : 101) / 100;
                    double ky = (upright ? 101 : 98.4) / 100;
                    List<PdfLines.Line> drawn = PdfLines.of(document, page);
                    assertThat(drawn).anySatisfy(l -> assertThat(l.spanX() * kx).isCloseTo(100, within(0.2)));
                    assertThat(drawn).anySatisfy(l -> {
                        assertThat(l.spanY() * ky).isCloseTo(100, within(0.2));
                        assertThat(l.spanX()).isCloseTo(0, within(1e-6));
                    });
                    assertThat(drawn).allSatisfy(l -> {
                        assertThat(l.left()).isGreaterThan(0);
                        assertThat(l.left() + l.spanX()).isLessThan(size[0]);
                        assertThat(l.top()).isLessThan(size[1]);
                    });
                }
            }
        } finally {
            settings("{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
        }
    }

    @Test
    void theWorkshopsSettingsAreCheckedAndKept() {
        assertThat(http.send(
                                "PUT",
                                "/api/workshop",
                                "{\"coin\":\"\",\"printedAcross\":80,\"printedDown\":100,\"hands\":1}")
                        .text())
                .contains("90 mm to 110 mm");
        settings("{\"hour\":24.5,\"coin\":\"cr\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
        assertThat(http.get("/api/workshop").json().get("hour").asDouble()).isEqualTo(24.5);
        JsonNode top = http.post("/api/worktop", laid(Plans.swags("Hours"))).json();
        assertThat(top.at("/total/hands").asDouble())
                .isCloseTo(top.at("/total/minutes").asDouble() / 60 * 24.5, within(1e-6));
        settings("{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
    }

    /** A reader of its own: pairs of lines, a code and a value. */
    private static List<double[]> points(String dxf) {
        List<double[]> points = new ArrayList<>();
        String[] lines = dxf.split("\r\n");
        boolean vertex = false;
        double x = 0;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i]);
            if (code == 0) {
                vertex = lines[i + 1].equals("VERTEX");
            } else if (code == 10) {
                x = Double.parseDouble(lines[i + 1]);
            } else if (code == 20 && vertex) {
                points.add(new double[] {x, Double.parseDouble(lines[i + 1])});
            }
        }
        return points;
    }

    @Test
    void dxfIsTrueToSizeForACuttingMachine() {
        String order = json.writeValueAsString(
                Map.of("plan", Plans.swags("Cut"), "tier", "top", "names", List.of("top/swag-scallop"), "paper", "a4"));
        String dxf = http.post("/api/templates/dxf", order).text();
        assertThat(dxf).startsWith("0\r\nSECTION").endsWith("0\r\nEOF\r\n").contains("AC1009");
        double width = points(dxf).stream().mapToDouble(p -> p[0]).max().orElseThrow()
                - points(dxf).stream().mapToDouble(p -> p[0]).min().orElseThrow();
        assertThat(width).isBetween(146.2, 200.0);
        assertThat(dxf.chars().allMatch(c -> c < 128)).isTrue();
    }

    @Test
    void earlierVersionsOpenForComparing() {
        JsonNode saved = http.post("/api/plans", json.writeValueAsString(Plans.swags("First")))
                .json();
        String path = "/api/plans/" + saved.get("id");
        String body = json.writeValueAsString(
                Map.of("base", saved.get("revision").asInt(), "document", Plans.swags("Second")));
        http.send("PUT", path, body);
        JsonNode versions = http.get(path + "/versions").json();
        assertThat(versions.size()).isEqualTo(2);
        int first = versions.get(1).get("revision").asInt();
        assertThat(http.get(path + "/versions/" + first)
                        .json()
                        .at("/document/name")
                        .asString())
                .isEqualTo("First");
        assertThat(http.get(path + "/versions/99").status()).isEqualTo(400);
        http.send("DELETE", path, null);
    }

    @Test
    void quickerWaysAreOfferedWithTheirPictures() {
        Plan plan = Plans.demo(json, "beekeepers-guild-supper");
        String bench = http.get("/api/bench").text();
        String asked = "{\"plan\":" + json.writeValueAsString(plan) + ",\"tier\":\""
                + plan.tiers().get(0).id() + "\",\"dressing\":\""
                + plan.tiers().get(0).dressings().get(0).id() + "\",\"bench\":" + bench + "}";
        JsonNode ways = http.post("/api/quicker", asked).json();
        assertThat(ways.size()).isPositive();
        assertThat(ways.valueStream()
                        .filter(w -> w.get("kind").asString().equals("setting"))
                        .map(w -> -w.get("saved").asDouble()))
                .isSorted();
        assertThat(ways.get(0).at("/worn/layout/placements").size()).isPositive();
    }
}
