package sectorum.technique;

import sectorum.bench.Rate;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;

/** How a basket weave is laid, by school (craft 1, 3D), and the gauge it is marked with. */
final class WeaveMaking {
    private WeaveMaking() {}

    static void steps(
            DressingBuilder work, BasketWeave.Settings set, int stakes, int rows, int pieces, double minutes) {
        boolean piped = set.made() == BasketWeave.Made.PIPED;
        String upright = piped ? "bag, plain nozzle" : "weave gauge, soft brush";
        String across = piped
                ? "bag, basket nozzle"
                : set.made() == BasketWeave.Made.EXTRUDED ? "extruder, knife" : "board, knife";
        String caution = piped ? "" : Cautions.BLADE;
        double standing = Rate.UPRIGHT_LINE.minutes((double) stakes * set.stakes());
        work.adhesive(set.made().material.adhesive());
        if (set.laid() == BasketWeave.Laid.ROWS) {
            work.step(
                            Gesture.STICK,
                            Phrase.of("Mark {} stakes with the gauge and set them upright.", Quantity.count(stakes)),
                            upright,
                            standing)
                    .check("{} stakes upright, every space alike by the gauge.", Quantity.count(stakes))
                    .step(
                            Gesture.STICK,
                            Phrase.of(
                                    "Weave {} rows from the foot up, {} pieces over every second stake, the next row over"
                                            + " the others.",
                                    Quantity.count(rows),
                                    Quantity.count(pieces)),
                            across,
                            minutes,
                            null,
                            caution);
            return;
        }
        int first = stakes / 2 * ((rows + 1) / 2);
        double share = pieces > 0 ? (double) first / pieces : 0;
        work.step(
                        Gesture.STICK,
                        Phrase.of(
                                "Mark {} stakes with the gauge. Set the first group, every second one, and leave the two at"
                                        + " the back open at one edge.",
                                Quantity.count(stakes)),
                        upright,
                        standing / 2)
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Bridge every second space of the first group, {} pieces from the foot up, their ends {} beyond"
                                        + " what will show.",
                                Quantity.count(first),
                                Quantity.length(set.tuck())),
                        across,
                        minutes * share,
                        null,
                        caution)
                .check("{} ends lie so that the next stakes cover them.", Quantity.count(2L * first))
                .step(
                        Gesture.STICK,
                        Phrase.of("Set the other {} stakes over the ends.", Quantity.count(stakes - stakes / 2)),
                        upright,
                        standing / 2)
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Bridge the other spaces, {} pieces, and slip the last ends under the open stakes at the back;"
                                        + " then press those down.",
                                Quantity.count(pieces - first)),
                        across,
                        minutes * (1 - share),
                        null,
                        caution);
    }

    /** A strip with the stakes of a few pitches and the rows. */
    static Drawing gauge(BasketWeave.Settings set, double pitch, int rows) {
        int columns = (int) Math.max(2, Math.min(6, Rounding.floor(180 / pitch)));
        double high = Math.max(20, Math.min(rows * set.weaver(), 250));
        Card card = Card.of(Flat.rectangle(0, 0, columns * pitch, high), true);
        for (int k = 0; k <= columns; k++) {
            for (double edge : new double[] {-set.stake() / 2, set.stake() / 2}) {
                double x = k * pitch + edge;
                if (x >= 0 && x <= columns * pitch) {
                    card.line(Ink.Pen.MARK, x, 0, x, high);
                }
            }
        }
        for (int j = 1; j * set.weaver() < high; j++) {
            card.line(Ink.Pen.GUIDE, 0, j * set.weaver(), columns * pitch, j * set.weaver());
        }
        return card.made(
                "weave-gauge",
                Phrase.of(
                        "Weave gauge, pitch {}, stakes {}, weavers {}",
                        Quantity.length(pitch),
                        Quantity.length(set.stake()),
                        Quantity.length(set.weaver())));
    }
}
