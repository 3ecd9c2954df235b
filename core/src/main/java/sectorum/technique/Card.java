package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Contour;
import sectorum.drawing.Box;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;

/** A template to cut around: one flat outline at true size, its guide lines, its name inside or under it. */
final class Card {
    private static final double MARGIN = 12;

    private final Drawing.Maker maker = new Drawing.Maker();
    private final double left;
    private final double top;
    private final double width;
    private final double height;

    private Card(double left, double top, double width, double height) {
        this.left = left;
        this.top = top;
        this.width = width;
        this.height = height;
    }

    /** A card for an outline with z up. */
    static Card of(List<Double> outline, boolean closed) {
        Box box = Box.of(outline);
        Card card =
                new Card(MARGIN / 2 - box.left(), MARGIN + box.high(), box.width() + MARGIN, box.height() + 2 * MARGIN);
        return card.path(Ink.Pen.CUT, closed ? Contour.closed(outline) : outline);
    }

    Card path(Ink.Pen pen, List<Double> xz) {
        List<Double> down = new ArrayList<>(xz.size());
        for (int i = 0; i < xz.size(); i += 2) {
            down.add(left + xz.get(i));
            down.add(top - xz.get(i + 1));
        }
        maker.path(pen, down);
        return this;
    }

    Card line(Ink.Pen pen, double x0, double z0, double x1, double z1) {
        maker.line(pen, left + x0, top - z0, left + x1, top - z1);
        return this;
    }

    Card words(double x, double z, Phrase said) {
        maker.words(left + x, top - z, 3.2, Ink.Anchor.MIDDLE, said);
        return this;
    }

    /** Done, with its title under the outline. */
    Drawing made(String name, Phrase title) {
        maker.words(width / 2, height - 3, 3.2, Ink.Anchor.MIDDLE, title);
        return maker.made(name, title, width, height);
    }
}
