package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import sectorum.art.Rings;
import sectorum.build.Planted;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.material.Adhesive;
import sectorum.technique.Making;

/**
 * What follows for a piece made ahead.
 *
 * @param components what one is put together from, in order of work
 * @param look what is seen of one, in space
 * @param front the outline around it, seen from the front
 * @param planted how one stands in the cake
 * @param grams of one
 * @param adhesive what holds it beside, or instead of, its picks
 * @param stages of making all of them, in order
 * @param placing all of them on the cake
 * @param drawings its templates
 * @param tools what it asks of the cupboard, by size; their fields are the piece's own
 * @param out what of one is not eaten, its picks left out: wires, sticks, a bought ornament
 */
public record MadeAhead(
        List<Component> components,
        List<Face> look,
        Rings front,
        Planted planted,
        double grams,
        Adhesive adhesive,
        List<Stage> stages,
        Making.Step placing,
        Drawings drawings,
        List<Making.Out> out,
        List<Making.Tool> tools,
        List<Finding> findings) {
    public MadeAhead {
        components = List.copyOf(components);
        look = List.copyOf(look);
        stages = List.copyOf(stages);
        out = List.copyOf(out);
        tools = List.copyOf(tools);
        findings = List.copyOf(findings);
    }

    /** The last stage: what it waits for is what the cake waits for. */
    public Stage last() {
        return stages.get(stages.size() - 1);
    }

    /** All that hands do, in order. */
    public List<Making.Step> steps() {
        List<Making.Step> steps = new ArrayList<>();
        stages.forEach(s -> steps.addAll(s.steps()));
        steps.add(placing);
        return steps;
    }

    /** Hands to make all of them, without placing. */
    public double minutes() {
        return stages.stream().mapToDouble(Stage::minutes).reduce(0, Double::sum);
    }
}
