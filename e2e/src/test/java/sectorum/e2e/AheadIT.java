package sectorum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Pieces made ahead: chosen from the tray, placed by hand and by keys, and met again in every stage after. */
class AheadIT extends Bench {
    private static By above(String piece) {
        return By.cssSelector("[data-piece='" + piece + "']");
    }

    private static By front(String piece) {
        return By.cssSelector("[data-front='" + piece + "']");
    }

    private String place(String piece) {
        return browser.see(above(piece)).getDomAttribute("transform");
    }

    private void placed(String piece, String before) {
        browser.until(d -> place(piece).equals(before) ? null : Boolean.TRUE);
    }

    private void stands(String where) {
        browser.see(By.xpath("//button[@aria-label='Where'][contains(., '" + where + "')]"));
    }

    /** One of each family. */
    private void row(String... names) {
        for (String name : names) {
            addPiece(name);
        }
    }

    @Test
    void aBowIsPlacedByHandAndByKeysAndGoesThroughEveryStage() {
        newPlan("Bow");
        addPiece("Bow with tails");
        browser.read("Strip of two loops");
        // From the middle to the rim by the pointer, on round by the keys.
        String before = place("piece-1/0");
        drag(above("piece-1/0"), 40, 0);
        placed("piece-1/0", before);
        stands("on top");
        String now = place("piece-1/0");
        WebElement held = browser.see(above("piece-1/0"));
        held.sendKeys(Keys.ARROW_RIGHT);
        placed("piece-1/0", now);
        // Over the rim it stands on the board.
        drag(above("piece-1/0"), 110, 0);
        stands("on the board");
        browser.ctrl("z");
        stands("on top");
        // Held by the side it is moved up the side, and its picks follow.
        browser.choose("Where", "on the side");
        browser.type("From the front", "0");
        String up = browser.see(Browser.field("Above the foot")).getDomProperty("value");
        drag(front("piece-1/0"), 0, -25);
        browser.until(d -> browser.see(Browser.field("Above the foot"))
                        .getDomProperty("value")
                        .equals(up)
                ? null
                : Boolean.TRUE);
        browser.type("Span", "16");
        browser.type("Rolls, radius", "1.4");
        browser.type("Rolls, radius", "9");
        browser.read("Rolls, radius 9 cm is outside");
        browser.type("Rolls, radius", "5");
        browser.read("Rolls of 10 cm in loops");
        browser.click(By.xpath("//button[starts-with(normalize-space(), 'Take rolls of')]"));
        browser.gone("Rolls of 10 cm in loops");
        browser.press("Make");
        browser.press("Cut");
        browser.read("Strip of two loops");
        browser.read("First tail");
        browser.press("Build");
        browser.see(By.xpath("//*[name()='title'][contains(., 'food-safe pick, Bow with tails')]/.."));
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    @Test
    void oneOfEachFamilyIsCutPlannedStackedAndTold() {
        newPlan("Families");
        browser.press("Add a tier");
        row(
                "Cupped lily",
                "Spray of flowers",
                "5 × Moulded shell",
                "4 × Tassel",
                "Bird",
                "3 × Sugar sail",
                "3 × Chocolate ball",
                "Lace nest",
                "Arch");
        browser.read("wires in picks");
        browser.press("Make");
        browser.press("Cut");
        browser.read("Heart petal");
        browser.read("Half of Moulded shell");
        browser.read("Half sphere, 2 coats");
        ready(LocalDate.of(2032, 12, 11));
        browser.see(By.cssSelector("[data-task='parts-piece-1-1']"));
        browser.see(By.cssSelector("[data-task='piece-piece-1']"));
        browser.open(browser.driver().getCurrentUrl().replaceAll(".*(/plan/\\d+).*", "$1/handover"));
        browser.read("wire in a pick of Cupped lily");
        browser.read("in Spray of flowers");
        browser.open(browser.driver().getCurrentUrl().replaceAll(".*(/plan/\\d+).*", "$1/steps"));
        browser.read("hard crack");
        browser.read("Hot sugar burns");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aRecipeIsChangedWithoutCodeAndAFileGivesItBack() throws Exception {
        newPlan("Recipe");
        addPiece("Five-petal blossom");
        browser.press("Change the recipe");
        browser.read("Recipe: Five-petal blossom");
        browser.type("The recipe's name", "Windflower");
        browser.press("A part");
        browser.type("Of this part", "0");
        browser.read("How many 0 is outside");
        browser.type("Of this part", "9");
        browser.press("Make it by this recipe");
        browser.gone("Recipe: Windflower");
        browser.read("9 × Petal");
        browser.read("Windflower, my own");
        browser.press("Change the recipe");
        Path file = browser.downloads().resolve("odd.recipe.json");
        Files.writeString(file, "{\"name\": 3}");
        browser.give(file);
        browser.read("holds no recipe");
        Files.writeString(file, """
                {"name": "Star", "parts": [{"name": "Ray", "form": "leaf", "across": 0.2, "high": 0.6, "thick": 1, "each": 7,
                 "order": 1, "colour": 0, "thinned": false, "set": {"out": 0, "up": 0, "tilt": 10, "from": 0}}]}
                """);
        browser.give(file);
        browser.read("Recipe: Star");
        browser.press("Make it by this recipe");
        browser.read("7 × Ray");
        assertThat(browser.complaints()).isEmpty();
        browser.saved();
    }

    @Test
    void weighingsAndBreakageSayWhatIsKnown() {
        newPlan("Weighed");
        addPiece("A piece of your own");
        browser.read("up to 30 % more");
        String[][] weighed = {{"0", "92"}, {"4", "87.28"}, {"9", "83.9"}};
        for (String[] w : weighed) {
            browser.type("Hours since made", w[0]);
            browser.type("Weighs", w[1]);
            browser.press("Note it");
            browser.read(w[0] + " h: ");
        }
        browser.read("By its weighings");
        browser.type("Of a hundred break", "10");
        browser.type("How many", "40");
        browser.read("to be 95 % sure");
        browser.see(
                By.xpath("//dt[contains(., '95 % sure')]/following-sibling::dd[starts-with(normalize-space(), '8')]"));
        browser.type("Of a hundred break", "95");
        browser.read("is outside");
        assertThat(browser.complaints()).isEmpty();
    }
}
