package sectorum.server.json;

import sectorum.technique.Layout;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/**
 * A layout as it goes to the screens: outlines and placements as rows of plain numbers to a ten-thousandth of a
 * millimetre. Thousands of pieces travel with every edit, and names before every number would be most of the way.
 */
final class LayoutForm extends ValueSerializer<Layout> {
    private static final double FINEST = 10_000;

    @Override
    public void serialize(Layout layout, JsonGenerator to, SerializationContext context) {
        to.writeStartObject();
        to.writeArrayPropertyStart("shapes");
        for (Layout.Shape shape : layout.shapes()) {
            to.writeStartObject();
            context.defaultSerializeProperty("role", shape.role(), to);
            to.writeBooleanProperty("closed", shape.closed());
            to.writeNumberProperty("wide", shape.wide());
            to.writeArrayPropertyStart("xz");
            for (double each : shape.xz()) {
                write(each, to);
            }
            to.writeEndArray();
            to.writeEndObject();
        }
        to.writeEndArray();
        to.writeArrayPropertyStart("placements");
        for (Layout.Placement p : layout.placements()) {
            to.writeNumber(p.shape());
            write(p.s(), to);
            write(p.z(), to);
            write(p.turn(), to);
            write(p.size(), to);
            to.writeNumber(p.colour());
        }
        to.writeEndArray();
        to.writeEndObject();
    }

    private static void write(double number, JsonGenerator to) {
        double rounded = Math.rint(number * FINEST) / FINEST;
        if (rounded == Math.rint(rounded) && Math.abs(rounded) < 1e9) {
            to.writeNumber((long) rounded);
        } else {
            to.writeNumber(rounded);
        }
    }
}
