package sectorum.server.http;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.material.Material;
import sectorum.measure.Given;
import sectorum.recipe.Deepening;
import sectorum.recipe.Swatch;
import sectorum.server.recipes.Swatches;

/** Colours that deepen: what was seen of them, and how much of one reaches a shade. */
@RestController
@RequestMapping("/api/swatches")
class ColourController {
    private final Swatches swatches;

    ColourController(Swatches swatches) {
        this.swatches = swatches;
    }

    /**
     * A shade wanted of a colour in a bowl.
     *
     * @param hours until it is looked at
     * @param grams in the bowl
     * @param have g of the colour in it already
     */
    record ShadeRequest(String colour, Material material, String shade, double hours, double grams, double have) {
        ShadeRequest {
            Given.in("colour", colour);
            Given.in("material", material);
        }
    }

    /** A dose whose shades are wanted, now and after hours. */
    record DoseRequest(String colour, Material material, double dose, double hours) {
        DoseRequest {
            Given.in("colour", colour);
            Given.in("material", material);
            Swatch.DOSE.check(dose);
            Deepening.HOURS.check(hours);
        }
    }

    /** #rrggbb as it is mixed, and when it is looked at. */
    record Shades(String now, String later) {}

    @GetMapping
    List<Swatch> all() {
        return swatches.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Swatch keep(@RequestBody Swatch seen) {
        return swatches.keep(seen);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        swatches.takeOut(id);
    }

    @PostMapping("/shades")
    Shades shades(@RequestBody DoseRequest asked) {
        Deepening deepening = swatches.deepening(asked.colour(), asked.material());
        return new Shades(deepening.shade(asked.dose(), 0), deepening.shade(asked.dose(), asked.hours()));
    }

    /** The dose that comes as near as it can without going past the shade. */
    @PostMapping("/reach")
    Deepening.Reached reach(@RequestBody ShadeRequest asked) {
        return swatches.deepening(asked.colour(), asked.material())
                .reach(asked.shade(), asked.hours(), asked.grams(), asked.have());
    }
}
