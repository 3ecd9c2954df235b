package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Rows of what a nozzle sets down or draws, one row or a whole surface of them (craft 3I). A line weighs path × π·ø²/4 ×
 * density, what is set down by its own size; bags by colour, half full.
 */
final class Piping implements Everywhere {
    private static final Rule HIGH =
            new Rule("piping.out-of-zone", Level.STOP, "So many rows are higher than their zone.");
    private static final Rule WIDE = new Rule(
            "piping.nozzle",
            Level.LOOK,
            "What is piped is hardly larger than its nozzle, or more than eight times as large.");

    /** A bag half full is easier to hold, g. */
    private static final double BAG_G = 200;

    private static final double FINEST = 1.2;
    private static final double COARSEST = 8;
    /** Rows lie into one another by so much of their height. */
    private static final double ROW = 0.92;
    /** Parts of a drawn line: straight between, and nobody sees it. */
    private static final double PART_MM = 12;

    private static final Field FORM = Choices.field("form", "Piped as", PipeForm.values(), f -> f.words);
    private static final Field MATERIAL =
            Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL, Material.GANACHE);
    private static final Field SPREAD = Choices.field("spread", "Colours", InTurn.values(), c -> c.words);

    private enum InTurn {
        ROWS("a row of each in turn"),
        ALONG("along each row in turn");

        private final String words;

        InTurn(String words) {
            this.words = words;
        }
    }

    private record Settings(
            PipeForm form, Material material, double nozzle, double size, double pitch, int rows, InTurn spread) {
        double rise() {
            return ROW * (form == PipeForm.LINE ? Math.max(nozzle, size) : size);
        }
    }

    /** What is piped of a colour. */
    private record Piped(int count, double length) {
        Piped plus(int more, double further) {
            return new Piped(count + more, length + further);
        }
    }

    @Override
    public String id() {
        return "piping";
    }

    @Override
    public String name() {
        return "Piped rows";
    }

    @Override
    public List<Rule> rules() {
        return List.of(HIGH, WIDE);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("form", "material", "nozzle", "size", "pitch", "rows", "spread");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return new Zone(0, Math.min(60, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double high = place.zone().height();
        PipeForm form = Choices.of(PipeForm.values(), FORM.choice(values));
        Field each = Field.length(
                "size",
                "Each",
                1,
                80,
                Math.max(3, Math.min(16, place.onTape(high / 4))),
                "Its height, or its breadth.");
        double size = each.number(values);
        int rows = (int) Math.max(1, Math.min(12, 1 + Rounding.floor((high - size) / (ROW * size))));
        return List.of(
                FORM,
                MATERIAL,
                Field.length(
                        "nozzle",
                        "Nozzle, open",
                        0.5,
                        40,
                        Math.max(0.5, form.isDrawn() ? 3 : size * 0.45),
                        "Its opening."),
                each,
                Field.length(
                        "pitch",
                        "One every",
                        0.5,
                        200,
                        Math.max(1, form.isDrawn() ? size : form.pitch(size)),
                        "Along its row."),
                Field.count("rows", "Rows", 1, 120, rows, "One over the other, or one inside the other."),
                SPREAD);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(PipeForm.values(), chosen.choice("form")),
                Material.of(chosen.choice("material")),
                chosen.number("nozzle"),
                chosen.number("size"),
                chosen.number("pitch"),
                chosen.count("rows"),
                Choices.of(InTurn.values(), chosen.choice("spread")));
        DressingBuilder work = new DressingBuilder(place);
        Map<Integer, Piped> piped = new TreeMap<>();
        int shape = set.form().isDrawn() ? -1 : work.piece(set.form().outline(set.size()));
        int rows = Math.min(set.rows(), most(set, place));
        for (int j = 0; j < rows; j++) {
            double z = place.zone().foot() + Math.min(set.size(), place.zone().height()) / 2 + j * set.rise();
            row(work, set, place, shape, j, z, piped);
        }
        double grams = make(work, set, piped, rows);
        int count = piped.values().stream().mapToInt(Piped::count).sum();
        double length = piped.values().stream().mapToDouble(Piped::length).sum();
        long bags = piped.size() == 0 ? 0 : (long) Rounding.ceil(grams / BAG_G);
        if (set.form().isDrawn()) {
            work.lead("pieces", "of " + set.form().words.replace("a ", ""), Quantity.length(length));
        } else {
            work.lead("pieces", set.form().words, Quantity.count(count));
        }
        work.lead("grams", "of icing", Quantity.mass(grams))
                .lead("bags", Quantity.count(Math.max(bags, piped.size())))
                .figure("Rows", Quantity.count(rows))
                .figure("Snip a bag where it is flat", Quantity.length(snip(set.nozzle())));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + set.size()));
        }
        work.handle(new Handle("size", "Upper edge of a row", Handle.Way.UP, 1, 1, 80, grips));
        judge(work, set, place, rows);
        return work.done();
    }

    /** Snipped straight across where it is πø/2 wide when flat a bag draws a line ø wide (craft 3I). */
    static double snip(double wide) {
        return Math.PI * wide / 2;
    }

    private static int most(Settings set, DressingContext place) {
        double high = place.zone().height();
        return (int) Math.max(1, 1 + Rounding.floor(Math.max(0, high - set.size()) / set.rise()));
    }

    private static void row(
            DressingBuilder work,
            Settings set,
            DressingContext place,
            int shape,
            int number,
            double z,
            Map<Integer, Piped> piped) {
        boolean drawn = set.form().isDrawn();
        double pitch = set.form() == PipeForm.LINE ? PART_MM : set.pitch();
        LevelRow row = LevelRow.of(place, z, pitch, drawn ? 0 : set.size(), 0, number % 2 == 1);
        int line = drawn ? work.strand(set.nozzle(), drawn(set, row.apart())) : shape;
        double each = drawn ? Flat.length(drawn(set, row.apart()), false) : 0;
        for (int i = 0; i < row.count(); i++) {
            int turn = set.spread() == InTurn.ROWS ? number : i;
            int colour = place.turns().firsts().get(turn % place.colours());
            Along at = row.places().get(i);
            work.put(line, at, z, colour);
            piped.merge(colour, new Piped(drawn ? 0 : 1, each), (a, b) -> a.plus(b.count(), b.length()));
        }
    }

    private static List<Double> drawn(Settings set, double apart) {
        double half = set.form() == PipeForm.ZIGZAG ? Math.max(0.5, (set.size() - set.nozzle()) / 2) : 0;
        return set.form() == PipeForm.ZIGZAG
                ? List.of(-apart / 2, -half, 0.0, half, apart / 2, -half)
                : List.of(-apart / 2, 0.0, apart / 2, 0.0);
    }

    private static double make(DressingBuilder work, Settings set, Map<Integer, Piped> piped, int rows) {
        double grams = 0;
        Material of = set.material();
        for (Map.Entry<Integer, Piped> one : piped.entrySet()) {
            Piped much = one.getValue();
            if (set.form().isDrawn()) {
                double each = of.line(much.length(), set.nozzle());
                grams += each;
                work.used(of, one.getKey(), 0, each, much.length());
            } else {
                double each = set.form().grams(set.size(), of.density());
                grams += each * much.count();
                work.made(
                        Phrase.of("{} of {}", Quantity.text(capital(set.form().words)), Quantity.length(set.size())),
                        of,
                        one.getKey(),
                        set.size(),
                        much.count(),
                        Spare.NONE,
                        each);
            }
        }
        int count = piped.values().stream().mapToInt(Piped::count).sum();
        double length = piped.values().stream().mapToDouble(Piped::length).sum();
        double minutes =
                set.form().isDrawn() ? Rate.PIPED_METRE.minutes(length / 1000) : Rate.PIPED_PIECE.minutes(count);
        work.tool(ThingKind.NOZZLE, "nozzle", set.nozzle(), Math.max(0.5, set.nozzle() / 4))
                .adhesive(Adhesive.ITSELF)
                .step(
                        Phrase.of(
                                "Fill {} bags half full, one colour in each; without a nozzle snip where the flat bag is {}"
                                        + " wide.",
                                Quantity.count(Math.max(piped.size(), (long) Rounding.ceil(grams / BAG_G))),
                                Quantity.length(snip(set.nozzle()))),
                        "bags, " + set.form().nozzle + " nozzle",
                        Rate.MARK.minutes(piped.size()))
                .step(
                        Phrase.of(
                                "Pipe {} rows from the foot or the rim on, {}; rest the hand at each bag, and wipe the nozzle.",
                                Quantity.count(rows),
                                Quantity.text(work.order())),
                        "turntable, damp cloth",
                        minutes)
                .check("The last of a row meets its first, {} rows alike.", Quantity.count(rows));
        return grams;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, int rows) {
        if (rows < set.rows() || !Rounding.atMost(set.size(), place.zone().height())) {
            boolean tall = !Rounding.atMost(set.size(), place.zone().height());
            double fits = Math.max(1, Rounding.floor(place.zone().height()));
            work.find(
                    HIGH,
                    Phrase.of(
                            "{} rows of {} do not fit {}.",
                            Quantity.count(set.rows()),
                            Quantity.length(set.size()),
                            Quantity.length(place.zone().height())),
                    tall
                            ? Mend.setting(Phrase.of("Take {}", Quantity.length(fits)), "size", fits)
                            : Mend.setting(Phrase.of("{} rows", Quantity.count(rows)), "rows", rows));
        }
        double times = set.size() / set.nozzle();
        if (!set.form().isDrawn() && (times < FINEST || times > COARSEST)) {
            double good = Math.max(0.5, Math.min(40, set.size() * 0.45));
            work.find(
                    WIDE,
                    Phrase.of(
                            "{} piped with a nozzle of {}.",
                            Quantity.length(set.size()),
                            Quantity.length(set.nozzle())),
                    Mend.setting(Phrase.of("A nozzle of {}", Quantity.length(good)), "nozzle", good));
        }
    }
}
