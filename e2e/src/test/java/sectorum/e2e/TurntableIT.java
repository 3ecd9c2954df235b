package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** The plan at the bench: a sitting by two keys, by a knuckle and by two people. */
class TurntableIT extends Bench {
    private static final By NEXT = By.cssSelector("button[data-act]");
    private static final By COUNT = By.cssSelector("[data-count]");

    /** A plan of one tier in a course, at the bench, at the step that is told by its words. */
    private String atBench(String name, String technique) {
        newPlan(name);
        browser.press("Dress");
        addCourse(technique);
        browser.saved();
        browser.keys("b");
        browser.see(NEXT);
        return browser.driver().getCurrentUrl().replaceAll("\\?.*", "");
    }

    private void jump(String words) {
        browser.press("All steps");
        browser.click(By.xpath("//div[@role='dialog']//button[contains(., '" + words + "')]"));
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.read(words);
    }

    private void counts(int many) {
        browser.until(d ->
                String.valueOf(many).equals(d.findElement(COUNT).getDomAttribute("data-count")) ? Boolean.TRUE : null);
    }

    private void act(String act) {
        browser.until(d -> act.equals(d.findElement(NEXT).getDomAttribute("data-act")) ? Boolean.TRUE : null);
    }

    /** Presses bounce on a knuckle, so that what follows at once is one press: a hand takes longer. */
    private void press(CharSequence key) {
        browser.driver().executeAsyncScript("setTimeout(arguments[0], 200)");
        browser.keys(key);
    }

    private double reading() {
        return Double.parseDouble(
                browser.see(By.cssSelector("[data-reading]")).getText().replaceAll("[^0-9.]", ""));
    }

    private double tape() {
        return Double.parseDouble(browser.see(By.cssSelector("[data-tape-at]")).getDomAttribute("data-tape-at"));
    }

