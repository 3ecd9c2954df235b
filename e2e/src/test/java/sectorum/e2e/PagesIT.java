package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.WheelInput;

/** Addresses, titles, what stays chosen, two windows, and a page that scrolls under the cake. */
class PagesIT extends Bench {
    private void titled(String title) {
        browser.until(d -> title.equals(d.getTitle()) ? Boolean.TRUE : null);
    }

    @Test
    void everyAddressIsAPageWithATitleAndAWayOn() {
        newPlanByHand("Signposts");
        String plan = URI.create(browser.driver().getCurrentUrl()).getPath().replaceAll("/measure.*", "");
        titled("Signposts, Measure · Sectorum");
        browser.press("Divide");
        titled("Signposts, Divide · Sectorum");
        Set<String> titles = new java.util.HashSet<>();
        for (String page : List.of("/", "/cupboard", "/deleted", plan + "/days", plan + "/handover")) {
            browser.open(page);
            browser.see(By.tagName("h1"));
            titles.add(browser.until(d -> d.getTitle().isEmpty() ? null : d.getTitle()));
        }
        assertThat(titles).hasSize(5);
        for (String unknown : List.of("/nowhere", "/plan/nowhere", plan + "/icing", "/api/nowhere", "/plan/99999999")) {
            browser.open(unknown);
            browser.see(By.tagName("h1"));
            assertThat(browser.text()).doesNotContain("{");
            browser.click(By.linkText("All orders"));
            browser.see(Browser.button("New plan"));
        }
    }

    @Test
    void aTierTakenBackIsNoLongerChosenAndAnUnknownOneIsNoChoice() {
        newPlanByHand("Taken back");
        browser.press("Add a tier");
        browser.see(By.cssSelector("button[aria-pressed='true'][aria-label^='Tier 2']"));
        browser.ctrl("z");
        browser.until(d -> d.findElements(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed='true']"))
                                .size()
                        == 1
                ? Boolean.TRUE
                : null);
        browser.saved();
        browser.open(URI.create(browser.driver().getCurrentUrl()).getPath() + "?tier=nobody");
        browser.see(By.cssSelector("button[aria-pressed='true'][aria-label^='Tier']"));
        browser.see(Browser.field("Diameter"));
    }

    @Test
    void whatIsChosenOutlivesAReload() {
        newPlanByHand("Stays");
        browser.press("Make");
        browser.press("Recipes");
        browser.again();
        browser.see(By.xpath("//button[@role='radio'][@aria-checked='true'][.='Recipes']"));
        browser.press("Dress");
        addCourse("Swag lines");
        addCourse("Pearl rows");
        browser.click(By.xpath("//button[contains(., 'Swag lines')]"));
        browser.see(row("Swags", "8"));
        browser.saved();
        browser.again();
        browser.see(row("Swags", "8"));
        browser.press("Divide");
        browser.driver().navigate().back();
        browser.see(row("Swags", "8"));
    }

    /** 600 px of wheel over the turning cake move the page, and do not turn it. */
    @Test
    void theWheelPassesTheCakeAndGoesToThePage() {
        newPlanByHand("Wheel");
        browser.press("Dress");
        var cake = browser.see(By.cssSelector("canvas[aria-label='The cake, turned']"));
        browser.size(1280, 500);
        new Actions(browser.driver())
                .scrollFromOrigin(WheelInput.ScrollOrigin.fromElement(cake), 0, 600)
                .perform();
        browser.until(d -> ((Number)
                                        d.executeScript(
                                                "return Math.max(scrollY, ...[...document.querySelectorAll('main')].map(e => e.scrollTop))"))
                                .intValue()
                        > 150
                ? Boolean.TRUE
                : null);
    }

    @Test
    void twoWindowsFollowOneAnotherAndBothKeepWhatTheyDid() {
        newPlanByHand("Two windows at once");
        String address = browser.driver().getCurrentUrl();
        String first = browser.driver().getWindowHandle();
        browser.saved();
        browser.driver().switchTo().newWindow(WindowType.TAB);
        browser.driver().get(address);
        browser.type("Diameter", "25");
        browser.says("Diameter", "25 cm");
        browser.saved();
        browser.driver().switchTo().window(first);
        // It comes by itself, and nothing is left to be told of it.
        browser.says("Diameter", "25 cm");
        browser.gone("This plan was changed in another window.");

        try (Browser elsewhere = new Browser(base)) {
            elsewhere.open(URI.create(address).getPath());
            elsewhere.says("Diameter", "25 cm");
            browser.type("Diameter", "30");
            elsewhere.type("Height of the cake", "14");
            elsewhere.says("Height of the cake", "14 cm");
            elsewhere.says("Diameter", "30 cm");
            elsewhere.saved();
            browser.says("Height of the cake", "14 cm");
            browser.says("Diameter", "30 cm");
        }
    }

    @Test
    void aDivisionIsMarkedByTheWayChosen() {
        newPlanByHand("Folded");
        browser.press("Dress");
        addCourse("Swag lines");
        browser.press("Divide");
        browser.read("of 100 tries");
        browser.click(By.cssSelector("[data-way='fold'] button"));
        browser.read("This division is marked so");
        browser.saved();
        browser.again();
        browser.until(d ->
                d.findElement(By.cssSelector("[data-way='fold']")).getText().contains("✓") ? true : null);
        browser.press("Build");
        browser.press("All steps and cautions");
        browser.read("fold");
    }
}
