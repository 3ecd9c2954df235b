package sectorum.technique;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import sectorum.divide.Demand;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/** A way of decorating. Stateless; one file each; see {@link Catalogue}. */
public interface Technique {
    /** The name in plan documents, never changed once used. */
    String id();

    /** The name on the screen. */
    String name();

    /** The name on the screen with these settings. */
    default String name(Values settings) {
        return name();
    }

    /** Every surface of a tier. */
    Set<SurfaceKind> ON_ALL = Set.copyOf(EnumSet.allOf(SurfaceKind.class));

    /** The surfaces it is meant for. */
    default Set<SurfaceKind> surfaces() {
        return Set.of(SurfaceKind.SIDE);
    }

    /** The zone it takes on this surface when nobody has said. */
    Zone usualZone(Surface surface);

    /** What it asks of a count so that it closes at the back, in so many colours. */
    default Demand demand(Values settings, int colours) {
        return Demand.NONE;
    }

    /** Whether it may go part of the way round. */
    default boolean isPartial() {
        return false;
    }

    /** Whether it may stand up over the upper edge of its zone, and of its tier. */
    default boolean rises() {
        return false;
    }

    /** Whether it is combed into the coat itself: at the upper edge that asks for a higher lip (craft 4.3). */
    default boolean combsCoat() {
        return false;
    }

    /** Whether it may take one of the plan's drawings: only then does a tier depend on them. */
    default boolean drawsArt() {
        return false;
    }

    /** Whether a left hand works it as a mirror shows it; art is never turned about. */
    default boolean isHanded() {
        return true;
    }

    /** Whether it is meant to lie on what else is there. */
    default boolean covers() {
        return false;
    }

    /** Whether it may go over the pieces of other dressings instead of on the surface: what it goes on is its ground. */
    default boolean finishes() {
        return false;
    }

    /**
     * What repeats round a side and is to meet itself, mm; absent: nothing does. Where it does not close, a coat still to come
     * may be made thicker or thinner.
     */
    @Absent
    default Double repeat(Values settings, DressingContext place) {
        return null;
    }

    /**
     * Its settings for one of several tiers that it is told over once.
     *
     * @param above how much of the whole lies above this tier's part, 0 to 1
     * @param below how much of it ends with this part, 0 to 1
     */
    default Values part(Values whole, double above, double below) {
        return whole;
    }

    /** The rules it judges by; docs/findings.md is made from them. */
    List<Rule> rules();

    /** The names of its settings, whatever the place: a document with another name is refused. */
    Set<String> settingNames();

    /**
     * Its settings. Ranges hold on any tier, so that a tier measured anew never makes a saved setting impossible; defaults
     * are taken from this very place and the settings given, so that it draws something good at once.
     */
    List<Field> fields(Values values, DressingContext place);

    /**
     * Everything that follows from the settings here, for a right hand; {@link Dressed#of} asks for either.
     *
     * @throws sectorum.measure.Refused when a setting is out of its field's range
     */
    Dressed dress(Values settings, DressingContext place);
}
