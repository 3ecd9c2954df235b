package sectorum.technique;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
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
 * Rows of ruffled strips, wafer or paste (craft 3E): rows = 1 + ceil((H − a)/v), 1 for H ≤ a, their pitch made even; strips
 * a row = ceil(P·F/(ℓ − o)). The free edge stands off and hides where the next row is stuck, so it sets the order of work.
 */
final class RuffleRows implements Everywhere {
    private static final Rule SHEET =
            new Rule("ruffles.sheet", Level.STOP, "A strip is higher than the sheet it is cut from.");
    private static final Rule BARE = new Rule(
            "ruffles.bare",
            Level.LOOK,
            "Rows lie further apart than their lowest strip is high: the side shows between.");
    private static final Rule HIGH = new Rule("ruffles.out-of-zone", Level.STOP, "A strip is higher than its zone.");

    /** Strips are stuck over one another so far at their ends, mm. */
    static final double LAP_MM = 6;
    /** A strip of paste is rolled no longer than a hand can carry, mm. */
    private static final double ROLLED_MM = 300;
    /** Ripples of a ruffle come about as often as it is high. */
    private static final double RIPPLE = 0.7;
    /** How far a torn edge wanders, as a share of the height. */
    private static final double TORN = 0.05;

    private static final Field MATERIAL =
            Material.field("Of", Material.WAFER, Material.GUM, Material.HALF, Material.FONDANT);
    private static final Field FULL = Choices.field("fullness", "Fullness", Fullness.values(), f -> f.words);
    private static final Field EDGE = Choices.field("edge", "Free edge", Edge.values(), e -> e.words);
    private static final Field CUT = Choices.field("cut", "That edge", Cut.values(), c -> c.words);

    /** How much strip goes into a length of side, and how far its free edge leans out, radians. */
    enum Fullness {
        SOFT(1.3, 0.22, "soft"),
        FLAT(1, 0.1, "flat"),
        FULL(1.8, 0.38, "full");

        private final double factor;
        private final double lean;
        private final String words;

        Fullness(double factor, double lean, String words) {
            this.factor = factor;
            this.lean = lean;
            this.words = words;
        }
    }

    enum Edge {
        UP("up: from the top down"),
        DOWN("down: from the foot up");

        private final String words;

        Edge(String words) {
            this.words = words;
        }
    }

    enum Cut {
        TORN("torn"),
        STRAIGHT("straight");

        private final String words;

        Cut(String words) {
            this.words = words;
        }
    }

    /** What the heights are called in documents, in turn. */
    private static final List<String> NAMES = List.of("height", "other", "third");

    record Settings(Material material, List<Double> heights, double pitch, Fullness fullness, Edge edge, Cut cut) {
        /** Rows take the heights in turn, all from the same sheets. */
        double high(int row) {
            return heights.get(row % heights.size());
        }

        double height() {
            return heights.get(0);
        }

        double highest() {
            return Collections.max(heights);
        }

        double lowest() {
            return Collections.min(heights);
        }

        double thick() {
            return material.sheets().isEmpty() ? 1 : 0.4;
        }

        /** The longest strip there is of it, mm. */
        double longest() {
            return material.sheets().isEmpty()
                    ? ROLLED_MM
                    : material.sheets().get(0).length();
        }
    }

    /** A row as it is laid: so many strips, each cut so long. */
    record Row(double z, double high, int strips, double cut) {}

    /** 1 + ceil((H − a)/v), 1 for H ≤ a; mm. */
    static int rows(double zone, double height, double pitch) {
        return Rounding.atMost(zone, height) ? 1 : 1 + (int) Rounding.ceil((zone - height) / pitch);
    }

    /** ceil(P·F/(ℓ − o)), ℓ over o; mm. */
    static int strips(double around, double fullness, double longest, double lap) {
        return (int) Math.max(1, Rounding.ceil(around * fullness / (longest - lap)));
    }

    @Override
    public String id() {
        return "ruffles";
    }

    @Override
    public String name() {
        return "Ruffle rows";
    }

