package sectorum.plan;

import java.util.List;
import sectorum.divide.Front;
import sectorum.measure.Field;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.side.Reading;
import sectorum.side.Side;

/**
 * One cake of the stack.
 *
 * @param outline its form and sizes before coats
 * @param height mm before coats
 * @param dummy whether it is not cake
 * @param coats what lies on it, inmost first; all round and once on top
 * @param readings what was taped on the finished tier
 * @param divisions one or more; dressings name theirs
 * @param dressings the tier's courses, foot to top
 */
public record Tier(
        String id,
        String name,
        OutlineSpec outline,
        double height,
        boolean dummy,
        List<Coat> coats,
        List<Reading> readings,
        List<DivisionSpec> divisions,
        List<Dressing> dressings) {
    public static final Field HEIGHT =
            Field.length("height", "Height", 10, 600, 100, "Give the height of the cake alone, before coats.");

    public Tier {
        id = Check.id("tiers.id", id);
        name = Check.words("tiers.name", "A tier's name", name, 1, 60);
        outline = outline == null ? OutlineSpec.USUAL : outline;
        HEIGHT.check(height);
        coats = Check.list("coats", "Coats", coats, 0, 6);
        readings = Check.list("readings", "Readings", readings, 0, 60);
        divisions = Check.list("divisions", "Divisions", divisions, 1, 6);
        Check.unique("divisions", "Division", divisions, DivisionSpec::id);
        dressings = Check.list("dressings", "Dressings", dressings, 0, 24);
        Check.unique("dressings", "Dressing", dressings, Dressing::id);
        // Building the side once is the cheapest way to know that the sizes fit one another.
        Side.of(outline.known(), outline.sizes(), height, thickness(coats), readings);
    }

    static Tier fresh(String id, String name) {
        return new Tier(
                id,
                name,
                OutlineSpec.USUAL,
                100,
                false,
                List.of(new Coat("coat", 5), new Coat("covering", 3.5)),
                List.of(),
                List.of(new DivisionSpec("marks", 8, null, Front.SECTION, null, true, List.of())),
                List.of());
    }

    private static double thickness(List<Coat> coats) {
        return coats.stream().mapToDouble(Coat::thickness).sum();
    }

    /** The side as it is worked on: nominal sizes under their coats, or what was read. */
    public Side side() {
        return Side.of(outline.known(), outline.sizes(), height, thickness(coats), readings);
    }

    /** The kind of outline, for those who draw it. */
    public OutlineKind kind() {
        return outline.known();
    }

    /** Sizes of the hole under its coats come from here, too. */
    public Values sizes() {
        return outline.sizes();
    }

    public double coatThickness() {
        return thickness(coats);
    }
}
