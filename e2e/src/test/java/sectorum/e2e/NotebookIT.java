package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** From the bench into the notebook and back into the plan; devices; rehearsing: on three sizes. */
class NotebookIT extends Bench {
    private static final By NEXT = By.cssSelector("button[data-act]");

    private void press(CharSequence key) {
        browser.driver().executeAsyncScript("setTimeout(arguments[0], 200)");
        browser.keys(key);
    }

    private Object asked(String method, String path, String body) {
        return browser.driver()
                .executeAsyncScript(
                        "const done = arguments[3]; fetch(arguments[1], { method: arguments[0], headers: { 'Content-Type': 'application/json' },"
                                + " body: arguments[2] || undefined }).then(r => r.text()).then(done)",
                        method,
                        path,
                        body);
    }

    /** Ticks the dressing's steps; the clock runs by itself, and pauses by a press. */
    private long dressed(String name) {
        newPlan(name);
        browser.press("Dress");
        addCourse("Swag lines");
        browser.saved();
        browser.keys("b");
        browser.see(NEXT);
        browser.see(By.cssSelector("[data-clock=runs]")).click();
        browser.see(By.cssSelector("[data-clock=rests]")).click();
        browser.see(By.cssSelector("[data-clock=runs]"));
        return Long.parseLong(browser.driver().getCurrentUrl().replaceAll(".*/plan/(\\d+)/.*", "$1"));
    }

