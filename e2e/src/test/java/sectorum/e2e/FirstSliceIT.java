package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** From a new order to a printed strip, through the screen alone. */
class FirstSliceIT extends Bench {
    @Test
    void measureDivideDressAndPrint() throws IOException {
        newPlanByHand("A slice of everything");
        measure();
        divide();
        dress();
        mend();
        print();
        listAgain();
        assertThat(browser.complaints()).isEmpty();
    }

    /** Typed as one thinks; the tape replaces the nominal. */
    private void measure() {
        browser.type("Diameter", "8 1/2\"");
        browser.says("Diameter", "21.59 cm");
        browser.type("Height of the cake", "110mm");
        browser.says("Height of the cake", "11 cm");
        browser.type("Tape round the foot", "73,1");
        browser.see(lead("73.1", "round the foot"));
        browser.see(lead("23.27", "across"));
    }

    /** By wanted size, by the ladder, by typed count. */
    private void divide() {
        browser.press("Divide");
        browser.type("A section about", "6.5 cm");
        browser.see(By.xpath("//*[@role='radio'][starts-with(normalize-space(.),'11 sections')]"))
                .click();
        browser.see(lead("6.65", "on the tape"));
        browser.see(lead("6.56", "with a stiff rule"));
        assertThat(browser.texts(By.cssSelector("ol[aria-label='Marks on the tape'] li span:last-child")))
                .containsExactly("0", "6.6", "13.3", "19.9", "26.6", "33.2", "39.9", "46.5", "53.2", "59.8", "66.5");
        browser.read("it leaves 0.5 cm, the last comes out 7.1 cm");
        browser.type("Sections", "12");
        browser.see(lead("12", "marks"));
        browser.press("from the first mark");
        assertThat(browser.texts(By.cssSelector("ol[aria-label='Marks on the tape'] li span:last-child")))
                .startsWith("0", "6.1", "12.2", "18.3");
        browser.press("a mark");
        browser.read("a mark at the front");
        browser.press("a section");
        browser.type("Sections", "5");
        browser.see(lead("14.62", "on the tape"));
    }

    /** A swag, its drop typed and dragged, its school changed. */
    private void dress() {
        browser.keys(Keys.ESCAPE);
        browser.keys("3");
        addCourse("Swag lines");
        browser.type("Drop", "4,8");
        browser.see(lead("18.51", "along the curve"));
        browser.press("parabola");
        browser.see(lead("18.11", "along the curve"));
        browser.press("catenary, as cloth hangs");
        browser.see(lead("18.21", "along the curve"));
        browser.press("circular arc");
        browser.see(lead("18.51", "along the curve"));
        WebElement grip = browser.see(By.cssSelector("[aria-label^='Lowest point']"));
        new Actions(browser.driver())
                .clickAndHold(grip)
                .moveByOffset(0, 10)
                .moveByOffset(0, 10)
                .release()
                .perform();
        browser.until(d -> {
            double drop = Double.parseDouble(d.findElement(By.cssSelector("[aria-label^='Lowest point']"))
                    .getDomAttribute("aria-valuenow"));
            return (drop > 60 && drop < 75) ? Boolean.TRUE : null;
        });
        browser.see(By.cssSelector("[aria-label^='Lowest point']")).sendKeys(Keys.ARROW_UP);
        browser.press("Undo");
        browser.press("Undo");
        browser.see(lead("4.8", "drop"));
        browser.press("Redo");
    }

    /** Findings appear, mend and go. */
    private void mend() {
        browser.type("Drop", "10 cm");
        browser.read("Deeper than half its width");
        browser.keys(Keys.ESCAPE);
        browser.ctrl("z");
        browser.gone("Deeper than half");
        browser.type("Drop", "1 cm");
        browser.read("looks flat");
        browser.click(By.cssSelector("[data-rule='hang.flat'] button"));
        browser.gone("looks flat");
        browser.type("Drop", "4.8");
        browser.see(lead("4.8", "drop"));
        browser.saved();
    }

