package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Every view and every dialog at three widths, by every rule of WCAG 2.2 at level AA that a program can judge. */
class AccessIT extends Bench {
    /** With the tags also rules run that are off by default: the size of targets, names that hold their words. */
    private static final List<String> RULES =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22a", "wcag22aa", "best-practice", "experimental");

    /** Guesses that miss: large figures are no headings, and the ends of a dialog's round of Tab are meant. */
    private static final List<String> GUESSES = List.of("p-as-heading", "focus-order-semantics");

    /** Views whose controls stand otherwise on a phone; the rest is the same there, one below the other. */
    private static final List<String> OTHER_ON_A_PHONE = List.of("dress", "days", "notebook");

    private static final int TABLET = 1024;
    private static final int DESK = 1280;

    private boolean tablet;
    private boolean desk;
    private final List<String> wrong = new ArrayList<>();

    private static AxeBuilder axe() {
        // Only what is wrong is carried over from the browser: the rest is megabytes.
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder()
                .withOptions(options)
                .setLegacyMode()
                .withTags(RULES)
                .disableRules(GUESSES);
    }

    private void judge(String view) {
        if (desk || (!tablet && OTHER_ON_A_PHONE.stream().anyMatch(view::endsWith))) {
            judge(view, axe());
        } else {
            edge(view);
        }
    }

    private void judge(String view, AxeBuilder axe) {
        // What glides in is judged when it has come to rest.
        browser.driver()
                .executeAsyncScript("Promise.allSettled(document.getAnimations().map(a => a.finished))"
                        + ".then(arguments[arguments.length - 1])");
        for (Rule rule : axe.analyze(browser.driver()).getViolations()) {
            wrong.add(view + ": " + rule.getId() + " ×" + rule.getNodes().size() + " "
                    + rule.getNodes().get(0).getHtml());
        }
        edge(view);
    }

    private void edge(String view) {
        Object beyond = browser.driver()
                .executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        if (((Number) beyond).intValue() > 0) {
            wrong.add(view + " runs " + beyond + " px over the edge");
        }
        Object crowded = browser.driver().executeScript("""
                const names = [...document.querySelectorAll("nav[aria-label='Stages'] .font-display")].map((n) => {
                  // The words themselves: their box is as wide as its column, whatever runs over it.
                  const words = document.createRange();
                  words.selectNodeContents(n);
                  return words.getBoundingClientRect();
                });
                return names.some((n, i) => i > 0 && n.left < names[i - 1].right)""");
        if (Boolean.TRUE.equals(crowded)) {
            wrong.add(view + ": names on the stage line run into one another");
        }
    }

    private void view(String path) {
        browser.open(path);
        browser.see(By.tagName("h1"));
        browser.until(d -> d.getPageSource().contains("Laying it out") ? null : Boolean.TRUE);
        judge(path);
    }

    private void dialog(String view, By opener) {
        browser.click(opener);
        browser.see(By.cssSelector("[role=dialog]"));
        // The page behind it has been judged and is out of reach; on a phone a dialog is the same, only narrower.
        if (desk) {
            judge(view, axe().include("[role=dialog]"));
        } else {
            edge(view);
        }
        browser.keys(Keys.ESCAPE);
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
    }

    /** A dialog of a view that is opened for it. */
    private void dialog(String view, String path, String press) {
        browser.open(path);
        browser.see(By.tagName("h1"));
        dialog(view, press);
    }

    private void dialog(String view, String press) {
        dialog(view + ", " + press, Browser.button(press));
    }

