package sectorum.server.art;

import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import sectorum.art.Glyph;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** The faces that ship, openly licensed: their letters as closed lines. */
public final class Faces {
    /** Curves of letters are followed so closely, ems. */
    private static final double FLAT_EM = 0.0015;

    /** A face, by its character. */
    public enum Face {
        VIBES("Great Vibes", "a flowing hand", "GreatVibes_400Regular"),
        PINYON("Pinyon Script", "a round copperplate", "PinyonScript_400Regular"),
        CINZEL("Cinzel", "carved capitals", "Cinzel_600SemiBold"),
        PLAYFAIR("Playfair Display", "strong and fine strokes", "PlayfairDisplay_700Bold"),
        POIRET("Poiret One", "thin and round", "PoiretOne_400Regular"),
        JOSEFIN("Josefin Sans", "plain and even", "JosefinSans_600SemiBold");

        private final String label;
        private final String character;
        private final String file;

        Face(String label, String character, String file) {
            this.label = label;
            this.character = character;
            this.file = file;
        }

        public String label() {
            return label;
        }

        public String character() {
            return character;
        }
    }

    private static final Map<Face, TrueTypeFont> FONTS = new EnumMap<>(Face.class);

    private Faces() {}

    private static TrueTypeFont font(Face face) {
        synchronized (FONTS) {
            return FONTS.computeIfAbsent(face, Faces::read);
        }
    }

    private static TrueTypeFont read(Face face) {
        try (InputStream in = Faces.class.getResourceAsStream("/faces/" + face.file + ".ttf")) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /** The letters of some words; one that the face has not is refused by name. */
    public static List<Glyph> glyphs(Face face, String text) {
        TrueTypeFont font = font(face);
        synchronized (font) {
            try {
                CmapLookup cmap = font.getUnicodeCmapLookup();
                double em = font.getUnitsPerEm();
                List<Glyph> glyphs = new ArrayList<>();
                for (int letter : text.codePoints().toArray()) {
                    int id = cmap.getGlyphId(letter);
                    if (id == 0) {
                        throw new Refused(
                                "text",
                                Phrase.of(
                                        "{} has no letter \"{}\". Take another face, or leave it out.",
                                        Quantity.text(face.label),
                                        Quantity.text(Character.toString(letter))));
                    }
                    var outline = font.getGlyph().getGlyph(id);
                    GeneralPath path = outline == null ? new GeneralPath() : outline.getPath();
                    glyphs.add(new Glyph(lines(path, em), font.getAdvanceWidth(id) / em));
                }
                return glyphs;
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
    }

    /** How high a capital is, ems. */
    public static double capital(Face face) {
        return glyphs(face, "H").get(0).lines().stream()
                .flatMapToDouble(
                        l -> java.util.stream.IntStream.range(0, l.size() / 2).mapToDouble(i -> l.get(2 * i + 1)))
                .max()
                .orElse(0.7);
    }

    private static List<List<Double>> lines(GeneralPath path, double em) {
        List<List<Double>> lines = new ArrayList<>();
        List<Double> line = new ArrayList<>();
        double[] at = new double[6];
        PathIterator points = path.getPathIterator(AffineTransform.getScaleInstance(1 / em, 1 / em), FLAT_EM);
        for (; !points.isDone(); points.next()) {
            int kind = points.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                if (line.size() >= 6) {
                    lines.add(line);
                }
                line = new ArrayList<>();
            }
            if (kind != PathIterator.SEG_CLOSE) {
                line.add(at[0]);
                line.add(at[1]);
            }
        }
        if (line.size() >= 6) {
            lines.add(line);
        }
        return lines;
    }

    static Face of(String name) {
        return Arrays.stream(Face.values())
                .filter(f -> f.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "face",
                        Phrase.of(
                                "A face \"{}\" is not known. There are: {}.",
                                Quantity.text("" + name),
                                Quantity.text(Arrays.stream(Face.values())
                                        .map(f -> f.name().toLowerCase(java.util.Locale.ROOT))
                                        .collect(Collectors.joining(", "))))));
    }
}
