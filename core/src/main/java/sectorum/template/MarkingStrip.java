package sectorum.template;

import java.util.ArrayList;
import java.util.List;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Tape;
import sectorum.surface.Side;
import sectorum.surface.Wrap;

/**
 * A strip exactly as long as the side is round, to wrap and prick through: every mark numbered with its tape position,
 * the front named, the two ends to meet at the back seam. On a tapered side it is a piece of the flat wrap, so that it
 * lies without a fold.
 */
public final class MarkingStrip {
    /** Wide enough to hold, narrow enough to lie under a border. */
    private static final double HEIGHT = 32;

    /** Where a place along the foot and a distance below the strip's upper edge lie on the paper. */
    private interface Lay {
        double[] at(double s, double down);
    }

    private MarkingStrip() {}

    /**
     * A straight strip as long as the foot, every mark numbered where the tape reads it, mm at true size (craft 4.4).
     */
    public static Drawing of(Division division, Tape tape) {
        return drawn(division, tape, (s, down) -> new double[] {s, down}, division.around());
    }

    /** The strip for this side: straight, or a piece of its flat wrap where foot and top differ enough to show. */
    public static Drawing of(Division division, Side side, Tape tape) {
        if (Math.abs(side.taper()) <= Side.TAPER_SHOWS) {
            return of(division, tape);
        }
        return drawn(division, tape, curved(side), 12);
    }

    private static Lay curved(Side side) {
        Wrap wrap = side.wrap();
        boolean narrows = side.taper() < 0;
        double foot = narrows ? wrap.outer() : wrap.inner();
        double around = side.foot().mm();
        double up = narrows ? 1 : -1;
        return (s, down) -> {
            double angle = (s / around - 0.5) * wrap.angle();
            double r = foot - up * (HEIGHT - down);
            // The wrap's middle lies far above a side that narrows upwards, far below one that widens.
            return new double[] {r * Elementary.sin(angle), up * r * Elementary.cos(angle)};
        };
    }

    /** @param step between the points of a long edge, mm: short enough that a curved one stays true to 0.01 mm */
    private static Drawing drawn(Division division, Tape tape, Lay lay, double step) {
        double p = division.around();
        Pencil pencil = new Pencil(lay);
        pencil.edge(p, 0, step);
        pencil.edge(p, HEIGHT, step);
        pencil.line(Ink.Pen.CUT, 0, 0, HEIGHT);
        pencil.line(Ink.Pen.CUT, p, 0, HEIGHT);
        pencil.line(Ink.Pen.GUIDE, p / 2, HEIGHT - 9, HEIGHT);
        pencil.words(p / 2 + 1.5, HEIGHT - 2, 4, Ink.Anchor.START, Phrase.of("front"));
        pencil.words(1.5, HEIGHT - 2, 3.2, Ink.Anchor.START, Phrase.of("back seam, this end first"));
        pencil.words(p - 1.5, HEIGHT - 2, 3.2, Ink.Anchor.END, Phrase.of("meets here"));
        // Digits shrink where sections are narrow, so that neighbours never run into one another.
        double narrow = p / division.count();
        double digits = Math.max(1.6, Math.min(6, narrow / 3));
        for (int k = 0; k < division.count(); k++) {
            double s = division.mark(k).s();
            pencil.line(Ink.Pen.MARK, s, 0, 14);
            pencil.words(s + 1.2, 6.5, digits, Ink.Anchor.START, Phrase.of("{}", Quantity.count(k + 1L)));
            pencil.words(
                    s + 1.2,
                    12.5,
                    Math.min(3.2, digits * 0.7),
                    Ink.Anchor.START,
                    Phrase.of("{}", Quantity.length(tape.read(s))));
        }
        return pencil.made(
                "marking-strip",
                Phrase.of("Marking strip, {} sections on {}", Quantity.count(division.count()), Quantity.length(p)));
    }

    /** Draws in the strip's own measures and lays it on the paper, its upper left corner at the origin. */
    private static final class Pencil {
        private final Lay lay;
        private final List<Ink> inks = new ArrayList<>();

        Pencil(Lay lay) {
            this.lay = lay;
        }

        void edge(double p, double down, double step) {
            List<Double> xy = new ArrayList<>();
            int parts = (int) Math.ceil(p / step);
            for (int i = 0; i <= parts; i++) {
                double[] at = lay.at(p * i / parts, down);
                xy.add(at[0]);
                xy.add(at[1]);
            }
            inks.add(new Ink.Line(Ink.Pen.CUT, xy));
        }

        void line(Ink.Pen pen, double s, double from, double to) {
            double[] a = lay.at(s, from);
            double[] b = lay.at(s, to);
            inks.add(Ink.Line.of(pen, a[0], a[1], b[0], b[1]));
        }

        void words(double s, double down, double size, Ink.Anchor anchor, Phrase said) {
            double[] at = lay.at(s, down);
            inks.add(new Ink.Words(at[0], at[1], size, anchor, said));
        }

        Drawing made(String name, Phrase title) {
            double[] low = {Double.MAX_VALUE, Double.MAX_VALUE};
            double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE};
            for (Ink ink : inks) {
                if (ink instanceof Ink.Line line) {
                    for (int i = 0; i < line.xy().size(); i++) {
                        low[i % 2] = Math.min(low[i % 2], line.xy().get(i));
                        high[i % 2] = Math.max(high[i % 2], line.xy().get(i));
                    }
                }
            }
            List<Ink> moved =
                    inks.stream().map(ink -> ink.moved(-low[0], -low[1])).toList();
            return new Drawing(name, title, high[0] - low[0], high[1] - low[1], moved);
        }
    }
}
