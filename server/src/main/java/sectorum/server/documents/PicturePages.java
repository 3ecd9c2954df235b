package sectorum.server.documents;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;
import sectorum.measure.Field;
import sectorum.template.Printer;

/**
 * A picture at true size, light enough to trace through, on as many sheets as it takes: neighbours share 10 mm, each has its place and a line
 * of 100 mm to check the printer by.
 */
public final class PicturePages {
    /** How wide a picture may be printed. */
    public static final Field WIDTH = Field.length("width", "Width", 10, 1500, 100, "Of the whole picture.");

    private static final double POINTS = 72 / 25.4;
    private static final double MARGIN = 10;
    private static final double HEAD = 14;
    private static final double OVERLAP = 10;
    /** So dense that a pencil is seen on it. */
    private static final float LIGHT = 0.4f;

    private final PDDocument document;
    private final Printer printer;
    private final PDImageXObject image;
    private final double wide;
    private final double high;
    private final boolean mirrored;

    private PicturePages(PDDocument document, Printer printer, PDImageXObject image, double wide, boolean mirrored) {
        this.document = document;
        this.printer = printer;
        this.image = image;
        this.wide = wide;
        this.high = wide * image.getHeight() / image.getWidth();
        this.mirrored = mirrored;
    }

    /** @param wide of the whole picture, mm */
    public static byte[] write(String title, byte[] jpeg, double wide, boolean mirrored, Printer printer) {
        WIDTH.check(wide);
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDDocumentInformation about = new PDDocumentInformation();
            about.setTitle(title);
            about.setCreator("Sectorum");
            document.setDocumentInformation(about);
            PDImageXObject image = PDImageXObject.createFromByteArray(document, jpeg, "picture");
            new PicturePages(document, printer, image, wide, mirrored).pages();
            PDViewerPreferences asked = new PDViewerPreferences(new org.apache.pdfbox.cos.COSDictionary());
            asked.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(asked);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The PDF could not be written", e);
        }
    }

    static int parts(double length, double room) {
        return length <= room + 1e-9 ? 1 : (int) Math.ceil((length - OVERLAP) / (room - OVERLAP) - 1e-9);
    }

    private void pages() throws IOException {
        double roomX = printer.paper().width() * printer.across() / 100 - 2 * MARGIN;
        double roomY = printer.paper().height() * printer.down() / 100 - 2 * MARGIN - HEAD;
        int columns = parts(wide, roomX);
        int rows = parts(high, roomY);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double x = column * (roomX - OVERLAP);
                double y = row * (roomY - OVERLAP);
                page(
                        x,
                        y,
                        Math.min(roomX, wide - x),
                        Math.min(roomY, high - y),
                        column + 1 + " of " + columns + " across, " + (row + 1) + " of " + rows + " down"
                                + (mirrored ? ", mirrored" : ""));
            }
        }
    }

    /** What of the picture lies from x and y on, from its upper left corner. */
    private void page(double x, double y, double w, double h, String place) throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (printer.paper().width() * POINTS), (float)
                (printer.paper().height() * POINTS)));
        document.addPage(page);
        try (PDPageContentStream to = new PDPageContentStream(document, page)) {
            // From here on a unit is a true millimetre on this printer, y up.
            to.transform(new Matrix(
                    (float) (POINTS * 100 / printer.across()), 0, 0, (float) (POINTS * 100 / printer.down()), 0, 0));
            double top = printer.paper().height() * printer.down() / 100 - MARGIN - HEAD;
            to.saveGraphicsState();
            to.addRect((float) MARGIN, (float) (top - h), (float) w, (float) h);
            to.clip();
            PDExtendedGraphicsState light = new PDExtendedGraphicsState();
            light.setNonStrokingAlphaConstant(LIGHT);
            to.setGraphicsStateParameters(light);
            AffineTransform at = new AffineTransform(wide, 0, 0, high, MARGIN - x, top + y - high);
            if (mirrored) {
                at = new AffineTransform(-wide, 0, 0, high, MARGIN - x + wide, top + y - high);
            }
            to.drawImage(image, new Matrix(at));
            to.restoreGraphicsState();
            to.setLineWidth(0.2f);
            to.addRect((float) MARGIN, (float) (top - h), (float) w, (float) h);
            to.stroke();
            double line = top + 4;
            to.moveTo((float) MARGIN, (float) line);
            to.lineTo((float) (MARGIN + 100), (float) line);
            to.stroke();
            for (double tick : new double[] {MARGIN, MARGIN + 100}) {
                to.moveTo((float) tick, (float) (line - 1.5));
                to.lineTo((float) tick, (float) (line + 1.5));
                to.stroke();
            }
            to.beginText();
            to.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 3.4f);
            to.newLineAtOffset((float) MARGIN, (float) (line + 4));
            to.showText("100 mm; sheet " + place);
            to.endText();
        }
    }
}
