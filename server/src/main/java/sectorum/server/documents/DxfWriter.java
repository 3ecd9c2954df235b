package sectorum.server.documents;

import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.LengthUnit;
import sectorum.measure.Numbers;

/**
 * A drawing for cutting machines: the oldest form of DXF (R12, text), which all of them read, in millimetres, y up, a layer
 * for each pen so that a machine can be told to cut one and draw the others.
 */
public final class DxfWriter {
    private final StringBuilder dxf = new StringBuilder();
    private final double height;

    private DxfWriter(double height) {
        this.height = height;
    }

    /** @param unit in which lengths in the words are shown */
    public static String write(Drawing drawing, LengthUnit unit) {
        DxfWriter writer = new DxfWriter(drawing.height());
        writer.head(drawing);
        for (Ink ink : drawing.inks()) {
            if (ink instanceof Ink.Line line) {
                writer.line(line);
            } else if (ink instanceof Ink.Words words) {
                writer.words(words, unit);
            }
        }
        return writer.pair(0, "ENDSEC").pair(0, "EOF").dxf.toString();
    }

    private void head(Drawing drawing) {
        pair(0, "SECTION").pair(2, "HEADER").pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$EXTMIN").pair(10, "0").pair(20, "0");
        pair(9, "$EXTMAX").pair(10, n(drawing.width())).pair(20, n(drawing.height()));
        pair(0, "ENDSEC");
        int layers = Ink.Pen.values().length + 1;
        pair(0, "SECTION").pair(2, "TABLES").pair(0, "TABLE").pair(2, "LAYER").pair(70, "" + layers);
        for (Ink.Pen pen : Ink.Pen.values()) {
            layer(pen.name(), 1 + pen.ordinal());
        }
        layer("TEXT", 8);
        pair(0, "ENDTAB").pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "ENTITIES");
    }

    private void layer(String name, int colour) {
        pair(0, "LAYER").pair(2, name).pair(70, "0").pair(62, "" + colour).pair(6, "CONTINUOUS");
    }

    private void line(Ink.Line line) {
        List<Double> xy = line.xy();
        int n = xy.size();
        boolean closed = n > 6 && xy.get(0).equals(xy.get(n - 2)) && xy.get(1).equals(xy.get(n - 1));
        pair(0, "POLYLINE").pair(8, line.pen().name()).pair(66, "1").pair(70, closed ? "1" : "0");
        for (int i = 0; i < (closed ? n - 2 : n); i += 2) {
            pair(0, "VERTEX").pair(8, line.pen().name());
            pair(10, n(xy.get(i))).pair(20, n(height - xy.get(i + 1)));
        }
        pair(0, "SEQEND");
    }

    private void words(Ink.Words words, LengthUnit unit) {
        String x = n(words.x());
        String y = n(height - words.y());
        String anchor = "" + words.anchor().ordinal();
        // The degree sign and the like are written by number: R12 knows plain letters only.
        StringBuilder said = new StringBuilder();
        words.said()
                .say(unit)
                .chars()
                .forEach(c -> said.append(c < 128 ? "" + (char) c : String.format("\\U+%04X", c)));
        pair(0, "TEXT")
                .pair(8, "TEXT")
                .pair(10, x)
                .pair(20, y)
                .pair(40, n(words.size()))
                .pair(1, said.toString());
        pair(72, anchor).pair(11, x).pair(21, y);
    }

    private DxfWriter pair(int code, String value) {
        dxf.append(code).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private static String n(double mm) {
        return Numbers.plain(mm, 4);
    }
}
