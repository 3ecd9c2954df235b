package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** Flat patterns at true size, as they are printed. */
final class Patterns {
    static final double MARGIN = 10;
    private static final double TYPE = 3.2;

    private Patterns() {}

    /** A strip with lines across and along it where it is folded or met, mm from its left and its foot. */
    static Drawing strip(String name, Phrase title, double wide, double high, List<Double> across, List<Double> along) {
        Drawing.Maker maker = new Drawing.Maker();
        cut(maker, Shapes.rectangle(wide, high), wide / 2, high);
        for (double x : across) {
            maker.line(Ink.Pen.GUIDE, MARGIN + x, MARGIN, MARGIN + x, MARGIN + high);
        }
        for (double y : along) {
            maker.line(Ink.Pen.GUIDE, MARGIN, MARGIN + y, MARGIN + wide, MARGIN + y);
        }
        return titled(maker, name, title, wide, high);
    }

    /** An outline to cut round, its foot below. */
    static Drawing outline(String name, Phrase title, List<Double> xz) {
        List<Double> box = Rings.of(xz).box();
        Drawing.Maker maker = new Drawing.Maker();
        cut(maker, xz, -box.get(0), box.get(3));
        return titled(maker, name, title, box.get(2) - box.get(0), box.get(3) - box.get(1));
    }

    /** A paper cone rolled from a sector, with a tab to glue (craft 4.1). */
    static Drawing cone(String name, double radius, double slant) {
        double angle = Cone.angle(radius, slant);
        double tab = Math.min(12, slant / 4);
        List<Double> line = new ArrayList<>(List.of(0.0, 0.0));
        int parts = 48;
        for (int i = 0; i <= parts; i++) {
            double a = angle * i / parts - Math.PI / 2;
            line.add(slant * Elementary.cos(a));
            line.add(slant * Elementary.sin(a));
        }
        List<Double> box = Rings.of(line).box();
        Drawing.Maker maker = new Drawing.Maker();
        double x0 = MARGIN + tab - Math.min(box.get(0), 0);
        double y0 = MARGIN + tab + box.get(3);
        List<Double> cut = new ArrayList<>();
        for (int i = 0; i <= line.size(); i += 2) {
            cut.add(x0 + line.get(i % line.size()));
            cut.add(y0 - line.get(i % line.size() + 1));
        }
        maker.path(Ink.Pen.CUT, cut);
        // The tab lies along the edge that begins, beside it.
        double along = -Math.PI / 2;
        double sx = Elementary.sin(along) * tab;
        maker.path(
                Ink.Pen.GUIDE, List.of(x0, y0, x0 + sx, y0 + slant * 0.1, x0 + sx, y0 + slant * 0.9, x0, y0 + slant));
        Phrase title = Phrase.of(
                "Cone, {} across and {} long: sector of {}",
                Quantity.length(2 * radius),
                Quantity.length(slant),
                Quantity.angle(angle));
        double wide = box.get(2) - Math.min(box.get(0), 0) + 2 * tab;
        double high = box.get(3) - box.get(1) + 2 * tab;
        maker.words(MARGIN + wide / 2, MARGIN + high + 6, TYPE, Ink.Anchor.MIDDLE, title);
        return maker.made(name, title, wide + 2 * MARGIN, high + 2 * MARGIN + 4);
    }

    /** Draws an outline with its x 0 and its z 0 so far in. */
    static void cut(Drawing.Maker maker, List<Double> xz, double left, double foot) {
        List<Double> down = new ArrayList<>();
        for (int i = 0; i <= xz.size(); i += 2) {
            down.add(MARGIN + left + xz.get(i % xz.size()));
            down.add(MARGIN + foot - xz.get(i % xz.size() + 1));
        }
        maker.path(Ink.Pen.CUT, down);
    }

    static Drawing titled(Drawing.Maker maker, String name, Phrase title, double wide, double high) {
        maker.words(MARGIN + wide / 2, MARGIN + high + 6, TYPE, Ink.Anchor.MIDDLE, title);
        return maker.made(name, title, wide + 2 * MARGIN, high + 2 * MARGIN + 4);
    }
}
