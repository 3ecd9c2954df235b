package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The same work for whoever uses keys alone, reads twice as large, has colours of their own, or wants nothing to move. */
class EaseIT extends Bench {
    private static final List<String> PAGES = List.of("/", "/cupboard", "/devices", "/rehearse", "/workshop");
    private static final List<String> STAGES =
            List.of("measure", "divide", "dress", "ahead", "make", "days", "build", "print", "order", "turntable");

    /** More than any of these views has to reach; what is longer is looked at so far. */
    private static final int MOST_PRESSES = 150;

    private final List<String> wrong = new ArrayList<>();

    @AfterEach
    void asUsual() {
        media(Map.of());
        browser.size(1280, 800);
    }

    private void media(Map<String, String> features) {
        media("", features);
    }

    private void media(String medium, Map<String, String> features) {
        browser.driver()
                .executeCdpCommand(
                        "Emulation.setEmulatedMedia",
                        Map.of(
                                "media",
                                medium,
                                "features",
                                features.entrySet().stream()
                                        .map(f -> Map.of("name", f.getKey(), "value", f.getValue()))
                                        .toList()));
    }

    private List<String> views() {
        newPlan("Ease");
        browser.saved();
        String plan = browser.driver().getCurrentUrl().replaceAll("^https?://[^/]*(/plan/\\d+/).*", "$1");
        List<String> all = new ArrayList<>(PAGES);
        STAGES.forEach(stage -> all.add(plan + stage));
        return all;
    }

    private void open(String view) {
        browser.open(view);
        browser.see(By.cssSelector(view.endsWith("turntable") ? "button[data-act]" : "h1"));
    }

