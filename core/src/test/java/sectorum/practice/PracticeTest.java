package sectorum.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.measure.LengthUnit;
import sectorum.measure.Refused;
import sectorum.practice.Exercise.Drill;
import sectorum.practice.Judgement.PracticeAnswer;
import sectorum.template.Paper;

/** Exercises from seeds: the same each time, with one right answer, judged by the plans' own arithmetic. */
class PracticeTest {
    static Stream<Arguments> drills() {
        return Stream.of(Drill.values())
                .flatMap(d -> IntStream.range(0, 60).mapToObj(i -> Arguments.of(d, 1000L + 37 * i)));
    }

    private static PracticeAnswer number(double n) {
        return new PracticeAnswer(List.of(n), null);
    }

    private static PracticeAnswer choice(String name) {
        return new PracticeAnswer(List.of(), name);
    }

    /** Marks by the tape, or by the card, each off by so much. */
    private static List<Double> marked(Exercise e, java.util.function.IntToDoubleFunction off) {
        List<Double> marks = new ArrayList<>();
        for (int k = 0; k < e.sections(); k++) {
            double meant = e.gauge() > 0 ? (k == 0 ? 0 : marks.get(k - 1) + e.gauge()) : k * e.around() / e.sections();
            marks.add(meant + (k == 0 ? 0 : off.applyAsDouble(k)));
        }
        return marks;
    }

    @ParameterizedTest
    @MethodSource("drills")
    void aSeedIsTheSameExerciseAndItsRightAnswerIsRight(Drill drill, long seed) {
        Exercise e = Exercise.of(drill, seed);
        assertThat(Exercise.of(drill, seed)).isEqualTo(e);
        if (drill.isByHand()) {
            Judgement judged = Judgement.of(e, new PracticeAnswer(marked(e, k -> 0), null));
            assertThat(judged.offs()).allSatisfy(o -> assertThat(o).isCloseTo(0, within(1e-9)));
            assertThat(judged.markMm()).isEqualTo(0.05);
        } else {
            PracticeAnswer right = e.choices().isEmpty() ? number(e.right()) : choice(e.chosen());
            assertThat(Judgement.of(e, right).right()).isTrue();
            PracticeAnswer wrong = e.choices().isEmpty()
                    ? number(Math.rint(e.right() * 1.5 + 1))
                    : choice(e.choices().stream()
                            .map(Exercise.PracticeChoice::name)
                            .filter(n -> !n.equals(e.chosen()))
                            .findFirst()
                            .orElseThrow());
            assertThat(Judgement.of(e, wrong).right()).isFalse();
            assertThat(Judgement.of(e, wrong).said().toString()).isNotEmpty();
        }
    }

    /** No count lies nearer, counted apart. */
    @ParameterizedTest
    @MethodSource("drills")
    void noCountComesNearer(Drill drill, long seed) {
        Exercise e = Exercise.of(drill, seed);
        if (drill == Drill.DIVIDE) {
            int nearest = IntStream.rangeClosed(1, 60)
                    .filter(n -> n % e.sections() == 0)
                    .boxed()
                    .min(Comparator.comparingDouble(n -> Math.abs(e.around() / n - e.gauge())))
                    .orElseThrow();
            assertThat(e.right()).isEqualTo(nearest);
        } else if (drill == Drill.COUNT) {
            double disc = Math.PI * e.gauge() * e.gauge() / 4;
            assertThat(e.right()).isEqualTo(Math.ceil(2 * e.around() * e.marks().get(0) / disc));
        }
    }

    /** What went wrong is to be seen in the numbers: each cause leaves its own trace. */
    @Test
    void everyCauseLeavesItsTrace() {
        Map<String, Integer> seen = new HashMap<>();
        for (long seed = 0; seed < 200; seed++) {
            Exercise e = Exercise.of(Drill.WRONG, seed);
            List<Double> sections = Judgement.sections(e);
            double mean = e.around() / e.sections();
            double last = sections.get(sections.size() - 1);
            List<Double> others = sections.subList(0, sections.size() - 1);
            double spread = others.stream().mapToDouble(s -> s).max().orElse(0)
                    - others.stream().mapToDouble(s -> s).min().orElse(0);
            seen.merge(e.chosen(), 1, Integer::sum);
            switch (Exercise.Cause.valueOf(e.chosen())) {
                case ROUNDED -> {
                    assertThat(last).isGreaterThan(mean);
                    assertThat(spread).isLessThan(2);
                }
                case SLIPPED -> assertThat(spread).isGreaterThan(0.15 * mean);
                case SLACK -> assertThat(last).isLessThan(0.93 * mean);
                case MISCOUNTED -> assertThat(sections.size()).isGreaterThan(e.sections());
            }
        }
        assertThat(seen).hasSize(4);
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(200);
    }

    /** A hand's σ comes back out of its marks, within what so few marks can tell. */
    @Test
    void theHandIsMeasuredByEitherWay() {
        for (Drill drill : List.of(Drill.TAPE, Drill.GAUGE)) {
            double sum = 0;
            List<Random> all = seeds().toList();
            for (Random random : all) {
                Exercise e = Exercise.of(drill, random.nextInt(10_000));
                sum += Judgement.of(e, new PracticeAnswer(marked(e, k -> 0.8 * random.nextGaussian()), null))
                        .markMm();
            }
            assertThat(sum / all.size()).isCloseTo(0.8, within(0.06));
        }
    }

    /** The handbook's gap: 731 in 11 by a card of 66 leaves 71, and it shows. */
    @Test
    void aRoundedCardLeavesTheGapThatTheCraftTells() {
        Exercise e = new Exercise(
                Drill.GAUGE, 1, Exercise.of(Drill.GAUGE, 1).asked(), 731, 11, 66, List.of(), List.of(), 0, List.of());
        Judgement judged = Judgement.of(e, new PracticeAnswer(marked(e, k -> 0), null));
        assertThat(judged.closing()).isCloseTo(71, within(1e-9));
        assertThat(judged.right()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(Drill.class)
    void answersThatAreNoneAreRefused(Drill drill) {
        Exercise e = Exercise.of(drill, 5);
        assertThatThrownBy(() -> Judgement.of(e, new PracticeAnswer(List.of(), "nothing")))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> number(Double.NaN)).isInstanceOf(Refused.class);
    }

    @Test
    void aSheetForAClassHasItsAnswersApart() {
        assertThat(ClassSheet.exercises(7, 12))
                .hasSize(12)
                .extracting(Exercise::drill)
                .contains(Drill.MIRROR);
        assertThat(ClassSheet.of(7, 12, Paper.A4, LengthUnit.MM).size()).isGreaterThan(1);
        ClassSheet.exercises(7, 40)
                .forEach(e -> assertThat(ClassSheet.answer(e).toString()).isNotEmpty());
    }
}
