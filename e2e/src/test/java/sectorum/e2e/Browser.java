package sectorum.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.springframework.util.FileSystemUtils;
import sectorum.server.Http;

/** A person before the screen: finds things by what is written on them, waits as a person would, never sleeps. */
final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final URI base;
    private final ChromeDriver driver;
    private final Path own;
    private final Path downloads;
    /** As whoever sits at the machine. */
    private final String entered;

    Browser(URI base) {
        this.base = base;
        this.entered = Http.entered(base).cookies().replace("sectorum=", "");
        try {
            // Under target, so that nothing of a run stays in the machine's own temporary folder.
            own = Files.createTempDirectory(Files.createDirectories(Path.of("target", "browser")), "b")
                    .toAbsolutePath();
            downloads = Files.createDirectory(own.resolve("downloads"));
            ChromeOptions options = new ChromeOptions();
            options.setBinary(System.getProperty("sectorum.chromium", "/usr/bin/chromium"));
            options.addArguments(
                    "--headless=new",
                    // Not over the network: a bare machine may not even know the name localhost.
                    "--remote-debugging-pipe",
                    "--no-sandbox",
                    "--disable-dev-shm-usage",
                    "--disable-gpu",
                    "--force-device-scale-factor=1",
                    "--hide-scrollbars",
                    "--no-first-run",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--lang=en-GB",
                    "--user-data-dir=" + own.resolve("profile"));
            options.setExperimentalOption(
                    "prefs",
                    Map.of("download.default_directory", downloads.toString(), "intl.accept_languages", "en-GB"));
            options.setCapability("goog:loggingPrefs", Map.of(LogType.BROWSER, "ALL"));
            ChromeDriverService service = new ChromeDriverService.Builder()
                    .usingDriverExecutable(new File(System.getProperty("sectorum.driver", "/usr/bin/chromedriver")))
                    .usingAnyFreePort()
                    .build();
            driver = new ChromeDriver(service, options);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        size(1280, 800);
        begin();
    }

    private void begin() {
        driver.executeCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument",
                // What is said once to whoever is new is not said to tests that are about something else.
                Map.of("source", "try { localStorage.setItem('sectorum.introduced', 'all') } catch {}"));
        signIn(entered);
    }

    /** As if opened anew: a window of its own, nothing kept, nothing said. Opening a browser anew takes seconds. */
    void renew() {
        Set<String> before = driver.getWindowHandles();
        // What a page keeps for its window goes with the window alone.
        String mine = driver.switchTo().newWindow(WindowType.TAB).getWindowHandle();
        for (String window : before) {
            driver.switchTo().window(window).close();
        }
        driver.switchTo().window(mine);
        driver.executeCdpCommand(
                "Storage.clearDataForOrigin", Map.of("origin", base.toString(), "storageTypes", "all"));
        begin();
        driver.manage().logs().get(LogType.BROWSER);
        FileSystemUtils.deleteRecursively(downloads.toFile());
        downloads.toFile().mkdir();
        size(1280, 800);
    }

    /** Shows what somebody signed in with from now on. */
    void signIn(String cookie) {
        driver.executeCdpCommand(
                "Network.setCookie",
                Map.of("name", "sectorum", "value", cookie, "url", base.toString(), "httpOnly", true, "path", "/"));
    }

    /** The line to the server: cut, or answering after so many milliseconds. */
    void line(boolean cut, int delay) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", cut, "latency", delay, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    /** Requests to these addresses never arrive; to none: all do. */
    void withholds(String... addresses) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand("Network.setBlockedURLs", Map.of("urls", List.of(addresses)));
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    void open(String path) {
        driver.get(base.resolve(path).toString());
    }

    void again() {
        driver.navigate().refresh();
    }

    ChromeDriver driver() {
        return driver;
    }

    Path downloads() {
        return downloads;
    }

    <T> T until(Function<ChromeDriver, T> what) {
        return new WebDriverWait(driver, PATIENCE, Duration.ofMillis(60))
                .ignoreAll(List.of(
                        NoSuchElementException.class,
                        StaleElementReferenceException.class,
                        ElementNotInteractableException.class))
                .until(d -> what.apply(driver));
    }

    WebElement see(By by) {
        return until(d -> {
            WebElement found = d.findElement(by);
            return found.isDisplayed() ? found : null;
        });
    }

    /** Presses what is found there, again where it was drawn anew under the hand. */
    void click(By by) {
        until(d -> {
            d.findElement(by).click();
            return Boolean.TRUE;
        });
    }

    /** Gives a file to the page's field for files, which is never seen itself. */
    void give(Path file) {
        until(d -> d.findElement(By.cssSelector("input[type=file]"))).sendKeys(file.toString());
    }

    /** Waits until these words stand somewhere on the page. */
    void read(String words) {
        said(words, true);
    }

    void gone(String words) {
        said(words, false);
    }

    private void said(String words, boolean there) {
        try {
            until(d -> text().contains(words) == there ? Boolean.TRUE : null);
        } catch (TimeoutException late) {
            throw new AssertionError(
                    "\"" + words + "\" is " + (there ? "not " : "") + "on the page, which says:\n" + text(), late);
        }
    }

    String text() {
        return (String) driver.executeScript("return document.body.innerText.replaceAll('\\u00a0', ' ')");
    }

    static By button(String words) {
        String said = words.contains("'") ? "\"" + words + "\"" : "'" + words + "'";
        return By.xpath("//*[self::button or self::a][not(@disabled)][normalize-space()=" + said + " or @aria-label="
                + said + " or @title=" + said + "]");
    }

    static By field(String label) {
        String said = label.contains("'") ? "\"" + label + "\"" : "'" + label + "'";
        return By.xpath("//input[@id=//label[normalize-space()=" + said + "]/@for] | //label[span[normalize-space()="
                + said + "]]/input | //input[@aria-label=" + said + "]");
    }

    void press(String words) {
        click(button(words));
    }

    /** Opens a choice of many and takes one of them. */
    void choose(String label, String option) {
        press(label);
        see(By.xpath("//*[@role='option'][normalize-space()='" + option + "']")).click();
    }

    /** Types over what stands in a field and leaves it with Enter. */
    void type(String label, String text) {
        click(field(label));
        see(field(label)).sendKeys(Keys.chord(Keys.CONTROL, "a"), text.isEmpty() ? Keys.DELETE : text, Keys.ENTER);
    }

    /** Waits for a field to say this. */
    void says(String label, String value) {
        until(d -> value.equals(see(field(label)).getDomProperty("value")) ? Boolean.TRUE : null);
    }

    void keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    void backTab() {
        new Actions(driver)
                .keyDown(Keys.SHIFT)
                .sendKeys(Keys.TAB)
                .keyUp(Keys.SHIFT)
                .perform();
    }

    void ctrl(String key) {
        new Actions(driver)
                .keyDown(Keys.CONTROL)
                .sendKeys(key)
                .keyUp(Keys.CONTROL)
                .perform();
    }

    /** Waits until the page has all that it needs to work on without an answer. */
    void ready() {
        until(d -> "ready".equals(d.executeScript("return window.sectorum.state")) ? Boolean.TRUE : null);
    }

    /** Waits until everything typed is kept by the server. */
    void saved() {
        until(d -> d.findElements(By.cssSelector("[role=status]")).stream()
                        .anyMatch(s -> s.getText().equals("saved"))
                ? Boolean.TRUE
                : null);
    }

    List<String> texts(By by) {
        return until(d -> d.findElements(by).stream().map(WebElement::getText).toList());
    }

    /** What the page complained of, apart from refusals that a test provoked. */
    List<String> complaints() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .filter(m -> !m.contains("status of 4"))
                .toList();
    }

    @Override
    public void close() {
        driver.quit();
        FileSystemUtils.deleteRecursively(own.toFile());
    }
}
