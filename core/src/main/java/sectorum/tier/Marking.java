package sectorum.tier;

import sectorum.bench.Rate;
import sectorum.divide.Gauge;
import sectorum.divide.Preference;
import sectorum.divide.Press;
import sectorum.divide.Way;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Tape;
import sectorum.plan.DivisionSpec;

/** A division marked by the way that was chosen for it: what is done, and how long it takes (craft 2.4). */
public final class Marking {
    private Marking() {}

    /** @param around the side, mm */
    public static Phrase said(DivisionSpec spec, TierWorkup.Divided d, double around, Tape tape) {
        Quantity n = Quantity.count(d.count());
        boolean even = d.sizes().size() == 1;
        return switch (cannot(spec.marked(), d.count(), even, true) ? Way.TAPE : spec.marked()) {
            case TAPE ->
                Phrase.of(
                        "Read {} marks off the tape from the back seam, the first at {}.",
                        n,
                        Quantity.length(d.marks().get(0).tape()));
            case STRIP ->
                Phrase.of(
                        "Wrap the printed strip of {} from the back seam and prick {} marks through.",
                        Quantity.length(around),
                        n);
            case WHEEL -> Phrase.of("Set the tier on the sector wheel and carry its {} rays up the side.", n);
            case FOLD ->
                Phrase.of(
                        "Cut a paper band to {}, fold it to {} parts, wrap it and prick every crease.",
                        Quantity.length(around),
                        n);
            case SOFT -> stepped("soft", Gauge.soft(around, d.count(), tape), n);
            case STIFF -> stepped("stiff", Gauge.stiff(around, d.count(), tape), n);
            case PRESS -> pressed(spec.press(), around);
        };
    }

    private static Phrase stepped(String card, Gauge gauge, Quantity n) {
        return Phrase.of(
                "Step the " + card + " card of {} round {} times from the first mark; the last section comes out {}.",
                Quantity.length(gauge.size()),
                n,
                Quantity.length(gauge.last()));
    }

    private static Phrase pressed(Press press, double around) {
        return Phrase.of(
                "While the covering is soft, press the cutter of {} round {} times to a depth of {}, from the front to both"
                        + " sides; {} is left at the back.",
                Quantity.length(press.cutter()),
                Quantity.count(press.count(around)),
                Quantity.length(press.depth()),
                Quantity.length(press.gap(around)));
    }

    /** Whether a way cannot mark such a division: cards step even sections, paper folds in halves and thirds. */
    static boolean cannot(Way way, int n, boolean even, boolean round) {
        return switch (way) {
            case TAPE, STRIP, WHEEL, PRESS -> false;
            case SOFT -> !even;
            case STIFF -> !even || n < 2 || !round;
            case FOLD -> !even || !Preference.folds(n);
        };
    }

    /** Minutes of hands to mark so many. */
    public static double minutes(Way way, int marks) {
        return (way == Way.PRESS ? Rate.PRESSED : Rate.MARK).minutes(marks);
    }
}
