package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What is inside, own recipes, colours, what is laid out, the price, the client's sheet and the booklet of an order. */
class OrderIT extends Bench {
    private void drawer(String name) {
        browser.click(By.xpath("//button[@role='radio'][.='" + name + "']"));
    }

    private void pick(String label, String option) {
        browser.click(By.cssSelector("button[aria-label='" + label + "']"));
        browser.click(By.xpath("//div[@role='option'][contains(., '" + option + "')]"));
    }

    /** A field of a form that keeps what is typed. */
    private void put(String label, String typed) {
        browser.see(Browser.field(label)).sendKeys(Keys.chord(Keys.CONTROL, "a"), typed);
    }

    private String pdf(String name) throws IOException {
        Path file = browser.downloads().resolve(name);
        browser.until(d -> Files.exists(file) ? Boolean.TRUE : null);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void aRecipeOfOnesOwnFillsATierAndItsAllergensAreHandedOver() throws IOException {
        newPlan("Filled");
        browser.press("Make");
        drawer("Recipes");
        browser.press("New recipe");
        browser.see(By.cssSelector("[role=dialog]"));
        put("Name", "Pistachio cream");
        put("Part 1", "butter");
        put("Amount", "lots");
        browser.press("Keep it");
        browser.read("\"lots\" is no number");
        put("Amount", "400");
        put("Holds", "milk, nuts");
        put("Comes out, g", "500");
        browser.press("Keep it");
        browser.read("A yield of 500 g is outside 0 to the 400 g that go in");
        put("Comes out, g", "380");
        browser.read("it holds milk, nuts");
        browser.press("Keep it");
        browser.read("Pistachio cream is in the book.");
        browser.type("There is of butter", "200");
        browser.read("as much as 200 g of butter gives");

        drawer("Inside");
        browser.read("between the layers");
        pick("Filling", "Pistachio cream");
        browser.type("Syrup on 100 cm²", "99");
        browser.read("0 g to 40 g");
        browser.see(Browser.field("Syrup on 100 cm²")).sendKeys(Keys.ESCAPE);
        browser.type("Syrup on 100 cm²", "0");
        browser.gone("syrup on the layers");
        browser.saved();
        drawer("Buy");
        browser.read("Butter");
        drawer("Knead");
        browser.see(By.cssSelector("[data-batch$='-pistachio-cream']"));

        String plan = browser.driver().getCurrentUrl().replaceAll("/make.*", "");
        browser.open(plan + "/handover");
        browser.read("nuts");
        browser.read("Pistachio cream");
        browser.read("portions");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aColourIsKeptAndTheDoseNeverGoesPast() {
        newPlan("Coloured");
        browser.press("Make");
        drawer("Colour");
        browser.press("Keep a swatch");
        browser.type("Colour, as the pot is called", "Rose gel");
        browser.type("Colour in 100 g", "0");
        browser.press("Keep it");
        browser.read("0 g is outside");
        browser.type("Colour in 100 g", "2");
        browser.press("Keep it");
        browser.read("Rose gel is kept.");
        browser.read("2 g in 100 g of buttercream");
        browser.click(By.xpath("//li[contains(., 'Rose gel')]//button[.='Take out']"));
        browser.read("Rose gel is taken out.");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void whatIsLaidOutIsTickedThePriceHasItsMarginAndAllIsBound() throws IOException {
        newPlan("Bound");
        browser.press("Dress");
        addCourse("Pearl rows");
        browser.press("Make");
        drawer("Lay out");
        browser.read("The plan has no day yet");
        browser.read("0 of ");
        browser.click(By.cssSelector("main input[type=checkbox]"));
        browser.read("1 of ");
        browser.saved();
        browser.again();
        browser.read("1 of ");

        drawer("Hours and cost");
        browser.type("Margin on top", "-5");
        browser.read("is outside 0 % to 2000 % on top of the cost");
        browser.see(Browser.field("Margin on top")).sendKeys(Keys.ESCAPE);
        browser.type("Margin on top", "40");
        browser.read("Price");
        browser.press("Sheet for the client");
        browser.read("Portions");
        browser.press("Shown");
        browser.read("Price");
        browser.press("Save as PDF");
        assertThat(pdf("Bound, client.pdf")).contains("portions", "Price", "Allergens");

        browser.press("Print");
        browser.press("The whole order");
        browser.read("The whole order as a booklet");
        browser.click(By.xpath("//label[contains(., 'Days')]/input"));
        browser.press("Save the PDF");
        String booklet = pdf("Bound, booklet.pdf");
        assertThat(booklet)
                .contains(
                        "Contents",
                        "Cut list",
                        "Batches and recipes",
                        "To lay out",
                        "Templates",
                        "Handover",
                        "page 1 of")
                .doesNotContain("The plan has no day yet: its tasks");
        assertThat(browser.complaints()).isEmpty();
    }
}
