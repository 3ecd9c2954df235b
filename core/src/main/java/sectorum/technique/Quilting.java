package sectorum.technique;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Diamond quilting (craft 3B): lines both ways from every mark; crossings at z = j·h/2, row 0 at the marks, odd rows in
 * the middles. A press mat would not do: no two cakes have the same measure, so a mat never meets.
 */
final class Quilting implements Technique {
    private static final Rule HALF = new Rule(
            "quilt.cut-diamonds",
            Level.NOTE,
            "The zone ends inside a diamond: its height is no whole number of half rows.");
    private static final Rule EDGE = new Rule(
            "quilt.pearl-over-edge", Level.LOOK, "Pearls at the outermost crossings reach over the zone's edge.");
    private static final Field FIT = Choices.field("fit", "Diamonds", Fit.values(), f -> f.words);
    private static final Field PEARLS = Choices.field("pearls", "At the crossings", Pearls.values(), p -> p.words);
    /** Counts looked through on either side of the present one. */
    private static final int NEAR = 4;

    private enum Fit {
        WHOLE("whole, in so many half rows"),
        ANGLE("by their angle");

        final String words;

        Fit(String words) {
            this.words = words;
        }
    }

    private enum Pearls {
        YES("a pearl"),
        NO("nothing");

        final String words;

        Pearls(String words) {
            this.words = words;
        }
    }

    private record Settings(Fit fit, int each, double angle, int halfRows, boolean pearls, double diameter) {}

    /** The angle that ends on whole diamonds: atan(2H/(m·w)) for m half rows; lengths in mm. */
    static double whole(double high, double width, int halfRows) {
        return Elementary.atan(2 * high / (halfRows * width));
    }

    @Override
    public String id() {
        return "quilting";
    }

    @Override
    public String name() {
        return "Diamond quilting";
    }

    @Override
    public List<Rule> rules() {
        return List.of(HALF, EDGE);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("fit", "each", "angle", "halfRows", "pearls", "diameter");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field each = Field.count(
                "each",
                "Diamonds in a section",
                1,
                DressingContext.MOST_PARTS,
                place.parts(0.48 * place.zone().height(), 1),
                "1 makes a diamond as wide as a section.");
        double w = front(place.parted((int) each.number(values)));
        int rows =
                (int) Math.max(1, Math.min(60, Rounding.halfUp(2 * place.zone().height() / w, 1)));
        return List.of(
                FIT,
                each,
                Field.angle(
                        "angle",
                        "Angle",
                        Elementary.toRadians(10),
                        Elementary.toRadians(80),
                        Math.PI / 4,
                        "From the level."),
                Field.count("halfRows", "Half rows", 1, 200, rows, "Up the whole zone."),
                PEARLS,
                Field.length(
                        "diameter",
                        "Pearls of",
                        1,
                        20,
                        Math.max(2, Math.min(5, Rounding.halfUp(w / 12, 1))),
                        "Across."));
    }

