package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.plan.Plan;
import sectorum.server.documents.PdfLines;
import sectorum.server.documents.PdfLines.Line;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Printed templates, read back from the PDF as a ruler would. */
@ExtendWith(RunningApp.class)
class TemplateApiTest {
    private static final double TRUE_TO = 0.2;

    private static String order(JsonMapper json, String paper, String... names) {
        Plan plan = Plans.swags("Ruler");
        names = java.util.Arrays.stream(names).map(n -> "top/" + n).toArray(String[]::new);
        return json.writeValueAsString(Map.of("plan", plan, "tier", "top", "names", List.of(names), "paper", paper));
    }

    private static PDDocument pdf(Http http, String order) throws IOException {
        Http.Answer answer = http.post("/api/templates/pdf", order);
        assertThat(answer.header("content-type")).isEqualTo("application/pdf");
        return Loader.loadPDF(answer.raw().body());
    }

    @ParameterizedTest
    @ValueSource(strings = {"a4", "letter", "a3"})
    void everySheetHasItsPaperAndA100MmLineBothWays(String paper, Http http, JsonMapper json) throws IOException {
        Map<String, double[]> sizes = Map.of(
                "a4", new double[] {210, 297}, "letter", new double[] {215.9, 279.4}, "a3", new double[] {297, 420});
        try (PDDocument document = pdf(http, order(json, paper))) {
            assertThat(document.getNumberOfPages()).isGreaterThanOrEqualTo(2);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                List<Line> lines = PdfLines.of(document, page);
                assertThat(lines).anySatisfy(l -> assertThat(l.spanX()).isCloseTo(100, within(TRUE_TO)));
                assertThat(lines).anySatisfy(l -> {
                    assertThat(l.spanY()).isCloseTo(100, within(TRUE_TO));
                    assertThat(l.spanX()).isCloseTo(0, within(1e-6));
                });
                double[] size = PdfLines.paper(document, page);
                assertThat(Math.min(size[0], size[1])).isCloseTo(sizes.get(paper)[0], within(0.01));
                assertThat(Math.max(size[0], size[1])).isCloseTo(sizes.get(paper)[1], within(0.01));
            }
        }
    }

    /** Glues the tiles at their joints, as a person would, and reads every mark on the strip. */
    @ParameterizedTest
    @ValueSource(strings = {"a4", "letter", "a3"})
    void markingStripReadsBackAcrossItsTiles(String paper, Http http, JsonMapper json) throws IOException {
        try (PDDocument document = pdf(http, order(json, paper, "marking-strip"))) {
            List<Double> marks = new ArrayList<>();
            double glued = 0;
            Double jointBefore = null;
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                // Rows of tiles on the page, told apart by where their long edges are.
                Map<Long, List<Line>> rows = new HashMap<>();
                for (Line line : PdfLines.of(document, page)) {
                    rows.computeIfAbsent(rowOf(line, document, page), r -> new ArrayList<>())
                            .add(line);
                }
                for (Long row : rows.keySet().stream().sorted().toList()) {
                    List<Line> tile = rows.get(row);
                    List<Line> joints = tile.stream()
                            .filter(l -> l.dashed() && l.spanX() < 1e-6 && Math.abs(l.spanY() - 32) < 0.1)
                            .sorted(Comparator.comparingDouble(Line::left))
                            .toList();
                    if (row < 0) {
                        continue;
                    }
                    if (jointBefore != null) {
                        glued += jointBefore - joints.get(0).left();
                    }
                    double shift = glued;
                    tile.stream()
                            .filter(l -> !l.dashed() && l.spanX() < 1e-6 && Math.abs(l.spanY() - 14) < 0.1)
                            .forEach(l -> marks.add(l.left() + shift));
                    jointBefore = joints.isEmpty()
                            ? null
                            : joints.get(joints.size() - 1).left();
                }
            }
            double first = marks.stream().mapToDouble(m -> m).min().orElseThrow();
            for (int k = 0; k < 5; k++) {
                double at = k * 146.2;
                assertThat(marks)
                        .as("mark %d at %s", k + 1, at)
                        .anySatisfy(m -> assertThat(m - first).isCloseTo(at, within(TRUE_TO)));
            }
        }
    }

    /** 32 mm strips stand 42 mm apart under a head of 34 mm; the head and the upright ruler are row −1. */
    private static long rowOf(Line line, PDDocument document, int page) {
        double fromTop = PdfLines.paper(document, page)[1] - line.top();
        return line.spanY() > 40 || fromTop < 33.9 ? -1 : (long) Math.floor((fromTop - 33.9) / 42);
    }

    @Test
    void fontCarriesTheSignsOfTheTrade(Http http, JsonMapper json) throws IOException {
        Plan plan = Plans.swags("½ ⅛ 45° 3 × 4 − – · é ß 字");
        String order = json.writeValueAsString(Map.of("plan", plan, "tier", "top", "names", List.of(), "paper", "a4"));
        try (PDDocument document = pdf(http, order)) {
            assertThat(new PDFTextStripper().getText(document)).contains("½ ⅛ 45° 3 × 4 − – · é ß □");
            assertThat(document.getDocumentCatalog().getViewerPreferences().getPrintScaling())
                    .isEqualTo("None");
        }
    }

    @Test
    void svgIsTrueToSizeAndListMatches(Http http, JsonMapper json) {
        JsonNode listed = http.post("/api/templates/list", order(json, "a4")).json();
        assertThat(listed.valueStream().map(t -> t.get("name").asString()))
                .contains("marking-strip", "gauge-soft", "sector-wheel", "swag-scallop");
        assertThat(listed.at("/0/width").asDouble()).isCloseTo(731, within(1e-9));
        String svg = http.post("/api/templates/svg", order(json, "a4", "swag-scallop"))
                .text();
        assertThat(svg).startsWith("<svg").contains("mm\" height=").contains("4.8 cm");
        JsonNode sheets =
                http.post("/api/templates/sheets", order(json, "letter")).json();
        assertThat(sheets.at("/0/width").asDouble()).isIn(215.9, 279.4);
    }

    @ParameterizedTest
    @CsvSource({
        "'marking-strip','ghost','top'",
        "'','marking-strip and swag-scallop at once','top'",
        "'tier','','cellar'",
    })
    void wrongOrdersAreRefusedByName(String ok, String bad, String tier, Http http, JsonMapper json) {
        List<String> names = bad.isEmpty() ? List.of() : List.of(bad);
        String order =
                json.writeValueAsString(Map.of("plan", Plans.swags("x"), "tier", tier, "names", names, "paper", "a4"));
        Http.Answer answer = http.post("/api/templates/pdf", order);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(bad.isEmpty() ? tier : bad);
    }

    /** Kept beside the screens' tests, which read both with readers that share nothing with their writers. */
    @ParameterizedTest
    @ValueSource(strings = {"svg", "dxf"})
    void filesForOthersAreKept(String kind, Http http, JsonMapper json) throws IOException {
        // The day of printing stands on it, and is another every day.
        String text = http.post("/api/templates/" + kind, order(json, "a4", "swag-scallop"))
                .text()
                .replaceAll("printed \\d+ \\w+ \\d{4}", "printed 1 Jan 2026");
        Path kept = Path.of("../web/src/print/scallop.fixture." + kind);
        if (Boolean.getBoolean("sectorum.describe")) {
            Files.writeString(kept, text);
        }
        assertThat(text).isEqualTo(Files.readString(kept));
    }

    @Test
    void svgHoldsOneTemplateAndPaperIsKnown(Http http, JsonMapper json) {
        assertThat(http.post("/api/templates/svg", order(json, "a4")).status()).isEqualTo(400);
        assertThat(http.post("/api/templates/pdf", order(json, "a9"))
                        .json()
                        .get("detail")
                        .asString())
                .contains("a9")
                .contains("letter");
    }
}
