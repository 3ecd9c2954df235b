package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The screen by which the product is known, worked as a decorator works it. */
class DressIT extends Bench {
    private static final By CAKE = By.cssSelector("canvas[aria-label='The cake, turned']");

    @Test
    void coursesAreAddedOrderedRestedCopiedAndColoured() {
        taped("Courses");
        addCourse("Drapes");
        browser.see(lead("14.62", "cm wide"));
        browser.type("Drop", "4.8");
        browser.type("Strip cut", "4.2");
        browser.see(lead("21.51", "cm to cut each"));
        browser.see(row("Pieces and spares", "15 + 3"));
        addCourse("Jabots");
        List<String> courses = browser.texts(By.cssSelector("ul[aria-label='Courses'] button"));
        assertThat(courses.get(0)).contains("Jabots").contains("5");
        browser.press("Jabots: one course down");
        browser.until(d -> browser.texts(By.cssSelector("ul[aria-label='Courses'] button"))
                        .get(1)
                        .contains("Jabots")
                ? Boolean.TRUE
                : null);
        browser.press("Set Jabots aside");
        browser.read("This course is set aside");
        browser.press("Draw and count Jabots again");
        browser.see(row("Jabots", "5"));
        browser.press("Take Jabots off");
        browser.read("Jabots: taken off.");
        browser.press("Undo");
    }

    @Test
    void aCourseIsFittedToAnotherTierAndSaysWhatChanged() {
        taped("Taken over");
        browser.press("Add a tier");
        browser.keys(Keys.ESCAPE);
        browser.keys(".");
        addCourse("Swag lines");
        browser.type("Drop", "4.8");
        browser.see(lead("4.8", "cm drop"));
        browser.press("Copy Swag lines to a tier");
        browser.click(By.xpath("//*[@role='menuitem'][starts-with(., 'To ')]"));
        browser.read("fitted to");
        assertThat(browser.texts(By.cssSelector("[role=dialog] tbody td:first-child")))
                .contains("wide", "drop");
        browser.press("Close");
        browser.saved();
    }

