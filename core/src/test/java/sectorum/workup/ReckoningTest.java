package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.build.Build;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import sectorum.technique.Catalogue;
import sectorum.technique.Figure;
import sectorum.technique.Technique;
import sectorum.tier.PieceWorkup;
import sectorum.tier.Reckoning;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** Every figure of every technique tells how it came about, and the parts of a sum add up to it. */
class ReckoningTest {
    static List<Technique> all() {
        return Catalogue.all();
    }

    private static Tier wearing(Technique technique) {
        return Tiers.round().dressings(Tiers.worn(technique.id(), "")).tier();
    }

    private static double last(Reckoning.Reckoned reckoned) {
        List<Phrase> lines = reckoned.lines();
        return lines.get(lines.size() - 1).quantities().get(0).value();
    }

    private static double sum(Reckoning.Reckoned reckoned, Quantity.Kind kind, int but) {
        return reckoned.lines().stream()
                .limit(reckoned.lines().size() - but)
                .map(l -> l.quantities().get(0))
                .filter(q -> q.kind() == kind)
                .mapToDouble(Quantity::value)
                .reduce(0, Double::sum);
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyFigureIsTold(Technique technique) {
        Tier tier = wearing(technique);
        TierWorkup worked = Workup.tier(tier, Tiers.BENCH);
        TierWorkup.Worn worn = worked.dressings().get(0);
        List<Reckoning.Reckoned> told = Reckoning.of(tier, worked, worn);
        Set<String> names = new HashSet<>();
        told.forEach(r -> names.addAll(r.figures()));
        assertThat(names)
                .containsExactlyInAnyOrderElementsOf(
                        worn.figures().stream().map(Figure::name).toList());
        assertThat(told).allSatisfy(r -> assertThat(r.lines()).isNotEmpty());
        // A formula of its own, and every setting with what it is here.
        if (told.get(0).lines().get(0).toString().isEmpty()) {
            throw new AssertionError(technique.id() + " has no formula in tier.Formulas");
        }
        String inputs = told.get(0).lines().toString();
        worn.fields().forEach(f -> assertThat(inputs).contains(f.label()));
        for (Reckoning.Reckoned reckoned : told) {
            Figure figure = worn.figures().stream()
                    .filter(f -> f.name().equals(reckoned.figures().get(0)))
                    .findFirst()
                    .orElseThrow();
            switch (figure.name()) {
                case "hands" -> {
                    assertThat(last(reckoned)).isCloseTo(figure.quantity().value(), within(1e-6));
                    assertThat(sum(reckoned, Quantity.Kind.MINUTES, 1))
                            .isCloseTo(figure.quantity().value(), within(1e-6));
                }
                case "net-weight" -> {
                    assertThat(last(reckoned)).isCloseTo(figure.quantity().value(), within(1e-6));
                    assertThat(sum(reckoned, Quantity.Kind.MASS, 1))
                            .isCloseTo(figure.quantity().value(), within(1e-6));
                }
                case "to-pipe-or-extrude" ->
                    assertThat(sum(reckoned, Quantity.Kind.LENGTH, 0))
                            .isCloseTo(figure.quantity().value(), within(1e-6));
                case "pieces-and-spares" -> {
                    int pieces = 0;
                    int spares = 0;
                    for (Phrase line : reckoned.lines()) {
                        List<Quantity> q = line.quantities();
                        pieces += (int) q.get(q.size() - 2).value();
                        spares += (int) q.get(q.size() - 1).value();
                    }
                    assertThat(figure.quantity().text()).isEqualTo(pieces + " + " + spares);
                }
                default -> assertThat(reckoned).isSameAs(told.get(0));
            }
        }
    }

    /** A round of 215 under 8.5 of coats: 675.4 alone, 53.4 by its coats; the tape wins. */
    @Test
    void aTiersSizesAreToldFromPlanAndTape() {
        Tier tier = Tiers.round().taped(Reading.of(Reading.What.FOOT, 731)).tier();
        TierWorkup worked = Workup.tier(tier, Tiers.BENCH);
        double coats = tier.coats().stream().mapToDouble(c -> c.thickness()).reduce(0, Double::sum);
        Reckoning.Reckoned told = Reckoning.measured(tier, worked);
        List<Quantity> planned = told.lines().get(0).quantities();
        assertThat(planned.get(0).value()).isCloseTo(Math.PI * 215, within(0.01));
        assertThat(planned.get(1).value()).isCloseTo(2 * Math.PI * coats, within(0.01));
        assertThat(planned.get(2).value()).isEqualTo(coats);
        assertThat(planned.get(0).value() + planned.get(1).value())
                .isCloseTo(planned.get(3).value(), within(1e-9));
        assertThat(told.lines())
                .extracting(Phrase::toString)
                .contains("Round the foot: 731 mm by 1 reading, which holds");
    }

    /** What three tiers carry: those above and the boards between, to the gram. */
    @Test
    void whatATierCarriesIsTheSumOfWhatStandsOnIt() {
        Plan plan = Plan.fresh("Three");
        for (int i = 0; i < 2; i++) {
            List<Tier> tiers = new ArrayList<>(plan.tiers());
            tiers.add(plan.nextTier());
            plan = new Plan(Plan.FORMAT, Plan.VERSION, "Three", null, plan.brief(), List.of(), tiers);
        }
        StackWorkup worked = Workup.of(plan, Tiers.BENCH);
        Build built = Workup.build(plan, worked);
        Reckoning.Reckoned told = Workup.carried(plan, worked, "tier-1");
        List<Double> masses = told.lines().stream()
                .map(l -> l.quantities().get(0))
                .filter(q -> q.kind() == Quantity.Kind.MASS)
                .map(Quantity::value)
                .toList();
        assertThat(masses).hasSize(4);
        assertThat(masses.get(0) + masses.get(1) + masses.get(2)).isCloseTo(masses.get(3), within(1e-6));
        assertThat(masses.get(3)).isCloseTo(built.tiers().get(0).load(), within(1e-9));
        assertThat(masses.get(2)).isPositive();
        assertThat(Workup.carried(plan, worked, "tier-3").lines())
                .extracting(Phrase::toString)
                .containsExactly("Nothing stands on it");
    }

    @Test
    void aPieceMadeAheadTellsItsWeightAndItsHands() {
        Plan plan = AheadRulesTest.crowded();
        OwnPiece ball = plan.pieces().get(0);
        PieceWorkup worked = Workup.pieces(plan, Tiers.BENCH).get(0);
        List<Reckoning.Reckoned> told = Workup.reckoned(plan, ball, Tiers.BENCH.rates());
        List<Phrase> weight = told.get(0).lines();
        assertThat(weight.get(weight.size() - 1).quantities().get(2).value()).isCloseTo(worked.grams(), within(1e-9));
        assertThat(last(told.get(1))).isCloseTo(worked.minutes(), within(1e-9));
        assertThat(sum(told.get(1), Quantity.Kind.MINUTES, 1)).isCloseTo(worked.minutes(), within(1e-9));
    }

    /** The round of 731 in five: 146.2 each, the first mark half of it from the seam. */
    @Test
    void aDivisionIsToldWithItsNumbers() {
        Tier tier = Tiers.round()
                .taped(Reading.of(Reading.What.FOOT, 731))
                .divisions(Tiers.division(5))
                .tier();
        TierWorkup worked = Workup.tier(tier, Tiers.BENCH);
        assertThat(Reckoning.division(worked, worked.divisions().get(0)).lines())
                .extracting(Phrase::toString)
                .startsWith("Round the foot 731 mm, as the tape read it", "731 mm ÷ 5 sections = 146.2 mm");
    }
}
