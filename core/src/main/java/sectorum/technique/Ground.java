package sectorum.technique;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import sectorum.material.Material;
import sectorum.measure.Absent;

/**
 * What a dressing lies on, and what comes after it.
 *
 * @param coat what the tier wears outermost; absent: nothing is known of it
 * @param wanted whether it goes over pieces, even where there are none
 * @param pieces it goes over; empty: it lies on the surface itself
 * @param later names of the tier's courses that go on after it
 */
public record Ground(@Absent Material coat, boolean wanted, List<Pieces> pieces, List<String> later) {
    public static final Ground BARE = new Ground(null, false, List.of(), List.of());

    public Ground {
        pieces = List.copyOf(pieces);
        later = List.copyOf(later);
    }

    /** What any of it is made of. */
    Set<Material> materials() {
        Set<Material> all = new TreeSet<>();
        if (!wanted && coat != null) {
            all.add(coat);
        }
        pieces.forEach(p -> all.addAll(p.materials()));
        return all;
    }

    int count() {
        return pieces.stream().mapToInt(Pieces::count).sum();
    }

    /** One face of all of them, mm². */
    double area() {
        return pieces.stream().mapToDouble(Pieces::area).reduce(0, Double::sum);
    }

    /** All their edges, mm. */
    double edges() {
        return pieces.stream().mapToDouble(Pieces::edges).reduce(0, Double::sum);
    }

    /**
     * Pieces of one dressing.
     *
     * @param name what it is called
     * @param dressed as it follows from its settings
     * @param turns which of its colours are meant; empty: all
     */
    public record Pieces(String name, Dressed dressed, Set<Integer> turns) {
        public Pieces {
            turns = Set.copyOf(turns);
        }

        private boolean meant(int colour) {
            return turns.isEmpty() || turns.contains(colour);
        }

        Set<Material> materials() {
            Set<Material> all = new TreeSet<>();
            dressed.making().used().stream().filter(u -> meant(u.colour())).forEach(u -> all.add(u.material()));
            dressed.making().wanted().stream().filter(w -> meant(w.colour())).forEach(w -> all.add(w.material()));
            return all;
        }

        int count() {
            return (int)
                    dressed.layout().placements().stream().filter(this::isMeant).count();
        }

        private boolean isMeant(Layout.Placement p) {
            return dressed.layout().shapes().get(p.shape()).role() == Layout.Role.PIECE && meant(p.colour());
        }

        double area() {
            double[] each =
                    dressed.layout().shapes().stream().mapToDouble(Pieces::face).toArray();
            return dressed.layout().placements().stream()
                    .filter(this::isMeant)
                    .mapToDouble(p -> each[p.shape()] * p.size() * p.size())
                    .reduce(0, Double::sum);
        }

        double edges() {
            List<Layout.Shape> shapes = dressed.layout().shapes();
            double[] each = shapes.stream()
                    .mapToDouble(s -> Flat.length(s.xz(), s.closed()))
                    .toArray();
            boolean free = shapes.stream().anyMatch(s -> s.role() == Layout.Role.EDGE);
            Layout.Role gilded = free ? Layout.Role.EDGE : Layout.Role.PIECE;
            return dressed.layout().placements().stream()
                    .filter(p -> shapes.get(p.shape()).role() == gilded && meant(p.colour()))
                    .mapToDouble(p -> each[p.shape()] * p.size())
                    .reduce(0, Double::sum);
        }

        /** Of a flat piece its area, of a cord the half of it that is seen, mm². */
        private static double face(Layout.Shape shape) {
            return shape.closed() ? Flat.area(shape.xz()) : Flat.length(shape.xz(), false) * Math.PI / 2 * shape.wide();
        }
    }
}
