package sectorum.divide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;

/**
 * A paper band folded round and up: 2^i (or 3·2^i, in thirds first) columns by 2^j rows (craft 2.4, 7).
 *
 * @param columns round the side
 * @param rows up the side
 * @param width of a cell, mm
 * @param height of a cell, mm
 */
public record Fold(int columns, int rows, double width, double height) {
    /** More layers of paper than this no hand folds sharply. */
    private static final int MOST_COLUMNS = 48;

    private static final int MOST_ROWS = 16;
    public static final Field SHAPE = new Field(
            "fold.shape",
            "Cell, width to height",
            Quantity.Kind.PLAIN,
            0.1,
            10,
            1.0,
            List.of(),
            "1 is a square, 0.5 twice as high as wide.");

    /**
     * The grids a band of P × H folds to, nearest to the wanted shape first (by the ratio of ratios), then nearest to the
     * wanted width.
     */
    public static List<Fold> grids(double p, double h, double shape, double wantedWidth) {
        SHAPE.check(shape);
        List<Fold> grids = new ArrayList<>();
        for (int columns = 1; columns <= MOST_COLUMNS; columns++) {
            if (!Preference.folds(columns)) {
                continue;
            }
            for (int rows = 1; rows <= MOST_ROWS; rows *= 2) {
                grids.add(new Fold(columns, rows, p / columns, h / rows));
            }
        }
        grids.sort(Comparator.comparingDouble((Fold f) -> Math.abs(Elementary.log(f.width / f.height / shape)))
                .thenComparingDouble(f -> Math.abs(Elementary.log(f.width / wantedWidth))));
        return grids;
    }

    /** What folding cannot do with this count, or null when it can. */
    public static Phrase cannot(int n) {
        if (Preference.folds(n)) {
            return null;
        }
        int below = n;
        while (!Preference.folds(below)) {
            below--;
        }
        int above = n;
        while (!Preference.folds(above)) {
            above++;
        }
        return Phrase.of(
                "Paper folds to {} or {}, never to {}.",
                Quantity.count(below),
                Quantity.count(above),
                Quantity.count(n));
    }

    /** Whether a repeat of so many colours closes on these columns; 2^i never closes three. */
    public static boolean closes(int columns, int colours) {
        return columns % colours == 0;
    }
}
