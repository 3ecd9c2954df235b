package sectorum.technique;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import sectorum.Seeds;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.bench.Round;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.finding.Finding;
import sectorum.measure.Tape;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.surface.Reading;
import sectorum.surface.Side;

/** Places for tests of techniques. */
final class Places {
    static final Bench BENCH = Bench.of(new Tape(1));
    /** The second tier of the worked examples: tape reads 731, 118 high. */
    static final Side TAPED = round(731, 118);

    private Places() {}

    static Side round(double p, double h) {
        return Side.of(OutlineKind.ROUND, Values.NONE, h, 0, List.of(Reading.of(Reading.What.FOOT, p)));
    }

    static DressingContext on(Technique technique, Side side, int n, int colours) {
        return on(technique, side, n, colours, BENCH);
    }

    static DressingContext on(Technique technique, Side side, int n, int colours, Bench bench) {
        Division division = Division.of(side.outline(), n, Front.SECTION);
        return new DressingContext(side, division, technique.usualZone(side), colours, bench);
    }

    static DressingContext taped(Technique technique, int n) {
        return on(technique, TAPED, n, 1);
    }

    static Bench with(Round... shelf) {
        return new Bench(new Tape(1), Hand.RIGHT, List.of(shelf));
    }

    static DressingContext leftHanded(DressingContext place) {
        Bench left = new Bench(place.tape(), Hand.LEFT, place.bench().shelf());
        return new DressingContext(place.surface(), place.division(), place.zone(), place.colours(), left);
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
