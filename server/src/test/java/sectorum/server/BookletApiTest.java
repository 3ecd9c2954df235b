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
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.plan.Plan;
import sectorum.server.documents.PdfLines;
import tools.jackson.databind.JsonNode;

/** An order as a booklet, a client's sheet, a price and what is laid out, over real HTTP; the PDF is read back. */
class BookletApiTest extends OverHttp {
    private static final String SETTINGS =
            "{\"coin\":\"cr \",\"hour\":30,\"printedAcross\":100,\"printedDown\":100,\"hands\":1%s}";

    private String asked(Plan plan, String more) {
        return "{\"plan\":" + json.writeValueAsString(plan) + more + "}";
    }

    /** Told page by page how far it is; the PDF comes last. */
    private PDDocument booklet(Plan plan, String more) throws IOException {
        Http.Answer answer = http.post("/api/booklet", asked(plan, more));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        String[] lines = answer.text().strip().split("\n");
        JsonNode last = json.readTree(lines[lines.length - 1]);
        assertThat(lines).hasSize(last.get("of").asInt() + 1);
        return Loader.loadPDF(Base64.getDecoder().decode(last.get("pdf").asString()));
    }

    private static List<String> bookmarks(PDDocument pdf) {
        List<String> titles = new ArrayList<>();
        for (PDOutlineItem item : pdf.getDocumentCatalog().getDocumentOutline().children()) {
            titles.add(item.getTitle());
        }
        return titles;
    }

    private static String words(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"observatory-gala", "canal-museum-reopening"})
    void demoPlansAreBoundWithBookmarksNumbersLinksAndTheScreensCutList(String name) throws IOException {
        Plan plan = Plans.demo(json, name);
        try (PDDocument pdf = booklet(plan, ",\"chapters\":[],\"paper\":\"a4\"")) {
            assertThat(bookmarks(pdf))
                    .startsWith("Contents", "The order")
                    .endsWith("Handover")
                    .hasSize(10);
            String words = words(pdf);
            assertThat(words).contains("page 1 of " + pdf.getNumberOfPages());
            assertThat(pdf.getPage(0).getAnnotations()).hasSize(9).allMatch(a -> a instanceof PDAnnotationLink);
            JsonNode top = http.post("/api/worktop", asked(plan, "")).json();
            for (JsonNode batch : top.get("batches").values()) {
                for (JsonNode line : batch.get("lines").values()) {
                    int spare = line.get("spare").asInt();
                    assertThat(words).contains(line.get("count").asInt() + (spare > 0 ? " + " + spare + " spare" : ""));
                }
            }
            for (int i = 0; i < pdf.getNumberOfPages(); i++) {
                double[] paper = PdfLines.paper(pdf, i);
                assertThat(Math.min(paper[0], paper[1])).isCloseTo(210, within(0.01));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"letter", "a3"})
    void templatesInItAreTrueOnAnyPaper(String paper) throws IOException {
        try (PDDocument pdf =
                booklet(Plans.swags("True"), ",\"chapters\":[\"templates\"],\"paper\":\"" + paper + "\"")) {
            assertThat(bookmarks(pdf)).containsExactly("Contents", "Templates");
            for (int page = 1; page < pdf.getNumberOfPages(); page++) {
                assertThat(PdfLines.of(pdf, page))
                        .anySatisfy(l -> assertThat(l.spanX()).isCloseTo(100, within(0.2)));
            }
        }
    }

    @Test
    void oddChaptersAndPaperAreRefused() {
        Plan plan = Plans.swags("Odd");
        assertThat(http.post("/api/booklet", asked(plan, ",\"chapters\":[\"soup\"],\"paper\":\"a4\""))
                        .status())
                .isEqualTo(400);
        assertThat(http.post("/api/booklet", asked(plan, ",\"chapters\":[],\"paper\":\"a9\""))
                        .status())
                .isEqualTo(400);
        assertThat(http.post("/api/booklet", "{\"chapters\":[]}").status()).isEqualTo(400);
        Http.Answer none = http.post("/api/booklet", asked(plan, ",\"chapters\":[null],\"paper\":\"a4\""));
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.text()).contains("chapters");
        assertThat(http.get("/api/booklet/chapters").json()).hasSize(9);
    }

    @Test
    void thePriceHasTheWorkshopsMarginAndTheClientSeesItOnlyWhereAsked() throws IOException {
        Plan plan = Plans.demo(json, "observatory-gala");
        try {
            http.send("PUT", "/api/workshop", SETTINGS.formatted(",\"margin\":0.5,\"sliceWide\":25,\"sliceDeep\":50"));
            JsonNode price = http.post("/api/price", asked(plan, "")).json();
            assertThat(price.get("price").asDouble())
                    .isCloseTo(1.5 * price.get("cost").asDouble(), within(1e-9));
            JsonNode shown =
                    http.post("/api/client", asked(plan, ",\"priced\":true")).json();
            assertThat(shown.get("price").asDouble())
                    .isEqualTo(price.get("price").asDouble());
            assertThat(shown.get("coin").asString()).isEqualTo("cr");
            JsonNode silent =
                    http.post("/api/client", asked(plan, ",\"priced\":false")).json();
            assertThat(silent.has("price")).isFalse();
            assertThat(silent.get("portions").asInt()).isPositive();
            try (PDDocument pdf = Loader.loadPDF(http.post("/api/client/pdf", asked(plan, ",\"priced\":true"))
                    .raw()
                    .body())) {
                assertThat(words(pdf)).contains("Price", "portions", "Allergens");
            }
            // Larger slices are fewer.
            http.send("PUT", "/api/workshop", SETTINGS.formatted(",\"sliceWide\":50,\"sliceDeep\":50"));
            assertThat(http.post("/api/client", asked(plan, ",\"priced\":false"))
                            .json()
                            .get("portions")
                            .asInt())
                    .isLessThan(silent.get("portions").asInt());
            assertThat(http.post("/api/price", asked(plan, "")).json().has("price"))
                    .isFalse();
            for (String odd : List.of(",\"margin\":-1", ",\"margin\":21", ",\"sliceWide\":1", ",\"sliceDeep\":999")) {
                assertThat(http.send("PUT", "/api/workshop", SETTINGS.formatted(odd))
                                .status())
                        .isEqualTo(400);
            }
        } finally {
            http.send("PUT", "/api/workshop", "{\"coin\":\"\",\"printedAcross\":100,\"printedDown\":100,\"hands\":1}");
        }
    }

    @Test
    void whatIsLaidOutHasADayForEveryDayOfWork() {
        Plan plan = Plans.demo(json, "observatory-gala").readyBy("2036-12-11T14:00");
        JsonNode layOut = http.post("/api/lay-out", asked(plan, "")).json();
        List<String> days = layOut.get("days")
                .valueStream()
                .map(d -> d.get("key").asString())
                .toList();
        JsonNode planned = http.post("/api/days", asked(plan, "")).json();
        planned.get("items")
                .valueStream()
                .filter(i -> i.get("own").asBoolean())
                .forEach(i -> i.get("work")
                        .forEach(w -> assertThat(days)
                                .contains(w.get("from").asString().substring(0, 10))));
        assertThat(layOut.get("jobs").size()).isGreaterThan(3);
        assertThat(Map.of(
                        "undated",
                        http.post("/api/lay-out", asked(plan.readyBy(null), ""))
                                .json()
                                .get("days")))
                .allSatisfy((k, v) -> assertThat(v).isEmpty());
    }
}
