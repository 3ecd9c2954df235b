package sectorum.technique;

import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.material.Material;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** How panels are made and set. */
final class PanelMaking {
    private PanelMaking() {}

    /**
     * @param parted panels that a window cuts in two
     */
    static void steps(DressingBuilder work, PanelSet set, int n, int parted, double lap, double icing) {
        boolean poured = set.material().shaping() == Material.Shaping.MELTED;
        boolean bent = set.bed() == PanelSet.Bed.BENT;
        String made = (set.laid() == PanelSet.Laid.REVERSE ? "Brush the grain on parchment first, then " : "First ")
                + (poured
                        ? "spread the sheet {} thick on parchment; when it bends but no longer marks a finger, "
                        : "roll the sheet to {} and ")
                + (set.edge() == PanelSet.Edge.BROKEN ? "break {} panels." : "cut {} panels.");
        Making.Pause firm = poured
                ? new Making.Pause(5, 15, Storage.FRIDGE, "in the fridge, until they snap")
                : new Making.Pause(120, 720, Storage.ROOM, "flat, until they stand");
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.CUT,
                        Phrase.of(made, Quantity.length(set.thick()), Quantity.count(n)),
                        poured ? "palette knife, parchment, ruler" : "roller, ruler, wheel cutter",
                        Rate.CUT_PIECE.minutes(n + (double) parted),
                        bent || set.window().isOpen() ? null : firm,
                        Cautions.BLADE)
                .check("{} whole ones and their spares; large first, small cannot be made big.", Quantity.count(n));
        if (set.window().isOpen()) {
            work.step(
                            Gesture.CUT,
                            Phrase.of(
                                    "Lay those of the front side by side as they will be and cut the window of {} × {} along its"
                                            + " card; number them.",
                                    Quantity.length(set.window().wide()),
                                    Quantity.length(set.window().high())),
                            "card, scalpel",
                            Rate.CUT_PIECE.minutes(Math.max(1, parted)),
                            bent ? null : firm,
                            Cautions.BLADE)
                    .check("{} parts are numbered from the left.", Quantity.count(2L * parted));
        }
        if (set.bed() == PanelSet.Bed.BEDDED) {
            work.step(
                    Gesture.SPREAD,
                    Phrase.of("Spread {} of icing where they stand.", Quantity.mass(icing)),
                    "palette knife",
                    Rate.UPRIGHT_LINE.minutes(1));
        }
        String goes = set.isLevel()
                ? "Lay {} panels row by row from the foot, each row lapping {} over the one below, {}; joints over middles"
                : "Stand {} panels up, each lapping {} over the last, {}; the first is lifted for the last";
        work.step(
                        Gesture.STICK,
                        Phrase.of(
                                goes + (bent ? ". Bend each to the side while it still bends, and hold it." : "."),
                                Quantity.count(n),
                                Quantity.length(lap),
                                Quantity.text(work.order())),
                        "gloves",
                        Rate.PANEL.minutes(n))
                .check("At half the way {} are used.", Quantity.count(n / 2));
        if (set.laid() == PanelSet.Laid.REVERSE) {
            work.layer(Phrase.of("{} brushed and flicked on the parchment: what shows", Quantity.text("the grain")))
                    .layer(Phrase.of(
                            "{} spread over it, {} thick",
                            Quantity.text(set.material().words()),
                            Quantity.length(set.thick())))
                    .layer(Phrase.of("turned over and peeled: {} shows", Quantity.text("the grain")));
        }
    }
}
