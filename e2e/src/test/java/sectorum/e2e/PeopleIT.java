package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import sectorum.server.Http;

/** Two people, each at a browser of their own: how they come in, see each other, change one plan, and what a link shows. */
class PeopleIT extends Bench {
    private static final String WORDS = "teapot lantern gravel sonnet";
    private static final By ALSO_HERE = By.cssSelector("[aria-label='Also in this plan']");

    private static String fresh() {
        return "person" + Long.toString(System.nanoTime(), 36);
    }

    /** A browser that nobody is signed in at. */
    private static void stranger(Browser at, String path) {
        at.driver().executeCdpCommand("Network.clearBrowserCookies", java.util.Map.of());
        at.open(path);
    }

    private void begins(String workshop, String signIn) {
        stranger(browser, "/");
        // The very first is asked to begin; whoever comes later says that they wish to.
        browser.until(d -> {
            if (d.findElements(Browser.field("What your workshop is called")).isEmpty()) {
                d.findElement(Browser.button("Begin a workshop of my own")).click();
            }
            return Boolean.TRUE;
        });
        browser.see(Browser.field("What your workshop is called")).sendKeys(workshop);
        account(browser, "Ada", signIn);
        browser.press("Begin");
        browser.read("No orders yet");
    }

    private static void account(Browser at, String name, String signIn) {
        at.see(Browser.field("Your name, as others see it")).sendKeys(Keys.chord(Keys.CONTROL, "a"), name);
        at.see(Browser.field("Name to sign in with")).sendKeys(signIn);
        at.see(Browser.field("Password")).sendKeys(WORDS);
    }

    /** Gives back the link. */
    private String invites(String name, String role) {
        browser.open("/workshop?part=people");
        browser.see(Browser.field("Who it is for")).sendKeys(name);
        browser.choose("As", role);
        browser.press("Make an invitation");
        String link = browser.see(By.xpath("//div[@role='dialog']//p[contains(., '/join#')]"))
                .getText();
        browser.keys(Keys.ESCAPE);
        return link.substring(link.indexOf("/join#"));
    }

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800", "390, 844"})
    void twoComeInSeeEachOtherAndChangeOnePlan(int width, int height) {
        browser.size(width, height);
        begins("Two at one cake", fresh());
        String link = invites("Ines", "Decorator");
        try (Browser other = new Browser(base)) {
            other.size(width, height);
            stranger(other, link);
            other.read("Two at one cake invites Ines as decorator");
            account(other, "Ines", fresh());
            other.press("Join");
            other.read("No orders yet");

            browser.open("/");
            browser.press("New plan");
            browser.see(Browser.field("What it is called")).sendKeys("Shared cake");
            browser.press("Make it");
            browser.see(Browser.field("Diameter"));
            String plan = browser.driver().getCurrentUrl().replaceAll(".*/plan/(\\d+)/.*", "$1");
            other.open("/plan/" + plan + "/divide");
            other.see(ALSO_HERE);
            other.read("Ada, Measure");
            browser.read("Ines, Divide");

            // Different parts of one plan: both are in force at both, without a word.
            browser.type("Called", "Crown");
            other.type("Sections", "11");
            browser.saved();
            other.saved();
            other.open("/plan/" + plan + "/measure");
            other.says("Called", "Crown");
            browser.press("Divide");
            browser.says("Sections", "11");

            // Away from one another they change the same: it is asked, with both.
            other.ready();
            other.line(true, 0);
            other.type("Called", "Mine");
            browser.open("/plan/" + plan + "/measure");
            browser.type("Called", "Theirs");
            browser.saved();
            other.line(false, 0);
            other.read("You both changed the same");
            other.read("Name from Crown to Mine");
            other.read("Name from Crown to Theirs");
            other.press("Keep it so");
            other.saved();
            browser.says("Called", "Mine");
            assertThat(other.complaints().stream().filter(c -> !c.contains("ERR_")))
                    .isEmpty();
        }
    }

    @Test
    void aReaderLooksAndAHelperTicksAndNeitherChangesThePlan() {
        begins("Roles at work", fresh());
        String reader = invites("Rosa", "Reader");
        browser.open("/");
        browser.press("New plan");
        browser.see(Browser.field("What it is called")).sendKeys("Looked at");
        browser.press("Make it");
        browser.see(Browser.field("Diameter"));
        String plan = browser.driver().getCurrentUrl().replaceAll(".*/plan/(\\d+)/.*", "$1");
        stranger(browser, reader);
        account(browser, "Rosa", fresh());
        browser.press("Join");
        browser.read("Looked at");
        assertThat(browser.driver().findElements(Browser.button("New plan")).stream()
                        .noneMatch(b -> b.isDisplayed()))
                .isTrue();
        browser.open("/plan/" + plan + "/measure");
        browser.type("Called", "Taken over");
        browser.read("You look at this plan and change nothing in it");
        browser.open("/workshop");
        browser.read("Rosa, reader");
        assertThat(browser.text()).doesNotContain("Who did what");
    }

