package sectorum.handover;

import java.util.Optional;
import sectorum.ahead.AheadCatalogue;
import sectorum.build.Build;
import sectorum.drawing.Drawing;
import sectorum.plan.Plan;
import sectorum.tasks.Instruction;
import sectorum.tier.StackWorkup;

/** A small picture of what a task makes, drawn to scale from the plan itself. */
final class StepView {
    private final Plan plan;
    private final StackWorkup worked;
    private final Build build;
    private final FrontView front;

    StepView(Plan plan, StackWorkup worked, Build build) {
        this.plan = plan;
        this.worked = worked;
        this.build = build;
        this.front = new FrontView(plan, worked, build);
    }

    /** None for what has no look of its own. */
    Optional<Drawing> of(Instruction step) {
        return switch (step.kind()) {
            case DRESS -> Optional.of(dressed(step));
            case BAKE, FILL, COAT, EDGE, COVER, MEASURE -> Optional.of(front.bare(step.tier()));
            case DOWEL, STACK, INSPECT -> Optional.of(front.stuck());
            case PLACE -> Optional.of(front.pieces());
            case PIECE ->
                worked.pieces(plan).stream()
                        .filter(p -> p.id().equals(step.about()))
                        .findFirst()
                        .map(p -> front.alone(p, AheadCatalogue.make(plan, p)));
            default -> Optional.empty();
        };
    }

    /** What lies level is seen from above. */
    private Drawing dressed(Instruction step) {
        boolean level = worked.tiers().stream()
                .filter(t -> t.id().equals(step.tier()))
                .flatMap(t -> t.dressings().stream())
                .anyMatch(w -> w.id().equals(step.about()) && w.surface().isLevel());
        return level
                ? AboveView.of(plan, worked, build, step.tier(), step.about())
                : front.dressed(step.tier(), step.about());
    }
}
