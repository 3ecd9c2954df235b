package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.Values;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.server.RandomPlans;
import sectorum.surface.SurfaceKind;

/**
 * What a hand waits for, measured in the page: from a press to the frame that shows it, and frames while the stack turns.
 * Run by {@code scripts/bench-browser}, never as a test: figures belong in docs/benchmarks.md.
 */
class BrowserBenchmark extends Bench {
    private static final Path FIGURES = Path.of("target", "browser-benchmark.txt");

    private static final String EDITS = """
            const [label, done] = arguments, times = [], find = () => document.querySelector(`g[role=slider][aria-label^='${label}']`);
            const step = (i) => {
              if (i === 80) { done(times.slice(10)); return; }
              const grip = find();
              const before = grip.getAttribute('aria-valuenow');
              const begin = performance.now();
              const seen = new MutationObserver(() => {
                const now = find();
                if (now.getAttribute('aria-valuenow') === before) return;
                seen.disconnect();
                requestAnimationFrame(() => {
                  const channel = new MessageChannel();
                  channel.port1.onmessage = () => {
                    times.push(performance.now() - begin);
                    setTimeout(() => step(i + 1), 60);
                  };
                  channel.port2.postMessage(0);
                });
              });
              seen.observe(document.body, {subtree: true, attributes: true, childList: true});
              grip.dispatchEvent(new KeyboardEvent('keydown', {key: i % 2 ? 'ArrowUp' : 'ArrowDown', bubbles: true}));
            };
            step(0);
            """;
    private static final String FRAMES = """
            const done = arguments[1], gaps = [];
            const cake = document.querySelector("canvas[aria-label='The cake, turned']");
            cake.focus();
            let last = 0, n = 0;
            const frame = (now) => {
              if (last && n > 5) gaps.push(now - last);
              last = now;
              if (++n === 240) { done(gaps); return; }
              cake.dispatchEvent(new KeyboardEvent('keydown', {key: 'ArrowRight', bubbles: true}));
              requestAnimationFrame(frame);
            };
            requestAnimationFrame(frame);
            """;

    private static final String TAPE = """
            const done = arguments[1], gaps = [];
            const press = () => document.querySelector('button[data-act]').click();
            let last = 0, n = 0;
            const frame = (now) => {
              if (last && n > 30) gaps.push(now - last);
              last = now;
              if (++n === 300) { done(gaps); return; }
              if (n % 30 === 10) press();
              requestAnimationFrame(frame);
            };
            requestAnimationFrame(frame);
            """;

    /** A long drag: how much the page holds after each thousand steps, when all that can be has been let go. */
    private static final String DRAG = """
            const [label, done] = arguments;
            const grip = () => document.querySelector(`g[role=slider][aria-label^='${label}']`);
            let n = 0;
            const at = (type, dy) => grip().dispatchEvent(new PointerEvent(type, {bubbles: true, button: 0, pointerId: 1,
              clientX: 100, clientY: 100 + dy}));
            Element.prototype.setPointerCapture = () => undefined;
            at('pointerdown', 0);
            const step = () => {
              if (++n > 1000) { at('pointerup', 0); setTimeout(done, 300); return; }
              at('pointermove', (n % 40) - 20);
              requestAnimationFrame(step);
            };
            step();
            """;

    private static final int DRAGS = Integer.getInteger("sectorum.drags", 3);

    private void dress(String plan, String tier, String course, String grip) {
        browser.open("/");
        browser.click(By.partialLinkText(plan));
        browser.press("Dress");
        browser.keys(",");
        browser.see(By.cssSelector("canvas"));
        if (tier != null) {
            browser.press(tier);
        }
        browser.see(By.xpath("//ul[@aria-label='Courses']//button[contains(., '" + course + "')]"))
                .click();
        browser.see(By.cssSelector("g[role=slider][aria-label^='" + grip + "']"));
    }

    private void gala() {
        dress("Observatory gala", "Second tier, 23.27 cm across", "Drapes", "Lowest point");
    }

    private void core(boolean there) {
        browser.driver().executeCdpCommand("Network.enable", Map.of());
        browser.driver()
                .executeCdpCommand("Network.setBlockedURLs", Map.of("urls", there ? List.of() : List.of("*.wasm")));
    }

    private void ready(String state) {
        browser.until(d -> state.equals(d.executeScript("return window.sectorum.state")) ? Boolean.TRUE : null);
    }

