package sectorum.server.door;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import sectorum.measure.Absent;
import sectorum.server.shares.Shares;

/** Gives out links through the door, and says whether there is one. */
@Service
public class Door {
    /** The path that a link begins with. */
    public static final String LINK = "/door/";

    static final String AUTHORITY = "/door-authority.crt";

    private final DoorSettings settings;
    private final Shares shares;

    Door(DoorSettings settings, Shares shares) {
        this.settings = settings;
        this.shares = shares;
    }

    /**
     * A link for another device, or that there is no door.
     *
     * @param url absent: there is no door
     * @param minutes that the link holds
     * @param authority where the certificate to trust is had
     */
    public record Link(
            boolean open,
            @Absent String url,
            @Absent Integer minutes,
            @Absent String authority,
            @Absent Squares code) {
        static final Link NONE = new Link(false, null, null, null, null);
    }

    /** A code for a camera: dark squares as one path. @param size squares each way */
    public record Squares(int size, String path) {}

    /** One that works once, for this plan. */
    public Link link(long plan) {
        if (!settings.stands()) {
            return Link.NONE;
        }
        String secret = shares.once(plan);
        String url = settings.base() + LINK + secret;
        return new Link(true, url, (int) Shares.ONCE.toMinutes(), settings.base() + AUTHORITY, squares(url));
    }

    /** How a path is reached through the door; none where there is none. */
    public Optional<String> reaching(String path) {
        return settings.stands() ? Optional.of(settings.base() + path) : Optional.empty();
    }

    public static Squares squares(String text) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new Squares(bits.getWidth(), path.toString());
        } catch (WriterException tooLong) {
            throw new IllegalStateException("A link of " + text.length() + " characters makes no code", tooLong);
        }
    }
}
