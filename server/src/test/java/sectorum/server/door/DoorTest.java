package sectorum.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DoorTest {
    /** The code says the link, read back by a reader of codes. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "https://192.168.1.20:8601/door/abcdefghijklmnopqrstuvwxyz012345",
                "https://[fe80::1]:65535/door/_-"
            })
    void theCodeReadsBack(String link) throws Exception {
        Door.Squares code = Door.squares(link);
        BitMatrix bits = new BitMatrix(code.size());
        Matcher square = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(code.path());
        while (square.find()) {
            bits.set(Integer.parseInt(square.group(1)), Integer.parseInt(square.group(2)));
        }
        assertThat(new Decoder().decode(bits).getText()).isEqualTo(link);
    }
}
