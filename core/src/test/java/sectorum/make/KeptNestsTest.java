package sectorum.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class KeptNestsTest {
    private final KeptNests kept = new KeptNests();
    private final AtomicInteger fitted = new AtomicInteger();

    private static List<Blank> squares(double side, int many) {
        return List.of(new Blank(List.of(0.0, 0.0, side, 0.0, side, side, 0.0, side), many));
    }

    private Optional<Nested> get(List<Blank> blanks, Roll roll) {
        return kept.get(blanks, List.of(roll), () -> {
            fitted.incrementAndGet();
            return Nest.of(blanks, roll);
        });
    }

    @Test
    void theSameIsFittedOnceAndWhatIsOtherwiseIsFittedAnew() {
        Optional<Nested> first = get(squares(20, 30), Roll.BY_HAND);
        assertThat(get(squares(20, 30), Roll.BY_HAND))
                .isSameAs(first)
                .isEqualTo(Nest.of(squares(20, 30), Roll.BY_HAND));
        assertThat(fitted).hasValue(1);
        get(squares(20, 31), Roll.BY_HAND);
        get(squares(20.5, 30), Roll.BY_HAND);
        get(squares(20, 30), Roll.of("mat", 300, 201));
        assertThat(fitted).hasValue(4);
    }

    @Test
    void whatGoesOnNoSheetIsKeptToo() {
        assertThat(get(squares(900, 1), Roll.BY_HAND)).isEmpty();
        assertThat(get(squares(900, 1), Roll.BY_HAND)).isEmpty();
        assertThat(fitted).hasValue(1);
    }

    @Test
    void whatIsHeldIsBoundedAndTheOldestGoesFirst() {
        IntStream.range(0, 400).forEach(i -> {
            get(squares(8 + i / 100.0, 500), Roll.BY_HAND);
            get(squares(50, 3), Roll.BY_HAND);
        });
        assertThat(kept.lying()).isBetween(KeptNests.MOST_LYING / 2, KeptNests.MOST_LYING);
        assertThat(fitted).as("what is asked again and again stays").hasValue(401);
        get(squares(8, 500), Roll.BY_HAND);
        assertThat(fitted).hasValue(402);
    }
}
