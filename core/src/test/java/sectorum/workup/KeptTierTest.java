package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.bench.Bench;
import sectorum.measure.Field;
import sectorum.measure.LengthUnit;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Over;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;
import sectorum.tier.KeptTier;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWorkup;

/** What is taken again from before is what would be worked out anew. */
class KeptTierTest {
    static Stream<Technique> techniques() {
        return Catalogue.all().stream();
    }

    /** A course, pearls over its zone, and what goes over the course's pieces. */
    private static PlacedTier placed(Technique technique, Values settings) {
        Dressing own = Dressing.fresh("own", technique.id(), Tiers.usual(technique.id()), "marks");
        Dressing pearls = Dressing.fresh("pearls", "pearls", SurfaceKind.SIDE, "marks");
        Dressing dust = Dressing.fresh("dust", "finish", own.on(), "marks").over(new Over("own", null));
        Tier tier = Tiers.round().tier().wearing(List.of(own.with(settings), pearls, dust));
        return PlacedTier.alone(tier).drawn(List.of(Seeds.BADGE));
    }

    private static Object other(Field field) {
        return field.kind() == Quantity.Kind.TEXT
                ? field.choices().get(field.choices().size() - 1).name()
                : (Object) field.max();
    }

    @ParameterizedTest
    @MethodSource("techniques")
    void eachSettingComesOutAsIfWorkedOutAnew(Technique technique) {
        PlacedTier usual = placed(technique, Values.NONE);
        KeptTier kept = KeptTier.of(usual, Tiers.BENCH, null);
        assertThat(kept.workup()).isEqualTo(Workup.tier(usual, Tiers.BENCH));
        for (Field field : kept.workup().dressings().get(0).fields()) {
            PlacedTier now = placed(technique, new Values(Map.of(field.name(), other(field))));
            TierWorkup anew;
            try {
                anew = Workup.tier(now, Tiers.BENCH);
            } catch (Refused cannotBe) {
                continue;
            }
            KeptTier next = KeptTier.of(now, Tiers.BENCH, kept);
            assertThat(next.workup()).as(field.name()).isEqualTo(anew);
            assertThat(next.workup().divisions()).isSameAs(kept.workup().divisions());
            // And there and back.
            assertThat(KeptTier.of(usual, Tiers.BENCH, next).workup()).isEqualTo(kept.workup());
        }
    }

    @Test
    void whatIsNotTheSameIsWorkedOutAnew() {
        Technique swag = Catalogue.of("swag");
        PlacedTier usual = placed(swag, Values.NONE);
        KeptTier kept = KeptTier.of(usual, Tiers.BENCH, null);
        Tier tier = usual.tier();
        Dressing pearls = tier.dressings().get(1);
        Tier higher = tier.formed(tier.outline(), tier.height() + 20, tier.coats());
        Tier fewer = tier.wearing(List.of(tier.dressings().get(0), pearls));
        Tier aside = tier.wearing(
                List.of(pearls, tier.dressings().get(0), tier.dressings().get(2)));
        for (Tier other : List.of(higher, fewer, aside)) {
            PlacedTier now = usual.with(other);
            assertThat(KeptTier.of(now, Tiers.BENCH, kept).workup()).isEqualTo(Workup.tier(now, Tiers.BENCH));
        }
        Bench inches = Bench.of(LengthUnit.INCH.tape());
        assertThat(KeptTier.of(usual, inches, kept).workup()).isEqualTo(Workup.tier(usual, inches));
        // The pearls are the very ones, whatever became of the swags.
        KeptTier deeper = KeptTier.of(placed(swag, new Values(Map.of("drop", 40.0))), Tiers.BENCH, kept);
        assertThat(deeper.workup().dressings().get(1))
                .isSameAs(kept.workup().dressings().get(1));
        assertThat(deeper.workup().dressings().get(0))
                .isNotEqualTo(kept.workup().dressings().get(0));
    }
}
