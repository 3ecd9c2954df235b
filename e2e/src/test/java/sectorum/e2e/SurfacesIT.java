package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Tops, ledges and the board, dressed by pointer and by keys. */
class SurfacesIT extends Bench {
    private static final By CAKE = By.cssSelector("canvas[aria-label='The cake, turned']");
    private static final By COURSES = By.cssSelector("ul[aria-label='Courses'] button");

    private static By surface(String name) {
        return By.xpath("//*[@aria-label='Surface']//button[.='" + name + "']");
    }

    private void lies(String surface) {
        browser.see(By.cssSelector("svg[aria-label='The " + surface + " from above, front at the bottom']"));
    }

    private String picture() {
        return (String) browser.driver().executeScript("return arguments[0].toDataURL()", browser.see(CAKE));
    }

    @Test
    void aBoardIsDressedByKeysAlone() {
        taped("Board by keys");
        browser.driver().executeScript("arguments[0].focus()", browser.see(surface("Side")));
        for (String next : List.of("Top", "Board")) {
            browser.keys(Keys.ARROW_RIGHT);
            browser.until(d -> d.switchTo().activeElement().getText().equals(next) ? Boolean.TRUE : null);
        }
        browser.keys(Keys.SPACE);
        lies("board");
        browser.read("Nothing on this board yet");
        String bare = picture();
        browser.see(Browser.button("Add a course")).sendKeys(Keys.ENTER);
        browser.read("What goes on the board");
        // The tray's rows come after its head, so the one that is sure to be there is waited for.
        var pearls = browser.see(By.xpath("//*[@role='dialog']//button[contains(., 'Pearl rows')]"));
        assertThat(browser.texts(By.cssSelector("[role=dialog] li")))
                .anyMatch(t -> t.contains("Pearl rows"))
                .noneMatch(t -> t.contains("Diamond quilting"));
        pearls.sendKeys(Keys.ENTER);
        browser.gone("What goes on the board");
        // 731 round the foot and 25 mm of board: 888 at its edge, pearls of 6 one every 8 in the line 3 mm in.
        browser.see(lead("109", "pearls"));
        browser.says("One every", "0.8 cm");
        browser.until(d -> picture().equals(bare) ? null : Boolean.TRUE);
        By pitch = grip("How far apart");
        browser.see(pitch).sendKeys(Keys.ARROW_RIGHT);
        browser.says("One every", "0.9 cm");
        By outer = grip("Outer edge of its zone");
        browser.see(outer).sendKeys(Keys.ARROW_UP);
        reaches(outer, 1, 1);
        assertThat(browser.see(outer).getDomAttribute("aria-valuetext")).contains("in from the board's edge");
        browser.see(surface("Side")).sendKeys(Keys.SPACE);
        browser.read("Nothing on this side yet");
        browser.see(COURSES).sendKeys(Keys.ENTER);
        lies("board");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    @Test
    void aTopBecomesALedgeUnderATierAndItsHandlesMove() {
        taped("Top and ledge");
        browser.click(surface("Top"));
        lies("top");
        addCourse("Garlands");
        assertThat(browser.texts(COURSES).get(0)).contains("on the top");
        By lowest = grip("Lowest point");
        double drop = value(lowest);
        drag(lowest, 0, 14);
        browser.until(d -> value(lowest) > drop + 4 ? Boolean.TRUE : null);
        By inner = grip("Inner edge of its zone");
        double edge = value(inner);
        drag(inner, -16, 0);
        browser.until(d -> value(inner) > edge + 4 ? Boolean.TRUE : null);
        browser.type("Drop", "1.2");
        reaches(lowest, 12, 12);
        browser.press("Add a tier");
        browser.read("Tier 2, dressed");
        browser.keys(".");
        lies("ledge");
        assertThat(browser.texts(COURSES).get(0)).contains("on the ledge");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
        browser.again();
        lies("ledge");
    }

    /** Part of the way round by pointer, by keys and typed; then one for two tiers, changed on both at once. */
    @Test
    void aCourseGoesPartOfTheWayAndOverTwoTiers() {
        taped("Part and over");
        addCourse("Pearl rows");
        String round = browser.see(By.cssSelector("ul[aria-label='Courses'] button"))
                .getText()
                .replaceAll("\\D+", " ")
                .trim();
        browser.press("part of the way");
        By ends = grip("Where it ends");
        browser.until(d -> value(ends) == 90 ? Boolean.TRUE : null);
        drag(ends, -60, 0);
        browser.until(d -> value(ends) < 80 ? Boolean.TRUE : null);
        browser.see(ends).sendKeys(Keys.ARROW_RIGHT);
        browser.type("From the front", "-45");
        By begins = grip("Where it begins");
        browser.until(d -> value(begins) == -45 ? Boolean.TRUE : null);
        browser.type("From the front", "-200");
        browser.read("A stretch begins");
        assertThat(value(begins)).isEqualTo(-45);
        browser.type("From the front", "-40");
        browser.until(d -> value(begins) == -40 ? Boolean.TRUE : null);
        assertThat(browser.texts(COURSES).get(0)).doesNotContain(round);
        browser.press("Add a tier");
        browser.read("Tier 2, dressed");
        outOfFields(".");
        browser.press("Put Pearl rows on every tier");
        browser.see(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'on 2 tiers')]"));
        browser.type("Pearls of", "0.9");
        outOfFields(",");
        browser.read("Tier 2, dressed");
        browser.says("Pearls of", "0.9 cm");
        browser.press("Make Pearl rows this tier's own");
        browser.type("Pearls of", "0.4");
        outOfFields(".");
        browser.says("Pearls of", "0.9 cm");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    private void outOfFields(String key) {
        browser.driver().executeScript("document.activeElement.blur()");
        browser.keys(key);
    }

    /** Dried blossoms are made ahead: cut, batched and in the days, and set by their garland. */
    @Test
    void aGarlandHasItsBlossomsMadeAhead() {
        taped("Dried blossoms");
        addCourse("Garlands");
        browser.press("dried beforehand, on formers");
        browser.press("Make");
        browser.read("made ahead");
        browser.press("Cut");
        browser.see(By.xpath("//input[contains(@aria-label, 'Leaves for Garlands on')]"));
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A side covered by look and by swatch, a top strewn by weight, ruffles by their rows; all in the shop. */
    @Test
    void aSideIsCoveredAndATopStrewn() {
        taped("Covered");
        addCourse("Covering of pieces");
        double lush = many("discs");
        browser.press("by a swatch");
        browser.type("Pieces counted in it", "10");
        browser.until(d -> many("discs") < lush ? Boolean.TRUE : null);
        By size = grip("Rim of a piece");
        browser.see(size).sendKeys(Keys.ARROW_RIGHT);
        browser.says("Each", "2.3 cm");
        addCourse("Ruffle rows");
        browser.read("a row every");
        browser.click(surface("Top"));
        lies("top");
        addCourse("Strewn cover");
        browser.type("To 100 cm²", "20");
        browser.type("To 100 cm²", "-3");
        browser.read("is outside");
        browser.type("To 100 cm²", "20");
        browser.press("Make");
        browser.press("Buy");
        browser.read("Cake crumbs");
        browser.read("Wafer paper");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    private double many(String what) {
        return Double.parseDouble(browser.see(
                        By.xpath("//aside[@aria-label='Ledger']//div[span[1] and contains(., '" + what + "')]/span[1]"))
                .getText()
                .replace(",", ""));
    }

    @Test
    void aPieceMadeAheadIsSeenOnTheCakeCutAndBought() {
        taped("Made ahead");
        browser.until(d -> picture().length() > 1000 ? Boolean.TRUE : null);
        String bare = picture();
        addPiece("A piece of your own");
        browser.type("What it is", "Topper");
        browser.press("Dress");
        browser.until(d -> picture().equals(bare) ? null : Boolean.TRUE);
        browser.press("Make");
        browser.read("Gum paste, 0.3 cm, made ahead");
        browser.press("Cut");
        browser.see(By.cssSelector("input[aria-label='Topper, made ahead, topper']"));
        browser.press("Buy");
        browser.read("Gum paste");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }
}