    @Override
    public List<Rule> rules() {
        return List.of(SHEET, BARE, HIGH);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "height", "other", "third", "pitch", "fullness", "edge", "cut");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double high = Math.max(5, Math.min(40, place.onTape(place.zone().height() / 3)));
        Field height = Field.length("height", "Strips of", 3, 400, high, "Their height, free edge and all.");
        double a = height.number(values);
        return List.of(
                MATERIAL,
                height,
                Field.length(
                        "other", "The next row of", 0, 200, 0, "Rows take their heights in turn; 0: all are alike."),
                Field.length("third", "The third of", 0, 200, 0, "Of three heights in turn; 0: there are two."),
                Field.length(
                        "pitch", "A row every", 2, 400, Math.max(2, place.onTape(a * 0.55)), "At most; made even."),
                FULL,
                EDGE,
                CUT);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                heights(chosen),
                chosen.number("pitch"),
                Choices.of(Fullness.values(), chosen.choice("fullness")),
                Choices.of(Edge.values(), chosen.choice("edge")),
                Choices.of(Cut.values(), chosen.choice("cut")));
        DressingBuilder work = new DressingBuilder(place);
        double room = place.zone().height();
        int n = rows(room, set.highest(), set.pitch());
        double pitch = n == 1 ? 0 : (room - set.highest()) / (n - 1);
        List<Row> rows = new ArrayList<>();
        for (int j = 0; j < n; j++) {
            double z = place.zone().foot() + j * pitch;
            double around = place.along(Math.min(z, place.surface().depth()));
            // Up a side every row has as many strips as the widest, so that one card cuts and spaces all.
            double counted = place.surface().kind().isLevel()
                    ? around
                    : Math.max(
                            place.along(place.zone().foot()),
                            place.along(place.zone().top()));
            int strips = strips(counted, set.fullness().factor, set.longest(), LAP_MM);
            rows.add(new Row(z, set.high(j), strips, around * set.fullness().factor / strips + LAP_MM));
        }
        // What is laid last lies uppermost: with the free edge up that is the lowest row.
        for (int j = 0; j < n; j++) {
            int row = set.edge() == Edge.UP ? n - 1 - j : j;
            lay(work, set, place, rows.get(row), row, n);
        }
        int strips = rows.stream().mapToInt(Row::strips).sum();
        work.lead("rows", Quantity.count(n))
                .lead("strips", Quantity.count(strips))
                .lead("a row every", Quantity.length(pitch))
                .figure("Strips in the lowest row", Quantity.count(rows.get(0).strips()))
                .figure("Each cut", Quantity.length(rows.get(0).cut()))
                .figure(
                        "All strips together",
                        Quantity.length(rows.stream()
                                .mapToDouble(r -> r.strips() * r.cut())
                                .reduce(0, Double::sum)));
        handles(work, set, place, pitch);
        judge(work, set, room, pitch);
        RuffleMaking.make(work, set, rows, place);
        return work.done();
    }

    private static List<Double> heights(Chosen chosen) {
        List<Double> heights = new ArrayList<>();
        for (String name : NAMES) {
            double height = chosen.number(name);
            if (height > 0 || heights.isEmpty()) {
                heights.add(height);
            }
        }
        return heights;
    }

    /** Colours go in bands from the foot to the top: a colour named twice has twice the rows. */
    static int band(int row, int rows, DressingContext place) {
        return place.turns().firsts().get(Math.min(place.colours() - 1, row * place.colours() / rows));
    }

    private static void lay(DressingBuilder work, Settings set, DressingContext place, Row row, int number, int rows) {
        boolean up = set.edge() == Edge.UP;
        double wide = place.along(Math.min(row.z(), place.surface().depth())) / row.strips();
        List<Double> outline = outline(set, wide, row.high(), number);
        int shape = work.piece(outline);
        int fold = work.detail(fold(outline));
        // The edge that is stuck, its first two corners, is not seen.
        int free = work.edge(outline.subList(4, outline.size()));
        double from = place.isClosed()
                ? place.surface().period() / 2
                : place.stretch().from().s();
        // Each row begins half a strip on, so that laps do not stand above one another.
        double first = place.isClosed() ? (number % 2) * wide / 2 : wide / 2;
        for (int k = 0; k < row.strips(); k++) {
            Along at = Along.of(
                    place.surface().further(from, first + k * wide, row.z()),
                    place.surface().period());
            double z = up ? row.z() : row.z() + row.high();
            int colour = band(number, rows, place);
            work.standing(shape, at, z, 0, set.fullness().lean, colour)
                    .standing(fold, at, z, 0, set.fullness().lean, colour)
                    .standing(free, at, z, 0, set.fullness().lean, colour);
        }
    }

    /** From the edge that is stuck to the free one, which ripples, and wanders where it is torn. */
    private static List<Double> outline(Settings set, double wide, double high, int seed) {
        double way = set.edge() == Edge.UP ? 1 : -1;
        double ripple = high * 0.16 * (set.fullness().factor - 1);
        int parts = (int) Math.max(8, Math.min(48, Rounding.ceil(wide / Math.max(2, high * RIPPLE / 4))));
        double each = wide / Math.max(1, Elementary.rint(wide / Math.max(4, high * RIPPLE)));
        List<Double> line = new ArrayList<>(List.of(-wide / 2, 0.0, wide / 2, 0.0));
        for (int i = parts; i >= 0; i--) {
            double x = -wide / 2 + wide * i / parts;
            double in = ripple * (1 - Elementary.cos(2 * Math.PI * x / each)) / 2;
            if (set.cut() == Cut.TORN) {
                in += high * TORN * Seeded.share(seed, i);
            }
            line.add(x);
            line.add(way * (high - in));
        }
        return line;
    }

    /** Where its ripples turn in: along the free edge, a little way down. */
    private static List<Double> fold(List<Double> outline) {
        List<Double> line = new ArrayList<>();
        for (int i = 4; i < outline.size(); i += 2) {
            line.add(outline.get(i));
            line.add(outline.get(i + 1) * 0.86);
        }
        return line;
    }

    private static void handles(DressingBuilder work, Settings set, DressingContext place, double pitch) {
        List<Handle.Grip> tops = new ArrayList<>();
        List<Handle.Grip> seconds = new ArrayList<>();
        double foot = place.zone().foot();
        for (int k = 0; k < place.division().count(); k++) {
            tops.add(new Handle.Grip(place.division().middle(k).s(), foot + set.height()));
            seconds.add(new Handle.Grip(
                    place.division()
                            .mark(k)
                            .plus(place.division().section(k) * 0.75)
                            .s(),
                    foot + (pitch == 0 ? set.pitch() : pitch)));
        }
        double most = Math.max(3, place.zone().height());
        work.handle(new Handle("height", "Free edge of the lowest row", Handle.Way.UP, 1, 3, most, tops))
                .handle(new Handle("pitch", "The second row", Handle.Way.UP, 1, 2, most, seconds));
    }

    private static void judge(DressingBuilder work, Settings set, double room, double pitch) {
        if (!set.material().sheets().isEmpty()) {
            double widest = set.material().sheets().get(0).width();
            if (!Rounding.atMost(set.highest(), widest)) {
                work.find(
                        SHEET,
                        Phrase.of(
                                "Strips {} high do not come out of a sheet {} wide.",
                                Quantity.length(set.highest()),
                                Quantity.length(widest)),
                        Mend.setting(Phrase.of("Take strips of {}", Quantity.length(widest)), "height", widest));
            }
        }
        if (!Rounding.atMost(set.highest(), room)) {
            work.find(
                    HIGH,
                    Phrase.of(
                            "Strips of {} stand out of a zone {} high.",
                            Quantity.length(set.highest()),
                            Quantity.length(room)),
                    Mend.setting(
                            Phrase.of("Take strips of {}", Quantity.length(Math.max(3, room))),
                            NAMES.get(set.heights().indexOf(set.highest())),
                            Math.max(3, room)));
        }
        if (pitch > set.lowest() + Rounding.EPS) {
            double close = Math.max(2, set.lowest() * 0.8);
            work.find(
                    BARE,
                    Phrase.of(
                            "A row every {} of strips {} high leaves the side bare between them.",
                            Quantity.length(pitch),
                            Quantity.length(set.lowest())),
                    Mend.setting(Phrase.of("A row every {}", Quantity.length(close)), "pitch", close));
        }
    }
}
