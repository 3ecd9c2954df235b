package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.divide.Compare;
import sectorum.divide.Press;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A press mat or a textured roller of repeat r (craft 3B): round(P/r) repeats, and the mismatch P − n·r, shown and put
 * where it is least seen.
 */
final class PressMat implements Technique {
    private static final Rule MISMATCH = new Rule(
            "mat.mismatch", Level.LOOK, "The repeats do not meet at the back: the mismatch is over 3 % of a repeat.");
    private static final Rule STRETCHED =
            new Rule("mat.stretched", Level.LOOK, "Eased to meet, every repeat is off by more than 3 %.");
    private static final Field TOOL = Choices.field("tool", "Pressed with", Tool.values(), t -> t.words);
    private static final Field PUT = Choices.field("put", "What is left over", Put.values(), p -> p.words);

    private enum Put {
        BACK("at the back"),
        SHARED("shared by all repeats");

        final String words;

        Put(String words) {
            this.words = words;
        }
    }

    private enum Tool {
        MAT("a mat or a roller"),
        CUTTER("a round cutter, scallop by scallop");

        final String words;

        Tool(String words) {
            this.words = words;
        }
    }

    /**
     * @param repeat of a mat, or the chord of a cutter's scallop
     */
    private record Settings(Tool tool, double repeat, double rise, Put put, double cutter, double deep) {
        boolean isCutter() {
            return tool == Tool.CUTTER;
        }
    }

    @Override
    public String id() {
        return "mat";
    }

    @Override
    public String name() {
        return "Press mat or roller";
    }

    @Override
    public List<Rule> rules() {
        return List.of(MISMATCH, STRETCHED);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("tool", "repeat", "rise", "put", "cutter", "deep");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        // A repeat that closes, as if there were such a mat: the owned one's is typed over it.
        double good = place.aroundMiddle() / Math.max(1, Rounding.halfUp(place.aroundMiddle() / 40, 1));
        Field cutter = Field.length("cutter", "Cutter across", 5, 400, 60, "Measure its cutting edge, outside.");
        // As deep as a hand rocks one without tearing the covering.
        double deep = cutter.number(values) / 6;
        return List.of(
                TOOL,
                cutter,
                Field.length("deep", "Cutter pressed", 1, 200, Math.max(1, deep), "At most half of it."),
                Field.length(
                        "repeat", "Pattern repeats every", 3, 500, good, "Measured on the mat or round the roller."),
                Field.length("rise", "Repeats up every", 3, 500, 30, "Measured on the mat."),
                PUT);
    }

