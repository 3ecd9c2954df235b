package sectorum.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import sectorum.material.Material;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A workshop's own recipes beside those that ship. What each needs is there, and none needs itself, neither directly nor
 * through others; what is made of one recipe for a mass is reckoned here (craft 4.3).
 */
public final class RecipeBook {
    public static final RecipeBook SHIPPED = new RecipeBook(List.of());
    /** More are a library; a workshop works by fewer. */
    private static final int MOST = 500;

    private final Map<String, Recipe> byId = new LinkedHashMap<>();
    private final int own;
    /** Every recipe after all that it needs. */
    private final List<Recipe> order = new ArrayList<>();

    /** @param own refused where one needs itself, needs what is not there, or is called as another is */
    public RecipeBook(Collection<Recipe> own) {
        if (own.size() > MOST) {
            throw new Refused(
                    "recipes",
                    Phrase.of(
                            "{} recipes are more than {}. Take some out first.",
                            Quantity.count(own.size()),
                            Quantity.count(MOST)));
        }
        this.own = own.size();
        for (Recipe recipe : own) {
            put(recipe);
        }
        ShippedRecipes.ALL.forEach(this::put);
        Set<String> done = new LinkedHashSet<>();
        for (Recipe recipe : byId.values()) {
            visit(recipe, new ArrayList<>(), done);
        }
    }

    private void put(Recipe recipe) {
        if (byId.putIfAbsent(recipe.id(), recipe) != null) {
            throw new Refused(
                    "id",
                    Phrase.of(
                            "There is a recipe \"{}\" already. Call this one otherwise.", Quantity.text(recipe.id())));
        }
    }

    private void visit(Recipe recipe, List<String> way, Set<String> done) {
        if (done.contains(recipe.id())) {
            return;
        }
        if (way.contains(recipe.id())) {
            List<String> round = new ArrayList<>(way.subList(way.indexOf(recipe.id()), way.size()));
            round.add(recipe.id());
            throw new Refused(
                    "parts.recipe",
                    Phrase.of(
                            "{} would need itself: {}. Take another recipe, or buy that part.",
                            Quantity.text(recipe.name()),
                            Quantity.text(String.join(" needs ", round))));
        }
        way.add(recipe.id());
        for (Ingredient part : recipe.parts()) {
            if (part.recipe() != null) {
                Recipe needed = byId.get(part.recipe());
                if (needed == null) {
                    throw new Refused(
                            "parts.recipe",
                            Phrase.of(
                                    "{} of {} is made by \"{}\", which is no recipe here. Bring that one in, too, or buy the part.",
                                    Quantity.text(part.name()),
                                    Quantity.text(recipe.name()),
                                    Quantity.text(part.recipe())));
                }
                visit(needed, way, done);
            }
        }
        way.remove(way.size() - 1);
        done.add(recipe.id());
        order.add(recipe);
    }

    /** Books of the same recipes are the same. */
    @Override
    public boolean equals(Object other) {
        return other instanceof RecipeBook book && book.own().equals(own());
    }

    @Override
    public int hashCode() {
        return own().hashCode();
    }

    /** The workshop's own first, then those that ship. */
    public List<Recipe> all() {
        return List.copyOf(byId.values());
    }

    /** The workshop's own. */
    public List<Recipe> own() {
        return all().subList(0, own);
    }

    public Optional<Recipe> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The recipe of that name; refused with the names there are. */
    public Recipe of(String id) {
        return find(id == null ? "" : id.toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new Refused(
                        "recipe",
                        Phrase.of(
                                "There is no recipe \"{}\". Choose one of: {}.",
                                Quantity.text("" + id),
                                Quantity.text(String.join(", ", byId.keySet())))));
    }

    /** What a material is usually made by where none of it is bought. */
    public static Optional<Recipe> usual(Material material) {
        return ShippedRecipes.USUAL.stream().filter(r -> r.makes() == material).findFirst();
    }

    /** For so many grams of what comes out. */
    public ScaledRecipe scaled(Recipe recipe, double grams) {
        Recipe.GRAMS.check(grams);
        return reckoned(recipe, grams);
    }

