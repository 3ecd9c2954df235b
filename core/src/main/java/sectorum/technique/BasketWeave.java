package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Basket weave (craft 3D): n groups of stakes, n even or it does not close; a weaver reaches between the near edges of
 * the two neighbours of the stake it covers, every second stake in each row, and with a tuck under what is laid over its
 * ends. What the rows leave stays at the top. By the first school it is laid stake by stake, by the other row by row.
 */
final class BasketWeave implements Technique {
    private static final Rule WIDE =
            new Rule("weave.stake-wide", Level.STOP, "A stake is as wide as its pitch or wider: S < P/n.");
    private static final Rule TUCKED = new Rule(
            "weave.tuck",
            Level.LOOK,
            "Ends are tucked farther than half a stake: those from both sides meet under it.");
    private static final Rule SLOW = new Rule(
            "weave.slow",
            Level.LOOK,
            "It takes over 90 minutes of hands; coarser counts are offered with what each saves.");
    private static final Field LAID = Choices.field("laid", "Laid", Laid.values(), l -> l.words);
    private static final Field MADE = Choices.field("made", "Strands are", Made.values(), m -> m.words);
    /** What an extruder's barrel holds, g (craft 3D). */
    private static final double BARREL_G = 40;

    private static final double SLOW_MINUTES = 90;

    enum Laid {
        STAKES("stake by stake"),
        ROWS("row by row");

        final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    enum Made {
        EXTRUDED("extruded", Material.HALF),
        ROLLED("rolled by hand", Material.HALF),
        PIPED("piped", Material.BUTTERCREAM);

        final String words;
        final Material material;

        Made(String words, Material material) {
            this.words = words;
            this.material = material;
        }
    }

    /** Lengths in mm: {@code stake} and {@code weaver} are the widths of all strands of one together. */
    record Settings(
            Made made,
            int each,
            double stake,
            double weaver,
            int stakes,
            int weavers,
            double thick,
            double tuck,
            Laid laid) {}

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
        return List.of(WIDE, TUCKED, SLOW);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("made", "each", "stake", "weaver", "stakes", "weavers", "thick", "tuck", "laid");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field each = Field.count(
                "each",
                "Stakes in a section",
                1,
                DressingContext.MOST_PARTS,
                place.parts(0.2 * place.zone().height(), 2),
                "1 has them on the marks alone.");
        double pitch = place.parted((int) each.number(values)).widest(place.middleZ());
        Field stake = Field.length(
                "stake",
                "Stakes wide together",
                1,
                200,
                Math.max(1, place.tape().read(0.28 * pitch)),
                "All strands of one stake.");
        double weaver = Math.max(
                2, place.tape().read(Math.min(0.36 * pitch, place.zone().height() / 3)));
        boolean rows = Choices.of(Laid.values(), LAID.choice(values)) == Laid.ROWS;
        return List.of(
                MADE,
                each,
                stake,
                Field.length("weaver", "Weavers wide together", 1, 100, weaver, "All strands of one row."),
                Field.count("stakes", "Strands a stake", 1, 3, 1, "1 is single, 2 double."),
                Field.count("weavers", "Strands a weaver", 1, 3, 1, "1 is single, 2 double."),
                Field.length("thick", "Strands thick", 0.5, 10, 2, "As extruded, rolled or piped."),
                Field.length(
                        "tuck",
                        "Tucked under at each end",
                        0,
                        100,
                        rows ? 0 : stake.number(values) / 2,
                        "At most half a stake; none where it is laid row by row."),
                LAID);
    }

