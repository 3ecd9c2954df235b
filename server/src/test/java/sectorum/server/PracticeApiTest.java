package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Rehearsing over real HTTP: judged there, kept by person, printed with the answers apart. */
class PracticeApiTest extends OverHttp {
    private JsonNode progress(String drill) {
        return http.get("/api/practice/progress")
                .json()
                .get("drills")
                .valueStream()
                .filter(d -> d.get("drill").asString().equals(drill))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anAnswerIsJudgedAndKept() {
        JsonNode exercise =
                http.get("/api/practice/exercise?drill=mirror&seed=41").json();
        long before = progress("mirror").get("done").asLong();
        String right = exercise.get("turns").asInt() % 2 == 1 ? "mirrored" : "as-drawn";
        JsonNode judged = http.post(
                        "/api/practice/judge",
                        "{\"drill\":\"mirror\",\"seed\":41,\"answer\":{\"numbers\":[],\"choice\":\"%s\"}}"
                                .formatted(right))
                .json();
        assertThat(judged.get("right").asBoolean()).isTrue();
        assertThat(progress("mirror").get("done").asLong()).isEqualTo(before + 1);
        JsonNode last = progress("mirror").get("last");
        assertThat(last.get(last.size() - 1).asBoolean()).isTrue();
    }

    @Test
    void marksTellTheHand() {
        JsonNode e = http.get("/api/practice/exercise?drill=tape&seed=9").json();
        StringBuilder marks = new StringBuilder();
        for (int k = 0; k < e.get("sections").asInt(); k++) {
            double at = k * e.get("around").asDouble() / e.get("sections").asInt() + (k == 0 ? 0 : k % 2 == 0 ? 1 : -1);
            marks.append(k == 0 ? "" : ",").append(at);
        }
        JsonNode judged = http.post(
                        "/api/practice/judge",
                        "{\"drill\":\"tape\",\"seed\":9,\"answer\":{\"numbers\":[%s]}}".formatted(marks))
                .json();
        assertThat(judged.get("markMm").asDouble()).isBetween(0.99, 1.01);
        assertThat(http.get("/api/practice/progress").json().get("hands").asInt())
                .isPositive();
    }

    @Test
    void aSheetHasItsAnswersOnPagesOfTheirOwn() throws Exception {
        byte[] pdf =
                http.get("/api/practice/sheet?seed=3&many=8&paper=a4").raw().body();
        try (PDDocument read = Loader.loadPDF(pdf)) {
            PDFTextStripper words = new PDFTextStripper();
            words.setStartPage(1);
            words.setEndPage(1);
            assertThat(words.getText(read)).contains("Rehearsal 3").doesNotContain("answers");
            words.setStartPage(read.getNumberOfPages());
            words.setEndPage(read.getNumberOfPages());
            assertThat(words.getText(read)).contains("Rehearsal 3, answers").contains("8. ");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GET /api/practice/exercise?drill=juggle&seed=1 | | drill",
                "GET /api/practice/sheet?seed=1&many=900&paper=a4 | | 40",
                "POST /api/practice/judge | {\"drill\":\"count\",\"seed\":1,\"answer\":{\"numbers\":[1,2]}} | one is asked for",
                "POST /api/practice/judge | {\"drill\":\"tape\",\"seed\":1,\"answer\":{\"numbers\":[1]}} | are asked for",
                "POST /api/practice/judge | {\"drill\":\"mirror\",\"seed\":1,\"answer\":{\"numbers\":[],\"choice\":\"up\"}} | none of the choices",
            })
    void nonsenseIsRefusedInWords(String request, String body, String said) {
        String[] asked = request.split(" ");
        Http.Answer answer = http.send(asked[0], asked[1], body);
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(answer.text()).contains(said);
    }
}
