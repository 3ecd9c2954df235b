package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.chrome.ChromeDriver;
import sectorum.question.Question;
import sectorum.server.RandomPlans;

/** Core in the page: it answers what the server answers to the last bit, the server where it is not there, and nothing is lost. */
class CraftIT extends Bench {
    private static final int PLANS = 12;
    private static final Path FIGURES = Path.of("target", "core-in-the-page.txt");

    /** Puts each question to core in the page and to the server; gives what differs, and how many numbers were alike. */
    private static final String COMPARE = """
            const [questions, done] = arguments;
            const paths = {WorkupRequest: 'workup', NextTierRequest: 'next-tier', BuildRequest: 'build',
              PiecesRequest: 'pieces', WaysRequest: 'ways', RescueRequest: 'rescue', RefitRequest: 'refit',
              TrayRequest: 'tray', PieceTrayRequest: 'pieces/tray', PlacesRequest: 'turntable/places',
              BenchStateRequest: 'turntable/state', EvennessRequest: 'turntable/evenness'};
            const told = {numbers: 0, answers: 0, refusals: 0, differ: []};
            function compare(here, there, at) {
              if (Object.is(here, there)) { told.numbers += typeof here === 'number'; return; }
              const both = [here, there];
              if (both.some(x => typeof x !== 'object' || x === null)) {
                told.differ.push(at + ': ' + JSON.stringify(here) + ' here, ' + JSON.stringify(there) + ' there'); return;
              }
              const [a, b] = both.map(Object.keys);
              if (a.join() !== b.join()) { told.differ.push(at + ': ' + a.join() + ' here, ' + b.join() + ' there'); return; }
              for (const key of a) { if (told.differ.length < 8) compare(here[key], there[key], at + '.' + key); }
            }
            (async () => {
              for (const [name, body] of Object.entries(questions)) {
                const here = window.sectorum.ask(name, body);
                const answer = name === 'LengthRequest'
                  ? await fetch('/api/length?' + new URLSearchParams(body))
                  : await fetch('/api/' + paths[name], {method: 'POST', body: JSON.stringify(body),
                      headers: {'Content-Type': 'application/json'}});
                const there = await answer.json();
                if (here === null) {
                  told.differ.push(name + ' failed here, the server says ' + JSON.stringify(there).slice(0, 200));
                } else if ('refused' in here) {
                  told.refusals++;
                  compare({detail: here.refused.detail, phrase: here.refused.phrase},
                    {detail: there.detail, phrase: there.phrase}, name);
                } else {
                  told.answers++;
                  compare(here.answer, there, name);
                }
              }
              done(told);
            })().catch(wrong => done({numbers: 0, answers: 0, refusals: 0, differ: [String(wrong)]}));
            """;

    private void core(String state) {
        browser.until(d -> state.equals(script("return window.sectorum.state")) ? Boolean.TRUE : null);
    }

    private Object script(String code) {
        return browser.driver().executeScript(code);
    }

    private long answered(String where) {
        return ((Number) script("return window.sectorum.counts." + where)).longValue();
    }

    @Test
    @SuppressWarnings("unchecked")
    void coreInThePageAnswersToTheLastBitWhatTheServerAnswers() throws IOException {
        newPlan("Compared");
        core("ready");
        ChromeDriver driver = browser.driver();
        long numbers = 0;
        long answers = 0;
        List<String> differ = new ArrayList<>();
        int plans = PLANS * Integer.getInteger("sectorum.samples", 1);
        for (int i = 0; i < plans && differ.size() < 20; i++) {
            Map<String, Question<?>> questions = new RandomPlans(i).questions();
            Object bodies = RandomPlans.JSON.convertValue(questions, Map.class);
            Map<String, Object> told = (Map<String, Object>) driver.executeAsyncScript(COMPARE, bodies);
            numbers += ((Number) told.get("numbers")).longValue();
            answers += ((Number) told.get("answers")).longValue();
            for (Object each : (List<Object>) told.get("differ")) {
                differ.add("plan " + i + ": " + each);
            }
        }
        assertThat(differ).isEmpty();
        assertThat(numbers).as("numbers compared").isGreaterThan(3000L * plans);
        assertThat(answers).as("questions answered").isGreaterThan(6L * plans);
        Files.writeString(FIGURES, plans + " plans, " + answers + " answers, " + numbers + " numbers alike\n");
    }

    /** Core cannot be fetched: nobody is told, the server answers. */
    private void withoutCore(Runnable work) {
        browser.driver().executeCdpCommand("Network.enable", Map.of());
        browser.driver().executeCdpCommand("Network.setBlockedURLs", Map.of("urls", List.of("*.wasm")));
        try {
            work.run();
        } finally {
            browser.driver().executeCdpCommand("Network.setBlockedURLs", Map.of("urls", List.of()));
        }
    }

    /** Presses, a typed length, a way to mark, a next tier: what a hand does at a plan. */
    private Answered work(String plan, String state) {
        newPlan(plan);
        core(state);
        Answered before = new Answered(answered("here"), answered("there"));
        browser.type("Diameter", "23,5 cm");
        browser.press("Divide");
        browser.see(lead("8", "marks"));
        browser.keys("]", "]", "]");
        browser.see(lead("11", "marks"));
        browser.press("Add a tier");
        browser.saved();
        return new Answered(answered("here") - before.here(), answered("there") - before.there());
    }

    /** How many questions were answered in the page, and at the server. */
    private record Answered(long here, long there) {}

    @Test
    void aHandsWorkIsAnsweredInThePage() {
        Answered all = work("In the page", "ready");
        assertThat(all.here()).as("answered here").isGreaterThan(5);
        assertThat(all.there()).as("asked of the server").isZero();
        // The server names the very module that its screens carry: with another, the page would ask the server alone.
        assertThat(browser.driver()
                        .executeAsyncScript(
                                "fetch('/api/names').then(a => arguments[0](a.headers.get('Sectorum-Craft')))"))
                .isEqualTo(script("return window.sectorum.module"));
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void whereCoreCannotBeFetchedTheServerAnswers() {
        withoutCore(() -> {
            Answered all = work("At the server", "none");
            assertThat(all.here()).as("answered here").isZero();
            assertThat(all.there()).as("asked of the server").isGreaterThan(5);
        });
    }

    @Test
    void withoutAServerTheHandGoesOnAndAllIsSavedAfter() {
        newPlan("On its own");
        core("ready");
        browser.press("Divide");
        browser.see(lead("8", "marks"));
        browser.saved();
        browser.line(false, 800);
        browser.keys("]");
        browser.line(true, 800);
        // Reckoned here: the new marks stand, and what is not saved is told.
        browser.keys("]", "]");
        browser.see(lead("11", "marks"));
        browser.read("no answer");
        browser.keys("]");
        browser.see(lead("12", "marks"));
        browser.line(false, 0);
        browser.saved();
        browser.again();
        browser.see(lead("12", "marks"));
        browser.saved();
    }
}
