package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The whole job without a pointer: what is wanted is reached by Tab, and the keys are never lost. */
class KeysIT extends Bench {
    /** Longer than this, nobody would look for it. */
    private static final int PATIENCE = 60;

    private String focused() {
        return (String) browser.driver().executeScript("""
                const a = document.activeElement;
                if (a === null || a === document.body) return 'nothing';
                return (a.id === 'work' ? 'the work' : a.getAttribute('aria-label') || a.labels?.[0]?.innerText || a.innerText || a.tagName)
                  .trim().replace(/\\s+/g, ' ')""");
    }

    private void waitFor(String name) {
        browser.until(d -> focused().startsWith(name) ? Boolean.TRUE : null);
    }

    private void go(Runnable on, String name) {
        StringBuilder passed = new StringBuilder();
        for (int i = 0; i < PATIENCE; i++) {
            if (focused().startsWith(name)) {
                return;
            }
            on.run();
            passed.append(focused()).append(" | ");
        }
        throw new AssertionError(name + " was not reached by keys, only " + passed);
    }

    private void tabTo(String name) {
        go(() -> browser.keys(Keys.TAB), name);
    }

    private void enter(String text) {
        browser.ctrl("a");
        browser.keys(text, Keys.ENTER);
    }

    @Test
    void theWholeJob() {
        browser.open("/");
        browser.see(Browser.button("New plan"));
        // Past what stands on every page.
        browser.keys(Keys.TAB);
        waitFor("Skip to the work");
        browser.keys(Keys.ENTER);
        tabTo("New plan");
        browser.keys(Keys.ENTER);
        browser.see(Browser.field("What it is called"));
        tabTo("What it is called");
        browser.keys("By keys alone", Keys.ENTER);
        waitFor("the work");
        measureAndDivide();
        dress();
        print();
        deleteAndBringBack();
        assertThat(browser.complaints()).isEmpty();
    }

    private void measureAndDivide() {
        browser.see(Browser.field("Diameter"));
        tabTo("Tape round the foot");
        enter("73.1");
        browser.see(lead("73.1", "round the foot"));
        browser.ctrl("z");
        browser.see(row("Round it, by tape", "not yet"));
        browser.keys(Keys.ESCAPE, "2");
        waitFor("the work");
        tabTo("Mark to move");
        browser.keys(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        tabTo("Mark 3 at");
        enter("21.2 cm");
        browser.read("Free the mark moved by hand");
        browser.says("Mark 3 at", "21.2 cm");
        // Back to the handle on the band itself.
        go(browser::backTab, "Mark to move");
        go(browser::backTab, "Mark 3");
        browser.keys(Keys.ARROW_LEFT, Keys.ARROW_LEFT);
        browser.says("Mark 3 at", "21 cm");
        tabTo("Free the mark");
        browser.keys(Keys.ENTER);
        browser.gone("moved by hand");
        tabTo("8 sections");
        browser.keys(Keys.ARROW_RIGHT);
        browser.see(lead("9", "marks"));
        waitFor("9 sections");
        browser.keys(Keys.ARROW_LEFT);
        browser.see(lead("8", "marks"));
    }

    private void dress() {
        browser.keys("3");
        waitFor("the work");
        tabTo("Add a course");
        browser.keys(Keys.ENTER);
        browser.see(By.cssSelector("[role=dialog]"));
        tabTo("Swag lines");
        browser.keys(Keys.ENTER);
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.until(d -> focused().equals("nothing") ? null : Boolean.TRUE);
        tabTo("Lowest point");
        String low = browser.see(By.cssSelector("[aria-label^='Lowest point']")).getDomAttribute("aria-valuenow");
        browser.keys(Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        browser.until(d -> low.equals(d.findElement(By.cssSelector("[aria-label^='Lowest point']"))
                        .getDomAttribute("aria-valuenow"))
                ? null
                : Boolean.TRUE);
        tabTo("Section after");
        browser.keys(Keys.ENTER);
        browser.read("handles of section 5");
        browser.saved();
    }

    private void print() {
        browser.keys("p");
        waitFor("the work");
        browser.read("Marking strip, 8 sections");
        tabTo("Save the PDF");
        browser.keys(Keys.ENTER);
        Path pdf = browser.downloads().resolve("By keys alone, Tier.pdf");
        browser.until(d -> Files.exists(pdf) ? Boolean.TRUE : null);
        waitFor("Save the PDF");
    }

    private void deleteAndBringBack() {
        browser.ctrl("k");
        browser.see(By.cssSelector("[aria-label='Where to']"));
        browser.keys("all ord", Keys.ENTER);
        browser.see(Browser.button("New plan"));
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.keys("?");
        browser.read("go to anything");
        browser.keys(Keys.ESCAPE);
        browser.gone("go to anything");
        tabTo("Search orders");
        browser.keys("By keys alone");
        tabTo("Delete By keys alone");
        browser.keys(Keys.ENTER);
        browser.until(
                d -> d.findElements(Browser.button("Delete By keys alone")).isEmpty() ? Boolean.TRUE : null);
        browser.until(d -> focused().equals("nothing") ? null : Boolean.TRUE);
        tabTo("Deleted orders");
        browser.keys(Keys.ENTER);
        browser.read("each is kept for thirty days");
        tabTo("Bring back By keys alone");
        browser.keys(Keys.ENTER);
        browser.read("By keys alone is back among the orders");
        browser.until(d -> focused().equals("nothing") ? null : Boolean.TRUE);
    }
}
