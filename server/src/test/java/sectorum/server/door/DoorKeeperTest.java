package sectorum.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DoorKeeperTest {
    /** What somebody with a link to plan 7 reaches. */
    @ParameterizedTest
    @CsvSource({
        "GET, /plan/7/turntable, true",
        "GET, /plan/7/dress, false",
        "GET, /plan/8/turntable, false",
        "GET, /, true",
        "POST, /, false",
        "GET, /sw.js, true",
        "GET, /manifest.webmanifest, true",
        "GET, /assets/index-abc.js, true",
        "GET, /assets/../api/plans, false",
        "GET, /icon-192.png, true",
        "GET, /api/plans/7, true",
        "PUT, /api/plans/7, true",
        "DELETE, /api/plans/7, false",
        "GET, /api/plans/8, false",
        "GET, /api/plans/70, false",
        "GET, /api/plans, false",
        "POST, /api/plans, false",
        "GET, /api/plans/7/opened, true",
        "POST, /api/plans/7/opened, false",
        "GET, /api/plans/7/journal, true",
        "POST, /api/plans/7/journal, true",
        "GET, /api/plans/7/live, true",
        "POST, /api/plans/7/pictures, true",
        "POST, /api/plans/7/door, false",
        "POST, /api/plans/7/copy, false",
        "GET, /api/plans/7/versions, false",
        "POST, /api/workup, true",
        "POST, /api/turntable/steps, true",
        "GET, /api/preferences, true",
        "PUT, /api/preferences, false",
        "PUT, /api/workshop, false",
        "GET, /api/cupboard, false",
        "GET, /v3/api-docs, false",
    })
    void onlyOneTurntableIsOpen(String method, String path, boolean open) {
        assertThat(DoorKeeper.isOpen(method, path, 7)).isEqualTo(open);
    }

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
