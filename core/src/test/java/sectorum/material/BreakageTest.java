package sectorum.material;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Spares by breakage (craft 4). */
class BreakageTest {
    /** Handbook: 40 pieces, one in ten breaks, 95 % sure: 8 spare. */
    @Test
    void fortyPiecesOfWhichOneInTenBreaksTakeEightSpares() {
        assertThat(Breakage.spare(40, 0.1, 0.95)).isEqualTo(8);
    }

    /** Against the sum of the binomial itself in exact decimals: enough, and one less is not. */
    @ParameterizedTest(name = "{0} of {1} at {2}")
    @CsvSource({
        "40, 0.1, 0.9",
        "40, 0.1, 0.99",
        "1, 0.5, 0.95",
        "12, 0.3, 0.99",
        "200, 0.02, 0.95",
        "5, 0.9, 0.9",
        "60, 0.25, 0.95"
    })
    void theFewestThatAreSureEnough(int needed, double breaks, double sure) {
        int spare = Breakage.spare(needed, breaks, sure);
        assertThat(enough(needed, spare, breaks)).isGreaterThanOrEqualTo(sure - 1e-9);
        assertThat(spare == 0 ? 0 : enough(needed, spare - 1, breaks)).isLessThan(sure);
    }

    private static double enough(int needed, int spare, double breaks) {
        int n = needed + spare;
        BigDecimal p = BigDecimal.valueOf(breaks);
        BigDecimal q = BigDecimal.ONE.subtract(p);
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal ways = BigDecimal.ONE;
        for (int k = 0; k <= spare; k++) {
            sum = sum.add(ways.multiply(p.pow(k)).multiply(q.pow(n - k)), MathContext.DECIMAL128);
            ways = ways.multiply(BigDecimal.valueOf(n - k)).divide(BigDecimal.valueOf(k + 1), MathContext.DECIMAL128);
        }
        return sum.doubleValue();
    }

    /** Where nobody knows what breaks, the share of the material (craft 3): a tenth, a fifth of what is fragile. */
    @ParameterizedTest
    @CsvSource({"GUM, 40, 4", "SUGAR, 40, 8", "CHOCOLATE, 3, 1", "GUM, 0, 0"})
    void elseTheShareOfItsMaterial(Material material, int needed, int spare) {
        assertThat(Breakage.spare(material, null, needed)).isEqualTo(spare);
        assertThat(Breakage.spare(material, 0.0, needed)).isZero();
    }
}
