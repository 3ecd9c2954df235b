package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.art.Motif;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;

/** Findings of art, in a plan that has some: each appears, is mended by each of its mends, and goes. */
class ArtRulesTest {
    private static final Motif RING =
            Motif.of("ring", "Ring", List.of(Seeds.BADGE.parts().get(1)));
    private static final Map<String, String> SHOWN = Map.of(
            "art.none", "motif=lost",
            "art.out-of-zone", "high=100 up=90",
            "art.crosses", "high=105 where=sections",
            "art.round", "high=100 motif=banner",
            "art.islands", "use=stencilled motif=ring",
            "art.thin", "use=piped motif=ring high=20 nozzle=8");

    private static final Motif BANNER = Motif.of(
            "banner",
            "Banner",
            List.of(Motif.Region.of(
                    "#112233", sectorum.art.Rings.of(List.of(0.0, 0.0, 10.0, 0.0, 10.0, 2.6, 0.0, 2.6)))));

    static List<String> rules() {
        return SHOWN.keySet().stream().sorted().toList();
    }

    private static Plan plan(Values settings) {
        Dressing art = Dressing.fresh("art", "art", null, "marks").with(settings);
        Plan plan = new Plan(
                Plan.FORMAT,
                Plan.VERSION,
                "Art",
                null,
                null,
                List.of(),
                List.of(Tiers.round().dressings(art).tier()));
        return plan.drawn(List.of(Seeds.BADGE, RING, BANNER));
    }

    private static List<Finding> found(Values settings, String rule) {
        return Workup.of(plan(settings), Tiers.BENCH).tiers().get(0).dressings().get(0).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void appearsIsMendedAndGoes(String rule) {
        Values settings = Tiers.worn("art", SHOWN.get(rule)).settings();
        List<Finding> found = found(settings, rule);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).what().quantities()).isNotEmpty();
        assertThat(found.get(0).mends()).isNotEmpty();
        for (Mend mend : found.get(0).mends()) {
            Values mended = settings;
            for (int press = 0; press < 8 && !found(mended, rule).isEmpty(); press++) {
                Mend again = found(mended, rule)
                        .get(0)
                        .mends()
                        .get(found.get(0).mends().indexOf(mend));
                for (Change change : again.changes()) {
                    mended = mended.with(change.field(), change.value());
                }
            }
            assertThat(found(mended, rule)).as(mend.label().toString()).isEmpty();
        }
    }

    /** A tier that wears no art is worked out without any; changing the drawing changes what wears it. */
    @Test
    void artBelongsToWhatWearsIt() {
        Plan worn = plan(Values.NONE);
        Plan larger = worn.drawn(List.of(BANNER));
        assertThat(Workup.of(worn, Tiers.BENCH)).isNotEqualTo(Workup.of(larger, Tiers.BENCH));
        assertThat(worn.asNewOrder("Again").art()).isEqualTo(worn.art());
        assertThat(worn.cut().art()).isEqualTo(worn.art());
    }

    /** The dry fit: which courses have pieces where art lies, across the seam as anywhere, and which have not. */
    @ParameterizedTest
    @CsvSource({
        "'high=30 up=55', 'Pearl rows'",
        "'high=30 up=90', nothing",
        "'high=30 up=16', 'Piped border'",
        "'high=100 up=55', 'Pearl rows, Piped border'",
        "'high=30 up=55 aside=330', 'Pearl rows'"
    })
    void whatSharesItsPlaceIsTold(String settings, String names) {
        Dressing pearls = Tiers.worn("pearls", "rows=1 diameter=4");
        ZoneSpec middle =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 50), new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 60));
        Plan plan = plan(Tiers.worn("art", settings).settings());
        Tier tier = plan.tiers().get(0);
        List<Dressing> all = new ArrayList<>(List.of(
                new Dressing("pearls", "pearls", null, "marks", middle, false, false, List.of(), pearls.settings()),
                Tiers.worn("border", "")));
        all.addAll(tier.dressings());
        Plan dressed = plan.with(tier.wearing(all));
        assertThat(Workup.of(dressed, Tiers.BENCH)
                        .tiers()
                        .get(0)
                        .dressings()
                        .get(2)
                        .figures())
                .filteredOn(f -> f.name().equals("shares-its-place-with"))
                .singleElement()
                .satisfies(f -> assertThat(f.quantity().text()).isEqualTo(names));
    }
}
