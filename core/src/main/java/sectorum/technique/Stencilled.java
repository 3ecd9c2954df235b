package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.divide.Compare;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
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
 * A pattern scraped through a stencil, on the coat itself or first on a flat sheet under the coat that is wrapped (craft 3G): on
 * the sheet it is laid first, so it is turned over once and drawn mirrored.
 */
final class Stencilled implements Technique {
    private static final Rule LEFT = new Rule(
            "stencilled.mismatch",
            Level.LOOK,
            "The pattern does not meet itself at the back by more than 3 % of a repeat.");
    private static final Rule HIGH =
            new Rule("stencilled.out-of-zone", Level.STOP, "The stencil is higher than its zone.");
    private static final Rule TAB = FlatCoat.tab("stencilled.tab");

    private static final Field MATERIAL =
            Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL, Material.GANACHE);
    private static final Field WAY = Choices.field("way", "Scraped", Way.values(), w -> w.words);
    private static final Field MOTIF = Choices.field("motif", "Pattern", Motif.values(), m -> m.words);

    private enum Way {
        SHEET("on a flat sheet, first, then the coat over it"),
        COAT("on the coat round the tier");

        private final String words;

        Way(String words) {
            this.words = words;
        }
    }

    private enum Motif {
        DIAMOND("diamonds"),
        DOT("dots"),
        BLOSSOM("blossoms"),
        LEAF("leaves"),
        WAVE("waves");

        private final String words;

        Motif(String words) {
            this.words = words;
        }

        /** One about its middle, in a box of that size; none of them is its own mirror image in a wave. */
        List<Double> outline(double wide, double high) {
            double size = Math.min(wide, high);
            return switch (this) {
                case DIAMOND -> List.of(-wide / 2, 0.0, 0.0, -high / 2, wide / 2, 0.0, 0.0, high / 2);
                case DOT -> Flat.circle(size, 32);
                case BLOSSOM -> Element.BLOSSOM.outline(size);
                case LEAF -> Cover.LEAF.outline(size);
                case WAVE -> wave(wide, high);
            };
        }

        private static List<Double> wave(double wide, double high) {
            List<Double> line = new ArrayList<>();
            int parts = 16;
            for (int side : new int[] {1, -1}) {
                for (int i = 0; i <= parts; i++) {
                    double t = side > 0 ? (double) i / parts : 1 - (double) i / parts;
                    line.add(wide * (t - 0.5));
                    line.add(high * (0.3 * Elementary.sin(2 * Math.PI * t) - side * 0.18));
                }
            }
            return line;
        }
    }

    /**
     * @param filled how much of a repeat's box its motif takes across
     * @param thick of what is scraped through, mm
     */
    private record Settings(
            Material material,
            Way way,
            Motif motif,
            double repeat,
            double high,
            double filled,
            double thick,
            double deep,
            double tab) {
        boolean isFlat() {
            return way == Way.SHEET;
        }
    }

    @Override
    public String id() {
        return "stencilled";
    }

    @Override
    public String name() {
        return "Stencilled coat";
    }

    @Override
    public List<Rule> rules() {
        return List.of(LEFT, HIGH, TAB);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "way", "motif", "repeat", "high", "filled", "thick", "deep", "tab");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double around = place.aroundMiddle();
        double repeat = around / Math.max(1, Rounding.halfUp(around / 45, 1));
        double high = place.zone().height();
        return List.of(
                WAY,
                MOTIF,
                Field.length("repeat", "Stencil repeats every", 5, 500, repeat, "Measure the stencil."),
                Field.length(
                        "high",
                        "A row, high",
                        5,
                        500,
                        Math.max(5, high / Math.max(1, Rounding.floor(high / 40))),
                        "Measure the stencil."),
                Field.share("filled", "Of it the opening", 0.1, 1, 0.7, "Across."),
                Field.length("thick", "Stencil thick", 0.2, 3, 0.5, "So thick is what is scraped through it."),
                Field.length("deep", "Coat deep", 1, 20, 5, "Where it is made flat: with the pattern."),
                FlatCoat.TAB,
                MATERIAL);
    }

    @Override
    public Double repeat(Values settings, DressingContext place) {
        return new Chosen(fields(settings, place), settings).number("repeat");
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                Choices.of(Way.values(), chosen.choice("way")),
                Choices.of(Motif.values(), chosen.choice("motif")),
                chosen.number("repeat"),
                chosen.number("high"),
                chosen.number("filled"),
                chosen.number("thick"),
                chosen.number("deep"),
                chosen.number("tab"));
        double around = place.aroundMiddle();
        double high = place.zone().height();
        int n = (int) Math.max(1, Rounding.halfUp(around / set.repeat(), 1));
        int rows = (int) Math.max(1, Rounding.floor(high / set.high()));
        double left = around - n * set.repeat();
        double row = Math.min(set.high(), high);
        List<Double> motif = set.motif().outline(set.repeat() * set.filled(), row * set.filled());
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, place, motif, n, rows, row);
        weigh(work, set, place, Flat.area(motif), n, rows);
        work.lead("repeats", Quantity.count(n))
                .lead("rows", Quantity.count(rows))
                .lead("left over", Quantity.length(left));
        if (set.isFlat()) {
            work.figure("Sheet long", Quantity.length(around + set.tab())).figure("Sheet high", Quantity.length(high));
        }
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + row));
        }
        work.handle(new Handle("high", "First row", Handle.Way.UP, 1, 5, Math.max(6, Math.min(500, high)), grips));
        judge(work, set, place, n, left);
        steps(work, set, around, n * rows);
        work.draw(() -> sheet(set, motif, n, rows, row, around, high));
        return work.done();
    }

    private static void draw(
            DressingBuilder work,
            Settings set,
            DressingContext place,
            List<Double> motif,
            int n,
            int rows,
            double row) {
        double foot = place.zone().foot();
        double period = place.surface().period();
        if (set.isFlat()) {
            work.put(work.piece(place.surface().patch(0, period, place.zone())), period / 2, foot, 0, 0);
        }
        int shape = work.piece(motif);
        int first = set.isFlat() && place.colours() > 1 ? 1 : 0;
        double onFoot = 1 / place.narrowing(place.middleZ());
        for (int j = 0; j < rows; j++) {
            for (int k = 0; k < n; k++) {
                double s = period / 2 + (k + 0.5 - n / 2.0) * set.repeat() * onFoot;
                int colour = first + (k + j) % Math.max(1, place.colours() - first);
                work.put(shape, s, foot + (j + 0.5) * row, 0, colour);
            }
        }
    }

    private static void weigh(DressingBuilder work, Settings set, DressingContext place, double area, int n, int rows) {
        double each = set.material().sheet(area, set.thick());
        int first = set.isFlat() && place.colours() > 1 ? 1 : 0;
        int[] many = new int[Math.max(1, place.colours() - first)];
        for (int j = 0; j < rows; j++) {
            for (int k = 0; k < n; k++) {
                many[(k + j) % many.length]++;
            }
        }
        for (int c = 0; c < many.length; c++) {
            work.made(
                    Phrase.of("{}, scraped", Quantity.text(set.motif().words)),
                    set.material(),
                    c + first,
                    set.repeat() * set.filled(),
                    many[c],
                    Spare.NONE,
                    each);
        }
        if (set.isFlat()) {
            double ground = Math.max(0, set.material().sheet(place.area(), set.deep()) - each * n * rows);
            work.made(Phrase.of("Ground"), set.material(), 0, place.zone().height(), 1, Spare.NONE, ground);
        }
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, int n, double left) {
        double share = Math.abs(left) / set.repeat();
        if (share > Compare.UNNOTICED_UP_TO + Rounding.EPS) {
            double fits = place.aroundMiddle() / n;
            work.find(
                    LEFT,
                    Phrase.of(
                            "{} repeats of {} leave {} at the back, {} of one.",
                            Quantity.count(n),
                            Quantity.length(set.repeat()),
                            Quantity.length(left),
                            Quantity.share(share)),
                    Mend.setting(Phrase.of("A stencil of {}", Quantity.length(fits)), "repeat", fits));
        }
        double high = place.zone().height();
        if (!Rounding.atMost(set.high(), high)) {
            double fits = Math.max(5, Rounding.floor(high));
            work.find(
                    HIGH,
                    Phrase.of("{} of stencil on {}.", Quantity.length(set.high()), Quantity.length(high)),
                    Mend.setting(Phrase.of("One of {}", Quantity.length(fits)), "high", fits));
        }
        if (set.isFlat()) {
            FlatCoat.judgeTab(work, TAB, set.tab());
        }
    }

    private static void steps(DressingBuilder work, Settings set, double around, int many) {
        work.tool(ThingKind.STENCIL, "high", set.high(), 2).adhesive(Adhesive.ITSELF);
        if (!set.isFlat()) {
            work.step(
                            Gesture.SCRAPE,
                            Phrase.of(
                                    "On the firm coat scrape {} motifs through the stencil, held still, and lift it straight off.",
                                    Quantity.count(many)),
                            "stencil, scraper, pins in the seam",
                            Rate.PRESSED.minutes(many))
                    .check("Edges of {} motifs are sharp.", Quantity.count(many));
            return;
        }
        Quantity long_ = Quantity.length(around + set.tab());
        work.layer(Phrase.of("{} motifs scraped on the acetate: what shows", Quantity.count(many)))
                .layer(Phrase.of("the ground over them, to {} in all", Quantity.length(set.deep())))
                .layer(Phrase.of("wrapped and peeled: {} show", Quantity.text("the motifs")))
                .turn(Phrase.of("{} of pattern lie on the acetate; wrapped, the open face touches the tier.", long_))
                .step(
                        Gesture.TRACE,
                        Phrase.of(
                                "On {} of acetate over its sheet, drawn mirrored, scrape {} motifs through the stencil.",
                                long_,
                                Quantity.count(many)),
                        "acetate, stencil, scraper",
                        Rate.PRESSED.minutes(many),
                        FlatCoat.FIRMED,
                        "")
                .step(
                        Gesture.SPREAD,
                        Phrase.of("Spread the ground over them to {} in all, level.", Quantity.length(set.deep())),
                        "palette knife, two strips as a gauge",
                        Rate.COLLAR_STRIPE.minutes(6))
                .check("Seen through the acetate {} motifs are whole.", Quantity.count(many));
        FlatCoat.wrapped(work, Quantity.text(many + " motifs"), set.deep(), set.tab());
    }

    /** What lies under the acetate: one contact turns it over, so the motifs are drawn mirrored. */
    private static Drawing sheet(
            Settings set, List<Double> motif, int n, int rows, double row, double around, double high) {
        double long_ = set.isFlat() ? around + set.tab() : around;
        Card card = Card.of(Flat.rectangle(0, 0, long_, high), true);
        List<Double> drawn = Contour.closed(set.isFlat() ? Flat.flipped(motif) : motif);
        for (int j = 0; j < rows; j++) {
            for (int k = 0; k < n; k++) {
                double x = around / 2 + (k + 0.5 - n / 2.0) * set.repeat();
                card.path(Ink.Pen.MARK, Flat.moved(drawn, x, (j + 0.5) * row));
            }
        }
        return card.words(
                        around / 2,
                        high + 4,
                        Phrase.of(set.isFlat() ? "drawn mirrored; this side to the cake" : "this way up"))
                .made("stencil-sheet", Phrase.of("Stencil sheet, {} long", Quantity.length(long_)));
    }
}
