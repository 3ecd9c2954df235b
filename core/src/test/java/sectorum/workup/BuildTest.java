package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.round;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Stock;
import sectorum.build.Build;
import sectorum.build.Inserted;
import sectorum.finding.Mend;
import sectorum.measure.Values;
import sectorum.plan.Coat;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Stand;
import sectorum.plan.Stick;
import sectorum.plan.Sticks;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.tier.StackWorkup;

/** What carries a stack: masses sum, dowels never collide, ledges are what is seen. */
class BuildTest {
    /** Bare tiers of these kinds and sizes, foot to top. */
    private static Plan stack(double height, Object... kindsAndSizes) {
        List<Tier> tiers = new ArrayList<>();
        for (int i = 0; i < kindsAndSizes.length; i += 2) {
            String kind = (String) kindsAndSizes[i];
            String size = kind.equals("square") ? "side" : "diameter";
            Tier t = round().tier();
            tiers.add(new Tier(
                    "tier-" + i / 2,
                    "Tier",
                    new OutlineSpec(kind, new Values(Map.of(size, kindsAndSizes[i + 1]))),
                    height,
                    null,
                    false,
                    List.of(new Coat("fondant", 0)),
                    List.of(),
                    null,
                    List.of(),
                    t.divisions(),
                    List.of()));
        }
        return new Tables(tiers, List.of(), Stock.NONE, Table.USUAL).plan();
    }

    private static Build built(Plan plan) {
        return Workup.build(plan, Workup.of(plan, Tiers.BENCH));
    }

    @ParameterizedTest(name = "an upper board of {0} asks for {1}")
    @CsvSource({"105, 3", "105.1, 4", "155, 4", "155.1, 5", "205, 5", "205.1, 6", "255, 6", "255.1, 8"})
    void dowelsByTheUpperBoard(double across, int dowels) {
        Build.Standing lower =
                built(stack(60, "round", 400.0, "round", across)).tiers().get(0);
        assertThat(lower.bySize()).isEqualTo(dowels);
        assertThat(lower.dowels()).hasSizeGreaterThanOrEqualTo(dowels);
    }

    @Test
    void massesAreVolumesTimesDensityAndLoadsAreAllAbove() {
        Build build = built(stack(100, "round", 300.0, "round", 200.0, "round", 100.0));
        double[] own = new double[3];
        for (int i = 0; i < 3; i++) {
            double r = (300 - 100 * i) / 2.0;
            own[i] = Math.PI * r * r * 100 / 1000 * 0.7;
            assertThat(build.tiers().get(i).own()).isCloseTo(own[i], within(1e-6));
        }
        double board1 = Math.PI * 100 * 100 * 4 / 1000 * 0.7;
        double board2 = Math.PI * 50 * 50 * 4 / 1000 * 0.7;
        assertThat(build.tiers().get(0).load()).isCloseTo(own[1] + own[2] + board1 + board2, within(1e-6));
        assertThat(build.tiers().get(1).load()).isCloseTo(own[2] + board2, within(1e-6));
        assertThat(build.tiers().get(2).load()).isZero();
        assertThat(build.grams()).isCloseTo(own[0] + build.tiers().get(0).load(), within(1e-6));
        assertThat(build.height()).isEqualTo(308);
        assertThat(build.centre()).isNull();
        Stand stand = new Stand(Stand.Rod.WOOD, null, null, true, Map.of(), Map.of());
        assertThat(built(stack(100, "round", 300.0, "round", 200.0, "round", 100.0)
                                .on(stand))
                        .centre())
                .isEqualTo(288);
    }

    @Test
    void aHeavyTierAsksForDowelsByItsLoad() {
        Stand fruit = new Stand(Stand.Rod.STRAW, null, null, false, Map.of("tier-1", Stand.Cake.FRUIT), Map.of());
        Build.Standing lower = built(stack(120, "round", 400.0, "round", 300.0).on(fruit))
                .tiers()
                .get(0);
        assertThat(lower.byLoad()).isEqualTo((int) Math.ceil(lower.load() / 500));
        assertThat(lower.dowels()).hasSize(Math.max(lower.byLoad(), 8));
    }

