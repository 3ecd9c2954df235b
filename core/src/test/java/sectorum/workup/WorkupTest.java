package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.bench.Bench;
import sectorum.divide.Front;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.measure.LengthUnit;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Brief;
import sectorum.plan.Coat;
import sectorum.plan.Colour;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Reading;
import sectorum.tier.TierWorkup;

class WorkupTest {
    private static final Bench BENCH = Bench.of(LengthUnit.MM.tape());

    private static Tier tier(
            OutlineSpec outline, List<Reading> readings, DivisionSpec division, Dressing... dressings) {
        return new Tier(
                "top",
                "Top",
                outline,
                110,
                null,
                false,
                List.of(new Coat("fondant", 4)),
                readings,
                null,
                List.of(),
                List.of(division),
                List.of(dressings));
    }

    private static OutlineSpec outline(String kind) {
        return new OutlineSpec(kind, Values.NONE);
    }

    private static DivisionSpec division(int n, DivisionSpec.Lock... locks) {
        return DivisionSpec.of("marks", n, 60.0, Front.SECTION, null, List.of(locks));
    }

    private static Dressing swag(ZoneSpec zone, boolean resting) {
        return new Dressing("swags", "swag", null, "marks", zone, resting, false, List.of(), Values.NONE);
    }

    private static Reading foot(double mm) {
        return Reading.of(Reading.What.FOOT, mm);
    }

    @Test
    void readingBeatsNominalEverywhere() {
        TierWorkup worked =
                Workup.tier(tier(outline("round"), List.of(foot(731)), division(11), swag(null, false)), BENCH);
        assertThat(worked.form().foot().nominalMm()).isCloseTo(Math.PI * 208, within(1e-9));
        assertThat(worked.form().foot().mm()).isEqualTo(731);
        assertThat(worked.form().across()).isCloseTo(232.685, within(5e-4));
        assertThat(worked.divisions().get(0).marks())
                .extracting(TierWorkup.Mark::tape)
                .contains(66., 133., 665.);
        assertThat(worked.divisions().get(0).ways()).hasSize(2);
        assertThat(worked.dressings().get(0).figures().get(0).quantity().value())
                .isCloseTo(66.4545, within(1e-3));
    }

    @Test
    void medianAndSpreadOfSeveralReadings() {
        Tier tier = tier(outline("round"), List.of(foot(731), foot(729), foot(735)), division(11));
        assertThat(tier.side().foot().mm()).isEqualTo(731);
        assertThat(tier.side().foot().spreadMm()).isEqualTo(6);
        Tier two = tier(outline("round"), List.of(foot(731), foot(729)), division(11));
        assertThat(two.side().foot().mm()).isEqualTo(730);
    }

    @Test
    void taperAndUnlevelAreFoundAndGo() {
        List<Reading> crooked = List.of(
                foot(731),
                Reading.of(Reading.What.TOP, 691),
                new Reading(Reading.What.HEIGHT, 119, 0, "R", "2026-11-24T10:00", null),
                new Reading(Reading.What.HEIGHT, 115, 4, null, null, null));
        TierWorkup worked = Workup.tier(tier(outline("round"), crooked, division(11)), BENCH);
        assertThat(worked.findings()).extracting(Finding::rule).containsExactly("side.taper", "side.level");
        TierWorkup straight = Workup.tier(tier(outline("round"), List.of(foot(731)), division(11)), BENCH);
        assertThat(straight.findings()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"square, 11, 12", "rectangle, 15, 14", "polygon, 16, 18"})
    void countThatCannotCloseShowsTheNearestAndMends(String kind, int asked, int got) {
        TierWorkup.Divided worked = Workup.tier(tier(outline(kind), List.of(), division(asked)), BENCH)
                .divisions()
                .get(0);
        assertThat(worked.count()).isEqualTo(got);
        assertThat(worked.asked()).isEqualTo(asked);
        Finding stop = worked.findings().get(0);
        assertThat(stop.rule()).isEqualTo("divide.count");
        Change mend = stop.mends().get(0).changes().get(0);
        TierWorkup.Divided mended = Workup.tier(
                        tier(outline(kind), List.of(), division(((Number) mend.value()).intValue())), BENCH)
                .divisions()
                .get(0);
        assertThat(mended.findings()).noneMatch(f -> f.rule().equals("divide.count"));
    }

    @Test
    void locksThatNoLongerFitAreSaidAndFreed() {
        Tier small = tier(outline("round"), List.of(foot(300)), division(11, new DivisionSpec.Lock(6, 402)));
        TierWorkup.Divided worked = Workup.tier(small, BENCH).divisions().get(0);
        assertThat(worked.findings()).extracting(Finding::rule).contains("divide.locked");
        assertThat(worked.count()).isEqualTo(11);
        Tier fits = tier(outline("round"), List.of(foot(731)), division(11, new DivisionSpec.Lock(6, 420)));
        assertThat(Workup.tier(fits, BENCH).divisions().get(0).findings())
                .extracting(Finding::rule)
                .containsExactly("divide.uneven");
    }

