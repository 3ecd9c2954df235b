package sectorum.technique;

import sectorum.bench.Storage;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What every coat made flat on a collar has: its tab, firmed, wrapped round one chilled tier, peeled (craft 3G). */
final class FlatCoat {
    static final Field TAB = Field.length("tab", "Tab of the sheet", 0, 100, 25, "Beyond the side's length.");

    /** Firmed so long before it is worked on or wrapped, never longer. */
    static final Making.Pause FIRMED =
            new Making.Pause(15, 15, Storage.FREEZER, "in the freezer, never longer: it cracks when it is wrapped");

    private static final double TAB_MM = 15;
    private static final double GOOD_TAB_MM = 25;

    private FlatCoat() {}

    static Rule tab(String id) {
        return new Rule(id, Level.LOOK, "A tab under 15 mm does not hold a collar closed.");
    }

    static void judgeTab(DressingBuilder work, Rule rule, double tab) {
        if (tab < TAB_MM) {
            work.find(
                    rule,
                    Phrase.of("A tab of {} does not hold the collar closed.", Quantity.length(tab)),
                    Mend.setting(Phrase.of("A tab of {}", Quantity.length(GOOD_TAB_MM)), "tab", GOOD_TAB_MM));
        }
    }

    /**
     * @param made on the collar, in words, such as "12 stripes"
     */
    static void wrapped(DressingBuilder work, Quantity made, double deep, double tab) {
        work.unstacked()
                .step(Gesture.CHILL, Phrase.of("Firm it, {} deep.", Quantity.length(deep)), "freezer", 1, FIRMED, "")
                .step(
                        Gesture.WRAP,
                        Phrase.of(
                                "Mist the chilled coat, wrap it round at once from the front, the tab of {} at the back, and"
                                        + " press it on.",
                                Quantity.length(tab)),
                        "smoother, spray bottle",
                        8,
                        new Making.Pause(15, 30, Storage.FRIDGE, "in the fridge, before it is peeled"),
                        "")
                .step(
                        Gesture.PEEL,
                        Phrase.of("Peel it, fill the pockets of {} and trim the seam.", made),
                        "scraper, small bag",
                        12)
                .check("{}, and the seam is at the back.", made);
    }
}
