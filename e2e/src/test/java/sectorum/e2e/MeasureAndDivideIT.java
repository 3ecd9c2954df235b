package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** Every outline, real readings, all ways to mark, rescue, borders, the cupboard, a whole order. */
class MeasureAndDivideIT extends Bench {
    /** The sizes of the worked examples, bare; then a count that closes on each. */
    @Test
    void everyOutlineIsMeasuredAndDivided() {
        newPlan("All outlines");
        browser.press("Take the coat off");
        browser.press("Take the covering off");
        for (String[] each : List.of(
                new String[] {"Round", "Diameter=230", "72.26", "12"},
                new String[] {"Ring", "Diameter=230,Hole=80", "72.26", "12"},
                new String[] {"Square", "Side=240,Corner radius=12", "93.94", "16"},
                new String[] {"Rectangle", "Width=300,Depth=200,Corner radius=15", "97.42", "16"},
                new String[] {"Polygon", "Sides=6,Side=130,Corner radius=10", "77.35", "18"},
                new String[] {"Oval", "Length=300,Width=220", "82.17", "13"},
                new String[] {"Heart", "Side of the square=180", "92.55", "15"},
                new String[] {"Petal", "Lobes=6,Lobe across=100,Middle to a lobe's middle=90", "98.6", "12"})) {
            browser.keys(Keys.ESCAPE);
            browser.press("Measure");
            browser.choose("Outline", each[0]);
            for (String size : each[1].split(",")) {
                String[] part = size.split("=");
                boolean count = part[0].equals("Sides") || part[0].equals("Lobes");
                browser.type(part[0], count ? part[1] : part[1] + "mm");
            }
            browser.see(lead(each[2], "round the foot"));
            browser.press("Divide");
            browser.type("Sections", each[3]);
            browser.see(lead(each[3], "marks"));
            assertThat(browser.texts(By.cssSelector("ol[aria-label='Marks on the tape'] li")))
                    .hasSize(Integer.parseInt(each[3]));
        }
        browser.keys(Keys.ESCAPE);
        browser.press("Measure");
        browser.choose("Outline", "Square");
        browser.press("Divide");
        browser.type("Sections", "11");
        browser.read("11 does not put a mark on each of 4 corners");
        browser.click(By.cssSelector("[data-rule='divide.count'] button"));
        browser.see(lead("12", "marks"));
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aNewReadingShowsWhatItChangedUntilAccepted() {
        newPlan("Read again");
        browser.type("Tape round the foot", "73.1");
        browser.read("Since the new reading");
        browser.press("Accept");
        browser.gone("Since the new reading");
        browser.type("Tape round the foot", "72.9");
        browser.type("Tape round the foot", "73.5");
        browser.read("In force the middle one, 73.1 cm; they differ by 0.6 cm");
        browser.press("Take away the reading 73.1 cm");
        browser.see(lead("73.2", "round the foot"));
        browser.press("Divide");
        browser.read("Since the new reading");
        browser.saved();
        browser.again();
        browser.read("Since the new reading");
        browser.press("Accept");
        browser.gone("Since the new reading");
        browser.press("Measure");
        browser.type("Tape round the top edge", "69");
        browser.read("its strip is printed as a curved wrap");
        browser.type("Height, covered", "119mm");
        browser.type("Height, covered", "114mm");
        browser.read("Heights differ by");
        browser.click(By.cssSelector("[data-rule='side.level'] button"));
        browser.gone("Heights differ by 0.5 cm round the tier");
    }

    @Test
    void rescueInTheMiddleOfTheJob() {
        newPlan("Half way");
        browser.type("Tape round the foot", "73.1");
        browser.press("Divide");
        browser.type("Sections", "11");
        browser.type("Sections placed", "6");
        browser.type("The last ends at", "40,2");
        browser.read("The other 5 become 6.58 cm each, which nobody notices.");
        browser.read("Keep the size, and let the last");
        browser.press("Spread it");
        browser.until(d -> d.findElements(By.cssSelector("ol[aria-label='Marks on the tape'] .text-pin"))
                                .size()
                        == 1
                ? Boolean.TRUE
                : null);
        assertThat(browser.texts(By.cssSelector("ol[aria-label='Marks on the tape'] li span:last-child")))
                .contains("40.2", "46.8", "66.5");
        browser.read("Free the mark moved by hand");
        browser.keys(Keys.ESCAPE);
        browser.ctrl("z");
        browser.gone("Free the mark moved by hand");
        browser.type("Sections placed", "11");
        browser.type("The last ends at", "70");
        browser.read("nothing is left to spread");
    }

    @Test
    void aMarkIsMovedByHandAndTheRestSpreads() {
        newPlan("By hand");
        browser.press("Divide");
        browser.see(By.cssSelector("path.cursor-pointer:nth-of-type(3)"));
        new Actions(browser.driver())
                .click(browser.driver()
                        .findElements(By.cssSelector("path.cursor-pointer"))
                        .get(2))
                .perform();
        browser.see(By.cssSelector("[role=slider][aria-label='Mark 3']")).sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        browser.read("Free the mark moved by hand");
        new Actions(browser.driver())
                .clickAndHold(browser.see(By.cssSelector("[role=slider]")))
                .moveByOffset(12, 0)
                .moveByOffset(12, 0)
                .release()
                .perform();
        browser.read("apart, which");
        browser.click(By.cssSelector("[data-rule='divide.uneven'] button"));
        browser.gone("moved by hand");
        browser.press("Add halves");
        browser.press("Add thirds");
        browser.see(By.xpath("//button[contains(., 'halves') and contains(., '16')]"))
                .click();
        browser.read("Sixteen sections".replace("Sixteen", "16"));
        browser.press("Take the division halves off");
        browser.gone("halves 16");
    }

    @Test
    void waysToMarkAndTheCupboard() {
        browser.open("/cupboard");
        browser.press("One more: cutters");
        browser.type("Across", "7,5");
        browser.type("Called", "Scallop ring");
        browser.press("Take Scallop ring out");
        browser.press("Undo");
        browser.read("Scallop ring");
        newPlan("Ways");
        browser.type("Tape round the foot", "73.1");
        browser.press("Divide");
        browser.type("Sections", "12");
        browser.read("of 100 tries");
        assertThat(browser.texts(By.cssSelector("[data-way]"))).hasSize(7);
        browser.read("12 scallops of 5.66 cm; 5.22 cm is left at the back");
        browser.type("Cutter", "75mm");
        browser.read("Cutter of 7.5 cm, pressed");
        browser.type("Pressed to", "9");
        browser.read("can be pressed over 0 cm and up to half its width");
        browser.see(Browser.field("Pressed to")).sendKeys(Keys.ESCAPE);
        browser.click(By.xpath("//button[contains(., ' for 12')]"));
        browser.read("0 cm is left at the back");
        browser.type("Cell, width to height", "0.5");
        browser.type("A mark of yours is off by", "2mm");
        browser.until(d ->
                d.findElement(By.cssSelector("[data-way='tape']")).getText().contains("shows in 0 of")
                        ? null
                        : Boolean.TRUE);
        browser.type("A mark of yours is off by", "0.7mm");
        browser.press("pieces with gaps");
        browser.type("Piece across", "34mm");
        browser.type("Gap at least", "2mm");
        browser.read("Gap between pieces");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void stackIsBuiltReorderedAndUndone() {
        newPlan("A stack");
        browser.press("Add a tier");
        browser.see(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed='true'][aria-label^='Tier 2']"));
        browser.press("Copy Tier 2");
        browser.press("Move Tier 2 down");
        List<String> order = browser.texts(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed]"));
        assertThat(order).hasSize(3);
        browser.press("Take Tier 2 out");
        browser.until(d -> d.findElements(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed]"))
                                .size()
                        == 2
                ? Boolean.TRUE
                : null);
        browser.press("Undo");
        browser.until(d -> d.findElements(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed]"))
                                .size()
                        == 3
                ? Boolean.TRUE
                : null);
        // Dragged under the one below it, then chosen by the keys.
        List<org.openqa.selenium.WebElement> tiers =
                browser.driver().findElements(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed]"));
        String upper = tiers.get(0).getDomAttribute("aria-label");
        new Actions(browser.driver())
                .clickAndHold(tiers.get(0))
                .moveByOffset(0, 30)
                .moveToElement(tiers.get(1), 0, 10)
                .release()
                .perform();
        browser.until(d -> d.findElements(By.cssSelector("aside[aria-label='The stack'] button[aria-pressed]"))
                        .get(1)
                        .getDomAttribute("aria-label")
                        .equals(upper)
                ? Boolean.TRUE
                : null);
        browser.press("a dummy");
        browser.press("From layers");
        browser.type("Layers", "4");
        browser.type("Each layer", "3 cm");
        browser.press("One height");
        browser.says("Height of the cake", "14.4 cm");
    }

    @Test
    void bordersAndZonesThatOverlapAreMended() {
        newPlan("Zones");
        browser.press("Dress");
        browser.press("Border at the foot");
        addCourse("Swag lines");
        browser.press("told");
        browser.type("Lower edge", "0");
        browser.read("with Border at the foot");
        browser.click(By.cssSelector("[data-rule='zone.overlap'] button"));
        browser.gone("with Border at the foot");
        browser.press("Take Border at the foot off");
        browser.gone("Border at the foot ");
    }

    @Test
    void aWholeOrderWithItsPalettePicturesAndArchive() throws IOException {
        newPlan("Harbour lights");
        browser.press("Order and palette");
        browser.type("Client", "Ferry crew");
        browser.type("Place", "Pier 3");
        browser.press("Add a colour");
        browser.type("Colour 1", "Lamp yellow");
        browser.type("Paste or icing 1", "buttercream");
        Path picture = browser.downloads().resolve("sketch.png");
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Pictures']"))
                .sendKeys(picture.toString());
        browser.press("Show sketch.png beside the work");
        browser.press("Divide");
        browser.see(By.cssSelector("figure img[alt='sketch.png']"));
        browser.press("Put the picture away");
        browser.press("Order and palette");
        Path words = Files.writeString(browser.downloads().resolve("words.png"), "no picture at all");
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Pictures']"))
                .sendKeys(words.toString());
        browser.read("words.png: It is no JPEG, PNG or WebP picture");
        browser.saved();
        browser.open("/");
        browser.type("Search orders", "ferry");
        browser.read("Harbour lights");
        browser.press("Archive Harbour lights");
        browser.read("No order fits.");
        browser.press("archived");
        browser.press("Bring Harbour lights back");
        browser.press("in work");
        browser.press("Copy Harbour lights");
        browser.press("all");
        browser.type("Search orders", "");
        browser.read("Harbour lights, copy");
    }
}