    @Test
    void restingDressingIsNeitherDrawnNorCounted() {
        assertThat(Workup.tier(tier(outline("round"), List.of(), division(8), swag(null, true)), BENCH)
                        .dressings())
                .isEmpty();
    }

    @Test
    void zoneFromBothEdges() {
        ZoneSpec zone =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 20), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 15));
        TierWorkup.Worn worn = Workup.tier(tier(outline("oval"), List.of(), division(8), swag(zone, false)), BENCH)
                .dressings()
                .get(0);
        assertThat(worn.zone().foot()).isEqualTo(20);
        assertThat(worn.zone().top()).isEqualTo(99);
        ZoneSpec crossed =
                new ZoneSpec(new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 100), new ZoneSpec.Height(ZoneSpec.Edge.TOP, 60));
        assertThat(Workup.tier(tier(outline("oval"), List.of(), division(8), swag(crossed, false)), BENCH)
                        .dressings()
                        .get(0)
                        .findings())
                .extracting(Finding::rule)
                .containsExactly("zone.crossed");
    }

    @Test
    void sameInputsSameWorkup() {
        Plan plan = new Plan(
                Plan.FORMAT,
                1,
                "Gala",
                "2026-12-12T14:00",
                Brief.EMPTY,
                List.of(new Colour("night", "Night blue", "#27375f", "fondant")),
                List.of(tier(outline("petal"), List.of(), division(12), swag(null, false))));
        assertThat(Workup.of(plan, BENCH)).hasToString(Workup.of(plan, BENCH).toString());
        TierWorkup worked = Workup.of(plan, BENCH).tiers().get(0);
        assertThat(Workup.drawings(plan.tiers().get(0), worked, BENCH))
                .extracting(d -> d.name())
                .contains("marking-strip", "swag-scallop", "sector-wheel", "sectioned-top");
        assertThat(plan.named("Other").name()).isEqualTo("Other");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   "})
    void planHasAName(String name) {
        assertThatThrownBy(() -> Plan.fresh(name)).isInstanceOf(Refused.class).hasMessageContaining("1 to 120");
    }

    @Test
    void documentsRefuseByFieldAndValue() {
        Plan fresh = Plan.fresh("x");
        assertThatThrownBy(() -> new Plan("cake", 1, "x", null, null, null, fresh.tiers()))
                .hasMessageContaining("\"cake\"");
        assertThatThrownBy(() -> new Plan(Plan.FORMAT, 9, "x", null, null, null, fresh.tiers()))
                .hasMessageContaining("version 9");
        assertThatThrownBy(() -> new Plan(Plan.FORMAT, 1, "x", "soon", null, null, fresh.tiers()))
                .hasMessageContaining("\"soon\"");
        assertThatThrownBy(() -> new Plan(Plan.FORMAT, 1, "x", null, null, null, List.of()))
                .hasMessageContaining("1 to 8");
        assertThatThrownBy(() -> new Plan(
                        Plan.FORMAT,
                        1,
                        "x",
                        null,
                        null,
                        null,
                        List.of(fresh.tiers().get(0), fresh.tiers().get(0))))
                .hasMessageContaining("stands twice");
        assertThatThrownBy(() -> new Colour("Night", "n", "#000000", "")).hasMessageContaining("small letters");
        assertThatThrownBy(() -> new Colour("n", "n", "blue", "")).hasMessageContaining("blue");
        assertThatThrownBy(() -> new Coat("x", 61)).hasMessageContaining("61 mm");
        assertThatThrownBy(() -> division(3000)).hasMessageContaining("3000").hasMessageContaining("1 to 500");
        assertThatThrownBy(() -> foot(-1)).hasMessageContaining("-1 mm");
        assertThatThrownBy(() ->
                        tier(new OutlineSpec("square", new Values(Map.of("corner", 150))), List.of(), division(8)))
                .hasMessageContaining("Corner radius 150 mm");
        assertThatThrownBy(() ->
                        tier(outline("round"), List.of(foot(731), Reading.of(Reading.What.TOP, 6000)), division(8)))
                .hasMessageContaining("lean");
        assertThatThrownBy(() -> new Brief("a\u0007b", "", "", "")).hasMessageContaining("cannot be printed");
        assertThatThrownBy(() -> new ZoneSpec(null, null)).isInstanceOf(Refused.class);
    }
}
