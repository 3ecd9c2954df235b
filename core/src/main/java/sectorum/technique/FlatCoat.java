package sectorum.technique;

import sectorum.bench.Storage;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What every coat made flat on a collar has at its end: firmed, wrapped round one chilled tier, peeled (craft 3G). */
final class FlatCoat {
    private FlatCoat() {}

    /**
     * @param made on the collar, in words, such as "12 stripes"
     */
    static void wrapped(DressingBuilder work, Quantity made, double deep, double tab) {
        work.unstacked()
                .step(
                        Phrase.of("Firm it, {} deep.", Quantity.length(deep)),
                        "freezer",
                        1,
                        new Making.Pause(
                                15, 15, Storage.FREEZER, "in the freezer, never longer: it cracks when it is wrapped"),
                        "")
                .step(
                        Phrase.of(
                                "Mist the chilled coat, wrap it round at once from the front, the tab of {} at the back, and"
                                        + " press it on.",
                                Quantity.length(tab)),
                        "smoother, spray bottle",
                        8,
                        new Making.Pause(15, 30, Storage.FRIDGE, "in the fridge, before it is peeled"),
                        "")
                .step(Phrase.of("Peel it, fill the pockets of {} and trim the seam.", made), "scraper, small bag", 12)
                .check("{}, and the seam is at the back.", made);
    }
}
