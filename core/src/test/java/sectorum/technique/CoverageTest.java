package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.divide.Front;
import sectorum.drawing.Box;
import sectorum.material.Adhesive;
import sectorum.measure.LengthUnit;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.outline.OutlineKind;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.surface.Side;
import sectorum.surface.Stretch;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.tier.PlacedTier;

/** Coverings, strewn covers and ruffle rows, on every surface. */
class CoverageTest {
    private static final Bench BENCH = Bench.of(LengthUnit.MM.tape());
    private static final Technique COVER = new Coverage();
    private static final Technique STREW = new Strewing();

    /** A side of 502.7 by 110 and nothing else. */
    private static final Side SIDE = Places.round(502.7, 110);

    private static Values set(String settings) {
        Values values = Values.NONE;
        for (String each : settings.isBlank() ? new String[0] : settings.trim().split(" +")) {
            String[] pair = each.split("=");
            values = values.with(pair[0], pair[1].matches("-?[0-9.]+") ? (Object) Double.valueOf(pair[1]) : pair[1]);
        }
        return values;
    }

    private static DressingContext on(Surface surface, Zone zone, Stretch stretch, Turns turns) {
        Division division = Division.of(SIDE.outline(), 8, Front.SECTION);
        return new DressingContext(surface, division, zone, stretch, turns, BENCH);
    }

    private static DressingContext side(String... colours) {
        return on(SIDE, SIDE.whole(), null, Turns.named(List.of(colours)));
    }

    private static double figure(Dressed dressed, String name) {
        return dressed.figures().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
    }

    @Test
    @DisplayName("discs of 22 on 502.7 × 110, k 1.9: 277; shared 3 : 2 : 2 as 119, 79, 79")
    void discsByTheWorkshopsOwnFactorSharedByTheirTurns() {
        assertThat(Coverage.count(1.9, 502.7 * 110, Math.PI / 4 * 22 * 22)).isEqualTo(277.0);
        DressingContext place = side("a", "a", "a", "b", "b", "c", "c");
        Dressed dressed = COVER.dress(set("size=22 by=own own=1.9"), place);
        assertThat(figure(dressed, "pieces")).isEqualTo(277);
        assertThat(dressed.making().cuts()).extracting(Making.Cut::count).containsExactly(119, 79, 79);
        assertThat(place.turns().shared(277)).isEqualTo(Map.of(0, 119, 3, 79, 5, 79));
        assertThat(dressed.making().spares()).isEqualTo(12 + 8 + 8);
    }

    @ParameterizedTest(name = "{0} {1}: k {2}")
    @CsvSource({
        "disc, lush, 2",
        "disc, light, 1.5",
        "disc, sparse, 1.25",
        "petal, lush, 2",
        "leaf, light, 1.5",
        "shard, lush, 1.1",
        "shard, sparse, 1.1",
        "gathered, lush, 2.8",
        "gathered, sparse, 2.8"
    })
    void asManyAsTheLookAsks(String shape, String look, double k) {
        Dressed dressed = COVER.dress(set("size=20 shape=" + shape + " look=" + look), side());
        Cover cover = Choices.of(Cover.values(), shape);
        assertThat(figure(dressed, "pieces")).isEqualTo(Math.ceil(k * 502.7 * 110 / cover.area(20) - 1e-9));
    }

    @Test
    void aSwatchIsTakenOverTheWholeArea() {
        Dressed dressed = COVER.dress(set("by=swatch patch=50 inPatch=9 size=18"), side());
        assertThat(figure(dressed, "pieces")).isEqualTo(Math.ceil(502.7 * 110 * 9 / 2500));
        assertThat(figure(dressed, "in-a-palm")).isEqualTo(Math.round(9 * 3600 / 2500.0));
    }

    @ParameterizedTest(name = "scales of {0} on {1} × {2}, showing {3}: {4} in {5} rows")
    @CsvSource({"20, 502.7, 110, 0.6, 25, 9", "40, 502.7, 40, 0.5, 13, 1", "40, 502.7, 39, 0.5, 13, 1"})
    void scalesCloseInRowsWithoutAFactor(double d, double p, double h, double v, int n, int rows) {
        Side side = Places.round(p, h);
        DressingContext place =
                new DressingContext(side, Division.of(side.outline(), 8, Front.SECTION), side.whole(), 1, BENCH);
        Dressed dressed = COVER.dress(set("shape=scale size=" + d + " visible=" + v), place);
        assertThat(Spread.rows(h, d, v)).isEqualTo(rows);
        assertThat(dressed.layout().pieces()).isEqualTo(n * rows);
        List<Layout.Placement> all = dressed.layout().placements();
        for (int j = 0; j < rows; j++) {
            for (int i = 1; i < n; i++) {
                assertThat(Along.of(all.get(j * n + i - 1).s(), p)
                                .to(Along.of(all.get(j * n + i).s(), p)))
                        .isCloseTo(p / n, within(1e-6));
            }
        }
    }