    @Override
    public Double repeat(Values settings, DressingContext place) {
        boolean left = Choices.of(Put.values(), PUT.choice(settings)) == Put.BACK;
        return left ? settings(settings, place).repeat() : null;
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Tool tool = Choices.of(Tool.values(), chosen.choice("tool"));
        double cutter = chosen.number("cutter");
        double deep = Math.min(chosen.number("deep"), cutter / 2);
        return new Settings(
                tool,
                tool == Tool.CUTTER ? new Press(cutter, deep, 0).chord() : chosen.number("repeat"),
                chosen.number("rise"),
                Choices.of(Put.values(), chosen.choice("put")),
                cutter,
                deep);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        double p = place.aroundMiddle();
        int n = (int) Math.max(1, Rounding.halfUp(p / set.repeat(), 1));
        double mismatch = p - n * set.repeat();
        double each = set.put() == Put.SHARED ? p / n : set.repeat();
        double high = place.zone().height();
        int rows = (int) Math.max(1, Rounding.floor(high / set.rise()));
        double rise = Math.min(set.rise(), high);
        DressingBuilder work = new DressingBuilder(place);
        double a = each / 2;
        double b = rise / 2;
        int motif = work.guide(
                set.isCutter() ? scallop(a, set.deep()) : List.of(-a, 0.0, 0.0, -b, a, 0.0, 0.0, b, -a, 0.0));
        double onFoot = 1 / place.narrowing(place.middleZ());
        for (int k = 0; k < n; k++) {
            for (int j = 0; j < rows; j++) {
                double s = set.put() == Put.SHARED ? (k + 0.5) * each : p / 2 + (k + 0.5 - n / 2.0) * each;
                // What would run past the seam is the part that does not meet.
                work.put(motif, s * onFoot, place.zone().foot() + (j + 0.5) * rise, 0, 0);
            }
        }
        work.lead("repeats", Quantity.count(n))
                .lead("each", Quantity.length(each))
                .lead("left over", Quantity.length(set.put() == Put.SHARED ? 0 : mismatch))
                .figure("Rows", Quantity.count(rows))
                .figure("Left over, as a share of one", Quantity.share(Math.abs(mismatch) / set.repeat()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + rise));
        }
        work.handle(new Handle("rise", "First row", Handle.Way.UP, 1, 3, Math.max(4, Math.min(500, high)), grips));
        judge(work, set, n, mismatch, p);
        if (set.isCutter()) {
            work.figure("Cutter pressed", Quantity.length(set.deep()))
                    .tool(ThingKind.CUTTER, "cutter", set.cutter(), 1);
        } else {
            work.tool(ThingKind.ROLLER, "repeat", set.repeat(), 0.5);
        }
        return work.soft()
                .step(
                        Gesture.PRESS,
                        Phrase.of(
                                "Within the hour after covering, press {} repeats from the front to both sides.",
                                Quantity.count(n)),
                        set.isCutter() ? "cutter, pressed to a line on it" : "mat or roller",
                        Rate.PRESSED.minutes((double) n * rows))
                .lasting()
                .done();
    }

    /** The arc that a round cutter leaves, its chord level and its bow down. */
    private static List<Double> scallop(double half, double deep) {
        List<Double> line = new ArrayList<>();
        double radius = (half * half + deep * deep) / (2 * deep);
        double angle = Elementary.asin(Math.min(1, half / radius));
        int parts = 16;
        for (int i = 0; i <= parts; i++) {
            double at = angle * (2.0 * i / parts - 1);
            line.add(radius * Elementary.sin(at));
            line.add(radius - deep - radius * Elementary.cos(at));
        }
        return line;
    }

    /** For a mat another one, for a cutter another depth, whose repeats close. */
    private static List<Mend> closing(Settings set, double p, int n) {
        if (!set.isCutter()) {
            return List.of(Mend.setting(Phrase.of("A mat of {}", Quantity.length(p / n)), "repeat", p / n));
        }
        return new Press(set.cutter(), set.deep(), 0)
                .closing(p).stream()
                        .limit(1)
                        .map(to -> Mend.setting(
                                Phrase.of(
                                        "Press it {}: {} scallops",
                                        Quantity.length(to.depth()),
                                        Quantity.count(to.count())),
                                "deep",
                                to.depth()))
                        .toList();
    }

    private static void judge(DressingBuilder work, Settings set, int n, double mismatch, double p) {
        double share = Math.abs(mismatch) / set.repeat();
        double eased = Math.abs(mismatch) / n / set.repeat();
        List<Mend> mends = new ArrayList<>();
        mends.add(Mend.setting(
                Phrase.of("Share it: {} on every repeat", Quantity.length(mismatch / n)), "put", "shared"));
        mends.addAll(closing(set, p, n));
        if (set.put() == Put.BACK && share > Compare.UNNOTICED_UP_TO + Rounding.EPS) {
            work.find(
                    MISMATCH,
                    Phrase.of(
                            "{} repeats of {} leave {} at the back, {} of a repeat.",
                            Quantity.count(n),
                            Quantity.length(set.repeat()),
                            Quantity.length(mismatch),
                            Quantity.share(share)),
                    mends);
        }
        if (set.put() == Put.SHARED && eased > Compare.UNNOTICED_UP_TO + Rounding.EPS) {
            work.find(
                    STRETCHED,
                    Phrase.of(
                            "Every repeat is eased by {}: {} of it.",
                            Quantity.length(mismatch / n),
                            Quantity.share(eased)),
                    Mend.setting(Phrase.of("Leave {} at the back", Quantity.length(mismatch)), "put", "back"));
        }
    }
}