    @Test
    void twoKeysDriveASitting() {
        atBench("Two keys", "Swag lines");
        jump("off the tape");
        counts(0);
        double first = reading();
        press(Keys.SPACE);
        counts(1);
        assertThat(reading()).isGreaterThan(first);
        assertThat(tape() / 10).isBetween(reading() - 0.06, reading() + 0.06);
        press(Keys.ARROW_RIGHT);
        counts(2);
        press(Keys.ARROW_LEFT);
        counts(1);
        // A tap anywhere on the cake counts, too.
        browser.driver().executeAsyncScript("setTimeout(arguments[0], 200)");
        browser.click(By.cssSelector(
                "[aria-label^='The cake as far as it is,'], [aria-label='The cake as far as it is'] canvas"));
        counts(2);
        // Over a reload it stands where it stood.
        browser.again();
        browser.see(NEXT);
        counts(2);
        browser.press("All 8 are done");
        counts(8);
        act("look");
        press(Keys.SPACE);
        browser.read("Before going on, look");
        press(Keys.SPACE);
        browser.gone("Before going on, look");
        jump("off the tape");
        browser.read("Done.");
        press(Keys.ARROW_LEFT);
        act("look");
        press(Keys.ARROW_LEFT);
        counts(2);
        browser.press("Skip");
        browser.press("No time");
        jump("off the tape");
        browser.read("Skipped: no time");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void whatCannotBeUndoneIsGuardedAndATaskThatIsThroughIsDoneInThePlan() {
        String bench = atBench("Guarded", "Swag lines");
        browser.press("All steps");
        browser.click(By.xpath("//div[@role='dialog']//li[p[starts-with(., 'Cover')]]//button"));
        act("guard");
        press(Keys.SPACE);
        browser.read("This cannot be undone");
        browser.press("Go on all the same");
        browser.press("Yes, go on all the same");
        act("look");
        press(Keys.SPACE);
        act("tick");
        press(Keys.SPACE);
        // It is left alone from now on: a timer runs, over every view of the plan, after a reload, too.
        browser.see(By.cssSelector("button[data-phase]"));
        browser.open(bench.replace(base.toString(), "").replace("turntable", "days"));
        browser.read("When is it needed?");
        browser.see(By.cssSelector("button[data-phase]")).click();
        browser.read("Left alone since");
        browser.press("Done with it");
        browser.until(d -> d.findElements(By.cssSelector("button[data-phase]")).isEmpty() ? Boolean.TRUE : null);
    }

    @Test
    void itIsSaidAndTheScreenStaysAwake() {
        browser.driver().executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", """
                window.said = []; window.awake = 0;
                window.SpeechSynthesisUtterance = function (words) { this.words = words; };
                Object.defineProperty(window, 'speechSynthesis', { value: {
                  cancel() {}, speak(said) { window.said.push(said.words); } } });
                Object.defineProperty(navigator, 'wakeLock', { value: {
                  request: async (kind) => { window.awake += kind === 'screen'; return { release: async () => {} }; } } });
                """));
        atBench("Aloud", "Swag lines");
        jump("off the tape");
        browser.press("Say it");
        assertThat(said()).hasSize(1);
        browser.press("Settings");
        browser.press("each by itself");
        browser.press("Close");
        press(Keys.SPACE);
        counts(1);
        browser.until(d -> said().size() >= 3 ? Boolean.TRUE : null);
        assertThat(said().get(said().size() - 1)).matches("mark 2: [0-9.]+ cm");
        assertThat(((Number) browser.driver().executeScript("return window.awake")).intValue())
                .isPositive();
    }

    @SuppressWarnings("unchecked")
    private List<String> said() {
        return (List<String>) browser.driver().executeScript("return window.said");
    }

    @Test
    void twoAtOneCakeSeeEachOthersTicksAndWhatTheyDidApart() {
        String bench = atBench("Two at one", "Swag lines");
        jump("off the tape");
        try (Browser other = new Browser(base)) {
            other.open(bench.replace(base.toString(), ""));
            other.see(NEXT);
            other.press("All steps");
            other.click(By.xpath("//div[@role='dialog']//button[contains(., 'off the tape')]"));
            press(Keys.SPACE);
            counts(1);
            other.until(d -> "1".equals(d.findElement(COUNT).getDomAttribute("data-count")) ? Boolean.TRUE : null);
            // The other loses the line: both go on, and both is kept.
            other.line(true, 0);
            other.press("All 8 are done");
            other.read("to be sent");
            browser.press("Skip");
            browser.press("Not needed");
            other.line(false, 0);
            other.read("in touch");
            jump("off the tape");
            browser.read("Two worked at this step while apart");
            browser.press("Seen");
            browser.gone("Two worked at this step while apart");
        }
    }

    @Test
    void cameOutOtherwiseTheRestIsLaidOutAnew() {
        atBench("Came out", "Swag lines");
        jump("off the tape");
        press(Keys.SPACE);
        press(Keys.SPACE);
        press(Keys.SPACE);
        counts(3);
        double before = reading();
        browser.press("It came out at…");
        browser.see(Browser.field("The last ends at"));
        browser.says("Sections placed", "3");
        browser.type("The last ends at", before - 0.6 + " cm");
        browser.press("Spread it");
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.until(d -> Math.abs(reading() - (before - 0.6)) < 0.11 ? Boolean.TRUE : null);
        counts(3);
    }

    @Test
    void aFaultIsCoveredByWhatThePlanWears() {
        String bench = atBench("Fault", "Pearl rows");
        jump("pearls");
        browser.press("Cover a fault");
        WebElement band = browser.see(By.cssSelector("[data-fault-band]"));
        new Actions(browser.driver())
                .moveToElement(band, 60, 10)
                .clickAndHold()
                .moveByOffset(8, 5)
                .release()
                .perform();
        browser.read("from the back seam");
        browser.read("Pearl rows");
        browser.click(By.xpath("(//ul[@aria-label='What covers it']//button)[1]"));
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.open(bench.replace(base.toString(), "").replace("turntable", "dress"));
        browser.until(d ->
                d.findElements(By.cssSelector("ul[aria-label='Courses'] > li")).size() >= 2 ? Boolean.TRUE : null);
    }

    /** A photograph drawn by a program: a round seen from far away, its marks where they should be but for one. */
    private static Path photograph() throws IOException {
        BufferedImage image = new BufferedImage(1200, 700, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.LIGHT_GRAY);
        g.fillRect(0, 0, 1200, 700);
        g.setColor(Color.WHITE);
        g.fillRect(200, 100, 800, 500);
        g.dispose();
        Path file = Files.createTempFile(Files.createDirectories(Path.of("target")), "side", ".png");
        ImageIO.write(image, "png", file.toFile());
        return file.toAbsolutePath();
    }

    @Test
    void aPhotographTellsTheSections() throws IOException {
        atBench("Photograph", "Swag lines");
        jump("off the tape");
        browser.press("Evenness");
        browser.give(photograph());
        browser.read("left edge");
        WebElement photo = browser.see(By.cssSelector("[data-photo]"));
        double k = photo.getSize().width / 1200.0;
        for (int x : new int[] {200, 1000, 480, 600, 740}) {
            new Actions(browser.driver())
                    .moveToElement(photo, (int) Math.round((x - 600) * k), -20)
                    .click()
                    .perform();
        }
        browser.read("beside its neighbours");
        // 120 px and 140 px of a half width of 400 px: by the arcsine, from far away, 17.5° and 20.5°.
        List<String> wide = browser.texts(By.cssSelector("[role=dialog] td b"));
        assertThat(wide).hasSize(2);
        browser.press("Keep it with the job");
        browser.read("kept with the job");
        Files.deleteIfExists(photograph());
    }

    /** Read from 1.5 m: what matters is as large as letters on a wall chart, and targets as large as a knuckle. */
    @ParameterizedTest
    @CsvSource({"1280, 800, 72, 24, 88", "1024, 768, 64, 24, 88", "390, 844, 60, 24, 72"})
    void whatMattersIsReadFromTheOtherEndOfTheBench(int width, int height, int number, int words, int target) {
        atBench("Sizes " + width, "Swag lines");
        jump("off the tape");
        browser.size(width, height);
        browser.see(NEXT);
        assertThat(px("[data-reading]")).isGreaterThanOrEqualTo(number);
        assertThat(px("section[aria-label='This step'] h2")).isGreaterThanOrEqualTo(words);
        assertThat(browser.see(NEXT).getSize().height).isGreaterThanOrEqualTo(target);
        Object beyond = browser.driver()
                .executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(((Number) beyond).intValue()).isZero();
    }

    private double px(String what) {
        return ((Number) browser.driver()
                        .executeScript(
                                "return parseFloat(getComputedStyle(document.querySelector(arguments[0])).fontSize)",
                                what))
                .doubleValue();
    }
}