    static Stream<Arguments> surfaces() {
        return Stream.of(OutlineKind.ROUND, OutlineKind.SQUARE, OutlineKind.PETAL, OutlineKind.RING, OutlineKind.OVAL)
                .flatMap(outline -> Stream.of(SurfaceKind.SIDE, SurfaceKind.TOP, SurfaceKind.BOARD)
                        .flatMap(kind -> Stream.of(false, true).map(part -> Arguments.of(outline, kind, part))));
    }

    private static Tier tier(OutlineKind outline) {
        return new Tier(
                "t",
                "T",
                new OutlineSpec(outline.key(), Values.NONE),
                110,
                null,
                false,
                List.of(),
                List.of(),
                null,
                List.of(),
                Tier.fresh("t", "T").divisions(),
                List.of());
    }

    private static Surface surface(OutlineKind outline, SurfaceKind kind) {
        Tier tier = tier(outline);
        return PlacedTier.alone(tier).surfaces().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** As dense in every part as in the whole: counted in random regions, against their own area. */
    @ParameterizedTest(name = "{1} of a {0}, part of it {2}")
    @MethodSource("surfaces")
    void theDensityIsTheSameEverywhereAndNothingLeavesItsRegion(OutlineKind outline, SurfaceKind kind, boolean part) {
        Surface surface = surface(outline, kind);
        double p = surface.period();
        Division division = Division.of(tier(outline).side().outline(), 12, Front.SECTION);
        Stretch stretch = part ? new Stretch(Along.of(p * 0.8, p), p * 0.55) : null;
        DressingContext place = new DressingContext(surface, division, surface.whole(), stretch, Turns.of(1), BENCH);
        double size = Math.max(2, surface.depth() / 25);
        Dressed dressed = COVER.dress(set("size=" + size + " look=lush"), place);
        List<Layout.Placement> all = dressed.layout().placements();
        for (Layout.Placement at : all) {
            assertThat(at.z()).isBetween(size / 2 - 1e-9, surface.depth() - size / 2 + 1e-9);
            assertThat(place.holds(Along.of(at.s(), p))).isTrue();
        }
        double per = all.size() / place.area();
        Random random = new Random(outline.ordinal() * 31L + kind.ordinal());
        for (int i = 0; i < 12; i++) {
            double low = size / 2 + (surface.depth() - size) * random.nextDouble() * 0.5;
            double high = low + (surface.depth() - size) * (0.3 + 0.2 * random.nextDouble());
            double wide = p * (0.25 + 0.2 * random.nextDouble());
            Along from = part ? stretch.from().plus(p * 0.02) : Along.of(p * random.nextDouble(), p);
            Stretch patch = new Stretch(from, Math.min(wide, p * 0.5));
            double area = new DressingContext(surface, division, new Zone(low, high), patch, Turns.of(1), BENCH).area();
            long in = all.stream()
                    .filter(a -> a.z() >= low && a.z() < high && patch.holds(Along.of(a.s(), p)))
                    .count();
            // The strip of half a piece along the edges stays free, so what is within is a little denser.
            assertThat(in / (per * area)).as("region %d", i).isBetween(0.85, 1.25);
        }
    }

    @Test
    void banksOfColourLieFromTheFootAndSoftOnesReachIntoOneAnother() {
        for (String order : List.of("banded", "soft")) {
            Dressed dressed = COVER.dress(set("size=6 spread=" + order), side("a", "b", "c"));
            double[] least = {1e9, 1e9, 1e9};
            double[] most = new double[3];
            for (Layout.Placement at : dressed.layout().placements()) {
                least[at.colour()] = Math.min(least[at.colour()], at.z());
                most[at.colour()] = Math.max(most[at.colour()], at.z());
            }
            double over = most[0] - least[1];
            if (order.equals("banded")) {
                assertThat(over).isLessThanOrEqualTo(1e-9);
            } else {
                assertThat(over).isBetween(5.0, 60.0);
                assertThat(least[2]).isGreaterThan(110 / 3.0);
            }
        }
    }

    @Test
    void mixedColoursAreExactAndTheirNeighboursDiffer() {
        Dressed dressed = COVER.dress(set("size=12 spread=mixed by=own own=1"), side("a", "b", "c", "d"));
        List<Layout.Placement> all = dressed.layout().placements();
        long[] counts = new long[4];
        all.forEach(a -> counts[a.colour()]++);
        assertThat(Arrays.stream(counts).max().orElseThrow()
                        - Arrays.stream(counts).min().orElseThrow())
                .isLessThanOrEqualTo(1);
        int pairs = 0;
        int alike = 0;
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (Math.hypot(
                                all.get(i).s() - all.get(j).s(),
                                all.get(i).z() - all.get(j).z())
                        < 12) {
                    pairs++;
                    alike += all.get(i).colour() == all.get(j).colour() ? 1 : 0;
                }
            }
        }
        // By chance a quarter would be alike.
        assertThat((double) alike / pairs).isLessThan(0.05);
    }

    @ParameterizedTest
    @EnumSource(Shades.Pattern.class)
    void theSameSeedIsTheSameAndAnotherIsNot(Shades.Pattern order) {
        String settings = "size=14 shape=petal spread=" + order.name().toLowerCase(java.util.Locale.ROOT);
        Layout one = COVER.dress(set(settings), side("a", "b")).layout();
        assertThat(COVER.dress(set(settings), side("a", "b")).layout()).isEqualTo(one);
        assertThat(COVER.dress(set(settings + " seed=2"), side("a", "b")).layout())
                .isNotEqualTo(one);
    }

    @ParameterizedTest(name = "wafer discs of {0}: {1}")
    @CsvSource({"22, GLUE", "30, GLUE", "31, GEL"})
    void smallWaferHangsOnADabAndLargeOnGel(double size, Adhesive joint) {
        Making making = COVER.dress(set("size=" + size), side()).making();
        assertThat(making.adhesive()).isEqualTo(joint.words());
        assertThat(making.steps()).anyMatch(s -> s.caution().contains("candles"));
    }

    @ParameterizedTest
    @EnumSource(Cover.class)
    void aPieceLiesWithinItsSize(Cover cover) {
        Box box = Box.of(cover.outline(20));
        assertThat(Math.max(box.width(), box.height())).isLessThanOrEqualTo(20 + 1e-9);
        assertThat(Flat.area(cover.outline(20))).isBetween(60.0, 400.0);
    }

    @ParameterizedTest(name = "{0} to 100 cm² fading over {1}: {2} g")
    @CsvSource({"10, 0, 55.297", "10, 110, 27.6485", "10, 30, 47.7565"})
    void strewnGramsAreByAreaAndHalfWhereItFades(double per, double fade, double grams) {
        Dressed dressed = STREW.dress(set("grams=" + per + " fade=" + fade), side());
        Dressed turned = STREW.dress(set("edge=lower grams=" + per + " fade=" + fade), side());
        assertThat(turned.making().grams()).isCloseTo(dressed.making().grams(), within(1e-9));
        double half = SIDE.height().mm() / 2;
        long low =
                turned.layout().placements().stream().filter(p -> p.z() < half).count();
        if (fade > 0) {
            assertThat(low).isLessThan(turned.layout().placements().size() / 2);
        }
        assertThat(figure(dressed, "grams")).isCloseTo(grams, within(1e-3));
        assertThat(dressed.making().grams()).isCloseTo(figure(dressed, "grams"), within(1e-9));
    }

    @Test
    void aSwatchThatWasWeighedSaysHowMuch() {
        Dressed dressed = STREW.dress(set("by=swatch patch=50 weighed=2 fade=0"), side());
        assertThat(figure(dressed, "to-100-cm2")).isCloseTo(8, within(1e-9));
        assertThat(figure(dressed, "grams")).isCloseTo(502.7 * 110 / 10000 * 8, within(1e-9));
    }

    @ParameterizedTest(name = "{0} high in a zone of {1}, a row every {2}: {3}")
    @CsvSource({"40, 110, 20, 5", "40, 40, 20, 1", "40, 39, 20, 1", "40, 60, 20, 2", "40, 61, 20, 3"})
    void ruffleRowsFillTheirZone(double a, double h, double v, int rows) {
        assertThat(RuffleRows.rows(h, a, v)).isEqualTo(rows);
    }

    @ParameterizedTest(name = "{0} round, {1} full, strips of {2} lapping {3}: {4}")
    @CsvSource({"731, 1, 297, 6, 3", "731, 1.3, 297, 6, 4", "731, 1.8, 297, 6, 5", "291, 1, 297, 6, 1"})
    void stripsARowByTheirFullness(double p, double f, double longest, double lap, int n) {
        assertThat(RuffleRows.strips(p, f, longest, lap)).isEqualTo(n);
    }

    @ParameterizedTest
    @CsvSource({"up, true", "down, false"})
    void theFreeEdgeSetsTheOrderOfWork(String edge, boolean topFirst) {
        Dressed dressed = new RuffleRows().dress(set("height=40 pitch=20 edge=" + edge), side("a", "b"));
        List<Layout.Placement> all = dressed.layout().placements();
        double first = all.get(0).z();
        double last = all.get(all.size() - 1).z();
        assertThat(first > last).isEqualTo(topFirst);
        assertThat(all).allMatch(a -> a.lean() > 0);
        assertThat(dressed.making().steps())
                .anyMatch(s -> ("" + s.what()).contains(topFirst ? "from the top down" : "from the foot up"));
        int lowest = all.stream()
                .min(java.util.Comparator.comparingDouble(Layout.Placement::z))
                .orElseThrow()
                .colour();
        assertThat(lowest).isZero();
        int strips =
                dressed.making().cuts().stream().mapToInt(Making.Cut::count).sum();
        assertThat(figure(dressed, "strips"))
                .isEqualTo(strips)
                .isEqualTo(dressed.layout().pieces());
    }
}
