package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A grid folded from paper: 2^i columns round and 2^j rows up, i and j apart (craft 3B, 7). It takes its columns from the
 * folds, whatever the division.
 */
final class FoldedGrid implements Technique {
    private static final Rule SHAPE = new Rule(
            "folded.shape", Level.NOTE, "Other folds give cells nearer to squares, compared as ratios of their sides.");

    private record Settings(int round, int up) {}

    @Override
    public String id() {
        return "folded";
    }

    @Override
    public String name() {
        return "Folded paper grid";
    }

    @Override
    public List<Rule> rules() {
        return List.of(SHAPE);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("round", "up");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    /** The folds whose cells come nearest to squares, the columns about as many as the sections. */
    private static Settings nearest(DressingContext place) {
        Settings best = new Settings(1, 0);
        double least = Double.MAX_VALUE;
        for (int round = 1; round <= 7; round++) {
            for (int up = 0; up <= 6; up++) {
                double ratio =
                        place.aroundMiddle() / (1 << round) / place.zone().height() * (1 << up);
                double columns = (double) (1 << round) / place.division().count();
                double off = 3 * Math.abs(Elementary.log(ratio)) + Math.abs(Elementary.log(columns));
                if (off < least - Rounding.EPS) {
                    least = off;
                    best = new Settings(round, up);
                }
            }
        }
        return best;
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Settings good = nearest(place);
        return List.of(
                Field.count("round", "Folds round", 1, 7, good.round(), "Each doubles the columns: 4 folds make 16."),
                Field.count("up", "Folds up", 0, 6, good.up(), "Each doubles the rows: 2 folds make 4."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(chosen.count("round"), chosen.count("up"));
        int columns = 1 << set.round();
        int rows = 1 << set.up();
        double p = place.aroundMiddle();
        double wide = p / columns;
        double onFoot = place.division().around() / columns;
        double high = place.zone().height() / rows;
        DressingBuilder work = new DressingBuilder(place);
        int upright = work.guide(List.of(0.0, 0.0, 0.0, place.zone().height()));
        int level = work.guide(List.of(0.0, 0.0, onFoot, 0.0));
        for (int k = 0; k < columns; k++) {
            Along fold = Along.of(k * onFoot, place.division().around());
            work.put(upright, fold, place.zone().foot(), 0);
            for (int j = 1; j < rows; j++) {
                work.putLevel(level, fold, place.zone().foot() + j * high);
            }
        }
        work.lead("columns", Quantity.count(columns))
                .lead("wide", Quantity.length(wide))
                .lead("high", Quantity.length(high))
                .figure("Rows", Quantity.count(rows))
                .figure("Cells", Quantity.count((long) rows * columns))
                .figure("Turns of colours that close", Quantity.text(turns(set.round())))
                .figure("Width to height", Quantity.plain(Rounding.halfUp(wide / high, 0.01)));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + high));
        }
        work.handle(new Handle("up", "First row", Handle.Way.UP, -1 / Math.max(4, high), 0, 6, grips));
        judge(work, set, wide, high);
        return work.step(
                        Gesture.MARK,
                        Phrase.of(
                                "Cut a band of {} by {}, fold it {} times round and {} times up, wrap it and prick the {}"
                                        + " crossings through.",
                                Quantity.length(p),
                                Quantity.length(place.zone().height()),
                                Quantity.count(set.round()),
                                Quantity.count(set.up()),
                                Quantity.count((long) columns * (rows + 1))),
                        "paper band, pricker",
                        Rate.PRICK.minutes((double) columns * (rows + 1)))
                .lasting()
                .done();
    }

    /** What folding cannot do: sixteen columns never close three colours. */
    private static String turns(int folds) {
        StringBuilder said = new StringBuilder("2");
        for (int c = 4; c <= 1 << folds && c <= 16; c *= 2) {
            said.append(", ").append(c);
        }
        return said.append("; never 3").toString();
    }

    private static void judge(DressingBuilder work, Settings set, double wide, double high) {
        double now = Math.max(wide / high, high / wide);
        int step = wide > high ? 1 : -1;
        double better = now / 2;
        if (Math.max(better, 1 / better) < now - Rounding.EPS) {
            List<Mend> mends = new ArrayList<>();
            int round = set.round() + step;
            int up = set.up() - step;
            if (round >= 1 && round <= 7) {
                mends.add(Mend.setting(Phrase.of("Fold {} times round", Quantity.count(round)), "round", round));
            }
            if (up >= 0 && up <= 6) {
                mends.add(Mend.setting(Phrase.of("Fold {} times up", Quantity.count(up)), "up", up));
            }
            if (!mends.isEmpty()) {
                work.find(
                        SHAPE,
                        Phrase.of(
                                "Cells {} wide and {} high; one fold more or less is nearer to squares.",
                                Quantity.length(wide),
                                Quantity.length(high)),
                        mends);
            }
        }
    }
}
