package sectorum.technique;

import java.util.List;
import sectorum.drawing.Box;
import sectorum.measure.Elementary;
import sectorum.outline.Outline;

/** Pieces that bend round a corner: they are cut or folded there, on outlines whose corners rule. */
final class Bends {
    private Bends() {}

    static int count(List<Layout.Shape> shapes, List<Layout.Placement> placements, DressingContext place) {
        Outline outline = place.division().outline();
        if (!outline.cornersRule()) {
            return 0;
        }
        int bent = 0;
        for (Layout.Placement p : placements) {
            Layout.Shape shape = shapes.get(p.shape());
            if (shape.role() != Layout.Role.PIECE || !shape.closed()) {
                continue;
            }
            Box box = Box.of(shape.xz());
            double narrowing = place.narrowing(p.z());
            for (double corner : outline.corners()) {
                double off = corner - p.s();
                off -= Elementary.rint(off / outline.perimeter()) * outline.perimeter();
                bent += off > box.left() / narrowing + 0.5 && off < box.right() / narrowing - 0.5 ? 1 : 0;
            }
        }
        return bent;
    }
}
