package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.handover.Handover;
import sectorum.handover.Portions;
import sectorum.handover.Slice;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;

/** Slices by outline and height: a round in rings, a rectangle in a grid, a dummy none (craft 5.5). */
class PortionsTest {
    private static Tier tier(String kind, Map<String, Object> sizes, double high) {
        Tier round = Tier.fresh("tier", "Tier");
        return round.formed(new OutlineSpec(kind, new Values(sizes)), high, List.of());
    }

    /** Rings of 200: middles of 150 and 50 across make 18 and 6 slices of 25; all by hand. */
    @ParameterizedTest(name = "round {0} × {1}: {3}, middle {4}, {5} slices")
    @CsvSource({
        "200, 100, 1, 18 6, 0, 24",
        "200, 199, 1, 18 6, 0, 24",
        "200, 200, 2, 18 6, 0, 48",
        "250, 110, 1, 25 12, 1, 38",
        "150, 110, 1, 12, 1, 13",
        "90, 60, 1, '', 5, 5"
    })
    void roundsAreCutInRings(double across, double high, int storeys, String rings, int middle, int slices) {
        Portions p = Portions.of(tier("round", Map.of("diameter", across), high), Slice.USUAL);
        assertThat(p.grid()).isFalse();
        assertThat(p.storeys()).isEqualTo(storeys);
        assertThat(p.rows().stream().map(String::valueOf).reduce("", (a, b) -> (a + " " + b).strip()))
                .isEqualTo(rings);
        assertThat(p.middle()).isEqualTo(middle);
        assertThat(p.slices()).isEqualTo(slices);
    }

    /** 300 × 200 in rows of 50: 4 rows of 12, or 6 of 8 the other way round; 230 × 180 is better along. */
    @ParameterizedTest(name = "{0} × {1} in slices of {2} × {3}: {4}")
    @CsvSource({
        "300, 200, 25, 50, 48",
        "230, 180, 25, 50, 28",
        "200, 200, 40, 40, 25",
        "120, 120, 150, 50, 0",
        "100, 100, 25, 120, 0"
    })
    void rectanglesAreCutInAGrid(double wide, double deep, double slice, double in, int slices) {
        Portions p = Portions.of(
                tier("rectangle", Map.of("width", wide, "depth", deep, "corner", 0.0), 100), new Slice(slice, in));
        assertThat(p.grid()).isTrue();
        assertThat(p.slices()).isEqualTo(slices);
    }

    static Stream<OutlineKind> outlines() {
        return Stream.of(OutlineKind.values());
    }

    /** No tier gives more than its area holds, rounded corners included; and every one of usual size gives some. */
    @ParameterizedTest
    @MethodSource("outlines")
    void slicesNeverHoldMoreThanThereIs(OutlineKind kind) {
        for (Slice slice : List.of(Slice.USUAL, new Slice(10, 10), new Slice(40, 100))) {
            Tier tier = tier(kind.key(), Map.of(), 100);
            double hole = tier.kind().hole(tier.sizes(), 0).map(h -> h.area()).orElse(0.0);
            Portions p = Portions.of(tier, slice);
            double area = tier.side().outline().area() - hole;
            assertThat(p.slices() * slice.wide() * slice.deep()).isLessThanOrEqualTo(area * 1.01);
            assertThat(p.slices() * slice.wide() * slice.deep()).isGreaterThan(0.3 * area);
        }
    }

    /** A ring of 250 round a hole of 80 has one ring of 25, and 35 mm left all round. */
    @Test
    void aRingIsCutDownToItsHole() {
        Portions p = Portions.of(tier("ring", Map.of("diameter", 250.0, "hole", 80.0), 100), Slice.USUAL);
        assertThat(p.rows()).containsExactly(25);
        assertThat(p.middle()).isEqualTo((int) Math.floor(Math.PI * (75 * 75 - 40 * 40) / 1250));
    }

    @Test
    void theCuttingOrderHasNumbersAndADummyGivesNone() {
        Handover handover = Planned.of().handover();
        assertThat(handover.portions()).hasSize(2).isNotEmpty();
        assertThat(handover.slices())
                .isEqualTo(
                        handover.portions().stream().mapToInt(Portions::slices).sum());
        assertThat(handover.cutting().stream().map(Object::toString).toList())
                .anySatisfy(said -> assertThat(said).contains("rings", "portions", "25"));
        Tier cake = tier("round", Map.of("diameter", 200.0), 100);
        Tier dummy = Tiers.dummy(cake);
        assertThat(Planned.of(dummy).handover().slices()).isZero();
        assertThat(Planned.of(dummy).handover().portions()).isEmpty();
    }

    @Test
    void oddSlicesAreRefused() {
        assertThatThrownBy(() -> new Slice(0, 50)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Slice(25, 301)).hasMessageContaining("301");
    }
}
