package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import sectorum.measure.Values;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.tier.PlacedTier;
import sectorum.tier.Refit;
import sectorum.tier.TierWorkup;

class RefitTest {
    private static Tier small() {
        return new Tiers(
                        new OutlineSpec("round", new Values(Map.of("diameter", 100.0))),
                        List.of(),
                        null,
                        List.of(),
                        List.of(division(7)),
                        List.of(worn("swag", "")))
                .tier();
    }

    private static Tier large() {
        return round().taped(Reading.of(Reading.What.FOOT, 731))
                .divisions(division(5))
                .dressings(worn("swag", "drop=48 curve=catenary thick=3"))
                .tier();
    }

    @Test
    void aChosenDropKeepsItsProportionAndWhatChangedIsTold() {
        Refit refit = Refit.of(PlacedTier.alone(large()), "swag", PlacedTier.alone(small()), Tiers.BENCH);
        // usual drops: 44 of a section of 146.2 there, 16 of 52.5 here; 48 · 16/44 on a tape of millimetres
        assertThat(refit.dressing().settings().get("drop")).isEqualTo(17.0);
        assertThat(refit.dressing().settings().get("curve")).isEqualTo("catenary");
        assertThat(refit.dressing().settings().get("thick")).isEqualTo(3.0);
        assertThat(refit.dressing().id()).isEqualTo("swag-2");
        assertThat(refit.changes()).extracting(TierWorkup.Changed::label).contains("wide", "drop", "Swags");
        assertThat(refit.changes())
                .filteredOn(c -> c.label().equals("Swags"))
                .singleElement()
                .satisfies(c -> assertThat(c.after().value()).isEqualTo(7));
    }

    @Test
    void aZoneThatDoesNotFitBecomesTheUsualOne() {
        ZoneSpec told =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 100), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 4));
        Tier from = round().dressings(Tiers.swag("high", told, true)).tier();
        assertThat(Refit.of(PlacedTier.alone(from), "high", PlacedTier.alone(small()), Tiers.BENCH)
                        .dressing()
                        .zone())
                .isEqualTo(told);
        Tier low = new Tiers(
                        new OutlineSpec("round", new Values(Map.of("diameter", 100.0))),
                        List.of(Reading.of(Reading.What.HEIGHT, 70)),
                        null,
                        List.of(),
                        List.of(division(7)),
                        List.of())
                .tier();
        assertThat(Refit.of(PlacedTier.alone(from), "high", PlacedTier.alone(low), Tiers.BENCH)
                        .dressing()
                        .zone())
                .isNull();
        assertThatThrownBy(() -> Refit.of(PlacedTier.alone(from), "low", PlacedTier.alone(small()), Tiers.BENCH))
                .hasMessageContaining("\"low\"");
    }

    @Test
    void theTrayHoldsEveryTechniqueOnThisTier() {
        List<TierWorkup.Worn> tray = Workup.tray(PlacedTier.alone(large()), SurfaceKind.SIDE, "marks", Tiers.BENCH);
        assertThat(tray).hasSize((int) Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(SurfaceKind.SIDE))
                .count());
        assertThat(tray).allSatisfy(w -> assertThat(w.layout().placements()).isNotEmpty());
    }
}
