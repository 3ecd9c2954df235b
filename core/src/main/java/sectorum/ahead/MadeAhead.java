package sectorum.ahead;

import java.util.List;
import sectorum.art.Rings;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.material.Adhesive;
import sectorum.technique.Making;

/**
 * What follows for a piece made ahead.
 *
 * @param components what one is put together from, in order of work
 * @param front how one is seen from the front
 * @param above how one is seen from above, x from its middle and z away from its front
 * @param grams of one
 * @param picks in one
 * @param buried how deep one goes into the cake, mm
 * @param adhesive what holds it beside, or instead of, its picks
 * @param steps of making and of placing all of them
 * @param drawings its templates
 */
public record MadeAhead(
        List<Component> components,
        Rings front,
        Rings above,
        double grams,
        int picks,
        double buried,
        Adhesive adhesive,
        List<Making.Step> steps,
        Drawings drawings,
        List<Finding> findings) {
    public MadeAhead {
        components = List.copyOf(components);
        steps = List.copyOf(steps);
        findings = List.copyOf(findings);
    }
}
