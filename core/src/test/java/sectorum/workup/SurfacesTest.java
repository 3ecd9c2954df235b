package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.bench.Bench;
import sectorum.bench.Hand;
import sectorum.finding.Finding;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.surface.LevelSurface;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.technique.Catalogue;
import sectorum.technique.Layout;
import sectorum.technique.Technique;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;

/** Tops, ledges and the board, dressed. */
class SurfacesTest {
    private static final List<String> MEANT = List.of("pearls", "border", "dots", "garland", "ruffles", "cover");

    /** Shown here, for {@link FindingsTest}. */
    static List<String> rules() {
        return List.of("surface.unseen");
    }

    private static Tier tier(OutlineKind kind, Dressing... worn) {
        Tiers tiers = Tiers.round().outline(kind.key());
        int count = kind == OutlineKind.POLYGON || kind == OutlineKind.PETAL ? 12 : 8;
        return tiers.divisions(Tiers.division(count)).dressings(worn).tier();
    }

    private static Dressing on(SurfaceKind kind, String technique) {
        return Dressing.fresh(technique, technique, kind, "marks");
    }

    /** The tier as lowest of two: the one above is smaller and round. */
    private static PlacedTier placed(Tier tier, SurfaceKind kind) {
        PlacedTier.Footprint above = new PlacedTier.Footprint(
                "round", new Values(Map.of("diameter", 100.0)), 0, Math.PI * 100, kind == SurfaceKind.LEDGE ? 4 : 0, 0);
        return new PlacedTier(tier, kind == SurfaceKind.LEDGE ? above : null, true, null);
    }

    static Stream<Arguments> everywhere() {
        return Arrays.stream(OutlineKind.values())
                .flatMap(outline -> Stream.of(SurfaceKind.TOP, SurfaceKind.LEDGE, SurfaceKind.BOARD)
                        .filter(kind -> outline != OutlineKind.RING || kind != SurfaceKind.LEDGE)
                        .flatMap(kind -> MEANT.stream().map(t -> Arguments.of(outline, kind, t))));
    }

    @ParameterizedTest(name = "{2} on the {1} of a {0}")
    @MethodSource("everywhere")
    void piecesStayInTheirZoneAndAreCounted(OutlineKind outline, SurfaceKind kind, String technique) {
        Tier tier = tier(outline, on(kind, technique));
        TierWorkup.Worn worn =
                TierWork.of(placed(tier, kind), Tiers.BENCH).dressings().get(0);
        assertThat(worn.surface()).isEqualTo(kind);
        Layout layout = worn.layout();
        assertThat(layout.pieces()).isEqualTo(worn.making().pieces()).isPositive();
        assertThat(layout.inPlane()).hasSameSizeAs(layout.placements());
        Zone zone = worn.zone();
        for (Layout.Placement p : layout.placements()) {
            assertThat(p.z())
                    .as("%s in %s: %s", p, zone, worn.findings())
                    .isBetween(zone.foot() - 0.2, zone.top() + 0.2);
        }
        assertThat(worn.findings()).noneMatch(f -> f.rule().equals("surface.unseen"));
        LevelSurface level = level(placed(tier, kind), kind);
        for (int i = 0; i < layout.placements().size(); i++) {
            LevelSurface.InPlane at = layout.inPlane().get(i);
            double in = level.rim().within(at.x(), at.y());
            assertThat(in).isCloseTo(layout.placements().get(i).z(), within(1e-4));
        }
    }

