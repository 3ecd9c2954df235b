package sectorum.turntable;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.bench.Hand;
import sectorum.outline.Along;

class SequenceTest {
    static Stream<Random> seeds() {
        return Seeds.randoms(40);
    }

    /** Twelve marks with one in front: 0 is at the seam, 6 at the front. */
    @ParameterizedTest
    @CsvSource({
        "TAPE, RIGHT, 0 1 2 3 4 5 6 7 8 9 10 11",
        "TAPE, LEFT, 0 11 10 9 8 7 6 5 4 3 2 1",
        "ROUND, RIGHT, 6 7 8 9 10 11 0 1 2 3 4 5",
        "ROUND, LEFT, 6 5 4 3 2 1 0 11 10 9 8 7",
        "ALTERNATE, RIGHT, 6 5 7 4 8 3 9 2 10 1 11 0",
        "ALTERNATE, LEFT, 6 7 5 8 4 9 3 10 2 11 1 0",
    })
    void twelveMarksInTheirOrder(Sequence sequence, Hand hand, String order) {
        List<Double> places = IntStream.range(0, 12).mapToObj(k -> k * 60.0).toList();
        assertThat(sequence.order(places, 720, hand))
                .isEqualTo(Stream.of(order.split(" ")).map(Integer::valueOf).toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyPlaceComesOnceAndALeftHandGoesAsAMirrorShows(Random random) {
        double around = Seeds.between(random, 200, 1200);
        List<Double> places = DoubleStream.generate(() -> Seeds.between(random, 0, around))
                .limit(1 + random.nextInt(60))
                .boxed()
                .toList();
        List<Double> mirrored =
                places.stream().map(s -> Along.of(-s, around).s()).toList();
        for (Sequence sequence : Sequence.values()) {
            List<Integer> right = sequence.order(places, around, Hand.RIGHT);
            assertThat(right)
                    .containsExactlyInAnyOrderElementsOf(
                            IntStream.range(0, places.size()).boxed().toList());
            assertThat(sequence.order(mirrored, around, Hand.LEFT)).isEqualTo(right);
        }
    }

    /** What is done at any time is one stretch about the front, and what is left one at the back. */
    @ParameterizedTest
    @MethodSource("seeds")
    void alternatingLeavesTheFaultAtTheBack(Random random) {
        double around = Seeds.between(random, 200, 1200);
        int n = 2 + random.nextInt(40);
        double first = Seeds.between(random, 0, around / n);
        List<Double> places =
                IntStream.range(0, n).mapToObj(k -> first + k * around / n).toList();
        List<Integer> order = Sequence.ALTERNATE.order(places, around, Hand.RIGHT);
        Along front = Along.of(around / 2, around);
        List<Double> far = new ArrayList<>();
        order.forEach(i -> far.add(Along.of(places.get(i), around).distance(front)));
        for (int k = 1; k < n; k++) {
            assertThat(far.get(k)).isGreaterThan(far.get(Math.max(0, k - 2)) - 1e-9);
        }
        assertThat(far.get(0)).isLessThanOrEqualTo(around / n / 2 + 1e-9);
    }
}