    /** Width of the front section: angles and heights are its own, other sections follow its rows. */
    private static double front(DressingContext place) {
        return place.width(place.division().frontSection(), place.middleZ());
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Fit.values(), FIT.choice(values)),
                chosen.count("each"),
                chosen.number("angle"),
                chosen.count("halfRows"),
                Choices.of(Pearls.values(), PEARLS.choice(values)) == Pearls.YES,
                chosen.number("diameter"));
        DressingContext fine = place.parted(set.each());
        double high = place.zone().height();
        double w = front(fine);
        double angle = set.fit() == Fit.WHOLE ? whole(high, w, set.halfRows()) : set.angle();
        double half = w * Elementary.tan(angle) / 2;
        int n = fine.division().count();
        DressingBuilder work = new DressingBuilder(place);
        lines(work, fine, half, high);
        int rows = rows(high, half);
        int crossings = set.pearls() ? pearls(work, fine, set, half, rows) : 0;
        double length = high / Elementary.sin(angle);
        work.lead("wide", Quantity.length(w))
                .lead("high", Quantity.length(2 * half))
                .lead("angle", Quantity.angle(angle))
                .figure("Lines, half of them each way", Quantity.count(2L * n))
                .figure("Each line", Quantity.length(length))
                .figure("All lines together", Quantity.length(2 * n * length))
                .figure("Each runs along", Quantity.length(high / Elementary.tan(angle)))
                .figure("Rows of crossings", Quantity.count(rows))
                .figure("Crossings", Quantity.count((long) rows * n));
        handle(work, set, place, w, half, angle);
        judge(work, set, place, w, high, half);
        make(work, n, set, length, crossings, angle);
        work.draw(() -> card(high, angle, true)).draw(() -> card(high, angle, false));
        return work.done();
    }

    /** Rows of crossings strictly inside the zone. */
    private static int rows(double high, double half) {
        int rows = 0;
        while ((rows + 1) * half < high - Rounding.EPS * 1000) {
            rows++;
        }
        return rows;
    }

    /** From each mark a line each way, through the crossings, to the zone's upper edge. */
    private static void lines(DressingBuilder work, DressingContext place, double half, double high) {
        Division division = place.division();
        for (int way = 1; way >= -1; way -= 2) {
            int shape = -1;
            for (int k = 0; k < division.count(); k++) {
                if (shape < 0 || !division.isEven()) {
                    shape = work.guide(line(division, k, way, half, high, place.narrowing(place.middleZ())));
                }
                work.put(shape, division.mark(k), place.middleZ(), 0);
            }
        }
    }

    private static List<Double> line(Division division, int from, int way, double half, double high, double narrowing) {
        List<Double> points = new ArrayList<>(List.of(0.0, -high / 2));
        double x = 0;
        double z = 0;
        int section = way > 0 ? from : from - 1;
        int halves = 0;
        while (z < high - Rounding.EPS) {
            double part = division.section(Math.floorMod(section, division.count())) / 2;
            double up = Math.min(half, high - z);
            x += way * part * up / half;
            z += up;
            points.add(x * narrowing);
            points.add(z - high / 2);
            halves++;
            section += halves % 2 == 0 ? way : 0;
        }
        return points;
    }

    private static int pearls(DressingBuilder work, DressingContext place, Settings set, double half, int rows) {
        Division division = place.division();
        int pearl = work.piece(Flat.circle(set.diameter(), 16));
        int placed = 0;
        for (int j = 1; j <= rows; j++) {
            double z = place.zone().foot() + j * half;
            for (int k = 0; k < division.count(); k++, placed++) {
                work.put(pearl, j % 2 == 0 ? division.mark(k) : division.middle(k), z, placed % place.colours());
            }
        }
        return placed;
    }

    private static void handle(
            DressingBuilder work, Settings set, DressingContext place, double w, double half, double angle) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).s(),
                    place.zone().foot() + Math.min(half, place.zone().height())));
        }
        double perMm = 2 / w * Elementary.pow(Elementary.cos(angle), 2);
        if (set.fit() == Fit.ANGLE) {
            work.handle(new Handle(
                    "angle",
                    "First crossing",
                    Handle.Way.UP,
                    perMm,
                    Elementary.toRadians(15),
                    Elementary.toRadians(75),
                    grips));
        } else {
            double each = -set.halfRows() / Math.max(1, half);
            work.handle(new Handle("halfRows", "First crossing", Handle.Way.UP, each, 1, 40, grips));
        }
    }

    /** Ranks whole diamonds by |w − w*|/w* + |α − 45°|/45°, then by the smaller count (craft 3B). */
    private static void judge(
            DressingBuilder work, Settings set, DressingContext place, double w, double high, double half) {
        edge(work, set, high, half);
        double rows = high / half;
        if (set.fit() == Fit.WHOLE || Math.abs(rows - Elementary.rint(rows)) < 1e-6) {
            return;
        }
        record Fitting(int n, int halfRows, double angle, double rank) {}
        double p = w * place.division().count();
        List<Fitting> fitting = new ArrayList<>();
        for (int n = Math.max(1, place.division().count() - NEAR);
                n <= place.division().count() + NEAR;
                n++) {
            for (int m = 1; m <= 2 * rows + 2; m++) {
                double angle = whole(high, p / n, m);
                double rank = Math.abs(p / n - w) / w + Math.abs(angle - Math.PI / 4) / (Math.PI / 4);
                if (Cycle.closes(n, place.division())) {
                    fitting.add(new Fitting(n, m, angle, rank));
                }
            }
        }
        fitting.sort(Comparator.comparingDouble(Fitting::rank).thenComparingInt(Fitting::n));
        List<Mend> mends = fitting.stream()
                .limit(3)
                .map(x -> new Mend(
                        Phrase.of(
                                "{} sections in {} half rows, at {}",
                                Quantity.count(x.n()),
                                Quantity.count(x.halfRows()),
                                Quantity.angle(x.angle())),
                        List.of(
                                new Change(Change.Target.DIVISION, "count", x.n()),
                                new Change(Change.Target.SETTING, "halfRows", x.halfRows()),
                                new Change(Change.Target.SETTING, "fit", "whole"))))
                .toList();
        work.find(
                HALF,
                Phrase.of(
                        "{} half rows go into {}: the upper edge cuts its diamonds.",
                        Quantity.plain(Rounding.halfUp(rows, 0.01)),
                        Quantity.length(high)),
                mends);
    }

    /** The pearl nearest to an edge, foot or top: what is between its middle and that edge holds half of it, or does not. */
    private static void edge(DressingBuilder work, Settings set, double high, double half) {
        int rows = rows(high, half);
        if (!set.pearls() || rows == 0) {
            return;
        }
        double room = Math.min(half, high - rows * half);
        if (Rounding.atMost(set.diameter() / 2, room)) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        if (2 * room >= 1) {
            mends.add(Mend.setting(Phrase.of("Pearls of {}", Quantity.length(2 * room)), "diameter", 2 * room));
        }
        if (set.fit() == Fit.ANGLE) {
            int whole = (int) Math.max(1, Math.min(200, Rounding.halfUp(high / half, 1)));
            if (high / whole >= set.diameter() / 2) {
                mends.add(new Mend(
                        Phrase.of("End on {} half rows", Quantity.count(whole)),
                        List.of(
                                new Change(Change.Target.SETTING, "halfRows", whole),
                                new Change(Change.Target.SETTING, "fit", "whole"))));
            }
        }
        mends.add(Mend.setting(Phrase.of("Leave {} rows of pearls out", Quantity.count(rows)), "pearls", "no"));
        work.find(
                EDGE,
                Phrase.of(
                        "Pearls of {} stand {} from the zone's edge and reach over it.",
                        Quantity.length(set.diameter()),
                        Quantity.length(room)),
                mends);
    }

    private static void make(DressingBuilder work, int n, Settings set, double length, int pearls, double angle) {
        work.soft()
                .step(
                        Gesture.PRESS,
                        Phrase.of(
                                "While the covering is soft, press {} lines of {} with the quilting wheel along the card, at {} one"
                                        + " way, then the other, {}.",
                                Quantity.count(2L * n),
                                Quantity.length(length),
                                Quantity.angle(angle),
                                Quantity.text(work.order())),
                        "angle cards, quilting wheel",
                        Rate.QUILTING_LINE.minutes(2.0 * n))
                .lasting()
                .check(
                        "{} lines cross on the marks, the first way is ended before the other begins.",
                        Quantity.count(2L * n));
        if (pearls > 0) {
            work.cycled(pearls)
                    .forEach((colour, many) -> work.made(
                            Phrase.of("Pearl of {}", Quantity.length(set.diameter())),
                            Material.PEARL,
                            colour,
                            set.diameter(),
                            many,
                            Spare.USUAL,
                            Material.PEARL.ball(set.diameter())));
            work.adhesive(Adhesive.HOLLOW)
                    .firm()
                    .step(
                            Gesture.STICK,
                            Phrase.of("Press {} hollows and set a pearl in each.", Quantity.count(pearls)),
                            "ball tool, fine brush",
                            Rate.PEARL.minutes(pearls),
                            null,
                            Cautions.PEARLS);
        }
    }

    /** A card whose slanted edge lies at the angle, to the right or to the left. */
    private static Drawing card(double high, double angle, boolean right) {
        double run = Math.min(high / Elementary.tan(angle), 400);
        double up = run * Elementary.tan(angle);
        List<Double> triangle = right ? List.of(0.0, 0.0, run, 0.0, run, up) : List.of(0.0, 0.0, run, 0.0, 0.0, up);
        return Card.of(triangle, true)
                .line(Ink.Pen.GUIDE, run / 2, 0, run / 2, up / 2)
                .made(
                        right ? "angle-card-right" : "angle-card-left",
                        Phrase.of(
                                right
                                        ? "Angle card, rising to the right at {}"
                                        : "Angle card, rising to the left at {}",
                                Quantity.angle(angle)));
    }
}
