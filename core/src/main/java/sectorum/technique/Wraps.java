package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Sheets wrapped over a side or a part of it, one over another, with torn, cut or folded edges (craft 3G). */
final class Wraps implements Technique {
    private static final Rule BARE = new Rule(
            "wraps.no-room", Level.STOP, "So many layers, each so much lower, leave nothing for the last to show.");
    private static final Rule FRONT =
            new Rule("wraps.front", Level.LOOK, "A sheet begins or ends at the front, where its seam is seen first.");

    /** Rolled longer than this a sheet stretches in the hand, mm. */
    private static final double ROLLED_MM = 600;

    private static final double LAP_MM = 15;
    /** Seams of two sheets that lie over one another, mm. */
    private static final double APART_MM = 60;
    /** A torn edge wanders by so much of its layer's height. */
    private static final double TORN = 0.22;
    /** Nearer to the front than this, degrees, a seam is seen first. */
    private static final double SEEN_DEG = 20;

    private static final Field MATERIAL =
            Material.field("Of", Material.FONDANT, Material.HALF, Material.GUM, Material.MODELLING, Material.WAFER);
    private static final Field PASTE = Choices.field("paste", "Paste", Paste.values(), p -> p.words);
    private static final Field EDGE = Choices.field("edge", "Edges", Edge.values(), e -> e.words);

    private enum Edge {
        TORN("torn"),
        CUT("cut"),
        FOLDED("folded over");

        private final String words;

        Edge(String words) {
            this.words = words;
        }
    }

    private enum Paste {
        PLAIN("in one colour each"),
        MARBLED("marbled from all of them");

        private final String words;

        Paste(String words) {
            this.words = words;
        }
    }

    private record Settings(
            Material material,
            Paste paste,
            Edge edge,
            int layers,
            double step,
            double inset,
            double thick,
            double fold,
            int seed) {}

    /** A sheet as it lies: along its foot from its middle, so high, of so many parts. */
    private record Sheet(double middle, double wide, double high, int parts) {}

    @Override
    public String id() {
        return "wraps";
    }

    @Override
    public String name() {
        return "Wrapped sheets";
    }

