package sectorum.technique;

import sectorum.curve.Hanging;

/** The arithmetic of one drape strip (handbook 3A). Lengths in mm. */
final class Strip {
    /** Longer strips stretch as they hang. */
    static final double STRETCHES_MM = 200;
    /** CMC for a soft drape in heat or damp, g per kg of paste (handbook 4.3). */
    static final double CMC_G_PER_KG = 5;
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
        if (ends == Ends.UPRIGHT) {
            // Past 45° upright ends are a finding; past the upright the tangent means nothing.
            end = Math.max(END_MM, shows * Math.tan(Math.min(curve.endSlope(), Math.toRadians(80))));
        }
        return (curve.length() + 2 * end) / (1 + weather.stretch);
    }
}
