package sectorum.art;

import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A picture in grey: 0 black to 255 white, row by row from above. What lies outside is white.
 *
 * @param levels width × height of them, 0 to 255
 */
public record Grey(int width, int height, int[] levels) {
    /** Longer sides are made smaller before; a hand cannot follow more. */
    public static final int MOST = 2000;

    public Grey {
        if (width < 1 || height < 1 || width > MOST || height > MOST || levels.length != width * height) {
            throw new Refused(
                    "picture",
                    Phrase.of(
                            "A picture of {} × {} points with {} levels is none; 1 to {} each way.",
                            Quantity.count(width),
                            Quantity.count(height),
                            Quantity.count(levels.length),
                            Quantity.count(MOST)));
        }
    }

    /** Its level at a point; white outside. */
    public int at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 255 : levels[y * width + x];
    }

    /** How many points have each level. */
    int[] histogram() {
        int[] many = new int[256];
        for (int level : levels) {
            many[level]++;
        }
        return many;
    }
}
