package sectorum.divide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Tape;
import sectorum.outline.Outline;

/**
 * The counts that come near a wanted section, best first (craft 2.3).
 *
 * @param wanted w in mm
 * @param rungs in order of choice; refused ones, with the reason, behind
 */
public record Ladder(double wanted, List<Rung> rungs) {
    public static final Field WANTED =
            Field.length("wanted", "Wanted section", 4, 3000, 60, "Say about how wide one section should be.");
    /** More rungs than this are no choice any more. */
    private static final int MOST = 60;

    /**
     * One count.
     *
     * @param section P/n in mm (the mean where corners make two sizes)
     * @param off section − wanted
     * @param onTape the nearest tape reading of one section
     * @param closingGap what n soft gauges of that reading leave over or lack
     * @param gap between pieces, where pieces are set
     * @param refused why it is not offered, otherwise absent
     */
    public record Rung(
            int n,
            double section,
            double off,
            double onTape,
            double closingGap,
            boolean odd,
            boolean folds,
            @Absent Double gap,
            @Absent Phrase refused) {}

    /**
     * Things of a width set with gaps between them, one a section.
     *
     * @param width e in mm
     * @param gap g wanted between two, mm
     * @param leastGap the gap may never be smaller, mm
     */
    public record Items(double width, double gap, double leastGap) {
        private static final Field WIDTH =
                Field.length("items.width", "Width of a piece", 1, 1000, 30, "Measure the piece across.");
        private static final Field GAP = Field.length("items.gap", "Gap", 0, 1000, 5, "0 lets them touch.");
        private static final Field LEAST =
                Field.length("items.leastGap", "Least gap", 0, 1000, 0, "It is at most the wanted gap.");

        public Items {
            WIDTH.check(width);
            GAP.check(gap);
            LEAST.check(leastGap);
        }

        /** The section that one piece and its gap take. */
        public double wanted() {
            return width + gap;
        }

        @Absent
        private Phrase refusal(double section) {
            if (Rounding.atMost(leastGap, section - width)) {
                return null;
            }
            return Phrase.of(
                    "Pieces of {} would stand {} apart, closer than the least gap of {}.",
                    Quantity.length(width),
                    Quantity.length(section - width),
                    Quantity.length(leastGap));
        }
    }

    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /** Every n with 0.6 w ≤ P/n ≤ 1.6 w, ordered by class floor(|P/n − w|/(0.03·w)), preference, nearness, smaller n. */
    public static Ladder of(
            Outline outline, double wanted, Preference liked, Demand demand, boolean corners, Tape tape) {
        return of(outline, wanted, null, liked, demand, corners, tape);
    }

    /** The same for pieces set one a section; their width and gap say what is wanted. */
    public static Ladder of(
            Outline outline,
            double wanted,
            @Absent Items items,
            Preference liked,
            Demand demand,
            boolean corners,
            Tape tape) {
        WANTED.check(wanted);
        double p = outline.perimeter();
        int least = (int) Math.max(1, Rounding.ceil(p / (1.6 * wanted)));
        int most = (int) Math.min(500, Rounding.floor(p / (0.6 * wanted)));
        List<Rung> rungs = new ArrayList<>();
        for (int n = least; n <= most; n++) {
            Gauge gauge = Gauge.soft(p, n, tape);
            Phrase refused = corners && outline.cornersRule() ? Corners.refusal(outline, n) : null;
            if (refused == null) {
                refused = demand.refusal(n);
            }
            if (refused == null && items != null) {
                refused = items.refusal(p / n);
            }
            rungs.add(new Rung(
                    n,
                    p / n,
                    p / n - wanted,
                    gauge.size(),
                    gauge.closingGap(),
                    n % 2 == 1,
                    Preference.folds(n),
                    items == null ? null : p / n - items.width(),
                    refused));
        }
        rungs.sort(Comparator.<Rung, Boolean>comparing(r -> r.refused() != null)
                .thenComparing(r -> Rounding.floor(Math.abs(r.off()) / (0.03 * wanted)))
                .thenComparing(r -> !liked.likes(r.n()))
                .thenComparing(r -> Rounding.halfUp(Math.abs(r.off()), Rounding.EPS))
                .thenComparing(Rung::n));
        return new Ladder(wanted, rungs.subList(0, Math.min(MOST, rungs.size())));
    }
}
