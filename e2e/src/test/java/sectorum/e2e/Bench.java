package sectorum.e2e;

import java.net.URI;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import sectorum.server.Http;
import sectorum.server.RunningApp;
import tools.jackson.databind.json.JsonMapper;

/** Where every browser test sits down: a browser as if opened anew, and what all of them do. */
@ExtendWith({RunningApp.class, OneBrowser.class})
abstract class Bench {
    protected Browser browser;
    protected URI base;

    @BeforeEach
    void sitDown(URI running, Browser one) {
        base = running;
        browser = one;
        browser.renew();
    }

    /** A plan of one tier, opened: made by a call, for the way to it over the orders has a test of its own. */
    protected void newPlan(String name) {
        long id = Http.entered(base)
                .post("/api/plans/fresh", JsonMapper.shared().writeValueAsString(Map.of("name", name)))
                .json()
                .get("id")
                .asLong();
        browser.open("/plan/" + id + "/measure");
        browser.see(Browser.field("Diameter"));
    }

    /** The same as a person makes it. */
    protected void newPlanByHand(String name) {
        browser.open("/");
        browser.press("New plan");
        browser.see(Browser.field("What it is called")).sendKeys(name);
        browser.press("Make it");
        browser.see(Browser.field("Diameter"));
    }

    /** Pulls the tray out and takes a technique from it. */
    protected void addCourse(String technique) {
        browser.press("Add a course");
        browser.press(technique);
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
    }

    /** One of the large numbers of the ledger with its words. */
    protected static By lead(String number, String words) {
        return By.xpath(
                "//aside[@aria-label='Ledger']//div[span[1][.='" + number + "'] and contains(., '" + words + "')]");
    }

    /** A row of the ledger. */
    protected static By row(String label, String value) {
        return By.xpath("//aside[@aria-label='Ledger']//div[dt[.='" + label + "'] and dd[.='" + value + "']]");
    }

    static By grip(String label) {
        return By.cssSelector("g[role=slider][aria-label^='" + label + "']");
    }

    double value(By slider) {
        return Double.parseDouble(browser.see(slider).getDomAttribute("aria-valuenow"));
    }

    void reaches(By slider, double low, double high) {
        browser.until(d -> value(slider) >= low && value(slider) <= high ? Boolean.TRUE : null);
    }

    void drag(By what, int dx, int dy) {
        WebElement held = browser.see(what);
        new Actions(browser.driver())
                .clickAndHold(held)
                .moveByOffset(dx / 2, dy / 2)
                .moveByOffset(dx - dx / 2, dy - dy / 2)
                .release()
                .perform();
    }

    /** A plan whose only tier was taped at 731 mm and stands in five sections. */
    void taped(String name) {
        newPlan(name);
        browser.type("Tape round the foot", "73.1");
        browser.press("Divide");
        browser.type("Sections", "5");
        browser.see(lead("14.62", "on the tape"));
        browser.press("Dress");
    }

    /** A piece made ahead, taken from the tray. */
    void addPiece(String name) {
        browser.press("Ahead");
        browser.press("Add a piece");
        browser.click(By.xpath("//div[@role='dialog']//button[span[normalize-space()='" + name + "']]"));
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
    }

    /** The days of the plan, back from a day at two. */
    void ready(LocalDate day) {
        browser.press("Days");
        WebElement moment = browser.see(Browser.field("Ready on, at"));
        browser.driver()
                .executeScript(
                        "const s = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;"
                                + "s.call(arguments[0], arguments[1]);"
                                + "arguments[0].dispatchEvent(new Event('input', { bubbles: true }));",
                        moment,
                        day + "T14:00");
        browser.press("Plan the days");
    }
}
