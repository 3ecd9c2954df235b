package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The server is really ended in the middle of a sitting: the work goes on, over a reload, too, and comes in once and in order. */
class OfflineIT {
    private static final By NEXT = By.cssSelector("button[data-act]");

    private final OwnServer server = new OwnServer();

    private static void press(Browser browser, CharSequence key) {
        browser.driver().executeAsyncScript("setTimeout(arguments[0], 200)");
        browser.keys(key);
    }

    private static void counts(Browser browser, int many) {
        browser.until(d -> String.valueOf(many)
                        .equals(d.findElement(By.cssSelector("[data-count]")).getDomAttribute("data-count"))
                ? Boolean.TRUE
                : null);
    }

    private static void state(Browser browser, String script) {
        browser.until(d -> Boolean.TRUE.equals(d.executeAsyncScript(script)) ? Boolean.TRUE : null);
    }

    @Test
    void theSittingGoesOnWithoutAServerAndComesInOnce() {
        assumeThat(System.getenv("SECTORUM_TEST_DB"))
                .as("a database to start a server of its own with")
                .isNotNull();
        server.start();
        try (server;
                Browser browser = new Browser(server.base())) {
            String plan = withSwags(browser);
            browser.open("/plan/" + plan + "/turntable");
            browser.see(NEXT);
            browser.press("All steps");
            browser.click(By.xpath("//div[@role='dialog']//button[contains(., 'off the tape')]"));
            press(browser, Keys.SPACE);
            counts(browser, 1);
            browser.read("in touch");
            // What the device needs without a server is there.
            state(browser, "const d = arguments[0]; d(window.sectorum.state === 'ready')");
            state(
                    browser,
                    "const d = arguments[0]; navigator.serviceWorker.ready.then(() => caches.open('sectorum-data-1'))"
                            + ".then(c => c.match('/api/plans/" + plan + "/opened')).then(m => d(m !== undefined))");
            state(
                    browser,
                    "const d = arguments[0]; caches.open('sectorum-data-1').then(c => c.match('/api/bench'))"
                            + ".then(m => d(m !== undefined && navigator.serviceWorker.controller !== null))");
            server.kill();
            press(browser, Keys.SPACE);
            press(browser, Keys.SPACE);
            counts(browser, 3);
            browser.read("2 wait to be sent");
            browser.again();
            browser.see(NEXT);
            counts(browser, 3);
            browser.read("2 wait to be sent");
            state(browser, "const d = arguments[0]; d(window.sectorum.state === 'ready')");
            press(browser, Keys.SPACE);
            counts(browser, 4);
            // It came out otherwise: the rest is reckoned on the device.
            String before = browser.see(By.cssSelector("[data-reading]")).getText();
            browser.press("It came out at…");
            browser.type("The last ends at", "33 cm");
            browser.press("Spread it");
            browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
            browser.until(d -> before.equals(
                            d.findElement(By.cssSelector("[data-reading]")).getText())
                    ? null
                    : Boolean.TRUE);
            server.start();
            browser.until(d ->
                    "0".equals(d.findElement(By.cssSelector("[data-waiting]")).getDomAttribute("data-waiting"))
                            ? Boolean.TRUE
                            : null);
            browser.read("in touch");
            keptOnce(plan);
            browser.until(d -> server.read("/api/plans/" + plan).contains("\"mark\":4") ? Boolean.TRUE : null);
            browser.again();
            browser.see(NEXT);
            counts(browser, 4);
        }
    }

    private static String withSwags(Browser browser) {
        browser.open("/");
        browser.press("New plan");
        browser.see(Browser.field("What it is called")).sendKeys("Without a server");
        browser.press("Make it");
        browser.see(Browser.field("Diameter"));
        browser.press("Dress");
        browser.press("Add a course");
        browser.press("Swag lines");
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.saved();
        return browser.driver().getCurrentUrl().replaceAll(".*/plan/(\\d+)/.*", "$1");
    }

    private void keptOnce(String plan) {
        List<String> ids = new ArrayList<>();
        double counted = 0;
        for (JsonNode line : JsonMapper.shared()
                .readTree(server.read("/api/plans/" + plan + "/journal"))
                .get("lines")) {
            ids.add(line.at("/entry/id").asString());
            counted += line.at("/entry/kind").asString().equals("count")
                    ? line.at("/entry/amount").asDouble()
                    : 0;
        }
        assertThat(new HashSet<>(ids)).hasSameSizeAs(ids);
        assertThat(counted).isEqualTo(4);
    }
}
