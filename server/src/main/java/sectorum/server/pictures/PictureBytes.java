package sectorum.server.pictures;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A picture file as it claims to be, judged before anything of it is unpacked: its size, what it takes unpacked, whether
 * it ends. Small files can claim huge planes.
 *
 * @param format jpeg, png or webp
 * @param bits of one pixel as it is unpacked
 * @param bytes the file; of a PNG without the chunks that no picture needs
 */
record PictureBytes(String format, int width, int height, int bits, byte[] bytes) {
    private static final int LONGEST_SIDE = 20_000;
    private static final long MOST_PIXELS = 60_000_000;
    /** Unpacked it takes half of the memory at the most. */
    private static final long MOST_UNPACKED = 200L * 1024 * 1024;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
    /** Chunks that make the picture; others hold words, profiles and times, and may be bombs. */
    private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    static PictureBytes of(byte[] bytes) {
        try {
            PictureBytes picture = starts(bytes, PNG)
                    ? png(bytes)
                    : starts(bytes, new byte[] {(byte) 0xFF, (byte) 0xD8}) ? jpeg(bytes) : webp(bytes);
            judge(picture.width, picture.height, picture.bits);
            return picture;
        } catch (Refused judged) {
            throw judged;
        } catch (IndexOutOfBoundsException
                | ArithmeticException
                | java.nio.BufferUnderflowException
                | IllegalArgumentException cut) {
            throw refused("The picture is cut off or damaged", bytes);
        }
    }

    static void judge(int width, int height, int bits) {
        if (width < 1 || height < 1 || width > LONGEST_SIDE || height > LONGEST_SIDE) {
            throw new Refused(
                    "picture",
                    Phrase.of(
                            "The picture is {} × {} pixels; each side may be {} to {}. Save it smaller.",
                            Quantity.count(width),
                            Quantity.count(height),
                            Quantity.count(1),
                            Quantity.count(LONGEST_SIDE)));
        }
        long pixels = (long) width * height;
        if (pixels > MOST_PIXELS) {
            throw new Refused(
                    "picture",
                    Phrase.of(
                            "The picture has {} million pixels; allowed are up to {}. Save it smaller.",
                            Quantity.count(pixels / 1_000_000),
                            Quantity.count(MOST_PIXELS / 1_000_000)));
        }
        if (pixels * bits / 8 > MOST_UNPACKED) {
            throw new Refused(
                    "picture",
                    Phrase.of(
                            "Unpacked the picture takes {} MB; allowed are up to {}. Save it with 8 bits a colour, or smaller.",
                            Quantity.count(pixels * bits / 8 / 1024 / 1024),
                            Quantity.count(MOST_UNPACKED / 1024 / 1024)));
        }
    }

    static Refused refused(String why, byte[] bytes) {
        return new Refused(
                "picture",
                Phrase.of(
                        why + " ({} kB were read). Choose a JPEG, PNG or WebP file.",
                        Quantity.count(bytes.length / 1024)));
    }

    private static boolean starts(byte[] bytes, byte[] with) {
        return bytes.length > with.length && java.util.Arrays.equals(bytes, 0, with.length, with, 0, with.length);
    }

    private static PictureBytes png(byte[] bytes) {
        ByteBuffer in = ByteBuffer.wrap(bytes).position(PNG.length);
        ByteArrayOutputStream kept = new ByteArrayOutputStream(bytes.length);
        kept.writeBytes(PNG);
        int width = 0;
        int height = 0;
        int bits = 0;
        String type = "";
        while (!type.equals("IEND")) {
            int at = in.position();
            int length = in.getInt();
            type = new String(bytes, at + 4, 4, StandardCharsets.US_ASCII);
            int whole = Math.addExact(12, Math.max(0, length));
            in.position(at + whole);
            if (type.equals("IHDR")) {
                width = ByteBuffer.wrap(bytes).getInt(at + 8);
                height = ByteBuffer.wrap(bytes).getInt(at + 12);
                // Channels by colour type: grey, –, colours, palette, grey and alpha, –, colours and alpha.
                int[] channels = {1, 0, 3, 1, 2, 0, 4};
                bits = Math.max(8, bytes[at + 16] * channels[bytes[at + 17]]);
            }
            if (NEEDED.contains(type)) {
                kept.write(bytes, at, whole);
            }
        }
        return new PictureBytes("png", width, height, bits, kept.toByteArray());
    }

