package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Subject;
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
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A surface covered with small pieces (craft 3F): N = ceil(k·area/piece area), k by the look, the workshop's own, or from a
 * swatch; scales in rows that close, without k. Colours are shared exactly: banded from foot to top, sharp or softly, or
 * mixed so that neighbours differ.
 */
final class Coverage implements Everywhere {
    private static final Rule CROWDED = new Rule(
            "cover.crowded",
            Level.LOOK,
            "Pieces cover the area more than four times over: they pile up on one another.");
    private static final Rule THIN =
            new Rule("cover.thin", Level.LOOK, "Pieces cover less than a tenth of the area: that is no covering.");
    private static final Rule BIG =
            new Rule("cover.out-of-zone", Level.STOP, "A piece is larger than its zone is high.");
    private static final Rule MANY = new Rule(
            "cover.many",
            Level.STOP,
            "So many pieces are more than can be planned one by one: only as many as that are drawn and counted.");

    /** More than this many is a sprinkle, and is weighed. */
    private static final int MOST = 30_000;

    private static final double PILES = 4;
    private static final double BARE = 0.1;

    private static final Field SHAPE = Choices.field("shape", "Pieces", Cover.values(), c -> c.words);
    private static final Field MATERIAL = Material.field(
            "Cut from", Material.WAFER, Material.GUM, Material.HALF, Material.FONDANT, Material.CHOCOLATE);
    private static final Field BY = Choices.field("by", "How many", By.values(), b -> b.words);
    private static final Field LOOK = Choices.field("look", "Look", Look.values(), l -> l.words);
    private static final Field SPREAD = Choices.field("spread", "Colours", Shades.Pattern.values(), s -> s.words);
    private static final Field LAP = Choices.field("lap", "Each lies", Lap.values(), l -> l.words);
    private static final Field BENT = Choices.field("bent", "They lie", Bent.values(), b -> b.words);

    private enum By {
        LOOK("by the look"),
        OWN("by your own factor"),
        SWATCH("by a swatch");

        private final String words;

        By(String words) {
            this.words = words;
        }
    }

    /** k of the lushest look. */
    static final double LUSH = Look.LUSH.k;

    /** Three densities, k for discs (craft 3F). */
    private enum Look {
        LUSH(2, "lush"),
        LIGHT(1.5, "light"),
        SPARSE(1.25, "sparse");

        private final double k;
        private final String words;

        Look(double k, String words) {
            this.k = k;
            this.words = words;
        }
    }

    /** Which of two neighbours is seen: it sets the order of the work. */
    enum Lap {
        OVER("over those below it"),
        BEHIND("tucked behind those below it");

        private final String words;

        Lap(String words) {
            this.words = words;
        }
    }

    /** How far their free edge stands off, radians. */
    private enum Bent {
        BENT(0.3, "bent, standing off"),
        FLAT(0, "flat");

        private final double lean;
        private final String words;

        Bent(double lean, String words) {
            this.lean = lean;
            this.words = words;
        }
    }

    record Settings(
            Cover shape,
            Material material,
            double size,
            List<Integer> parts,
            double smallest,
            double reserve,
            By by,
            Look look,
            double own,
            double patch,
            int inPatch,
            Shades.Pattern spread,
            int seed,
            Lap lap,
            Bent bent,
            double visible,
            double coverage) {
        /** N = ceil(k·area/piece area); by a swatch as many as lie in one of its size. */
        double many(double area) {
            double k = by == By.OWN ? own : coverage * shape.k(look.k);
            return by == By.SWATCH
                    ? Math.max(1, Rounding.ceil(area * inPatch / (patch * patch)))
                    : count(k, area, meanArea());
        }

        /** From the largest down, evenly; scales, which lie in rows, are of one size. */
        List<Double> sizes() {
            List<Double> sizes = new ArrayList<>();
            int n = shape == Cover.SCALE ? 1 : parts.size();
            for (int i = 0; i < n; i++) {
                sizes.add(n == 1 ? size : size + (Math.min(smallest, size) - size) * i / (n - 1));
            }
            return sizes;
        }

        /** The parts of the sizes as turns: what shares colours shares sizes. */
        Turns turns() {
            List<String> names = new ArrayList<>();
            for (int i = 0; i < sizes().size(); i++) {
                names.addAll(java.util.Collections.nCopies(parts.get(i), "" + i));
            }
            return Turns.named(names);
        }

        /** Of one piece, mm², over all sizes by their parts. */
        private double meanArea() {
            List<Double> sizes = sizes();
            double sum = 0;
            int of = 0;
            for (int i = 0; i < sizes.size(); i++) {
                sum += parts.get(i) * shape.area(sizes.get(i));
                of += parts.get(i);
            }
            return sum / of;
        }

        boolean isBent() {
            return bent == Bent.BENT;
        }

        /** Leaves kept back for the gaps at the end: planned last, not placed (craft 7). */
        int kept(int pieces) {
            return (int) Rounding.ceil(reserve * pieces);
        }

        double thick() {
            return !material.sheets().isEmpty() ? 0.4 : material == Material.CHOCOLATE ? 2 : 1;
        }
    }

