package sectorum.server.recipes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.recipe.Ingredient;
import sectorum.recipe.Recipe;
import sectorum.recipe.RecipeBook;
import sectorum.server.tenancy.Tenancy;
import tools.jackson.databind.json.JsonMapper;

/** The workshop's recipes. Whatever is kept makes a whole book: nothing in it needs itself, or what is not there. */
@Service
public class Recipes {
    private final RecipeRepository rows;
    private final Tenancy tenancy;
    private final JsonMapper json;

    Recipes(RecipeRepository rows, Tenancy tenancy, JsonMapper json) {
        this.rows = rows;
        this.tenancy = tenancy;
        this.json = json;
    }

    /** How many of a file were new, and how many took the place of one that was there. */
    public record BroughtIn(int fresh, int replaced) {}

    @Transactional
    public RecipeBook book() {
        return new RecipeBook(own());
    }

    /** Those of the workshop alone. */
    @Transactional
    public List<Recipe> own() {
        return rows.findByWorkshopIdOrderById(tenancy.workshop()).stream()
                .map(row -> json.readValue(row.document(), Recipe.class))
                .toList();
    }

    /** Keeps a recipe; one of the same id is written anew. */
    @Transactional
    public Recipe keep(Recipe recipe) {
        keepAll(List.of(recipe));
        return recipe;
    }

    /** Keeps all or, where the book would not hold together, none. */
    @Transactional
    public BroughtIn keepAll(List<Recipe> recipes) {
        // One after the other: two that each fit alone may need one another.
        long workshop = tenancy.held();
        Map<String, RecipeRow> known = new HashMap<>();
        rows.findByWorkshopIdOrderById(workshop).forEach(row -> known.put(row.name(), row));
        Map<String, Recipe> book = new HashMap<>();
        own().forEach(r -> book.put(r.id(), r));
        int replaced = 0;
        for (Recipe recipe : recipes) {
            replaced += book.put(recipe.id(), recipe) == null ? 0 : 1;
        }
        new RecipeBook(book.values());
        for (Recipe recipe : recipes) {
            RecipeRow row = known.computeIfAbsent(recipe.id(), id -> new RecipeRow(workshop, id));
            row.write(json.writeValueAsString(recipe));
            rows.save(row);
        }
        return new BroughtIn(recipes.size() - replaced, replaced);
    }

    /** Takes one out; refused while another needs it. */
    @Transactional
    public void takeOut(String id) {
        long workshop = tenancy.held();
        List<String> needing = new ArrayList<>();
        for (Recipe other : own()) {
            if (!other.id().equals(id)
                    && other.parts().stream().map(Ingredient::recipe).anyMatch(id::equals)) {
                needing.add(other.name());
            }
        }
        if (!needing.isEmpty()) {
            throw new Refused(
                    "id",
                    Phrase.of(
                            "\"{}\" is a part of {}. Take it out there first.",
                            Quantity.text(id),
                            Quantity.text(String.join(", ", needing))));
        }
        rows.deleteAll(rows.findByWorkshopIdOrderById(workshop).stream()
                .filter(row -> row.name().equals(id))
                .toList());
    }
}