    /** Tab reaches each thing once, shows where it is, is held by nothing, and comes round to the page's head. */
    @Test
    void everyViewByKeysAlone() {
        for (String view : views()) {
            open(view);
            // The page as a machine sees it: what can be reached, counted; of choices of one, one is.
            browser.driver().executeScript("""
                    const inReach = 'a[href], button:not([disabled]), input:not([disabled]), select, textarea';
                    window.there = [...document.querySelectorAll(inReach)].filter((e) => e.tabIndex >= 0 && e.type !== 'radio'
                      && e.checkVisibility() && e.getBoundingClientRect().width > 1);
                    window.reached = new Set(); window.unseen = []; window.ends = 0;
                    // Whether there is more to reach: over the end of the page once, and round to where one was.
                    const frame = () => new Promise(requestAnimationFrame);
                    window.look = async () => {
                      const e = document.activeElement;
                      if (!e || e === document.body) return ++window.ends < 2;
                      if (window.reached.has(e)) return window.ends < 1 || e === window.last;
                      window.reached.add(e);
                      window.last = e;
                      const isSeen = () => {
                        const s = getComputedStyle(e), r = e.getBoundingClientRect();
                        const drawn = e.closest('svg') !== null && e.tagName !== 'svg';
                        return r.width > 1 && r.bottom > 0 && r.top < innerHeight && (s.outlineStyle !== 'none' || s.boxShadow !== 'none' || drawn);
                      };
                      // A page that is still being put together (instruments answer, fields grow) is given some frames, and once more the focus.
                      for (let i = 0; i < 30 && !isSeen(); i++) await frame();
                      if (!isSeen()) e.scrollIntoView({ block: 'nearest' });
                      if (!isSeen()) window.unseen.push(e.outerHTML.slice(0, 120));
                      return true;
                    };""");
            browser.keys(Keys.TAB);
            int presses = 0;
            while (Boolean.TRUE.equals(
                            browser.driver().executeAsyncScript("window.look().then(arguments[arguments.length - 1])"))
                    && presses < MOST_PRESSES) {
                browser.keys(Keys.TAB);
                presses++;
            }
            Object missed = browser.driver()
                    .executeScript("return window.there.filter((e) => e.isConnected && !window.reached.has(e))"
                            + ".map((e) => e.getAttribute('aria-label') ?? e.textContent.trim().slice(0, 30))");
            Object unseen = browser.driver().executeScript("return window.unseen");
            if (presses < MOST_PRESSES && !List.of().equals(missed)) {
                wrong.add(view + " does not reach " + missed);
            }
            if (!List.of().equals(unseen)) {
                wrong.add(view + " does not show where one is at " + unseen);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** 1280 by 800 at 200 % is a page of 640 by 400. The turntable is one screen at every size and stands still as a whole. */
    @Test
    void twiceAsLargeNothingRunsOverTheEdgeNorLiesOverTheWork() {
        List<String> views = views();
        browser.size(640, 400);
        for (String view : views) {
            open(view);
            Object told = browser.driver().executeScript("""
                    const root = document.documentElement;
                    const over = root.scrollWidth - root.clientWidth;
                    const held = [...document.querySelectorAll('body *')]
                      .filter((e) => ['fixed', 'sticky'].includes(getComputedStyle(e).position))
                      .reduce((sum, e) => sum + Math.min(innerHeight, e.getBoundingClientRect().height), 0);
                    return over > 0 ? `runs ${over} px over the edge` : held > innerHeight / 2 && !document.querySelector('button[data-act]') ? `${held} px stand still` : null;""");
            if (told != null) {
                wrong.add(view + " " + told);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** In colours of one's own: what is chosen looks otherwise than what is not, and drawings lie on paper. */
    @Test
    void inForcedColoursWhatIsChosenIsSeen() {
        List<String> views = views();
        media(Map.of("forced-colors", "active", "prefers-color-scheme", "dark"));
        for (String view : views) {
            open(view);
            Object alike = browser.driver().executeScript("""
                    const on = '[aria-pressed=true],[aria-selected=true],[aria-checked=true],[aria-current]:not([aria-current=false])';
                    const look = (e) => { const s = getComputedStyle(e);
                      return [s.backgroundColor, s.borderTopColor, s.borderTopWidth, s.outlineStyle, s.color, s.fontWeight].join(); };
                    const alike = [...document.querySelectorAll(on)].filter((e) => {
                      const other = [...e.parentElement.children].find((o) => o.tagName === e.tagName && !o.matches(on));
                      return other && look(e) === look(other); });
                    const bare = [...document.querySelectorAll('svg[role=img]')].filter((e) => !e.closest('button, a, label, nav')
                      && getComputedStyle(e).backgroundColor === 'rgba(0, 0, 0, 0)');
                    return [...alike, ...bare].map((e) => e.getAttribute('aria-label') ?? e.textContent.slice(0, 30));""");
            if (!List.of().equals(alike)) {
                wrong.add(view + ": " + alike);
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void whereNothingShallMoveNothingDoes() {
        List<String> views = views();
        media(Map.of("prefers-reduced-motion", "reduce"));
        for (String view : views) {
            open(view);
            Object moving = browser.driver().executeScript("""
                    return [...document.querySelectorAll('body *')].filter((e) => { const s = getComputedStyle(e);
                        return [s.transitionDuration, s.animationDuration].some((d) => d.split(',').some((t) => parseFloat(t) > 0.02)); })
                      .map((e) => e.tagName + ' ' + String(e.className)).concat(document.getAnimations().map((a) => a.animationName ?? 'a transition'))""");
            if (!List.of().equals(moving)) {
                wrong.add(view + ": " + moving);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** A4 is 794 wide: what is worked at takes all of it, its drawings fit, and what can only be pressed is left out. */
    @Test
    void onPaperTheWorkTakesTheWholeWidth() {
        List<String> views = views();
        media("print", Map.of());
        for (String view : views) {
            if (view.endsWith("turntable")) {
                continue;
            }
            browser.size(1280, 800);
            open(view);
            browser.size(794, 1123);
            Object told = browser.driver().executeScript("""
                    window.dispatchEvent(new Event('beforeprint'));
                    const work = document.querySelector('#work').getBoundingClientRect();
                    const wide = [...document.querySelectorAll('svg, canvas, table')].filter((e) => e.getBoundingClientRect().right > innerWidth);
                    const shown = [...document.querySelectorAll('nav, header')].filter((e) => e.checkVisibility());
                    return work.width < innerWidth * 0.85 ? `is ${work.width} px wide` : wide.length > 0 ? `cuts ${wide[0].outerHTML.slice(0, 80)}`
                      : shown.length > 0 ? `prints ${shown[0].outerHTML.slice(0, 80)}` : null;""");
            if (told != null) {
                wrong.add(view + " " + told);
            }
        }
        assertThat(wrong).isEmpty();
    }
}
