package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.surface.Frame;
import sectorum.surface.LevelSurface;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/** Flags with joints over a board, laid or pressed into its covering; those at the rim are cut to it (craft 3J). */
final class Tiles implements Technique {
    private static final Rule SLIVERS = new Rule(
            "tiles.slivers", Level.LOOK, "Flags at the rim are cut to less than a quarter: they break, and look it.");
    private static final Rule MANY =
            new Rule("tiles.many", Level.STOP, "More than 2000 flags cannot be laid, or drawn.");

    private static final double SLIVER = 0.25;
    private static final int MOST = 2000;
    private static final double THICK = 3;

    private static final Field MATERIAL =
            Material.field("Cut from", Material.FONDANT, Material.GUM, Material.HALF, Material.CHOCOLATE);
    private static final Field AS = Choices.field("laid", "Laid", Laid.values(), l -> l.words);
    private static final Field BOND = Choices.field("bond", "Joints", Bond.values(), b -> b.words);
    private static final Field MIDDLE = Choices.field("middle", "In the middle", Middle.values(), m -> m.words);

    private enum Laid {
        CUT("cut and laid"),
        PRESSED("pressed into the soft covering");

        private final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    private enum Bond {
        STRAIGHT("run through"),
        BROKEN("broken, every other row by half");

        private final String words;

        Bond(String words) {
            this.words = words;
        }
    }

    private enum Middle {
        JOINT("a joint"),
        FLAG("a flag");

        private final String words;

        Middle(String words) {
            this.words = words;
        }
    }

    private record Settings(
            Laid laid,
            Material material,
            double wide,
            double deep,
            double joint,
            Bond bond,
            Middle middle,
            double turn,
            double least,
            int seed) {}

    /** A flag as it lies: its middle in the plane, what of it is in the zone, about that middle, and how much that is. */
    private record Flag(double x, double y, List<Double> outline, double share) {
        boolean isWhole() {
            return share > 1 - 1e-6;
        }
    }

    @Override
    public String id() {
        return "tiles";
    }

    @Override
    public String name() {
        return "Flags";
    }

    @Override
    public Set<SurfaceKind> surfaces() {
        return Set.of(SurfaceKind.BOARD);
    }

