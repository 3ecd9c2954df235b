package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Art brought in from a file, from letters and from a picture; placed, used, kept and printed. */
class ArtIT extends Bench {
    private static final String SVG =
            "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
                    + "<rect width='60' height='40' fill='#35506b'/><circle cx='30' cy='20' r='14' fill='#c9a24b'/>"
                    + "<text x='5' y='5'>no face</text></svg>";

    @TempDir
    private Path folder;

    /** A field for files is not seen itself; it is there once its screen stands. */
    private void give(String label, Path file) {
        By field = By.cssSelector("input[aria-label='" + label + "']");
        browser.until(d -> d.findElements(field).stream().findFirst().orElse(null))
                .sendKeys(file.toString());
    }

    private void bringIn() {
        browser.press("Bring art in");
        browser.read("A drawing");
    }

    @Test
    void aDrawingIsBroughtInPlacedKeptAndPrinted() throws IOException {
        Path file = Files.writeString(folder.resolve("Badge.svg"), SVG);
        taped("Art");
        addCourse("Art");
        browser.read("Bring one in");
        bringIn();
        give("SVG file", file);
        browser.read("Words are left out");
        browser.press("Keep it in the drawer, too");
        browser.read("in the drawer now");
        browser.press("Take it");
        browser.gone("Bring one in");
        browser.read("seen from the front");
        By upper = By.xpath("//*[@role='slider'][contains(@aria-label, 'Its upper edge')]");
        double before = value(upper);
        drag(upper, 0, 12);
        browser.until(d -> value(upper) < before ? Boolean.TRUE : null);
        browser.see(By.xpath("//*[@role='slider'][contains(@aria-label, 'Its edge, along')]"))
                .sendKeys(Keys.ARROW_RIGHT);
        browser.choose("It is", "on a panel with an equal border");
        browser.read("Cord");
        browser.choose("It is", "cut, each set into the one under it");
        browser.gone("Cord");
        browser.press("in the middle of sections");
        browser.read("How often");
        browser.saved();
        browser.press("Print");
        browser.read("Part 1 of the art");
        browser.open("/");
        taped("Other");
        addCourse("Art");
        bringIn();
        browser.click(By.xpath("//button[@role='tab'][.='The drawer']"));
        browser.click(By.xpath("//ul[@aria-label='Drawer']//button[contains(., 'Badge')]"));
        browser.press("Take it");
        browser.read("seen from the front");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** Initials crossing, cut and framed, as a stencil whose islands are held. */
    @Test
    void initialsAreComposedAndStencilled() {
        taped("Initials");
        addCourse("Art");
        bringIn();
        browser.click(By.xpath("//button[@role='tab'][.='Letters']"));
        browser.see(By.cssSelector("svg[aria-label^='I, ']"));
        browser.click(By.xpath("//button[@role='radio'][starts-with(@aria-label, 'Playfair')]"));
        browser.press("crossing");
        browser.press("with a gap");
        browser.choose("Frame", "ring");
        browser.see(By.cssSelector("svg[aria-label$=', 2 parts']"));
        browser.press("Take it");
        browser.choose("It is", "scraped through a stencil");
        browser.read("would fall out");
        browser.click(By.xpath("//button[contains(normalize-space(), 'Hold them with bridges')]"));
        browser.gone("would fall out");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    private Path picture() throws IOException {
        BufferedImage image = new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.WHITE);
        to.fillRect(0, 0, 300, 300);
        to.setColor(new Color(150, 150, 150));
        to.fillOval(40, 40, 220, 220);
        to.setColor(new Color(40, 40, 40));
        to.fillOval(100, 100, 100, 100);
        to.dispose();
        Path file = folder.resolve("Target.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    /** A picture of the order traced in one colour, then in layers, its level moved by keys. */
    @Test
    void aPictureIsTraced() throws IOException {
        taped("Traced");
        browser.press("Order and palette");
        give("Pictures", picture());
        browser.see(By.cssSelector("img[alt^='Target']"));
        browser.press("Dress");
        addCourse("Art");
        bringIn();
        browser.click(By.xpath("//button[@role='tab'][.='From a picture']"));
        browser.see(By.cssSelector("svg[aria-label='The outline over the picture']"));
        browser.read("1 parts");
        browser.press("layers");
        browser.until(d -> d.findElements(By.cssSelector("input[type='range']")).size() >= 2 ? Boolean.TRUE : null);
        browser.see(By.cssSelector("input[type='range']")).sendKeys(Keys.ARROW_RIGHT);
        browser.press("Find the level again");
        browser.read("1 parts");
        browser.press("Take it");
        browser.read("seen from the front");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    /** An upright figure cut from letters: told when it has no art, told when it is too thin. */
    @Test
    void aFigureIsCutFromArt() {
        taped("Figure");
        addPiece("Topper from art");
        browser.read("has no art");
        bringIn();
        browser.click(By.xpath("//button[@role='tab'][.='Letters']"));
        browser.see(By.cssSelector("svg[aria-label^='A, ']"));
        browser.press("Take it");
        browser.gone("has no art");
        browser.type("Height", "15");
        browser.type("Thickness", "0.3");
        browser.read("high it is");
        browser.press("Roll it to 0.4 cm");
        browser.gone("high it is");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }
}
