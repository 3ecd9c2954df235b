package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.material.Material;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.outline.OutlineKind;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.surface.SpacePoint;
import sectorum.surface.Stretch;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.tier.PlacedTier;

/** Clusters, gathered circles, flags and the board's ribbon. */
class ClusterTest {
    private static final Technique CLUSTER = new Clusters();
    private static final Technique GATHERED = new GatheredCircles();

    static Tier tier(OutlineKind kind) {
        Tier fresh = Tier.fresh("tier", "Tier");
        return new Tier(
                "tier",
                "Tier",
                new OutlineSpec(kind.key(), Values.NONE),
                120,
                null,
                false,
                fresh.coats(),
                List.of(),
                null,
                List.of(),
                fresh.divisions(),
                List.of());
    }

    private static DressingContext on(OutlineKind kind, SurfaceKind surface, boolean part, int colours) {
        Tier tier = tier(kind);
        Surface seen = PlacedTier.alone(tier).surfaces().stream()
                .filter(s -> s.kind() == surface)
                .findFirst()
                .orElseThrow();
        Division division = Division.of(tier.side().outline(), 12, Front.SECTION);
        double p = seen.period();
        Stretch stretch = part ? new Stretch(Along.of(0.1 * p, p), 0.55 * p) : null;
        return new DressingContext(seen, division, CLUSTER.usualZone(seen), stretch, Turns.of(colours), Places.BENCH);
    }

    static Stream<Arguments> everywhere() {
        return Arrays.stream(OutlineKind.values())
                .flatMap(o -> PlacedTier.alone(tier(o)).surfaces().stream()
                        .flatMap(s -> Stream.of("filled", "ring", "pile").map(l -> Arguments.of(o, s.kind(), l))));
    }

    /** Checked apart from what laid them: every pair by its distance in space, every one against its zone. */
    @ParameterizedTest(name = "{2} on the {1} of a {0}")
    @MethodSource("everywhere")
    void noneGoesThroughAnotherAndNoneLeavesItsZone(OutlineKind outline, SurfaceKind surface, String laid) {
        for (boolean part : new boolean[] {false, true}) {
            DressingContext place = on(outline, surface, part, 3);
            Dressed dressed = CLUSTER.dress(Places.set("kind=ball layers=3 cover=0.55 largest=16 laid=" + laid), place);
            List<double[]> balls = new ArrayList<>();
            for (Layout.Placement p : dressed.layout().placements()) {
                double r = Places.width(dressed.layout().shapes().get(p.shape())) / 2;
                SpacePoint at = place.surface().at(p.s(), p.z());
                balls.add(new double[] {
                    at.x() + p.lift() * at.nx(), at.y() + p.lift() * at.ny(), at.up() + p.lift() * at.nUp(), r
                });
                assertThat(p.z() - r).isGreaterThan(place.zone().foot() - 1e-6);
                assertThat(p.z() + r).isLessThan(place.zone().top() + 1e-6);
                assertThat(place.holds(Along.of(p.s(), place.surface().period())))
                        .isTrue();
            }
            assertThat(balls).isNotEmpty();
            for (int i = 0; i < balls.size(); i++) {
                for (int j = 0; j < i; j++) {
                    double[] a = balls.get(i);
                    double[] b = balls.get(j);
                    double away =
                            Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
                    assertThat(away).isGreaterThan(a[3] + b[3] - 1e-6);
                }
            }
        }
    }

    @Test
    @DisplayName("flowers of 40 on a ring of radius 90: 14")
    void aRingOfOneSize() {
        for (double radius : List.of(90.0, 60.0, 130.0)) {
            Surface top = Places.level(2 * radius + 60);
            DressingContext place = new DressingContext(
                    top, Places.onBoard(CLUSTER, 8, 1).division(), new Zone(10, 50), null, Turns.of(1), Places.BENCH);
            Dressed dressed = CLUSTER.dress(Places.set("laid=ring sizes=1 largest=40"), place);
            int n = (int) Math.floor(Math.PI / Math.asin(40 / (2 * radius)) + 1e-9);
            assertThat(dressed.layout().placements().stream()
                                    .filter(p -> p.lift() > 0)
                                    .count()
                            / 2)
                    .isEqualTo(n);
            if (radius == 90) {
                assertThat(n).isEqualTo(14);
            }
        }
    }