    @Test
    void aLinkShowsTheSheetTurningAndIsShutWhenWithdrawn() {
        newPlan("Shown around");
        String url = browser.driver().getCurrentUrl().replaceAll("/measure.*", "");
        browser.open(url.substring(base.toString().replaceAll("/$", "").length()) + "/client");
        browser.press("Share by a link");
        browser.see(Browser.field("Who it is for")).sendKeys("Marguerite");
        browser.press("Make a link");
        String link = browser.see(By.xpath("//div[@role='dialog']//p[contains(., '/share/')]"))
                .getText();
        try (Browser client = new Browser(base)) {
            stranger(client, link.substring(link.indexOf("/share/")));
            client.read("Shown around");
            client.read("Portions");
            client.see(By.cssSelector("main [aria-label='The cake, turned']"));
            assertThat(client.text()).doesNotContain("Undo").doesNotContain("Save as PDF");
            client.open(url.substring(url.indexOf("/plan/")) + "/measure");
            // Whichever page it is that asks who one is: the first workshop here may or may not be somebody's yet.
            client.see(By.xpath("//button[. = 'Sign in' or . = 'I have an account']"));
            browser.press("Close");
            browser.press("Share by a link");
            browser.read("opened once");
            browser.press("Withdraw");
            browser.read("None.");
            client.open("/shared");
            client.read("This link does not open");
        }
    }

    @Test
    void whoIsSignedOutComesBackToWhereTheyWere() {
        String name = fresh();
        begins("Back again", name);
        browser.press("New plan");
        browser.see(Browser.field("What it is called")).sendKeys("Kept place");
        browser.press("Make it");
        browser.see(Browser.field("Diameter"));
        browser.press("Divide");
        browser.see(Browser.field("Sections"));
        String at = browser.driver().getCurrentUrl();
        stranger(browser, at.substring(at.indexOf("/plan/")));
        browser.see(Browser.field("Password"));
        browser.see(Browser.field("Name to sign in with")).sendKeys(name);
        browser.see(Browser.field("Password")).sendKeys("not these words at all");
        browser.press("Sign in");
        browser.read("do not belong together");
        browser.see(Browser.field("Password")).sendKeys(Keys.chord(Keys.CONTROL, "a"), WORDS);
        browser.press("Sign in");
        browser.see(Browser.field("Sections"));
        assertThat(browser.driver().getCurrentUrl()).contains("/divide");
    }

    @Test
    void aVersionIsCalledComparedAndGoneBackTo() {
        newPlan("Many versions");
        browser.type("Called", "First name");
        browser.saved();
        browser.type("Called", "Second name");
        browser.saved();
        String plan = browser.driver().getCurrentUrl().replaceAll(".*/plan/(\\d+)/.*", "$1");
        browser.open("/plan/" + plan + "/compare");
        browser.read("Since then");
        browser.read("Name from First name to Second name");
        browser.see(Browser.field("Its name")).sendKeys("As agreed");
        browser.press("Keep the name");
        browser.read("It is called As agreed");
        browser.press("Go back to it");
        browser.read("This is the plan now");
        browser.open("/plan/" + plan + "/measure");
        browser.says("Called", "First name");
        assertThat(Http.entered(base).get("/api/plans/" + plan + "/versions").text())
                .contains("As agreed", "Before going back");
    }

    @Test
    void whatAStageIsForIsSaidOnFirstSightAndTheTourGoesByKeys() {
        newPlan("First sight");
        browser.driver().executeScript("localStorage.setItem('sectorum.introduced', '')");
        browser.driver()
                .executeCdpCommand(
                        "Page.addScriptToEvaluateOnNewDocument",
                        java.util.Map.of("source", "localStorage.removeItem('sectorum.introduced')"));
        browser.again();
        browser.read("Here the cake gets its true sizes");
        browser.see(By.cssSelector("aside[aria-label='How Measure works'] svg"));
        browser.press("Understood");
        browser.gone("Here the cake gets its true sizes");
        browser.ctrl("k");
        browser.see(By.cssSelector("[aria-label='Where to']")).sendKeys("versions work");
        browser.read("help");
        browser.keys(Keys.ENTER);
        browser.read("Every save is a version");
        browser.keys(Keys.ESCAPE);
        browser.driver().executeScript("sessionStorage.setItem('sectorum.tour', '0')");
        browser.open("/");
        browser.read("1 of 10");
        browser.until(d -> d.switchTo().activeElement().getText().equals("Next") ? Boolean.TRUE : null);
        browser.keys(Keys.ESCAPE);
        browser.gone("1 of 10");
    }
}
