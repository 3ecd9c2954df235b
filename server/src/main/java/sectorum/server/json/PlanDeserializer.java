package sectorum.server.json;

import sectorum.plan.Plan;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads a plan, its format and version first: a file of a newer version is told as that, not as the first field nobody
 * knows yet.
 */
final class PlanDeserializer extends DelegatingDeserializer {
    PlanDeserializer(ValueDeserializer<?> usual) {
        super(usual);
    }

    @Override
    protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> usual) {
        return new PlanDeserializer(usual);
    }

    @Override
    public Object deserialize(JsonParser parser, DeserializationContext context) {
        JsonNode tree = context.readTree(parser);
        if (tree instanceof ObjectNode plan) {
            JsonNode format = tree.path("format");
            JsonNode version = tree.path("version");
            Plan.checkFormat(
                    format.isString() ? format.asString() : format.toString(),
                    version.canConvertToInt() ? version.asInt() : 0);
            PlanUpgrade.toPresent(plan);
        }
        try (JsonParser again = tree.traverse(context)) {
            again.nextToken();
            return super.deserialize(again, context);
        }
    }
}