    @Override
    public List<Rule> rules() {
        return List.of(SLIVERS, MANY);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("laid", "material", "wide", "deep", "joint", "bond", "middle", "turn", "least", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double size = Math.max(10, Math.min(40, place.onTape(place.surface().around(0) / 30)));
        return List.of(
                AS,
                MATERIAL,
                Field.length("wide", "Flag, wide", 5, 200, size, "Without its joints."),
                Field.length("deep", "Flag, deep", 5, 200, size, "Without its joints."),
                Field.length("joint", "Joint", 0, 20, 1.5, "Between two flags."),
                BOND,
                MIDDLE,
                Field.angle("turn", "Turned by", 0, Math.PI / 2, 0, "0 lies square to the front."),
                Field.share("least", "Left out under", 0, 0.5, SLIVER, "Of a flag: what is less breaks."),
                Seeded.SEED);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Laid.values(), chosen.choice("laid")),
                Material.of(chosen.choice("material")),
                chosen.number("wide"),
                chosen.number("deep"),
                chosen.number("joint"),
                Choices.of(Bond.values(), chosen.choice("bond")),
                Choices.of(Middle.values(), chosen.choice("middle")),
                chosen.number("turn"),
                chosen.number("least"),
                chosen.count("seed"));
        LevelSurface level = (LevelSurface) place.surface();
        DressingBuilder work = new DressingBuilder(place);
        List<Flag> flags = flags(set, level, place.zone());
        draw(work, set, level, place, flags);
        long whole = flags.stream().filter(Flag::isWhole).count();
        work.lead("flags", Quantity.count(flags.size()))
                .lead("cut at the rim", Quantity.count(flags.size() - whole))
                .lead("each", Quantity.length(set.wide()))
                .figure("Whole", Quantity.count(whole))
                .figure("Deep", Quantity.length(set.deep()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.wide() / 2).s(), place.middleZ()));
        }
        work.handle(new Handle("wide", "Edge of a flag", Handle.Way.ALONG, 1, 5, 200, grips));
        judge(work, set, flags);
        make(work, set, place, flags);
        return work.done();
    }

    /** Those that are seen, row by row: cut to the line at the zone's lower edge, none that what stands there hides. */
    private static List<Flag> flags(Settings set, LevelSurface level, Zone zone) {
        List<Double> rim = level.inPlane(zone.foot());
        List<Double> hidden = new ArrayList<>();
        level.hidden().forEach(spot -> hidden.addAll(List.of(spot.x(), spot.y())));
        double reach = 0;
        for (int i = 0; i < rim.size(); i += 2) {
            reach = Math.max(reach, Elementary.hypot(rim.get(i), rim.get(i + 1)));
        }
        double across = set.wide() + set.joint();
        double down = set.deep() + set.joint();
        int columns = (int) Math.ceil(reach / across) + 1;
        int rows = (int) Math.ceil(reach / down) + 1;
        List<Flag> flags = new ArrayList<>();
        if ((2.0 * columns + 1) * (2 * rows + 1) > MOST) {
            return flags;
        }
        double start = set.middle() == Middle.JOINT ? 0.5 : 0;
        for (int j = -rows; j <= rows; j++) {
            double shift = set.bond() == Bond.BROKEN && Math.floorMod(j, 2) == 1 ? 0.5 : 0;
            for (int i = -columns; i <= columns; i++) {
                double u = (i + start + shift) * across;
                double v = (j + start) * down;
                double x = u * Elementary.cos(set.turn()) - v * Elementary.sin(set.turn());
                double y = u * Elementary.sin(set.turn()) + v * Elementary.cos(set.turn());
                flag(set, rim, hidden, x, y, flags);
            }
        }
        return flags;
    }

    private static void flag(
            Settings set, List<Double> rim, List<Double> hidden, double x, double y, List<Flag> flags) {
        List<Double> full = Flat.rectangle(-set.wide() / 2, -set.deep() / 2, set.wide(), set.deep());
        List<Double> there = Flat.moved(Flat.turned(full, set.turn()), x, y);
        List<Double> cut = Flat.clipped(there, rim);
        double share = cut.isEmpty() ? 0 : Flat.area(cut) / (set.wide() * set.deep());
        if (share < Math.max(1e-6, set.least()) || Flat.within(cut, hidden)) {
            return;
        }
        flags.add(new Flag(x, y, Flat.turned(Flat.moved(cut, -x, -y), -set.turn()), share));
    }

    private static void draw(
            DressingBuilder work, Settings set, LevelSurface level, DressingContext place, List<Flag> flags) {
        Map<List<Double>, Integer> shapes = new TreeMap<>(Tiles::compared);
        List<Spread.Spot> spots = new ArrayList<>();
        for (Flag flag : flags) {
            Frame.Pose at = level.pose(flag.x(), flag.y(), set.turn());
            spots.add(new Spread.Spot(at.s(), at.z(), 0));
        }
        int[] colours = Shades.of(
                spots, place.turns(), Shades.Pattern.MIXED, set.seed(), place.zone(), 1.5 * (set.wide() + set.joint()));
        for (int i = 0; i < flags.size(); i++) {
            Flag flag = flags.get(i);
            Frame.Pose at = level.pose(flag.x(), flag.y(), set.turn());
            int shape = shapes.computeIfAbsent(
                    flag.outline(),
                    outline -> set.laid() == Laid.CUT ? work.piece(outline) : work.detail(Contour.closed(outline)));
            work.put(shape, at.s(), at.z(), at.turn(), 1, colours[i]);
        }
    }

    private static int compared(List<Double> a, List<Double> b) {
        int c = Integer.compare(a.size(), b.size());
        for (int i = 0; c == 0 && i < a.size(); i++) {
            // Whole flags are one shape, whatever the last bits of where they lie.
            c = Long.compare(Elementary.round(a.get(i) * 1e6), Elementary.round(b.get(i) * 1e6));
        }
        return c;
    }

    private static void judge(DressingBuilder work, Settings set, List<Flag> flags) {
        if (flags.isEmpty()) {
            double larger = 30;
            work.find(
                    MANY,
                    Phrase.of("Flags of {} are too many.", Quantity.length(Math.min(set.wide(), set.deep()))),
                    new Mend(
                            Phrase.of("Take {} both ways", Quantity.length(larger)),
                            List.of(
                                    new Change(Change.Target.SETTING, "wide", larger),
                                    new Change(Change.Target.SETTING, "deep", larger))));
            return;
        }
        long slivers = flags.stream().filter(f -> f.share() < SLIVER).count();
        if (slivers > 0) {
            work.find(
                    SLIVERS,
                    Phrase.of(
                            "{} of {} flags are cut to less than a quarter.",
                            Quantity.count(slivers),
                            Quantity.count(flags.size())),
                    Mend.setting(Phrase.of("Leave them out"), "least", SLIVER));
        }
    }

    private static void make(DressingBuilder work, Settings set, DressingContext place, List<Flag> flags) {
        int n = flags.size();
        List<Double> full = Flat.rectangle(0, 0, set.wide(), set.deep());
        Phrase one = Phrase.of("Flag of {} by {}", Quantity.length(set.wide()), Quantity.length(set.deep()));
        work.draw(() -> Cover.card("flag", full, one));
        if (set.laid() == Laid.PRESSED) {
            work.soft();
            work.step(
                            Gesture.PRESS,
                            Phrase.of(
                                    "While the covering is soft press the joints of {} flags with a straight edge, the"
                                            + " middle ones first.",
                                    Quantity.count(n)),
                            "ruler, blunt knife",
                            Rate.PRESSED.minutes(n))
                    .check("Rows run straight from edge to edge.")
                    .lasting();
            return;
        }
        Map<Integer, int[]> piles = new TreeMap<>();
        place.turns().shared(n).forEach((colour, many) -> piles.put(colour, new int[] {many}));
        // Those at the rim are cut from whole ones.
        piles.forEach((colour, many) -> work.cut(
                one,
                set.material(),
                THICK,
                colour,
                full,
                many[0],
                set.material().spare()));
        long cut = flags.stream().filter(f -> !f.isWhole()).count();
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.CUT,
                        Phrase.of("Cut {} flags and let them firm until they keep their edges.", Quantity.count(n)),
                        "ruler, wheel cutter",
                        Rate.CUT_PIECE.minutes(n))
                .check("{} piles by colour, spares with them.", Quantity.count(piles.size()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Lay them from the middle of the front outwards, {} between them; cut {} at the rim in place.",
                                Quantity.length(set.joint()),
                                Quantity.count(cut)),
                        "ruler, scalpel",
                        Rate.TILED.minutes(n),
                        null,
                        cut > 0 ? Cautions.BLADE : "")
                .check("Joints run straight, and nothing stands over the rim.");
    }
}
