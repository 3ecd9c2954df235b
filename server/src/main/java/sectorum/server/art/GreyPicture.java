package sectorum.server.art;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import sectorum.art.Grey;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** A picture of an order in grey, as the eye weighs its colours (Rec. 709, on the bytes as they are). */
final class GreyPicture {
    private GreyPicture() {}

    static Grey of(byte[] jpeg) {
        try {
            BufferedImage picture = ImageIO.read(new ByteArrayInputStream(jpeg));
            if (picture == null) {
                throw new IOException("no picture");
            }
            int[] levels = new int[picture.getWidth() * picture.getHeight()];
            for (int y = 0; y < picture.getHeight(); y++) {
                for (int x = 0; x < picture.getWidth(); x++) {
                    int rgb = picture.getRGB(x, y);
                    double grey = 0.2126 * (rgb >> 16 & 255) + 0.7152 * (rgb >> 8 & 255) + 0.0722 * (rgb & 255);
                    levels[y * picture.getWidth() + x] = (int) Math.round(grey);
                }
            }
            return new Grey(picture.getWidth(), picture.getHeight(), levels);
        } catch (IOException damaged) {
            throw new Refused(
                    "picture",
                    Phrase.of(
                            "The picture of {} kB cannot be read. Add it once more.",
                            Quantity.count(jpeg.length / 1024)));
        }
    }
}
