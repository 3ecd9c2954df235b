package sectorum.server.http;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.recipe.Recipe;
import sectorum.recipe.RecipeBook;
import sectorum.recipe.ScaledRecipe;
import sectorum.server.recipes.Recipes;

/** Recipes of the workshop's own beside those that ship: kept, scaled, taken out as a file and brought in. */
@RestController
@RequestMapping("/api/recipes")
class RecipeController {
    private static final String FORMAT = "sectorum-recipes";
    private static final int VERSION = 1;

    private final Recipes recipes;

    RecipeController(Recipes recipes) {
        this.recipes = recipes;
    }

    /** @param own whether it is the workshop's, and may be changed */
    record InBook(Recipe recipe, boolean own) {}

    /** The workshop's recipes as a file, or those of another. */
    record RecipeFile(String format, int version, List<Recipe> recipes) {
        RecipeFile {
            if (!FORMAT.equals(format)) {
                throw new Refused(
                        "format",
                        Phrase.of(
                                "These are not Sectorum recipes: the format is \"{}\", recipes have \"{}\".",
                                Quantity.text("" + format),
                                Quantity.text(FORMAT)));
            }
            if (version != VERSION) {
                throw new Refused(
                        "version",
                        Phrase.of(
                                "These recipes are of version {}; this Sectorum reads version {}. Bring them in with a newer one.",
                                Quantity.count(version),
                                Quantity.count(VERSION)));
            }
            Given.in("recipes", recipes);
            Given.all("recipes", recipes);
        }
    }

    @GetMapping
    List<InBook> all() {
        RecipeBook book = recipes.book();
        List<Recipe> own = book.own();
        return Stream.concat(
                        own.stream().map(r -> new InBook(r, true)),
                        book.all().stream().skip(own.size()).map(r -> new InBook(r, false)))
                .toList();
    }

    /** Keeps a recipe; one of the workshop's with the same id is written anew. */
    @PutMapping
    Recipe keep(@RequestBody Recipe recipe) {
        return recipes.keep(recipe);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable String id) {
        recipes.takeOut(id);
    }

    /** For a mass, or as much as there is of one part, which are counted from 0. */
    @GetMapping("/scaled")
    ScaledRecipe scaled(
            @RequestParam String id,
            @RequestParam(required = false) @Absent Double grams,
            @RequestParam(required = false) @Absent Integer part,
            @RequestParam(required = false) @Absent Double have) {
        RecipeBook book = recipes.book();
        Recipe recipe = book.of(id);
        if (part != null && have != null) {
            return book.limited(recipe, part, have);
        }
        return book.scaled(recipe, grams == null ? recipe.comesOut() : grams);
    }

    /** A recipe that is not kept yet, for a mass: what is typed is reckoned before it is saved. */
    @PostMapping("/tried")
    ScaledRecipe tried(@RequestBody Recipe recipe) {
        RecipeBook book = recipes.book();
        List<Recipe> own = Stream.concat(
                        book.own().stream().filter(r -> !r.id().equals(recipe.id())), Stream.of(recipe))
                .toList();
        RecipeBook with = new RecipeBook(own);
        return with.reckoned(recipe, recipe.comesOut());
    }

    @GetMapping("/file")
    RecipeFile file() {
        return new RecipeFile(FORMAT, VERSION, recipes.book().own());
    }

    /** All of a file or none of it. */
    @PostMapping("/file")
    Recipes.BroughtIn bringIn(@RequestBody RecipeFile file) {
        return recipes.keepAll(file.recipes());
    }
}
