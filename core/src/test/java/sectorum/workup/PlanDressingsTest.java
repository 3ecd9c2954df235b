package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static sectorum.workup.Tiers.worn;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.bench.Stock;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Dressing;
import sectorum.plan.Plan;
import sectorum.plan.PlanDressing;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;

/** Dressings of the plan, over several tiers. */
class PlanDressingsTest {
    private static final Plan BARE = Planned.of()
            .plan()
            .with(stacked("quilting"))
            .with(Planned.of().plan().tiers().get(0));

    private static Tier stacked(String technique) {
        return Planned.of().plan().tiers().get(1).wearing(List.of(worn(technique, "")));
    }

    private static List<String> ids(Plan plan) {
        return plan.tiers().stream().map(Tier::id).toList();
    }

    private static Plan onEach(Dressing dressing) {
        Plan plan = BARE;
        for (Tier tier : BARE.tiers()) {
            List<Dressing> all = new ArrayList<>(tier.dressings());
            all.add(dressing);
            plan = plan.with(tier.wearing(all));
        }
        return plan;
    }

    static List<String> techniques() {
        return Catalogue.all().stream()
                .filter(t -> t.surfaces().contains(SurfaceKind.SIDE))
                // What widens over all tiers is another on each of them.
                .filter(t -> t.part(Values.NONE, 0.2, 0.6).equals(Values.NONE))
                .map(t -> t.id())
                .toList();
    }

    /** Told once or on each tier: everything that follows is the same. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("techniques")
    void overTheTiersIsAsOnEachOfThem(String technique) {
        Dressing dressing = Dressing.fresh("over", technique, null, "marks");
        Planned each = Planned.of().with(onEach(dressing));
        Planned over = Planned.of().with(BARE.over(List.of(new PlanDressing(dressing, ids(BARE)))));
        assertThat(over.plan().cut()).isEqualTo(each.plan());
        assertThat(over.worked().tiers()).hasToString(each.worked().tiers().toString());
        assertThat(Workup.worktop(over.plan(), over.worked(), Stock.NONE).batches())
                .isEqualTo(
                        Workup.worktop(each.plan(), each.worked(), Stock.NONE).batches());
        assertThat(over.days().items()).isEqualTo(each.days().items());
        assertThat(over.steps()).isEqualTo(each.steps());
        assertThat(over.handover().parts()).isEqualTo(each.handover().parts());
        assertThat(Workup.build(over.plan(), over.worked()).tiers())
                .isEqualTo(Workup.build(each.plan(), each.worked()).tiers());
    }

    @Test
    void aTierThatIsNotNamedIsLeftAsItIs() {
        String first = ids(BARE).get(0);
        Plan over = BARE.over(List.of(new PlanDressing(worn("border", ""), List.of(first))));
        assertThat(over.cut().tiers().get(0).hasDressing("border")).isTrue();
        assertThat(over.cut().tiers().get(1)).isSameAs(BARE.tiers().get(1));
        Plan cut = over.cut();
        assertThat(cut.cut()).isSameAs(cut);
        assertThat(BARE.cut()).isSameAs(BARE);
        assertThat(over.asNewOrder("Again").dressings()).isEqualTo(over.dressings());
    }

    @Test
    void onATierWithoutItsMarksItStandsOnTheFirst() {
        Dressing elsewhere = worn("border", "").marked("halves");
        Plan over = BARE.over(List.of(new PlanDressing(elsewhere, ids(BARE))));
        assertThat(over.cut().tiers())
                .allSatisfy(t -> assertThat(t.dressing("border").division()).isEqualTo("marks"));
    }

    /** A file may name marks that its tier has not: all that follows is as from its first. */
    @Test
    void marksThatAreGoneAreTheFirst() {
        Tier tier = BARE.tiers().get(0);
        List<Planned> both = Stream.of(tier.divisions().get(0).id(), "gone")
                .map(marks -> Planned.of()
                        .with(BARE.with(
                                tier.wearing(List.of(worn("swag", "drop=20").marked(marks))))))
                .toList();
        Planned named = both.get(0);
        Planned gone = both.get(1);
        assertThat(gone.steps()).isEqualTo(named.steps());
        assertThat(gone.top().batches()).isEqualTo(named.top().batches());
        assertThat(gone.top().findings()).isEqualTo(named.top().findings());
        assertThat(gone.days().items()).isEqualTo(named.days().items());
        assertThat(gone.handover().parts()).isEqualTo(named.handover().parts());
    }

    @ParameterizedTest
    @ValueSource(strings = {"unknown tier", "no tier", "a tier twice", "its own name", "twice", "too many", "nothing"})
    void whatCannotBeCutIsRefused(String why) {
        Dressing border = worn("border", "");
        String first = ids(BARE).get(0);
        assertThatThrownBy(() -> BARE.over(
                        switch (why) {
                            case "unknown tier" -> List.of(new PlanDressing(border, List.of("attic")));
                            case "no tier" -> List.of(new PlanDressing(border, List.of()));
                            case "a tier twice" -> List.of(new PlanDressing(border, List.of(first, first)));
                            case "its own name" -> List.of(new PlanDressing(worn("quilting", ""), ids(BARE)));
                            case "twice" ->
                                List.of(new PlanDressing(border, ids(BARE)), new PlanDressing(border, ids(BARE)));
                            case "too many" -> many();
                            default -> List.of(new PlanDressing(null, ids(BARE)));
                        }))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).startsWith("dressings"));
    }

    private static List<PlanDressing> many() {
        List<PlanDressing> many = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            many.add(new PlanDressing(Dressing.fresh("b" + i, "border", null, "marks"), ids(BARE)));
        }
        return many;
    }

    /** Told once, a fall goes down the sides and over what is level between them, each a part of one profile. */
    @ParameterizedTest(name = "across {0}")
    @CsvSource({"SIDES, 0, 0", "LEDGES, 1, 0", "TOP, 1, 1"})
    void aFallGoesOverLedges(PlanDressing.Across across, int ledges, int tops) {
        Dressing fall = Dressing.fresh("fall", "fall", null, "marks");
        Plan over = BARE.over(List.of(new PlanDressing(fall, ids(BARE), across)));
        List<Tier> cut = over.cut().tiers();
        assertThat(cut.get(0).hasDressing("fall-ledge")).isEqualTo(ledges == 1);
        assertThat(cut.get(1).hasDressing("fall-ledge")).isEqualTo(tops == 1);
        if (ledges == 1) {
            Dressing ledge = cut.get(0).dressing("fall-ledge");
            assertThat(ledge.on()).isEqualTo(SurfaceKind.TOP);
            assertThat(ledge.settings().get("begins"))
                    .isEqualTo(ledge.settings().get("ends"))
                    .isEqualTo(cut.get(0).dressing("fall").settings().get("begins"));
        }
        assertThat(Planned.of().with(over).worked().tiers()).hasSize(2);
    }

    /** What is told once is printed with each of its tiers. */
    @Test
    void itsTemplatesAreThoseOfEachTier() {
        Plan over = BARE.over(List.of(new PlanDressing(worn("panels", ""), ids(BARE))));
        Workup.templates(over, Workup.of(over, Tiers.BENCH), Tiers.BENCH)
                .forEach((tier, drawings) ->
                        assertThat(drawings).extracting(d -> d.name()).contains("panel"));
    }

    @Test
    void whatLiesOnSidesAloneGoesOverNoLedge() {
        assertThatThrownBy(() -> new PlanDressing(worn("quilting", ""), ids(BARE), PlanDressing.Across.LEDGES))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("dressings.across"));
    }
}