    @Test
    void whatIsDoneAtTheBenchTeachesTheNextPlan() {
        long plan = dressed("Written down");
        browser.press("Broken, weighed");
        browser.press("1 broke");
        browser.read("One broke: it is noted.");
        // The rest of the dressing is ticked as the bench would, in twice the planned time.
        String made = String.valueOf(browser.driver().executeAsyncScript("""
                const [plan, done] = arguments;
                (async () => {
                  const json = async (path, body) =>
                    (await fetch(path, body ? { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) } : {})).json();
                  const { document } = await json(`/api/plans/${plan}`);
                  const steps = (await json('/api/turntable/steps', { id: plan, plan: document })).filter(s => s.told.kind === 'dress');
                  let at = Date.now() - 5 * 3600e3;
                  const line = (id, kind, step) => ({ id, device: 'other', who: 'Ottilie', at: Math.round(at), seen: 0, kind, step, amount: 0, about: '' });
                  const lines = [line('begin', 'begin', '')];
                  steps.forEach((s, i) => { at += 2 * 60e3 * s.told.minutes; lines.push(line('tick' + i, 'tick', s.key.id)); });
                  await json(`/api/plans/${plan}/journal`, { after: 0, lines });
                  return String(steps.length);
                })().then(done, e => done('failed: ' + e))""", plan));
        assertThat(made).matches("[1-9]\\d*");
        browser.open("/notebook");
        browser.see(By.xpath("//nav[@aria-label='Jobs']//button[contains(., 'Written down')]"))
                .click();
        browser.read("× the plain time");
        WebElement lessons = browser.see(By.cssSelector("section[aria-label='What did it teach?']"));
        assertThat(lessons.getText()).contains("instead of");
        browser.press("Take all of it in");
        browser.until(d -> d.findElements(By.cssSelector("section[aria-label='What did it teach?']"))
                        .isEmpty()
                ? Boolean.TRUE
                : null);
        browser.press("Rates");
        browser.see(By.cssSelector("[data-rate='time dressing/swag']"));
        browser.open("/plan/" + plan + "/dress");
        browser.read("your own, from");
        // Switched off, plans go by the plain table again.
        browser.open("/notebook");
        browser.press("Rates");
        browser.click(By.xpath("//section[@aria-label='minutes']//label[contains(., 'Plans go by your own')]/input"));
        browser.open("/plan/" + plan + "/dress");
        browser.read("by the plain table");
        asked("PUT", "/api/notebook/off", "[]");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aJobOfBeforeIsTypedInAndMendedAndPutAside() {
        browser.open("/notebook");
        browser.press("Type jobs in");
        browser.see(By.xpath("//label[span='Job']/input")).sendKeys("Guild picnic");
        WebElement day = browser.see(By.cssSelector("input[type=date]"));
        browser.driver()
                .executeScript(
                        "const s = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;"
                                + "s.call(arguments[0], '2025-05-01'); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));",
                        day);
        browser.see(By.cssSelector("select[aria-label='What was done, line 1'] option[value='dressing/pearls']"))
                .click();
        browser.see(By.cssSelector("[aria-label='Minutes planned, line 1']")).sendKeys("40");
        browser.see(By.cssSelector("[aria-label='Minutes taken, line 1']")).sendKeys("64");
        browser.press("Keep one line");
        browser.read("One record is kept.");
        browser.see(By.xpath("//nav[@aria-label='Jobs']//button[contains(., 'Guild picnic')]"))
                .click();
        browser.click(By.xpath("//section[@aria-label='Planned beside actual']//button[contains(., '1.60 ×')]"));
        browser.type("Minutes of hands", "60");
        browser.see(By.xpath("//label[span='Reason to put it aside']/input")).sendKeys("the door bell");
        browser.press("Put it aside");
        browser.press("Done");
        browser.read("put aside: the door bell");
        browser.click(By.xpath("//section[@aria-label='Planned beside actual']//button[contains(., '1.50 ×')]"));
        browser.press("Take it out");
        browser.until(d -> d.findElements(By.xpath("//nav[@aria-label='Jobs']//button[contains(., 'Guild picnic')]"))
                        .isEmpty()
                ? Boolean.TRUE
                : null);
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void tenAreWeighedAndPlansGoByIt() {
        browser.open("/notebook");
        browser.see(By.tagName("h1"));
        asked("POST", "/api/devices/scale/put", "{\"value\":60}");
        browser.press("Measure something");
        browser.see(Browser.field("Together they weigh")).click();
        browser.until(d -> {
            d.findElements(By.cssSelector("[data-take=scale]")).stream()
                    .findFirst()
                    .ifPresent(WebElement::click);
            return d.getPageSource().contains("from the scale") ? Boolean.TRUE : null;
        });
        browser.press("Keep it");
        browser.read("plans go by it from now on");
        browser.press("Rates");
        browser.see(By.cssSelector("[data-rate='density gum']"));
        asked("POST", "/api/devices/scale/put", "{\"value\":0}");
        assertThat(browser.complaints()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void aReadingIsTakenWithOnePressAndWhatIsWrongIsSaid(int width, int height) {
        browser.size(width, height);
        newPlan("Read off the tape " + width);
        asked("POST", "/api/devices/tape/fault", "{\"fault\":\"none\"}");
        asked("POST", "/api/devices/tape/put", "{\"value\":742}");
        browser.see(Browser.field("Tape round the foot")).click();
        browser.until(d -> {
            d.findElements(By.cssSelector("[data-take=tape]")).stream()
                    .findFirst()
                    .ifPresent(WebElement::click);
            return d.getPageSource().contains("742.0 mm, from the tape reader") ? Boolean.TRUE : null;
        });
        browser.see(By.xpath("//ul[@aria-label='Readings, tape round the foot']//*[contains(., '74.2 cm')]"));
        asked("POST", "/api/devices/tape/fault", "{\"fault\":\"unplugged\"}");
        browser.until(d -> {
            d.findElement(By.cssSelector("[data-take=tape]")).click();
            return d.getPageSource().contains("does not answer") ? Boolean.TRUE : null;
        });
        asked("POST", "/api/devices/tape/fault", "{\"fault\":\"none\"}");
        browser.open("/devices");
        browser.see(By.cssSelector("[data-device=probe]"));
        browser.press("New pan");
        browser.press("Heat on");
        browser.see(By.cssSelector("[data-device=probe] [data-phase]"));
        browser.press("Off the heat");
        assertThat(browser.complaints()).isEmpty();
    }

    private void drill(String words) {
        browser.click(By.xpath("//nav[@aria-label='What to rehearse']//button[contains(., '" + words + "')]"));
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void aSideIsMarkedByHandAndTheHandIsMeasured(int width, int height) {
        browser.size(width, height);
        browser.open("/rehearse");
        drill("Mark by the tape");
        WebElement bench = browser.see(By.cssSelector("[data-bench]"));
        browser.driver().executeScript("arguments[0].focus()", bench);
        for (int guard = 0;
                guard < 40
                        && !browser.driver()
                                .findElements(By.cssSelector("[data-bench]"))
                                .isEmpty();
                guard++) {
            bench = browser.driver().findElement(By.cssSelector("[data-bench]"));
            double off = Double.parseDouble(bench.getDomAttribute("data-target"))
                    - Double.parseDouble(bench.getDomAttribute("data-at"));
            int leaps = (int) (Math.abs(off) / 5);
            int steps = (int) Math.round((Math.abs(off) - 5 * leaps) / 0.5);
            Keys way = off > 0 ? Keys.ARROW_RIGHT : Keys.ARROW_LEFT;
            Actions hand = new Actions(browser.driver()).keyDown(Keys.SHIFT);
            for (int i = 0; i < leaps; i++) {
                hand.sendKeys(way);
            }
            hand.keyUp(Keys.SHIFT);
            for (int i = 0; i < steps; i++) {
                hand.sendKeys(way);
            }
            hand.sendKeys(Keys.ENTER).perform();
        }
        browser.see(By.cssSelector("[data-right=true]"));
        browser.read("mm your marks are off");
        drill("Which way round?");
        browser.press("The other way round");
        browser.see(By.cssSelector("[data-right]"));
        browser.press("Another one");
        drill("How many will you need?");
        browser.type("Discs", "12");
        browser.read("Not yet.");
        assertThat(browser.complaints()).isEmpty();
    }
}
