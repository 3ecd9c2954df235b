package sectorum.template;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Division;
import sectorum.drawing.Box;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/**
 * The tier from above at true size with a ray to every mark: as a wheel, to set the tier on and carry the rays up its
 * side, and as a sectioned top, to lay on it.
 */
public final class SectorWheel {
    /** How far the wheel reaches past the tier: rays are seen beside it, a small tier's wheel still fits one page, mm. */
    private static final double REACH = 18;

    private SectorWheel() {}

    /** The wheel under the tier. */
    public static Drawing wheel(Division division) {
        return drawn(division, division.outline(), REACH, "sector-wheel", "Sector wheel, {} sections on {}");
    }

    /**
     * The sheet on top.
     *
     * @param topAround circumference at the top edge, mm
     */
    public static Drawing top(Division division, double topAround) {
        Outline edge = division.outline().withPerimeter(topAround);
        return drawn(division, edge, 0, "sectioned-top", "Sectioned top, {} sections on {}");
    }

    private static Drawing drawn(Division division, Outline outline, double reach, String name, String title) {
        Box box = outline.box();
        double margin = reach + 3;
        double width = box.width() + 2 * margin;
        double height = box.height() + 2 * margin;
        double cx = width / 2;
        double cy = height / 2;
        double scale = outline.perimeter() / division.around();
        Drawing.Maker maker = new Drawing.Maker()
                .path(Ink.Pen.CUT, closed(outline, cx, cy))
                .line(Ink.Pen.MARK, cx - 5, cy, cx + 5, cy)
                .line(Ink.Pen.MARK, cx, cy - 5, cx, cy + 5);
        double digits = Math.max(2, Math.min(5, division.around() / division.count() / 4));
        for (int k = 0; k < division.count(); k++) {
            Spot spot = outline.at(division.mark(k).s() * scale);
            double far = Elementary.hypot(spot.x(), spot.y());
            double ux = spot.x() / far;
            double uy = spot.y() / far;
            double from = reach > 0 ? far - 14 : 12;
            double to = far + (reach > 0 ? reach - 9 : 0);
            maker.line(Ink.Pen.MARK, cx + ux * from, cy - uy * from, cx + ux * to, cy - uy * to);
            double at = reach > 0 ? far + reach - 4 : far - digits - 3;
            maker.words(
                    cx + ux * at,
                    cy - uy * at + digits / 3,
                    digits,
                    Ink.Anchor.MIDDLE,
                    Phrase.of("{}", Quantity.count(k + 1L)));
        }
        Spot front = outline.at(outline.perimeter() / 2);
        maker.line(Ink.Pen.GUIDE, cx, cy, cx + front.x(), cy - front.y())
                .words(cx + 2, cy - front.y() - 4, 4, Ink.Anchor.START, Phrase.of("front"));
        return maker.made(
                name,
                Phrase.of(title, Quantity.count(division.count()), Quantity.length(outline.perimeter())),
                width,
                height);
    }

    static List<Double> closed(Outline outline, double cx, double cy) {
        List<Double> xy = new ArrayList<>();
        List<Double> stops = outline.stops(0.02);
        for (double s : stops) {
            add(xy, outline.at(s), cx, cy);
        }
        add(xy, outline.at(stops.get(0)), cx, cy);
        return xy;
    }

    private static void add(List<Double> xy, Spot spot, double cx, double cy) {
        xy.add(cx + spot.x());
        xy.add(cy - spot.y());
    }
}
