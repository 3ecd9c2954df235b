package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.technique.Catalogue;
import sectorum.tier.PlacedTier;
import sectorum.tier.Quicker;
import sectorum.tier.TierWork;
import sectorum.tier.TierWorkup;

/** Quicker ways to every technique there is, none of them known by name. */
class QuickerTest {
    static List<String> techniques() {
        return Catalogue.all().stream().map(t -> t.id()).toList();
    }

    private static long stops(TierWorkup.Worn worn) {
        return worn.findings().stream().filter(f -> f.level() == Level.STOP).count();
    }

    @ParameterizedTest
    @MethodSource("techniques")
    void everyWaySavesWhatItSaysKeepsTheLookAndBringsNoStop(String technique) {
        Tier tier = round().outline("square")
                .divisions(division(16))
                .dressings(worn(technique, ""))
                .tier();
        TierWorkup.Worn now = Workup.tier(tier, Tiers.BENCH).dressings().get(0);
        List<Quicker> ways = Quicker.of(PlacedTier.alone(tier), technique, Tiers.BENCH);
        assertThat(ways).hasSizeLessThanOrEqualTo(3);
        double before = Double.MAX_VALUE;
        for (Quicker way : ways) {
            Change change = way.mend().changes().get(0);
            assertThat(change.target()).isEqualTo(Change.Target.SETTING);
            Dressing taken = tier.dressing(technique)
                    .with(tier.dressing(technique).settings().with(change.field(), change.value()));
            TierWorkup.Worn then = TierWork.worn(PlacedTier.alone(tier), taken, Tiers.BENCH);
            assertThat(then.making().minutes()).isCloseTo(way.minutes(), within(1e-9));
            assertThat(way.saved())
                    .isCloseTo(now.making().minutes() - then.making().minutes(), within(1e-9))
                    .isGreaterThanOrEqualTo(5)
                    .isLessThanOrEqualTo(before);
            assertThat(stops(then)).isLessThanOrEqualTo(stops(now));
            assertThat(then.layout().placements()).isNotEmpty();
            assertThat(then.layout().placements().size()).isGreaterThanOrEqualTo((int)
                    (0.4 * now.layout().placements().size()));
            before = way.saved();
        }
        assertThat(Quicker.of(PlacedTier.alone(tier), technique, Tiers.BENCH)).isEqualTo(ways);
    }
}
