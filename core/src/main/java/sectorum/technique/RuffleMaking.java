package sectorum.technique;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/** What ruffle rows are cut from, and how they go on. */
final class RuffleMaking {
    private RuffleMaking() {}

    static void make(DressingBuilder work, RuffleRows.Settings set, List<RuffleRows.Row> rows, DressingContext place) {
        Map<List<Long>, Integer> alike = new TreeMap<>((a, b) -> {
            int first = a.get(0).compareTo(b.get(0));
            int second = a.get(1).compareTo(b.get(1));
            return first != 0 ? first : second != 0 ? second : a.get(2).compareTo(b.get(2));
        });
        for (int j = 0; j < rows.size(); j++) {
            RuffleRows.Row row = rows.get(j);
            // Rows of a tapered side are cut by their own lengths, to a tenth of a millimetre.
            long cut = Elementary.round(row.cut() * 10);
            alike.merge(
                    List.of((long) RuffleRows.band(j, rows.size(), place), Elementary.round(row.high() * 10), cut),
                    row.strips(),
                    Integer::sum);
        }
        int strips = 0;
        for (Map.Entry<List<Long>, Integer> one : alike.entrySet()) {
            double high = one.getKey().get(1) / 10.0;
            double cut = one.getKey().get(2) / 10.0;
            strips += one.getValue();
            work.cut(
                    Phrase.of("Strip {} high, {} long", Quantity.length(high), Quantity.length(cut)),
                    set.material(),
                    set.thick(),
                    one.getKey().get(0).intValue(),
                    Flat.rectangle(0, 0, cut, high),
                    one.getValue(),
                    set.material().spare());
        }
        boolean sheet = !set.material().sheets().isEmpty();
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.CUT,
                        Phrase.of(
                                (set.cut() == RuffleRows.Cut.TORN ? "Tear" : "Cut") + " {} strips {} high{}.",
                                Quantity.count(strips),
                                Quantity.length(set.height()),
                                Quantity.text(
                                        set.cut() == RuffleRows.Cut.TORN
                                                ? " against a ruler, the torn edge is the free one"
                                                : ", one edge straight")),
                        sheet ? "ruler, dry hands" : "roller, ruler, wheel cutter",
                        Rate.CUT_PIECE.minutes(strips))
                .check("{} rows of strips lie ready by their colour.", Quantity.count(rows.size()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                set.edge() == RuffleRows.Edge.UP
                                        ? "Stick the {} rows from the top down, each by its lower edge, the free edge up; the"
                                                + " next covers where the last is stuck. Ends lap by {}."
                                        : "Stick the {} rows from the foot up, each by its upper edge, the free edge down; the"
                                                + " next covers where the last is stuck. Ends lap by {}.",
                                Quantity.count(rows.size()),
                                Quantity.length(RuffleRows.LAP_MM)),
                        sheet ? "soft brush, very little gel" : "soft brush",
                        Rate.RUFFLE.minutes(strips),
                        null,
                        sheet ? Cautions.WAFER : "")
                .check(
                        "Rows are level, {} apart, and no lap stands above another.",
                        Quantity.length(
                                rows.size() < 2
                                        ? 0
                                        : rows.get(1).z() - rows.get(0).z()));
    }
}
