package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.measure.Refused;
import sectorum.outline.Along;
import sectorum.outline.OutlineKind;
import sectorum.plan.Dressing;
import sectorum.plan.StretchSpec;
import sectorum.plan.Tier;
import sectorum.surface.Stretch;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Layout;
import sectorum.technique.Making;
import sectorum.technique.Technique;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;

/** Dressings that go part of the way round. */
class StretchTest {
    private static final List<String> PARTIAL = Catalogue.all().stream()
            .filter(Technique::isPartial)
            .map(Technique::id)
            // What is strewn or finished has no pieces to count; CoverageTest and FinishTest weigh it.
            .filter(id -> !id.equals("strew") && !id.equals("finish"))
            .toList();

    private static TierWorkup.Worn worn(OutlineKind outline, Dressing dressing, Bench bench) {
        int count = outline == OutlineKind.POLYGON || outline == OutlineKind.PETAL ? 12 : 8;
        Tier tier = Tiers.round()
                .outline(outline.key())
                .divisions(Tiers.division(count))
                .dressings(dressing)
                .tier();
        return TierWork.of(PlacedTier.alone(tier), bench).dressings().get(0);
    }

    private static Dressing part(String technique, SurfaceKind on, double from, double to) {
        return Dressing.fresh(technique, technique, on, "marks").along(new StretchSpec(from, to));
    }

    static Stream<Arguments> everywhere() {
        return PARTIAL.stream()
                .flatMap(t -> Arrays.stream(OutlineKind.values())
                        .flatMap(o -> Stream.of(SurfaceKind.SIDE, SurfaceKind.TOP, SurfaceKind.BOARD)
                                .filter(s -> Catalogue.of(t).surfaces().contains(s))
                                .map(s -> Arguments.of(t, o, s))));
    }

    @ParameterizedTest(name = "{0} on the {2} of a {1}")
    @MethodSource("everywhere")
    void nothingLeavesThePartThatIsTold(String technique, OutlineKind outline, SurfaceKind on) {
        Random random = new Random(technique.hashCode() + 31L * outline.ordinal());
        for (int i = 0; i < 4; i++) {
            double from = random.nextInt(-180, 180);
            TierWorkup.Worn worn =
                    worn(outline, part(technique, on, from, from + random.nextInt(120, 300)), Tiers.BENCH);
            Stretch told = worn.stretch();
            Layout layout = worn.layout();
            // What is kept in reserve has no place.
            int kept = worn.making().wanted().stream()
                    .filter(w -> w.colour() == Making.UNCOLOURED)
                    .mapToInt(Making.Wanted::count)
                    .sum();
            assertThat(layout.pieces()).isPositive().isEqualTo(worn.making().pieces() - kept);
            if (!hungStraight(technique, outline, on)
                    && worn.findings().stream().noneMatch(f -> f.rule().equals("hang.no-section"))) {
                assertThat(layout.placements())
                        .allMatch(p -> told.holds(Along.of(p.s(), told.from().around())));
            }
            assertThat(worn.findings()).noneMatch(f -> f.rule().equals("colours.meet"));
        }
    }

    /** Between marks on both sides of a notch what hangs straight lies nearer to others of the rim's places. */
    private static boolean hungStraight(String technique, OutlineKind outline, SurfaceKind on) {
        return technique.equals("garland")
                && on.isLevel()
                && (outline == OutlineKind.HEART || outline == OutlineKind.PETAL);
    }

    @ParameterizedTest(name = "pearls of {0} every {1} over {2} of 731: {3}, {4} apart")
    @CsvSource({"6, 8, 90, 23, 8.034", "6, 8, 359, 91, 8.033", "6, 4, 90, 30, 6.095", "6, 300, 90, 2, 176.75"})
    void aRowBeginsAndEndsWithAWholePearl(double d, double pitch, double degrees, int n, double apart) {
        Tier tier = Tiers.round()
                .taped(sectorum.surface.Reading.of(sectorum.surface.Reading.What.FOOT, 731))
                .dressings(Tiers.worn("pearls", "diameter=" + d + " pitch=" + pitch)
                        .along(new StretchSpec(-45, -45 + degrees)))
                .tier();
        TierWorkup.Worn worn = Workup.tier(tier, Tiers.BENCH).dressings().get(0);
        Stretch told = worn.stretch();
        List<Layout.Placement> row = worn.layout().placements();
        assertThat(row).hasSize(n);
        assertThat(told.from().to(Along.of(row.get(0).s(), 731))).isCloseTo(d / 2, within(1e-9));
        assertThat(Along.of(row.get(n - 1).s(), 731).to(told.end())).isCloseTo(d / 2, within(1e-6));
        for (int i = 1; i < n; i++) {
            assertThat(Along.of(row.get(i - 1).s(), 731).to(Along.of(row.get(i).s(), 731)))
                    .isCloseTo(apart, within(1e-3));
        }
    }

