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

    private static final double FINEST = 1.2;
    private static final double COARSEST = 8;
    /** Rows lie into one another by so much of their height. */
    private static final double ROW = 0.92;
    /** Parts of a drawn line: straight between, and nobody sees it. */
    private static final double PART_MM = 12;

    private static final Field FORM = Choices.field("form", "Piped as", PipeForm.values(), f -> f.words);
    private static final Field MATERIAL =
            Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL, Material.GANACHE);
    private static final Field BAG = Choices.field("bag", "Bags", Bag.values(), b -> b.words);
    private static final Field SPREAD = Choices.field("spread", "Colours", InTurn.values(), c -> c.words);

    private enum InTurn {
        ROWS("a row of each in turn"),
        ALONG("along each row in turn");

        private final String words;

        InTurn(String words) {
            this.words = words;
        }
    }

    private enum Bag {
        EACH("one colour in each"),
        SHADES("all shades in one, side by side");

        private final String words;

        Bag(String words) {
            this.words = words;
        }
    }

    /**
     * @param weighed what ten weigh, or a metre of what is drawn, g
     * @param fill of a bag, g
     */
    private record Settings(
            PipeForm form,
            Material material,
            double nozzle,
            double size,
            double pitch,
            int rows,
            InTurn spread,
            Bag bag,
            double weighed,
            double fill) {
        boolean isShaded(DressingContext place) {
            return bag == Bag.SHADES && place.colours() > 1;
        }

        double grams(Piped much) {
            return form.isDrawn() ? weighed * much.length() / 1000 : weighed * much.count() / 10;
        }

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
        return Set.of("form", "material", "nozzle", "size", "pitch", "rows", "spread", "bag", "weighed", "fill");
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
        Field nozzle = Field.length(
                "nozzle", "Nozzle, open", 0.5, 40, Math.max(0.5, form.isDrawn() ? 3 : size * 0.45), "Its opening.");
        return List.of(
                FORM,
                MATERIAL,
                nozzle,
                each,
                Field.length(
                        "pitch",
                        "One every",
                        0.5,
                        200,
                        Math.max(1, form.isDrawn() ? size : form.pitch(size)),
                        "Along its row."),
                Field.count("rows", "Rows", 1, 120, rows, "One over the other, or one inside the other."),
                SPREAD,
                BAG,
                weighed(form, Material.of(MATERIAL.choice(values)), nozzle.number(values), size),
                Field.mass("fill", "A bag holds", 20, 2000, 200, "Half full it is easier to hold."));
    }

    /** As the formula has it until a metre, or ten, were weighed. */
    private static Field weighed(PipeForm form, Material of, double nozzle, double size) {
        double usual = form.isDrawn() ? of.line(1000, nozzle) : 10 * form.grams(size, of.density());
        return Field.mass(
                "weighed",
                form.isDrawn() ? "A metre weighs" : "Ten weigh",
                0.001,
                50_000,
                Math.max(0.001, usual),
                "Pipe them on a scale; weigh again for another size.");
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
                Choices.of(InTurn.values(), chosen.choice("spread")),
                Choices.of(Bag.values(), chosen.choice("bag")),
                chosen.number("weighed"),
                chosen.number("fill"));
        DressingBuilder work = new DressingBuilder(place);
        Map<Integer, Piped> piped = new TreeMap<>();
        int shape = set.form().isDrawn() ? -1 : work.piece(set.form().outline(set.size()));
        int rows = Math.min(set.rows(), most(set, place));
        for (int j = 0; j < rows; j++) {
            double z = place.zone().foot() + Math.min(set.size(), place.zone().height()) / 2 + j * set.rise();
            row(work, set, place, shape, j, z, piped);
        }
        double grams = piped.values().stream().mapToDouble(set::grams).reduce(0, Double::sum);
        long bags = bags(set, piped, place);
        make(work, set, piped, rows, bags, place);
        int count = piped.values().stream().mapToInt(Piped::count).sum();
        double length = piped.values().stream().mapToDouble(Piped::length).reduce(0, Double::sum);
        if (set.form().isDrawn()) {
            work.lead("pieces", "of " + set.form().words.replace("a ", ""), Quantity.length(length));
        } else {
            work.lead("pieces", set.form().words, Quantity.count(count));
        }
        work.lead("grams", "of icing", Quantity.mass(grams))
                .lead("bags", Quantity.count(bags))
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
        int line = drawn ? work.strand(set.nozzle(), set.form().drawn(row.apart(), set.size(), set.nozzle())) : shape;
        List<Integer> shades = shades(work, set, place);
        double each = drawn ? Flat.length(set.form().drawn(row.apart(), set.size(), set.nozzle()), false) : 0;
        for (int i = 0; i < row.count(); i++) {
            int turn = set.spread() == InTurn.ROWS ? number : i;
            // Out of one bag with all shades every piece has all of them.
            int colour = set.isShaded(place) ? 0 : place.turns().firsts().get(turn % place.colours());
            Along at = row.places().get(i);
            work.put(line, at, z, colour);
            for (int k = 0; k < shades.size(); k++) {
                work.put(shades.get(k), at, z, k + 1);
            }
            piped.merge(colour, new Piped(drawn ? 0 : 1, each), (a, b) -> a.plus(b.count(), b.length()));
        }
    }

    /** The other shades of a piece, each a narrower part of it beside the last. */
    private static List<Integer> shades(DressingBuilder work, Settings set, DressingContext place) {
        List<Integer> shades = new ArrayList<>();
        for (int k = 1;
                k < place.colours() && set.isShaded(place) && !set.form().isDrawn();
                k++) {
            double left = 1 - (double) k / place.colours();
            List<Double> whole = set.form().outline(set.size());
            List<Double> part = new ArrayList<>();
            for (int i = 0; i < whole.size(); i += 2) {
                part.add(whole.get(i));
                part.add(whole.get(i + 1) * left - set.size() / 2 * (1 - left) * 0.9);
            }
            shades.add(work.shade(part));
        }
        return shades;
    }

    private static long bags(Settings set, Map<Integer, Piped> piped, DressingContext place) {
        // All shades side by side in one bag, however many bags of it.
        return piped.values().stream()
                .mapToLong(much -> (long) Math.max(1, Rounding.ceil(set.grams(much) / set.fill())))
                .sum();
    }

    private static void make(
            DressingBuilder work, Settings set, Map<Integer, Piped> piped, int rows, long bags, DressingContext place) {
        Material of = set.material();
        piped.forEach((colour, much) -> {
            int shades = set.isShaded(place) ? place.colours() : 1;
            for (int k = 0; k < shades; k++) {
                used(work, set, of, colour + k, much, shades);
            }
        });
        int count = piped.values().stream().mapToInt(Piped::count).sum();
        double length = piped.values().stream().mapToDouble(Piped::length).reduce(0, Double::sum);
        boolean drawn = set.form().isDrawn();
        long wiped = (long) Rounding.ceil((drawn ? length / 100 : count) / set.form().wiped);
        double minutes = drawn ? Rate.PIPED_METRE.minutes(length / 1000) : Rate.PIPED_PIECE.minutes(count);
        work.tool(ThingKind.NOZZLE, "nozzle", set.nozzle(), Math.max(0.5, set.nozzle() / 4))
                .adhesive(Adhesive.ITSELF)
                .figure("Nozzle wiped", Quantity.count(wiped))
                .step(
                        Gesture.WEIGH,
                        Phrase.of(
                                set.isShaded(place)
                                        ? "Stroke the shades side by side into {} bags, {} in each; without a nozzle snip where"
                                                + " the flat bag is {} wide."
                                        : "Fill {} bags with at most {}, one colour in each; without a nozzle snip where the"
                                                + " flat bag is {} wide.",
                                Quantity.count(bags),
                                Quantity.mass(set.fill()),
                                Quantity.length(snip(set.nozzle()))),
                        "bags, " + set.form().nozzle + " nozzle",
                        Rate.MARK.minutes(bags))
                .step(
                        Gesture.PIPE,
                        Phrase.of(
                                "Pipe {} rows from the foot or the rim on, {}; rest the hand a minute at each of {} bags, wipe"
                                        + " the nozzle {} times.",
                                Quantity.count(rows),
                                Quantity.text(work.order()),
                                Quantity.count(bags),
                                Quantity.count(wiped)),
                        "turntable, damp cloth",
                        minutes + bags)
                .check("The last of a row meets its first, {} rows alike.", Quantity.count(rows));
    }

    private static void used(DressingBuilder work, Settings set, Material of, int colour, Piped much, int shades) {
        if (set.form().isDrawn()) {
            work.used(of, colour, 0, set.grams(much) / shades, much.length() / shades);
        } else if (shades > 1) {
            work.used(of, colour, 0, set.grams(much) / shades, 0);
        } else {
            work.made(
                    Phrase.of("{} of {}", Quantity.text(capital(set.form().words)), Quantity.length(set.size())),
                    of,
                    colour,
                    set.size(),
                    much.count(),
                    Spare.NONE,
                    set.weighed() / 10);
        }
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
