package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Pieces of one's own through everything: supports, days, steps and the sheet that goes with the cake. */
class DaysIT extends Bench {
    /** A Saturday some years ahead, so that nothing is late. */
    private static final LocalDate READY = LocalDate.of(2032, 12, 11);

    private static final By SLIDER = By.cssSelector("[role=slider][aria-label='The moment it is ready']");

    /** Two tiers, the upper with a topper on two picks, ready on a day. */
    private void topped(String name) {
        newPlan(name);
        browser.press("Add a tier");
        addPiece("A piece of your own");
        browser.type("What it is", "Moon");
        browser.type("Minutes each", "50");
        browser.type("Thickness", "1.2");
        browser.read("hard after about");
        browser.saved();
    }

    private WebElement task(String id) {
        return browser.see(By.cssSelector("[data-task='" + id + "']"));
    }

    private void choose(String id) {
        browser.driver()
                .executeScript("arguments[0].dispatchEvent(new MouseEvent('click', { bubbles: true }))", task(id));
    }

    private String next() {
        return browser.see(By.cssSelector("aside[aria-label=Ledger] button.font-display"))
                .getText();
    }

    @Test
    void daysArePlannedBackMovedTickedAndPlannedAgain() {
        topped("In days");
        ready(READY);
        browser.read("Ready by Sat 11 Dec, 14:00");
        task("piece-piece-1");
        browser.until(d -> next().equals("Moon") ? Boolean.TRUE : null);
        String first =
                browser.see(By.cssSelector("aside[aria-label=Ledger] p b")).getText();

        // A day earlier by the arrow: everything follows.
        browser.see(SLIDER).sendKeys(Keys.ARROW_LEFT);
        browser.read("Ready by Fri 10 Dec, 14:00");
        browser.until(d -> !browser.see(By.cssSelector("aside[aria-label=Ledger] p b"))
                        .getText()
                        .equals(first)
                ? Boolean.TRUE
                : null);
        browser.ctrl("z");
        browser.read("Ready by Sat 11 Dec, 14:00");

        // What is done stays, and the next thing comes up.
        choose("piece-piece-1");
        browser.read("up to 30 % more");
        browser.press("It is done");
        browser.until(d -> next().equals("Moon") ? null : Boolean.TRUE);
        browser.press("Not done after all");
        browser.until(d -> next().equals("Moon") ? Boolean.TRUE : null);

        // A wait seen here wins over the estimate.
        browser.type("Wait, as seen here", "2");
        browser.until(d -> next().equals("Moon") ? null : Boolean.TRUE);
        browser.gone("up to 30 % more");

        // A task by hand, split in parts.
        browser.press("Add a task");
        browser.see(Browser.field("What")).sendKeys("Fetch the boards");
        browser.click(By.xpath("//button[@role='radio'][.='yes']"));
        browser.press("Add it");
        choose("own-task-1");
        browser.see(By.xpath("//section[@aria-label='Fetch the boards']//button[@role='radio'][.='2']"))
                .click();
        browser.read("Fetch the boards, 2 of 2");

        // Near enough to see hours.
        browser.click(By.xpath("//button[@role='radio'][.='Day']"));
        browser.read("10:00");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aLatePlanIsToldWhatSavesItAndAPressTakesIt() {
        topped("Too late");
        browser.type("Thickness", "2");
        browser.click(By.xpath("//button[@role='radio'][.='on a former']"));
        browser.saved();
        ready(LocalDate.now().plusDays(4));
        browser.read("should have begun");
        browser.read("both faces free");
        WebElement saving = browser.see(
                By.xpath("//section[@aria-label='What would save time']//button[contains(., 'both faces free')]"));
        saving.click();
        browser.press("Ahead");
        browser.click(By.xpath("//button[contains(., 'Moon')]"));
        browser.see(By.xpath("//button[@role='radio'][@aria-checked='true'][.='both faces free']"));
        // Orders say so, too, from the same days.
        browser.open("/");
        browser.read("Too late");
    }

    @Test
    void theWorkshopsHandsAndHoursAreSettledAndOddOnesRefused() {
        topped("With hours");
        ready(READY.plusDays(21));
        browser.press("Hours, hands and places");
        browser.type("Pairs of hands", "9");
        browser.read("Pairs of hands 9 is outside 1 to 6");
        browser.type("Pairs of hands", "2");
        WebElement monday = browser.see(Browser.field("Monday"));
        monday.sendKeys(Keys.chord(Keys.CONTROL, "a"), "nine to five");
        browser.press("Keep the hours");
        browser.read("Hours \"nine to five\" are not read");
        monday.sendKeys(Keys.chord(Keys.CONTROL, "a"), "09:00-13:00 14:00-18:00");
        browser.type("Pairs of hands", "1");
        browser.press("Keep the hours");
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
    }

    @Test
    void everythingStuckInIsDrawnStepsAreToldAndTheSheetIsPrinted() throws IOException {
        topped("Handed over");
        browser.press("Build");
        browser.see(By.xpath("//*[name()='title'][contains(., 'food-safe pick, Moon')]/.."));
        // Without a day there are steps and a sheet, too.
        browser.press("All steps and cautions");
        browser.read("in the order of the work");
        ready(READY.plusDays(7));
        browser.press("All steps and cautions");
        browser.read("press them in");
        browser.see(By.xpath("//ol[@aria-label='Steps']//li[contains(., 'cannot be undone')]"));
        browser.press("Handover sheet");
        browser.read("food-safe pick of Moon");
        browser.read("egg, gluten, milk");
        browser.press("Save as PDF");
        Path saved = browser.downloads().resolve("Handed over, handover.pdf");
        browser.until(d -> Files.exists(saved) ? Boolean.TRUE : null);
        try (PDDocument pdf = browser.until(d -> {
            try {
                return Loader.loadPDF(saved.toFile());
            } catch (IOException half) {
                return null;
            }
        })) {
            assertThat(pdf.getNumberOfPages()).isBetween(2, 3);
        }
        browser.press("Days");
        browser.press("Calendar file");
        browser.until(d -> Files.exists(browser.downloads().resolve("Handed over.ics")) ? Boolean.TRUE : null);
        assertThat(browser.complaints()).isEmpty();
    }
}
