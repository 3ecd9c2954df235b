package sectorum.technique;

import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.finding.Finding;

/** All that follows from a technique in its place. */
public record Dressed(
        Layout layout, List<Figure> figures, List<Handle> handles, List<Finding> findings, List<Drawing> drawings) {
    public Dressed {
        figures = List.copyOf(figures);
        handles = List.copyOf(handles);
        findings = List.copyOf(findings);
        drawings = List.copyOf(drawings);
    }
}
