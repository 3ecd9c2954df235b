package sectorum.server.http;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import sectorum.server.art.Drawer;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.plans.PlanService;
import sectorum.server.recipes.Recipes;

/** Finds things of the workshop by a few letters of what they are called. */
@RestController
class SearchController {
    /** Of each kind; whoever wants more types more letters. */
    private static final int MOST = 8;

    private static final int MOST_LETTERS = 80;

    private final PlanService plans;
    private final Cupboard cupboard;
    private final Recipes recipes;
    private final Drawer drawer;

    SearchController(PlanService plans, Cupboard cupboard, Recipes recipes, Drawer drawer) {
        this.plans = plans;
        this.cupboard = cupboard;
        this.recipes = recipes;
        this.drawer = drawer;
    }

    /** What kind of thing was found. */
    enum FoundKind {
        PLAN,
        THING,
        RECIPE,
        DRAWING
    }

    /**
     * A thing that is called so.
     *
     * @param under what tells it apart: a client, a colour
     * @param to where it is looked at
     */
    record SearchHit(FoundKind kind, String name, String under, String to) {}

    @GetMapping("/api/search")
    List<SearchHit> search(@RequestParam(defaultValue = "") String words) {
        String wanted = (words.length() > MOST_LETTERS ? words.substring(0, MOST_LETTERS) : words)
                .strip()
                .toLowerCase(Locale.ROOT);
        List<SearchHit> all = new ArrayList<>();
        add(
                all,
                wanted,
                plans.called(wanted, MOST).stream()
                        .map(p -> new SearchHit(FoundKind.PLAN, p.name(), p.client(), "/plan/" + p.id() + "/measure"))
                        .toList());
        if (!wanted.isEmpty()) {
            add(
                    all,
                    wanted,
                    cupboard.all().stream()
                            .map(t -> new SearchHit(FoundKind.THING, t.name(), t.colour(), "/cupboard"))
                            .toList());
            add(
                    all,
                    wanted,
                    recipes.own().stream()
                            .map(r -> new SearchHit(
                                    FoundKind.RECIPE, r.name(), r.makes().words(), "/cupboard"))
                            .toList());
            add(
                    all,
                    wanted,
                    drawer.all().stream()
                            .map(d -> new SearchHit(FoundKind.DRAWING, d.motif().name(), "", "/"))
                            .toList());
        }
        return all;
    }

    private static void add(List<SearchHit> all, String wanted, List<SearchHit> some) {
        some.stream()
                .filter(h ->
                        (h.name() + " " + h.under()).toLowerCase(Locale.ROOT).contains(wanted))
                .limit(MOST)
                .forEach(all::add);
    }
}
