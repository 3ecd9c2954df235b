package sectorum.technique;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.material.Adhesive;
import sectorum.material.Spare;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What a covering is cut from, and how it goes on. */
final class CoverageMaking {
    /** Small pieces hang on a dab in their middle, larger ones want gel all over, mm (craft 1). */
    private static final double DAB_MM = 30;

    private CoverageMaking() {}

    static void make(DressingBuilder work, Coverage.Settings set, int[] colours, int[] sizes) {
        List<Double> each = set.sizes();
        Map<Integer, Map<Integer, Integer>> piles = new TreeMap<>();
        for (int i = 0; i < colours.length; i++) {
            piles.computeIfAbsent(sizes[i], s -> new TreeMap<>()).merge(colours[i], 1, Integer::sum);
        }
        boolean sheet = !set.material().sheets().isEmpty();
        Spare spare = sheet ? Spare.USUAL : set.material().spare();
        piles.forEach((size, by) ->
                by.forEach((colour, many) -> cut(work, set, set.shape().one, each.get(size), colour, many, spare)));
        int n = colours.length;
        int kept = set.kept(n);
        if (kept > 0) {
            cut(
                    work,
                    set,
                    "In reserve, " + set.shape().one.toLowerCase(java.util.Locale.ROOT),
                    each.get(0),
                    0,
                    kept,
                    Spare.NONE);
        }
        for (int i = 0; i < each.size(); i++) {
            double size = each.get(i);
            work.tool(sheet ? ThingKind.PUNCH : ThingKind.CUTTER, i == 0 ? "size" : "", size, 0.5);
            work.draw(() -> Cover.card(
                    Choices.numbered("cover-piece", each.indexOf(size)),
                    set.shape().outline(size),
                    what(set.shape().one, size)));
        }
        steps(work, set, n, kept, (int)
                piles.values().stream().mapToLong(Map::size).sum());
    }

    private static Phrase what(String one, double size) {
        return Phrase.of("{} of {}", Quantity.text(one), Quantity.length(size));
    }

    private static void cut(
            DressingBuilder work, Coverage.Settings set, String one, double size, int colour, int many, Spare spare) {
        if (set.shape().isRound()) {
            work.cutRound(what(one, size), set.material(), set.thick(), colour, size, many, spare);
        } else {
            work.cut(
                    what(one, size),
                    set.material(),
                    set.thick(),
                    colour,
                    set.shape().outline(size),
                    many,
                    spare);
        }
    }

    private static void steps(DressingBuilder work, Coverage.Settings set, int n, int kept, int piles) {
        boolean sheet = !set.material().sheets().isEmpty();
        boolean dab = sheet && set.size() <= DAB_MM;
        work.adhesive(dab ? Adhesive.GLUE : set.material().adhesive())
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                sheet
                                        ? "Colour the sheets dry, punch {} pieces and lay them in {} piles by colour and size."
                                        : "Roll and cut {} pieces and lay them in {} piles by colour and size.",
                                Quantity.count((long) n + kept),
                                Quantity.count(piles)),
                        sheet ? "punch, dry brush" : "roller, cutter",
                        Rate.COVER_PIECE.minutes(n) / 2)
                .check("{} piles, spares with them.", Quantity.count(piles))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                (set.isBent()
                                                ? "Bend {} pieces a little and stick each by its middle, "
                                                : "Stick {} pieces, ")
                                        + (set.lap() == Coverage.Lap.OVER
                                                ? "from the foot up, {}."
                                                : "from the top down, the next over the last, {}."),
                                Quantity.count(n),
                                Quantity.text(work.order())),
                        dab ? "fine brush, a thin dab of glue" : "soft brush",
                        Rate.COVER_PIECE.minutes(n) / 2,
                        null,
                        sheet ? Cautions.WAFER : "")
                .check("At half the height {} pieces are used.", Quantity.count(n / 2));
        if (kept > 0) {
            work.step(
                            Gesture.STICK,
                            Phrase.of("Last, fill what gaps there are: {} are in reserve.", Quantity.count(kept)),
                            "tweezers",
                            Rate.MARK.minutes(kept))
                    .check("No bare spot is seen from the front.");
        }
    }
}
