package sectorum.technique;

import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** A card of two sections with a hole at every crossing, moved on along the side from hole to hole. */
final class Prick {
    private Prick() {}

    /**
     * @param width of a section, mm
     * @param shifted whether every other row stands between the holes of its neighbours
     */
    static Drawing card(double width, double high, int rows, boolean shifted) {
        int columns = width > 190 ? 1 : 2;
        Card card = Card.of(Flat.rectangle(0, 0, columns * width, high), true);
        for (int j = 0; j <= rows; j++) {
            double z = j * high / rows;
            for (int k = 0; k <= columns; k++) {
                double x = k * width + (shifted && j % 2 == 1 ? width / 2 : 0);
                if (x <= columns * width + 1e-9) {
                    card.line(Ink.Pen.MARK, x - 1.5, z, x + 1.5, z).line(Ink.Pen.MARK, x, z - 1.5, x, z + 1.5);
                }
            }
        }
        return card.made(
                "prick-grid",
                Phrase.of(
                        "Prick grid, {} along by {} up",
                        Quantity.length(width),
                        Quantity.length(high / Math.max(1, rows))));
    }
}