    @Test
    void editsAndTurning() throws IOException {
        Files.deleteIfExists(FIGURES);
        browser.driver().manage().timeouts().scriptTimeout(Duration.ofMinutes(2));
        core(false);
        gala();
        ready("none");
        print("edit to new picture, the server answers, ms", EDITS, "Lowest point");
        core(true);
        gala();
        ready("ready");
        print("edit to new picture, core in the page, ms", EDITS, "Lowest point");
        browser.line(false, 40);
        print("the same with 40 ms added to every request, ms", EDITS, "Lowest point");
        browser.line(false, 0);
        print("frame while the stack turns, ms", FRAMES, "");
        print("the same once more, ms", FRAMES, "");
        memory();
        dense();
        tape();
    }

    /** At the turntable, a mark made every half second: the tape runs, the cake turns. */
    private void tape() throws IOException {
        browser.open("/");
        String plan = browser.see(By.partialLinkText("Observatory gala")).getDomProperty("href");
        browser.driver().get(plan.substring(0, plan.lastIndexOf('/')) + "/turntable");
        browser.press("All steps");
        browser.click(By.xpath("//div[@role='dialog']//button[contains(., 'off the tape')]"));
        browser.see(By.cssSelector("[data-reading]"));
        ready("ready");
        print("frame while the tape runs, ms", TAPE, "");
    }

    /** A course of 20,000 pieces. */
    private void dense() throws IOException {
        Tier tier = Tier.fresh("fine", "Fine")
                .formed(
                        new OutlineSpec("round", new Values(Map.of("diameter", 480.0))),
                        200,
                        List.of(new Coat("fondant", 4)));
        Tier divided = RandomPlans.changed(
                tier,
                "divisions",
                List.of(DivisionSpec.of("marks", 500, null, Front.SECTION, Preference.ANY, List.of())));
        Plan plan = RandomPlans.changed(
                Plan.fresh("Twenty thousand"),
                "tiers",
                List.of(divided.wearing(List.of(Dressing.fresh("weave", "weave", SurfaceKind.SIDE, "marks")
                        .with(new Values(Map.of("each", 1, "stake", 1.0, "weaver", 2.5)))))));
        browser.driver()
                .executeAsyncScript(
                        "fetch('/api/plans', {method: 'POST', headers: {'Content-Type': 'application/json'}, body: JSON.stringify("
                                + "arguments[0])}).then(arguments[1])",
                        RandomPlans.JSON.convertValue(plan, Map.class));
        browser.open("/");
        browser.click(By.partialLinkText("Twenty thousand"));
        browser.press("Dress");
        ready("ready");
        String grip = browser.see(By.cssSelector("g[role=slider][aria-orientation=vertical]"))
                .getDomAttribute("aria-label");
        print("an edit of 20,000 woven pieces, ms", EDITS, grip);
    }

    private void memory() throws IOException {
        StringBuilder line = new StringBuilder("held after each thousand steps of a drag, MB (words crossed):");
        for (int i = 0; i <= DRAGS; i++) {
            if (i > 0) {
                browser.driver().executeAsyncScript(DRAG, "Lowest point");
            }
            browser.driver().executeCdpCommand("HeapProfiler.collectGarbage", Map.of());
            Map<String, Object> heap = browser.driver().executeCdpCommand("Runtime.getHeapUsage", Map.of());
            line.append(String.format(
                    Locale.ROOT,
                    " %.1f (%s)",
                    ((Number) heap.get("usedSize")).doubleValue() / 1e6,
                    browser.driver().executeScript("return window.sectorum.words")));
        }
        Files.writeString(FIGURES, line.append('\n'), StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private void print(String what, String script, String label) throws IOException {
        List<Double> sorted = ((List<?>) browser.driver().executeAsyncScript(script, label))
                .stream().map(n -> ((Number) n).doubleValue()).sorted().toList();
        assertThat(sorted).isNotEmpty();
        String line = String.format(
                Locale.ROOT,
                "%s: median %.1f, 95th %.1f, longest %.1f, over 20: %d of %d%n",
                what,
                at(sorted, 0.5),
                at(sorted, 0.95),
                sorted.get(sorted.size() - 1),
                sorted.stream().filter(t -> t > 20).count(),
                sorted.size());
        Files.writeString(FIGURES, line, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }
}
