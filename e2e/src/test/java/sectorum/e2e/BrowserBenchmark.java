package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/**
 * What a hand waits for, measured in the page: from a press to the frame that shows it, and frames while the stack turns.
 * Run by {@code scripts/bench-browser}, never as a test: figures belong in docs/benchmarks.md.
 */
class BrowserBenchmark extends Bench {
    private static final Path FIGURES = Path.of("target", "browser-benchmark.txt");

    private static final String EDITS = """
            const done = arguments[0], times = [];
            const step = (i) => {
              if (i === 80) { done(times.slice(10)); return; }
              const grip = document.querySelector("g[role=slider][aria-label^='Lowest point']");
              const before = grip.getAttribute('aria-valuenow');
              const begin = performance.now();
              const seen = new MutationObserver(() => {
                const now = document.querySelector("g[role=slider][aria-label^='Lowest point']");
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
            const done = arguments[0], gaps = [];
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

    @Test
    void editsAndTurning() throws IOException {
        Files.deleteIfExists(FIGURES);
        browser.driver().manage().timeouts().scriptTimeout(Duration.ofMinutes(2));
        browser.open("/");
        browser.click(By.partialLinkText("Observatory gala"));
        browser.press("Dress");
        browser.keys(",");
        browser.see(By.cssSelector("canvas"));
        browser.press("Second tier, 23.27 cm across");
        browser.see(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'Drapes')]"))
                .click();
        browser.see(By.cssSelector("g[role=slider][aria-label^='Lowest point']"));
        print("edit to new picture, ms", EDITS);
        print("frame while the stack turns, ms", FRAMES);
    }

    private void print(String what, String script) throws IOException {
        List<Double> sorted = ((List<?>) browser.driver().executeAsyncScript(script))
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
