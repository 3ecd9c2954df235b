package sectorum.plan;

import java.util.List;
import sectorum.divide.Front;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.surface.Reading;
import sectorum.surface.Side;

/**
 * One cake of the stack.
 *
 * @param outline its form and sizes before coats
 * @param height mm before coats; what the layers make where they are given
 * @param layers what the height is built from, where that is known
 * @param dummy whether it is not cake
 * @param coats what lies on it, inmost first; all round and once on top
 * @param readings what was taped on the finished tier
 * @param accepted the readings whose consequences have been looked at; left out: all of them
 * @param borders strips of the side that are spoken for
 * @param divisions one or more; dressings name theirs
 * @param dressings the tier's courses, foot to top
 * @param inside what it is filled with and stands in; absent: the usual
 */
public record Tier(
        String id,
        String name,
        OutlineSpec outline,
        double height,
        @Absent Layers layers,
        boolean dummy,
        List<Coat> coats,
        List<Reading> readings,
        @Absent List<Reading> accepted,
        List<Border> borders,
        List<DivisionSpec> divisions,
        List<Dressing> dressings,
        @Absent Inside inside) {
    static final int MOST_DRESSINGS = 24;
    private static final int USUAL_LAYERS = 3;
    /** A thinner layer breaks as it is lifted, mm. */
    private static final double THIN = 15;

    public static final Field HEIGHT =
            Field.length("height", "Height", 10, 600, 100, "Give the height of the cake alone, before coats.");

    public Tier {
        id = Check.id("tiers.id", id);
        name = Check.words("tiers.name", "A tier's name", name, 1, 60);
        outline = outline == null ? OutlineSpec.USUAL : outline;
        height = layers == null ? height : layers.height();
        HEIGHT.check(height);
        coats = Check.list("coats", "Coats", coats, 0, 6);
        readings = Check.list("readings", "Readings", readings, 0, 60);
        accepted = accepted == null || accepted.equals(readings)
                ? null
                : Check.list("accepted", "Readings", accepted, 0, 60);
        borders = Check.list("borders", "Borders", borders, 0, 12);
        Check.unique("borders", "Border", borders, Border::id);
        divisions = Check.list("divisions", "Divisions", divisions, 1, 6);
        Check.unique("divisions", "Division", divisions, DivisionSpec::id);
        dressings = Check.list("dressings", "Dressings", dressings, 0, MOST_DRESSINGS);
        Check.unique("dressings", "Dressing", dressings, Dressing::id);
        // Building the side once is the cheapest way to know that the sizes fit one another.
        Side.of(outline.known(), outline.sizes(), height, thickness(coats), readings);
    }

    /** The same under these coats, divided so. */
    Tier begun(List<Coat> under, DivisionSpec division) {
        return new Tier(
                id,
                name,
                outline,
                height,
                layers,
                dummy,
                under,
                readings,
                accepted,
                borders,
                List.of(division),
                dressings,
                inside);
    }

    /** The same without what is inside. */
    Tier seen() {
        return new Tier(
                id, name, outline, height, null, dummy, coats, readings, accepted, borders, divisions, dressings, null);
    }

    /** A tier with nothing said of its inside. */
    public Tier(
            String id,
            String name,
            OutlineSpec outline,
            double height,
            @Absent Layers layers,
            boolean dummy,
            List<Coat> coats,
            List<Reading> readings,
            @Absent List<Reading> accepted,
            List<Border> borders,
            List<DivisionSpec> divisions,
            List<Dressing> dressings) {
        this(id, name, outline, height, layers, dummy, coats, readings, accepted, borders, divisions, dressings, null);
    }

    /** A round tier as everybody begins with. */
    public static Tier fresh(String id, String name) {
        return new Tier(
                id,
                name,
                OutlineSpec.USUAL,
                100,
                null,
                false,
                List.of(new Coat("coat", 5), new Coat("covering", 3.5)),
                List.of(),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 8, null, Front.SECTION, null, List.of())),
                List.of());
    }

    /** The same of another form. */
    public Tier formed(OutlineSpec other, double high, List<Coat> under) {
        return new Tier(
                id, name, other, high, null, dummy, under, readings, accepted, borders, divisions, dressings, inside);
    }

    /** Whether readings came in since their consequences were last looked at. */
    public boolean isChanged() {
        return accepted != null;
    }

    /** The tier as it was when its readings were last accepted. */
    public Tier before() {
        return new Tier(
                id,
                name,
                outline,
                height,
                layers,
                dummy,
                coats,
                accepted == null ? readings : accepted,
                null,
                borders,
                divisions,
                dressings,
                inside);
    }

    /** What is inside it; the usual where nobody has said. */
    public Inside filled() {
        return inside == null ? Inside.USUAL : inside;
    }

    /** The same with another inside. */
    public Tier filled(Inside other) {
        return new Tier(
                id, name, outline, height, layers, dummy, coats, readings, accepted, borders, divisions, dressings,
                other);
    }

    /** Layers as they are told, or three with the usual filling between; fewer where they would be too thin to cut. */
    public Layers built() {
        if (layers != null) {
            return layers;
        }
        double between = ((Number) Layers.FILLING.fallback()).doubleValue();
        int count = (int) Math.max(1, Math.min(USUAL_LAYERS, Math.floor((height + between) / (THIN + between))));
        return new Layers(count, (height - (count - 1) * between) / count, between);
    }

    /** The dressing of that name, or refused. */
    public Dressing dressing(String name) {
        return dressings.stream()
                .filter(d -> d.id().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "dressing",
                        Phrase.of(
                                "This tier has no dressing \"{}\". Choose one of its courses.",
                                Quantity.text("" + name))));
    }

    /** The marks that a dressing goes by: those it names, or the first where this tier has none of that name. */
    public DivisionSpec marksOf(Dressing dressing) {
        return divisions.stream()
                .filter(d -> d.id().equals(dressing.division()))
                .findFirst()
                .orElse(divisions.get(0));
    }

    public boolean hasDressing(String name) {
        return dressings.stream().anyMatch(d -> d.id().equals(name));
    }

    /** The same tier in other courses. */
    public Tier wearing(List<Dressing> others) {
        return new Tier(
                id, name, outline, height, layers, dummy, coats, readings, accepted, borders, divisions, others,
                inside);
    }

    private static double thickness(List<Coat> coats) {
        return coats.stream().mapToDouble(Coat::thickness).reduce(0, Double::sum);
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

    /** All coats together, mm. */
    public double coatThickness() {
        return thickness(coats);
    }
}