    @Test
    void handlesPointerKeysAndTypedNumbersDoTheSame() {
        taped("Handles");
        addCourse("Swag lines");
        browser.type("Drop", "4.8");
        By lowest = grip("Lowest point");
        reaches(lowest, 48, 48);
        browser.see(lowest).sendKeys(Keys.ARROW_DOWN);
        browser.says("Drop", "4.9 cm");
        browser.see(lowest).sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_UP));
        browser.says("Drop", "4.4 cm");
        drag(lowest, 0, 12);
        reaches(lowest, 50, 62);
        browser.press("Undo");
        browser.says("Drop", "4.4 cm");

        By upper = grip("Upper edge of its zone");
        double top = value(upper);
        browser.see(upper).sendKeys(Keys.ARROW_DOWN);
        reaches(upper, top - 1.01, top - 0.4);
        drag(upper, 0, -40);
        reaches(upper, top + 1, top + 30);
        assertThat(browser.see(upper).getDomAttribute("aria-valuetext")).contains("above the foot");

        By sections = grip("Width of section");
        browser.see(sections).sendKeys(Keys.ARROW_LEFT);
        browser.until(d ->
                browser.see(sections).getDomAttribute("aria-valuetext").startsWith("6 sections") ? Boolean.TRUE : null);
        drag(sections, 40, 0);
        browser.until(d ->
                browser.see(sections).getDomAttribute("aria-valuetext").startsWith("5 sections") ? Boolean.TRUE : null);
        browser.ctrl("z");
        browser.see(lead("12.18", "cm wide"));
        browser.saved();
    }

    @Test
    void theCakeIsTurnedByKeysAndHandAndSeenFromAbove() {
        taped("Turned");
        addCourse("Pearl rows");
        WebElement cake = browser.see(CAKE);
        cake.sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        reaches(CAKE, 10, 10);
        assertThat(cake.getDomAttribute("aria-valuetext")).isEqualTo("turned 10° to the left");
        drag(CAKE, 60, 0);
        browser.until(d -> value(CAKE) < 5 ? Boolean.TRUE : null);
        browser.press("Above");
        browser.until(d -> cake.getDomAttribute("aria-valuetext").startsWith("from above") ? Boolean.TRUE : null);
        browser.press("Front");
        browser.until(d -> cake.getDomAttribute("aria-valuetext").equals("from the front") ? Boolean.TRUE : null);
        assertThat(browser.driver().findElements(By.xpath("//*[contains(., 'under the lens')]")))
                .isNotEmpty();
    }

    @Test
    void theBandIsSeenAtRealSizeAndRollsUp() {
        taped("Rolled");
        addCourse("Crescents");
        browser.press("Real size");
        browser.read("How large is this screen?");
        browser.press("They meet");
        WebElement band = browser.see(By.cssSelector("[role=region][aria-label='The band at real size'] svg"));
        double width = Double.parseDouble(band.getDomAttribute("width"));
        assertThat(width).isBetween(731 * 96 / 25.4, 731 * 96 / 25.4 + 60);
        browser.press("To fit again");
        browser.press("Roll it up");
        browser.until(d -> d.findElements(CAKE).size() == 2 ? Boolean.TRUE : null);
        browser.press("Unroll it");
        browser.see(By.cssSelector("[aria-label='The side unrolled, front in the middle']"));
    }

    @Test
    void aLeftHandIsToldTheOtherWayRound() {
        taped("Left");
        addCourse("Jabots");
        browser.read("alternately right and left");
        browser.press("Units, tape and hand");
        browser.press("left");
        browser.read("alternately left and right");
        browser.press("right");
        browser.read("alternately right and left");
        browser.keys(Keys.ESCAPE);
    }

    @Test
    void whatIsTypedWronglyIsToldAndKept() {
        taped("Wrong");
        addCourse("Drapes");
        for (String[] typed : List.of(
                new String[] {"Drop", "deep", "cannot be read as a length"},
                new String[] {"Strip cut", "90 cm", "is outside"},
                new String[] {"Strips each", "nine", "is a whole number"},
                new String[] {"Strips each", "9", "is outside 1 to 7"},
                new String[] {"Fold lands at", "most", "is per cent"},
                new String[] {"Fold lands at", "400 %", "is outside 10 % to 100 %"})) {
            browser.type(typed[0], typed[1]);
            browser.read(typed[2]);
            assertThat(browser.see(Browser.field(typed[0])).getDomProperty("value"))
                    .isEqualTo(typed[1]);
            browser.see(Browser.field(typed[0])).sendKeys(Keys.ESCAPE);
        }
        browser.type("Strips each", "5");
        browser.type("Drop", "2");
        browser.read("has no room above the others");
        browser.click(By.cssSelector("[data-rule='drape.no-room'] button"));
        browser.gone("has no room above the others");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void gridsAndWeavesAreRefusedWithTheReasonWhereTheyDoNotClose() {
        taped("Woven");
        addCourse("Basket weave");
        browser.type("Stakes in a section", "1");
        browser.read("5 does not close: every second stake is covered in each row");
        browser.click(By.cssSelector("[data-rule='divide.demand'] button"));
        browser.until(d ->
                d.findElements(By.cssSelector("[data-rule='divide.demand']")).isEmpty() ? Boolean.TRUE : null);
        browser.see(row("Stakes", "4"));
        browser.type("Stakes in a section", "8");
        browser.read("of hands.");
        browser.click(By.cssSelector("[data-rule='weave.slow'] button"));
        browser.gone("of hands.");
        addCourse("Squares");
        browser.press("chequers");
        browser.read("Squares of colour 1");
        addCourse("Diamond quilting");
        browser.press("by their angle");
        browser.type("Angle", "30");
        browser.says("Angle", "30°");
        browser.type("Angle", "steep");
        browser.read("is in degrees");
        browser.see(Browser.field("Angle")).sendKeys(Keys.ESCAPE);
        browser.read("half rows go into");
        browser.click(By.cssSelector("[data-rule='quilt.cut-diamonds'] button"));
        browser.gone("half rows go into");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void thousandsOfPiecesAreDrawnOnACanvas() {
        taped("Fine");
        addCourse("Dots");
        browser.press("strewn like a swatch");
        browser.type("Dots of", "2 mm");
        browser.type("Dots counted in it", "90");
        browser.until(
                d -> d.findElements(By.cssSelector("foreignObject canvas")).isEmpty() ? null : Boolean.TRUE);
        browser.type("Dots counted in it", "9");
        browser.until(
                d -> d.findElements(By.cssSelector("foreignObject canvas")).isEmpty() ? Boolean.TRUE : null);
    }
}
