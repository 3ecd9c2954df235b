package sectorum.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.Absent;
import sectorum.measure.Refused;

/** What a workshop begins its plans with, and where a plan is told to differ from it. */
class PlanDefaultsTest {
    private static final PlanDefaults DAMP = new PlanDefaults(Front.MARK, Preference.ODD, 0.7, 24.0, 4.0, 3.0, true);

    private static List<String> differing(PlanDefaults defaults, Plan plan) {
        return defaults.differing(plan).stream().map(Object::toString).toList();
    }

    @Test
    void whatIsUsualBeginsAsAlways() {
        assertThat(PlanDefaults.USUAL.begin("Gala")).isEqualTo(Plan.fresh("Gala"));
        assertThat(differing(PlanDefaults.USUAL, Plan.fresh("Gala"))).isEmpty();
    }

    @Test
    void aPlanBeginsAsTheWorkshopDoesAndDiffersInNothing() {
        Plan begun = DAMP.begin("Gala");
        Tier tier = begun.tiers().get(0);
        assertThat(tier.coats()).containsExactly(new Coat("coat", 4), new Coat("covering", 3));
        assertThat(tier.divisions().get(0).front()).isEqualTo(Front.MARK);
        assertThat(tier.divisions().get(0).liked()).isEqualTo(Preference.ODD);
        assertThat(begun.made().humid()).isEqualTo(0.7);
        assertThat(begun.made().warm()).isEqualTo(24);
        assertThat(begun.settled().dressFirst()).isTrue();
        assertThat(differing(DAMP, begun)).isEmpty();
    }

    @Test
    void whereAPlanDiffersIsToldWithBoth() {
        assertThat(differing(DAMP, Plan.fresh("Gala")))
                .containsExactly(
                        "The room at 50 % here, 70 % in the workshop",
                        "The room at 20 °C here, 24 in the workshop",
                        "Stacked before it is decorated here; the workshop decorates first",
                        "The coat on Tier 5 mm here, 4 mm in the workshop",
                        "The covering on Tier 3.5 mm here, 3 mm in the workshop",
                        "A section looks forward on Tier; in the workshop a mark does");
    }

    @ParameterizedTest
    @CsvSource({"0.01, , , humidity", "1.2, , , humidity", ", 60, , celsius", ", , -1, thickness"})
    void whatNoRoomAndNoCoatHasIsRefused(
            @Absent Double humidity, @Absent Double celsius, @Absent Double coat, String field) {
        assertThatThrownBy(() -> new PlanDefaults(null, null, humidity, celsius, coat, null, null))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).contains(field));
    }

    @Test
    void whatCanBeSeenOfAPlanSaysNothingOfTheOrder() {
        Plan seen = DAMP.begin("Gala").readyBy("2026-12-01T10:00").seen();
        assertThat(seen.brief()).isEqualTo(Brief.EMPTY);
        assertThat(seen.readyBy()).isNull();
        assertThat(seen.agenda()).isNull();
        assertThat(seen.table()).isNull();
        assertThat(seen.tiers()).hasSize(1);
    }
}