    private static LevelSurface level(PlacedTier placed, SurfaceKind kind) {
        return (LevelSurface) placed.surfaces().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** What the ledger says apart is how far apart the pieces of a row lie, one after the other, till it closes. */
    @ParameterizedTest(name = "{2} on the {1} of a {0}")
    @MethodSource("everywhere")
    void rowsCloseAsTold(OutlineKind outline, SurfaceKind kind, String technique) {
        if (!List.of("pearls", "border").contains(technique)) {
            return;
        }
        PlacedTier placed = placed(tier(outline, on(kind, technique)), kind);
        TierWorkup.Worn worn = TierWork.of(placed, Tiers.BENCH).dressings().get(0);
        Surface level = level(placed, kind);
        List<Layout.Placement> row = worn.layout().placements();
        double z = row.get(0).z();
        double apart = worn.figures().stream()
                .filter(f -> f.label().equals("apart"))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
        assertThat(apart * row.size()).isCloseTo(level.around(z), within(1e-6));
        for (int i = 0; i < row.size(); i++) {
            double from = row.get(i).s();
            double stretch = row.get((i + 1) % row.size()).s() - from;
            double on = level.length(from, stretch < 0 ? stretch + level.period() : stretch, z);
            assertThat(on).isCloseTo(apart, within(1e-5));
        }
    }

    /** A garland's elements keep their pitch along the line that was told, on a level surface as on a side. */
    @ParameterizedTest
    @EnumSource(
            value = SurfaceKind.class,
            names = {"SIDE", "INNER"},
            mode = EnumSource.Mode.EXCLUDE)
    void aGarlandIsAsLongAsTold(SurfaceKind kind) {
        PlacedTier placed = placed(tier(OutlineKind.ROUND, on(kind, "garland")), kind);
        TierWorkup.Worn worn = TierWork.of(placed, Tiers.BENCH).dressings().get(0);
        double apart = worn.figures().get(2).quantity().value();
        int each = (int) worn.figures().get(1).quantity().value();
        for (int i = 1; i < each; i++) {
            LevelSurface.InPlane a = worn.layout().inPlane().get(i - 1);
            LevelSurface.InPlane b = worn.layout().inPlane().get(i);
            double straight = Math.hypot(a.x() - b.x(), a.y() - b.y());
            assertThat(straight).isBetween(apart * 0.985, apart + 1e-6);
        }
    }

    @Test
    void theHandThatWorksMirrorsALevelSurface() {
        Bench left = new Bench(Tiers.BENCH.tape(), Hand.LEFT, Tiers.BENCH.shelf());
        Tier tier = tier(OutlineKind.OVAL, on(SurfaceKind.TOP, "garland"));
        Layout right = Workup.tier(tier, Tiers.BENCH).dressings().get(0).layout();
        Layout mirrored = Workup.tier(tier, left).dressings().get(0).layout();
        assertThat(mirrored.pieces()).isEqualTo(right.pieces());
        for (LevelSurface.InPlane at : right.inPlane()) {
            assertThat(mirrored.inPlane()).anyMatch(other -> Math.hypot(other.x() + at.x(), other.y() - at.y()) < 1e-3);
        }
    }

    @Test
    void whatCanBeSeenIsToldByTheStack() {
        Tier tier = tier(OutlineKind.ROUND);
        assertThat(kinds(PlacedTier.alone(tier))).containsExactly(SurfaceKind.SIDE, SurfaceKind.TOP, SurfaceKind.BOARD);
        assertThat(kinds(placed(tier, SurfaceKind.LEDGE)))
                .containsExactly(SurfaceKind.SIDE, SurfaceKind.LEDGE, SurfaceKind.BOARD);
        assertThat(kinds(new PlacedTier(tier, null, false, null))).containsExactly(SurfaceKind.SIDE, SurfaceKind.TOP);
        TierWorkup.Form form = Workup.tier(tier, Tiers.BENCH).form();
        assertThat(form.surfaces()).extracting(TierWorkup.Seen::kind).startsWith(SurfaceKind.SIDE);
        assertThat(form.surfaces().get(1).around()).isCloseTo(form.top().mm(), within(1e-9));
        // Untold, 25 mm of board are seen all round.
        assertThat(form.surfaces().get(2).depth()).isCloseTo(25, within(0.05));
    }

    private static List<SurfaceKind> kinds(PlacedTier placed) {
        return placed.surfaces().stream().map(Surface::kind).toList();
    }

    @Test
    void aLedgeInADocumentIsTheTop() {
        Dressing told = on(SurfaceKind.LEDGE, "pearls");
        assertThat(told).isEqualTo(on(SurfaceKind.TOP, "pearls"));
        assertThat(on(SurfaceKind.SIDE, "pearls").surface()).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"quilting", "drape", "weave"})
    void whatIsMeantForTheSideIsRefusedElsewhere(String technique) {
        assertThatThrownBy(() -> on(SurfaceKind.TOP, technique))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("is not meant for a top. It goes on: side");
    }

