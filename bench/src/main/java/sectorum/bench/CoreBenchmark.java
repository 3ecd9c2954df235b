package sectorum.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.divide.Rehearsal;
import sectorum.make.Blank;
import sectorum.make.Nest;
import sectorum.make.Roll;
import sectorum.make.Worktop;
import sectorum.measure.Tape;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.plan.Brief;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.surface.SurfaceKind;
import sectorum.tier.AheadTray;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;
import sectorum.tier.StackWorkup;

/** What an edit waits for. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmark {
    private static final Bench BENCH = Bench.of(new Tape(1));

    private final Outline oval = OutlineKind.OVAL.build(new Values(Map.of("length", 300.0, "width", 220.0)), 8.5);
    private final Plan oneTier = plan(1, "swag");
    private final Plan fourTiers = plan(4, "swag");
    private final Plan gala = gala();

    private static final ZoneSpec ALL =
            new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 0), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 0));

    private static Plan plan(int tiers, String... techniques) {
        List<Tier> stack = java.util.stream.IntStream.range(0, tiers)
                .mapToObj(i -> new Tier(
                        "tier-" + i,
                        "Tier",
                        new OutlineSpec("round", new Values(Map.of("diameter", 300.0 - 50 * i))),
                        110,
                        null,
                        false,
                        List.of(new Coat("fondant", 8.5)),
                        i == 0 ? List.of(Reading.of(Reading.What.FOOT, 990)) : List.of(),
                        null,
                        List.of(),
                        List.of(DivisionSpec.of("marks", 11, 66.0, Front.SECTION, Preference.ODD, List.of())),
                        Arrays.stream(techniques)
                                .map(t -> Dressing.fresh(t, t, SurfaceKind.SIDE, "marks"))
                                .toList()))
                .toList();
        return new Plan(Plan.FORMAT, Plan.VERSION, "Bench", null, Brief.EMPTY, List.of(), stack);
    }

    /** As the demo of four tiers. */
    static Plan gala() {
        return plan(4, "drape", "garland", "jabot", "pearls", "border");
    }

    @Benchmark
    public StackWorkup oneTierInSwags() {
        return Workup.of(oneTier, BENCH);
    }

    @Benchmark
    public StackWorkup fourTiersInSwags() {
        return Workup.of(fourTiers, BENCH);
    }

    /** 500 stakes and 80 rows: 20,000 weavers; with rows four times as high a quarter of them. */
    private final Tier fineWeave = weave(2.5);

    private final Tier coarserWeave = weave(10);

    private static Tier weave(double weaver) {
        return new Tier(
                "fine",
                "Fine",
                new OutlineSpec("round", new Values(Map.of("diameter", 480.0))),
                200,
                null,
                false,
                List.of(),
                List.of(),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 500, null, Front.SECTION, Preference.ANY, List.of())),
                List.of(Dressing.fresh("weave", "weave", SurfaceKind.SIDE, "marks")
                        .with(new Values(Map.of("each", 1, "stake", 1.0, "weaver", weaver)))));
    }

    @Benchmark
    public TierWorkup fiveThousandPieces() {
        return Workup.tier(coarserWeave, BENCH);
    }

    @Benchmark
    public TierWorkup twentyThousandPieces() {
        return Workup.tier(fineWeave, BENCH);
    }

    /** Some 20,000 discs of five colours, mixed so that neighbours differ, and in bands from the foot. */
    private final Tier mixedDiscs = covered("mixed");

    private final Tier bandedDiscs = covered("banded");

    private static Tier covered(String spread) {
        Tier tier = plan(1).tiers().get(0);
        Dressing cover = new Dressing(
                "cover",
                "cover",
                null,
                "marks",
                null,
                false,
                false,
                List.of("a", "b", "c", "d", "e"),
                new Values(Map.of("size", 3.8, "spread", spread)));
        return tier.wearing(List.of(cover));
    }

    private final Tier pipedFull = piped("piping", Map.of("form", "shell", "size", 5.0, "pitch", 4.0, "rows", 30));

    private final Tier train =
            piped("fall", Map.of("upper", 200.0, "half", 300.0, "lower", 400.0, "small", 8.0, "large", 12.0));

    private static Tier piped(String technique, Map<String, Object> settings) {
        Tier tier = plan(1).tiers().get(0);
        return tier.wearing(List.of(new Dressing(
                technique, technique, null, "marks", ALL, false, false, List.of("a", "b"), new Values(settings))));
    }

    @Benchmark
    public TierWorkup fiveThousandShells() {
        return Workup.tier(pipedFull, BENCH);
    }

    @Benchmark
    public TierWorkup aTrainOfFourHundred() {
        return Workup.tier(train, BENCH);
    }

    @Benchmark
    public TierWorkup twentyThousandDiscsMixed() {
        return Workup.tier(mixedDiscs, BENCH);
    }

    @Benchmark
    public TierWorkup twentyThousandDiscsBanded() {
        return Workup.tier(bandedDiscs, BENCH);
    }

    @Benchmark
    public StackWorkup fourTiersOfFiveDressings() {
        return Workup.of(gala, BENCH);
    }

    private final StackWorkup galaWorked = Workup.of(gala, BENCH);
    private final Stock stock = new Stock(
            List.of(Thing.of(ThingKind.SHEET, "Mat", new Values(Map.of("of", "mat", "width", 600.0, "length", 800.0)))),
            null);
    private final List<Blank> discs = List.of(new Blank(round(9), 20_000));
    private final List<Blank> mixed =
            List.of(new Blank(round(22), 60), new Blank(List.of(0.0, 0.0, 60.0, 0.0, 30.0, 44.0), 40));

    private static List<Double> round(double d) {
        return java.util.stream.IntStream.range(0, 40)
                .boxed()
                .flatMap(i -> java.util.stream.Stream.of(
                        d / 2 * Math.cos(Math.PI * i / 20), d / 2 * Math.sin(Math.PI * i / 20)))
                .toList();
    }

    @Benchmark
    public Worktop worktopOfFourTiers() {
        return Workup.worktop(gala, galaWorked, stock);
    }

    @Benchmark
    public Object nestOfTwentyThousandDiscs() {
        return Nest.of(discs, Roll.of("A4", 210, 297));
    }

    @Benchmark
    public Object nestOfAHundredMixedPieces() {
        return Nest.of(mixed, Roll.of("Mat", 300, 400));
    }

    @Benchmark
    public double ovalInto500WithItsPoints() {
        double far = 0;
        for (double s : Division.of(oval, 500, Front.SECTION).marks()) {
            far += oval.at(s).x();
        }
        return far;
    }

    @Benchmark
    public Rehearsal rehearsalOfTwelve() {
        return Rehearsal.of(731, 12, 30.5, true, null, new Tape(1), 0.7, new Rehearsal.Tries(2000, 5));
    }

    /** Sixty pieces made ahead of every kind, each named anew, so that none has been worked out before. */
    @Benchmark
    public Object sixtyPiecesMadeAhead() {
        named++;
        return Workup.pieces(sixty(named), BENCH);
    }

    /** The same when one was moved. */
    @Benchmark
    public Object sixtyPiecesOneMoved() {
        named++;
        List<OwnPiece> pieces = new ArrayList<>(placed.pieces());
        OwnPiece first = pieces.get(0);
        pieces.set(0, first.at(new OwnPiece.Seat("", first.seat().on(), named % 360, 30, 0)));
        return Workup.pieces(placed.with(pieces), BENCH);
    }

    private int named;
    private final Plan placed = sixty(0);

    private Plan sixty(int turn) {
        List<OwnPiece> pieces = new ArrayList<>();
        for (Tier tier : fourTiers.tiers()) {
            for (AheadTray offered : Workup.tray(fourTiers, tier.id(), BENCH)) {
                OwnPiece piece = offered.piece();
                if (pieces.size() < 60) {
                    pieces.add(named("piece-" + pieces.size(), piece)
                            .sized(piece.width() + (turn % 997) / 1000.0, piece.height()));
                }
            }
        }
        return fourTiers.with(pieces);
    }

    private static OwnPiece named(String id, OwnPiece p) {
        return new OwnPiece(
                id, p.name(), p.kind(), p.settings(), p.form(), p.width(), p.height(), p.thickness(), p.count(), p.material(),
                p.colour(), p.dark(), p.seat(), p.labour(), p.resting(), p.sticks(), p.eaten());
    }
}
