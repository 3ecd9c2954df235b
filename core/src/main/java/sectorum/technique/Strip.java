package sectorum.technique;

import sectorum.curve.Hanging;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** The arithmetic of one drape strip (craft 3A). Lengths in mm. */
final class Strip {
    /** Longer strips stretch as they hang. */
    static final double STRETCHES_MM = 200;
    /** What a gathered end needs under the jabot, and the least that an upright one needs. */
    private static final double END_MM = 15;

    private Strip() {}

    /** How a strip is made. */
    enum Fold {
        FOLDED("folded edge up"),
        FLAT("a flat band");

        final String words;

        Fold(String words) {
            this.words = words;
        }
    }

    /** What becomes of its ends. */
    enum Ends {
        GATHERED("gathered"),
        UPRIGHT("trimmed upright");

        final String words;

        Ends(String words) {
            this.words = words;
        }
    }

    /** What the paste stretches as it hangs: 0 to 3 %, more in heat. */
    enum Weather {
        COOL("cool, dry", 0),
        MILD("mild", 0.01),
        WARM("warm", 0.02),
        HOT("hot or damp", 0.03);

        final String words;
        final double stretch;

        Weather(String words, double stretch) {
            this.words = words;
            this.stretch = stretch;
        }
    }

    /** What a strip of width w shows: w(1 − f/2) when its top edge lands at the share f of the width; flat, all of it. */
    static double shows(double width, Fold fold, double f) {
        return fold == Fold.FLAT ? width : width * (1 - f / 2);
    }

    /**
     * How long it is cut: gathered (arc + 2·15)/(1 + stretch); trimmed upright an allowance of max(15, shown·tan θ) at
     * each end, θ the slope there.
     */
    static double cut(Hanging curve, double shows, Ends ends, Weather weather) {
        double end = END_MM;
        if (ends == Ends.UPRIGHT && curve.endSlope() < Math.PI / 2) {
            // An end that hangs past the upright cannot be trimmed upright; the finding says so.
            end = Math.max(END_MM, shows * Elementary.tan(curve.endSlope()));
        }
        return (curve.length() + 2 * end) / (1 + weather.stretch);
    }

    /** What is kneaded in. */
    enum Stiff {
        NO("as it is"),
        YES("stiffened with CMC");

        final String words;

        Stiff(String words) {
            this.words = words;
        }
    }

    /** The strip before it is folded: where its top edge lands, and its middle. */
    static Drawing card(Hanging curve, double cut, double width, Fold fold, double foldTo, int index) {
        Card card = Card.of(Flat.rectangle(0, 0, cut, width), true).line(Ink.Pen.GUIDE, cut / 2, 0, cut / 2, width);
        if (fold == Fold.FOLDED) {
            double crease = width * (1 - foldTo / 2);
            card.line(Ink.Pen.MARK, 0, crease, cut, crease)
                    .words(cut / 4, crease + 1, Phrase.of("fold down here"))
                    .line(Ink.Pen.GUIDE, 0, width * (1 - foldTo), cut, width * (1 - foldTo));
        }
        return card.made(
                Choices.numbered("drape-strip", index),
                Phrase.of(
                        "Drape strip {} × {}, shows {}, drop {}",
                        Quantity.length(cut),
                        Quantity.length(width),
                        Quantity.length(shows(width, fold, foldTo)),
                        Quantity.length(curve.drop())));
    }
}
