package sectorum.technique;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Kept;
import sectorum.measure.Values;
import sectorum.surface.LevelSurface;
import sectorum.surface.SurfaceKind;

/**
 * What each technique draws by itself on the worked second tier in five, kept as pictures that can be looked at: a
 * changed line is seen in the difference, and on opening the file.
 */
class GoldenTest {
    static List<Technique> all() {
        return Catalogue.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void drawsAsItDid(Technique technique) {
        boolean side = technique.surfaces().contains(SurfaceKind.SIDE);
        DressingContext place = side ? Places.on(technique, Places.TAPED, 5, 2) : Places.onBoard(technique, 5, 2);
        Layout layout = Dressed.of(technique, Values.NONE, place).layout();
        StringBuilder svg = new StringBuilder();
        String box = side ? "-5 -123 741 128" : "-150 -150 300 300";
        line(
                svg,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"" + box + "\" stroke=\"#1c2a36\" fill=\"none\">");
        if (side) {
            line(svg, "<rect x=\"0\" y=\"-118\" width=\"731\" height=\"118\" fill=\"#fcf9f1\"/>");
        }
        for (int i = 0; i < layout.shapes().size(); i++) {
            line(
                    svg,
                    "<defs><path id=\"s" + i + "\" d=\"" + path(layout.shapes().get(i)) + "\"/></defs>");
        }
        for (int i = 0; i < layout.placements().size(); i++) {
            Layout.Placement p = layout.placements().get(i);
            Layout.Shape shape = layout.shapes().get(p.shape());
            String fill = shape.closed() ? (p.colour() == 0 ? "#9db2c9" : "#efe3c4") : "none";
            LevelSurface.InPlane lies = side
                    ? new LevelSurface.InPlane(p.s(), p.z(), p.turn())
                    : layout.inPlane().get(i);
            line(
                    svg,
                    String.format(
                            Locale.ROOT,
                            "<use href=\"#s%d\" transform=\"translate(%.1f %.1f) rotate(%.1f)\" fill=\"%s\" stroke-width=\"%s\"/>",
                            p.shape(),
                            lies.x(),
                            -lies.y(),
                            -Math.toDegrees(lies.angle()),
                            fill,
                            shape.wide() > 0 ? String.valueOf(shape.wide()) : "0.6"));
        }
        line(svg, "</svg>");
        Kept.check("core/src/test/resources/golden/" + technique.id() + ".svg", svg.toString());
    }

    private static void line(StringBuilder svg, String text) {
        svg.append(text).append('\n');
    }

    /** Every third point of the finer outlines is enough to see a change by, and every corner and end. */
    private static String path(Layout.Shape shape) {
        List<Double> xz = shape.xz();
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < xz.size(); i += 2) {
            boolean last = i + 2 >= xz.size();
            if (xz.size() <= 60 || i % 6 == 0 || last || turns(xz, i)) {
                d.append(String.format(Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", xz.get(i), -xz.get(i + 1)));
            }
        }
        return shape.closed() ? d.append('Z').toString() : d.toString();
    }

    /** Whether the line bends by more than a right angle's third there. */
    private static boolean turns(List<Double> xz, int i) {
        if (i == 0) {
            return true;
        }
        double before = Math.atan2(xz.get(i + 1) - xz.get(i - 1), xz.get(i) - xz.get(i - 2));
        double after = Math.atan2(xz.get(i + 3) - xz.get(i + 1), xz.get(i + 2) - xz.get(i));
        return Math.abs(Math.IEEEremainder(after - before, 2 * Math.PI)) > Math.PI / 6;
    }
}
