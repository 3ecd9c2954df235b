package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Finishes, clusters, gathered circles, flags and ring cakes, on every surface. */
class FinishIT extends Bench {
    private static final By CAKE = By.cssSelector("canvas[aria-label='The cake, turned']");

    private static By surface(String name) {
        return By.xpath("//*[@aria-label='Surface']//button[.='" + name + "']");
    }

    private String picture() {
        return (String) browser.driver().executeScript("return arguments[0].toDataURL()", browser.see(CAKE));
    }

    private static By rule(String words) {
        return By.xpath("//aside[@aria-label='Ledger']//*[contains(text(), '" + words + "')]");
    }

    /** What is not dusted looks undusted; wafer takes dry dust alone; what is dusted is bought and looked at last. */
    @Test
    void discsAreGildedAtTheirEdgesAndShunWhatIsWet() {
        taped("Gilded");
        addCourse("Covering of pieces");
        browser.read("discs");
        browser.until(d -> picture().length() > 5000 ? Boolean.TRUE : null);
        String plain = picture();
        addCourse("Finish");
        browser.read("to go over");
        browser.choose("Goes over", "Covering of pieces");
        browser.read("faces");
        browser.until(d -> picture().equals(plain) ? null : Boolean.TRUE);
        String dusted = picture();
        browser.press("the edges alone");
        browser.read("Edges");
        browser.until(d -> picture().equals(dusted) ? null : Boolean.TRUE);
        browser.choose("Finish", "steam");
        browser.see(rule("Wafer paper does not stand"));
        browser.press("Take dry dust");
        browser.until(d -> d.findElements(rule("Wafer paper does not stand")).isEmpty() ? Boolean.TRUE : null);
        browser.press("before they are set on");
        browser.type("To 100 cm², of edible dust", "0.2");
        browser.type("To 100 cm², of edible dust", "40");
        browser.read("is outside");
        browser.type("To 100 cm², of edible dust", "0.2");
        browser.press("Make");
        browser.press("Buy");
        browser.read("Edible dust");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** A whole surface dusted, in part, by keys; then over what is taken off again, and mended. */
    @Test
    void aSideIsDustedAndAFinishOverNothingSaysSo() {
        taped("Dusted");
        addCourse("Finish");
        browser.press("from below, fading up");
        browser.press("part of the way");
        browser.see(grip("Where it ends")).sendKeys(Keys.ARROW_LEFT);
        browser.read("to go over");
        addCourse("Pearl rows");
        browser.click(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'Dry dust')]"));
        browser.choose("Goes over", "Pearl rows");
        browser.read("faces");
        browser.click(By.xpath("//ul[@aria-label='Courses']//button[contains(., 'Pearl rows')]"));
        browser.press("Take Pearl rows off");
        browser.read("pieces here are what it goes over");
        browser.press("Put it on the side itself");
        browser.read("to go over");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    @Test
    void aLedgeIsHeapedATopIsGatheredAndABoardIsFlagged() {
        taped("Quay");
        browser.press("Add a tier");
        browser.read("Tier 2, dressed");
        browser.click(surface("Top"));
        addCourse("Gathered circles");
        browser.read("of icing");
        browser.see(grip("Rim of a circle")).sendKeys(Keys.ARROW_RIGHT);
        browser.driver().executeScript("document.activeElement.blur()");
        browser.keys(".");
        browser.click(surface("Ledge"));
        addCourse("Cluster");
        browser.read("leaves in reserve");
        browser.press("on wires, each in a pick");
        browser.read("Wires and picks");
        browser.click(surface("Board"));
        addCourse("Flags");
        browser.read("cut at the rim");
        addCourse("Board ribbon");
        browser.read("cm long");
        browser.press("Build");
        browser.press("Handover sheet");
        browser.read("ribbon");
        browser.read("wire in a pick");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** Outer side, inner side, and what stands in the hole with room to spare. */
    @Test
    void aRingCakeIsDressedInsideAndItsHoleClearsWhatStandsInIt() {
        newPlan("Ring");
        browser.choose("Outline", "Ring");
        browser.see(Browser.field("Hole"));
        browser.press("Dress");
        browser.click(surface("Inner side"));
        browser.see(By.cssSelector("svg[aria-label='The inner side unrolled, front in the middle']"));
        addCourse("Pearl rows");
        browser.read("pearls");
        By pitch = grip("How far apart");
        double before = value(pitch);
        browser.see(pitch).sendKeys(Keys.ARROW_RIGHT);
        browser.until(d -> value(pitch) > before ? Boolean.TRUE : null);
        addPiece("A piece of your own");
        browser.choose("Where", "in the hole");
        browser.read("needs a hole of");
        browser.click(By.xpath("//button[starts-with(normalize-space(), 'Cut the hole')]"));
        browser.gone("needs a hole of");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }
}
