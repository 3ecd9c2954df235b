package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Adhesive;
import sectorum.bench.Paste;
import sectorum.bench.Rate;
import sectorum.bench.Spare;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.side.Side;
import sectorum.side.Zone;

/**
 * Basket weave (handbook 3D): n groups of stakes, n even or it does not close; a weaver reaches between the near edges of
 * the two neighbours of the stake it covers, every second stake in each row. What the rows leave stays at the top.
 */
final class BasketWeave implements Technique {
    private static final Rule WIDE =
            new Rule("weave.stake-wide", Level.STOP, "A stake is as wide as its pitch or wider: S < P/n.");
    private static final Rule SLOW = new Rule(
            "weave.slow",
            Level.LOOK,
            "It takes over 90 minutes of hands; coarser counts are offered with what each saves.");
    private static final Field MADE = Choices.field("made", "Strands are", Made.values(), m -> m.words);
    /** What an extruder's barrel holds, g (handbook 3D). */
    private static final double BARREL_G = 40;

    private static final double SLOW_MINUTES = 90;

    private enum Made {
        EXTRUDED("extruded", Paste.HALF, 0),
        ROLLED("rolled by hand", Paste.HALF, 2),
        PIPED("piped", Paste.BUTTERCREAM, 0);

        final String words;
        final Paste paste;
        /** How much is tucked under at each end, mm. */
        final double tuck;

        Made(String words, Paste paste, double tuck) {
            this.words = words;
            this.paste = paste;
            this.tuck = tuck;
        }
    }

    private record Settings(
            Made made, int each, double stake, double weaver, int stakes, int weavers, double thick, double tuck) {}

    @Override
    public String id() {
        return "weave";
    }

    @Override
    public String name() {
        return "Basket weave";
    }

    @Override
    public Demand demand(Values settings, int colours) {
        return Cycle.demand(
                settings.get("each"), 2, "every second stake is covered in each row, so their count is even");
    }

    @Override
    public List<Rule> rules() {
        return List.of(WIDE, SLOW);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("made", "each", "stake", "weaver", "stakes", "weavers", "thick", "tuck");
    }

    @Override
    public Zone usualZone(Side side) {
        return side.wholeZone();
    }

    @Override
    public List<Field> fields(Values values, Place place) {
        Field each = Field.count(
                "each",
                "Stakes in a section",
                1,
                Place.MOST_PARTS,
                place.parts(0.2 * place.zone().height(), 2),
                "1 has them on the marks alone.");
        double pitch =
                place.parted((int) each.number(values)).widest(place.zone().foot());
        double stake = Math.max(1, place.tape().read(0.28 * pitch));
        double weaver = Math.max(
                2, place.tape().read(Math.min(0.36 * pitch, place.zone().height() / 3)));
        Made made = Choices.of(Made.values(), MADE.choice(values));
        return List.of(
                MADE,
                each,
                Field.length("stake", "Stakes wide together", 1, 200, stake, "All strands of one stake."),
                Field.length("weaver", "Weavers wide together", 1, 100, weaver, "All strands of one row."),
                Field.count("stakes", "Strands a stake", 1, 3, 1, "1 is single, 2 double."),
                Field.count("weavers", "Strands a weaver", 1, 3, 1, "1 is single, 2 double."),
                Field.length("thick", "Strands thick", 0.5, 10, 2, "As extruded, rolled or piped."),
                Field.length("tuck", "Tucked under at each end", 0, 20, made.tuck, "About 2 mm for rolled paste."));
    }

