package sectorum.server.pictures;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import sectorum.measure.Refused;

/** A picture turned upright, scaled to what a screen beside the work needs, and written anew without its metadata. */
record Developed(int width, int height, byte[] jpeg) {
    /** The longer side afterwards, px. */
    private static final int LONGEST = 1600;
    /** Larger ones are developed one after the other: each takes up to half of the memory. */
    private static final long LARGE_PIXELS = 8_000_000;

    private static final Semaphore DARKROOM = new Semaphore(1);

    /** Refuses bytes that are no JPEG, PNG or WebP, are cut off, or hold far too many pixels. */
    static Developed of(byte[] bytes) {
        PictureBytes picture = PictureBytes.of(bytes);
        long pixels = (long) picture.width() * picture.height();
        if (pixels <= LARGE_PIXELS) {
            return developed(picture);
        }
        DARKROOM.acquireUninterruptibly();
        try {
            return developed(picture);
        } finally {
            DARKROOM.release();
        }
    }

    private static Developed developed(PictureBytes picture) {
        byte[] bytes = picture.bytes();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(picture.format());
            ImageReader reader = readers.next();
            reader.setInput(in, true, true);
            PictureBytes.judge(reader.getWidth(0), reader.getHeight(0), picture.bits());
            BufferedImage upright = upright(reader.read(0), orientation(picture));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(upright, "jpeg", out);
            return new Developed(upright.getWidth(), upright.getHeight(), out.toByteArray());
        } catch (Refused already) {
            throw already;
        } catch (IOException | RuntimeException broken) {
            // Readers of pictures throw whatever their arithmetic throws.
            throw PictureBytes.refused("The picture is cut off or damaged", bytes);
        }
    }

    /** Which way up the camera was held, 1 to 8 as EXIF has it; 1 where nothing is said. */
    private static int orientation(PictureBytes picture) {
        if (!picture.format().equals("jpeg")) {
            return 1;
        }
        try {
            // The camera's own segment alone: others may be packed, and unpack to gigabytes.
            ExifIFD0Directory exif = JpegMetadataReader.readMetadata(
                            new ByteArrayInputStream(picture.bytes()), List.of(new ExifReader()))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (JpegProcessingException | IOException | MetadataException | RuntimeException unread) {
            return 1;
        }
    }

    /** Halved until it is under twice as large as wanted: one step from far larger would leave out most of its pixels. */
    private static BufferedImage halved(BufferedImage held, double wanted) {
        BufferedImage now = held;
        while (Math.max(now.getWidth(), now.getHeight()) >= 2 * wanted
                && Math.min(now.getWidth(), now.getHeight()) > 1) {
            BufferedImage half = new BufferedImage(now.getWidth() / 2, now.getHeight() / 2, BufferedImage.TYPE_INT_RGB);
            Graphics2D to = half.createGraphics();
            to.setColor(Color.WHITE);
            to.fillRect(0, 0, half.getWidth(), half.getHeight());
            to.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            to.drawImage(now, 0, 0, half.getWidth(), half.getHeight(), null);
            to.dispose();
            now = half;
        }
        return now;
    }

    private static BufferedImage upright(BufferedImage whole, int orientation) {
        double target = Math.min(LONGEST, Math.max(whole.getWidth(), whole.getHeight()));
        BufferedImage held = halved(whole, target);
        boolean lying = orientation >= 5;
        double k = target / Math.max(held.getWidth(), held.getHeight());
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