    @ParameterizedTest(name = "{0} on {2} shifted {4}")
    @CsvSource({
        "round, 200, round, 300, 0 0, 50 50 50 50",
        "round, 200, round, 300, 0 30, 80 20 46.969 46.969",
        "square, 100, square, 260, 20 0, 80 80 100 60",
        "round, 100, square, 200, 0 0, 50 50 50 50",
    })
    void ledgesConcentricAndOffset(String upper, double a, String lower, double b, String shift, String ledges) {
        double[] at = numbers(shift);
        double[] seen = numbers(ledges);
        Stand stand = new Stand(null, null, null, false, Map.of(), Map.of("tier-1", new Stand.Shift(at[0], at[1])));
        Build.Ledge ledge =
                built(stack(80, lower, b, upper, a).on(stand)).tiers().get(0).ledge();
        double[] found = {ledge.front(), ledge.back(), ledge.left(), ledge.right()};
        assertThat(found).containsExactly(seen, within(0.06));
    }

    private static double[] numbers(String said) {
        return java.util.Arrays.stream(said.split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    static List<Integer> seeds() {
        return java.util.stream.IntStream.range(0, 40 * Integer.getInteger("sectorum.samples", 1))
                .boxed()
                .toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void dowelsStandUnderTheBoardApartFromOneAnotherUnlessItIsSaid(int seed) {
        Random random = new Random(seed);
        double top = 90 + random.nextInt(200);
        Stand stand = new Stand(
                Stand.Rod.values()[random.nextInt(3)],
                null,
                null,
                random.nextBoolean(),
                Map.of("tier-1", Stand.Cake.values()[random.nextInt(4)]),
                Map.of("tier-1", new Stand.Shift(random.nextInt(20), random.nextInt(20))));
        Plan plan =
                stack(60 + random.nextInt(120), "round", top + 80, "round", top).on(stand);
        Build build = built(plan);
        Build.Standing lower = build.tiers().get(0);
        Stand.Shift at = stand.shift("tier-1");
        boolean crowded = build.findings().stream().anyMatch(f -> f.rule().equals("build.crowded"));
        for (Build.Dowel d : lower.dowels()) {
            assertThat(Math.hypot(d.x() - at.x(), d.y() - at.y())).isCloseTo(0.7 * lower.seat(), within(1e-6));
            for (Build.Dowel other : lower.dowels()) {
                double apart = Math.hypot(d.x() - other.x(), d.y() - other.y());
                assertThat(d == other || crowded || apart >= stand.dowel().across() + 12 - 1e-6)
                        .isTrue();
            }
        }
        assertThat(lower.dowels().size() * stand.capacity() * 1000).isGreaterThanOrEqualTo(lower.load() - 1e-6);
        double sum = build.tiers().stream().mapToDouble(Build.Standing::own).sum();
        assertThat(build.grams()).isGreaterThan(sum);
    }

    private static List<String> found(Plan plan) {
        return built(plan).findings().stream().map(f -> f.rule()).toList();
    }

    /** The rules, shown and mended; a tall stack the hand must settle. */
    static Map<String, Plan> shown() {
        Map<String, Plan> shown = new TreeMap<>();
        shown.put("build.tilt", stack(180, "round", 160.0, "round", 140.0, "round", 110.0));
        Stand over = new Stand(null, null, null, false, Map.of(), Map.of("tier-1", new Stand.Shift(90, 0)));
        shown.put("build.overhang", stack(80, "round", 300.0, "round", 200.0).on(over));
        Stand straws = new Stand(Stand.Rod.STRAW, null, null, false, Map.of("tier-1", Stand.Cake.FRUIT), Map.of());
        shown.put("build.crowded", stack(300, "round", 300.0, "round", 200.0).on(straws));
        Plan two = stack(80, "round", 300.0, "round", 200.0);
        shown.put("build.travel", stack(60, "round", 300.0, "round", 200.0, "round", 120.0));
        shown.put(
                "build.lift",
                stack(120, "round", 300.0, "round", 200.0)
                        .on(new Stand(
                                null,
                                null,
                                null,
                                false,
                                Map.of("tier-0", Stand.Cake.FRUIT, "tier-1", Stand.Cake.FRUIT),
                                Map.of())));
        Sticks one = new Sticks(Stick.PICK, 1, 60.0);
        shown.put(
                "build.stuck",
                Pressed.with(
                        two,
                        Pressed.piece("star", OwnPiece.Seat.TOP, one),
                        Pressed.piece("moon", OwnPiece.Seat.TOP, one)));
        shown.put(
                "build.hole",
                Pressed.with(
                        stack(80, "ring", 260.0),
                        Pressed.piece("bottle", new OwnPiece.Seat("", OwnPiece.On.HOLE, 0, 0, 0), one)
                                .thick(75.0)));
        shown.put(
                "build.depth",
                Pressed.with(two, Pressed.piece("tall", OwnPiece.Seat.TOP, new Sticks(Stick.PICK, 1, 120.0))));
        shown.put(
                "build.ledge",
                Pressed.with(
                        two,
                        Pressed.piece("bear", new OwnPiece.Seat("tier-0", OwnPiece.On.LEDGE, 0, 0, 0), one)
                                .thick(80)));
        shown.put(
                "build.off",
                Pressed.with(two, Pressed.piece("far", new OwnPiece.Seat("", OwnPiece.On.TOP, 0, 130, 0), one)));
        shown.put("build.touch", AheadRulesTest.crowded());
        return shown;
    }

    @Test
    void whatIsHeldAboveItsTierIsSetLowerAndWhatIsTooMuchIsFewer() {
        Sticks one = new Sticks(Stick.PICK, 1, 40.0);
        OwnPiece.Seat high = new OwnPiece.Seat("tier-0", OwnPiece.On.SIDE, 40, 0, 300);
        Plan above = Pressed.with(stack(150, "round", 300.0, "round", 200.0), Pressed.piece("bow", high, one));
        pressedAway(above, "build.off");
        OwnPiece.Seat close = new OwnPiece.Seat("", OwnPiece.On.TOP, 0, 60, 0);
        Plan crowd = Pressed.with(
                stack(150, "round", 300.0, "round", 200.0),
                Pressed.piece("stem", close, one).many(90));
        pressedAway(crowd, "build.stuck");
    }

    private static void pressedAway(Plan plan, String rule) {
        List<Mend> mends = built(plan).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .flatMap(f -> f.mends().stream())
                .toList();
        assertThat(mends).isNotEmpty();
        mends.forEach(m -> assertThat(found(Pressed.on(plan, m))).doesNotContain(rule));
    }

    @ParameterizedTest(name = "{0} pieces with {1} picks each")
    @CsvSource({"200, 20", "21, 20", "401, 1"})
    void moreThanCanBeCountedIsRefused(int many, int each) {
        Sticks sticks = new Sticks(Stick.PICK, each, 40.0);
        assertThatThrownBy(
                        () -> Pressed.piece("hedge", OwnPiece.Seat.TOP, sticks).many(many))
                .isInstanceOf(sectorum.measure.Refused.class);
        OwnPiece most = Pressed.piece("most", OwnPiece.Seat.TOP, new Sticks(Stick.PICK, 2, 40.0))
                .many(200);
        OwnPiece again = Pressed.piece("again", OwnPiece.Seat.TOP, new Sticks(Stick.PICK, 2, 40.0))
                .many(200);
        OwnPiece third = Pressed.piece("third", OwnPiece.Seat.TOP, new Sticks(Stick.PICK, 2, 40.0))
                .many(200);
        Plan two = stack(80, "round", 300.0);
        assertThatThrownBy(() -> Pressed.with(two, most, again, third)).hasMessageContaining("picks in one cake");
    }

    /** What the hand must settle. */
    private static final List<String> BY_HAND = List.of("build.tilt", "build.lift");

    @Test
    void everyRuleAppearsAndItsMendsTakeItAway() {
        assertThat(shown().keySet())
                .containsExactlyInAnyOrderElementsOf(
                        Build.rules().stream().map(r -> r.id()).toList());
        shown().forEach((rule, plan) -> {
            assertThat(found(plan)).contains(rule);
            List<Mend> mends = built(plan).findings().stream()
                    .filter(f -> f.rule().equals(rule))
                    .flatMap(f -> f.mends().stream())
                    .toList();
            assertThat(mends.isEmpty()).as(rule).isEqualTo(BY_HAND.contains(rule));
            for (Mend mend : mends) {
                assertThat(found(Pressed.on(plan, mend))).as(rule).doesNotContain(rule);
            }
        });
    }

    /** Dowels of two tiers under picks on the ledge and the side: the ring turns until all are clear. */
    @ParameterizedTest
    @MethodSource("stacks")
    void dowelsTurnClearOfPicksWhereverTheyAre(Random random) {
        Sticks one = new Sticks(Stick.PICK, 1, 20.0 + random.nextInt(60));
        OwnPiece.On on = random.nextBoolean() ? OwnPiece.On.SIDE : OwnPiece.On.LEDGE;
        OwnPiece.Seat seat = new OwnPiece.Seat("tier-0", on, random.nextInt(360), 0, 10 + random.nextInt(30));
        Plan plan = stack(110, "round", 260.0, "round", 170.0);
        Plan picked = plan.with(List.of(Pressed.piece("rose", seat, one).many(1 + random.nextInt(5))));
        Build build = built(picked);
        List<Inserted> dowels = kind(build, Inserted.Kind.DOWEL);
        List<Inserted> picks = kind(build, Inserted.Kind.PICK);
        assertThat(dowels).hasSize(kind(built(plan), Inserted.Kind.DOWEL).size());
        assertThat(picks).hasSize(picked.pieces().get(0).count());
        boolean told = build.findings().stream().anyMatch(f -> f.rule().equals("build.stuck"));
        double least = Double.MAX_VALUE;
        for (Inserted d : dowels) {
            for (Inserted p : picks) {
                least = Math.min(least, apart(d, p) - (d.across() + p.across()) / 2);
            }
        }
        assertThat(least >= 6 - 1e-6).as("%s mm apart", least).isNotEqualTo(told);
    }

    static java.util.stream.Stream<Random> stacks() {
        return sectorum.Seeds.randoms(40);
    }

    private static List<Inserted> kind(Build build, Inserted.Kind kind) {
        return build.stuck().stream().filter(i -> i.kind() == kind).toList();
    }

    /** Least distance of two straight things, found by looking along both. */
    private static double apart(Inserted a, Inserted b) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= 200; i++) {
            for (int j = 0; j <= 200; j++) {
                double s = i / 200.0;
                double t = j / 200.0;
                double x = a.x0() + s * (a.x1() - a.x0()) - b.x0() - t * (b.x1() - b.x0());
                double y = a.y0() + s * (a.y1() - a.y0()) - b.y0() - t * (b.y1() - b.y0());
                double z = a.z0() + s * (a.z1() - a.z0()) - b.z0() - t * (b.z1() - b.z0());
                least = Math.min(least, Math.sqrt(x * x + y * y + z * z));
            }
        }
        return least;
    }

    @Test
    void tallTiersGetRodsOfTheirOwnAndOneTierAloneCarriesNothing() {
        Build alone = built(stack(250, "round", 150.0));
        assertThat(alone.tiers().get(0).inner()).hasSize(4);
        assertThat(alone.tiers().get(0).dowels()).isEmpty();
        assertThat(alone.tiers().get(0).ledge()).isNull();
        Map<String, Stand.Shift> empty = new TreeMap<>();
        empty.put("tier-1", null);
        assertThatThrownBy(() -> new Stand(null, null, null, false, Map.of(), empty))
                .hasMessageContaining("tier-1");
        assertThatThrownBy(() -> new Stand(null, 0.0, null, false, Map.of(), Map.of()))
                .hasMessageContaining("kg");
    }

    @Test
    void theSeatIsTheBoardWithItsDowels() {
        Plan plan = stack(100, "round", 300.0, "round", 180.0);
        StackWorkup worked = Workup.of(plan, Tiers.BENCH);
        assertThat(Workup.seats(plan, worked)).containsOnlyKeys("tier-0");
        assertThat(Workup.seats(plan, worked).get("tier-0").width()).isCloseTo(196, within(0.1));
    }
}