    /** Segments up to the first scan, then scans to the end that must be there. */
    private static PictureBytes jpeg(byte[] bytes) {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        int width = 0;
        int height = 0;
        int bits = 24;
        int at = 2;
        while (true) {
            while ((bytes[at] & 0xFF) == 0xFF && (bytes[at + 1] & 0xFF) == 0xFF) {
                at++;
            }
            int marker = bytes[at + 1] & 0xFF;
            if ((bytes[at] & 0xFF) != 0xFF || marker == 0xD9) {
                break;
            }
            int length = in.getShort(at + 2) & 0xFFFF;
            boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
            if (frame) {
                height = in.getShort(at + 5) & 0xFFFF;
                width = in.getShort(at + 7) & 0xFFFF;
                bits = Math.max(24, bytes[at + 4] * (bytes[at + 9] & 0xFF));
            }
            at += 2 + length;
            if (marker == 0xDA) {
                // Within a scan 0xFF is followed by 0 or by a restart's number.
                while ((bytes[at] & 0xFF) != 0xFF || bytes[at + 1] == 0 || isRestart(bytes[at + 1])) {
                    at++;
                }
            }
        }
        if ((bytes[at + 1] & 0xFF) != 0xD9 || width == 0) {
            throw refused("The picture is cut off or damaged", bytes);
        }
        return new PictureBytes("jpeg", width, height, bits, bytes);
    }

    private static boolean isRestart(byte marker) {
        return (marker & 0xFF) >= 0xD0 && (marker & 0xFF) <= 0xD7;
    }

    private static PictureBytes webp(byte[] bytes) {
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        if (bytes.length < 30
                || !new String(bytes, 0, 4, StandardCharsets.US_ASCII).equals("RIFF")
                || !new String(bytes, 8, 4, StandardCharsets.US_ASCII).equals("WEBP")) {
            throw refused("It is no JPEG, PNG or WebP picture", bytes);
        }
        long claimed = (in.getInt(4) & 0xFFFFFFFFL) + 8;
        if (claimed > bytes.length) {
            throw refused("The picture is cut off or damaged", bytes);
        }
        return switch (new String(bytes, 12, 4, StandardCharsets.US_ASCII)) {
            case "VP8X" -> {
                PictureBytes canvas = new PictureBytes("webp", 1 + three(bytes, 24), 1 + three(bytes, 27), 32, bytes);
                PictureBytes frame = frame(in, bytes);
                if (frame.width > canvas.width || frame.height > canvas.height) {
                    throw refused("The picture claims to be smaller than it is", bytes);
                }
                yield canvas;
            }
            case "VP8L", "VP8 " -> frame(in, bytes);
            default -> throw refused("It is no JPEG, PNG or WebP picture", bytes);
        };
    }

    /** The first picture within the file, whatever the file claims. */
    private static PictureBytes frame(ByteBuffer in, byte[] bytes) {
        int at = 12;
        while (true) {
            String type = new String(bytes, at, 4, StandardCharsets.US_ASCII);
            if (type.equals("VP8L")) {
                int packed = in.getInt(at + 9);
                return new PictureBytes("webp", 1 + (packed & 0x3FFF), 1 + (packed >> 14 & 0x3FFF), 32, bytes);
            }
            if (type.equals("VP8 ")) {
                return new PictureBytes(
                        "webp", in.getShort(at + 14) & 0x3FFF, in.getShort(at + 16) & 0x3FFF, 32, bytes);
            }
            int length = in.getInt(at + 4);
            at = Math.addExact(at + 8, Math.max(0, length) + (length & 1));
        }
    }

    private static int three(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) | (bytes[at + 1] & 0xFF) << 8 | (bytes[at + 2] & 0xFF) << 16;
    }
}
