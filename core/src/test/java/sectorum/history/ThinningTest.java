package sectorum.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which saves are kept: all of a week, then one an hour, then one a day. */
class ThinningTest {
    private static final Instant NOW = Instant.parse("2026-11-28T12:00:00Z");

    private static Thinning.Save ago(int revision, String ago, boolean named) {
        return new Thinning.Save(revision, NOW.minus(Duration.parse(ago)), named);
    }

    @ParameterizedTest(name = "two saves {0} and {1} ago, the first named {2}: goes {3}")
    @CsvSource({
        "PT5M, PT4M, false, false",
        "P6DT23H, P6DT22H59M, false, false",
        "P7DT1H30M, P7DT1H20M, false, true",
        "P7DT1H30M, P7DT1H20M, true, false",
        "P8DT2H, P8DT1H, false, false",
        "P29DT3H50M, P29DT3H40M, false, true",
        "P31DT5H, P31DT2H, false, true",
        "P31DT5H, P30DT2H, false, false",
        "P400DT5H, P400DT4H, false, true",
    })
    void oneOfTwoGoes(String first, String second, boolean named, boolean goes) {
        Set<Integer> out =
                Thinning.out(List.of(ago(1, first, named), ago(2, second, false), ago(3, "PT0S", false)), NOW);
        assertThat(out).isEqualTo(goes ? Set.of(1) : Set.of());
    }

    @Test
    void theNewestStaysHoweverOld() {
        assertThat(Thinning.out(List.of(ago(1, "P99D", false)), NOW)).isEmpty();
        assertThat(Thinning.out(List.of(), NOW)).isEmpty();
    }

    /** Thinned as often as one likes, it comes to what thinning once at the end leaves of each day. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void thinningByAndByLeavesALastSaveOfEachDay(int seed) {
        Random random = new Random(seed);
        List<Thinning.Save> kept = new ArrayList<>();
        List<Thinning.Save> all = new ArrayList<>();
        Instant at = NOW.minus(Duration.ofDays(90));
        for (int i = 1; i <= 600; i++) {
            at = at.plus(Duration.ofMinutes(1 + random.nextInt(400)));
            Thinning.Save save = new Thinning.Save(i, at, random.nextInt(50) == 0);
            kept.add(save);
            all.add(save);
            Set<Integer> out = Thinning.out(kept, at);
            kept.removeIf(s -> out.contains(s.revision()));
        }
        Set<Integer> out = Thinning.out(kept, at);
        kept.removeIf(s -> out.contains(s.revision()));
        List<Long> days = all.stream()
                .map(s -> s.at().getEpochSecond() / 86_400)
                .distinct()
                .toList();
        assertThat(kept.stream()
                        .map(s -> s.at().getEpochSecond() / 86_400)
                        .distinct()
                        .toList())
                .isEqualTo(days);
        assertThat(kept).containsAll(all.stream().filter(Thinning.Save::named).toList());
        Instant end = at;
        assertThat(kept)
                .containsAll(all.stream()
                        .filter(s -> Duration.between(s.at(), end).compareTo(Thinning.ALL) <= 0)
                        .toList());
    }
}
