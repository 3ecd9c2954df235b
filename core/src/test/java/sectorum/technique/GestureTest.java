package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.bench.Bench;
import sectorum.measure.LengthUnit;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWork;

/** What hands do, technique by technique: the steps are drawn by it, and counted. */
class GestureTest {
    private static List<Gesture> gestures(String technique) {
        Tier tier = Tier.fresh("a", "A");
        Technique meant = Catalogue.of(technique);
        SurfaceKind on = meant.surfaces().contains(SurfaceKind.SIDE)
                ? SurfaceKind.SIDE
                : meant.surfaces().iterator().next();
        PlacedTier placed = PlacedTier.alone(tier).drawn(List.of(sectorum.art.Motif.sample()));
        Dressing fresh =
                Dressing.fresh("d", technique, on, tier.divisions().get(0).id());
        return TierWork.worn(placed, fresh, Bench.of(LengthUnit.MM.tape())).making().steps().stream()
                .map(Making.Step::gesture)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "swag, MARK MARK",
        "drape, MARK CUT STICK",
        "pearls, PRESS STICK",
        "quilting, PRESS STICK",
        "honeycomb, PRESS",
        "ruffles, CUT STICK",
        "garland, MARK STICK",
        "crescent, MARK STICK",
        "border, PIPE",
        "tiles, CUT STICK",
        "strew, STREW",
        "ribbon, WRAP",
    })
    void eachAsItIsTold(String technique, String told) {
        assertThat(gestures(technique))
                .isEqualTo(Stream.of(told.split(" ")).map(Gesture::valueOf).toList());
    }

    /** Whatever a technique does, something of it happens on the cake. */
    @Test
    void everyTechniqueComesToTheCake() {
        Set<Gesture> seen = EnumSet.noneOf(Gesture.class);
        for (Technique technique : Catalogue.all()) {
            List<Gesture> its = gestures(technique.id());
            seen.addAll(its);
            if (!its.isEmpty() && !technique.finishes()) {
                assertThat(its).as(technique.id()).anyMatch(g -> g.onCake() || g == Gesture.SCRAPE);
            }
        }
        assertThat(seen).hasSizeGreaterThan(10);
    }
}
