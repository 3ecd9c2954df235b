package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A slow server, none, and one that comes back: every press counts, in order, and nothing is lost without a word. */
class AwayIT extends Bench {
    private static final By DROP = By.cssSelector("[role=slider][aria-label^='Lowest point']");

    private double drop() {
        return Double.parseDouble(browser.see(DROP).getDomAttribute("aria-valuenow"));
    }

    @ParameterizedTest(name = "answers after {0} ms")
    @ValueSource(ints = {0, 2000})
    void everyPressCounts(int delay) {
        newPlan("Slow " + delay);
        browser.press("Dress");
        addCourse("Swag lines");
        browser.saved();
        browser.press("Divide");
        browser.see(lead("8", "marks"));
        browser.line(false, delay);
        browser.keys("]", "]", "]", "]");
        browser.see(lead("12", "marks"));
        browser.ctrl("z");
        browser.keys("[");
        browser.see(lead("10", "marks"));
        browser.line(false, 0);
        browser.press("Dress");
        double before = drop();
        browser.line(false, delay);
        browser.see(DROP).sendKeys(Keys.ARROW_DOWN);
        browser.keys(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_UP);
        browser.until(d -> Math.abs(drop() - before - 4) < 1e-9 ? Boolean.TRUE : null);
        browser.saved();
        browser.line(false, 0);
        browser.again();
        browser.until(d -> Math.abs(drop() - before - 4) < 1e-9 ? Boolean.TRUE : null);
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void whatIsDoneWhileNobodyAnswersIsKeptAndMadeUpFor() {
        newPlan("Cut off");
        browser.press("Divide");
        browser.see(lead("8", "marks"));
        browser.saved();
        browser.line(true, 0);
        browser.keys("]", "]", "]");
        browser.read("no answer");
        browser.size(900, 700);
        browser.read("no answer");
        browser.size(1280, 800);
        // The server is back: nobody has to press anything.
        browser.line(false, 0);
        browser.see(lead("11", "marks"));
        browser.saved();
        browser.line(true, 0);
        browser.keys("]");
        browser.read("no answer");
        browser.ctrl("z");
        browser.keys("]", "]");
        browser.line(false, 0);
        browser.again();
        browser.see(lead("13", "marks"));
        browser.saved();
        browser.again();
        browser.see(lead("13", "marks"));
    }

    @Test
    void aCutInMidPressLosesNothing() {
        newPlan("Mid press");
        browser.press("Divide");
        browser.see(lead("8", "marks"));
        browser.saved();
        browser.line(false, 1000);
        browser.keys("]", "]");
        browser.line(true, 1000);
        browser.keys("]");
        browser.read("no answer");
        browser.line(false, 0);
        browser.see(lead("11", "marks"));
        browser.saved();
        browser.again();
        browser.see(lead("11", "marks"));
    }

    @Test
    void otherPagesRecoverByThemselves() {
        newPlan("Seen again");
        browser.press("Days");
        browser.see(By.tagName("h1"));
        browser.line(true, 0);
        browser.press("Build");
        browser.press("Print");
        browser.press("Make");
        browser.line(false, 0);
        browser.read("To knead, mix and buy");
        browser.press("Build");
        browser.read("The whole cake");
    }

    /** Loaded, but nothing that it asks for comes, as where the database stands still. */
    @Test
    void aPageThatGetsNoAnswerTellsSoAndGoesOnByItself() {
        browser.withholds("*/api/*");
        browser.open("/cupboard");
        browser.read("Sectorum does not answer just now");
        browser.withholds();
        browser.gone("Sectorum does not answer just now");
        browser.see(By.tagName("h1"));
    }
}
