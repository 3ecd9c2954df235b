package sectorum.template;

import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Tape;

/**
 * A strip exactly as long as the side is round, to wrap and prick through: every mark numbered with its tape position,
 * the front named, the two ends to meet at the back seam.
 */
public final class MarkingStrip {
    /** Wide enough to hold, narrow enough to lie under a border. */
    private static final double HEIGHT = 32;

    private MarkingStrip() {}

    public static Drawing of(Division division, Tape tape) {
        double p = division.around();
        Drawing.Maker maker = new Drawing.Maker()
                .line(Ink.Pen.CUT, 0, 0, p, 0)
                .line(Ink.Pen.CUT, 0, HEIGHT, p, HEIGHT)
                .line(Ink.Pen.CUT, 0, 0, 0, HEIGHT)
                .line(Ink.Pen.CUT, p, 0, p, HEIGHT)
                .line(Ink.Pen.GUIDE, p / 2, HEIGHT - 9, p / 2, HEIGHT)
                .words(p / 2 + 1.5, HEIGHT - 2, 4, Ink.Anchor.START, Phrase.of("front"))
                .words(1.5, HEIGHT - 2, 3.2, Ink.Anchor.START, Phrase.of("back seam, this end first"))
                .words(p - 1.5, HEIGHT - 2, 3.2, Ink.Anchor.END, Phrase.of("meets here"));
        // Digits shrink where sections are narrow, so that neighbours never run into one another.
        double narrow = p / division.count();
        double digits = Math.max(1.6, Math.min(6, narrow / 3));
        for (int k = 0; k < division.count(); k++) {
            double s = division.mark(k).s();
            maker.line(Ink.Pen.MARK, s, 0, s, 14)
                    .words(s + 1.2, 6.5, digits, Ink.Anchor.START, Phrase.of("{}", Quantity.count(k + 1L)))
                    .words(
                            s + 1.2,
                            12.5,
                            Math.min(3.2, digits * 0.7),
                            Ink.Anchor.START,
                            Phrase.of("{}", Quantity.length(tape.read(s))));
        }
        return maker.made(
                "marking-strip",
                Phrase.of("Marking strip, {} sections on {}", Quantity.count(division.count()), Quantity.length(p)),
                p,
                HEIGHT);
    }
}