    @Override
    public boolean isPartial() {
        return true;
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(BARE, FRONT);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "paste", "edge", "layers", "step", "inset", "thick", "fold", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double high = place.zone().height();
        return List.of(
                MATERIAL,
                PASTE,
                EDGE,
                Field.count("layers", "Sheets over one another", 1, 6, 2, "The first laid is the highest."),
                Field.length(
                        "step", "Each lower by", 1, 300, Math.max(1, place.onTape(high / 4)), "At its upper edge."),
                Field.length("inset", "Each shorter by", 0, 400, 20, "At both ends, where they do not go all round."),
                Field.length("thick", "Thickness", 0.3, 8, 2, "Of the rolled sheet."),
                Field.length("fold", "Folded over by", 3, 40, 8, "Where edges are folded."),
                Field.count("seed", "Another tear", 1, 999, 1, "The same number always looks the same."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                Choices.of(Paste.values(), chosen.choice("paste")),
                Choices.of(Edge.values(), chosen.choice("edge")),
                chosen.count("layers"),
                chosen.number("step"),
                chosen.number("inset"),
                chosen.number("thick"),
                chosen.number("fold"),
                chosen.count("seed"));
        double high = place.zone().height();
        // What would be left of the last is drawn as a line's breadth at least, and found.
        boolean none = high - (set.layers() - 1) * set.step() < 3;
        double step = none ? (high - 3) / Math.max(1, set.layers() - 1) : set.step();
        DressingBuilder work = new DressingBuilder(place);
        List<Sheet> sheets = new ArrayList<>();
        for (int k = 0; k < set.layers(); k++) {
            sheets.add(sheet(set, place, k, high - k * step));
        }
        for (int k = 0; k < sheets.size(); k++) {
            lay(work, set, place, sheets.get(k), k);
        }
        int parts = sheets.stream().mapToInt(Sheet::parts).sum();
        work.lead("sheets", Quantity.count(parts))
                .lead("longest", Quantity.length(cut(sheets.get(0))))
                .lead("highest", Quantity.length(rolled(set, sheets.get(0))))
                .figure("Seams", Quantity.count(place.isClosed() ? parts : parts - set.layers()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).s(), place.zone().top() - (set.layers() > 1 ? step : 0)));
        }
        work.handle(new Handle("step", "Next sheet's edge", Handle.Way.UP, -1, 1, 300, grips));
        judge(work, set, place, none, high);
        steps(work, set, parts);
        return work.done();
    }

    private static Sheet sheet(Settings set, DressingContext place, int k, double high) {
        double foot = place.zone().foot();
        double wide = place.along(foot);
        if (place.isClosed()) {
            int parts = (int) Rounding.ceil(wide / (ROLLED_MM - LAP_MM));
            // Of an even number one seam would lie at the front; every other sheet begins a hand's breadth from the
            // last.
            double aside = parts % 2 == 0 ? wide / parts / 2 : 0;
            double apart = k % 2 == 0 ? 0 : Math.min(APART_MM, wide / parts / 4);
            double middle = place.surface().further(place.surface().period() / 2, aside + apart, foot);
            return new Sheet(middle, wide, high, parts);
        }
        double left = Math.max(10, wide - 2 * k * set.inset());
        double middle = place.surface().further(place.stretch().from().s(), wide / 2, foot);
        int parts = (int) Math.max(1, Rounding.ceil((left - LAP_MM) / (ROLLED_MM - LAP_MM)));
        // One part more, or two, and no seam between the ends lies at the front.
        for (int more = 0; more < 3; more++) {
            Sheet sheet = new Sheet(middle, left, high, parts + more);
            if (!isSeamedInFront(place, sheet)) {
                return sheet;
            }
        }
        return new Sheet(middle, left, high, parts);
    }

    private static boolean isSeamedInFront(DressingContext place, Sheet sheet) {
        double foot = place.zone().foot();
        double period = place.surface().period();
        for (int i = 1; i < sheet.parts(); i++) {
            double off = sheet.wide() * ((double) i / sheet.parts() - 0.5);
            Along seam = Along.of(place.surface().further(sheet.middle(), off, foot), period);
            if (seam.distance(Along.of(period / 2, period)) / period * 360 < SEEN_DEG) {
                return true;
            }
        }
        return false;
    }

    /** Each part's own length: they lap over one another, all round at the back, too. */
    private static double cut(Sheet sheet) {
        return sheet.wide() / sheet.parts() + LAP_MM;
    }

    private static double rolled(Settings set, Sheet sheet) {
        return sheet.high() + (set.edge() == Edge.FOLDED ? set.fold() : 0);
    }

    private static void lay(DressingBuilder work, Settings set, DressingContext place, Sheet sheet, int k) {
        double foot = place.zone().foot();
        double each = sheet.wide() / sheet.parts();
        boolean marbled = set.paste() == Paste.MARBLED;
        int colour = marbled ? 0 : place.turns().firsts().get(k % place.colours());
        work.marbled(marbled ? place.turns().firsts().stream().distinct().toList() : List.of());
        boolean ends = !place.isClosed();
        double from = place.surface().further(sheet.middle(), -sheet.wide() / 2, foot);
        List<Double> flat = Flat.rectangle(0, 0, cut(sheet), rolled(set, sheet));
        for (int i = 0; i < sheet.parts(); i++) {
            boolean left = ends && i == 0;
            boolean right = ends && i == sheet.parts() - 1;
            List<Double> outline = outline(set, each, sheet.high(), 31 * k + i, left, right);
            Along at = Along.of(
                    place.surface().further(from, (i + 0.5) * each, foot),
                    place.surface().period());
            work.put(work.piece(outline), at, foot, colour);
            if (marbled) {
                streak(work, set, place, at, each, sheet.high(), 31 * k + i);
            }
            work.put(work.edge(outline.subList(right ? 2 : 4, outline.size())), at, foot, colour);
            if (set.edge() == Edge.FOLDED) {
                double half = each / 2;
                double under = sheet.high() - Math.min(set.fold(), sheet.high() / 2);
                work.put(work.detail(List.of(-half, under, half, under)), at, foot, colour);
            }
        }
        work.cut(
                Phrase.of("Sheet {} high", Quantity.length(rolled(set, sheet))),
                set.material(),
                set.thick(),
                colour,
                flat,
                sheet.parts(),
                Spare.NONE);
    }

    /** Thin streaks of the other colours, as paste has them that was folded a few times. */
    private static void streak(
            DressingBuilder work, Settings set, DressingContext place, Along at, double wide, double high, int sheet) {
        int many = (int) Math.max(2, wide / 16);
        double whole = high - (set.edge() == Edge.TORN ? TORN * Math.min(high, 60) : 0);
        for (int n = 0; n < many && place.colours() > 1; n++) {
            long seed = set.seed() + 53L * sheet;
            double half = wide * (0.1 + 0.15 * Seeded.share(seed, n));
            double x = (wide / 2 - half) * (2 * Seeded.share(seed + 3, n) - 1);
            double z = high * 0.06 + Math.max(0, whole - high * 0.14) * Seeded.share(seed + 5, n);
            double thick = Math.min(3, high / 30) * (0.5 + Seeded.share(seed + 7, n));
            List<Double> line = new ArrayList<>();
            int parts = 16;
            for (int i = 0; i < 2 * parts; i++) {
                double t = Math.PI * i / parts;
                double along = Elementary.cos(t);
                line.add(x + half * along);
                line.add(z + high * 0.05 * Elementary.sin(3 * along + n) + thick * Elementary.sin(t));
            }
            work.put(
                    work.shade(line),
                    at,
                    place.zone().foot(),
                    place.turns().firsts().get(1 + n % (place.colours() - 1)));
        }
    }

    /** From its foot; torn at the upper edge and at the ends that are seen, always the same for a seed. */
    private static List<Double> outline(
            Settings set, double wide, double high, int sheet, boolean left, boolean right) {
        double half = wide / 2;
        boolean torn = set.edge() == Edge.TORN;
        double deep = torn ? TORN * Math.min(high, 60) : 0;
        int parts = (int) Math.max(4, Math.min(60, Rounding.ceil(wide / 8)));
        int rise = (int) Math.max(2, Math.min(20, Rounding.ceil(high / 8)));
        List<Double> line = new ArrayList<>(List.of(-half, 0.0, half, 0.0));
        for (int i = 1; torn && right && i < rise; i++) {
            line.add(half - deep * Seeded.share(set.seed() + 7L * sheet, 200 + i));
            line.add(high * i / rise);
        }
        for (int i = parts; i >= 0; i--) {
            line.add(-half + wide * i / parts);
            // Torn paper goes by long waves with a fringe on them.
            double wave = 0.5 + 0.5 * Elementary.sin(2 * Math.PI * (i / 11.0 + Seeded.share(set.seed(), sheet)));
            double fringe = Seeded.share(set.seed() + 7L * sheet, i);
            line.add(high - deep * (0.6 * wave + 0.4 * fringe));
        }
        for (int i = rise - 1; torn && left && i > 0; i--) {
            line.add(-half + deep * Seeded.share(set.seed() + 7L * sheet, 300 + i));
            line.add(high * i / rise);
        }
        return line;
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, boolean none, double high) {
        if (none) {
            double less = Math.max(1, Rounding.floor((high - 3) / set.layers()));
            work.find(
                    BARE,
                    Phrase.of(
                            "{} sheets each {} lower do not fit {}.",
                            Quantity.count(set.layers()),
                            Quantity.length(set.step()),
                            Quantity.length(high)),
                    Mend.setting(Phrase.of("Each lower by {}", Quantity.length(less)), "step", less));
        }
        if (!place.isClosed()) {
            double period = place.surface().period();
            Along front = Along.of(period / 2, period);
            double near = Math.min(
                    front.distance(place.stretch().from()),
                    front.distance(place.stretch().end()));
            double degrees = near / period * 360;
            if (degrees < SEEN_DEG) {
                work.find(
                        FRONT,
                        Phrase.of("An end lies {} from the front.", Quantity.angle(Elementary.toRadians(degrees))),
                        new Mend(
                                Phrase.of("Let it go all round"),
                                List.of(new Change(Change.Target.DRESSING, "stretch", null))));
            }
        }
    }

    private static void steps(DressingBuilder work, Settings set, int parts) {
        String how = switch (set.edge()) {
            case TORN -> "tear their upper edges against the hand";
            case CUT -> "cut them straight";
            case FOLDED -> "fold their upper edges over";
        };
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.ROLL,
                        Phrase.of(
                                set.paste() == Paste.MARBLED
                                        ? "Fold what is left of each colour together a few times; roll {} sheets to {} and {}."
                                        : "Roll {} sheets to {} and {}.",
                                Quantity.count(parts),
                                Quantity.length(set.thick()),
                                Quantity.text(how)),
                        set.edge() == Edge.TORN ? "roller, dry hands" : "roller, ruler, wheel cutter",
                        Rate.CUT_PIECE.minutes(parts))
                .check("{} sheets lie ready, the highest uppermost.", Quantity.count(parts))
                .step(
                        Gesture.WRAP,
                        Phrase.of(
                                "Wrap the highest first, from the back, and each lower one over it; laps of {} away from the"
                                        + " front.",
                                Quantity.length(LAP_MM)),
                        "soft brush, smoother",
                        Rate.WRAPPED.minutes(parts))
                .check("Feet are in line, and no lap is seen from the front.");
    }
}
