package sectorum.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Kept;
import sectorum.plan.OwnPiece;

/** What every ready piece looks like, from the front at the left and from above at the right, kept as a picture. */
class AheadGoldenTest {
    static Stream<OwnPiece> offers() {
        return AheadCatalogue.all().stream().flatMap(k -> k.offers(Bed.USUAL).stream());
    }

    @ParameterizedTest
    @MethodSource("offers")
    void looksAsItDid(OwnPiece piece) {
        MadeAhead made = AheadCatalogue.make(piece, Bed.USUAL);
        double wide = made.front().width() + 6;
        double left = made.front().box().get(0) - 3;
        List<Double> ground = made.planted().ground().box();
        double high = Math.max(made.front().height(), made.planted().deep()) + 6;
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.0f %.0f %.0f %.0f\" stroke=\"#1c2a36\" stroke-width=\"0.3\">%n",
                left,
                3 - high,
                2 * wide,
                high));
        List<Face> faces = new ArrayList<>(made.look());
        faces.sort(Comparator.comparingDouble((Face f) -> -mean(f, 1)));
        faces.forEach(f -> drawn(svg, f, 2, 0, 0));
        faces.sort(Comparator.comparingDouble((Face f) -> mean(f, 2)));
        faces.forEach(f -> drawn(svg, f, 1, wide, ground.get(1)));
        Kept.check(
                "core/src/test/resources/golden/ahead/" + piece.id() + ".svg",
                svg.append("</svg>\n").toString());
    }

    private static double mean(Face f, int axis) {
        double sum = 0;
        for (int i = axis; i < f.xyz().size(); i += 3) {
            sum += f.xyz().get(i);
        }
        return sum / f.xyz().size() * 3;
    }

    private static void drawn(StringBuilder svg, Face f, int axis, double right, double low) {
        int light = (int) Math.max(60, Math.min(255, 215 + 150 * f.tone()));
        String fill = switch (f.colour()) {
            case 0 -> String.format("#%02x%02x%02x", light, light * 9 / 10, light * 8 / 10);
            case 1 -> String.format("#%02x%02x%02x", light, light * 8 / 10, light * 4 / 10);
            default -> String.format("#%02x%02x%02x", light * 6 / 10, light * 8 / 10, light * 5 / 10);
        };
        svg.append("<path fill=\"").append(fill).append("\" d=\"");
        for (int i = 0; i < f.xyz().size(); i += 3) {
            svg.append(String.format(
                    Locale.ROOT,
                    "%s%.1f %.1f",
                    i == 0 ? "M" : "L",
                    right + f.xyz().get(i),
                    low - f.xyz().get(i + axis)));
        }
        svg.append("Z\"/>\n");
    }
}