    /**
     * What is laid of both.
     *
     * @param stakes all together, mm or g
     * @param weavers all together
     * @param pieces of weavers, a double one counted once
     */
    private record Laying(double stakes, double weavers, int pieces) {
        static final Laying NONE = new Laying(0, 0, 0);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Made.values(), MADE.choice(values)),
                chosen.count("each"),
                chosen.number("stake"),
                chosen.number("weaver"),
                chosen.count("stakes"),
                chosen.count("weavers"),
                chosen.number("thick"),
                chosen.number("tuck"),
                Choices.of(Laid.values(), LAID.choice(values)));
        DressingContext fine = place.parted(set.each());
        Division division = fine.division();
        Zone zone = place.zone();
        int n = division.count();
        int rows = (int) Rounding.floor(zone.height() / set.weaver());
        DressingBuilder work = new DressingBuilder(place);
        Laying laid = Laying.NONE;
        double narrowing = place.narrowing(place.middleZ());
        double narrow = narrowing * division.sizes().get(division.sizes().size() - 1);
        double pitch = narrowing * division.section(division.frontSection());
        boolean fits = set.stake() < narrow - Rounding.EPS;
        if (fits) {
            laid = lay(work, set, fine, rows);
        }
        double piece = 2 * pitch - set.stake() + 2 * set.tuck();
        work.lead("pieces", Quantity.count(laid.pieces()))
                .lead("each long", Quantity.length(piece))
                .lead("rows", Quantity.count(rows))
                .figure("Stakes", Quantity.count((long) n * set.stakes()))
                .figure("Pitch", Quantity.length(pitch))
                .figure("Weavers together", Quantity.length(laid.weavers()))
                .figure("Stakes together", Quantity.length(laid.stakes()))
                .figure("Left at the top", Quantity.length(zone.height() - rows * set.weaver()));
        handles(work, set, place);
        Laying grams = consume(work, set, laid, place);
        if (set.made() == Made.EXTRUDED) {
            work.figure("Extruder loads, weavers", Quantity.count((long) Rounding.ceil(grams.weavers() / BARREL_G)))
                    .figure("Extruder loads, stakes", Quantity.count((long) Rounding.ceil(grams.stakes() / BARREL_G)));
        }
        double minutes = Rate.WEAVE_PIECE.minutes((double) laid.pieces() * set.weavers());
        judge(work, set, place, narrow, minutes, rows);
        WeaveMaking.steps(work, set, n, rows, laid.pieces(), minutes);
        work.draw(() -> WeaveMaking.gauge(set, narrowing * division.section(0), rows));
        return work.done();
    }

    /**
     * In the order of the work, so that what is laid later lies over what was laid before: stake by stake the stakes of the
     * second group cover the ends of the weavers over the first; row by row all stakes stand before the first weaver.
     *
     * @return lengths in mm, and how many weaver pieces
     */
    private static Laying lay(DressingBuilder work, Settings set, DressingContext place, int rows) {
        Division division = place.division();
        double strand = set.stake() / set.stakes();
        double high = place.zone().height();
        int stake = work.piece(Flat.rectangle(-strand / 2, -high / 2, strand, high));
        int pieces = 0;
        Weavers weavers = new Weavers(work, set, place);
        for (int group = 0; group < 2; group++) {
            stakes(work, set, place, stake, group);
            for (int j = group; j < rows && set.laid() == Laid.STAKES; j += 2) {
                pieces += weavers.row(j);
            }
        }
        if (set.laid() == Laid.ROWS) {
            for (int j = 0; j < rows; j++) {
                pieces += weavers.row(j);
            }
        }
        work.made(
                Phrase.of("Stake {} long", Quantity.length(high)),
                set.made().material,
                0,
                strand,
                division.count() * set.stakes(),
                spare(set),
                0);
        work.made(
                Phrase.of("Weaver {} wide", Quantity.length(set.weaver() / set.weavers())),
                set.made().material,
                place.colours() > 1 ? 1 : 0,
                set.weaver() / set.weavers(),
                pieces * set.weavers(),
                spare(set),
                0);
        return new Laying(division.count() * set.stakes() * high, weavers.total(), pieces);
    }

    /** Cut strands have spares; piped ones stay where they are piped. */
    private static Spare spare(Settings set) {
        return set.made() == Made.PIPED ? Spare.NONE : Spare.USUAL;
    }

    private static void stakes(DressingBuilder work, Settings set, DressingContext place, int shape, int group) {
        Division division = place.division();
        double strand = set.stake() / set.stakes();
        double narrowing = place.narrowing(place.middleZ());
        for (int k = group; k < division.count(); k += 2) {
            for (int i = 0; i < set.stakes(); i++) {
                double off = ((i + 0.5) * strand - set.stake() / 2) / narrowing;
                work.put(shape, division.mark(k).plus(off), place.middleZ(), 0);
            }
        }
    }

    /** Grams of what was laid. */
    private static Laying consume(DressingBuilder work, Settings set, Laying laid, DressingContext place) {
        double stakeGrams = set.made().material.sheet(laid.stakes() * set.stake() / set.stakes(), set.thick());
        double weaverGrams = set.made().material.sheet(laid.weavers() * set.weaver() / set.weavers(), set.thick());
        work.used(set.made().material, 0, 0, stakeGrams, laid.stakes())
                .used(set.made().material, place.colours() > 1 ? 1 : 0, 0, weaverGrams, laid.weavers());
        return new Laying(stakeGrams, weaverGrams, laid.pieces());
    }

    private static void handles(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> weaver = new ArrayList<>();
        List<Handle.Grip> stake = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            weaver.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + set.weaver()));
            stake.add(new Handle.Grip(
                    place.division().mark(k).plus(set.stake() / 2).s(),
                    place.zone().top()));
        }
        double pitch = place.widest(place.middleZ()) / set.each();
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

    private static void judge(
            DressingBuilder work, Settings set, DressingContext place, double narrow, double minutes, int rows) {
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
        if (!Rounding.atMost(set.tuck(), set.stake() / 2)) {
            work.find(
                    TUCKED,
                    Phrase.of(
                            "Ends tucked {} under stakes of {} meet under them.",
                            Quantity.length(set.tuck()),
                            Quantity.length(set.stake())),
                    Mend.setting(
                            Phrase.of("Tuck them {} under", Quantity.length(set.stake() / 2)),
                            "tuck",
                            set.stake() / 2));
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
}