    @Test
    void theTrayOfASurfaceHoldsWhatIsMeantForIt() {
        PlacedTier placed = PlacedTier.alone(tier(OutlineKind.ROUND));
        assertThat(Workup.tray(placed, SurfaceKind.TOP, "marks", Tiers.BENCH))
                .extracting(TierWorkup.Worn::technique)
                .containsAll(MEANT)
                .containsExactlyInAnyOrderElementsOf(meantFor(SurfaceKind.TOP));
        assertThat(Workup.tray(placed, SurfaceKind.SIDE, "marks", Tiers.BENCH))
                .hasSameSizeAs(meantFor(SurfaceKind.SIDE));
    }

    private static List<String> meantFor(SurfaceKind kind) {
        return Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(kind))
                .map(Technique::id)
                .toList();
    }

    /** On a tier higher up there is no board; under a tier of nearly the same size no ledge is seen. */
    @ParameterizedTest
    @EnumSource(
            value = SurfaceKind.class,
            names = {"LEDGE", "BOARD"})
    void whatCannotBeSeenIsFoundAndMended(SurfaceKind kind) {
        Dressing dressing = on(kind, "pearls");
        Tier tier = tier(OutlineKind.ROUND, dressing);
        double around = tier.side().foot().mm();
        PlacedTier placed = new PlacedTier(
                tier,
                new PlacedTier.Footprint(
                        "round", new Values(Map.of("diameter", around / Math.PI - 4)), 0, around - 4 * Math.PI, 0, 0),
                false,
                null);
        List<Finding> found = found(placed);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).mends()).hasSize(2);
        found.get(0).mends().forEach(mend -> {
            Dressing mended = mend.changes().get(0).field().equals("surface")
                    ? on(SurfaceKind.SIDE, "pearls")
                    : resting(dressing);
            assertThat(found(placed.with(tier.wearing(new ArrayList<>(List.of(mended))))))
                    .isEmpty();
        });
    }

    private static Dressing resting(Dressing d) {
        return new Dressing(
                d.id(), d.technique(), d.surface(), d.division(), null, true, false, d.colours(), d.settings());
    }

    private static List<Finding> found(PlacedTier placed) {
        return TierWork.of(placed, Tiers.BENCH).dressings().stream()
                .flatMap(w -> w.findings().stream())
                .filter(f -> f.rule().equals("surface.unseen"))
                .toList();
    }

    /** A board that is smaller than its cake, or shorter than it is longer than wide, is told and refuses nothing. */
    @Test
    void aBoardTooSmallIsFoundAndThePlanStillWorkedUp() {
        Tier longer = new Tiers(
                        new OutlineSpec("rectangle", new Values(Map.of("width", 600.0, "depth", 100.0))),
                        List.of(),
                        null,
                        List.of(),
                        List.of(Tiers.division(8)),
                        List.of(on(SurfaceKind.BOARD, "pearls")))
                .tier();
        for (double across : new double[] {60, 300, 600}) {
            PlacedTier placed = new PlacedTier(longer, null, true, across);
            assertThat(kinds(placed)).containsExactly(SurfaceKind.SIDE, SurfaceKind.TOP);
            assertThat(found(placed)).hasSize(1);
        }
    }

    /** Dressings of different surfaces do not share heights; those of one do. */
    @Test
    void onlyDressingsOfOneSurfaceClaimItsStrips() {
        Tier apart = tier(OutlineKind.ROUND, on(SurfaceKind.SIDE, "pearls"), on(SurfaceKind.TOP, "border"));
        assertThat(overlaps(apart)).isZero();
        Tier together = tier(OutlineKind.ROUND, on(SurfaceKind.TOP, "pearls"), on(SurfaceKind.TOP, "border"));
        assertThat(overlaps(together)).isEqualTo(1);
    }

    private static long overlaps(Tier tier) {
        return Workup.tier(tier, Tiers.BENCH).dressings().stream()
                .flatMap(w -> w.findings().stream())
                .filter(f -> f.rule().equals("zone.overlap"))
                .count();
    }
}
