package sectorum.server.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.junit.jupiter.api.Test;
import sectorum.drawing.Letters;

/** Core's table of letter widths against the font that the server prints with. */
class LettersTest {
    @Test
    void everyKnownLetterIsAsWideAsItIsPrinted() throws Exception {
        try (PDDocument document = new PDDocument();
                InputStream file = LettersTest.class.getResourceAsStream("/fonts/SourceSans3_400Regular.ttf")) {
            PDFont font = PDType0Font.load(document, file, true);
            int known = 0;
            for (char letter = ' '; letter < '\u2300'; letter++) {
                if (Letters.isKnown(letter)) {
                    known++;
                    assertThat(font.getStringWidth("" + letter))
                            .as("%s, U+%04x", letter, (int) letter)
                            .isCloseTo(Letters.of(letter), within(1f));
                }
            }
            assertThat(known).isGreaterThan(115);
            String line = "Take out before it is cut: 12 food-safe picks, 50 × 4 mm";
            assertThat(Letters.width(line, 3.5)).isCloseTo(font.getStringWidth(line) * 3.5 / 1000, within(0.05));
        }
    }
}
