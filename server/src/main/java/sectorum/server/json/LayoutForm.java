package sectorum.server.json;

import sectorum.technique.Layout;
import sectorum.technique.LayoutRows;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** A layout as {@link LayoutRows} has it. */
final class LayoutForm extends ValueSerializer<Layout> {
    @Override
    public void serialize(Layout layout, JsonGenerator to, SerializationContext context) {
        to.writeStartObject();
        to.writeArrayPropertyStart("shapes");
        for (Layout.Shape shape : layout.shapes()) {
            to.writeStartObject();
            context.defaultSerializeProperty("role", shape.role(), to);
            to.writeBooleanProperty("closed", shape.closed());
            to.writeNumberProperty("wide", shape.wide());
            to.writeNumberProperty("tone", shape.tone());
            to.writeArrayPropertyStart("xz");
            for (double each : shape.xz()) {
                write(LayoutRows.rounded(each), to);
            }
            to.writeEndArray();
            to.writeEndObject();
        }
        to.writeEndArray();
        LayoutRows rows = LayoutRows.of(layout);
        write("placements", rows.placements(), to);
        to.writeBooleanProperty("inPlane", rows.inPlane());
        write("standing", rows.standing(), to);
        to.writeEndObject();
    }

    private static void write(String name, double[] numbers, JsonGenerator to) {
        to.writeArrayPropertyStart(name);
        for (double each : numbers) {
            write(each, to);
        }
        to.writeEndArray();
    }

    /** Whole numbers without a point: most of the way is short then. */
    private static void write(double number, JsonGenerator to) {
        if (number == Math.rint(number) && Math.abs(number) < 1e9) {
            to.writeNumber((long) number);
        } else {
            to.writeNumber(number);
        }
    }
}