    /** The same for any mass: a batch may be small. */
    public ScaledRecipe reckoned(Recipe recipe, double grams) {
        Map<Recipe, Double> needed = needed(recipe, grams);
        double lost = 0;
        Set<String> allergens = new TreeSet<>();
        List<ScaledRecipe> first = new ArrayList<>();
        for (Recipe each : order) {
            Double makes = needed.get(each);
            if (makes != null) {
                lost += makes * (each.goesIn() - each.comesOut()) / each.comesOut();
                each.parts().stream().filter(p -> p.recipe() == null).forEach(p -> allergens.addAll(p.allergens()));
                // A part may be told to hold what its recipe does not show.
                each.parts().stream().filter(p -> p.recipe() != null).forEach(p -> allergens.addAll(p.allergens()));
                if (each != recipe) {
                    first.add(alone(each, makes));
                }
            }
        }
        return new ScaledRecipe(
                recipe.id(),
                recipe.name(),
                recipe.makes(),
                grams,
                lost,
                amounts(recipe, grams),
                first,
                List.copyOf(allergens),
                recipe.keeps(),
                recipe.rests(),
                recipe.note());
    }

    private static ScaledRecipe alone(Recipe recipe, double grams) {
        return new ScaledRecipe(
                recipe.id(),
                recipe.name(),
                recipe.makes(),
                grams,
                grams * (recipe.goesIn() - recipe.comesOut()) / recipe.comesOut(),
                amounts(recipe, grams),
                List.of(),
                List.of(),
                recipe.keeps(),
                recipe.rests(),
                recipe.note());
    }

    private static List<ScaledRecipe.Amount> amounts(Recipe recipe, double grams) {
        double k = grams / recipe.comesOut();
        return recipe.parts().stream()
                .map(p -> ScaledRecipe.Amount.of(p, k * p.grams()))
                .toList();
    }

    /** Grams of each recipe, the one asked for first, then what it needs: each before what that needs. */
    private Map<Recipe, Double> needed(Recipe recipe, double grams) {
        List<Recipe> outward = new ArrayList<>(order);
        Collections.reverse(outward);
        Map<Recipe, Double> needed = new LinkedHashMap<>();
        needed.put(recipe, grams);
        for (Recipe each : outward) {
            Double makes = needed.get(each);
            if (makes != null) {
                double k = makes / each.comesOut();
                for (Ingredient part : each.parts()) {
                    if (part.recipe() != null) {
                        needed.merge(byId.get(part.recipe()), k * part.grams(), Double::sum);
                    }
                }
            }
        }
        return needed;
    }

    /** What has to be bought for so many grams, by name; the recipes it needs taken apart. */
    public Map<String, Double> bought(Recipe recipe, double grams) {
        Map<String, Double> bought = new LinkedHashMap<>();
        Map<String, String> spelt = new LinkedHashMap<>();
        needed(recipe, grams).forEach((each, makes) -> {
            double k = makes / each.comesOut();
            for (Ingredient part : each.parts()) {
                if (part.recipe() == null) {
                    String name = spelt.computeIfAbsent(part.name().toLowerCase(Locale.ROOT), n -> part.name());
                    bought.merge(name, k * part.grams(), Double::sum);
                }
            }
        });
        return bought;
    }

    /**
     * As much as there is of one part.
     *
     * @param part which, from 0
     * @param have grams of it
     */
    public ScaledRecipe limited(Recipe recipe, int part, double have) {
        if (part < 0 || part >= recipe.parts().size()) {
            throw new Refused(
                    "part",
                    Phrase.of(
                            "{} has no part {}; there are {}, counted from 0.",
                            Quantity.text(recipe.name()),
                            Quantity.count(part),
                            Quantity.count(recipe.parts().size())));
        }
        HAVE.check(have);
        return scaled(recipe, have / recipe.parts().get(part).grams() * recipe.comesOut());
    }

    private static final sectorum.measure.Field HAVE = sectorum.measure.Field.mass(
            "have", "What there is of it", 0.1, 100_000, 500, "Weigh what is left of that part.");
}
