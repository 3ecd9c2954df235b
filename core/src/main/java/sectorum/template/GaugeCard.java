package sectorum.template;

import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** A card cut to one section: a soft one as long as the arc, a stiff one as the chord (craft 2.2). */
public final class GaugeCard {
    private static final double HEIGHT = 45;

    private GaugeCard() {}

    /** To be cut from paper that lies on the side. */
    public static Drawing soft(double arc) {
        return card(arc, "gauge-soft", "Soft gauge, {} along the side");
    }

    /** To be cut from board that stays straight. */
    public static Drawing stiff(double chord) {
        return card(chord, "gauge-stiff", "Stiff gauge, {} straight across");
    }

    private static Drawing card(double length, String name, String title) {
        Phrase said = Phrase.of(title, Quantity.length(length));
        return new Drawing.Maker()
                .line(Ink.Pen.CUT, 0, 0, length, 0)
                .line(Ink.Pen.CUT, length, 0, length, HEIGHT)
                .line(Ink.Pen.CUT, length, HEIGHT, 0, HEIGHT)
                .line(Ink.Pen.CUT, 0, HEIGHT, 0, 0)
                .line(Ink.Pen.GUIDE, length / 2, 0, length / 2, HEIGHT)
                .words(length / 2, HEIGHT / 2, Math.max(1.6, Math.min(3.6, length / 16)), Ink.Anchor.MIDDLE, said)
                .made(name, said, length, HEIGHT);
    }
}
