package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Small files that claim much, cut ones, lies and odd captions. */
class PictureAbuseTest extends OverHttp {
    private Http.Answer picture(long plan, byte[] bytes, String caption) {
        return http.bytes("/api/plans/" + plan + "/pictures?caption=" + caption, bytes);
    }

    private static byte[] chunk(String type, byte[] data) {
        ByteBuffer chunk = ByteBuffer.allocate(12 + data.length);
        chunk.putInt(data.length).put(type.getBytes(StandardCharsets.US_ASCII)).put(data);
        CRC32 crc = new CRC32();
        crc.update(chunk.array(), 4, 4 + data.length);
        return chunk.putInt((int) crc.getValue()).array();
    }

    private static byte[] packed(int zeros) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream to = new DeflaterOutputStream(out)) {
            byte[] block = new byte[64 * 1024];
            for (int left = zeros; left > 0; left -= block.length) {
                to.write(block, 0, Math.min(left, block.length));
            }
        }
        return out.toByteArray();
    }

    private static byte[] png(int width, int height, int depth, int colour, byte[]... more) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        ByteBuffer head = ByteBuffer.allocate(13).putInt(width).putInt(height);
        head.put((byte) depth).put((byte) colour);
        out.write(chunk("IHDR", head.array()));
        for (byte[] each : more) {
            out.write(each);
        }
        return out.toByteArray();
    }

    @ParameterizedTest(name = "a PNG of {0} × {1}, {2} bits, colour type {3}, is refused: {4}")
    @CsvSource({
        "60000000, 1, 1, 0, each side",
        "1, 60000000, 1, 0, each side",
        "9000, 9000, 1, 0, million pixels",
        "7000, 7000, 16, 6, Unpacked",
        "0, 10, 8, 2, each side"
    })
    void smallFilesThatClaimHugePlanesAreJudgedBeforeTheyAreUnpacked(
            int width, int height, int depth, int colour, String said) throws IOException {
        long plan = savedPlan("Planes").get("id").asLong();
        byte[] bytes = png(width, height, depth, colour, chunk("IDAT", packed(1000)), chunk("IEND", new byte[0]));
        Http.Answer answer = picture(plan, bytes, "x");
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(said);
    }

    @Test
    void wordsPackedIntoAPictureAreNotUnpacked() throws IOException {
        long plan = savedPlan("Chunks").get("id").asLong();
        byte[] words = new byte[10 + 1];
        byte[] bomb = packed(400_000_000);
        ByteBuffer text = ByteBuffer.allocate(6 + bomb.length).put("Words".getBytes(StandardCharsets.US_ASCII));
        text.put((byte) 0);
        text.position(6);
        text.put(bomb);
        assertThat(words).hasSize(11);
        ByteArrayOutputStream rows = new ByteArrayOutputStream();
        for (int y = 0; y < 4; y++) {
            rows.write(new byte[1 + 3 * 4]);
        }
        ByteArrayOutputStream squeezed = new ByteArrayOutputStream();
        try (DeflaterOutputStream to = new DeflaterOutputStream(squeezed)) {
            rows.writeTo(to);
        }
        byte[] bytes = png(
                4,
                4,
                8,
                2,
                chunk("zTXt", text.array()),
                chunk("IDAT", squeezed.toByteArray()),
                chunk("IEND", new byte[0]));
        Http.Answer answer = picture(plan, bytes, "x");
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
    }

    static byte[] jpeg(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.ORANGE);
        to.fillRect(0, 0, width / 2, height);
        to.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    @ParameterizedTest(name = "a JPEG without its last {0} bytes: {1}")
    @CsvSource({"0, 201", "2, 400", "1, 400", "40, 400", "300, 400"})
    void aJpegWithoutItsEndIsNotWhole(int less, int status) throws IOException {
        byte[] whole = jpeg(400, 300);
        byte[] cut = java.util.Arrays.copyOf(whole, whole.length - less);
        assertThat(picture(savedPlan("Cut").get("id").asLong(), cut, "x").status())
                .isEqualTo(status);
    }

    @Test
    void aWebPictureThatClaimsToBeSmallerThanItIsIsRefused() {
        // A canvas of 1 × 1, and in it a lossless picture of 16,384 × 16,384.
        ByteBuffer lie = ByteBuffer.allocate(44).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        lie.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36).put("WEBP".getBytes(StandardCharsets.US_ASCII));
        lie.put("VP8X".getBytes(StandardCharsets.US_ASCII)).putInt(10).putInt(0).put(new byte[6]);
        lie.put("VP8L".getBytes(StandardCharsets.US_ASCII))
                .putInt(6)
                .put((byte) 0x2F)
                .putInt(0x0FFFFFFF);
        assertThat(picture(savedPlan("Lie").get("id").asLong(), lie.array(), "x")
                        .status())
                .isEqualTo(400);
    }

    @ParameterizedTest(name = "caption \"{0}\"")
    @ValueSource(strings = {"a%F0%9F%8E%82b", "%00%07", ""})
    void oddCaptionsAreKeptAsTheyAreAnswered(String caption) throws IOException {
        long plan = savedPlan("Captions").get("id").asLong();
        Http.Answer answer = picture(plan, jpeg(20, 20), caption);
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        String told = answer.json().get("caption").asString();
        assertThat(http.get("/api/plans/" + plan + "/pictures")
                        .json()
                        .get(0)
                        .get("caption")
                        .asString())
                .isEqualTo(told);
    }

    @Test
    void aLongCaptionIsCutBetweenSignsNotWithinOne() throws IOException {
        long plan = savedPlan("Long").get("id").asLong();
        Http.Answer answer = picture(plan, jpeg(20, 20), "x".repeat(119) + "%F0%9F%8E%82".repeat(3));
        String told = answer.json().get("caption").asString();
        assertThat(told).hasSize(119);
        assertThat(http.get("/api/plans/" + plan + "/pictures")
                        .json()
                        .get(0)
                        .get("caption")
                        .asString())
                .isEqualTo(told);
    }
}
