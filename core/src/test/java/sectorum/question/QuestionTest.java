package sectorum.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Bench;
import sectorum.divide.Evenness;
import sectorum.measure.LengthUnit;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.surface.SurfaceKind;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** What the screens ask: what cannot be left out, what is usual where it is, and who works a tier up. */
class QuestionTest {
    private static final Plan PLAN = Plan.fresh("Asked");
    private static final Question.Tiers TIERS = Workup::tier;

    private static Stream<Function<Plan, Question<?>>> ofAPlan() {
        String tier = PLAN.tiers().get(0).id();
        String marks = PLAN.tiers().get(0).divisions().get(0).id();
        return Stream.of(
                p -> new WorkupRequest(p, null, null),
                NextTierRequest::new,
                p -> new RescueRequest(p, tier, marks, 2, 200, null),
                p -> new RefitRequest(p, tier, "none", tier, null, null),
                p -> new WaysRequest(p, tier, marks, null, null, null),
                p -> new TrayRequest(p, tier, null, marks, null),
                p -> new BuildRequest(p, null),
                p -> new PiecesRequest(p, null),
                p -> new PieceTrayRequest(p, null, null),
                p -> new PlacesRequest(p, tier, marks, null, null, null),
                p -> new EvennessRequest(
                        p, tier, marks, new Evenness.Pointed(0, 900, List.of(400.0, 500.0), null), null));
    }

    @ParameterizedTest
    @MethodSource("ofAPlan")
    void withoutAPlanNothingIsAsked(Function<Plan, Question<?>> asked) {
        assertThatThrownBy(() -> asked.apply(null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("names no \"plan\"");
    }

    @Test
    void everyQuestionButTheTypedLengthAndTheJournalIsOfAPlan() {
        assertThat(ofAPlan().map(asked -> asked.apply(PLAN).getClass()))
                .hasSize(Question.class.getPermittedSubclasses().length - 2);
    }

    @Test
    void theBenchIsTheUsualOneWhereNoneIsNamed() {
        Bench usual = Bench.of(LengthUnit.MM.tape());
        assertThat(new WorkupRequest(PLAN, null, null)).isEqualTo(new WorkupRequest(PLAN, usual, null));
        assertThat(new BuildRequest(PLAN, null).bench()).isEqualTo(usual);
        assertThat(new TrayRequest(PLAN, "t", null, "d", null))
                .isEqualTo(new TrayRequest(PLAN, "t", SurfaceKind.SIDE, "d", usual));
        assertThat(new RefitRequest(PLAN, "a", "d", "b", null, null).into()).isEqualTo(PLAN);
    }

    @Test
    void onlyTheTiersNamedAreAnsweredWith() {
        String id = PLAN.tiers().get(0).id();
        StackWorkup all = new WorkupRequest(PLAN, null, null).answer(TIERS);
        assertThat(new WorkupRequest(PLAN, null, List.of(id)).answer(TIERS)).isEqualTo(all);
        assertThat(new WorkupRequest(PLAN, null, List.of()).answer(TIERS).tiers())
                .isEmpty();
        String unknown = "x".repeat(60);
        assertThatThrownBy(() -> new WorkupRequest(PLAN, null, List.of(unknown)).answer(TIERS))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("x".repeat(40) + "…")
                .hasMessageContaining("it has " + id);
    }

    @Test
    void whoKeepsTiersIsAskedForEachOfThem() {
        AtomicInteger asked = new AtomicInteger();
        Question.Tiers counting = (tier, bench) -> {
            asked.incrementAndGet();
            return Workup.tier(tier, bench);
        };
        new BuildRequest(PLAN, null).answer(counting);
        assertThat(asked).hasValue(PLAN.tiers().size());
    }

    @ParameterizedTest
    @CsvSource({"5 1/4\", 133.35, ", "'13,5', 135.0, ", "half, , cannot be read"})
    void aTypedLengthIsUnderstoodOrToldWhyNot(String typed, Double mm, String why) {
        LengthRequest.Understood read = new LengthRequest("Depth", typed, LengthUnit.CM).answer(TIERS);
        assertThat(read.mm()).isEqualTo(mm);
        assertThat(read.refused() == null).isEqualTo(why == null);
        assertThat(read.refused() == null ? "" : read.refused().toString()).contains(why == null ? "" : why);
    }

    @ParameterizedTest
    @CsvSource(
            value = {"-, 5, CM, field", "Depth, -, CM, typed", "Depth, 5, -, unit"},
            nullValues = "-")
    void aTypedLengthSaysForWhatAndInWhat(String field, String typed, LengthUnit unit, String missing) {
        assertThatThrownBy(() -> new LengthRequest(field, typed, unit))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(missing);
    }

    /** 200 across in eight sections, the fifth in front: what is seen is numbered one after the other. */
    @Test
    void sectionsOffAPhotographAreNumberedOneAfterTheOther() {
        String tier = PLAN.tiers().get(0).id();
        String marks = PLAN.tiers().get(0).divisions().get(0).id();
        Evenness.Pointed pointed = new Evenness.Pointed(0, 1000, List.of(300.0, 440.0, 520.0, 640.0), null);
        EvennessRequest.Found found = new EvennessRequest(PLAN, tier, marks, pointed, null).answer(TIERS);
        List<Integer> numbers =
                found.sections().stream().map(EvennessRequest.Judged::number).toList();
        assertThat(numbers).hasSize(3);
        assertThat(numbers.get(1)).isEqualTo(numbers.get(0) + 1);
        assertThat(numbers.get(2)).isEqualTo(numbers.get(0) + 2);
        assertThat(found.ordinary()).isPositive();
    }
}
