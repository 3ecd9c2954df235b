package sectorum.server.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.measure.Refused;
import sectorum.template.Paper;
import sectorum.template.Printer;

/** Pictures printed to be traced: read back, a pixel to a tenth of a millimetre. */
class PicturePagesTest {
    /** 400 × 300 points, its left half red. */
    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.BLUE);
        to.fillRect(0, 0, 400, 300);
        to.setColor(Color.RED);
        to.fillRect(0, 0, 200, 300);
        to.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private static BufferedImage rendered(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, 254, ImageType.RGB);
        }
    }

    /** How many points of a row are of the picture, and whether the first of them is red. */
    private static int[] row(BufferedImage page, int y) {
        int many = 0;
        int red = -1;
        for (int x = 0; x < page.getWidth(); x++) {
            Color at = new Color(page.getRGB(x, y));
            boolean of = Math.abs(at.getRed() - at.getBlue()) > 40;
            if (of && red < 0) {
                red = at.getRed() > at.getBlue() ? 1 : 0;
            }
            many += of ? 1 : 0;
        }
        return new int[] {many, red};
    }

    @ParameterizedTest(name = "{0} wide, mirrored {1}, printer {2}")
    @CsvSource({"100, false, 100", "150, true, 100", "120, false, 98.4"})
    void aPictureIsPrintedAtItsSize(double wide, boolean mirrored, double across) throws IOException {
        byte[] pdf = PicturePages.write("T", picture(), wide, mirrored, new Printer(Paper.A4, across, 100));
        int[] row = row(rendered(pdf), 500);
        assertThat(row[0] / 10.0).isCloseTo(wide * 100 / across, within(0.4));
        assertThat(row[1]).isEqualTo(mirrored ? 0 : 1);
        // Light enough to draw on.
        Color shown = new Color(rendered(pdf).getRGB(200, 500));
        assertThat(shown.getGreen()).isGreaterThan(120);
    }

    @ParameterizedTest
    @CsvSource({"100, A4, 1", "190, A4, 1", "191, A4, 2", "400, A4, 6", "400, A3, 2"})
    void largerOnesTakeMoreSheets(double wide, Paper paper, int sheets) throws IOException {
        byte[] pdf = PicturePages.write("T", picture(), wide, false, Printer.exact(paper));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(sheets);
        }
    }

    @Test
    void aSizeThatNobodyPrintsIsRefused() throws IOException {
        byte[] picture = picture();
        assertThatThrownBy(() -> PicturePages.write("T", picture, 0, false, Printer.exact(Paper.A4)))
                .isInstanceOf(Refused.class);
    }
}
