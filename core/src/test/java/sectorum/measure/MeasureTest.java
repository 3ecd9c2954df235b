package sectorum.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTest {
    @ParameterizedTest(name = "{0} typed in {1} is {2} mm")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "190       | MM   | 190",
                "19 cm     | MM   | 190",
                "19,5cm    | MM   | 195",
                "7 1/2\"   | MM   | 190.5",
                "123456789012 | MM | 123456789012",
                "7-1/2 in  | MM   | 190.5",
                "7.5in     | MM   | 190.5",
                "7½″       | MM   | 190.5",
                "1/2       | INCH | 12.7",
                "⅜         | INCH | 9.525",
                ".5        | INCH | 12.7",
                "7.5       | CM   | 75",
                " 7,5 CM.  | INCH | 75",
                "12 inches | MM   | 304.8",
                "-3        | MM   | -3",
                "3 mm      | INCH | 3",
                "0.3 m     | MM   | 300",
                "1' 2\"     | MM   | 355.6",
                "1 ft 2 in | CM   | 355.6",
                "2'        | CM   | 609.6",
                "-1' 2\"    | MM   | -355.6",
            })
    void reads(String typed, LengthUnit own, double mm) {
        assertThat(Length.parse("f", typed, own).mm()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest(name = "\"{0}\" is refused by name and value")
    @ValueSource(
            strings = {
                "",
                "abc",
                "12 parsecs",
                "1/0",
                "7 1/2 1/2",
                "--3",
                "1e9",
                "12mm34",
                "NaN",
                "∞",
                "1.2.3",
                "1' -2",
                "1/2 m"
            })
    void refusesWhatIsNoLength(String typed) {
        assertThatThrownBy(() -> Length.parse("diameter", typed, LengthUnit.MM))
                .isInstanceOfSatisfying(Refused.class, refused -> {
                    assertThat(refused.field()).isEqualTo("diameter");
                    assertThat(refused.getMessage())
                            .contains("\"" + typed + "\"")
                            .contains("Type a number");
                });
    }

    @ParameterizedTest(name = "{0} mm in {1} shows {2}")
    @CsvFileSource(resources = "/lengths.csv", delimiter = ';', numLinesToSkip = 2, quoteCharacter = '\'')
    void shows(double mm, String unit, String shown) {
        assertThat(Length.ofMm(mm).show(LengthUnit.valueOf(unit.toUpperCase(Locale.ROOT))))
                .isEqualTo(shown);
    }

    @ParameterizedTest(name = "{0} to {1} is {2}")
    @CsvSource({"66.4545, 1, 66", "66.5, 1, 67", "132.909, 1, 133", "-0.5, 1, 0", "66.4545, 0.5, 66.5", "10, 3, 9"})
    void roundsHalfUp(double x, double step, double to) {
        assertThat(Rounding.halfUp(x, step)).isCloseTo(to, within(1e-12));
    }

    @Test
    void floorsAndCeilingsForgiveABillionth() {
        assertThat(Rounding.ceil(50 * 1.1)).isEqualTo(55);
        assertThat(Rounding.floor(0.1 * 3 * 10)).isEqualTo(3);
        assertThat(Rounding.floor(3 - 1e-10)).isEqualTo(3);
        assertThat(Rounding.atMost(1 + 1e-10, 1)).isTrue();
        assertThatThrownBy(() -> Rounding.halfUp(1, 0)).isInstanceOf(Refused.class);
    }

    @Test
    void phraseKeepsItsQuantitiesUntilItIsRead() {
        Phrase phrase = Phrase.of(
                "{} in {} at {} for {}, {} of {}, {}",
                Quantity.length(12.5),
                Quantity.count(3),
                Quantity.angle(Math.PI / 4),
                new Quantity(Quantity.Kind.MINUTES, 5, null),
                Quantity.share(0.076),
                new Quantity(Quantity.Kind.MASS, 12, null),
                Quantity.text("done"));
        assertThat(phrase).hasToString("12.5 mm in 3 at 45° for 5 min, 7.6 % of 12 g, done");
        assertThatThrownBy(() -> Phrase.of("{} and {}", Quantity.count(1))).hasMessageContaining("2 places for 1");
        assertThat(Numbers.plain(-0.0001, 2)).isEqualTo("0");
        assertThat(Numbers.plain(Double.NaN, 2)).isEqualTo("no number");
    }

    @Test
    void fieldRefusesByNameValueAndRange() {
        Field drop = Field.length("drop", "Drop", 0, 108, 48, "Measure down.");
        assertThatThrownBy(() -> drop.check(300))
                .hasMessage("drop: Drop 300 mm is outside 0 mm to 108 mm. Measure down.");
        assertThatThrownBy(() -> drop.check(Double.NaN)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> drop.number(new Values(Map.of("drop", "deep"))))
                .hasMessageContaining("\"deep\"");
        assertThat(drop.number(Values.NONE)).isEqualTo(48);
        assertThat(drop.number(Values.NONE.with("drop", 12))).isEqualTo(12);
        Field count = Field.count("n", "Count", 1, 500, 8, "Whole.");
        assertThatThrownBy(() -> count.check(7.5))
                .hasMessageContaining("whole number")
                .hasMessageContaining("7.5");
        Field school = Field.choice("curve", "Curve", List.of(new Field.Choice("arc", "arc")), "arc");
        assertThatThrownBy(() -> school.choice(new Values(Map.of("curve", "zigzag"))))
                .hasMessageContaining("zigzag")
                .hasMessageContaining("arc");
    }

    @Test
    void valuesAreNumbersWordsOrYesAndNo() {
        assertThat(new Values(Map.of("b", 1, "a", true)).byName().keySet()).containsExactly("a", "b");
        assertThatThrownBy(() -> new Values(Map.of("a", List.of()))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Values(Map.of("a", Double.NaN))).isInstanceOf(Refused.class);
    }

    @Test
    void tapeHasADivision() {
        assertThat(LengthUnit.INCH.tape().read(190)).isCloseTo(120 * 25.4 / 16, within(1e-9));
        assertThatThrownBy(() -> new Tape(0)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Length.ofMm(Double.POSITIVE_INFINITY)).isInstanceOf(Refused.class);
    }
}
