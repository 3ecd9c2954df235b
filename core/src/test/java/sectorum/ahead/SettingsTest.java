package sectorum.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.measure.Field;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;

/** Every kind under every setting it allows, and told where it allows none. */
class SettingsTest {
    static Stream<OwnPiece> offers() {
        return AheadGoldenTest.offers();
    }

    private static Object somewhere(Field field, Random random) {
        if (!field.choices().isEmpty()) {
            return field.choices().get(random.nextInt(field.choices().size())).name();
        }
        double value = switch (random.nextInt(4)) {
            case 0 -> field.min();
            case 1 -> field.max();
            default -> field.min() + random.nextDouble() * (field.max() - field.min());
        };
        return field.kind() == sectorum.measure.Quantity.Kind.COUNT ? Math.rint(value) : value;
    }

    /** Seeded settings, sizes from the smallest to the largest, every place: something is always made, its parts weigh what they say. */
    @ParameterizedTest
    @MethodSource("offers")
    void everySettingMakesSomething(OwnPiece offered) {
        Random random = new Random(offered.id().hashCode());
        for (int i = 0; i < 40 * Integer.getInteger("sectorum.samples", 1); i++) {
            OwnPiece piece = offered.sized(
                            1 + 300 * Math.pow(random.nextDouble(), 2), 1 + 300 * Math.pow(random.nextDouble(), 2))
                    .thick(0.3 + 8 * random.nextDouble())
                    .at(new OwnPiece.Seat("", OwnPiece.On.values()[random.nextInt(5)], 40, 10, 10));
            for (Field field : AheadCatalogue.fields(piece, Bed.USUAL)) {
                if (random.nextBoolean()) {
                    piece = piece.set(field.name(), somewhere(field, random));
                }
            }
            OwnPiece tried = piece;
            assertThatCode(() -> AheadCatalogue.fields(tried, Bed.USUAL).forEach(f -> checked(f, tried)))
                    .as(tried.settings() + " " + tried.width() + " × " + tried.height())
                    .doesNotThrowAnyException();
            MadeAhead made = AheadCatalogue.make(piece, Bed.USUAL);
            assertThat(made.grams()).isFinite().isNotNegative();
            assertThat(made.minutes()).isFinite().isPositive();
            assertThat(made.front().width()).isFinite().isPositive();
            assertThat(made.planted().ground().area()).isPositive();
            assertThat(made.look()).allSatisfy(f -> assertThat(f.xyz()).allMatch(Double::isFinite));
            made.drawings().all().forEach(d -> assertThat(d.width()).isPositive());
            made.stages().forEach(Stage::rest);
        }
    }

    private static void checked(Field field, OwnPiece piece) {
        if (field.choices().isEmpty()) {
            field.number(piece.values());
        } else {
            field.choice(piece.values());
        }
    }

    @ParameterizedTest
    @MethodSource("offers")
    void whatIsOutOfItsRangeIsRefusedByName(OwnPiece offered) {
        for (Field field : AheadCatalogue.fields(offered, Bed.USUAL)) {
            Object odd = field.choices().isEmpty() ? (Object) (field.max() + 1) : "moon";
            OwnPiece piece = offered.set(field.name(), odd);
            assertThatThrownBy(() -> AheadCatalogue.fields(piece, Bed.USUAL).forEach(f -> checked(f, piece)))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining(field.label());
        }
    }
}
