package sectorum.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Absent;
import sectorum.measure.Rounding;
import sectorum.recipe.Recipe;
import sectorum.recipe.RecipeBook;

/**
 * What is needed less what is there, in packs as sold; and what each batch takes from the cupboard. Batches take in their
 * order, from the thing that serves best, first from what has its colour.
 */
public final class Shopping {
    private final Stock stock;
    private final Map<Long, Double> left = new HashMap<>();
    private final Map<MaterialNeed, double[]> needs = new LinkedHashMap<>();
    private final List<Taking> takings = new ArrayList<>();
    private final Map<String, Double> costs = new LinkedHashMap<>();

    /**
     * A line of the shopping list.
     *
     * @param colour it is bought in; empty: as it comes
     * @param thing in the cupboard, as which it is bought; absent: none is known
     * @param coloured what of it is coloured first, by colour
     * @param need grams or pieces, as the kind is counted
     * @param have of it that is in stock and used here
     * @param packs how many are bought; 0: as much as is missing
     * @param price of what is bought; absent: no price is known
     */
    public record Buy(
            ThingKind kind,
            String name,
            String colour,
            double across,
            @Absent Long thing,
            List<Colouring> coloured,
            double need,
            double have,
            double missing,
            int packs,
            double pack,
            @Absent Double price) {}

    /** So many grams that are coloured. */
    public record Colouring(String colour, double grams) {}

    /** Grams that a batch takes from a thing in the cupboard, as far as there is any. */
    public record Taking(String batch, long thing, String name, double amount) {}

    Shopping(Stock stock) {
        this.stock = stock;
        stock.things().stream().filter(t -> t.id() != null).forEach(t -> left.put(t.id(), t.stock()));
    }

    /**
     * Takes what a batch is mixed from out of the stock, and notes what is missing.
     *
     * @param made whether it was taken before: then it needs nothing more, and only costs
     */
    void take(Batch batch, boolean made) {
        double cost = 0;
        for (Map.Entry<MaterialNeed, Double> entry : needed(batch).entrySet()) {
            cost += made
                    ? priced(serving(entry.getKey()), entry.getValue())
                    : take(batch.id(), entry.getKey(), entry.getValue());
        }
        costs.put(batch.id(), cost);
    }

    /** What serves a need, the best first. */
    private List<Thing> serving(MaterialNeed need) {
        return stock.things().stream()
                .filter(t -> need.served(t) > 0)
                .sorted(Comparator.comparingInt((Thing t) -> -need.served(t)).thenComparing(Thing::name))
                .toList();
    }

    private static double priced(List<Thing> serving, double grams) {
        return grams * serving.stream().findFirst().map(Thing::each).orElse(Double.NaN);
    }

    private Map<MaterialNeed, Double> needed(Batch batch) {
        Map<MaterialNeed, Double> needed = new LinkedHashMap<>();
        double grams = batch.parts().kneaded();
        Recipe recipe = recipe(batch);
        if (recipe != null && grams > 0) {
            double powder = batch.mixed().stream()
                    .filter(Batch.Mixed::powder)
                    .mapToDouble(Batch.Mixed::grams)
                    .reduce(0, Double::sum);
            // Powder that the weather asks for is kneaded into what the recipe gives.
            stock.recipes()
                    .bought(recipe, batch.recipe() == null ? grams : grams - powder)
                    .forEach((name, each) -> {
                        if (!name.equalsIgnoreCase("water")) {
                            needed.merge(MaterialNeed.supply(name), each, Double::sum);
                        }
                    });
            if (batch.recipe() != null && powder > 0) {
                needed.merge(MaterialNeed.supply(MaterialNeed.POWDER), powder, Double::sum);
            }
            return needed;
        }
        if (batch.form() == Batch.Form.BAKE
                || batch.material().isWeighed()
                || (batch.form() == Batch.Form.BOUGHT && !batch.material().isSized())) {
            needed.merge(MaterialNeed.ready(batch), grams, Double::sum);
            return needed;
        }
        if (batch.form() == Batch.Form.BOUGHT) {
            double all = batch.lines().stream()
                    .mapToDouble(l -> l.net() + l.spared())
                    .reduce(0, Double::sum);
            for (CutLine line : batch.lines()) {
                double share = all > 0 ? (line.net() + line.spared()) / all : 0;
                needed.merge(MaterialNeed.pearls(batch.tint(), line.width()), grams * share, Double::sum);
            }
            return needed;
        }
        if (batch.form() == Batch.Form.SHEET) {
            needed.merge(MaterialNeed.sheets(batch), (double) batch.rolls(), Double::sum);
            return needed;
        }
        boolean owned = owned(batch);
        for (Batch.Mixed mixed : batch.mixed()) {
            needed.merge(MaterialNeed.of(mixed), mixed.grams(), Double::sum);
        }
        // A ready mix on the shelf spares the mixing; the powder that makes modelling paste is in it already.
        if (batch.material().isMixed() && owned) {
            needed.clear();
            batch.mixed().stream()
                    .filter(m -> !m.powder() || batch.material().powder().rolledOnly())
                    .forEach(m -> needed.merge(
                            MaterialNeed.of(new Batch.Mixed(batch.material(), m.tint(), m.powder(), 0)),
                            m.grams(),
                            Double::sum));
        }
        return needed;
    }

