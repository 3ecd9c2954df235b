package sectorum.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;

/**
 * A picture of each main view from the demo's plans, into docs/screenshots. Run by {@code scripts/screenshots}, never as a
 * test; what it changes is looked at before it is kept.
 */
class Screenshots extends Bench {
    private static final Path PICTURES = Path.of("..", "docs", "screenshots");

    /** The links from Orders to the demo's plans. */
    private String plan(String name) {
        browser.open("/");
        String address =
                browser.see(By.partialLinkText(name)).getDomProperty("href").replace(base.toString(), "");
        return address.substring(0, address.lastIndexOf('/'));
    }

    private void shot(String name) throws IOException {
        browser.until(d -> d.getPageSource().contains("Laying it out") ? null : Boolean.TRUE);
        browser.driver()
                .executeAsyncScript("const done = arguments[0];"
                        + "Promise.allSettled([document.fonts.ready, ...document.getAnimations().map(a => a.finished)])"
                        + ".then(() => setTimeout(done, 600))");
        Files.write(PICTURES.resolve(name + ".png"), browser.driver().getScreenshotAs(OutputType.BYTES));
    }

    private void view(String name, String path) throws IOException {
        browser.open(path);
        browser.see(By.tagName("h1"));
        browser.gone("Working it out");
        shot(name);
    }

    private void course(String name) {
        browser.see(By.xpath("//ul[@aria-label='Courses']//button[contains(., '" + name + "')]"))
                .click();
    }

    @AfterEach
    void leaveNothingOpen() {
        browser.renew();
    }

    @Test
    void everyMainView() throws IOException {
        String gala = plan("Observatory gala");
        String guild = plan("Beekeepers' guild supper");
        view("orders", "/");
        view("cupboard", "/cupboard");
        for (String stage : new String[] {"measure", "print", "order", "compare", "days", "build"}) {
            view(stage, gala + "/" + stage);
        }
        browser.open("/workshop?part=people");
        browser.read("Invite somebody");
        shot("workshop");
        view("divide", gala + "/divide");
        view("client", gala + "/client");
        browser.open(plan("Canal museum reopening") + "/dress?tier=water");
        course("Dry dust");
        shot("dress");
        view("make", gala + "/make");
        notebook();
        turntable(gala);
        browser.open(guild + "/ahead");
        browser.click(By.xpath("//button[contains(., 'Meadow blossom')]"));
        browser.read("of hands");
        shot("pieces");
    }

    /** In the middle of a garland, and on a phone in the evening among marks. */
    private void turntable(String plan) throws IOException {
        step(plan, "Set 110 along them");
        for (int i = 0; i < 3; i++) {
            browser.driver().executeAsyncScript("setTimeout(arguments[0], 200)");
            browser.keys(Keys.SPACE);
        }
        shot("turntable");
        browser.size(390, 844);
        step(plan, "Read 12 marks off the tape");
        browser.keys(Keys.SPACE);
        browser.keys("d");
        shot("turntable-phone");
        browser.size(1280, 800);
        browser.keys("d");
    }

    private void step(String plan, String words) {
        browser.open(plan + "/turntable");
        browser.press("All steps");
        browser.click(By.xpath("//div[@role='dialog']//button[contains(., '" + words + "')]"));
        browser.see(By.cssSelector("[data-reading]"));
    }

    /** The notebook at the job that is made, the bench panel with something before each device, and a side in the middle of its marks. */
    private void notebook() throws IOException {
        browser.open("/notebook");
        browser.read("What did it teach?");
        shot("notebook");
        String[][] before = {{"scale", "342"}, {"tape", "731"}, {"probe", "1"}};
        for (String[] put : before) {
            browser.driver()
                    .executeAsyncScript(
                            "fetch(`/api/devices/${arguments[0]}/put`, { method: 'POST', headers: { 'Content-Type': 'application/json' },"
                                    + " body: JSON.stringify({ value: Number(arguments[1]) }) }).then(arguments[2])",
                            put[0],
                            put[1]);
        }
        browser.open("/devices");
        browser.read("settled");
        browser.driver().executeAsyncScript("setTimeout(arguments[0], 20000)");
        shot("devices");
        browser.open("/rehearse");
        browser.see(By.cssSelector("[data-bench]"));
        browser.keys(Keys.ARROW_RIGHT, Keys.ENTER);
        shot("rehearse");
    }
}
