package sectorum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import sectorum.art.Motif;
import sectorum.art.Rings;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;

/** Seeded samples for property tests: the same every run. */
public final class Seeds {
    /** A disc of 24 with a hole of 10 on a rectangle of 30 × 40, in two shades. */
    public static final Motif BADGE = Motif.of(
            "badge",
            "Badge",
            List.of(
                    Motif.Region.of("#335577", Rings.of(List.of(-15.0, 0.0, 15.0, 0.0, 15.0, 40.0, -15.0, 40.0))),
                    Motif.Region.of("#cc9944", new Rings(List.of(disc(24, 48)), List.of(disc(10, 24))))));

    private static List<Double> disc(double across, int corners) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            line.add(across / 2 * Math.cos(2 * Math.PI * i / corners));
            line.add(20 + across / 2 * Math.sin(2 * Math.PI * i / corners));
        }
        return line;
    }

    private Seeds() {}

    /** Few in {@code ./test}; {@code scripts/fuzz} asks for many times as many. */
    public static Stream<Random> randoms(int many) {
        return IntStream.range(0, many * Integer.getInteger("sectorum.samples", 1))
                .mapToObj(i -> new Random(7919L * i + 17));
    }

    public static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** A named outline, so that a failing case says what it was. */
    public record Named(String name, Outline outline) {
        @Override
        public String toString() {
            return name;
        }
    }

    /** Every kind of outline in seeded sizes, some with no corner radius, some under coats. */
    public static Stream<Named> outlines() {
        return randoms(4).flatMap(random -> {
            double t = random.nextInt(3) * 4.25;
            List<Named> made = new ArrayList<>();
            double a = Math.rint(between(random, 120, 400));
            double b = Math.rint(between(random, 100, 300));
            double r = random.nextBoolean() ? 0 : Math.rint(between(random, 1, 24));
            int k = 3 + random.nextInt(8);
            add(made, OutlineKind.ROUND, Map.of("diameter", a), t);
            add(made, OutlineKind.RING, Map.of("diameter", a, "hole", 60.0), t);
            add(made, OutlineKind.SQUARE, Map.of("side", a, "corner", r), t);
            add(made, OutlineKind.RECTANGLE, Map.of("width", a, "depth", b, "corner", r), t);
            add(made, OutlineKind.POLYGON, Map.of("sides", k, "side", b, "corner", r), t);
            add(made, OutlineKind.OVAL, Map.of("length", a, "width", b), t);
            add(made, OutlineKind.HEART, Map.of("side", b, "front", random.nextBoolean() ? "point" : "notch"), t);
            double lobe = between(random, 60, 120);
            double ring = lobe / 2 / Math.sin(Math.PI / k) * between(random, 0.6, 1);
            add(made, OutlineKind.PETAL, Map.of("lobes", k, "lobe", lobe, "ring", ring), t);
            return made.stream();
        });
    }

    private static void add(List<Named> made, OutlineKind kind, Map<String, Object> sizes, double t) {
        made.add(new Named(kind.key() + sizes + " under " + t, kind.build(new Values(sizes), t)));
    }
}