    @Override
    public Dressed dress(Values values, Place place) {
        List<Field> f = fields(values, place);
        Settings set = new Settings(
                Choices.of(Made.values(), MADE.choice(values)),
                (int) f.get(1).number(values),
                f.get(2).number(values),
                f.get(3).number(values),
                (int) f.get(4).number(values),
                (int) f.get(5).number(values),
                f.get(6).number(values),
                f.get(7).number(values));
        Place fine = place.parted(set.each());
        Division division = fine.division();
        Zone zone = place.zone();
        int n = division.count();
        int rows = (int) Rounding.floor(zone.height() / set.weaver());
        Work work = new Work(place);
        double[] totals = new double[2];
        int pieces = 0;
        double narrow = division.sizes().get(division.sizes().size() - 1);
        boolean fits = set.stake() < narrow - Rounding.EPS;
        if (fits) {
            totals[0] = stakes(work, set, fine);
            pieces = weavers(work, set, fine, rows, totals);
        }
        double piece = 2 * division.section(division.frontSection()) - set.stake() + 2 * set.tuck();
        work.lead("pieces", Quantity.count(pieces))
                .lead("each long", Quantity.length(piece))
                .lead("rows", Quantity.count(rows))
                .figure("Stakes", Quantity.count((long) n * set.stakes()))
                .figure("Pitch", Quantity.length(division.section(division.frontSection())))
                .figure("Weavers together", Quantity.length(totals[1]))
                .figure("Stakes together", Quantity.length(totals[0]))
                .figure("Left at the top", Quantity.length(zone.height() - rows * set.weaver()));
        handles(work, set, place);
        double[] grams = consume(work, set, totals, place);
        if (set.made() == Made.EXTRUDED) {
            work.figure("Extruder loads, weavers", Quantity.count((long) Rounding.ceil(grams[1] / BARREL_G)))
                    .figure("Extruder loads, stakes", Quantity.count((long) Rounding.ceil(grams[0] / BARREL_G)));
        }
        double minutes = Rate.WEAVE_PIECE.minutes((double) pieces * set.weavers());
        judge(work, set, place, narrow, minutes, rows);
        steps(work, set, n, rows, pieces, minutes);
        work.draw(() -> gauge(set, division.section(0), rows));
        return work.done();
    }

    private static double stakes(Work work, Settings set, Place place) {
        Division division = place.division();
        double strand = set.stake() / set.stakes();
        int shape =
                work.piece(Flat.rectangle(-strand / 2, 0, strand, place.zone().height()));
        for (int k = 0; k < division.count(); k++) {
            for (int i = 0; i < set.stakes(); i++) {
                double off = (i + 0.5) * strand - set.stake() / 2;
                work.put(shape, division.mark(k).plus(off), place.zone().foot(), 0);
            }
        }
        work.made(
                Phrase.of("Stake {} long", Quantity.length(place.zone().height())),
                set.made().paste,
                0,
                strand,
                division.count() * set.stakes(),
                Spare.NONE,
                0);
        return division.count() * set.stakes() * place.zone().height();
    }

    /** Over every second stake in each row, the others in the next. */
    private static int weavers(Work work, Settings set, Place place, int rows, double[] totals) {
        Division division = place.division();
        int n = division.count();
        double strand = set.weaver() / set.weavers();
        int colour = place.colours() > 1 ? 1 : 0;
        List<Double> spans = new ArrayList<>();
        List<Integer> shapes = new ArrayList<>();
        int pieces = 0;
        for (int j = 0; j < rows; j++) {
            for (int k = j % 2; k < n; k += 2) {
                double before = division.section(Math.floorMod(k - 1, n)) - set.stake() / 2;
                double after = division.section(k) - set.stake() / 2;
                int kind = -1;
                for (int i = 0; i < spans.size(); i += 2) {
                    if (Math.abs(spans.get(i) - before) < 0.002 && Math.abs(spans.get(i + 1) - after) < 0.002) {
                        kind = i / 2;
                    }
                }
                if (kind < 0) {
                    kind = shapes.size();
                    spans.addAll(List.of(before, after));
                    shapes.add(work.piece(bulged(before, after, strand)));
                }
                for (int i = 0; i < set.weavers(); i++) {
                    work.put(
                            shapes.get(kind),
                            division.mark(k),
                            place.zone().foot() + j * set.weaver() + i * strand,
                            colour);
                }
                totals[1] += set.weavers() * (before + after + 2 * set.tuck());
                pieces++;
            }
        }
        work.made(
                Phrase.of("Weaver {} wide", Quantity.length(strand)),
                set.made().paste,
                colour,
                strand,
                pieces * set.weavers(),
                Spare.NONE,
                0);
        return pieces;
    }

    /** A strand seen from the front: its ends go under. */
    private static List<Double> bulged(double before, double after, double high) {
        double in = Math.min(high / 3, 2);
        return List.of(
                -before,
                in,
                -before + in,
                0.0,
                after - in,
                0.0,
                after,
                in,
                after,
                high - in,
                after - in,
                high,
                -before + in,
                high,
                -before,
                high - in);
    }

