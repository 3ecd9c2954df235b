package sectorum.server.pictures;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** A picture turned upright, scaled to what a screen beside the work needs, and written anew without its metadata. */
record Developed(int width, int height, byte[] jpeg) {
    /** The longer side afterwards, px. */
    private static final int LONGEST = 1600;
    /** More pixels than this would fill the memory before they are scaled. */
    private static final long MOST_PIXELS = 60_000_000;

    private static final Set<String> KNOWN = Set.of("jpeg", "png", "webp");

    /** Refuses bytes that are no JPEG, PNG or WebP, are cut off, or hold far too many pixels. */
    static Developed of(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !KNOWN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw refused("It is no JPEG, PNG or WebP picture", bytes);
            }
            reader.setInput(in, true, true);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                throw new Refused(
                        "picture",
                        Phrase.of(
                                "The picture has {} million pixels; allowed are up to {}. Save it smaller.",
                                Quantity.count(pixels / 1_000_000),
                                Quantity.count(MOST_PIXELS / 1_000_000)));
            }
            BufferedImage upright = upright(reader.read(0), orientation(bytes));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(upright, "jpeg", out);
            return new Developed(upright.getWidth(), upright.getHeight(), out.toByteArray());
        } catch (Refused already) {
            throw already;
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw refused("The picture is cut off or damaged", bytes);
        }
    }

    private static Refused refused(String why, byte[] bytes) {
        return new Refused(
                "picture",
                Phrase.of(
                        why + " ({} kB were read). Choose a JPEG, PNG or WebP file.",
                        Quantity.count(bytes.length / 1024)));
    }

    /** Which way up the camera was held, 1 to 8 as EXIF has it; 1 where nothing is said. */
    private static int orientation(byte[] bytes) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | IOException | MetadataException unread) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage held, int orientation) {
        boolean lying = orientation >= 5;
        double k = Math.min(1, (double) LONGEST / Math.max(held.getWidth(), held.getHeight()));
        int w = Math.max(1, (int) Math.round(held.getWidth() * k));
        int h = Math.max(1, (int) Math.round(held.getHeight() * k));
        BufferedImage upright = new BufferedImage(lying ? h : w, lying ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = upright.createGraphics();
        to.setColor(Color.WHITE);
        to.fillRect(0, 0, upright.getWidth(), upright.getHeight());
        to.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        to.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
        to.transform(turn(orientation, w, h));
        to.drawImage(held, 0, 0, w, h, null);
        to.dispose();
        return upright;
    }

    private static AffineTransform turn(int orientation, int w, int h) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
    }
}
