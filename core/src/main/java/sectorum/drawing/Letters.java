package sectorum.drawing;

import java.util.Map;

/**
 * How wide words are in the house's own type, as it is printed: advance widths of Source Sans 3, regular, in thousandths of
 * the type's size. Core has no font; a test of the server holds every row against the font that it prints with.
 */
public final class Letters {
    /** From the space to the tilde, in the order of their code. */
    private static final int[] PLAIN = {
        200, 289, 426, 497, 497, 824, 609, 249, 303, 303, 418, 497, 249, 311, 249, 350,
        497, 497, 497, 497, 497, 497, 497, 497, 497, 497, 249, 249, 497, 497, 497, 425,
        847, 543, 588, 571, 615, 527, 494, 617, 652, 263, 479, 579, 486, 727, 647, 664,
        566, 664, 569, 534, 536, 645, 515, 786, 513, 476, 539, 303, 350, 303, 497, 500,
        542, 504, 553, 456, 555, 496, 292, 504, 544, 246, 247, 495, 255, 829, 547, 542,
        555, 555, 347, 419, 338, 544, 467, 719, 446, 467, 425, 303, 241, 303, 497
    };
    /** Signs beyond those that the house's own words use. */
    private static final Map<Character, Integer> SIGNS = Map.ofEntries(
            Map.entry('\u00d7', 497),
            Map.entry('\u00b7', 249),
            Map.entry('\u00b0', 331),
            Map.entry('\u2013', 480),
            Map.entry('\u2014', 800),
            Map.entry('\u2019', 249),
            Map.entry('\u201c', 426),
            Map.entry('\u201d', 426),
            Map.entry('\u00bd', 808),
            Map.entry('\u00bc', 781),
            Map.entry('\u00be', 796),
            Map.entry('\u03b7', 541),
            Map.entry('\u2264', 497),
            Map.entry('\u2265', 497),
            Map.entry('\u2192', 619),
            Map.entry('\u00b9', 367),
            Map.entry('\u00b2', 367),
            Map.entry('\u00b3', 367),
            Map.entry('\u00e4', 504),
            Map.entry('\u00f6', 542),
            Map.entry('\u00fc', 544),
            Map.entry('\u00c4', 544),
            Map.entry('\u00d6', 664),
            Map.entry('\u00dc', 645),
            Map.entry('\u00df', 576),
            Map.entry('\u00e9', 496),
            Map.entry('\u00e8', 496),
            Map.entry('\u00e0', 504),
            Map.entry('\u00e7', 456),
            Map.entry('\u00f1', 547));
    /** About the middle of them, for whatever letter a name has. */
    private static final int OTHER = 520;

    private static final int FIRST = ' ';

    private Letters() {}

    /** Width of a line of words, mm. @param size of the type, mm */
    public static double width(String words, double size) {
        int sum = 0;
        for (int i = 0; i < words.length(); i++) {
            sum += of(words.charAt(i));
        }
        return sum * size / 1000;
    }

    /** One letter, thousandths of the type's size. */
    public static int of(char letter) {
        int at = letter - FIRST;
        return at >= 0 && at < PLAIN.length ? PLAIN[at] : SIGNS.getOrDefault(letter, OTHER);
    }

    /** Whether its width is known and not the usual one. */
    public static boolean isKnown(char letter) {
        int at = letter - FIRST;
        return (at >= 0 && at < PLAIN.length) || SIGNS.containsKey(letter);
    }
}
