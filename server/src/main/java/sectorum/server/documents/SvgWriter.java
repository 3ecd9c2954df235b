package sectorum.server.documents;

import java.util.List;
import java.util.Locale;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.LengthUnit;
import sectorum.measure.Numbers;

/** A drawing as SVG whose width and height are millimetres. */
public final class SvgWriter {
    private SvgWriter() {}

    /** @param unit in which lengths in the words are shown */
    public static String write(Drawing drawing, LengthUnit unit) {
        String w = n(drawing.width());
        String h = n(drawing.height());
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + w
                + "mm\" height=\"" + h + "mm\" viewBox=\"0 0 " + w + " " + h + "\">\n<title>"
                + escaped(drawing.title().say(unit)) + "</title>\n");
        for (Ink ink : drawing.inks()) {
            svg.append(ink instanceof Ink.Line line ? path(line) : words((Ink.Words) ink, unit));
        }
        return svg.append("</svg>\n").toString();
    }

    private static String path(Ink.Line line) {
        Pens pen = Pens.of(line.pen());
        List<Double> xy = line.xy();
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < xy.size(); i += 2) {
            d.append(i == 0 ? "M" : "L").append(n(xy.get(i))).append(' ').append(n(xy.get(i + 1)));
        }
        return "<path class=\"" + line.pen().name().toLowerCase(Locale.ROOT) + "\" d=\"" + d
                + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" + n(pen.width()) + "\""
                + (pen.broken() ? " stroke-dasharray=\"" + n(pen.on()) + " " + n(pen.off()) + "\"" : "") + "/>\n";
    }

    private static String words(Ink.Words words, LengthUnit unit) {
        String anchor = words.anchor().name().toLowerCase(Locale.ROOT);
        return "<text x=\"" + n(words.x()) + "\" y=\"" + n(words.y()) + "\" font-size=\"" + n(words.size())
                + "\" font-family=\"'Source Sans 3', sans-serif\" text-anchor=\"" + anchor + "\">"
                + escaped(words.said().say(unit)) + "</text>\n";
    }

    private static String n(double mm) {
        return Numbers.plain(mm, 4);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
