package sectorum.recipe;

import java.util.List;
import java.util.Locale;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;

/**
 * A part of a recipe.
 *
 * @param amount in its unit
 * @param density g/ml spooned level, or g each of what is counted; absent: it is only weighed
 * @param recipe that it is made by; absent: it is bought
 * @param allergens it holds; empty: none of those one tells of
 */
public record Ingredient(
        String name,
        double amount,
        KitchenUnit unit,
        @Absent Double density,
        @Absent String recipe,
        List<String> allergens) {
    private static final double MOST = 100_000;
    private static final double MOST_DENSITY = 2000;
    private static final int MOST_ALLERGENS = 12;

    public Ingredient {
        name = Wording.checked("parts.name", "A part's name", name, 1, 60);
        unit = unit == null ? KitchenUnit.GRAM : unit;
        if (!(amount > 0 && amount <= MOST)) {
            throw new Refused(
                    "parts.amount",
                    Phrase.of(
                            "{} of {} is outside 0 to {}. Give how much of it the recipe takes, or leave the part out.",
                            Quantity.plain(amount),
                            Quantity.text(name),
                            Quantity.plain(MOST)));
        }
        if (density == null ? unit.needsDensity() : !(density > 0 && density <= MOST_DENSITY)) {
            throw new Refused(
                    "parts.density",
                    Phrase.of(
                            unit == KitchenUnit.PIECE
                                    ? "What one {} weighs is outside 0 to {} g: {}. Weigh one."
                                    : "The density of {} is outside 0 to {} g/ml: {}. Weigh a cup of it, or give grams.",
                            Quantity.text(name),
                            Quantity.plain(MOST_DENSITY),
                            density == null ? Quantity.text("none is given") : Quantity.plain(density)));
        }
        recipe = recipe == null || recipe.isBlank() ? null : recipe.strip();
        allergens = allergens == null
                ? List.of()
                : allergens.stream()
                        .map(a -> Wording.checked("parts.allergens", "An allergen", a, 1, 40)
                                .toLowerCase(Locale.ROOT))
                        .distinct()
                        .sorted()
                        .toList();
        if (allergens.size() > MOST_ALLERGENS) {
            throw new Refused(
                    "parts.allergens",
                    Phrase.of(
                            "{} names {} allergens; up to {} are told. Join some.",
                            Quantity.text(name),
                            Quantity.count(allergens.size()),
                            Quantity.count(MOST_ALLERGENS)));
        }
    }

    /** Weighed, bought, with nothing to tell of. */
    static Ingredient of(String name, double grams, double density, String... allergens) {
        return new Ingredient(name, grams, KitchenUnit.GRAM, density, null, List.of(allergens));
    }

    /** Grams of it in the recipe as written. */
    public double grams() {
        return amount * unit.grams(density == null ? 1 : density);
    }
}