    @Test
    void sizesAreCountedColoursSharedAndLeavesAReserve() {
        DressingContext place = on(OutlineKind.ROUND, SurfaceKind.TOP, false, 2);
        Dressed dressed = CLUSTER.dress(Places.set("kind=flower sizes=3 largest=24 smallest=12 reserve=0.5"), place);
        List<Making.Wanted> wanted = dressed.making().wanted();
        int flowers = wanted.stream()
                .filter(w -> w.material() == Material.GUM)
                .mapToInt(Making.Wanted::count)
                .sum();
        Map<Integer, Integer> byColour = new TreeMap<>();
        wanted.stream()
                .filter(w -> w.material() == Material.GUM)
                .forEach(w -> byColour.merge(w.colour(), w.count(), Integer::sum));
        assertThat(Math.abs(byColour.get(0) - byColour.get(1))).isLessThanOrEqualTo(1);
        Making.Wanted leaves = wanted.get(wanted.size() - 1);
        assertThat(leaves.count()).isEqualTo((int) Math.ceil(flowers / 2.0));
        assertThat(leaves.size()).isCloseTo(0.8 * 24, within(1e-9));
        assertThat(leaves.colour()).isEqualTo(Making.UNCOLOURED);
        assertThat(dressed.making()
                        .steps()
                        .get(dressed.making().steps().size() - 1)
                        .what()
                        .toString())
                .startsWith("Last, fill");
        assertThat(dressed.making().out()).isEmpty();
        assertThat(CLUSTER.dress(Places.set("kind=flower stems=wired"), place)
                        .making()
                        .out())
                .hasSize(1)
                .allMatch(o -> o.what().contains("wire"));
    }

    @ParameterizedTest
    @EnumSource(ClusterKind.class)
    void everyKindIsMadeOfItsMaterial(ClusterKind kind) {
        DressingContext place = on(OutlineKind.ROUND, SurfaceKind.TOP, false, 1);
        Dressed dressed = CLUSTER.dress(
                Places.set("sizes=1 largest=20 kind=" + kind.name().toLowerCase()), place);
        long n = dressed.making().pieces();
        if (!kind.isDried()) {
            assertThat(dressed.making().grams()).isCloseTo(n * kind.material.ball(20), within(1e-6));
        }
        assertThat(dressed.making().adhesive()).isEqualTo(kind.adhesive.words());
    }

