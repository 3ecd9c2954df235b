package sectorum.server.documents;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Reads the strokes of a PDF page back, in mm from the page's lower left corner. */
public final class PdfLines extends PDFGraphicsStreamEngine {
    private static final double MM = 25.4 / 72;

    /** One stroke. */
    public record Line(List<double[]> points, boolean dashed) {
        public double left() {
            return points.stream().mapToDouble(p -> p[0]).min().orElseThrow();
        }

        public double top() {
            return points.stream().mapToDouble(p -> p[1]).max().orElseThrow();
        }

        public double spanX() {
            return points.stream().mapToDouble(p -> p[0]).max().orElseThrow() - left();
        }

        public double spanY() {
            return top() - points.stream().mapToDouble(p -> p[1]).min().orElseThrow();
        }
    }

    private final List<Line> lines = new ArrayList<>();
    private List<double[]> path = new ArrayList<>();

    private PdfLines(PDPage page) {
        super(page);
    }

    public static List<Line> of(PDDocument document, int page) throws IOException {
        PdfLines reader = new PdfLines(document.getPage(page));
        reader.processPage(document.getPage(page));
        return reader.lines;
    }

    /** Width and height of a page in mm. */
    public static double[] paper(PDDocument document, int page) {
        var box = document.getPage(page).getMediaBox();
        return new double[] {box.getWidth() * MM, box.getHeight() * MM};
    }

    @Override
    public void moveTo(float x, float y) {
        path = new ArrayList<>();
        path.add(new double[] {x * MM, y * MM});
    }

    @Override
    public void lineTo(float x, float y) {
        path.add(new double[] {x * MM, y * MM});
    }

    @Override
    public void strokePath() {
        boolean dashed = getGraphicsState().getLineDashPattern().getDashArray().length > 0;
        lines.add(new Line(List.copyOf(path), dashed));
        path = new ArrayList<>();
    }

    @Override
    public Point2D getCurrentPoint() {
        double[] last = path.isEmpty() ? new double[] {0, 0} : path.get(path.size() - 1);
        return new Point2D.Double(last[0] / MM, last[1] / MM);
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int windingRule) {}

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

    @Override
    public void closePath() {}

    @Override
    public void endPath() {}

    @Override
    public void fillPath(int windingRule) {}

    @Override
    public void fillAndStrokePath(int windingRule) {}

    @Override
    public void shadingFill(COSName shading) {}
}
