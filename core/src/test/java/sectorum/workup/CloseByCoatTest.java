package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.measure.Values;
import sectorum.plan.Coat;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.surface.Reading;

/** What repeats meets itself by the coat still to come (craft 3B). */
class CloseByCoatTest {
    /** A round of so much on its foot under its coat of 8.5. */
    private static Tiers around(double mm, String outline) {
        Values sizes = new Values(Map.of("diameter", mm / Math.PI - 17));
        return new Tiers(
                new OutlineSpec(outline, outline.equals("round") ? sizes : Values.NONE),
                List.of(),
                null,
                List.of(),
                List.of(Tiers.division(11)),
                List.of(Tiers.worn("mat", "repeat=58 put=back")));
    }

    private static List<Finding> found(Tier tier) {
        return Workup.tier(tier, Tiers.BENCH).dressings().get(0).findings().stream()
                .filter(f -> f.rule().equals("coat.closes"))
                .toList();
    }

    @Test
    @DisplayName("a mat of repeat 58 round 731: 13 repeats want 3.661 mm more coat; 12 want 5.570 less")
    void theMatOfTheHandbook() {
        Tier tier = around(731, "round").tier();
        List<Mend> mends = found(tier).get(0).mends();
        assertThat(mends).hasSize(2);
        assertThat(thickness(mends.get(0)) - 8.5).isCloseTo(3.661, within(5e-4));
        assertThat(8.5 - thickness(mends.get(1))).isCloseTo(5.570, within(5e-4));
        // Side area × the difference × density: 731 × 118.5 × 3.661 of fondant.
        assertThat(mends.get(0).label().quantities().get(2).value())
                .isCloseTo(731 * 118.5 * 3.661 / 1000 * 1.35, within(0.5));
        for (Mend mend : mends) {
            Tier mended = Mending.apply(tier, "mat", mend);
            assertThat(mended.side().foot().mm() / 58 % 1)
                    .isCloseTo(Math.rint(mended.side().foot().mm() / 58 % 1), within(1e-9));
            assertThat(found(mended)).isEmpty();
        }
    }

    @SuppressWarnings("unchecked")
    private static double thickness(Mend mend) {
        return ((List<Coat>) mend.changes().get(0).value()).get(0).thickness();
    }

    @ParameterizedTest(name = "{0}, taped {1}: {2}")
    @CsvSource({"round, 0, true", "round, 731, false", "square, 0, false", "hexagon, 0, false"})
    void onlyOnARoundWhoseCoatIsStillToCome(String outline, double taped, boolean offered) {
        Tiers tiers = around(731, outline.equals("hexagon") ? "polygon" : outline);
        Tiers there = taped > 0 ? tiers.taped(Reading.of(Reading.What.FOOT, taped)) : tiers;
        Tier tier = there.divisions(Tiers.division(12)).tier();
        assertThat(found(tier).isEmpty()).isEqualTo(!offered);
    }

    @Test
    void aMatThatIsEasedOrClosesAsksForNothing() {
        Tier eased = around(731, "round")
                .dressings(Tiers.worn("mat", "repeat=58 put=shared"))
                .tier();
        Tier closes = around(731, "round")
                .dressings(Tiers.worn("mat", "repeat=73.1 put=back"))
                .tier();
        assertThat(found(eased)).isEmpty();
        assertThat(found(closes)).isEmpty();
    }
}