    /** ceil(k·area/piece area), at least 1; mm². */
    static double count(double k, double area, double each) {
        return Math.max(1, Rounding.ceil(k * area / each));
    }

    @Override
    public String id() {
        return "cover";
    }

    @Override
    public String name() {
        return "Covering of pieces";
    }

    @Override
    public List<Rule> rules() {
        return List.of(CROWDED, THIN, BIG, MANY);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of(
                "shape",
                "material",
                "size",
                "sizes",
                "smallest",
                "large",
                "middle",
                "small",
                "reserve",
                "by",
                "look",
                "own",
                "patch",
                "inPatch",
                "spread",
                "seed",
                "lap",
                "bent",
                "visible");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double size = Math.max(4, Math.min(22, place.onTape(place.zone().height() / 5)));
        return List.of(
                SHAPE,
                MATERIAL,
                Field.length("size", "Each", 2, 150, size, "Across, or its length; of several sizes the largest."),
                Field.count("sizes", "Sizes", 1, 3, 1, "Mixed by their parts and nested together."),
                Field.length("smallest", "The smallest", 2, 150, Math.max(2, size / 2), "Of several sizes."),
                Field.count("large", "Parts, largest", 1, 9, 1, "Shares of the count."),
                Field.count("middle", "Parts, middle", 1, 9, 1, "Shares of the count, of three sizes."),
                Field.count("small", "Parts, smallest", 1, 9, 1, "Shares of the count."),
                Field.share("reserve", "Kept in reserve", 0, 1, 0, "Pieces to fill gaps with at the end."),
                BY,
                LOOK,
                Field.share("own", "Your own factor", 0.05, 8, 2, "Area of all pieces to the area they cover."),
                Field.length("patch", "Swatch, each way", 20, 200, 60, "A square about as wide as a palm."),
                Field.count("inPatch", "Pieces counted in it", 1, 500, 20, "As many as look right to you."),
                SPREAD,
                Seeded.SEED,
                LAP,
                BENT,
                Field.share("visible", "A scale shows", 0.2, 1, 0.6, "Of its height; the row above hides the rest."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Cover.values(), chosen.choice("shape")),
                Material.of(chosen.choice("material")),
                chosen.number("size"),
                parts(chosen),
                chosen.number("smallest"),
                chosen.number("reserve"),
                Choices.of(By.values(), chosen.choice("by")),
                Choices.of(Look.values(), chosen.choice("look")),
                chosen.number("own"),
                chosen.number("patch"),
                chosen.count("inPatch"),
                Choices.of(Shades.Pattern.values(), chosen.choice("spread")),
                chosen.count("seed"),
                Choices.of(Lap.values(), chosen.choice("lap")),
                Choices.of(Bent.values(), chosen.choice("bent")),
                chosen.number("visible"),
                place.bench().rates().coverage(Subject.dressing(id())));
        double area = place.area();
        double wanted = set.shape() == Cover.SCALE ? 0 : set.many(area);
        List<Spread.Spot> spots = set.shape() == Cover.SCALE
                ? Spread.scales(place, set.size(), set.visible(), MOST)
                : Spread.over(place, (int) Math.min(MOST, wanted), set.shape().seen(set.size()), set.seed());
        int[] colours = Shades.of(spots, place.turns(), set.spread(), set.seed(), place.zone(), set.size());
        int[] turns = Shades.of(spots, set.turns(), Shades.Pattern.MIXED, set.seed() + 1, place.zone(), set.size());
        int[] sizes = sizes(set, turns);
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, spots, colours, sizes);
        double covers = spots.size() * set.meanArea() / area;
        work.lead("pieces", set.shape().words, Quantity.count(spots.size()))
                .lead("each", Quantity.length(set.size()))
                .lead("in-a-palm", "in a palm", Quantity.plain(Rounding.halfUp(spots.size() * 3600 / area, 1)))
                .figure("Area", Quantity.text(Elementary.round(area / 100) + " cm²"))
                .figure("Pieces to area", Quantity.plain(Rounding.halfUp(covers, 0.01)));
        handles(work, set, place);
        judge(work, set, place, wanted, covers);
        CoverageMaking.make(work, set, colours, sizes);
        if (set.by() == By.SWATCH) {
            work.draw(() -> Cover.swatch(set.patch()));
        }
        return work.done();
    }

    private static List<Integer> parts(Chosen chosen) {
        int large = chosen.count("large");
        int middle = chosen.count("middle");
        int small = chosen.count("small");
        return switch (chosen.count("sizes")) {
            case 1 -> List.of(large);
            case 2 -> List.of(large, small);
            default -> List.of(large, middle, small);
        };
    }

    /** Which size each piece has, by the turn it was given. */
    private static int[] sizes(Settings set, int[] turns) {
        List<Integer> firsts = set.turns().firsts().stream().distinct().toList();
        int[] sizes = new int[turns.length];
        for (int i = 0; i < turns.length; i++) {
            sizes[i] = firsts.indexOf(turns[i]);
        }
        return sizes;
    }

    private static void draw(DressingBuilder work, Settings set, List<Spread.Spot> spots, int[] colours, int[] sizes) {
        List<Integer> shapes = set.sizes().stream()
                .map(d -> work.piece(set.shape().outline(set.shape().seen(d))))
                .toList();
        for (int k = 0; k < spots.size(); k++) {
            // What is drawn later lies over what was drawn before.
            int i = set.lap() == Lap.OVER ? k : spots.size() - 1 - k;
            Spread.Spot at = spots.get(i);
            work.put(shapes.get(sizes[i]), at.s(), at.z(), set.shape().turn(at.chance()), 1, colours[i]);
            if (set.isBent()) {
                work.off(0, set.bent().lean);
            }
        }
    }

    private static void handles(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        double z = place.middleZ();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.size() / 2).s(), z));
        }
        work.handle(new Handle("size", "Rim of a piece", Handle.Way.ALONG, 2, 2, 150, grips));
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, double wanted, double covers) {
        double room = place.zone().height();
        double seen = set.shape().seen(set.size());
        if (!Rounding.atMost(seen, room)) {
            double fits = Math.max(2, Rounding.floor(room * set.size() / seen));
            work.find(
                    BIG,
                    Phrase.of(
                            "Pieces of {} do not lie in a zone {} high.", Quantity.length(seen), Quantity.length(room)),
                    Mend.setting(Phrase.of("Take {}", Quantity.length(fits)), "size", fits));
        }
        if (wanted > MOST) {
            double larger = Rounding.ceil(set.size() * Math.sqrt(wanted / MOST) * 1.2);
            work.find(
                    MANY,
                    Phrase.of("It asks for more than {} pieces.", Quantity.count(MOST)),
                    set.by() == By.SWATCH
                            ? usual()
                            : Mend.setting(
                                    Phrase.of("Take {}", Quantity.length(Math.min(150, larger))),
                                    "size",
                                    Math.min(150, larger)));
        } else if (set.shape() != Cover.SCALE && covers > PILES) {
            work.find(
                    CROWDED,
                    Phrase.of("They cover the area {} times over.", Quantity.plain(Rounding.halfUp(covers, 0.1))),
                    usual());
        } else if (covers < BARE) {
            work.find(THIN, Phrase.of("They cover {} of the area.", Quantity.share(covers)), usual());
        }
    }

    private static Mend usual() {
        return Mend.setting(Phrase.of("As many as look lush"), "by", "look");
    }
}
