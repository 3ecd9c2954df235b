package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;

/** From the design to the table: kneading, cutting, sheets, buying, hours, packs of templates, comparing. */
class MakeIT extends Bench {
    /** Hands for the first dressing of the list; above it stands what the cake costs. */
    private static final By HOURS = By.cssSelector("ul[aria-label='Hours by dressing'] .figure");

    private static final By BATCHES = By.cssSelector("[data-batch]");

    /** A round taped at 731 mm in five drapes. */
    private void draped(String name) {
        newPlan(name);
        browser.type("Tape round the foot", "73.1");
        browser.press("Divide");
        browser.type("Sections", "5");
        browser.see(lead("14.62", "on the tape"));
        browser.press("Dress");
        addCourse("Drapes");
        browser.type("Drop", "4.8");
        browser.see(lead("4.8", "drop"));
        browser.press("Make");
    }

    private void drawer(String name) {
        browser.click(By.xpath("//button[@role='radio'][.='" + name + "']"));
    }

    private void pick(String label, String option) {
        browser.click(By.cssSelector("button[aria-label='" + label + "']"));
        browser.see(By.xpath("//div[@role='option'][contains(., '" + option + "')]"))
                .click();
    }

    private static double grams(String text) {
        return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
    }

    private double kneaded() {
        return browser.until(d -> d.findElements(By.cssSelector("[data-batch] .figure")).stream()
                .mapToDouble(e -> grams(e.getText()))
                .sum());
    }

    @Test
    void pastesAreKneadedCutTickedAndMadeFromTheCupboard() throws IOException {
        browser.open("/cupboard");
        browser.press("One more: pastes and icings");
        browser.type("Called", "Tub of half-and-half");
        pick("Is", "half-and-half");
        browser.type("In stock", "1000");
        browser.type("A pack holds", "500");
        browser.type("Price of a pack", "4,5");
        browser.read("4.50 / 500 g");
        draped("Kneaded");
        browser.until(d -> d.findElements(BATCHES).size() >= 3 ? Boolean.TRUE : null);
        double all = grams(browser.see(By.cssSelector("aside .figure")).getText());
        assertThat(kneaded()).isBetween(all - 3, all + 3);
        WebElement half = browser.see(By.cssSelector("[data-batch^='rolled-half']"));
        double lump = grams(half.findElement(By.cssSelector(".figure")).getText());
        browser.see(By.xpath("//li[starts-with(@data-batch, 'rolled-half')]//button[.='Made it']"))
                .click();
        browser.read("Taken from the cupboard.");
        browser.open("/cupboard");
        browser.read(Math.round(1000 - lump) + " g");
        browser.driver().navigate().back();
        browser.see(By.xpath("//li[starts-with(@data-batch, 'rolled-half')]//button[contains(., 'Made')]"))
                .click();
        browser.see(By.xpath("//li[starts-with(@data-batch, 'rolled-half')]//button[.='Made it']"));

        drawer("Cut");
        browser.read("0 of ");
        browser.click(By.cssSelector("input[type=checkbox]"));
        browser.read("1 of ");
        browser.saved();
        browser.again();
        drawer("Cut");
        browser.read("1 of ");
        browser.press("Cut list as CSV");
        Path csv = browser.downloads().resolve("Kneaded, cut list.csv");
        browser.until(d -> Files.exists(csv) ? Boolean.TRUE : null);
        assertThat(Files.readString(csv)).contains("left end cut first").contains("half-and-half");

        drawer("Buy");
        browser.read("needs less what is in the");
        drawer("Recipes");
        browser.read("Royal icing");
        browser.read("level, at");
        assertThat(browser.complaints()).isEmpty();
    }

    /** How many sheets the first batch of the cut list takes, in words. */
    private String sheets() {
        return browser.see(By.cssSelector("main section h2 span")).getText();
    }

    @Test
    void sheetsAreDrawnAndWhatWasCountedWins() {
        draped("Sheets");
        drawer("Cut");
        String before = sheets();
        drawer("Sheets");
        browser.read("of the paste rolled is pieces");
        assertThat(browser.driver().findElements(By.cssSelector("figure svg path")))
                .hasSizeGreaterThan(5);
        browser.click(By.cssSelector("details summary"));
        browser.type("From one sheet", "half");
        browser.read("From one sheet is a number; this is \"half\"");
        browser.see(Browser.field("From one sheet")).sendKeys(org.openqa.selenium.Keys.ESCAPE);
        browser.type("From one sheet", "1");
        drawer("Cut");
        browser.until(d -> sheets().equals(before) ? null : Boolean.TRUE);
        drawer("Knead");
        browser.type("Humidity", "75");
        browser.type("Warmth", "20");
        browser.read("CMC powder, kneaded in and rested");
        drawer("Inside");
        pick("Laid", "a strip and a lid");
        drawer("Knead");
        browser.read("lid ");
        browser.type("Board, across", "33");
        pick("Covered with", "fondant, as it comes");
        browser.read("board");
    }

