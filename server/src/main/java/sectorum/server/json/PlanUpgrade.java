package sectorum.server.json;

import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings plan documents of older versions up to the present one: what they said stays said. */
final class PlanUpgrade {
    private PlanUpgrade() {}

    /** A document that has been found to be a plan that can be read; changed in place. */
    static void toPresent(ObjectNode plan) {
        if (plan.path("version").asInt() < 2) {
            toSecond(plan);
        }
        plan.put("version", Plan.VERSION);
    }

    /** Since version 2 what a thing is made of is its material: sheets and chocolate are no pastes. */
    private static void toSecond(ObjectNode plan) {
        for (JsonNode tier : plan.path("tiers")) {
            tier.path("coats").forEach(PlanUpgrade::material);
            tier.path("dressings").forEach(d -> material(d.path("settings")));
        }
        material(plan.path("table").path("base"));
        for (JsonNode piece : plan.path("pieces")) {
            material(piece);
            material(piece.path("resting").path("layer"));
        }
    }

    private static void material(JsonNode made) {
        if (made instanceof ObjectNode object && object.has("paste")) {
            object.set("material", object.remove("paste"));
        }
    }
}
