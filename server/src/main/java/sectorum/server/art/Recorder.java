package sectorum.server.art;

import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ImageObserver;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Takes down what a drawing would paint: closed lines in mm, y turned up, with their shade. */
final class Recorder implements Output {
    /** Curves are followed so closely, mm. */
    private static final double FLAT_MM = 0.03;
    /** Points of all lines together, before they are simplified. */
    private static final int MOST_POINTS = 400_000;
    /** Fainter than this nobody sees it. */
    private static final double FAINT = 0.05;

    /** What one shape paints. */
    record Filled(List<List<Double>> lines, boolean evenOdd, String shade) {}

    /** What all recorders of a drawing share. */
    private static final class Sum {
        private final List<Filled> filled = new ArrayList<>();
        private int points;
    }

    private final ViewBox box;
    private final double scale;
    private final Set<String> notes;
    private final Sum sum;
    private AffineTransform transform = new AffineTransform();
    private Paint paint = Color.BLACK;
    private Stroke stroke = new BasicStroke();
    private Shape clip;
    private float opacity = 1;

    Recorder(ViewBox box, double scale, Set<String> notes) {
        this(box, scale, notes, new Sum());
    }

    private Recorder(ViewBox box, double scale, Set<String> notes, Sum sum) {
        this.box = box;
        this.scale = scale;
        this.notes = notes;
        this.sum = sum;
    }

    List<Filled> filled() {
        return sum.filled;
    }

    @Override
    public void fillShape(Shape shape) {
        add(shape);
    }

    @Override
    public void drawShape(Shape shape) {
        // A line of some width is the region that it covers.
        add(stroke.createStrokedShape(shape));
    }

    private void add(Shape shape) {
        Color colour = colour();
        if (colour == null || opacity * colour.getAlpha() / 255 < FAINT) {
            return;
        }
        if (clip != null) {
            notes.add("Clipped parts come in whole where they reach out of the view.");
        }
        List<List<Double>> lines = new ArrayList<>();
        List<Double> line = new ArrayList<>();
        double fine = FLAT_MM / scale;
        AffineTransform now = transform;
        PathIterator path = shape.getPathIterator(now, fine);
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                line = started(lines, line);
            }
            if (kind != PathIterator.SEG_CLOSE) {
                point(line, at[0], at[1]);
            }
        }
        started(lines, line);
        if (!lines.isEmpty()) {
            boolean evenOdd = shape.getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD;
            sum.filled.add(new Filled(
                    lines,
                    evenOdd,
                    String.format(Locale.ROOT, "#%02x%02x%02x", colour.getRed(), colour.getGreen(), colour.getBlue())));
        }
    }

    private static List<Double> started(List<List<Double>> lines, List<Double> line) {
        if (line.size() >= 6) {
            lines.add(line);
        }
        return new ArrayList<>();
    }

    private void point(List<Double> line, double x, double y) {
        double mm = x * scale;
        double up = (box.height - y) * scale;
        int last = line.size() - 2;
        if (!(Math.abs(mm) < 1e6 && Math.abs(up) < 1e6)) {
            return;
        }
        if (last >= 0 && line.get(last) == mm && line.get(last + 1) == up) {
            return;
        }
        line.add(mm);
        line.add(up);
        if (++sum.points > MOST_POINTS) {
            throw new Refused(
                    "drawing",
                    Phrase.of(
                            "The drawing has over {} points; nobody cuts so many. Simplify it where it was made.",
                            Quantity.count(MOST_POINTS)));
        }
    }

    /** Of a gradient its first colour; nothing of a pattern. */
    private Color colour() {
        if (paint instanceof Color plain) {
            return plain;
        }
        if (paint instanceof MultipleGradientPaint gradient) {
            notes.add("Gradients come in as their first colour.");
            return gradient.getColors()[0];
        }
        notes.add("Patterns are left out.");
        return null;
    }

    @Override
    public void drawImage(BufferedImage image) {}

    @Override
    public void drawImage(Image image, ImageObserver observer) {}

    @Override
    public void drawImage(Image image, AffineTransform at, ImageObserver observer) {}

    @Override
    public void setPaint(Paint other) {
        paint = other;
    }

    @Override
    public void setPaint(Supplier<Paint> other) {
        paint = other.get();
    }

    @Override
    public void setStroke(Stroke other) {
        stroke = other;
    }

    @Override
    public Stroke stroke() {
        return stroke;
    }

    @Override
    public void applyClip(Shape other) {
        // The view's own edge clips nothing away that is meant to be seen.
        Rectangle2D bounds = other.getBounds2D();
        boolean view = bounds.getWidth() >= box.width * 0.999 && bounds.getHeight() >= box.height * 0.999;
        clip = view ? clip : other;
    }

    @Override
    public Optional<Float> contextFontSize() {
        return Optional.empty();
    }

    @Override
    public Output createChild() {
        Recorder child = new Recorder(box, scale, notes, sum);
        child.transform = new AffineTransform(transform);
        child.paint = paint;
        child.stroke = stroke;
        child.clip = clip;
        child.opacity = opacity;
        return child;
    }

    @Override
    public void dispose() {}

    @Override
    public void debugPaint(Consumer<Graphics2D> painter) {}

    @Override
    public Rectangle2D clipBounds() {
        return new Rectangle2D.Float(0, 0, box.width, box.height);
    }

    @Override
    public RenderingHints renderingHints() {
        return new RenderingHints(null);
    }

    @Override
    public Object renderingHint(RenderingHints.Key key) {
        return null;
    }

    @Override
    public void setRenderingHint(RenderingHints.Key key, Object value) {}

    @Override
    public AffineTransform transform() {
        return new AffineTransform(transform);
    }

    @Override
    public void setTransform(AffineTransform other) {
        transform = new AffineTransform(other);
    }

    @Override
    public void applyTransform(AffineTransform other) {
        transform.concatenate(other);
    }

    @Override
    public void rotate(double angle) {
        transform.rotate(angle);
    }

    @Override
    public void scale(double sx, double sy) {
        transform.scale(sx, sy);
    }

    @Override
    public void translate(double dx, double dy) {
        transform.translate(dx, dy);
    }

    @Override
    public float currentOpacity() {
        return opacity;
    }

    @Override
    public void applyOpacity(float share) {
        opacity *= share;
    }

    @Override
    public SafeState safeState() {
        AffineTransform keptTransform = new AffineTransform(transform);
        Paint keptPaint = paint;
        Stroke keptStroke = stroke;
        Shape keptClip = clip;
        float keptOpacity = opacity;
        return () -> {
            transform = keptTransform;
            paint = keptPaint;
            stroke = keptStroke;
            clip = keptClip;
            opacity = keptOpacity;
        };
    }

    @Override
    public boolean supportsFilters() {
        return false;
    }

    @Override
    public boolean supportsColors() {
        return true;
    }
}
