package sectorum.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;
import sectorum.outline.Spot;

class RaysTest {
    private static final int PLACES = 4000;

    static Stream<Seeds.Named> outlines() {
        return Seeds.outlines();
    }

    /** Against the nearest of many places, which no other can undercut by more than half their spacing. */
    @ParameterizedTest
    @MethodSource("outlines")
    void theInscribedCircleTouchesAndNeverCrosses(Seeds.Named named) {
        double perimeter = named.outline().perimeter();
        double nearest = IntStream.range(0, PLACES)
                .mapToDouble(i -> {
                    Spot spot = named.outline().at(perimeter * i / PLACES);
                    return Math.sqrt(spot.x() * spot.x() + spot.y() * spot.y());
                })
                .min()
                .orElseThrow();
        assertThat(new Rays(named.outline()).inscribed()).isBetween(nearest - perimeter / PLACES / 2, nearest + 1e-9);
    }
}