    @Test
    void hoursJointsAndQuickerWays() {
        newPlan("Slow");
        browser.press("Divide");
        browser.type("Sections", "24");
        browser.press("Dress");
        addCourse("Basket weave");
        browser.press("Make");
        drawer("Hours and cost");
        browser.read("Basket weave");
        browser.press("Quicker ways");
        browser.read("saves");
        String before = browser.see(HOURS).getText();
        browser.press("Take it");
        browser.until(d -> d.findElements(By.cssSelector("[role=dialog]")).isEmpty() ? Boolean.TRUE : null);
        browser.until(d -> d.findElement(HOURS).getText().equals(before) ? null : Boolean.TRUE);
        browser.ctrl("z");
        browser.until(d -> d.findElement(HOURS).getText().equals(before) ? Boolean.TRUE : null);
        pick("What holds Basket weave", "royal icing");
        browser.read("it carries what is heavy");
    }

    @Test
    void aPackOfAllTiersIsPrintedAndCorrectedForThePrinter() throws IOException {
        draped("Packed");
        browser.press("Print");
        browser.press("All tiers, one pack");
        browser.read("Templates of the whole cake");
        browser.type("Level line", "80");
        browser.read("9 cm to 11 cm");
        browser.see(Browser.field("Level line")).sendKeys(org.openqa.selenium.Keys.ESCAPE);
        browser.type("Level line", "98.4");
        browser.read("Kept for this workshop");
        browser.press("Save the PDF");
        Path pdf = browser.downloads().resolve("Packed.pdf");
        browser.until(d -> Files.exists(pdf) ? Boolean.TRUE : null);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            int said = Integer.parseInt(
                    browser.see(By.cssSelector("aside .figure")).getText());
            assertThat(document.getNumberOfPages()).isEqualTo(said);
        }
        browser.type("Level line", "100");
        List<WebElement> dxf = browser.driver().findElements(By.xpath("//button[contains(@aria-label, 'as DXF')]"));
        dxf.get(0).click();
        Path file = browser.downloads().resolve("marking-strip.dxf");
        browser.until(d -> Files.exists(file) ? Boolean.TRUE : null);
        assertThat(Files.readString(file)).contains("POLYLINE");
    }

    @Test
    void twoVersionsStandSideBySideAndOneDressingIsTakenOver() {
        draped("Before");
        browser.press("Dress");
        browser.press("Take Drapes off");
        browser.read("taken off");
        browser.saved();
        browser.press("Make");
        browser.press("Compare with another version");
        browser.read("Side by side");
        browser.read("as of");
        browser.see(By.xpath("//section[@aria-label='Take over']//button[contains(., 'Drapes')]"))
                .click();
        browser.read("It is on Tier now.");
        browser.read("as long");
        browser.press("Undo");
        browser.read("than the other");
    }

    @Test
    void theCupboardRefusesOddThingsAndTablesAndKeepsWhatIsThere() throws IOException {
        browser.open("/cupboard");
        browser.press("One more: pasta machine");
        browser.type("Dial: each number and what it rolls, mm", "1=2 2=2");
        browser.read("neither thinner nor thicker");
        browser.type("Dial: each number and what it rolls, mm", "0=2.4 1=2 2=1.5");
        browser.gone("neither thinner nor thicker");
        Path odd = browser.downloads().resolve("odd.csv");
        Files.writeString(odd, "kind,name,across\nrod,Six,six\n");
        browser.give(odd);
        browser.read("line 2, across");
        Files.writeString(odd, "kind,name,across\nrod,Six,6\n");
        browser.give(odd);
        browser.read("One thing is put in.");
        browser.press("Save as CSV");
        Path csv = browser.downloads().resolve("cupboard.csv");
        browser.until(d -> Files.exists(csv) ? Boolean.TRUE : null);
        assertThat(Files.readString(csv)).contains("Six").contains("0=2.4 1=2 2=1.5");
        Files.delete(odd);
    }

    @Test
    void theStackIsCarriedAndATierIsShiftedAndPutBack() {
        newPlan("Carried");
        browser.press("Add a tier");
        browser.press("Build");
        browser.read("What carries it");
        browser.read("kg");
        browser.click(By.cssSelector("[aria-label^='Tier 2, ']"));
        browser.type("Set to the right by", "9cm");
        browser.read("over the edge of the one it stands on");
        browser.click(By.cssSelector("[data-rule='build.overhang'] button"));
        browser.gone("over the edge of the one it stands on");
        browser.click(By.cssSelector("[aria-label^='Tier, ']"));
        browser.read("dowels, all alike");
        String heavy = browser.see(By.cssSelector("aside .figure")).getText();
        pick("Tier is", "fruit cake");
        browser.until(
                d -> d.findElement(By.cssSelector("aside .figure")).getText().equals(heavy) ? null : Boolean.TRUE);
        drawer("through all tiers");
        browser.read("Centre dowel");
        assertThat(browser.complaints()).isEmpty();
    }
}
