package sectorum.make;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import sectorum.bench.Stock;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Inside;
import sectorum.plan.Table;
import sectorum.plan.Tier;

/** Recipes that a plan names against those the workshop has: a plan travels, its workshop's recipes stay. */
final class RecipeFits {
    static final Rule RECIPE = new Rule(
            "fit.recipe",
            Level.LOOK,
            "A batch is told to be made by a recipe that is not here, or that makes something else.");

    private RecipeFits() {}

    /** What a batch was told to be made by; absent: nothing. */
    @Absent
    static String asked(Batch batch, Table table) {
        String said = table.recipe(batch.id());
        return said != null || batch.filled().isEmpty()
                ? said
                : batch.filled().get(0).recipe();
    }

    /** Found where a batch does not go by what it was told. */
    static Optional<Fits.Fit> of(Batch batch, List<Tier> tiers, Stock stock, Table table) {
        String asked = asked(batch, table);
        if (asked == null || asked.equals(batch.recipe())) {
            return Optional.empty();
        }
        Quantity words = Quantity.text(batch.material().words());
        Phrase said = stock.recipes()
                .find(asked)
                .map(r -> Phrase.of(
                        "{} is told to be made by {}, which makes {}.",
                        words,
                        Quantity.text(r.name()),
                        Quantity.text(r.makes().words())))
                .orElse(Phrase.of(
                        "{} is told to be made by \"{}\", which is no recipe of this workshop: its parts are on no list, and"
                                + " its allergens are the usual ones. Bring the recipe in.",
                        words,
                        Quantity.text(asked)));
        String tier = batch.filled().isEmpty() ? "" : batch.filled().get(0).tier();
        Finding finding =
                RECIPE.found(said, table.recipe(batch.id()) == null ? tier(tiers, tier) : table(batch, table));
        return Optional.of(new Fits.Fit(tier, "", "", finding));
    }

    private static Mend table(Batch batch, Table table) {
        Map<String, String> others = new TreeMap<>(table.recipes());
        others.remove(batch.id());
        return usual(batch.material().words(), new Change(Change.Target.TABLE, "recipes", others));
    }

    private static Mend tier(List<Tier> tiers, String id) {
        Tier tier = tiers.stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
        Inside now = tier.filled();
        Inside usual = new Inside(now.filling(), null, now.syrup(), now.grip(), now.seam(), null);
        return usual(tier.name(), new Change(Change.Target.TIER, "inside", usual));
    }

    private static Mend usual(String what, Change change) {
        return new Mend(Phrase.of("Make {} the usual way", Quantity.text(what)), List.of(change));
    }
}