    /** Whether the cupboard knows the material itself, be there any of it or none. */
    private boolean owned(Batch batch) {
        if (batch.material().isWeighed()) {
            return stock.things().stream()
                    .anyMatch(t -> MaterialNeed.ready(batch).served(t) > 0);
        }
        MaterialNeed whole = new MaterialNeed(
                ThingKind.PASTE, batch.material(), batch.material().words(), "", 0);
        return stock.things().stream().anyMatch(t -> whole.served(t) > 0 || t.isPaste(batch.material()));
    }

    /** The recipe it says; else the usual one, where the cupboard does not know what it makes; absent: it is bought. */
    @Absent
    private Recipe recipe(Batch batch) {
        if (batch.recipe() != null) {
            return stock.recipes().of(batch.recipe());
        }
        // What is mixed from other pastes needs those, whatever recipe there is for it beside.
        return batch.material().isMixed() || owned(batch)
                ? null
                : RecipeBook.usual(batch.material()).orElse(null);
    }

    private double take(String batch, MaterialNeed need, double grams) {
        double[] sums = needs.computeIfAbsent(need, n -> new double[2]);
        sums[0] += grams;
        double wanted = grams;
        double cost = 0;
        List<Thing> serving = serving(need);
        for (Thing thing : serving) {
            double there = thing.id() == null ? 0 : left.getOrDefault(thing.id(), 0.0);
            double taken = Math.min(there, wanted);
            if (taken > 0) {
                left.put(thing.id(), there - taken);
                takings.add(new Taking(batch, thing.id(), thing.name(), taken));
                wanted -= taken;
                sums[1] += taken;
                cost += taken * thing.each();
            }
        }
        if (wanted > 1e-9) {
            cost += priced(serving, wanted);
        }
        return cost;
    }

    /** Grams cost by batch; not a number where a price is not known. */
    double cost(String batch) {
        return costs.getOrDefault(batch, 0.0);
    }

    List<Taking> takings() {
        return List.copyOf(takings);
    }

    /** What is needed, by kind and name; what is all there, too, with nothing missing. */
    List<Buy> list(List<Thing> wanted) {
        List<Buy> list = new ArrayList<>();
        // What serves several needs is bought once for all of them: a tub of white is coloured into many.
        Map<Object, List<MaterialNeed>> bought = new LinkedHashMap<>();
        for (MaterialNeed need : needs.keySet()) {
            Object as = serving(need).stream().findFirst().map(t -> (Object) t).orElse(need);
            bought.computeIfAbsent(as, t -> new ArrayList<>()).add(need);
        }
        bought.values().forEach(served -> list.add(buy(served)));
        list.sort(Comparator.comparing(Buy::kind).thenComparing(Buy::name).thenComparing(Buy::colour));
        for (Thing thing : wanted) {
            list.add(new Buy(
                    thing.kind(), thing.name(), thing.colour(), 0, null, List.of(), 1, 0, 1, 1, 1, thing.price()));
        }
        return list;
    }

    private Buy buy(List<MaterialNeed> served) {
        MaterialNeed first = served.get(0);
        double amount = served.stream().mapToDouble(n -> needs.get(n)[0]).reduce(0, Double::sum);
        double have = served.stream().mapToDouble(n -> needs.get(n)[1]).reduce(0, Double::sum);
        // Sums of doubles miss by their last bits; nobody buys those.
        double missing = amount - have < 1e-6 ? 0 : amount - have;
        Optional<Thing> as = serving(first).stream().findFirst();
        double pack = as.map(Thing::pack).orElse(0.0);
        int packs = missing > 0 && pack > 0 ? (int) Rounding.ceil(missing / pack) : 0;
        double each = as.map(Thing::each).orElse(Double.NaN);
        double bought = packs > 0 ? packs * pack : missing;
        List<Colouring> coloured = served.stream()
                .filter(n ->
                        as.isPresent() && n.served(as.get()) == 1 && !n.colour().isEmpty())
                .map(n -> new Colouring(n.colour(), needs.get(n)[0]))
                .toList();
        return new Buy(
                first.kind(),
                first.name(),
                as.map(Thing::colour).orElse(first.colour()),
                first.across(),
                as.map(Thing::id).orElse(null),
                coloured,
                amount,
                have,
                missing,
                packs,
                pack,
                missing > 0 && Double.isFinite(each) ? bought * each : null);
    }
}
