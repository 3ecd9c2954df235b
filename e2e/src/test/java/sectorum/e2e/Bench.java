package sectorum.e2e;

import java.net.URI;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import sectorum.server.RunningApp;

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

    protected void newPlan(String name) {
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
}
