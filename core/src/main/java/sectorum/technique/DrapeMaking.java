package sectorum.technique;

import java.util.List;
import sectorum.bench.Hand;
import sectorum.bench.Rate;
import sectorum.curve.Hanging;
import sectorum.material.Powder;
import sectorum.material.Spare;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** How drapes are cut and hung, step by step (craft 3A, 4.3). */
final class DrapeMaking {
    private DrapeMaking() {}

    /**
     * The end cut first stretches less: alternately left and right, or all drapes look deeper on one side.
     *
     * @param strip its number from below, from 0
     */
    private static void cutEither(
            DressingBuilder work, Drape.Settings set, Hanging curve, int many, int strip, int colour) {
        for (int end = 0; end < 2; end++) {
            work.cut(
                    Phrase.of(
                            end == 0
                                    ? "Strip {} from below, left end cut first"
                                    : "Strip {} from below, right end cut first",
                            Quantity.count(strip + 1L)),
                    set.material(),
                    set.thickness(),
                    colour,
                    Flat.rectangle(0, 0, Drape.cut(set, curve), set.width()),
                    end == 0 ? (many + 1) / 2 : many / 2,
                    end == 0 ? Spare.USUAL.of(many) : 0);
        }
    }

    static void make(DressingBuilder work, Drape.Settings set, List<Hung> strips, DressingContext place) {
        int total = 0;
        for (int i = 0; i < strips.size(); i++) {
            Hung hung = strips.get(i);
            for (int kind = 0; kind < hung.curves().size(); kind++) {
                int many = hung.many(kind);
                cutEither(work, set, hung.curves().get(kind), many, i, i % place.colours());
                total += many;
            }
        }
        if (total == 0) {
            return;
        }
        int swags = strips.get(0).count();
        boolean right = place.bench().hand() == Hand.RIGHT;
        work.powder(set.stiffened() ? Powder.SOFT.close() : 0)
                .adhesive(set.material().adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of(
                                "Mark {} places at {} above the foot, and the lowest point {} under them; the lowest strip's edge"
                                        + " hangs {} below the marks.",
                                Quantity.count(swags),
                                Quantity.length(strips.get(0).z()),
                                Quantity.length(set.drop()),
                                Quantity.length(set.below())),
                        "tape, scallop, pricker",
                        Rate.MARK.minutes(2.0 * swags))
                .check("{} marks are at one height, seen from the side.", Quantity.count(swags))
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                set.fold() == Strip.Fold.FOLDED
                                        ? "Cut {} strips {} wide and fold the top edge down, showing {}."
                                        : "Cut {} strips {} wide; they are laid flat and show {}.",
                                Quantity.count(total),
                                Quantity.length(set.width()),
                                Quantity.length(set.shows())),
                        "roller, wheel cutter, cling film over what waits",
                        total * 0.75,
                        null,
                        Cautions.BLADE)
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Hang them from the lowest up, {}. In every swag trim the {} end first, in the next the"
                                        + " other, or one side looks deeper. Water only where paste will cover it.",
                                Quantity.text(work.order()),
                                Quantity.text(right ? "left" : "right")),
                        "soft brush",
                        Rate.DRAPE_STRIP.minutes(total))
                .check("Every lowest strip covers its pricks, {} below the marks.", Quantity.length(set.below()));
        if (set.ends() == Strip.Ends.UPRIGHT) {
            int first = (swags + 1) / 2;
            work.step(
                            Gesture.LOOK,
                            Phrase.of(
                                    "Of the swags {} have their {} end trimmed first and {} the other.",
                                    Quantity.count(first),
                                    Quantity.text(right ? "left" : "right"),
                                    Quantity.count(swags - first)),
                            "sharp blade",
                            swags * 0.5,
                            null,
                            Cautions.BLADE)
                    .lasting();
        }
    }
}
