package sectorum.make;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import sectorum.bench.Stock;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.plan.Colour;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.recipe.Recipe;
import sectorum.recipe.RecipeBook;
import sectorum.recipe.ScaledRecipe;
import sectorum.technique.Making;

/**
 * All that a design puts on the table. Pure: the same jobs, coverings and stock give the same worktop.
 *
 * @param batches in the order of rolling, each with its part of the cut list
 * @param recipes for what the workshop makes itself
 * @param shopping needs, what of them is in stock, and what is bought
 * @param takings what each batch takes from the cupboard when it is made
 * @param jobs each dressing's and covering's part of it all
 * @param findings whether tools fit
 */
public record Worktop(
        List<Batch> batches,
        List<ScaledRecipe> recipes,
        List<Shopping.Buy> shopping,
        List<Shopping.Taking> takings,
        List<Part> jobs,
        List<Fits.Fit> findings,
        Total total) {
    public Worktop {
        batches = List.copyOf(batches);
        recipes = List.copyOf(recipes);
        shopping = List.copyOf(shopping);
        takings = List.copyOf(takings);
        jobs = List.copyOf(jobs);
        findings = List.copyOf(findings);
    }

    /** What can hold a dressing, with the reason. */
    public record School(Adhesive adhesive, String words, String why) {
        static School of(Adhesive adhesive) {
            return new School(adhesive, adhesive.words(), adhesive.why());
        }
    }

    /**
     * A dressing's part, or a covering's where the dressing is empty.
     *
     * @param materials what its paste costs; absent: a price is not known
     * @param hands what its hours cost; absent: the workshop does not count them
     * @param joint what it is stuck with, in words; empty for a covering
     * @param turns contacts that turn it over
     * @param mirrored whether it is drawn mirrored
     */
    public record Part(
            String tier,
            String dressing,
            String name,
            int pieces,
            int spares,
            double net,
            double kneaded,
            double minutes,
            @Absent Double materials,
            @Absent Double hands,
            String joint,
            String why,
            List<School> schools,
            List<Making.Turn> turns,
            boolean mirrored) {
        public Part {
            schools = List.copyOf(schools);
            turns = List.copyOf(turns);
        }
    }

    /**
     * All told.
     *
     * @param kneaded g of what is kneaded, mixed or bought
     * @param baked g of cake
     * @param materials of all whose price is known
     * @param unpriced how many batches have a part without a price
     */
    public record Total(
            int pieces,
            int spares,
            double net,
            double kneaded,
            double baked,
            double minutes,
            double materials,
            int unpriced,
            @Absent Double hands) {}

    /** @param table how the plan is made, with what is meant to be bought */
    public static Worktop of(
            List<Covering> coverings,
            List<Filled> filled,
            List<Job> jobs,
            List<Tier> tiers,
            Stock owned,
            Table table,
            List<Colour> palette) {
        Stock stock = owned.with(table.wanted());
        List<Batch> batches = Batches.of(coverings, filled, jobs, stock, table, palette);
        Shopping shopping = new Shopping(owned);
        batches.forEach(batch -> shopping.take(batch, table.isMade(batch.id())));
        List<Part> parts = parts(coverings, filled, jobs, batches, shopping, owned, table);
        return new Worktop(
                batches,
                recipes(batches, owned),
                shopping.list(table.wanted()),
                shopping.takings(),
                parts,
                Fits.of(jobs, batches, tiers, stock, table),
                total(parts, batches, shopping, owned));
    }

    private static Total total(List<Part> parts, List<Batch> batches, Shopping shopping, Stock stock) {
        double minutes = parts.stream().mapToDouble(Part::minutes).reduce(0, Double::sum);
        double known = 0;
        int unpriced = 0;
        for (Batch batch : batches) {
            double cost = shopping.cost(batch.id());
            if (Double.isFinite(cost)) {
                known += cost;
            } else {
                unpriced++;
            }
        }
        return new Total(
                parts.stream().mapToInt(Part::pieces).sum(),
                parts.stream().mapToInt(Part::spares).sum(),
                made(batches, false).mapToDouble(b -> b.parts().net()).reduce(0, Double::sum),
                made(batches, false).mapToDouble(b -> b.parts().kneaded()).reduce(0, Double::sum),
                made(batches, true).mapToDouble(b -> b.parts().kneaded()).reduce(0, Double::sum),
                minutes,
                known,
                unpriced,
                stock.hour() == null ? null : minutes / 60 * stock.hour());
    }

    private static java.util.stream.Stream<Batch> made(List<Batch> batches, boolean baked) {
        return batches.stream().filter(b -> baked == (b.form() == Batch.Form.BAKE));
    }

    /** Those that batches say, then the usual ones of what is left, each for all of its batches. */
    private static List<ScaledRecipe> recipes(List<Batch> batches, Stock stock) {
        Map<Recipe, Double> grams = new LinkedHashMap<>();
        for (Batch batch : batches) {
            Recipe recipe = batch.recipe() == null
                    ? RecipeBook.usual(batch.material()).orElse(null)
                    : stock.recipes().of(batch.recipe());
            if (recipe != null && batch.parts().kneaded() >= 1) {
                grams.merge(recipe, batch.parts().kneaded(), Double::sum);
            }
        }
        return grams.entrySet().stream()
                .map(e -> stock.recipes().reckoned(e.getKey(), e.getValue()))
                .toList();
    }

    private static List<Part> parts(
            List<Covering> coverings,
            List<Filled> filled,
            List<Job> jobs,
            List<Batch> batches,
            Shopping shopping,
            Stock stock,
            Table table) {
        Map<String, double[]> sums = new LinkedHashMap<>();
        for (Batch batch : batches) {
            double all = batch.shares().stream().mapToDouble(Batch.Share::grams).reduce(0, Double::sum);
            for (Batch.Share share : batch.shares()) {
                double[] sum = sums.computeIfAbsent(share.job(), j -> new double[2]);
                sum[0] += share.grams();
                // A batch that trimmings cover costs nothing more.
                sum[1] += all > 0 ? shopping.cost(batch.id()) * share.grams() / all : 0;
            }
        }
        List<Part> parts = new ArrayList<>();
        Map<String, Double> covered = new LinkedHashMap<>();
        filled.forEach(f -> covered.merge(f.tier(), f.grams(), Double::sum));
        coverings.forEach(c -> covered.merge(c.tier(), c.stays(), Double::sum));
        covered.forEach((tier, net) -> {
            double[] sum = sums.getOrDefault(tier + "/", new double[2]);
            String name = tier.isEmpty() ? "Board" : "Filling, coats and covering";
            parts.add(new Part(
                    tier, "", name, 0, 0, net, sum[0], 0, money(sum[1]), null, "", "", List.of(), List.of(), false));
        });
        for (Job job : jobs) {
            double[] sum = sums.getOrDefault(job.id(), new double[2]);
            parts.add(part(job, sum, stock, table.joints().get(job.id())));
        }
        return parts;
    }

    private static Part part(Job job, double[] sum, Stock stock, @Absent Adhesive chosen) {
        Making making = job.making();
        double minutes = making.minutes();
        return new Part(
                job.tier(),
                job.dressing(),
                job.name(),
                // What is made ahead for it is a job of its own.
                making.cutPieces(),
                making.cutSpares(),
                making.grams(),
                sum[0],
                minutes,
                money(sum[1]),
                stock.hour() == null ? null : minutes / 60 * stock.hour(),
                chosen == null ? making.adhesive() : chosen.words(),
                chosen == null ? making.why() : chosen.why(),
                schools(making),
                making.turns(),
                making.isMirrored());
    }

    /** What could hold it; none where it holds itself or is pressed in. */
    private static List<School> schools(Making making) {
        boolean free = making.adhesive().equals(Adhesive.NONE.words())
                || making.adhesive().equals(Adhesive.ITSELF.words());
        if (free || making.used().isEmpty()) {
            return List.of();
        }
        List<Adhesive> all = making.used().get(0).material().adhesives();
        return all.stream().map(School::of).toList();
    }

    @Absent
    private static Double money(double sum) {
        return Double.isFinite(sum) ? sum : null;
    }

    /** What people must be told that a batch holds: by the recipe it says, else what its material usually brings. */
    public List<String> allergens(Batch batch) {
        return recipes.stream()
                .filter(r -> r.recipe().equals(batch.recipe()))
                .findFirst()
                .map(ScaledRecipe::allergens)
                .orElse(batch.material().allergens());
    }

    /** Grams of a paste over all batches, kneaded; for whoever tells it in one number. */
    public double kneaded(Material material) {
        return batches.stream()
                .filter(b -> b.material() == material)
                .mapToDouble(b -> b.parts().kneaded())
                .reduce(0, Double::sum);
    }
}