    @Test
    void theRowAboveStandsInTheGaps() {
        List<Layout.Placement> rows = worn(
                        OutlineKind.ROUND, Tiers.worn("pearls", "rows=2").along(new StretchSpec(0, 90)), Tiers.BENCH)
                .layout()
                .placements();
        int n = (rows.size() + 1) / 2;
        assertThat(rows.size()).isEqualTo(2 * n - 1);
        assertThat(rows.get(n).s()).isCloseTo((rows.get(0).s() + rows.get(1).s()) / 2, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("everywhere")
    void aLeftHandGetsTheMirroredPart(String technique, OutlineKind outline, SurfaceKind on) {
        Dressing dressing = part(technique, on, -20, 130);
        TierWorkup.Worn right = worn(outline, dressing, Tiers.BENCH);
        TierWorkup.Worn left = worn(outline, dressing, new Bench(Tiers.BENCH.tape(), Hand.LEFT, List.of()));
        // A mirrored row of chance fills a region a little better or worse.
        int off = technique.equals("cluster") ? right.making().pieces() / 8 : 1;
        assertThat(left.making().pieces()).isCloseTo(right.making().pieces(), within(off));
        assertThat(left.handles()).hasSameSizeAs(right.handles());
        if (!hungStraight(technique, outline, on)) {
            assertThat(left.layout().placements())
                    .allMatch(p -> left.stretch()
                            .holds(Along.of(p.s(), left.stretch().from().around())));
        }
        left.handles().forEach(h -> assertThat(h.grips()).isNotEmpty());
    }

    @Test
    void twoThatShareNoPartOfTheWayRoundShareNoZone() {
        Dressing front = part("pearls", SurfaceKind.SIDE, -60, 60);
        Dressing back = new Dressing("more", "pearls", null, "marks", null, false, false, List.of(), front.settings())
                .along(new StretchSpec(60, 300));
        Tier tier = Tiers.round().dressings(front, back).tier();
        assertThat(Workup.tier(tier, Tiers.BENCH).dressings().get(1).findings()).isEmpty();
        Tier over = Tiers.round()
                .dressings(front, back.along(new StretchSpec(50, 300)))
                .tier();
        assertThat(Workup.tier(over, Tiers.BENCH).dressings().get(1).findings())
                .anyMatch(f -> f.rule().equals("zone.overlap"));
    }

    @Test
    void aPartWithoutAWholeSectionIsToldWithTheWayOut() {
        TierWorkup.Worn worn = worn(OutlineKind.ROUND, part("garland", SurfaceKind.SIDE, 3, 20), Tiers.BENCH);
        assertThat(worn.findings()).anySatisfy(f -> {
            assertThat(f.rule()).isEqualTo("hang.no-section");
            assertThat(f.mends()).hasSize(1);
        });
        assertThat(worn.layout().pieces()).isPositive();
    }

    @Test
    void aPartialCourseAsksNothingOfTheCount() {
        Dressing three = new Dressing(
                "dots",
                "dots",
                null,
                "marks",
                null,
                false,
                false,
                List.of("a", "b", "c"),
                Tiers.worn("dots", "each=1").settings());
        Tier whole =
                Tiers.round().divisions(Tiers.division(11)).dressings(three).tier();
        Tier part = whole.wearing(List.of(three.along(new StretchSpec(-90, 90))));
        assertThat(Workup.tier(part, Tiers.BENCH).divisions().get(0).findings())
                .noneMatch(f -> f.rule().equals("divide.demand"));
    }

    @ParameterizedTest(name = "{0} to {1}")
    @CsvSource({
        "-181, 0, stretch.from",
        "190, 200, stretch.from",
        "0, 0.5, stretch.to",
        "0, 360, stretch.to",
        "10, -20, stretch.to",
        "NaN, 3, stretch.from",
        "0, NaN, stretch.to"
    })
    void whatIsNoPartIsRefused(double from, double to, String field) {
        assertThatThrownBy(() -> new StretchSpec(from, to))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo(field));
    }

    @Test
    void whatMustCloseIsRefusedAPart() {
        assertThatThrownBy(() -> Tiers.worn("quilting", "").along(new StretchSpec(0, 90)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("dressings.stretch"));
    }

    @Test
    void aStretchAcrossTheSeamIsAPartLikeAnyOther() {
        Stretch seam = new Stretch(Along.of(700, 731), 60);
        assertThat(seam.holds(Along.of(700, 731))).isTrue();
        assertThat(seam.holds(Along.of(0, 731))).isTrue();
        assertThat(seam.holds(Along.of(29, 731))).isTrue();
        assertThat(seam.holds(Along.of(30, 731))).isFalse();
        assertThat(seam.holds(Along.of(699, 731))).isFalse();
        assertThat(seam.holds(Along.of(20, 731), 9)).isTrue();
        assertThat(seam.holds(Along.of(20, 731), 9.1)).isFalse();
        assertThat(seam.mirrored().mirrored().from().distance(seam.from())).isCloseTo(0, within(1e-9));
        assertThat(seam.meets(new Stretch(Along.of(29, 731), 10))).isFalse();
        assertThat(seam.meets(new Stretch(Along.of(28, 731), 10))).isTrue();
        assertThatThrownBy(() -> new Stretch(Along.of(1, 731), 731)).isInstanceOf(Refused.class);
    }
}