    private void print() throws IOException {
        browser.keys(Keys.ESCAPE);
        browser.press("Print");
        browser.read("Marking strip, 5 sections on 73.1 cm");
        browser.press("Letter");
        browser.press("A4");
        browser.until(d -> d.findElements(By.cssSelector("figure img")).size() >= 2 ? Boolean.TRUE : null);
        browser.press("Save the PDF");
        Path pdf = browser.downloads().resolve("A slice of everything, Tier.pdf");
        browser.until(d -> Files.exists(pdf) ? Boolean.TRUE : null);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("14.6 cm", "58.5 cm", "A slice of everything");
        }
    }

    /** Closed and opened again, all is there. */
    private void listAgain() {
        browser.open("/");
        browser.press("Copy A slice of everything");
        browser.read("A slice of everything, copy");
        browser.press("Delete A slice of everything");
        browser.read("is deleted");
        browser.press("Undo");
        browser.until(d ->
                d.findElements(Browser.button("Delete A slice of everything")).isEmpty() ? null : Boolean.TRUE);
        browser.click(By.partialLinkText("A slice of everything, copy"));
        browser.see(lead("73.1", "round the foot"));
    }

    @Test
    void badInputIsToldAndKept() throws IOException {
        newPlanByHand("Clumsy hands");
        for (String[] typed : List.of(
                new String[] {"wide", "cannot be read as a length"},
                new String[] {"-20", "is outside 2 cm to 150 cm"},
                new String[] {"0", "is outside 2 cm to 150 cm"},
                new String[] {"1e9", "cannot be read as a length"},
                new String[] {"999999999", "is outside 2 cm to 150 cm"})) {
            browser.type("Diameter", typed[0]);
            browser.read(typed[1]);
            assertThat(browser.see(Browser.field("Diameter")).getDomProperty("value"))
                    .isEqualTo(typed[0]);
        }
        browser.see(Browser.field("Diameter")).sendKeys(Keys.ESCAPE);
        browser.says("Diameter", "20 cm");
        browser.press("Divide");
        browser.type("Sections", "3000");
        browser.read("Sections 3000 is outside 1 to 500");
        browser.see(lead("8", "marks"));
        browser.press("Dress");
        addCourse("Swag lines");
        browser.type("Drop", "30 cm");
        browser.read("runs out of its zone");
        browser.click(By.cssSelector("[data-rule='hang.out-of-zone'] button"));
        browser.gone("runs out of its zone");

        browser.open("/");
        Path half = Files.writeString(browser.downloads().resolve("half.json"), "{\"format\":\"sectorum-plan\",\"ver");
        browser.give(half);
        browser.read("half.json was not opened");
        browser.read("stops in the middle");
        Path newer = Files.writeString(
                browser.downloads().resolve("newer.json"), "{\"format\":\"sectorum-plan\",\"version\":7,\"glow\":1}");
        browser.give(newer);
        browser.read("This plan is of version 7");
        browser.read("Clumsy hands");
    }

    @Test
    void twoWindowsMeetAndNothingIsOverwritten() {
        newPlanByHand("Two windows");
        String address = browser.driver().getCurrentUrl();
        try (Browser other = new Browser(base)) {
            other.open(URI.create(address).getPath());
            other.see(Browser.field("Diameter"));
            // What one does the other sees; away from one another both change the same.
            browser.type("Diameter", "30");
            browser.says("Diameter", "30 cm");
            other.says("Diameter", "30 cm");
            other.ready();
            other.line(true, 0);
            other.type("Diameter", "18");
            browser.type("Diameter", "25");
            browser.says("Diameter", "25 cm");
            browser.saved();
            other.line(false, 0);
            other.read("You both changed the same");
            other.press("Keep both: mine as a new order");
            other.says("Diameter", "25 cm");
            other.open("/");
            other.read("Two windows, mine");
        }
    }

    @Test
    void unitsAreThePersonsOwn() {
        newPlanByHand("Inches");
        browser.press("Units, tape and hand");
        browser.press("inches");
        browser.keys(Keys.ESCAPE);
        browser.says("Diameter", "7 7/8″");
        browser.press("Units, tape and hand");
        browser.press("cm");
    }
}
