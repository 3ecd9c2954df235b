package sectorum.technique;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import sectorum.Seeds;
import sectorum.art.Motif;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.bench.Round;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Box;
import sectorum.finding.Finding;
import sectorum.measure.Tape;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.outline.Outlines;
import sectorum.plan.Tier;
import sectorum.surface.LevelSurface;
import sectorum.surface.Reading;
import sectorum.surface.Side;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.tier.PlacedTier;

/** Places for tests of techniques. */
final class Places {
    static final Bench BENCH = Bench.of(new Tape(1));
    /** The second tier of the worked examples: tape reads 731, 118 high. */
    static final Side TAPED = round(731, 118);

    /** See {@link Seeds#BADGE}. */
    static final List<Motif> ART = List.of(Seeds.BADGE);

    private Places() {}

    /** Every technique that goes on a side. */
    static List<Technique> ofTheSide() {
        return Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(SurfaceKind.SIDE))
                .toList();
    }

    static Side round(double p, double h) {
        return Side.of(OutlineKind.ROUND, Values.NONE, h, 0, List.of(Reading.of(Reading.What.FOOT, p)));
    }

    static DressingContext on(Technique technique, Side side, int n, int colours) {
        return on(technique, side, n, colours, BENCH);
    }

    static DressingContext on(Technique technique, Side side, int n, int colours, Bench bench) {
        Division division = Division.of(side.outline(), n, Front.SECTION);
        return new DressingContext(side, division, technique.usualZone(side), colours, bench).drawn(ART);
    }

    /** How wide a shape is. */
    static double width(Layout.Shape shape) {
        Box box = Box.of(shape.xz());
        return box.right() - box.left();
    }

    /** A round top of a diameter. */
    static Surface level(double across) {
        Outline rim = Outlines.round(across, 0);
        return LevelSurface.of(SurfaceKind.TOP, rim, rim, List.of(), 0);
    }

    /** On the board under a round tier. */
    static DressingContext onBoard(Technique technique, int n, int colours) {
        Surface board = PlacedTier.alone(Tier.fresh("tier", "Tier")).surfaces().stream()
                .filter(s -> s.kind() == SurfaceKind.BOARD)
                .findFirst()
                .orElseThrow();
        Division division = Division.of(Tier.fresh("tier", "Tier").side().outline(), n, Front.SECTION);
        return new DressingContext(board, division, technique.usualZone(board), colours, BENCH).drawn(ART);
    }

    /** On the taped side, or on a board. */
    static DressingContext usual(Technique technique, int n) {
        return technique.surfaces().contains(SurfaceKind.SIDE) ? taped(technique, n) : onBoard(technique, n, 1);
    }

    static DressingContext taped(Technique technique, int n) {
        return on(technique, TAPED, n, 1);
    }

    /** The same place over pieces, of which there are none. */
    static DressingContext overNothing(DressingContext place) {
        return new DressingContext(
                place.surface(),
                place.division(),
                place.zone(),
                place.stretch(),
                place.turns(),
                place.bench(),
                new Ground(null, true, List.of(), List.of()));
    }

    static Bench with(Round... shelf) {
        return new Bench(new Tape(1), Hand.RIGHT, List.of(shelf));
    }

    static DressingContext leftHanded(DressingContext place) {
        Bench left = new Bench(place.tape(), Hand.LEFT, place.bench().shelf());
        return new DressingContext(place.surface(), place.division(), place.zone(), place.colours(), left)
                .drawn(place.art());
    }

    /** A side of this outline, a little narrower at its top edge. */
    static Side side(Seeds.Named named, Random random) {
        double p = named.outline().perimeter();
        Side round = Side.of(
                OutlineKind.ROUND,
                Values.NONE,
                Seeds.between(random, 70, 200),
                0,
                List.of(Reading.of(Reading.What.FOOT, p), Reading.of(Reading.What.TOP, p * 0.97)));
        return new Side(named.outline(), round.foot(), round.top(), round.height(), List.of());
    }

    /** A count that closes on this outline. */
    static int count(Seeds.Named named, Random random) {
        return named.outline().cornersRule() ? named.outline().corners().size() * 2 : 3 + random.nextInt(12);
    }

    /** {@code "drop=48 curve=arc"} as settings. */
    static Values set(String settings) {
        Map<String, Object> named = new TreeMap<>();
        for (String each : settings.isBlank() ? new String[0] : settings.trim().split(" +")) {
            String[] pair = each.split("=");
            named.put(pair[0], pair[1].matches("-?[0-9.]+") ? (Object) Double.valueOf(pair[1]) : pair[1]);
        }
        return new Values(named);
    }

    static double figure(Dressed dressed, String label) {
        return dressed.figures().stream()
                .filter(f -> f.label().equals(label))
                .findFirst()
                .orElseThrow(() -> new AssertionError(label + " is none of " + dressed.figures()))
                .quantity()
                .value();
    }

    static List<String> rules(Dressed dressed) {
        return dressed.findings().stream().map(Finding::rule).toList();
    }
}
