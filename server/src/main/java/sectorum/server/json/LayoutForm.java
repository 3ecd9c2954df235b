package sectorum.server.json;

import java.util.List;
import sectorum.surface.LevelSurface;
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
            to.writeNumberProperty("tone", shape.tone());
            to.writeArrayPropertyStart("xz");
            for (double each : shape.xz()) {
                write(each, to);
            }
            to.writeEndArray();
            to.writeEndObject();
        }
        to.writeEndArray();
        to.writeArrayPropertyStart("placements");
        boolean lying = !layout.inPlane().isEmpty();
        boolean standing = false;
        for (int i = 0; i < layout.placements().size(); i++) {
            Layout.Placement p = layout.placements().get(i);
            LevelSurface.InPlane at = lying ? layout.inPlane().get(i) : null;
            to.writeNumber(p.shape());
            write(at == null ? p.s() : at.x(), to);
            write(at == null ? p.z() : at.y(), to);
            write(at == null ? p.turn() : at.angle(), to);
            write(p.size(), to);
            to.writeNumber(p.colour());
            standing |= p.lift() != 0 || p.lean() != 0;
        }
        to.writeEndArray();
        to.writeBooleanProperty("inPlane", lying);
        to.writeArrayPropertyStart("standing");
        for (Layout.Placement p : standing ? layout.placements() : List.<Layout.Placement>of()) {
            write(p.lift(), to);
            write(p.lean(), to);
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