    /** The largest cake of the demo, ready years ahead: nothing is late, and it takes no hands from other tests. */
    private String gala() throws IOException {
        try (InputStream plan = AccessIT.class.getResourceAsStream("/demo/observatory-gala.json")) {
            return "/plan/"
                    + browser.driver().executeAsyncScript("""
                                    const done = arguments[1];
                                    const body = JSON.stringify({ ...JSON.parse(arguments[0]), readyBy: '2036-12-11T14:00' });
                                    fetch('/api/plans', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body })
                                      .then(r => r.json()).then(opened => done(opened.id ?? JSON.stringify(opened)))""", new String(plan.readAllBytes(), StandardCharsets.UTF_8))
                    + "/";
        }
    }

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void everyViewAndDialog(int width, int height) throws IOException {
        browser.size(width, height);
        tablet = width == TABLET;
        desk = width == DESK;
        wrong.clear();
        browser.open("/");
        browser.see(By.tagName("h1"));
        String gala = gala();
        turntable(gala + "turntable");
        if (tablet) {
            // What lies over a page is as wide on a tablet as on a desk: there the stages' layout alone is looked at.
            for (String page : List.of("/notebook", "/devices", "/rehearse")) {
                view(page);
            }
            for (String stage : List.of("measure", "divide", "dress", "ahead", "make", "days", "build", "handover")) {
                view(gala + stage);
            }
            assertThat(wrong).isEmpty();
            return;
        }
        orders();
        for (String page : List.of(
                "/deleted",
                "/nothing-here",
                gala + "nothing-here",
                "/cupboard",
                "/notebook",
                "/devices",
                "/rehearse",
                "/workshop?part=people",
                "/sign-in",
                "/shared")) {
            view(page);
        }
        if (desk) {
            for (String page : List.of(
                    "/workshop", "/workshop?part=defaults", "/workshop?part=files", "/workshop?part=audit", "/join")) {
                view(page);
            }
            dialog(gala + "client", gala + "client", "Share by a link");
        }
        for (String stage : List.of("measure", "divide", "print", "order", "compare", "steps", "handover", "client")) {
            view(gala + stage);
        }
        plan(gala);
        view("/notebook");
        dialog("/notebook", "Type jobs in");
        browser.press("Rates");
        judge("/notebook, rates");
        assertThat(wrong).isEmpty();
    }

    /** Light and dark, at every size: there it is another page each time. */
    private void turntable(String path) {
        browser.open(path);
        browser.see(By.cssSelector("button[data-act]"));
        judge(path, axe());
        browser.press("All steps");
        browser.click(By.xpath("//div[@role='dialog']//button[contains(., 'off the tape')]"));
        browser.see(By.cssSelector("[data-reading]"));
        browser.keys("d");
        browser.until(
                d -> Boolean.TRUE.equals(d.executeScript("return document.documentElement.classList.contains('night')"))
                        ? Boolean.TRUE
                        : null);
        judge(path + ", dark", axe());
        // A dialog is the same at every size, only narrower: at the smallest it is looked at, at the largest judged.
        for (String opener : tablet
                ? List.<String>of()
                : List.of("Skip", "All steps", "It came out at…", "Cover a fault", "Evenness", "Phone", "Settings")) {
            dialog(path, opener);
        }
        browser.keys("d");
    }

    private void orders() {
        view("/");
        dialog("/", "New plan");
        dialog("/", "Name and day of Observatory gala");
        browser.ctrl("k");
        browser.see(By.cssSelector("[aria-label='Where to']"));
        judge("/, go to");
        browser.keys(Keys.ESCAPE);
        browser.keys("?");
        browser.read("go to anything");
        judge("/, keys");
        browser.keys(Keys.ESCAPE);
        dialog("/, units", By.cssSelector("[title='Units, tape and hand']"));
    }

    private void plan(String gala) {
        view(gala + "dress");
        dialog(gala + "dress", "Add a course");
        browser.press("Roll it up");
        judge(gala + "dress, rolled up");
        view(gala + "ahead");
        dialog(gala + "ahead", "Add a piece");
        view(gala + "make");
        for (String room :
                List.of("Inside", "Cut", "Sheets", "Buy", "Recipes", "Colour", "Lay out", "Hours and cost")) {
            browser.press(room);
            browser.until(d -> d.findElement(By.cssSelector("main")).getText().length() > 200 ? Boolean.TRUE : null);
            judge(gala + "make, " + room);
        }
        view(gala + "days");
        for (String opener : List.of("Add a task", "Hours, hands and places", "The room, hour by hour")) {
            dialog(gala + "days", opener);
        }
        view(gala + "build");
    }

    /** On the narrowest phone nothing runs over the edge. */
    @Test
    void nothingRunsOverTheEdgeOfASmallPhone() throws IOException {
        browser.size(320, 700);
        browser.open("/");
        browser.see(By.tagName("h1"));
        String gala = gala();
        for (String page : List.of(
                "/",
                "/cupboard",
                gala + "dress",
                gala + "days",
                gala + "print",
                gala + "handover",
                gala + "turntable")) {
            browser.open(page);
            browser.see(By.tagName("h1"));
            edge(page);
        }
        assertThat(wrong).isEmpty();
    }
}
