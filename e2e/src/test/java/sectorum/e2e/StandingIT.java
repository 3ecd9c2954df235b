package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What stands off, rises over the edge, goes part of the way or over several tiers. */
class StandingIT extends Bench {
    private static final By CAKE = By.cssSelector("canvas[aria-label='The cake, turned']");

    private String picture() {
        return (String) browser.driver().executeScript("return arguments[0].toDataURL()", browser.see(CAKE));
    }

    /** Bark that stands off is mended, rises over the edge by hand, and is built in reverse. */
    @Test
    void panelsStandUpAndRise() {
        taped("Bark");
        addCourse("Panels");
        browser.read("panels");
        browser.type("Panel, wide", "9");
        browser.read("stand off by");
        browser.click(By.xpath("//button[starts-with(normalize-space(), 'Bed them in')]"));
        browser.gone("stand off by");
        browser.until(d -> picture().length() > 5000 ? Boolean.TRUE : null);
        String low = picture();
        browser.type("Over the edge", "4");
        browser.until(d -> picture().equals(low) ? null : Boolean.TRUE);
        browser.press("broken");
        browser.press("in reverse: grain first, then the sheet");
        browser.read("Laid in this order");
        browser.see(grip("Edge of a panel")).sendKeys(Keys.ARROW_LEFT);
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A cage closes on whole repeats; its rise is taken hold of. */
    @Test
    void aCageMeetsItselfAtTheBack() {
        taped("Cage");
        addCourse("Collar or cage");
        browser.read("repeats");
        By rise = grip("Over the edge");
        double before = value(rise);
        drag(rise, 0, -15);
        browser.until(d -> value(rise) > before ? Boolean.TRUE : null);
        browser.type("Tab", "0.4");
        browser.read("A tab of");
        browser.press("Let the ends meet exactly");
        browser.gone("A tab of");
        addCourse("Wrapped sheets");
        browser.press("part of the way");
        browser.see(grip("Where it ends")).sendKeys(Keys.ARROW_RIGHT);
        browser.read("highest");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A top filled with shells from its rim, then with a zigzag; too many rows are told and mended. */
    @Test
    void aTopIsPipedFull() {
        taped("Piped");
        browser.click(By.xpath("//*[@aria-label='Surface']//button[.='Top']"));
        addCourse("Piped rows");
        browser.read("shells");
        browser.type("Rows", "100");
        browser.read("rows of");
        browser.press("4 rows");
        browser.gone("do not fit");
        browser.choose("Piped as", "a zigzag");
        browser.read("of zigzag");
        browser.see(grip("Upper edge of a row")).sendKeys(Keys.ARROW_UP);
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A mat that does not meet itself: the coat still to come is made thicker by a press. */
    @Test
    void aMatIsClosedByTheCoat() {
        newPlan("Closed by the coat");
        browser.press("Dress");
        addCourse("Press mat or roller");
        browser.type("Pattern repeats every", "5.8");
        browser.read("do not meet on");
        browser.click(By.xpath("//button[contains(normalize-space(), 'repeats: coat')]"));
        browser.gone("do not meet on");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A fall over two tiers, told once. */
    @Test
    void aFallGoesOverSeveralTiers() {
        taped("Train");
        addCourse("Fall");
        browser.read("piped rosettes");
        browser.press("Add a tier");
        browser.read("Tier 2, dressed");
        addCourse("Marbled coat");
        browser.read("Coat");
        browser.driver().executeScript("document.activeElement.blur()");
        browser.keys(".");
        browser.click(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'Fall')]"));
        browser.press("Put Fall on every tier");
        browser.see(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'on 2 tiers')]"));
        browser.type("Wide at the foot", "30");
        browser.type("Wide at the top", "3");
        browser.says("Wide at the top", "3 cm");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }
}