    @Test
    void theSameSeedTheSameAndAnotherAnother() {
        DressingContext place = on(OutlineKind.SQUARE, SurfaceKind.TOP, false, 2);
        Layout first = CLUSTER.dress(Places.set("kind=fruit seed=4"), place).layout();
        assertThat(CLUSTER.dress(Places.set("kind=fruit seed=4"), place).layout())
                .isEqualTo(first);
        assertThat(CLUSTER.dress(Places.set("kind=fruit seed=5"), place).layout())
                .isNotEqualTo(first);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"cover=0.9, cluster.full", "largest=100, cluster.out-of-zone", "cover=0.3, ''"})
    void foundAndMended(String settings, String rule) {
        DressingContext place = on(OutlineKind.ROUND, SurfaceKind.SIDE, false, 1);
        Values set = Places.set("kind=ball sizes=2 " + settings);
        Dressed dressed = CLUSTER.dress(set, place);
        assertThat(Places.rules(dressed)).isEqualTo(rule.isEmpty() ? List.of() : List.of(rule));
        dressed.findings().forEach(f -> {
            var change = f.mends().get(0).changes().get(0);
            assertThat(Places.rules(CLUSTER.dress(set.with(change.field(), change.value()), place)))
                    .isEmpty();
        });
    }

    /** As many as their factor by the flat area asks for, but for the ends of rows; colours outermost first. */
    @ParameterizedTest(name = "{0} on the {1}")
    @CsvSource({"ROUND, SIDE", "ROUND, TOP", "RING, TOP", "RING, INNER", "SQUARE, TOP", "HEART, SIDE"})
    void gatheredCirclesStandClose(OutlineKind outline, SurfaceKind surface) {
        DressingContext usual = on(outline, surface, false, 3);
        DressingContext place = usual.within(usual.surface().whole());
        Dressed dressed = GATHERED.dress(Places.set("size=14 icing=4"), place);
        int n = dressed.layout().pieces();
        double asked = 2.8 * place.area() / (Math.PI / 4 * 14 * 14);
        assertThat((double) n).isCloseTo(asked, within(0.14 * asked));
        assertThat(dressed.making().used().stream()
                        .filter(u -> u.material() == Material.BUTTERCREAM)
                        .mapToDouble(Making.Used::grams)
                        .sum())
                .isCloseTo(place.area() * 4 / 1000 * 0.95, within(1e-6));
        List<Layout.Placement> all = dressed.layout().placements();
        assertThat(all.get(0).z()).isLessThan(all.get(n - 1).z());
        for (int i = 1; i < n; i++) {
            assertThat(all.get(i).z()).isGreaterThanOrEqualTo(all.get(i - 1).z() - 1e-9);
            assertThat(all.get(i).colour())
                    .isGreaterThanOrEqualTo(all.get(i - 1).colour());
        }
        assertThat(dressed.making().cuts()).extracting(Making.Cut::count).allMatch(c -> Math.abs(c - n / 3.0) <= 1);
    }

    @ParameterizedTest(name = "gathered {0}: {1}")
    @CsvSource({"icing=1, gathered.thin", "icing=9, gathered.thin", "size=200, gathered.out-of-zone", "icing=3, ''"})
    void gatheredFoundAndMended(String settings, String rule) {
        DressingContext place = on(OutlineKind.ROUND, SurfaceKind.SIDE, false, 1);
        Dressed dressed = GATHERED.dress(Places.set(settings), place);
        assertThat(Places.rules(dressed)).isEqualTo(rule.isEmpty() ? List.of() : List.of(rule));
        dressed.findings().forEach(f -> {
            var change = f.mends().get(0).changes().get(0);
            Values mended = Places.set(settings).with(change.field(), change.value());
            assertThat(Places.rules(GATHERED.dress(mended, place))).isEmpty();
        });
    }

    /** Flags and joints fill the board outside the cake; checked by counting random places. */
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({
        "ROUND, joint=2",
        "SQUARE, joint=1 turn=0.5",
        "HEART, joint=0 bond=broken",
        "RECTANGLE, middle=flag",
        "ROUND, wide=18 deep=32 bond=broken turn=0.785"
    })
    void flagsFillTheBoard(OutlineKind outline, String settings) {
        DressingContext usual = on(outline, SurfaceKind.BOARD, false, 2);
        DressingContext place = usual.within(usual.surface().whole());
        Technique tiles = new Tiles();
        Values set = Places.set(settings).with("least", 0.0);
        Dressed dressed = tiles.dress(set, place);
        Dressed all = Dressed.of(tiles, set, place);
        double flags = dressed.layout().placements().stream()
                .mapToDouble(
                        p -> Flat.area(dressed.layout().shapes().get(p.shape()).xz()))
                .sum();
        assertThat(all.layout().inPlane()).hasSameSizeAs(dressed.layout().placements());
        int n = dressed.layout().pieces();
        assertThat(dressed.making().pieces()).isEqualTo(n);
        List<Double> rim = ((sectorum.surface.LevelSurface) place.surface()).inPlane(0);
        for (int i = 0; i < n; i++) {
            Layout.Placement p = dressed.layout().placements().get(i);
            var lies = all.layout().inPlane().get(i);
            List<Double> there = Flat.moved(
                    Flat.turned(dressed.layout().shapes().get(p.shape()).xz(), lies.angle()), lies.x(), lies.y());
            assertThat(Flat.area(Flat.clipped(there, rim))).isCloseTo(Flat.area(there), within(0.3));
        }
        double whole = Flat.area(rim);
        assertThat(flags).isLessThanOrEqualTo(whole + 1);
        assertThat(flags).isGreaterThan(place.area() * 0.7);
    }

    @Test
    void pressedFlagsAreAMarkInASoftCovering() {
        DressingContext place = Places.onBoard(new Tiles(), 8, 1);
        Dressed dressed = new Tiles().dress(Places.set("laid=pressed"), place);
        assertThat(dressed.making().pieces()).isZero();
        assertThat(dressed.making().steps()).allMatch(Making.Step::soft).anyMatch(Making.Step::lasting);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"wide=5 deep=5, tiles.many", "least=0, tiles.slivers"})
    void flagsFoundAndMended(String settings, String rule) {
        DressingContext place = Places.onBoard(new Tiles(), 8, 1);
        Dressed dressed = new Tiles().dress(Places.set(settings), place);
        assertThat(Places.rules(dressed)).containsExactly(rule);
        assertThat(dressed.findings().get(0).mends()).isNotEmpty();
    }

    @Test
    void theRibbonIsAsLongAsTheEdgeAndItsLap() {
        DressingContext place = Places.onBoard(new BoardRibbon(), 8, 1);
        Dressed dressed = new BoardRibbon().dress(Places.set("lap=25"), place);
        double edge = place.surface().around(0);
        assertThat(Places.figure(dressed, "long")).isCloseTo(edge + 25, within(1e-9));
        Layout.Shape line = dressed.layout().shapes().get(0);
        assertThat(Flat.length(line.xz(), false)).isCloseTo(edge, within(edge * 0.001));
        assertThat(dressed.making().out()).extracting(Making.Out::what).containsExactly("ribbon");
        assertThat(Places.rules(new BoardRibbon().dress(Places.set("wide=15 thick=12"), place)))
                .containsExactly("ribbon.wide");
    }
}
