package sectorum.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.measure.Refused;
import sectorum.measure.Values;

/** Things in the cupboard and the pasta machine's dial. */
class CupboardTest {
    @ParameterizedTest(name = "{0} at {1} mm: number {2}, rolls {3}, guessed {4}")
    @CsvSource({
        "1=2.4 2=2 3=1.6, 1.7, 3, 1.6, false",
        "0=3 1=2.5 2=2, 3.1, 0, 3, false",
        "1=0.5 9=4.5, 1.5, 3, 1.5, true",
        "6=1.2 1=2.4, 2.4, 1, 2.4, false",
        "1=2.4 6=1.2, 1.9, 3, 1.92, true",
    })
    void dialsFromNoughtAndFromOneUpAndDown(String typed, double mm, int number, double rolls, boolean guessed) {
        Dial.Set set = Dial.parse(typed).at(mm);
        assertThat(set.number()).isEqualTo(number);
        assertThat(set.rolls()).isCloseTo(rolls, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(set.guessed()).isEqualTo(guessed);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1", "1=2", "1=2 1=3", "1=2 2=3 3=1", "a=b c=d", "1=0 2=1", "1=2 40=1", "1=2 2=2"})
    void anOddDialIsRefusedWithAnExample(String typed) {
        assertThatThrownBy(() -> Dial.parse(typed)).isInstanceOf(Refused.class).hasMessageContaining("1=2.4 2=2");
    }

    @Test
    void beyondTheDialNothingIsSet() {
        assertThat(Dial.parse("1=2.4 2=2").at(0.6)).isNull();
        assertThat(Dial.parse("1=2.4 2=2").at(9)).isNull();
        assertThat(Dial.parse("1=2,4; 2=2").thickest()).isEqualTo(2.4);
    }

    @Test
    void aThingKeepsToItsKindsFields() {
        assertThatThrownBy(() -> Thing.of(ThingKind.ROD, "Rod", new Values(Map.of("length", 3.0))))
                .hasMessageContaining("length");
        assertThatThrownBy(() -> Thing.of(ThingKind.BOARD, "Board", new Values(Map.of("across", 2.0))))
                .hasMessageContaining("3 mm to 1000 mm");
        assertThatThrownBy(() -> Thing.of(ThingKind.BOARD, " ", Values.NONE)).hasMessageContaining("1 to 80");
        Thing rod = Thing.of(ThingKind.ROD, "Rod", Values.NONE);
        assertThatThrownBy(() -> rod.stocked(Double.NaN)).hasMessageContaining("Stock");
        assertThat(rod.stocked(-3).stock()).isZero();
        assertThat(rod.each()).isNaN();
        assertThat(new Stock(List.of(rod, Thing.of(ThingKind.TIN, "Tin", Values.NONE)), 0.0).shelf())
                .extracting(Round::name)
                .containsExactly("Tin");
        assertThatThrownBy(() -> new Stock(List.of(), -1.0)).hasMessageContaining("hour");
    }
}
