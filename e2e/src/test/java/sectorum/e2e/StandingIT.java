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
        browser.type("Wide where it ends", "30");
        browser.type("Wide where it begins", "3");
        browser.says("Wide where it begins", "3 cm");
        String sides = picture();
        browser.press("+ top");
        browser.see(By.xpath(
                "//ul[@aria-label='Courses']//button[contains(., 'on the top') or contains(., 'on the ledge')]"));
        browser.until(d -> picture().equals(sides) ? null : Boolean.TRUE);
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** The profile of a fall is moved by hand and by keys, at its beginning, half way and at its end. */
    @Test
    void aFallsProfileIsMovedByHand() {
        taped("Profile");
        addCourse("Fall");
        By half = By.xpath("//*[@role='slider'][contains(@aria-label, 'half way down')]");
        double before = value(half);
        drag(half, 20, 0);
        browser.until(d -> value(half) > before ? Boolean.TRUE : null);
        double dragged = value(half);
        browser.see(half).sendKeys(Keys.ARROW_LEFT);
        browser.until(d -> value(half) < dragged ? Boolean.TRUE : null);
        browser.see(By.xpath("//*[@role='slider'][contains(@aria-label, 'wide where it ends')]"));
        browser.type("Ten of the largest weigh", "120");
        browser.says("Ten of the largest weigh", "120");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** Planks that lie leave a window for a motif; too high a one is told and mended. */
    @Test
    void planksLeaveAWindow() {
        taped("Window");
        addCourse("Panels");
        browser.press("lie level");
        browser.read("stand off by");
        browser.press("Lay them while they still bend");
        browser.gone("stand off by");
        String whole = picture();
        browser.press("round or oval");
        browser.until(d -> picture().equals(whole) ? null : Boolean.TRUE);
        browser.type("Window, high", "30");
        browser.read("leaves no rim");
        browser.click(By.xpath("//button[contains(normalize-space(), 'in their middle')]"));
        browser.gone("leaves no rim");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A coat combed flat: the last stripe is told, and another comb that closes is pressed. */
    @Test
    void aCombedCoatTellsItsLastStripe() {
        taped("Combed");
        addCourse("Combed coat");
        browser.type("Comb's pitch", "5");
        browser.read("differs by");
        browser.click(By.xpath("//button[contains(normalize-space(), 'with a comb of')]"));
        browser.gone("differs by");
        browser.press("level");
        browser.read("the last, at the top");
        addCourse("Stencilled coat");
        browser.read("repeats");
        browser.choose("Pattern", "blossoms");
        browser.press("on the coat round the tier");
        browser.gone("Sheet long");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** Frames flooded in one colour and piped round in another; runs in turns of nozzles that close. */
    @Test
    void framesAndRunsArePiped() {
        taped("Frames");
        addCourse("Piped frames");
        browser.read("frames");
        browser.choose("Shape", "a heart");
        browser.press("flooded");
        browser.see(grip("Upper rim")).sendKeys(Keys.ARROW_UP);
        addCourse("Diagonal runs");
        browser.type("Second nozzle", "0.3");
        browser.read("runs");
        browser.choose("Piped as", "shells");
        addCourse("Wrapped sheets");
        browser.press("part of the way");
        browser.choose("From", "mark 3");
        browser.read("between marks");
        browser.press("marbled from all of them");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }
}
