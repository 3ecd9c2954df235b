package sectorum.technique;

import java.util.Set;
import sectorum.surface.SurfaceKind;

/** A technique that goes on every surface of a tier, all round or part of the way. */
interface Everywhere extends Technique {
    @Override
    default Set<SurfaceKind> surfaces() {
        return ON_ALL;
    }

    @Override
    default boolean isPartial() {
        return true;
    }
}
