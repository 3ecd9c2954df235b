package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.drawing.Box;
import sectorum.measure.Elementary;
import sectorum.measure.Quantity;
import sectorum.surface.Surface;
import sectorum.technique.Catalogue;
import sectorum.technique.Figure;
import sectorum.technique.Layout;

/**
 * The dry fit of art (craft 3H): which other courses of the same surface have pieces where it lies, by the boxes of both. Whoever set it
 * on purpose learns nothing new, whoever did not is told before anything is cut.
 */
final class LiesOver {
    /** Touching is not lying over, mm. */
    private static final double TOUCHES = 0.5;

    /** Where a piece lies, unrolled: its middle along the foot, and how far it reaches to both sides. */
    private record Place(double s, double left, double right, double low, double high) {
        boolean meets(Place other, double around) {
            double off = other.s - s;
            off -= Elementary.rint(off / around) * around;
            return off + other.left < right - TOUCHES
                    && off + other.right > left + TOUCHES
                    && other.low < high - TOUCHES
                    && other.high > low + TOUCHES;
        }
    }

    private LiesOver() {}

    /** The same courses, each of art with the names of those that it lies over, or that lie over it. */
    static List<TierWorkup.Worn> told(List<TierWorkup.Worn> worn, Surface side) {
        if (worn.stream().noneMatch(LiesOver::isArt)) {
            return worn;
        }
        List<TierWorkup.Worn> told = new ArrayList<>();
        for (TierWorkup.Worn one : worn) {
            told.add(
                    isArt(one)
                            ? one.with(Figure.of("Shares its place with", Quantity.text(names(one, worn, side))))
                            : one);
        }
        return told;
    }

    private static boolean isArt(TierWorkup.Worn worn) {
        return Catalogue.of(worn.technique()).drawsArt()
                && !worn.layout().placements().isEmpty();
    }

    private static String names(TierWorkup.Worn art, List<TierWorkup.Worn> worn, Surface side) {
        List<Place> own = places(art.layout());
        List<String> names = new ArrayList<>();
        for (TierWorkup.Worn other : worn) {
            boolean beside = other == art || other.surface() != art.surface() || other.finish() != null;
            if (!beside && meet(own, places(other.layout()), side.period())) {
                names.add(other.name());
            }
        }
        return names.isEmpty() ? "nothing" : String.join(", ", names);
    }

    private static boolean meet(List<Place> own, List<Place> others, double around) {
        return others.stream().anyMatch(o -> own.stream().anyMatch(p -> p.meets(o, around)));
    }

    private static List<Place> places(Layout layout) {
        List<Box> boxes = layout.shapes().stream().map(s -> Box.of(s.xz())).toList();
        List<Place> places = new ArrayList<>();
        for (Layout.Placement p : layout.placements()) {
            Box box = boxes.get(p.shape());
            // Turned, a piece reaches no further than its corners do.
            double[] reach = {Double.MAX_VALUE, -Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE};
            for (double x : new double[] {box.left(), box.right()}) {
                for (double z : new double[] {box.low(), box.high()}) {
                    double along = p.size() * (x * Elementary.cos(p.turn()) - z * Elementary.sin(p.turn()));
                    double up = p.size() * (x * Elementary.sin(p.turn()) + z * Elementary.cos(p.turn()));
                    reach[0] = Math.min(reach[0], along);
                    reach[1] = Math.max(reach[1], along);
                    reach[2] = Math.min(reach[2], up);
                    reach[3] = Math.max(reach[3], up);
                }
            }
            places.add(new Place(p.s(), reach[0], reach[1], p.z() + reach[2], p.z() + reach[3]));
        }
        return places;
    }
}
