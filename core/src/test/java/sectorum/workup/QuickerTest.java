package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.division;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.finding.Change;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Family;
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
        Map<Quicker.Kind, Double> before = new EnumMap<>(Quicker.Kind.class);
        for (Quicker way : ways) {
            Dressing taken = taken(tier.dressing(technique), way.mend());
            TierWorkup.Worn then = TierWork.worn(PlacedTier.alone(tier), taken, Tiers.BENCH);
            assertThat(then.making().minutes()).isCloseTo(way.minutes(), within(1e-9));
            assertThat(way.saved())
                    .isCloseTo(now.making().minutes() - then.making().minutes(), within(1e-9))
                    .isGreaterThanOrEqualTo(5)
                    .isLessThanOrEqualTo(before.getOrDefault(way.kind(), Double.MAX_VALUE));
            assertThat(stops(then)).isLessThanOrEqualTo(stops(now));
            assertThat(then.layout().placements()).isNotEmpty();
            if (way.kind() != Quicker.Kind.TECHNIQUE) {
                assertThat(then.layout().placements().size()).isGreaterThanOrEqualTo((int)
                        (0.4 * now.layout().placements().size()));
            }
            // What changes in the look is told, and truly is another figure.
            assertThat(way.changes()).allSatisfy(c -> assertThat(c.before()).isNotEqualTo(c.after()));
            before.put(way.kind(), way.saved());
        }
        assertThat(ways.stream().filter(w -> w.kind() == Quicker.Kind.SETTING)).hasSizeLessThanOrEqualTo(3);
        assertThat(ways.stream().filter(w -> w.kind() == Quicker.Kind.PAIR)).hasSizeLessThanOrEqualTo(2);
        assertThat(ways.stream().filter(w -> w.kind() == Quicker.Kind.TECHNIQUE))
                .hasSizeLessThanOrEqualTo(2);
        assertThat(Quicker.of(PlacedTier.alone(tier), technique, Tiers.BENCH)).isEqualTo(ways);
    }

    /** A pair saves more than either of the two alone, by as much as a way must save. */
    @Test
    void pairsAndOthersOfTheFamilyAreFound() {
        List<Quicker> all = Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(SurfaceKind.SIDE))
                .flatMap(t -> Quicker.of(
                        PlacedTier.alone(round().divisions(division(16))
                                .dressings(worn(t.id(), ""))
                                .tier()),
                        t.id(),
                        Tiers.BENCH)
                        .stream())
                .toList();
        assertThat(all).extracting(Quicker::kind).contains(Quicker.Kind.values());
        assertThat(all.stream().filter(q -> q.kind() == Quicker.Kind.PAIR))
                .allSatisfy(q -> assertThat(q.mend().changes()).hasSize(2));
        assertThat(all.stream().filter(q -> q.kind() == Quicker.Kind.TECHNIQUE)).allSatisfy(q -> {
            assertThat(Family.of(q.worn().technique())).isEqualTo(Family.of(q.dressing()));
            assertThat(q.worn().technique()).isNotEqualTo(q.dressing());
        });
    }

    @Test
    void everyFamilyIsOfTechniquesThereAre() {
        List<String> known = techniques();
        for (Family family : Family.values()) {
            List<String> members = known.stream()
                    .filter(t -> Family.of(t).filter(f -> f == family).isPresent())
                    .toList();
            assertThat(members).hasSizeGreaterThan(2);
            members.forEach(t -> assertThat(Family.others(t)).hasSize(members.size() - 1));
        }
        assertThat(Family.others("art")).isEmpty();
    }

    private static Dressing taken(Dressing dressing, Mend mend) {
        Dressing taken = dressing;
        for (Change change : mend.changes()) {
            taken = change.target() == Change.Target.SETTING
                    ? taken.with(taken.settings().with(change.field(), change.value()))
                    : change.field().equals("technique")
                            ? new Dressing(
                                    taken.id(),
                                    (String) change.value(),
                                    taken.surface(),
                                    taken.division(),
                                    taken.zone(),
                                    taken.stretch(),
                                    false,
                                    taken.covers()
                                            || Catalogue.of((String) change.value())
                                                    .covers(),
                                    taken.colours(),
                                    Values.NONE,
                                    null)
                            : taken;
        }
        return taken;
    }
}