    private static double[] consume(Work work, Settings set, double[] totals, Place place) {
        double stakeGrams = set.made().paste.sheet(totals[0] * set.stake() / set.stakes(), set.thick());
        double weaverGrams = set.made().paste.sheet(totals[1] * set.weaver() / set.weavers(), set.thick());
        work.used(set.made().paste, 0, 0, stakeGrams, totals[0])
                .used(set.made().paste, place.colours() > 1 ? 1 : 0, 0, weaverGrams, totals[1]);
        return new double[] {stakeGrams, weaverGrams};
    }

    private static void handles(Work work, Settings set, Place place) {
        List<Handle.Grip> weaver = new ArrayList<>();
        List<Handle.Grip> stake = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            weaver.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + set.weaver()));
            stake.add(new Handle.Grip(
                    place.division().mark(k).plus(set.stake() / 2).s(),
                    place.zone().top()));
        }
        double pitch = place.widest(place.zone().foot()) / set.each();
        work.handle(new Handle(
                        "weaver",
                        "First row",
                        Handle.Way.UP,
                        1,
                        1,
                        Math.max(2, Math.min(100, place.zone().height())),
                        weaver))
                .handle(new Handle(
                        "stake", "Stake's edge", Handle.Way.ALONG, 2, 1, Math.max(2, Math.min(200, pitch)), stake));
    }

    private static void judge(Work work, Settings set, Place place, double narrow, double minutes, int rows) {
        if (set.stake() >= narrow - Rounding.EPS) {
            double fits = Math.max(1, Rounding.floor(narrow * 0.3));
            work.find(
                    WIDE,
                    Phrase.of(
                            "Stakes of {} leave no room in a pitch of {}.",
                            Quantity.length(set.stake()),
                            Quantity.length(narrow)),
                    Mend.setting(Phrase.of("Stakes of {}", Quantity.length(fits)), "stake", fits));
            return;
        }
        if (minutes > SLOW_MINUTES) {
            List<Mend> mends = new ArrayList<>();
            for (double coarser = 1.5; coarser <= 6 && mends.size() < 2; coarser += 0.5) {
                int each = Math.max(1, set.each());
                int n = 2 * (int) Math.max(1, Rounding.halfUp(place.division().count() / coarser / 2, 1));
                double weaver = set.weaver() * coarser;
                double then = Rate.WEAVE_PIECE.minutes(
                        Rounding.floor(place.zone().height() / weaver) * n * each / 2 * set.weavers());
                if (Cycle.closes(n, place.division()) && weaver <= 100 && then <= SLOW_MINUTES) {
                    mends.add(new Mend(
                            Phrase.of(
                                    "{} stakes and weavers of {} save {}",
                                    Quantity.count((long) n * each),
                                    Quantity.length(weaver),
                                    Quantity.minutes(minutes - then)),
                            List.of(
                                    new Change(Change.Target.DIVISION, "count", n),
                                    new Change(Change.Target.SETTING, "weaver", weaver),
                                    new Change(Change.Target.SETTING, "stake", Math.min(200, set.stake() * coarser)))));
                }
            }
            if (set.weavers() > 1 && minutes / set.weavers() <= SLOW_MINUTES) {
                mends.add(Mend.setting(
                        Phrase.of("Single weavers save {}", Quantity.minutes(minutes * (1 - 1.0 / set.weavers()))),
                        "weavers",
                        1));
            }
            work.find(
                    SLOW,
                    Phrase.of(
                            "{} rows of weaving take about {} of hands.",
                            Quantity.count(rows),
                            Quantity.minutes(minutes)),
                    mends);
        }
    }

    private static void steps(Work work, Settings set, int n, int rows, int pieces, double minutes) {
        boolean piped = set.made() == Made.PIPED;
        work.adhesive(Adhesive.on(set.made().paste))
                .step(
                        Phrase.of("Mark {} stakes with the gauge and set them upright.", Quantity.count(n)),
                        piped ? "bag, plain nozzle" : "weave gauge, soft brush",
                        Rate.UPRIGHT_LINE.minutes((double) n * set.stakes()))
                .step(
                        Phrase.of(
                                "Weave {} rows from the foot up, {} pieces over every second stake, the next row over the"
                                        + " others.",
                                Quantity.count(rows),
                                Quantity.count(pieces)),
                        piped ? "bag, basket nozzle" : set.made() == Made.EXTRUDED ? "extruder, knife" : "board, knife",
                        minutes,
                        null,
                        piped ? "" : Cautions.BLADE);
    }

    /** A strip with the stakes of a few pitches and the rows. */
    private static Drawing gauge(Settings set, double pitch, int rows) {
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
