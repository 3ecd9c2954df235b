package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import sectorum.measure.Quantity;

/** The figures at the end of every dressing's list that its making gives. */
final class Totals {
    private static final String PIECES = "Pieces and spares";
    private static final String LENGTH = "To pipe or extrude";
    private static final String WEIGHT = "Net weight";
    private static final String HANDS = "Hands";

    private Totals() {}

    static List<Figure> pieces(Making making) {
        return making.pieces() > 0
                ? List.of(Figure.of(PIECES, Quantity.text(making.pieces() + " + " + making.spares())))
                : List.of();
    }

    /** Length, weight and hands. */
    static List<Figure> amounts(Making making) {
        List<Figure> figures = new ArrayList<>();
        double length = making.used().stream().mapToDouble(Making.Used::length).reduce(0, Double::sum);
        if (length > 0) {
            figures.add(Figure.of(LENGTH, Quantity.length(length)));
        }
        if (making.grams() > 0) {
            figures.add(Figure.of(WEIGHT, Quantity.mass(making.grams())));
        }
        figures.add(Figure.of(HANDS, Quantity.minutes(making.minutes())));
        return figures;
    }

    /** The total of that name; none: it is no total. */
    static Optional<Figure> of(String name, Making making) {
        List<Figure> all = new ArrayList<>(pieces(making));
        all.addAll(amounts(making));
        return all.stream().filter(f -> f.name().equals(name)).findFirst();
    }
}
