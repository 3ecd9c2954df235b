package sectorum.recipe;

import java.util.List;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;

/**
 * A recipe for a mass.
 *
 * @param recipe its id
 * @param grams that come out
 * @param lost grams that boil or bake away, in the recipes it needs, too
 * @param amounts to be weighed out
 * @param first the recipes it needs, each for as much as is needed, in the order in which they are made
 * @param allergens of all that goes in, by name
 */
public record ScaledRecipe(
        String recipe,
        String label,
        Material makes,
        double grams,
        double lost,
        List<Amount> amounts,
        List<ScaledRecipe> first,
        List<String> allergens,
        @Absent Double keeps,
        @Absent Double rests,
        String note) {
    private static final double TABLESPOON_ML = 15;
    private static final double TEASPOON_ML = 5;
    private static final double OUNCE_G = 28.349523125;
    /** A quarter of a teaspoon is the smallest spoon in a set. */
    private static final double FINEST = 0.25;
    /** Nobody measures flour by the hundredth spoon: from so many tablespoons on one weighs. */
    private static final double MOST_SPOONS = 24;

    public ScaledRecipe {
        amounts = List.copyOf(amounts);
        first = List.copyOf(first);
        allergens = List.copyOf(allergens);
    }

    /** So many times as much of it; what it needs first is left out. */
    public ScaledRecipe times(double k) {
        List<Amount> scaled = amounts.stream().map(a -> a.times(k)).toList();
        return new ScaledRecipe(
                recipe, label, makes, grams * k, lost * k, scaled, List.of(), allergens, keeps, rests, note);
    }

    /**
     * An ingredient weighed out.
     *
     * @param tablespoons level, whole; absent where one would weigh
     * @param teaspoons level, beside the tablespoons, to the quarter
     * @param pieces where it is counted
     * @param density that the spoons were reckoned with, g/ml; absent: it is only weighed, or counted
     * @param recipe that makes it; absent: it is bought
     */
    public record Amount(
            String name,
            double grams,
            double ounces,
            @Absent Integer tablespoons,
            @Absent Double teaspoons,
            @Absent Double pieces,
            @Absent Double density,
            @Absent String recipe,
            List<String> allergens) {
        static Amount of(Ingredient part, double grams) {
            boolean counted = part.unit() == KitchenUnit.PIECE;
            Double pieces = counted ? (Double) (grams / part.density()) : null;
            return of(part.name(), grams, pieces, counted ? null : part.density(), part.recipe(), part.allergens());
        }

        private Amount times(double k) {
            return of(name, grams * k, pieces == null ? null : pieces * k, density, recipe, allergens);
        }

        private static Amount of(
                String name,
                double grams,
                @Absent Double pieces,
                @Absent Double density,
                @Absent String recipe,
                List<String> allergens) {
            double teaspoons = density == null ? 0 : Elementary.rint(grams / density / TEASPOON_ML / FINEST) * FINEST;
            double each = TABLESPOON_ML / TEASPOON_ML;
            boolean spooned = teaspoons >= FINEST && teaspoons <= MOST_SPOONS * each;
            int tablespoons = (int) Math.floor(teaspoons / each);
            return new Amount(
                    name,
                    grams,
                    grams / OUNCE_G,
                    spooned ? tablespoons : null,
                    spooned ? teaspoons - tablespoons * each : null,
                    pieces,
                    density,
                    recipe,
                    allergens);
        }
    }
}
