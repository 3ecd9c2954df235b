package sectorum.browser;

import java.util.Locale;
import java.util.Map;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.technique.Layout;
import sectorum.technique.LayoutRows;

/** What has a form of its own in JSON, as the server has it. */
final class Forms {
    private Forms() {}

    /** Settings are an object of their own, without a wrapper. */
    static Values readValues(In in) {
        Map<String, Object> byName = in.map(in::any);
        return byName == null ? null : new Values(byName);
    }

    static void writeValues(Codec codec, Out out, Values values) {
        out.map(values.byName(), each -> out.any(each, codec::part));
    }

    static Object readObject(In in) {
        return in.any();
    }

    static void writeObject(Codec codec, Out out, Object value) {
        out.any(value, codec::part);
    }

    /** Outlines and placements as rows of plain numbers. */
    static void writeLayout(Codec codec, Out out, Layout layout) {
        LayoutRows rows = LayoutRows.of(layout);
        out.open();
        out.key("shapes");
        out.list(layout.shapes(), shape -> writeShape(out, shape));
        out.key("placements");
        out.numbers(rows.placements());
        out.key("inPlane");
        out.flag(rows.inPlane());
        out.key("standing");
        out.numbers(rows.standing());
        out.close();
    }

    private static void writeShape(Out out, Layout.Shape shape) {
        out.open();
        out.key("role");
        out.text(shape.role().name().toLowerCase(Locale.ROOT));
        out.key("closed");
        out.flag(shape.closed());
        out.key("wide");
        out.number(shape.wide());
        out.key("tone");
        out.number(shape.tone());
        out.key("xz");
        out.numbers(shape.xz().stream().mapToDouble(LayoutRows::rounded).toArray());
        out.close();
    }

    /** Why something cannot be, in core's words. */
    static void writeRefused(Codec codec, Out out, Refused refused) {
        out.open();
        out.key("field");
        out.text(refused.field());
        out.key("detail");
        out.text(refused.phrase().toString());
        out.key("phrase");
        codec.writePhrase(refused.phrase());
        out.close();
    }
}
