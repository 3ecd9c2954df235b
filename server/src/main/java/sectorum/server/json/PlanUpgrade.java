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

    /**
     * Since version 2 what a thing is made of is its material, for sheets and chocolate are no pastes; where it lies meanwhile
     * is its storage; and a course that is kept but not counted is set aside, for what rests dries.
     */
    private static void toSecond(ObjectNode plan) {
        for (JsonNode tier : plan.path("tiers")) {
            tier.path("coats").forEach(PlanUpgrade::material);
            for (JsonNode dressing : tier.path("dressings")) {
                renamed(dressing, "resting", "aside");
                material(dressing.path("settings"));
            }
        }
        material(plan.path("table").path("base"));
        for (JsonNode piece : plan.path("pieces")) {
            material(piece);
            material(piece.path("resting").path("layer"));
            renamed(piece.path("resting"), "shelf", "storage");
        }
        plan.path("agenda").path("own").forEach(task -> renamed(task, "shelf", "storage"));
    }

    private static void material(JsonNode made) {
        renamed(made, "paste", "material");
    }

    private static void renamed(JsonNode of, String old, String now) {
        if (of instanceof ObjectNode object && object.has(old)) {
            object.set(now, object.remove(old));
        }
    }
}
