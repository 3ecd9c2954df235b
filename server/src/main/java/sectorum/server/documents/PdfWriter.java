package sectorum.server.documents;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.IntConsumer;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PageMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitWidthDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import sectorum.drawing.Ink;
import sectorum.measure.LengthUnit;
import sectorum.template.Booklet;
import sectorum.template.Sheet;

/** Sheets as a PDF, one page each, a millimetre on the page a millimetre on the paper. */
public final class PdfWriter {
    private static final double POINTS = 72 / 25.4;
    /** From here on type is heavy enough to head a page, mm. */
    private static final double HEADING = 4.5;

    private final LengthUnit unit;
    private final PDDocument document;
    private final PDFont plain;
    private final PDFont heavy;

    private PdfWriter(LengthUnit unit, PDDocument document) throws IOException {
        this.unit = unit;
        this.document = document;
        plain = font("SourceSans3_400Regular.ttf");
        heavy = font("SourceSans3_600SemiBold.ttf");
    }

    /**
     * @param unit in which lengths in the words are shown
     * @param done told after each sheet how many there are; an exception from it ends the work
     */
    public static byte[] write(String title, Booklet booklet, LengthUnit unit, IntConsumer done) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDDocumentInformation about = new PDDocumentInformation();
            about.setTitle(title);
            about.setCreator("Sectorum");
            document.setDocumentInformation(about);
            PdfWriter writer = new PdfWriter(unit, document);
            for (int i = 0; i < booklet.sheets().size(); i++) {
                writer.page(booklet.sheets().get(i));
                done.accept(i + 1);
            }
            if (!booklet.marks().isEmpty()) {
                writer.outline(booklet);
            }
            writer.links(booklet);
            // A viewer that shrinks to the printable area spoils every template: ask it not to.
            PDViewerPreferences asked = new PDViewerPreferences(new org.apache.pdfbox.cos.COSDictionary());
            asked.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(asked);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The PDF could not be written", e);
        }
    }

    private PDPageDestination to(int sheet) {
        PDPageFitWidthDestination destination = new PDPageFitWidthDestination();
        destination.setPage(document.getPage(sheet));
        return destination;
    }

    private void outline(Booklet booklet) {
        PDDocumentOutline outline = new PDDocumentOutline();
        for (Booklet.Mark mark : booklet.marks()) {
            PDOutlineItem item = new PDOutlineItem();
            item.setTitle(mark.title());
            item.setDestination(to(mark.sheet()));
            outline.addLast(item);
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OUTLINES);
    }

    private void links(Booklet booklet) throws IOException {
        for (Booklet.Link link : booklet.links()) {
            double high = booklet.sheets().get(link.on()).height();
            PDAnnotationLink press = new PDAnnotationLink();
            press.setRectangle(new PDRectangle(
                    (float) (link.x() * POINTS),
                    (float) ((high - link.y() - link.height()) * POINTS),
                    (float) (link.width() * POINTS),
                    (float) (link.height() * POINTS)));
            PDBorderStyleDictionary none = new PDBorderStyleDictionary();
            none.setWidth(0);
            press.setBorderStyle(none);
            press.setDestination(to(link.to()));
            document.getPage(link.on()).getAnnotations().add(press);
        }
    }

    private PDFont font(String file) throws IOException {
        try (InputStream in = PdfWriter.class.getResourceAsStream("/fonts/" + file)) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // Ligatures take nine tenths of the time to write a pack, and no template misses them.
            font.setEnableGsub(false);
            document.registerTrueTypeFontForClosing(font);
            return PDType0Font.load(document, font, true);
        }
    }

    private void page(Sheet sheet) throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (sheet.width() * POINTS), (float) (sheet.height() * POINTS)));
        document.addPage(page);
        try (PDPageContentStream to = new PDPageContentStream(document, page)) {
            to.setLineCapStyle(1);
            to.setLineJoinStyle(1);
            for (Ink ink : sheet.inks()) {
                if (ink instanceof Ink.Line line) {
                    stroke(to, line, sheet.height());
                } else if (ink instanceof Ink.Words words) {
                    write(to, words, sheet.height());
                }
            }
        }
    }

    private static void stroke(PDPageContentStream to, Ink.Line line, double height) throws IOException {
        Pens pen = Pens.of(line.pen());
        to.setLineWidth((float) (pen.width() * POINTS));
        to.setLineDashPattern(
                pen.broken() ? new float[] {(float) (pen.on() * POINTS), (float) (pen.off() * POINTS)} : new float[0],
                0);
        List<Double> xy = line.xy();
        for (int i = 0; i < xy.size(); i += 2) {
            float x = (float) (xy.get(i) * POINTS);
            float y = (float) ((height - xy.get(i + 1)) * POINTS);
            if (i == 0) {
                to.moveTo(x, y);
            } else {
                to.lineTo(x, y);
            }
        }
        to.stroke();
    }

    private void write(PDPageContentStream to, Ink.Words words, double height) throws IOException {
        PDFont font = words.size() >= HEADING ? heavy : plain;
        String said = printable(font, words.said().say(unit));
        float size = (float) (words.size() * POINTS);
        float wide = font.getStringWidth(said) / 1000 * size;
        float back = switch (words.anchor()) {
            case START -> 0;
            case MIDDLE -> wide / 2;
            case END -> wide;
        };
        to.beginText();
        to.setFont(font, size);
        to.newLineAtOffset((float) (words.x() * POINTS) - back, (float) ((height - words.y()) * POINTS));
        to.showText(said);
        to.endText();
    }

    /** A name may hold a sign the font lacks; the sheet is printed all the same, with a square in its place. */
    private static String printable(PDFont font, String said) {
        StringBuilder printable = new StringBuilder();
        said.codePoints().forEach(sign -> {
            String one = Character.toString(sign);
            try {
                font.encode(one);
                printable.append(one);
            } catch (IOException | IllegalArgumentException missing) {
                printable.append('□');
            }
        });
        return printable.toString();
    }
}
