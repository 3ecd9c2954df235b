package sectorum.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers become text here and nowhere else in core, so that drawings and documents are stable to the last digit. */
public final class Numbers {
    private Numbers() {}

    /** At most {@code places} decimals, half up, no trailing zeros, no exponent, never "-0". */
    public static String plain(double x, int places) {
        if (!Double.isFinite(x)) {
            return "no number";
        }
        BigDecimal rounded =
                BigDecimal.valueOf(x).setScale(places, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }
}
