package sectorum.template;

import java.util.List;
import sectorum.drawing.Box;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.drawing.Point;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/** What is laid on a tier to see where the board above sits and where its dowels go down (craft 4.4, 5.1). */
public final class SeatCircle {
    private static final double MARGIN = 8;

    private SeatCircle() {}

    /**
     * @param board the upper board's outline
     * @param dowels x, y of each from the board's middle, mm
     * @param across a dowel's diameter, mm
     * @param length that all are cut to, mm
     */
    public static Drawing of(Outline board, List<Point> dowels, double across, double length) {
        Box box = board.box();
        double width = box.width() + 2 * MARGIN;
        double height = box.height() + 2 * MARGIN + 6;
        double cx = width / 2;
        double cy = MARGIN + box.height() / 2;
        Drawing.Maker maker = new Drawing.Maker()
                .path(Ink.Pen.CUT, SectorWheel.closed(board, cx, cy))
                .line(Ink.Pen.MARK, cx - 6, cy, cx + 6, cy)
                .line(Ink.Pen.MARK, cx, cy - 6, cx, cy + 6);
        for (Point dowel : dowels) {
            List<Double> round = new java.util.ArrayList<>();
            for (int i = 0; i <= 24; i++) {
                round.add(cx + dowel.x() + across / 2 * Elementary.cos(Math.PI * i / 12));
                round.add(cy - dowel.y() + across / 2 * Elementary.sin(Math.PI * i / 12));
            }
            maker.path(Ink.Pen.MARK, round);
        }
        Spot front = board.at(board.perimeter() / 2);
        return maker.line(Ink.Pen.GUIDE, cx, cy, cx + front.x(), cy - front.y())
                .words(cx, height - 3, 4, Ink.Anchor.MIDDLE, Phrase.of("front; this side up"))
                .made(
                        "seat",
                        Phrase.of(
                                "Seat of the board above, {} dowels, each {} long",
                                Quantity.count(dowels.size()),
                                Quantity.length(length)),
                        width,
                        height);
    }
}
